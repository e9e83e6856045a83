"use client";
/** The phone of one simulated person: what they would see and could press. */
import { useMemo } from "react";
import type { ClassDoc } from "@/core/class/document";
import { seenBy } from "@/core/live/events";
import type { LiveScore } from "@/core/live/live-score";
import { placeAmong } from "@/core/live/own-pace";
import { ownParts } from "@/core/live/own-part";
import { peopleNow } from "@/core/live/people-now";
import { withPicks } from "@/core/live/picks";
import type { SessionContent } from "@/core/live/session";
import type { MoveBook } from "@/core/moves/book";
import type { Rehearsal } from "@/core/rehearsal/rehearsal";
import type { Lead } from "@/features/live/lead";
import { answersOf } from "@/features/part/answers-of";
import { During } from "@/features/part/during";
import { OwnPaceScreen } from "@/features/part/own-pace";
import type { DuringProps } from "@/features/part/own-told";
import { useOwnCounting } from "@/features/part/use-own-count";

const nothing = () => undefined;

interface Props {
  readonly content: SessionContent;
  readonly score: LiveScore;
  readonly shown: ClassDoc;
  readonly book: MoveBook;
  readonly rehearsal: Rehearsal;
  readonly lead: Lead;
  /** Roster id. */
  readonly person: string;
}

export function RehearsedPhone(props: Props) {
  const { content, person } = props;
  const parts = useMemo(() => ownParts(person, content.parts, content.partsByMark), [person, content]);
  return parts && <Screen {...props} parts={parts} />;
}

function Screen(props: Props & { readonly parts: NonNullable<ReturnType<typeof ownParts>> }) {
  const { score, shown, book, rehearsal, lead, person, parts } = props;
  const events = useMemo(() => seenBy(lead.events, person), [lead.events, person]);
  const now = useMemo(() => peopleNow(events), [events]);
  const mark = now.marks.get(person) ?? null;
  const own = mark === null ? parts.usual : parts.byMark[mark];
  const picks = now.picks.get(person);
  const part = useMemo(() => withPicks(own, picks), [own, picks]);
  const counting = useOwnCounting(shown, score, part, book);
  const hurts = now.hurt.some((entry) => entry.person === person);
  const during: DuringProps = {
    ...{ token: "", person: { id: person, name: part.name }, doc: shown, score, book, part },
    ...{ easier: parts.byMark.flat, state: lead.state, events, mark, easing: false, other: false },
    ...{ reached: true, held: null, hurt: { pressed: hurts, told: hurts, open: true } },
    ...{ cues: { muted: true, mute: nothing }, counting, ...answersOf(now, person) },
    ...{ lateMs: 0, within: null, keepLate: nothing, now: lead.now },
    enter: (...said) => rehearsal.enter(person, ...said),
  };
  const place = placeAmong(score, lead.state, lead.events, lead.now(), person, part);
  return place ? <OwnPaceScreen {...during} place={place} /> : <During {...during} />;
}
