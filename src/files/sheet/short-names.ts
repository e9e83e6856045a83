/** Names as short as they can be told apart: the first, with an initial where two have the same, whole where that isn't enough. */

interface Named {
  readonly person: string;
  readonly name: string;
}

const parts = (name: string) => name.trim().split(/\s+/);
const first = ({ name }: Named) => parts(name)[0] || name;
/** `Zoe W.`; of who has one name only that. */
const initialled = (one: Named) => {
  const [given = one.name, ...rest] = parts(one.name);
  const last = rest.at(-1);
  return last === undefined ? given : `${given} ${[...last][0]}.`;
};

/** By person: equal only for those who have the same whole name. */
export function shortNames(people: readonly Named[]): ReadonlyMap<string, string> {
  const ways = [first, initialled, ({ name }: Named) => name] as const;
  const taken = ways.map((way) => {
    const counts = new Map<string, number>();
    for (const one of people) counts.set(way(one), (counts.get(way(one)) ?? 0) + 1);
    return counts;
  });
  return new Map(
    people.map((one) => {
      const at = ways.findIndex((way, i) => taken[i]?.get(way(one)) === 1);
      return [one.person, (ways[at] ?? ways[2])(one)];
    }),
  );
}
