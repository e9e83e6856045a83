function firstWords(text: string, count: number): string {
  return text.split(/\s+/).slice(0, count).join(" ");
}

/** What a slot says, each of it cut to so many words. */
function shortened(said: Slot["cue"], count: number): Slot["cue"] {
  if (said === undefined) return undefined;
  return typeof said === "string" ? firstWords(said, count) : said.map((text) => firstWords(text, count));
}

/** How the class runs: windows, water, warm-up and cool-down, what is said and shown. */

import { setBlock, setSlot } from "../class/commands";
import { allWords, dosesOf, mapDoses, type Slot, slotsOf } from "../class/document";
import { pieceDoses } from "../class/dose-time";
import { expand, slotSides } from "../class/expand";
import { named } from "../reasons/named";
import type { Seconds } from "../units";
import type { ReviewContext } from "./context";
import { after, upToFive } from "./edits";
import type { Fix, Found } from "./finding";

export function checkWindows({ slots, book }: ReviewContext): Found[] {
  return [...slots.values()].flatMap(({ slot, move, at }): Found[] => {
    const short = dosesOf(slot).find((dose) => {
      if (dose.within === undefined) return false;
      return needed(slot, dose, slotSides(slot, book), move.repSeconds) > dose.within;
    });
    if (!short?.within) return [];
    const needs = needed(slot, short, slotSides(slot, book), move.repSeconds);
    const window = upToFive(needs);
    const wider = mapDoses(slot, (dose) =>
      dose.within !== undefined && dose.within < window ? { ...dose, within: window } : dose,
    );
    return [
      {
        says: { code: "window-short", move: named(move), needs, every: short.within },
        where: { slot: slot.id },
        at,
        fixes: [{ says: { code: "start-every", seconds: window }, edit: setSlot(slot, "dose", wider) }],
      },
    ];
  });
}

function needed(
  slot: Slot,
  dose: Parameters<typeof pieceDoses>[0],
  sides: Parameters<typeof pieceDoses>[1],
  repSeconds: number,
): Seconds {
  const pieces = pieceDoses(dose, sides, slot.count ?? "each", repSeconds);
  const work = pieces.reduce((sum, piece) => sum + piece.seconds.plan, 0);
  return work + (pieces.length > 1 ? (slot.sideChange ?? 0) : 0);
}

function wordCount(text: string): number {
  return text.trim().split(/\s+/).filter(Boolean).length;
}

export function checkWords(context: ReviewContext): Found[] {
  const { thresholds, score, slots } = context;
  const found: Found[] = [];
  const gapBefore = new Map<string, Seconds>();
  const shortest = new Map<string, Seconds>();
  let lastEnd = 0;
  for (const { kind, slot, start, end } of score.segments) {
    if (kind !== "work" || slot === null) continue;
    gapBefore.set(slot, Math.min(gapBefore.get(slot) ?? Number.POSITIVE_INFINITY, start - lastEnd));
    shortest.set(slot, Math.min(shortest.get(slot) ?? Number.POSITIVE_INFINITY, end - start));
    lastEnd = end;
  }
  for (const { slot, at, move } of slots.values()) {
    const check = (key: "call" | "cue", room: Seconds | undefined, when: "before" | "during") => {
      // The longest of what is said in any round.
      const [text] = [...allWords(slot, key)].sort((a, b) => wordCount(b) - wordCount(a));
      if (!text || room === undefined || !Number.isFinite(room)) return;
      const takes = Math.round((wordCount(text) / thresholds.wordsPerSecond) * 10) / 10;
      if (takes <= room) return;
      const fits = Math.floor(room * thresholds.wordsPerSecond);
      const short = firstWords(text, fits);
      found.push({
        says: { code: "words-long", when, move: named(move), takes: { decimal: takes }, room },
        where: { slot: slot.id },
        at,
        fixes: [
          {
            says: short === "" ? { code: "unsaid" } : { code: "say-only", text: short },
            edit: setSlot(slot, key, short === "" ? undefined : shortened(slot[key], fits)),
          },
        ],
      });
    };
    check("call", gapBefore.get(slot.id), "before");
    check("cue", shortest.get(slot.id), "during");
  }
  return found;
}

export function checkShown({ doc, slots, season }: ReviewContext): Found[] {
  const key = (slot: Slot) => (typeof slot.move === "string" ? slot.move : slot.move.name);
  const before = (season?.classes ?? []).filter(({ atMs }) => atMs < (season?.atMs ?? 0));
  const seen = new Set(before.flatMap((earlier) => earlier.doc.blocks.flatMap(slotsOf)).map(key));
  const found: Found[] = [];
  for (const block of doc.blocks) {
    for (const slot of slotsOf(block)) {
      const facts = slots.get(slot.id);
      if (!facts?.main || (slot.demo ?? block.demo ?? 0) > 0 || seen.has(key(slot))) continue;
      const seconds = facts.move.demoSeconds ?? 12;
      found.push({
        says: { code: "not-shown", move: named(facts.move) },
        where: { slot: slot.id },
        at: facts.at,
        fixes: [{ says: { code: "show", seconds }, edit: setSlot(slot, "demo", seconds) }],
      });
    }
    for (const slot of slotsOf(block)) seen.add(key(slot));
  }
  return found;
}

export function checkWater(context: ReviewContext): Found[] {
  const { doc, score, times, thresholds } = context;
  const dry = driest(score.segments, thresholds.waterSeconds);
  if (dry.to - dry.from <= thresholds.waterEverySeconds) return [];
  const fixes: Fix[] = [];
  for (const block of doc.blocks) {
    const time = times.get(block.id);
    const end = time ? time.start + time.seconds : 0;
    if (end <= dry.from || end >= dry.to) continue;
    const edit = setBlock(block, "after", Math.max(thresholds.waterSeconds, block.after ?? 0));
    const next = after(doc, edit);
    if (!next) continue;
    const left = driest(expand(next, context.library), thresholds.waterSeconds);
    if (left.to - left.from <= thresholds.waterEverySeconds) {
      fixes.push({
        says: { code: "water-after", seconds: thresholds.waterSeconds, block: { block: block.title } },
        edit,
      });
    }
  }
  return [
    {
      says: {
        code: "no-water",
        length: { clock: dry.to - dry.from },
        from: { clock: dry.from },
        to: { clock: dry.to },
      },
      at: dry.from,
      fixes: fixes.slice(0, 2),
    },
  ];
}

/** The longest stretch without a gap of any kind, a rest, a talk or a break, that is long enough to drink. */
function driest(
  segments: ReviewContext["score"]["segments"],
  least: Seconds,
): { from: Seconds; to: Seconds } {
  let from = 0;
  let longest = { from: 0, to: 0 };
  const close = (to: Seconds) => {
    if (to - from > longest.to - longest.from) longest = { from, to };
  };
  let gapFrom = 0;
  for (const { kind, start, end } of segments) {
    if (kind !== "work" && kind !== "side-change") continue;
    if (start - gapFrom >= least) {
      close(gapFrom);
      from = start;
    }
    gapFrom = end;
  }
  const last = segments.at(-1)?.end ?? 0;
  close(last - gapFrom >= least ? gapFrom : last);
  return longest;
}
