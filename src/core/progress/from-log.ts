/** What somebody confirmed of a class as exposures: only what was said counts, not what was filled in for them. */
import { type ClassDoc, doseAt, findSlot, loadAt, type Slot } from "../class/document";
import { inEach, type SlotDone } from "../log/entries";
import type { LoggedPerson } from "../log/log-file";
import type { KnownMove } from "../moves/book";
import type { PartSlot } from "../parts/part";
import { reserveAt, reserveSet } from "../strength/predict";
import { spanTriple } from "../values/span";
import type { Exposure, ExposureKind } from "./exposure";

/** A class that is over, as one person is known of it. */
export interface LoggedClass {
  readonly day: string;
  readonly doc: ClassDoc;
  readonly own: LoggedPerson;
  /** Slots in which they said that it hurt. */
  readonly hurt: ReadonlySet<string>;
}

function kindOf(own: PartSlot, move: KnownMove | undefined): ExposureKind {
  if (own.reps !== null) return "reps";
  return move?.holdSeconds === undefined ? "timed" : "hold";
}

/** Seconds that were meant of each set of a timed piece or a hold. */
function secondsMeant(own: PartSlot, slot: Slot): number | null {
  const { seconds, hold } = doseAt(slot, 0);
  const set = seconds ?? hold;
  return own.seconds ?? (set === undefined ? null : spanTriple(set).plan);
}

/** The exposures of one class: of slots that were confirmed, and of those that hurt. */
export function exposuresIn(
  { day, doc, own: person, hurt }: LoggedClass,
  moveOf: (id: string) => KnownMove | undefined,
): readonly Exposure[] {
  const effort = person.kept.effort?.value ?? null;
  return (person.part?.slots ?? []).flatMap((own): Exposure[] => {
    const said: SlotDone | null = person.kept[`slot:${own.slot}`]?.value ?? null;
    const slot = findSlot(doc, own.slot)?.slot;
    if (!slot || own.move === null || own.status === "unmet" || (said === null && !hurt.has(own.slot)))
      return [];
    const done = said ? inEach(said, own) : {};
    const setsMeant = own.sets?.length ?? done.sets ?? 0;
    return [
      {
        day,
        move: own.move,
        kind: kindOf(own, moveOf(own.move)),
        sets: done.sets ?? 0,
        setsMeant,
        reps: done.reps ?? null,
        repsMeant: own.reps,
        seconds: done.seconds ?? null,
        secondsMeant: own.reps === null ? secondsMeant(own, slot) : null,
        eachKg: done.eachKg ?? null,
        more: done.more ?? null,
        reserveMeant: reserveAt(own.mark, reserveSet(loadAt(slot, 0), doc.stance)),
        effort,
        hurt: hurt.has(own.slot),
      },
    ];
  });
}
