/** What the class means for the people who come: what they can't do, what was excluded, loads, cautions. */

import { setSlot } from "../class/commands";
import { mapDoses, slotsOf, wayAt } from "../class/document";
import type { Person } from "../homes/home";
import type { KitType } from "../homes/kit";
import { excludes, type Limit } from "../homes/limits";
import { type KnownMove, resolveMove } from "../moves/book";
import { obstacle } from "../parts/ways";
import type { Caution } from "../reasons/finding-reasons";
import { named } from "../reasons/named";
import type { MoveName } from "../reasons/value";
import { partOf, type ReviewContext } from "./context";
import type { Fix, Found } from "./finding";

const SPACE = ["ceiling", "length", "jumping"] as const;

export function checkUnmet({ parts, people, slots }: ReviewContext): Found[] {
  const found: Found[] = [];
  for (const part of parts) {
    const person = people.find((entry) => entry.id === part.person);
    for (const own of part.slots) {
      const facts = slots.get(own.slot);
      if (own.status !== "unmet" || !facts || !person) continue;
      const stop = obstacle(facts.move, person);
      const space = SPACE.some((kind) => kind === stop);
      found.push({
        says: {
          code: space ? "room" : "unmet",
          name: part.name,
          move: named(facts.move),
          why: { topic: "why", reasons: [own.why] },
        },
        ...(space ? {} : { severity: person.coming === true ? ("stop" as const) : ("fix" as const) }),
        where: { slot: own.slot, person: part.person },
        at: facts.at,
      });
    }
  }
  return found;
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

export function checkLimits({ doc, parts, people, slots, book }: ReviewContext): Found[] {
  const found: Found[] = [];
  for (const { slot, move, at } of slots.values()) {
    const who: string[] = [];
    const instead = new Map<string, MoveName>();
    const limits = new Set<Limit>();
    for (const person of people) {
      const limit = person.limits?.find((entry) => excludes(entry, move));
      if (!limit) continue;
      who.push(person.name);
      limits.add(limit);
      const own = parts.find((part) => part.person === person.id);
      const done = own && partOf(own, slot.id);
      if (done && done.status !== "unmet") instead.set(done.name, { id: done.move, name: done.name });
    }
    if (who.length === 0) continue;
    found.push({
      says: {
        code: "limit",
        what: "slot",
        move: named(move),
        who: { names: who },
        limits: { limits: [...limits] },
        instead: { moves: [...instead.values()] },
      },
      where: { slot: slot.id },
      at,
    });
  }
  for (const block of doc.blocks) {
    for (const ref of [block.restMove, block.longRestMove]) {
      if (ref === undefined) continue;
      const move = resolveMove(ref, book);
      const who = people.filter((person) => excluding(person, move).length > 0);
      if (who.length === 0) continue;
      found.push({
        says: {
          code: "limit",
          what: "filler",
          move: named(move),
          who: { names: who.map((person) => person.name) },
          limits: { limits: [...new Set(who.flatMap((person) => excluding(person, move)))] },
          instead: { moves: [] },
        },
        where: { block: block.id },
        at: slots.get(slotsOf(block)[0]?.id ?? "")?.at ?? 0,
      });
    }
  }
  return found;
}

export function checkLoads({ parts, slots }: ReviewContext): Found[] {
  const found: Found[] = [];
  for (const part of parts) {
    for (const own of part.slots) {
      const facts = slots.get(own.slot);
      if (!facts || !own.predicted || !own.reps || own.predicted.reps >= own.reps.min) continue;
      const kg = own.load && "kg" in own.load ? own.load.kg : 0;
      const least = Math.max(1, own.predicted.reps);
      const fewer = { min: least, plan: Math.max(own.predicted.reps, own.reps.plan), max: own.reps.max };
      const fixes: Fix[] =
        wayAt(facts.slot, "flat") === null && !Array.isArray(facts.slot.dose) && facts.slot.dose !== undefined
          ? [
              {
                says: { code: "fewer-reps", reps: least },
                edit: setSlot(
                  facts.slot,
                  "dose",
                  mapDoses(facts.slot, (dose) => (dose.reps === undefined ? dose : { ...dose, reps: fewer })),
                ),
              },
            ]
          : [];
      found.push({
        says: {
          code: "load-jump",
          name: part.name,
          load: { mass: { kg, units: "kg" } },
          move: { move: { id: own.move, name: own.name } },
          reps: own.predicted.reps,
          rir: own.predicted.rir,
          least: own.reps.min,
        },
        where: { slot: own.slot, person: part.person },
        at: facts.at,
        fixes: own.predicted.reps >= 1 ? fixes : [],
      });
    }
  }
  return found;
}

const CAUTIONS: readonly {
  readonly types: readonly KitType[] | "overhead";
  readonly roles?: readonly string[];
  readonly of: Caution;
}[] = [
  {
    types: ["chair", "sofa", "bench", "step", "table", "counter"],
    roles: ["support", "bench"],
    of: "furniture",
  },
  {
    types: ["door", "door-anchor", "strap-trainer"],
    of: "anchors",
  },
  {
    types: ["tube-band", "loop-band", "mini-band"],
    of: "bands",
  },
  {
    types: ["slider", "towel"],
    roles: ["slider-pair"],
    of: "sliders",
  },
  { types: "overhead", of: "overhead" },
];

/** Safety words for what is in use, to be said and then acknowledged once a class. */
export function checkCautions({ parts, people, slots, book }: ReviewContext): Found[] {
  const kits = new Map(
    people.map((person) => [person.id, new Map((person.kit ?? []).map((item) => [item.id, item.type]))]),
  );
  return CAUTIONS.flatMap(({ types, roles, of }): Found[] => {
    let first: number | null = null;
    const note = (at: number) => {
      first = first === null ? at : Math.min(first, at);
    };
    for (const part of parts) {
      for (const own of part.slots) {
        const at = slots.get(own.slot)?.at ?? 0;
        if (types === "overhead") {
          const move = own.move === null ? undefined : book.get(own.move);
          if (move?.loads?.includes("overhead") && own.uses.some((use) => use.kg !== undefined)) note(at);
          continue;
        }
        const used = own.uses.some((use) => {
          const type = kits.get(part.person)?.get(use.kit);
          return type !== undefined && types.includes(type) && (roles?.includes(use.as) ?? true);
        });
        if (used) note(at);
      }
    }
    if (parts.length === 0) {
      for (const { move, at } of slots.values()) {
        const lists = move.needs ?? [];
        const always = (as: readonly string[]) =>
          lists.length > 0 && lists.every((list) => list.some((need) => as.includes(need.as)));
        const weighed = lists.length > 0 && lists.every((list) => list.some((need) => need.kg !== undefined));
        const needed =
          of === "furniture"
            ? always(["support", "bench"])
            : of === "anchors"
              ? always(["door", "anchor", "strap"])
              : of === "bands"
                ? always(["long-band", "mini-band"])
                : of === "sliders"
                  ? always(["slider-pair"])
                  : weighed && (move.loads?.includes("overhead") ?? false);
        if (needed) note(at);
      }
    }
    if (first === null) return [];
    return [{ says: { code: "caution", of }, at: first }];
  });
}
