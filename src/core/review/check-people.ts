/** What the class means for the people who come: what they can't do, what was excluded, loads, cautions. */

import { setSlot } from "../class/commands";
import {
  type Block,
  type Dose,
  doseAt,
  type MoveRef,
  mapDoses,
  type Slot,
  slotsOf,
  wayAt,
} from "../class/document";
import type { Person } from "../homes/home";
import { excludes, type Limit } from "../homes/limits";
import { type KnownMove, resolveMove } from "../moves/book";
import { cautionsInUse } from "../parts/cautions";
import type { Part, PartSlot } from "../parts/part";
import { obstacle } from "../parts/ways";
import { named } from "../reasons/named";
import type { MoveName } from "../reasons/value";
import { STRAIN } from "../strength/strain";
import type { Triple } from "../units";
import { spanTriple } from "../values/span";
import { hardestSet, partOf, type ReviewContext, type SlotFacts } from "./context";
import type { Fix, Found } from "./finding";

const SPACE = ["ceiling", "length", "jumping"] as const;

export function checkUnmet({ parts, people, slots }: ReviewContext): Found[] {
  return parts.flatMap((part) => {
    const person = people.find((entry) => entry.id === part.person);
    return part.slots.flatMap((own) => {
      const facts = slots.get(own.slot);
      return own.status === "unmet" && facts && person ? [unmetFound(part.name, own, facts, person)] : [];
    });
  });
}

/** What a person can't do at all: for want of room, or else. */
function unmetFound(name: string, own: PartSlot, { move, at }: SlotFacts, person: Person): Found {
  const stop = obstacle(move, person);
  const isRoom = SPACE.some((kind) => kind === stop);
  const why = { topic: "why" as const, reasons: [own.why] };
  return {
    says: { code: isRoom ? "room" : "unmet", name, move: named(move), why },
    ...(isRoom ? {} : { severity: person.coming === true ? "stop" : "fix" }),
    where: { slot: own.slot, person: person.id },
    at,
  };
}

export function checkHomes({ parts }: ReviewContext): Found[] {
  return parts
    .filter((part) => !part.homeKnown)
    .map((part) => ({
      says: { code: "home-unknown", name: part.name },
      where: { person: part.person },
    }));
}

const excluding = (person: Person, move: KnownMove) =>
  (person.limits ?? []).filter((limit) => excludes(limit, move));

/** Whom limits keep from a move: who, by which limits, and what they do instead. Null where nobody is kept. */
function limitFound(
  what: "slot" | "filler",
  move: KnownMove,
  kept: readonly Person[],
  limits: readonly Limit[],
  instead: readonly MoveName[],
  place: Pick<Found, "where" | "at">,
): Found | null {
  if (kept.length === 0) return null;
  return {
    says: {
      code: "limit",
      what,
      move: named(move),
      who: { names: kept.map((person) => person.name) },
      limits: { limits: [...new Set(limits)] },
      instead: { moves: instead },
    },
    ...place,
  };
}

/** A move of the class that people's limits exclude, one finding a slot; each person by their first limit. */
function limitOfSlot({ parts, people }: ReviewContext, { slot, move, at }: SlotFacts): Found | null {
  const kept = people.filter((person) => excluding(person, move).length > 0);
  const limits = kept.flatMap((person) => excluding(person, move).slice(0, 1));
  const instead = new Map<string, MoveName>();
  for (const { id } of kept) {
    const own = parts.find((part) => part.person === id);
    const done = own && partOf(own, slot.id);
    if (done && done.status !== "unmet") instead.set(done.name, { id: done.move, name: done.name });
  }
  return limitFound("slot", move, kept, limits, [...instead.values()], { where: { slot: slot.id }, at });
}

/** Likewise a move with which a rest is filled; nobody is given another one there. */
function limitOfFiller({ people, slots, book }: ReviewContext, block: Block, ref: MoveRef): Found | null {
  const move = resolveMove(ref, book);
  const kept = people.filter((person) => excluding(person, move).length > 0);
  const limits = kept.flatMap((person) => excluding(person, move));
  const at = slots.get(slotsOf(block)[0]?.id ?? "")?.at ?? 0;
  return limitFound("filler", move, kept, limits, [], { where: { block: block.id }, at });
}

/** Codes: `limit`, for a slot or for what fills a block's rests. */
export function checkLimits(context: ReviewContext): Found[] {
  const ofSlots = [...context.slots.values()].map((facts) => limitOfSlot(context, facts));
  const ofFillers = context.doc.blocks.flatMap((block) =>
    [block.restMove, block.longRestMove].map((ref) =>
      ref === undefined ? null : limitOfFiller(context, block, ref),
    ),
  );
  return [...ofSlots, ...ofFillers].filter((found) => found !== null);
}

/** Fewer repetitions at a load that is too heavy for what was set; only where the dose is one and is counted. */
function fewerReps(slot: Slot, reps: Triple, predicted: number): Fix[] {
  const single = wayAt(slot, "flat") === null && !Array.isArray(slot.dose) && slot.dose !== undefined;
  if (!single || predicted < 1) return [];
  const fewer = { min: predicted, plan: Math.max(predicted, reps.plan), max: reps.max };
  const change = (dose: Dose): Dose => (dose.reps === undefined ? dose : { ...dose, reps: fewer });
  return [
    {
      says: { code: "fewer-reps", reps: predicted },
      edit: setSlot(slot, "dose", mapDoses(slot, change)),
    },
  ];
}

/**
 * Code: `load-jump`, where the load somebody has leaves them fewer repetitions than the class wants, or the
 * one that is written would.
 */
export function checkLoads(context: ReviewContext): Found[] {
  return context.parts.flatMap((part) =>
    part.slots.flatMap((own): Found[] => {
      const facts = context.slots.get(own.slot);
      const found = facts ? tooHeavy(part, own, facts, context) : null;
      return found ? [found] : [];
    }),
  );
}

/** What somebody has at home leaves them fewer reps than are set, or what is written would; null where neither does. */
function tooHeavy(part: Part, own: PartSlot, facts: SlotFacts, { parts }: ReviewContext): Found | null {
  const { predicted, reps, load, closed } = own;
  const isSet = own.move === facts.move.id;
  const { least } = leastSet(facts);
  // What was written is there and too much for them: they take less, and are told of.
  if (closed && closed.reps < least) return jumpFound(part, own, facts, closed, least, []);
  if (!predicted || !reps || load === null) return null;
  // What was set is wanted whole; another way is chosen for them, and a rep less of it is nothing to mend.
  const wanted = isSet ? Math.max(least, reps.min) : reps.min;
  if (predicted.reps >= wanted || (!isSet && hardestSet(own) <= STRAIN.tooHeavy)) return null;
  const kg = "kg" in load ? load.kg : 0;
  const fixes = mostLack(parts, own.slot) ? fewerReps(facts.slot, reps, predicted.reps) : [];
  return jumpFound(part, own, facts, { ...predicted, kg }, wanted, fixes);
}

/** Whether at least half of all have too few reps of a slot: then its dose is at fault, and not somebody's kit. */
function mostLack(parts: readonly Part[], slotId: string): boolean {
  const all = parts.flatMap((part) => partOf(part, slotId) ?? []);
  const lacking = all.filter(({ predicted, reps }) => predicted && reps && predicted.reps < reps.min);
  return lacking.length * 2 >= all.length;
}

/** The fewest reps that a slot sets in its first dose; of a timed one a single one. */
function leastSet({ slot }: SlotFacts): { readonly least: number } {
  const { reps } = doseAt(slot, 0);
  return { least: reps === undefined ? 1 : spanTriple(reps).min };
}

function jumpFound(
  part: Part,
  own: PartSlot,
  { at }: SlotFacts,
  { kg, reps, rir }: { readonly kg: number; readonly reps: number; readonly rir: number },
  least: number,
  fixes: readonly Fix[],
): Found {
  const move = { move: { id: own.move, name: own.name } };
  const load = { mass: { kg, units: "kg" as const } };
  return {
    says: { code: "load-jump", name: part.name, kg: Math.round(kg * 10), load, move, reps, rir, least },
    where: { slot: own.slot, person: part.person },
    at,
    fixes,
  };
}

/** Code: `caution`. Safety words for what is in use, to be said and then acknowledged once a class. */
export function checkCautions({ doc, parts, book, slots }: ReviewContext): Found[] {
  return cautionsInUse(doc, parts, book).map(({ of, slots: used }) => ({
    says: { code: "caution", of },
    at: Math.min(...used.map((slot) => slots.get(slot)?.at ?? 0)),
  }));
}
