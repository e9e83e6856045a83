/** Six weeks of winter behind Harbour Steps: twice a week, with people who grow, stall, are away and hurt. */
import { eq } from "drizzle-orm";
import { doseAt, findSlot, type Slot } from "../src/core/class/document";
import { isMain } from "../src/core/effort/hard";
import type { SessionContent } from "../src/core/live/session";
import { BY_SELF, type SlotDone, type Written } from "../src/core/log/entries";
import { LIBRARY_BOOK } from "../src/core/moves/library";
import type { PartLoad, PartSlot } from "../src/core/parts/part";
import { maximumAt, Strengths } from "../src/core/strength/belief";
import { loadMoved } from "../src/core/strength/load";
import type { More } from "../src/core/strength/more";
import { scaledMove } from "../src/core/strength/scaled";
import { dayOf } from "../src/core/units";
import { spanTriple } from "../src/core/values/span";
import { frozenContent } from "../src/server/content";
import { db } from "../src/server/db/client";
import { person } from "../src/server/db/schema";
import { write } from "../src/server/log";
import { DAY, evening, type Rows, taught, writtenAfter } from "./seed-taught";

const WEEKS = 6;
/** Days before today on which the first of a week's two classes was, and the second. */
const DAYS = [5, 2] as const;

type Story = "grows" | "steady" | "stalls";
const STORIES: Readonly<Record<string, Story>> = {
  bo: "grows",
  emeka: "grows",
  petra: "grows",
  wren: "grows",
  gil: "grows",
  sunniva: "grows",
  tomasz: "steady",
  hanne: "steady",
  dunstan: "steady",
  noor: "steady",
  ines: "grows",
  aiko: "steady",
  mads: "stalls",
  osk: "stalls",
  farah: "steady",
  teo: "steady",
  ysolde: "grows",
  kit: "grows",
};
/** Who wasn't there in which weeks before now, counted back from 1. */
const AWAY: Readonly<Record<string, readonly number[]>> = {
  ysolde: [3, 4],
  vik: [1, 2, 3, 4],
  rhea: [2, 5],
  kit: [1, 2, 3],
  quill: [1, 3, 5, 6],
};
/** Weeks back in which it hurt, and in which of the main moves, from 0. */
const HURT: Readonly<Record<string, { readonly weeks: readonly number[]; readonly slot: number }>> = {
  teo: { weeks: [1, 4], slot: 1 },
  farah: { weeks: [3], slot: 0 },
};

const mainSlots = ({ doc }: SessionContent) =>
  doc.blocks.filter(isMain).flatMap(({ slots = [] }) => slots.map(({ id }) => id));

/** How much stronger somebody truly is by the end of the winter. */
const GROWTH: Readonly<Record<Story, number>> = { grows: 0.16, steady: 0.03, stalls: -0.08 };

/** How many more somebody had, of what was truly left. */
function moreOf(left: number): More {
  return left < 1.5 ? "0-1" : left < 3.5 ? "2-3" : "4-or-more";
}

/** Seconds that a slot sets; null where it counts. */
function meantSeconds(slot: Slot): number | null {
  const { seconds, hold } = doseAt(slot, 0);
  const span = hold ?? seconds;
  return span === undefined ? null : spanTriple(span).plan;
}

/** Whoever the winter is told of: as strong as was believed of them at its start, and stronger as it goes. */
interface Winter {
  readonly strengths: Strengths;
  readonly bodyKg: number | undefined;
  readonly story: Story;
  /** 0 at its start, 1 at its end. */
  readonly gone: number;
}

/** Reps of one limb that somebody truly can with what they hold; null where that can't be told. */
function canDo(
  { load, move }: { readonly load: PartLoad; readonly move: string },
  winter: Winter,
): number | null {
  const known = LIBRARY_BOOK.get(move);
  const scaled = scaledMove(known);
  const belief = winter.strengths.of(known);
  if (!scaled || !belief) return null;
  const each = load && "kg" in load ? load.kg : 0;
  const moved = loadMoved(scaled.strength, winter.bodyKg, each);
  const truly = maximumAt(belief, 0) * (1 + GROWTH[winter.story] * winter.gone);
  return Math.max(0, Math.floor(30 * (truly / moved - 1)));
}

/** What somebody did in a slot of their part. */
function doneOf(own: PartSlot, content: SessionContent, winter: Winter): SlotDone | null {
  const slot = findSlot(content.doc, own.slot)?.slot;
  const [set] = own.sets ?? [];
  if (!slot || !set || own.move === null || own.status === "unmet") return null;
  const sets = own.sets?.length ?? 1;
  const eachKg = set.load && "kg" in set.load ? { eachKg: set.load.kg } : {};
  const can = canDo({ load: set.load, move: own.move }, winter);
  if (own.reps) {
    const reps = Math.max(1, Math.min(own.reps.max, can ?? own.reps.plan));
    return { sets, reps, ...eachKg, more: moreOf((can ?? reps + 3) - reps) };
  }
  const meant = own.seconds ?? meantSeconds(slot);
  if (meant === null) return null;
  const left = can === null ? 3 : can - (set.limbReps ?? 0);
  const seconds = left < 0 ? Math.max(10, Math.round((meant * 0.8) / 5) * 5) : meant;
  return { sets, seconds, ...eachKg, more: moreOf(left) };
}

async function logged(
  studioId: string,
  id: string,
  rows: Rows,
  there: readonly string[],
  winters: ReadonlyMap<string, Winter>,
) {
  const content = await frozenContent(db(), id);
  if (!content) return;
  const main = new Set(mainSlots(content));
  for (const [i, name] of there.entries()) {
    const winter = winters.get(name);
    const personId = rows.get(name);
    if (!winter || !personId) continue;
    const { story, gone } = winter;
    const part = content.parts.find(({ person }) => person === name);
    const slots = (part?.slots ?? []).filter(({ slot }) => main.has(slot));
    const entries = slots.flatMap((own): Written[] => {
      const value = doneOf(own, content, winter);
      return value ? [{ field: `slot:${own.slot}`, value }] : [];
    });
    const effort = story === "stalls" ? 8 : story === "grows" ? 7 - Math.round(gone) : 6 + (i % 2);
    await write(studioId, id, personId, BY_SELF, [{ field: "effort", value: effort }, ...entries]);
  }
}

/** What is known of people from before was done before the winter that is told here. */
async function beforeWinter(studioId: string, nowMs: number): Promise<void> {
  const latest = dayOf(nowMs - (WEEKS + 2) * 7 * DAY);
  const rows = await db()
    .select({ id: person.id, doc: person.doc })
    .from(person)
    .where(eq(person.studioId, studioId));
  for (const { id, doc } of rows) {
    const sets = doc.workingSets?.map((set) =>
      (set.date ?? latest) > latest ? { ...set, date: latest } : set,
    );
    if (sets)
      await db()
        .update(person)
        .set({ doc: { ...doc, workingSets: sets } })
        .where(eq(person.id, id));
  }
}

/** Two classes in each of the six weeks before now, the first first. */
export async function taughtBefore(
  studioId: string,
  classIds: readonly [string, string],
  rows: Rows,
  nowMs: number,
): Promise<void> {
  await beforeWinter(studioId, nowMs);
  const docs = await db().select({ doc: person.doc }).from(person).where(eq(person.studioId, studioId));
  const strengths = new Map(docs.map(({ doc }) => [doc.id, new Strengths(doc, LIBRARY_BOOK, dayOf(nowMs))]));
  const bodies = new Map(docs.map(({ doc }) => [doc.id, doc.bodyKg]));
  const wintersAt = (gone: number): ReadonlyMap<string, Winter> =>
    new Map(
      Object.entries(STORIES).flatMap(([name, story]): [string, Winter][] => {
        const own = strengths.get(name);
        return own ? [[name, { strengths: own, bodyKg: bodies.get(name), story, gone }]] : [];
      }),
    );
  for (let back = WEEKS; back >= 1; back -= 1) {
    for (const [i, classId] of classIds.entries()) {
      const startsAt = evening(nowMs, -7 * (back - 1) - (DAYS[i] ?? 2));
      const there = [...rows.keys()].filter((name) => !AWAY[name]?.includes(back));
      const id = await taught(studioId, {
        classId,
        startsAt,
        there,
        pressed: (content) =>
          Object.entries(HURT).flatMap(([person, { weeks, slot }]) => {
            const at = mainSlots(content)[slot];
            return i === 0 && weeks.includes(back) && at ? [[16, "hurt", { person, slot: at }] as const] : [];
          }),
      });
      await logged(studioId, id, rows, there, wintersAt((WEEKS - back) / (WEEKS - 1)));
      await writtenAfter(id, nowMs);
    }
  }
}
