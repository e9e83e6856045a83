import { setBlock, setSlot, together } from "../class/commands";
import type { Edit } from "../class/edits";
import { sequenceOf } from "../parts/neighbours";
import type { Seconds } from "../units";
import { type Span, spanTriple, tidySpan } from "../values/span";
import { namesText, type ReviewContext } from "./context";
import { after, upToFive } from "./edits";
import type { Fix, Found } from "./finding";

/** A span at least this long everywhere: moved up, its width kept. */
function atLeast(span: Span | undefined, seconds: Seconds): Span {
  const { min, plan, max } = spanTriple(span);
  const by = Math.max(0, seconds - min);
  return tidySpan({ min: min + by, plan: plan + by, max: max + by });
}

interface ShortGap {
  readonly from: string;
  readonly to: string;
  readonly gap: Seconds;
  needs: Seconds;
  readonly names: string[];
}

/** Edits that lengthen the gap between two slots, the narrowest first. */
function gapEdits(
  context: ReviewContext,
  { from, to, gap, needs }: ShortGap,
): { label: string; edit: Edit }[] {
  const [a, b] = [context.slots.get(from), context.slots.get(to)];
  if (!a || !b) return [];
  const aim = upToFive(needs);
  if (from === to) {
    return [
      {
        label: `${needs} s to change sides`,
        edit: setSlot(a.slot, "sideChange", Math.max(needs, a.slot.sideChange ?? 0)),
      },
    ];
  }
  if (a.block.id !== b.block.id) {
    const to = upToFive((a.block.after ?? 0) + needs - gap);
    return [{ label: `${to} s after ${a.block.title || "the block"}`, edit: setBlock(a.block, "after", to) }];
  }
  const own = atLeast(a.slot.rest ?? a.block.rest, aim);
  const long = atLeast(a.block.longRest ?? a.block.rest, aim);
  return [
    { label: `${aim} s rest after ${a.move.name.toLowerCase()}`, edit: setSlot(a.slot, "rest", own) },
    { label: `${aim} s between rounds`, edit: setBlock(a.block, "longRest", long) },
    {
      label: `${aim} s after ${a.move.name.toLowerCase()} and between rounds`,
      edit: together([setSlot(a.slot, "rest", own), setBlock(a.block, "longRest", long)]),
    },
  ];
}

function gapAfter(context: ReviewContext, edit: Edit, from: string, to: string): Seconds {
  const doc = after(context.doc, edit);
  if (!doc) return 0;
  const sequence = sequenceOf(doc, context.library);
  const gap =
    from === to
      ? sequence.sides.find((side) => side.slot === from)?.gapSeconds
      : sequence.pairs.find((pair) => pair.from === from && pair.to === to)?.gapSeconds;
  return gap ?? 0;
}

export function checkGaps(context: ReviewContext): Found[] {
  const gaps = new Map<string, ShortGap>();
  for (const part of context.parts) {
    for (const { from, to, needs, gap, short } of part.changeovers) {
      if (short === 0) continue;
      const key = `${from} ${to}`;
      const known = gaps.get(key) ?? { from, to, gap, needs: 0, names: [] };
      known.needs = Math.max(known.needs, needs);
      known.names.push(part.name);
      gaps.set(key, known);
    }
  }
  return [...gaps.values()].map((short) => {
    const facts = context.slots.get(short.to);
    const name = facts?.move.name.toLowerCase() ?? "the next";
    const fixes: Fix[] = gapEdits(context, short).filter(
      ({ edit }) => gapAfter(context, edit, short.from, short.to) >= short.needs,
    );
    const sentence =
      short.from === short.to
        ? `Changing sides in ${name} takes up to ${short.needs} s; there are ${short.gap}: ${namesText(short.names)}.`
        : `Before ${name} there are ${short.gap} s; changing takes ${namesText(short.names)} up to ${short.needs} s.`;
    return {
      code: "gap-short" as const,
      where: { slot: short.to },
      at: facts?.at ?? 0,
      sentence,
      fixes: fixes.slice(0, 2),
    };
  });
}
