/** What an instructor may put in place of a proposal: one step up or down, or the same; never more than one step, never up after pain. */
import { fillingsOf } from "../homes/fillings";
import { homeIndex } from "../homes/home-index";
import { HOLD_STEP, MOST_HOLD } from "./exposure";
import { isUp, type Proposal, type Step } from "./proposal";
import { type Asked, canBeSlower, weightsFor } from "./propose";

function weightSteps(asked: Asked, fromKg: number): readonly Step[] {
  const weights = weightsFor(asked.person, asked.move);
  const next = [weights.filter((kg) => kg < fromKg - 1e-9).at(-1), weights.find((kg) => kg > fromKg + 1e-9)];
  return next.flatMap((toKg): Step[] => (toKg === undefined ? [] : [{ do: "weight", fromKg, toKg }]));
}

function linked({ move, book, person }: Asked): readonly Step[] {
  const home = homeIndex(person);
  return (move.links ?? []).flatMap(({ kind, to }): Step[] =>
    kind !== "swap" && fillingsOf(book.get(to)?.needs, home).list.length > 0
      ? [{ do: "move", to, way: kind }]
      : [],
  );
}

/** The same step, whatever order its keys have. */
export function sameStep(a: Step, b: Step): boolean {
  const text = (step: Step) => JSON.stringify(Object.entries(step).sort());
  return text(a) === text(b);
}

/** All steps that may stand in place of a proposal, the proposed one among them and first. */
export function stepChoices(asked: Asked, { step, evidence }: Proposal): readonly Step[] {
  const [last] = evidence;
  if (!last) return [step];
  const { eachKg, reps, kind, seconds } = last;
  const all: readonly Step[] = [
    step,
    { do: "same" },
    ...(eachKg === null ? [] : weightSteps(asked, eachKg)),
    ...(kind === "reps" && reps !== null
      ? ([1, -1] as const)
          .filter((by) => reps + by >= 1)
          .map((by): Step => ({ do: "reps", from: reps, to: reps + by }))
      : []),
    ...(kind === "reps" && canBeSlower(asked)
      ? (["slower", "pause", "one-and-a-half"] as const)
          .filter((way) => !asked.taken.includes(way))
          .map((way): Step => ({ do: way }))
      : []),
    ...(kind === "hold" && seconds !== null
      ? ([HOLD_STEP, -HOLD_STEP] as const)
          .map((by): Step => ({ do: "hold", from: seconds, to: Math.min(MOST_HOLD, seconds + by) }))
          .filter((made) => made.do === "hold" && made.to >= HOLD_STEP && made.to !== seconds)
      : []),
    ...linked(asked),
  ];
  const allowed = last.hurt ? all.filter((each) => !isUp(each)) : all;
  return allowed.filter((each, i) => allowed.findIndex((other) => sameStep(other, each)) === i);
}
