import type { RepPhase } from "@/core/live/count";
import type { CountNow } from "@/core/live/count-now";

const WIDTH = 220;
const HEIGHT = 96;
/** Room for the thickness of the line and the dot at its ends. */
const EDGE = 12;

/** Where a phase begins and ends, 0 at the bottom of the rep and 1 at its top. */
const LEVELS: Readonly<Record<RepPhase["kind"], readonly [from: number, to: number]>> = {
  lower: [1, 0],
  bottom: [0, 0],
  lift: [0, 1],
  top: [1, 1],
  rep: [0.5, 0.5],
};

const y = (level: number) => EDGE + (1 - level) * (HEIGHT - 2 * EDGE);

/**
 * One rep as a line that falls, stays and rises through its phases as long as each takes, and where one is on it:
 * what is done is thick, what is to come thin.
 */
export function RepLine({ now, className }: { readonly now: CountNow; readonly className: string }) {
  const { rep, phase, phaseDone, intoRepMs } = now;
  const x = (ms: number) => EDGE + (Math.min(ms, rep.lastsMs) / rep.lastsMs) * (WIDTH - 2 * EDGE);
  const corners = rep.phases.map(({ kind, toMs }) => `L${x(toMs)} ${y(LEVELS[kind][1])}`);
  const first = rep.phases[0] as RepPhase;
  const [from, to] = LEVELS[phase.kind];
  const at = { x: x(intoRepMs), y: y(from + (to - from) * phaseDone) };
  const path = `M${EDGE} ${y(LEVELS[first.kind][0])}`;
  const over = rep.phases.filter(({ toMs }) => toMs <= intoRepMs).length;
  const common = {
    fill: "none",
    stroke: "currentColor",
    strokeLinejoin: "round",
    strokeLinecap: "round",
  } as const;
  return (
    <svg aria-hidden viewBox={`0 0 ${WIDTH} ${HEIGHT}`} className={className}>
      <path {...common} d={path + corners.join("")} strokeWidth={3} />
      <path {...common} d={`${path}${corners.slice(0, over).join("")}L${at.x} ${at.y}`} strokeWidth={9} />
      <circle cx={at.x} cy={at.y} r={EDGE - 1} fill="currentColor" />
    </svg>
  );
}
