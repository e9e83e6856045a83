/** "Anything new today?": what holds for one session only, over what a person has said in general. */
import type { Mark, Person } from "./home";
import type { Limit } from "./limits";

export interface Tonight {
  /** Limits on top of the usual ones. */
  readonly limits?: readonly Limit[];
  /** Ids of kit that isn't there tonight. */
  readonly without?: readonly string[];
  /** Another level than usual, in everything. */
  readonly mark?: Mark;
}

/** The person as they are tonight. */
export function withTonight(person: Person, tonight: Tonight | null): Person {
  if (!tonight) return person;
  const { limits = [], without = [], mark } = tonight;
  const { marks: usual, ...rest } = person;
  return {
    ...rest,
    // A level for tonight holds in every pattern.
    ...(mark ? { mark, usual: { mark: person.mark, marks: usual } } : usual ? { marks: usual } : {}),
    ...(limits.length > 0 ? { limits: [...new Set([...(person.limits ?? []), ...limits])] } : {}),
    ...(person.kit && without.length > 0
      ? { kit: person.kit.filter((item) => !without.includes(item.id)) }
      : {}),
  };
}
