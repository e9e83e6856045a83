import { setBlock, setSlot, together } from "../class/commands";
import type { Edit } from "../class/edits";
import { sequenceOf } from "../parts/neighbours";
import { named } from "../reasons/named";
import type { Seconds } from "../units";
import { type Span, spanTriple, tidySpan } from "../values/span";
import type { ReviewContext } from "./context";
import { after, upToFive } from "./edits";
import type { Fix, Found, Lack } from "./finding";

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
  readonly lacks: Lack[];
}

/** What nobody notices: a breath, and in what is taken easily a tenth of the piece. */
const TRIFLE: Seconds = 3;
const EASY_ROLES: readonly (string | undefined)[] = ["warmup", "cooldown"];

/** Seconds that may be missing before a slot without anybody minding. */
function trifleBefore(slotId: string, { slots, pieces }: ReviewContext): Seconds {
  const role = slots.get(slotId)?.block.role;
  const piece = pieces.find(({ facts }) => facts.slot.id === slotId)?.segment;
  if (!piece || !EASY_ROLES.includes(role)) return TRIFLE;
  return Math.max(TRIFLE, (piece.end - piece.start) / 10);
}

/** Edits that lengthen the gap between two slots, the narrowest first. */
function gapEdits(context: ReviewContext, { from, to, gap, needs }: ShortGap): readonly Fix[] {
  const [a, b] = [context.slots.get(from), context.slots.get(to)];
  if (!a || !b) return [];
  const aim = upToFive(needs);
  if (from === to) {
    return [
      {
        says: { code: "side-change", seconds: needs },
        edit: setSlot(a.slot, "sideChange", Math.max(needs, a.slot.sideChange ?? 0)),
      },
    ];
  }
  if (a.block.id !== b.block.id) {
    const to = upToFive((a.block.after ?? 0) + needs - gap);
    return [
      {
        says: { code: "after-block", seconds: to, block: { block: a.block.title } },
        edit: setBlock(a.block, "after", to),
      },
    ];
  }
  const own = atLeast(a.slot.rest ?? a.block.rest, aim);
  const long = atLeast(a.block.longRest ?? a.block.rest, aim);
  return [
    { says: { code: "rest-after", seconds: aim, move: named(a.move) }, edit: setSlot(a.slot, "rest", own) },
    { says: { code: "between-rounds", seconds: aim }, edit: setBlock(a.block, "longRest", long) },
    {
      says: { code: "rest-and-rounds", seconds: aim, move: named(a.move) },
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

/** Whether a gap between two moves lies within one block. */
function isWithin({ slots }: ReviewContext, { from, to }: ShortGap): boolean {
  return from !== to && slots.get(from)?.block.id === slots.get(to)?.block.id;
}

export function checkGaps(context: ReviewContext): Found[] {
  const gaps = new Map<string, ShortGap>();
  for (const part of context.parts) {
    for (const { from, to, needs, gap, short } of part.changeovers) {
      if (short === 0 || short < trifleBefore(to, context)) continue;
      const key = `${from} ${to}`;
      const known = gaps.get(key) ?? { from, to, gap, needs: 0, lacks: [] };
      known.needs = Math.max(known.needs, needs);
      known.lacks.push({ name: part.name, seconds: short });
      gaps.set(key, known);
    }
  }
  return [...gaps.values()].map((short): Found => {
    const facts = context.slots.get(short.to);
    const enough = ({ edit }: Fix) => gapAfter(context, edit, short.from, short.to) >= short.needs;
    const [own, long, both] = gapEdits(context, short);
    const alone = [own, long].filter((fix): fix is Fix => fix !== undefined && enough(fix));
    // Both rests only where neither alone is enough.
    const fixes = alone.length > 0 || !both || !enough(both) ? alone : [both];
    return {
      says: {
        code: "gap-short",
        between: short.from === short.to ? "sides" : "moves",
        move: facts ? named(facts.move) : { move: { id: null, name: "" } },
        gap: short.gap,
        needs: short.needs,
        who: { names: short.lacks.map(({ name }) => name) },
      },
      lacks: short.lacks,
      // Within a block all of them are mended together; before one it is the block before that lacks time.
      where: isWithin(context, short) ? { block: facts?.block.id ?? "", slot: short.to } : { slot: short.to },
      at: facts?.at ?? 0,
      fixes,
    };
  });
}
