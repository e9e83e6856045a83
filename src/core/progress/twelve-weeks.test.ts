/**
 * People drawn from the model itself over twelve weeks in which they truly grow: what is proposed, accepted and done is
 * as hard as it was meant. Against a fixed plan, which keeps the weights of the first week and a little more every
 * third.
 */
import { describe, expect, test } from "vitest";
import type { ClassDoc } from "../class/document";
import type { Goals } from "../homes/goals";
import type { Person, WorkingSet } from "../homes/home";
import type { SlotDone } from "../log/entries";
import { taughtSets, withTaught } from "../log/working-sets";
import { LIBRARY_BOOK } from "../moves/library";
import type { Part } from "../parts/part";
import { partFor } from "../parts/parts";
import { type Chance, chanceOf } from "../rehearsal/chance";
import { maximumAt, Strengths } from "../strength/belief";
import { loadMoved } from "../strength/load";
import type { More } from "../strength/more";
import { strengthsOf } from "../strength/of-person";
import { scaledMove } from "../strength/scaled";
import { dayOf } from "../units";
import { type Decision, goalsOf, takenIn } from "./decisions";
import type { Exposure } from "./exposure";
import { exposuresIn } from "./from-log";
import { propose } from "./propose";

const WEEKS = 12;
const PEOPLE = 24;
const FIRST = Date.UTC(2026, 8, 1);
const DAY = 86_400_000;
/** True maxima grow by so much a week: what trained people of a home class do, and a little more at first. */
const GROWTH = 0.012;
/** What counts as as hard as it was meant. */
const NEAR = 0.25;
/** What the two adjustable weights can be, kg. */
const WEIGHTS = Array.from({ length: 39 }, (_, i) => i + 2);
/** Reps that are left as the stance means them. */
const RESERVE = 2;

const MOVES = ["goblet-squat", "bent-over-row", "floor-press", "two-weight-hinge"] as const;
const DOC: ClassDoc = {
  format: "brontle.class",
  version: 1,
  title: "Twelve weeks",
  stance: "strength",
  blocks: [
    {
      id: "b",
      title: "Main",
      rounds: 3,
      rest: 90,
      longRest: 120,
      slots: MOVES.map((move) => ({ id: move, move, dose: { reps: { min: 8, max: 12 } } })),
    },
  ],
};

interface Simulated {
  readonly person: Person;
  /** The true maximum of a move in a week, kg of total load. */
  readonly truth: (move: string, week: number) => number;
}

/** Somebody whose true strength is what a newcomer's is believed to be, and as wide of it. */
function simulated(i: number): Simulated {
  const chance: Chance = chanceOf(7, `person ${i}`);
  const person: Person = {
    id: `p${i}`,
    name: `P ${i}`,
    bodyKg: Math.round(72 * Math.exp(0.15 * chance.normal())),
    kit: [
      { id: "d", type: "adjustable-dumbbell", minKg: 2, maxKg: 40, stepKg: 1, count: 2, changeSeconds: 20 },
    ],
  };
  const prior = new Strengths(person, LIBRARY_BOOK, "2026-09-01");
  const common = 0.3 * chance.normal();
  const own = new Map(MOVES.map((move) => [move as string, common + 0.2 * chance.normal()]));
  return {
    person,
    truth: (move, week) => {
      const belief = prior.of(LIBRARY_BOOK.get(move));
      return belief ? maximumAt(belief, 0) * Math.exp((own.get(move) ?? 0) + GROWTH * week) : 0;
    },
  };
}

const moreOf = (left: number): More => (left < 1.5 ? "0-1" : left < 3.5 ? "2-3" : "4-or-more");
const kgIn = (part: Part, slot: string) => {
  const own = part.slots.find((each) => each.slot === slot);
  const load = own?.sets?.[0]?.load;
  return { own, kg: load && "kg" in load ? load.kg : null };
};

/** What somebody truly does of a slot, and how far it is from what was meant, as a log. */
function tried(who: Simulated, part: Part, slot: string, week: number, kg: number | null) {
  const { own } = kgIn(part, slot);
  const scaled = scaledMove(LIBRARY_BOOK.get(own?.move ?? ""));
  if (!own?.move || !own.reps || !scaled) return null;
  const moved = loadMoved(scaled.strength, who.person.bodyKg, kg ?? 0);
  const truly = who.truth(own.move, week);
  const can = Math.max(0, Math.floor(30 * (truly / moved - 1)));
  const reps = Math.max(
    1,
    Math.min(can, can - RESERVE >= own.reps.plan ? Math.min(own.reps.max, can - RESERVE) : own.reps.plan),
  );
  const strain = Math.log((moved * (1 + (own.reps.plan + RESERVE) / 30)) / truly);
  // Whether anything that the home has would be right.
  const fits = WEIGHTS.some((each) => {
    const load = loadMoved(scaled.strength, who.person.bodyKg, each);
    return Math.abs(Math.log((load * (1 + (own.reps?.plan ?? 0) / 30 + RESERVE / 30)) / truly)) <= NEAR;
  });
  const done: SlotDone = { sets: 3, reps, more: moreOf(can - reps), ...(kg === null ? {} : { eachKg: kg }) };
  return { done, strain, fits };
}

interface Told {
  readonly week: number;
  readonly strain: number;
  readonly fits: boolean;
}

/** Twelve weeks of one person with what is proposed, taken as it is. */
function withProposals(who: Simulated): readonly Told[] {
  const told: Told[] = [];
  const exposures: Exposure[] = [];
  const decisions: Decision[] = [];
  let workingSets: readonly WorkingSet[] = [];
  let goals: Goals = {};
  for (let n = 0; n < WEEKS * 2; n += 1) {
    const week = Math.floor(n / 2);
    const day = dayOf(FIRST + (week * 7 + (n % 2) * 3) * DAY);
    const person: Person = { ...who.person, workingSets, goals };
    const part = partFor(DOC, person, LIBRARY_BOOK, { on: day });
    const slots = new Map<string, SlotDone>();
    for (const slot of MOVES) {
      const made = tried(who, part, slot, week, kgIn(part, slot).kg);
      if (!made) continue;
      told.push({ week, strain: made.strain, fits: made.fits });
      slots.set(slot, made.done);
    }
    const own = new Map(part.slots.map((each) => [each.slot, each]));
    workingSets = withTaught(
      workingSets,
      taughtSets(
        slots,
        (slot) => own.get(slot),
        (move) => LIBRARY_BOOK.get(move),
        day,
      ),
    );
    const kept = Object.fromEntries(
      [...slots].map(([slot, value]) => [`slot:${slot}`, { value, by: "self", atMs: 0, earlier: [] }]),
    );
    exposures.push(
      ...exposuresIn(
        {
          day,
          doc: DOC,
          hurt: new Set(),
          own: { person: person.id, name: person.name, present: true, kept, prefilled: new Map(), part },
        },
        (id) => LIBRARY_BOOK.get(id),
      ),
    );
    const after: Person = { ...who.person, workingSets, goals };
    const strengths = strengthsOf(after, LIBRARY_BOOK, day);
    for (const id of MOVES) {
      const known = LIBRARY_BOOK.get(id);
      if (!known?.id) continue;
      const asked = {
        person: after,
        move: { ...known, id: known.id },
        book: LIBRARY_BOOK,
        strengths,
        on: day,
        taken: takenIn(goals, id),
      };
      const made = propose(asked, exposures);
      if (made && made.step.do !== "same" && made.step.do !== "move")
        decisions.push({ move: id, step: made.step, verdict: "accepted", day, evidence: day });
    }
    goals = goalsOf(decisions);
  }
  return told;
}

/** The same with the weights of the first week, and a kilogram more every third. */
function withFixedPlan(who: Simulated): readonly Told[] {
  const part = partFor(DOC, who.person, LIBRARY_BOOK, { on: dayOf(FIRST) });
  return Array.from({ length: WEEKS * 2 }, (_, n) => Math.floor(n / 2)).flatMap((week) =>
    MOVES.flatMap((slot): Told[] => {
      const { kg } = kgIn(part, slot);
      const made = tried(who, part, slot, week, kg === null ? null : kg + Math.floor(week / 3));
      return made ? [{ week, strain: made.strain, fits: made.fits }] : [];
    }),
  );
}

const share = (list: readonly Told[], holds: (strain: number) => boolean) =>
  list.filter(({ strain }) => holds(strain)).length / Math.max(1, list.length);

describe("twelve weeks of people who truly grow", () => {
  test("keep the true strain as meant from the third week on, and too hard no more often than a fixed plan", () => {
    const people = Array.from({ length: PEOPLE }, (_, i) => simulated(i));
    const late = ({ week, fits }: Told) => week >= 2 && fits;
    const proposed = people.flatMap(withProposals);
    const fixed = people.flatMap(withFixedPlan);
    const near = share(proposed.filter(late), (strain) => Math.abs(strain) <= NEAR);
    const tooHard = share(proposed, (strain) => strain > 0.3);
    const tooHardFixed = share(fixed, (strain) => strain > 0.3);
    const nearFixed = share(fixed.filter(late), (strain) => Math.abs(strain) <= NEAR);
    expect(near).toBeGreaterThanOrEqual(0.8);
    expect(near).toBeGreaterThan(nearFixed);
    expect(tooHard).toBeLessThanOrEqual(tooHardFixed);
  });
});
