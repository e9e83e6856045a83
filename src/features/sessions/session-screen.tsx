"use client";
import { useRouter } from "next/navigation";
import { type ReactNode, useState } from "react";
import { toast } from "sonner";
import { api } from "@/browser/api";
import { wasNotHeld } from "@/core/live/forgotten";
import type { SessionState } from "@/core/live/session";
import { fieldsIn, instantIn, zoneName } from "@/core/live/when";
import { useWords } from "@/features/language/use-words";
import { AfterwordsDialog } from "@/features/log/afterwords-dialog";
import { Button, ButtonLink } from "@/ui/button";
import { Dialog } from "@/ui/dialog";
import { SquareCode } from "@/ui/square-code";
import { PLACES, TopLine } from "@/ui/top-line";
import { Trouble } from "@/ui/trouble";
import { stateText } from "@/words/session-words";
import { longWhen } from "@/words/when-words";
import { type AskedLine, AskedPeople } from "./asked-people";
import { CallLinkField } from "./call-link-field";
import { WhenFields } from "./when-fields";

interface Props {
  readonly id: string;
  readonly classId: string | null;
  readonly title: string;
  readonly state: SessionState;
  readonly startsAtMs: number;
  readonly timeZone: string;
  readonly nowMs: number;
  readonly origin: string;
  /** Of the video call; empty where none was said. */
  readonly callLink: string;
  readonly asked: readonly AskedLine[];
  readonly others: readonly { readonly id: string; readonly name: string }[];
  /** The log, once there is one. */
  readonly children?: ReactNode;
}

type Panel = "move" | "cancel" | "remote";

/** One session: when it is, what to do next, and who is asked; afterwards its log. */
export function SessionScreen(props: Props) {
  const words = useWords();
  const { id, state, title, startsAtMs, timeZone } = props;
  const router = useRouter();
  const [panel, setPanel] = useState<Panel | null>(null);
  const [when, setWhen] = useState({ ...fieldsIn(startsAtMs, timeZone), timeZone });
  const [trouble, setTrouble] = useState<string | null>(null);
  const act = async (work: ReturnType<typeof api>, done: string) => {
    const reply = await work;
    setTrouble(reply.ok ? null : reply.failure.message);
    if (!reply.ok) return;
    if (done) toast.success(done);
    setPanel(null);
    router.refresh();
  };
  const setState = (to: "open" | "cancelled", done: string) =>
    act(api("PUT", `/api/sessions/${id}/state`, { state: to }), done);
  const move = () => {
    const at = instantIn(when.date, when.time, when.timeZone);
    if (at === null) return setTrouble("That is no date and time.");
    const body = { startsAt: new Date(at).toISOString(), timeZone: when.timeZone };
    return act(api("PUT", `/api/sessions/${id}`, body), "Moved. Write to those who were invited again.");
  };
  const notHeld = wasNotHeld(state, startsAtMs, props.nowMs);
  return (
    <>
      <TopLine here="Sessions" places={PLACES} />
      <main className="mx-auto max-w-6xl px-6 py-5">
        <div className="flex items-end justify-between gap-6 border-b-2 border-ink pb-3">
          <div className="min-w-0">
            <p className="text-quiet" suppressHydrationWarning>
              {longWhen(startsAtMs, timeZone, words)}, {zoneName(timeZone)} ·{" "}
              <b className="text-ink">{stateText(state, startsAtMs, props.nowMs, words)}</b>
            </p>
            <h1 className="truncate text-2xl font-bold">{title}</h1>
          </div>
          <WhatNext
            session={props}
            notHeld={notHeld}
            onOpen={() => setState("open", "The room is open.")}
            onPanel={setPanel}
          />
        </div>
        {(state === "planned" || state === "open" || state === "running") && (
          <CallLinkField id={id} link={props.callLink} />
        )}
        {panel === null && <Trouble className="mt-3">{trouble}</Trouble>}
        {state === "ended" ? (
          props.children
        ) : (
          <AskedPeople id={id} state={state} notHeld={notHeld} asked={props.asked} others={props.others} />
        )}
        <Dialog
          open={panel === "move"}
          onOpenChange={(open) => setPanel(open ? "move" : null)}
          title="Move it"
          description="Calendar entries that were sent out are updated by the next invitation."
        >
          <WhenFields value={when} onChange={setWhen} />
          {trouble && <p className="mt-2 text-rust">{trouble}</p>}
          <p className="mt-3">
            <Button look="solid" onClick={move}>
              Move it
            </Button>
          </p>
        </Dialog>
        <Dialog
          open={panel === "cancel"}
          onOpenChange={(open) => setPanel(open ? "cancel" : null)}
          title="Cancel this session?"
          description="It can't be taught any more. Write to those who were invited afterwards: the message takes it out of their calendars."
        >
          <div className="flex gap-2">
            <Button look="solid" onClick={() => setState("cancelled", "Cancelled.")}>
              Cancel the session
            </Button>
            <Button onClick={() => setPanel(null)}>Keep it</Button>
          </div>
        </Dialog>
        <Dialog
          open={panel === "remote"}
          onOpenChange={(open) => setPanel(open ? "remote" : null)}
          title="Remote, for your own phone"
          description="Open this address on your phone and sign in there. Pause, next, ten seconds more, a round less, and who hurts."
        >
          <RemoteAddress address={`${props.origin}/remote/${id}`} path={`/remote/${id}`} />
        </Dialog>
      </main>
    </>
  );
}

/** What can be done with a session as it stands. */
function WhatNext({
  session,
  notHeld,
  onOpen,
  onPanel,
}: {
  readonly session: Pick<Props, "id" | "state" | "classId">;
  readonly notHeld: boolean;
  readonly onOpen: () => void;
  readonly onPanel: (panel: Panel) => void;
}) {
  const { id, state, classId } = session;
  const ahead = state === "planned" || state === "open";
  const going = (state === "open" && !notHeld) || state === "running";
  return (
    <div className="flex shrink-0 gap-2">
      {state === "planned" && !notHeld && (
        <Button look="solid" onClick={onOpen}>
          Open the room
        </Button>
      )}
      {going && (
        <>
          <ButtonLink href={`/teach/${id}`} look="solid">
            Teach
          </ButtonLink>
          <ButtonLink href={`/stage/${id}`} plain>
            Stage
          </ButtonLink>
          <Button onClick={() => onPanel("remote")}>Remote</Button>
        </>
      )}
      {ahead && (
        <Button look={notHeld ? "solid" : undefined} onClick={() => onPanel("move")}>
          Move
        </Button>
      )}
      {ahead && <Button onClick={() => onPanel("cancel")}>Cancel it</Button>}
      {state === "ended" && (
        <>
          <AfterwordsDialog id={id} />
          <ButtonLink href={`/api/sessions/${id}/log?form=csv`} plain>
            Table
          </ButtonLink>
          <ButtonLink href={`/api/sessions/${id}/log`} plain>
            Log file
          </ButtonLink>
        </>
      )}
      {classId && <ButtonLink href={`/classes/${classId}`}>The class</ButtonLink>}
    </div>
  );
}

/** Where one's own phone leads a class. */
function RemoteAddress({ address, path }: { readonly address: string; readonly path: string }) {
  return (
    <div className="flex items-start gap-5">
      <SquareCode text={address} label="The address as a square code for a phone's camera" />
      <p className="min-w-0 break-all">
        <a className="font-bold underline underline-offset-2" href={path}>
          {address}
        </a>
      </p>
    </div>
  );
}
