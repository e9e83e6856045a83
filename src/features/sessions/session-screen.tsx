"use client";
import { useRouter } from "next/navigation";
import { type ReactNode, useState } from "react";
import { toast } from "sonner";
import { api } from "@/browser/api";
import { wasNotHeld } from "@/core/live/forgotten";
import type { SessionState } from "@/core/live/session";
import { fieldsIn, instantIn, zoneName } from "@/core/live/when";
import { FilePlace, FilesDialog } from "@/features/files/files-dialog";
import { useTexts } from "@/features/language/use-texts";
import { useWords } from "@/features/language/use-words";
import { AfterwordsDialog } from "@/features/log/afterwords-dialog";
import { PLACES, TopLine } from "@/features/top-line/top-line";
import { Button, ButtonLink } from "@/ui/button";
import { Dialog } from "@/ui/dialog";
import { SquareCode } from "@/ui/square-code";
import { Trouble } from "@/ui/trouble";
import { stateText } from "@/words/session-words";
import { longWhen } from "@/words/when-words";
import { type AskedLine, AskedPeople } from "./asked-people";
import { CallLinkField } from "./call-link-field";
import { WhenFields } from "./when-fields";
import { type BusyTimes, WhileBusy } from "./while-busy";

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
  /** When the instructor can't, and how long the class is. */
  readonly busy: BusyTimes;
  readonly seconds: number;
  readonly asked: readonly AskedLine[];
  readonly others: readonly { readonly id: string; readonly name: string }[];
  /** The log, once there is one. */
  readonly children?: ReactNode;
}

type Panel = "move" | "cancel" | "remote" | "files";

/** One session: when it is, what to do next, and who is asked; afterwards its log. */
export function SessionScreen(props: Props) {
  const t = useTexts("sessions");
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
    if (at === null) return setTrouble(t("noDateTime"));
    const body = { startsAt: new Date(at).toISOString(), timeZone: when.timeZone };
    return act(api("PUT", `/api/sessions/${id}`, body), t("movedWriteThoseWho"));
  };
  const notHeld = wasNotHeld(state, startsAtMs, props.nowMs);
  return (
    <>
      <TopLine here="sessions" places={PLACES} />
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
            onOpen={() => setState("open", t("roomOpen"))}
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
          title={t("move")}
          description={t("calendarEntriesWereSent")}
        >
          <WhenFields value={when} onChange={setWhen} />
          <WhileBusy when={when} seconds={props.seconds} busy={props.busy} />
          {trouble && <p className="mt-2 text-rust">{trouble}</p>}
          <p className="mt-3">
            <Button look="solid" onClick={move}>
              {t("move")}
            </Button>
          </p>
        </Dialog>
        <Dialog
          open={panel === "cancel"}
          onOpenChange={(open) => setPanel(open ? "cancel" : null)}
          title={t("cancelSession")}
          description={t("cantBeTaughtAny")}
        >
          <div className="flex gap-2">
            <Button look="solid" onClick={() => setState("cancelled", t("cancelled2"))}>
              {t("cancelSession2")}
            </Button>
            <Button onClick={() => setPanel(null)}>{t("keep")}</Button>
          </div>
        </Dialog>
        <FilesDialog
          open={panel === "files"}
          onOpenChange={(open) => setPanel(open ? "files" : null)}
          base={`/api/sessions/${id}/export`}
          dated
        >
          {state === "ended" && <LogFiles id={id} />}
        </FilesDialog>
        <Dialog
          open={panel === "remote"}
          onOpenChange={(open) => setPanel(open ? "remote" : null)}
          title={t("remoteYourOwnPhone")}
          description={t("openAddressYourPhone")}
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
  const t = useTexts("sessions");
  const words = useWords();
  const { id, state, classId } = session;
  const ahead = state === "planned" || state === "open";
  const going = (state === "open" && !notHeld) || state === "running";
  return (
    <div className="flex shrink-0 gap-2">
      {state === "planned" && !notHeld && (
        <Button look="solid" onClick={onOpen}>
          {t("openRoom")}
        </Button>
      )}
      {going && (
        <>
          <ButtonLink href={`/teach/${id}`} look="solid">
            {t("teach")}
          </ButtonLink>
          <ButtonLink href={`/stage/${id}`} plain>
            {t("stage")}
          </ButtonLink>
          <Button onClick={() => onPanel("remote")}>{t("remote")}</Button>
        </>
      )}
      {ahead && (
        <Button look={notHeld ? "solid" : undefined} onClick={() => onPanel("move")}>
          {t("move2")}
        </Button>
      )}
      {ahead && <Button onClick={() => onPanel("cancel")}>{t("cancel")}</Button>}
      {state === "ended" && <AfterwordsDialog id={id} />}
      {!notHeld && state !== "cancelled" && (
        <Button onClick={() => onPanel("files")}>{words.phrase("files", "word")}</Button>
      )}
      {classId && <ButtonLink href={`/classes/${classId}`}>{t("class2")}</ButtonLink>}
    </div>
  );
}

/** What was written down of it. */
function LogFiles({ id }: { readonly id: string }) {
  const words = useWords();
  const log = `/api/sessions/${id}/log`;
  const table = words.phrase("files", "logTable");
  const whole = words.phrase("files", "log");
  const word = words.phrase("files", "make");
  return (
    <>
      <FilePlace
        name={table}
        about={words.phrase("files", "logTableFor")}
        ending="csv"
        act={
          <ButtonLink href={`${log}?form=csv`} label={`${word}: ${table}`} plain>
            {word}
          </ButtonLink>
        }
      />
      <FilePlace
        name={whole}
        about={words.phrase("files", "logFor")}
        ending="json"
        act={
          <ButtonLink href={log} label={`${word}: ${whole}`} plain>
            {word}
          </ButtonLink>
        }
      />
    </>
  );
}

/** Where one's own phone leads a class. */
function RemoteAddress({ address, path }: { readonly address: string; readonly path: string }) {
  const t = useTexts("sessions");
  return (
    <div className="flex items-start gap-5">
      <SquareCode text={address} label={t("addressSquareCodePhones")} />
      <p className="min-w-0 break-all">
        <a className="font-bold underline underline-offset-2" href={path}>
          {address}
        </a>
      </p>
    </div>
  );
}
