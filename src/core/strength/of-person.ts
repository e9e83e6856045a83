/** What is believed of a person on a day, remembered while they are at hand. */
import type { Person } from "../homes/home";
import { homeIndex } from "../homes/home-index";
import type { MoveBook } from "../moves/book";
import { Strengths } from "./belief";

/** The day of a person's latest set; before all of them where none has a day. */
function latestDay(person: Person): string {
  const days = (person.workingSets ?? []).flatMap(({ date }) => date ?? []);
  return days.reduce((latest, day) => (day > latest ? day : latest), "1970-01-01");
}

/** What is believed of a person on a day (`YYYY-MM-DD`); without one, on the day of their latest set. */
export function strengthsOf(person: Person, book: MoveBook, on = latestDay(person)): Strengths {
  const { known } = homeIndex(person);
  const there = known.get(Strengths) as Strengths | undefined;
  if (there?.on === on && there.book === book) return there;
  const made = new Strengths(person, book, on);
  known.set(Strengths, made);
  return made;
}
