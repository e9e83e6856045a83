/** What the class means for the people who come: what they can't do, what was excluded, loads, cautions. */

import { setSlot } from "../class/commands";
import { mapDoses, slotsOf, wayAt } from "../class/document";
import type { KitType } from "../homes/kit";
import { excludes, LIMIT_WORDS } from "../homes/limits";
import { resolveMove } from "../moves/book";
import { obstacle } from "../parts/ways";
import { namesText, partOf, type ReviewContext } from "./context";
import type { Found } from "./finding";

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
        code: space ? "room" : "unmet",
        ...(space ? {} : { severity: person.coming === true ? ("stop" as const) : ("fix" as const) }),
        where: { slot: own.slot, person: part.person },
        at: facts.at,
        sentence: `${part.name} can't do ${facts.move.name.toLowerCase()}. ${own.why}`,
      });
    }
  }
  return found;
}

export function checkHomes({ parts }: ReviewContext): Found[] {
  return parts
    .filter((part) => !part.homeKnown)
    .map((part) => ({
      code: "home-unknown" as const,
      where: { person: part.person },
      sentence: `${part.name} has not said what is at home: a floor and nothing else is counted on.`,
    }));
}

export function checkLimits({ doc, parts, people, slots, book }: ReviewContext): Found[] {
  const found: Found[] = [];
  for (const { slot, move, at } of slots.values()) {
    const who: string[] = [];
    const instead = new Set<string>();
    const limits = new Set<string>();
    for (const person of people) {
      const limit = person.limits?.find((entry) => excludes(entry, move));
      if (!limit) continue;
      who.push(person.name);
      limits.add(LIMIT_WORDS[limit]);
      const own = parts.find((part) => part.person === person.id);
      const done = own && partOf(own, slot.id);
      if (done && done.status !== "unmet") instead.add(done.name.toLowerCase());
    }
    if (who.length === 0) continue;
    const does = instead.size > 0 ? `; instead: ${[...instead].join(", ")}` : "";
    found.push({
      code: "limit",
      where: { slot: slot.id },
      at,
      sentence: `${move.name} is excluded for ${namesText(who)} (${[...limits].join(", ")})${does}.`,
    });
  }
  for (const block of doc.blocks) {
    for (const ref of [block.restMove, block.longRestMove]) {
      if (ref === undefined) continue;
      const move = resolveMove(ref, book);
      const who = people.filter((person) => person.limits?.some((limit) => excludes(limit, move)));
      if (who.length === 0) continue;
      found.push({
        code: "limit",
        where: { block: block.id },
        at: slots.get(slotsOf(block)[0]?.id ?? "")?.at ?? 0,
        sentence: `The filler ${move.name.toLowerCase()} is excluded for ${namesText(who.map((person) => person.name))}: they rest.`,
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
      const kg = own.load && "kg" in own.load ? `${own.load.kg} kg` : "that load";
      const least = Math.max(1, own.predicted.reps);
      const fewer = { min: least, plan: Math.max(own.predicted.reps, own.reps.plan), max: own.reps.max };
      const fixes =
        wayAt(facts.slot, "flat") === null && !Array.isArray(facts.slot.dose) && facts.slot.dose !== undefined
          ? [
              {
                label: `Fewer reps for everybody: ${least} at the least`,
                edit: setSlot(
                  facts.slot,
                  "dose",
                  mapDoses(facts.slot, (dose) => (dose.reps === undefined ? dose : { ...dose, reps: fewer })),
                ),
              },
            ]
          : [];
      found.push({
        code: "load-jump",
        where: { slot: own.slot, person: part.person },
        at: facts.at,
        sentence: `${part.name} has ${kg} for ${own.name.toLowerCase()}: about ${own.predicted.reps} reps with ${own.predicted.rir} in reserve, under the ${own.reps.min} that are set.`,
        fixes: own.predicted.reps >= 1 ? fixes : [],
      });
    }
  }
  return found;
}

const CAUTIONS: readonly {
  readonly types: readonly KitType[] | "overhead";
  readonly roles?: readonly string[];
  readonly name: string;
  readonly words: string;
}[] = [
  {
    types: ["chair", "sofa", "bench", "step", "table", "counter"],
    roles: ["support", "bench"],
    name: "Furniture",
    words: "sturdy, against a wall, never the middle of a table, nothing on castors",
  },
  {
    types: ["door", "door-anchor", "strap-trainer"],
    name: "Doors and anchors",
    words: "shut and latched, pulled only the way that closes it, tug twice before you lean",
  },
  {
    types: ["tube-band", "loop-band", "mini-band"],
    name: "Bands",
    words: "look for nicks, eyes away from the line of pull, feet flat on it",
  },
  {
    types: ["slider", "towel"],
    roles: ["slider-pair"],
    name: "Sliders",
    words: "no running start on a smooth floor, a hand near support",
  },
  { types: "overhead", name: "Weights overhead", words: "lamp, ceiling, children and pets out of the area" },
];

/** Safety words for what is in use, to be said and then acknowledged once a class. */
export function checkCautions({ parts, people, slots, book }: ReviewContext): Found[] {
  const kits = new Map(
    people.map((person) => [person.id, new Map((person.kit ?? []).map((item) => [item.id, item.type]))]),
  );
  return CAUTIONS.flatMap(({ types, roles, name, words }) => {
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
          name === "Furniture"
            ? always(["support", "bench"])
            : name === "Doors and anchors"
              ? always(["door", "anchor", "strap"])
              : name === "Bands"
                ? always(["long-band", "mini-band"])
                : name === "Sliders"
                  ? always(["slider-pair"])
                  : weighed && (move.loads?.includes("overhead") ?? false);
        if (needed) note(at);
      }
    }
    if (first === null) return [];
    return [{ code: "caution" as const, at: first, sentence: `${name} in use. Say: ${words}.` }];
  });
}
