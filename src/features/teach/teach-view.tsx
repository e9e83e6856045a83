"use client";
import type { ReactNode } from "react";
import type { ClassDoc } from "@/core/class/document";
import type { LiveScore } from "@/core/live/live-score";
import type { PeopleNow } from "@/core/live/people-now";
import type { Presence } from "@/core/live/presence";
import { shownState } from "@/core/live/runs";
import type { MoveBook } from "@/core/moves/book";
import type { Part } from "@/core/parts/part";
import type { SlotFace } from "@/drawing/faces";
import { useTexts } from "@/features/language/use-texts";
import { useWords } from "@/features/language/use-words";
import { ClockBar } from "@/features/live/clock-bar";
import { countView } from "@/features/live/count-view";
import type { Lead } from "@/features/live/lead";
import { RunningScore } from "@/features/live/running-score";
import { type NowText, presenceText } from "@/words/live-words";
import { BelowWords, type Hurting } from "./below-words";
import { OwnPlaces } from "./own-places";
import { TopRow, Words } from "./teach-words";

/** A class that goes on, read from three metres: taught in earnest, or rehearsed. `children`: what it is led with. */
export function TeachView(props: {
  readonly lead: Lead;
  readonly says: NowText;
  readonly leader: string | null;
  readonly presence: Presence;
  readonly score: LiveScore;
  readonly doc: ClassDoc;
  readonly book: MoveBook;
  readonly faces: ReadonlyMap<string, SlotFace>;
  readonly parts: readonly Part[];
  /** As they are done at the levels of now. */
  readonly now: readonly Part[];
  readonly people: PeopleNow;
  readonly show: string;
  readonly mirror: boolean;
  readonly hurt: Hurting | null;
  /** Whether it fills the screen by itself; true where left out. */
  readonly fills?: boolean;
  readonly children?: ReactNode;
}) {
  const t = useTexts("teach");
  const words = useWords();
  const { lead, says, leader, presence, score, doc, book, parts, now, people, show } = props;
  const { state } = lead;
  return (
    <main
      className={`afar night flex flex-col bg-night text-night-text ${props.fills === false ? "grow" : "min-h-screen"}`}
      data-phase={state.phase}
      data-index={state.index}
    >
      <h1 className="sr-only">{t("teaching", { title: doc.title })}</h1>
      <TopRow {...{ lead, says, leader }} presence={presenceText(presence, words)} />
      <div className="px-8">
        <ClockBar state={shownState(score.runs, state)} says={says} count={countView(score, state, words)} />
      </div>
      <Words says={says} paused={state.phase === "paused"} mirror={props.mirror} />
      {says.ownLines && (
        <OwnPlaces {...{ score, doc, book, lead, presence }} lines={says.ownLines} parts={now} />
      )}
      <BelowWords {...{ parts, now, people, show }} slotId={says.slotId} hurt={props.hurt} />
      <RunningScore doc={doc} score={score} state={state} faces={props.faces} />
      {props.children}
    </main>
  );
}
