/** A class's warm-up and cool-down: which blocks they are, how long, and how long they should be. */
import type { Block, ClassDoc } from "../class/document";
import type { Thresholds } from "../effort/thresholds";
import { blockTimes, type Score } from "../score/score";
import type { Seconds } from "../units";

export interface End {
  readonly role: "warmup" | "cooldown";
  /** The blocks of it, from the end of the class inwards; none where there is none. */
  readonly blocks: readonly Block[];
  /** Seconds of all of them, without talk and water. */
  readonly has: Seconds;
  readonly least: Seconds;
  /** The block that stands in its place, where there is none. */
  readonly instead: Block | undefined;
}

/** Both ends of a class; none of a class in which nobody works. `length`: of the class that it is to be. */
export function endsOf(
  doc: ClassDoc,
  score: Score,
  thresholds: Thresholds,
  length: Seconds = score.seconds.plan,
): readonly End[] {
  const times = blockTimes(score);
  const works = new Set(score.segments.flatMap(({ kind, block }) => (kind === "work" ? [block] : [])));
  const working = doc.blocks.filter(({ id }) => works.has(id));
  if (working.length === 0) return [];
  const long = length >= thresholds.longClassSeconds ? 0 : 1;
  const end = (role: End["role"], blocks: readonly Block[], least: Seconds): End => {
    const first = blocks.findIndex((block) => block.role !== role);
    const own = blocks.slice(0, first < 0 ? blocks.length : first);
    const has = own.reduce((sum, { id }) => {
      const time = times.get(id);
      return sum + (time ? time.seconds - time.talkSeconds - time.afterSeconds : 0);
    }, 0);
    return { role, blocks: own, has, least, instead: blocks[0] };
  };
  return [
    end("warmup", working, thresholds.warmupSeconds[long]),
    end("cooldown", [...working].reverse(), thresholds.cooldownSeconds[long]),
  ];
}
