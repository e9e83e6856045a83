"use client";
import { devicesNow } from "@/core/live/devices-now";
import type { LiveScore } from "@/core/live/live-score";
import type { PeopleNow } from "@/core/live/people-now";
import type { Asked, Presence } from "@/core/live/presence";
import type { KnownMove } from "@/core/moves/book";
import { useTexts } from "@/features/language/use-texts";
import type { Lead } from "@/features/live/lead";
import { Dialog } from "@/ui/dialog";
import { EndDialog } from "./end-dialog";
import { FinishDialog } from "./finish-dialog";
import { NoteDialog } from "./note-dialog";
import { PeopleDialog } from "./people-dialog";
import { SubstituteDialog } from "./substitute-dialog";
import { keyText, TEACH_KEYS } from "./use-teach-keys";

export type TeachPanel = "finish" | "substitute" | "people" | "note" | "keys" | "end";

/** What opens over Teach: one at a time, closed with Escape. */
export function TeachDialogs(props: {
  readonly id: string;
  readonly panel: TeachPanel | null;
  readonly onPanel: (panel: TeachPanel | null) => void;
  readonly lead: Lead;
  readonly score: LiveScore;
  readonly presence: Presence;
  readonly people: PeopleNow;
  readonly asked: readonly Asked[];
  readonly others: readonly Asked[];
  readonly onAdded: (person: Asked) => void;
  readonly slot: string | null;
  readonly move: KnownMove | null;
}) {
  const t = useTexts("teach");
  const { id, panel, onPanel, lead } = props;
  const of = (name: TeachPanel) => ({
    open: panel === name,
    onOpenChange: (open: boolean) => onPanel(open ? name : null),
  });
  return (
    <>
      <FinishDialog
        {...of("finish")}
        score={props.score}
        events={lead.events}
        state={lead.state}
        now={lead.now}
        command={lead.command}
      />
      <SubstituteDialog
        {...of("substitute")}
        session={id}
        slot={props.slot}
        move={props.move}
        asked={props.asked}
      />
      <PeopleDialog
        {...of("people")}
        session={id}
        presence={props.presence}
        people={props.people}
        others={props.others}
        onAdded={props.onAdded}
        devices={devicesNow(lead.events)}
        within={lead.within}
      />
      <NoteDialog {...of("note")} onNote={(text) => lead.command("note", { text })} />
      <Dialog {...of("keys")} night wide title={t("keys")}>
        <dl className="grid grid-cols-[16rem_1fr] gap-y-1.5 text-xl">
          {TEACH_KEYS.map(({ shown, words }) => (
            <div key={shown} className="contents">
              <dt className="font-bold">{keyText(shown, t)}</dt>
              <dd>{t(words)}</dd>
            </div>
          ))}
        </dl>
      </Dialog>
      <EndDialog {...of("end")} onEnd={() => lead.command("end")} />
    </>
  );
}
