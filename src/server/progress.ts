/** What each move of a person might become next, from what they confirmed of the classes that are over, and what was decided about it. */
import { and, asc, eq, inArray } from "drizzle-orm";
import type { Person } from "../core/homes/home";
import { checkPerson } from "../core/homes/roster";
import { LIBRARY_BOOK } from "../core/moves/library";
import { sameStep, stepChoices } from "../core/progress/choices";
import { type Decision, goalsOf, isDecided, takenIn, type Verdict } from "../core/progress/decisions";
import type { Exposure } from "../core/progress/exposure";
import { exposuresIn, type LoggedClass } from "../core/progress/from-log";
import { historyByMove, regionBeliefs } from "../core/progress/history";
import type { Proposal, Step } from "../core/progress/proposal";
import { type Asked, propose } from "../core/progress/propose";
import { strengthsOf } from "../core/strength/of-person";
import { dayOf } from "../core/units";
import { aloneOf, loggedAlone, loggedAloneOf } from "./alone";
import { db, type Tx, transaction } from "./db/client";
import { person } from "./db/schema";
import { progressDecision } from "./db/season-schema";
import { loggedClasses, loggedRoom } from "./log";
import { findPerson, listPeople } from "./people";
import { Refused } from "./refused";

/** Moves that weren't done for longer are no longer asked about, days. */
const STILL_DAYS = 84;
/** What is believed is compared with so many days ago. */
const MOVED_DAYS = 42;
const DAY_MS = 86_400_000;

/** A proposal with what may stand in its place, and what was decided about it. */
export interface NextMove {
  readonly proposal: Proposal;
  readonly choices: readonly Step[];
  /** Null: nothing yet, or something was confirmed since. */
  readonly decided: Pick<Decision, "verdict" | "step"> | null;
}

export interface NextOf {
  /** Row id, and roster id. */
  readonly id: string;
  readonly person: string;
  readonly name: string;
  readonly moves: readonly NextMove[];
}

async function decisionsOf(
  tx: Tx,
  ids: readonly string[],
): Promise<ReadonlyMap<string, readonly Decision[]>> {
  const made = new Map<string, Decision[]>();
  if (ids.length === 0) return made;
  const rows = await tx
    .select()
    .from(progressDecision)
    .where(inArray(progressDecision.personId, [...ids]))
    .orderBy(asc(progressDecision.id));
  for (const { personId, move, step, verdict, day, evidence } of rows) {
    const list = made.get(personId) ?? [];
    list.push({ move, step, verdict, day, evidence });
    made.set(personId, list);
  }
  return made;
}

function askedOf(doc: Person, move: string, on: string): Asked | null {
  const known = LIBRARY_BOOK.get(move);
  if (!known?.id) return null;
  return {
    person: doc,
    move: { ...known, id: known.id },
    book: LIBRARY_BOOK,
    strengths: strengthsOf(doc, LIBRARY_BOOK, on),
    on,
    taken: takenIn(doc.goals, move),
  };
}

const rank = ({ step }: Proposal) => (step.do === "ask" ? 0 : step.do === "same" ? 2 : 1);

function nextMoves(
  doc: Person,
  classes: readonly LoggedClass[],
  decisions: readonly Decision[],
  on: string,
): readonly NextMove[] {
  const since = dayOf(Date.parse(on) - STILL_DAYS * DAY_MS);
  const exposures = classes
    .filter(({ day }) => day >= since)
    .flatMap((each): readonly Exposure[] => exposuresIn(each, (id) => LIBRARY_BOOK.get(id)));
  const moves = [...new Set(exposures.map(({ move }) => move))];
  const made = moves.flatMap((move): NextMove[] => {
    const asked = askedOf(doc, move, on);
    const proposal = asked && propose(asked, exposures);
    if (!asked || !proposal) return [];
    const last = decisions.filter((each) => each.move === move).at(-1);
    return [
      {
        proposal,
        choices: stepChoices(asked, proposal),
        decided: last && isDecided(proposal, decisions) ? last : null,
      },
    ];
  });
  return made.sort((a, b) => rank(a.proposal) - rank(b.proposal));
}

/** Everything that somebody confirmed, of classes and by themselves. */
async function confirmedBy(studioId: string, id: string, doc: Person): Promise<readonly LoggedClass[]> {
  const [taught, byThemselves] = await Promise.all([
    loggedClasses(studioId, id, doc.id),
    aloneOf(studioId, id),
  ]);
  return [...taught, ...byThemselves.flatMap((row) => loggedAlone(row, doc) ?? [])];
}

/** Somebody's next steps, those with something to do first; the person must be the studio's own. */
export async function progressOf(studioId: string, personId: string): Promise<readonly NextMove[]> {
  return (await overTime(studioId, personId)).next;
}

/** What somebody confirmed, move by move, with what is believed of their strength, and their next steps. */
export async function overTime(studioId: string, personId: string) {
  const found = await findPerson(studioId, personId);
  if (!found) return { next: [], moves: [], regions: [] };
  const classes = await confirmedBy(studioId, personId, found.doc);
  const decisions = (await decisionsOf(db(), [personId])).get(personId) ?? [];
  const exposures = classes.flatMap((each) => exposuresIn(each, (id) => LIBRARY_BOOK.get(id)));
  const on = dayOf(Date.now());
  const before = dayOf(Date.parse(on) - MOVED_DAYS * DAY_MS);
  return {
    next: nextMoves(found.doc, classes, decisions, on),
    moves: historyByMove(found.doc, exposures, LIBRARY_BOOK),
    regions: regionBeliefs(found.doc, LIBRARY_BOOK, { before, on }),
  };
}

/** Everybody's next steps, by name; who confirmed nothing isn't there. */
export async function nextOfRoom(studioId: string): Promise<readonly NextOf[]> {
  const now = Date.now();
  const people = await listPeople(studioId);
  const [room, byThemselves, decisions] = await Promise.all([
    loggedRoom(studioId, now - STILL_DAYS * DAY_MS),
    loggedAloneOf(studioId, people),
    decisionsOf(
      db(),
      people.map(({ id }) => id),
    ),
  ]);
  return people.flatMap(({ id, doc }): NextOf[] => {
    const moves = nextMoves(
      doc,
      [...(room.get(doc.id) ?? []), ...(byThemselves.get(id) ?? [])],
      decisions.get(id) ?? [],
      dayOf(now),
    );
    return moves.length === 0 ? [] : [{ id, person: doc.id, name: doc.name, moves }];
  });
}

export interface Deciding {
  readonly move: string;
  readonly verdict: Verdict;
  readonly step: Step;
}

/** Only what is proposed now, or may stand in its place, is decided about. */
function checkedDecision(moves: readonly NextMove[], { move, verdict, step }: Deciding): Decision {
  const next = moves.find(({ proposal }) => proposal.move === move);
  if (!next) throw new Refused("conflict", "Nothing is proposed for this move any more.");
  const { proposal, choices } = next;
  const isProposed = sameStep(step, proposal.step);
  if (verdict !== "changed" && !isProposed)
    throw new Refused("conflict", "Something else is proposed by now: look at it again.");
  if (!choices.some((each) => sameStep(each, step)))
    throw new Refused("invalid", "That is no step from what was done, or not one that this home can make.");
  const [last] = proposal.evidence;
  return { move, step, verdict, day: dayOf(Date.now()), evidence: last?.day ?? "" };
}

/** Writes decisions down, and the goals that follow from all of them. */
async function put(
  tx: Tx,
  who: { readonly studioId: string; readonly name: string },
  personId: string,
  made: readonly Decision[],
): Promise<void> {
  const { studioId, name: author } = who;
  const owned = and(eq(person.studioId, studioId), eq(person.id, personId));
  const [row] = await tx.select({ doc: person.doc }).from(person).where(owned).for("update");
  if (!row) throw new Refused("not-found", "There is no such person here.");
  await tx.insert(progressDecision).values(made.map((each) => ({ ...each, studioId, personId, author })));
  const all = (await decisionsOf(tx, [personId])).get(personId) ?? [];
  const checked = checkPerson({ ...row.doc, goals: goalsOf(all) });
  if (!checked.ok) throw new Refused("invalid", "These goals can’t be kept.", checked.error);
  await tx.update(person).set({ doc: checked.value, updatedAt: new Date() }).where(owned);
}

/** Decides about a person's proposals. @throws Refused where something else is proposed by now */
export async function decide(
  who: { readonly studioId: string; readonly name: string },
  personId: string,
  decisions: readonly Deciding[],
): Promise<void> {
  if (!(await findPerson(who.studioId, personId)))
    throw new Refused("not-found", "There is no such person here.");
  const moves = await progressOf(who.studioId, personId);
  const made = decisions.map((each) => checkedDecision(moves, each));
  if (made.length > 0) await transaction((tx) => put(tx, who, personId, made));
}

/** Decides about several people's proposals; what the classes say is read once for all of them. All or nothing. */
export async function decideAll(
  who: { readonly studioId: string; readonly name: string },
  decisions: readonly (Deciding & { readonly person: string })[],
): Promise<void> {
  const people = [...new Set(decisions.map(({ person }) => person))];
  const [single] = people;
  if (people.length === 1 && single) return decide(who, single, decisions);
  const known = new Set((await listPeople(who.studioId)).map(({ id }) => id));
  if (people.some((id) => !known.has(id))) throw new Refused("not-found", "There is no such person here.");
  const room = new Map((await nextOfRoom(who.studioId)).map(({ id, moves }) => [id, moves]));
  const made = people.map((id) => {
    const own = decisions.filter(({ person }) => person === id);
    return { id, made: own.map((each) => checkedDecision(room.get(id) ?? [], each)) };
  });
  await transaction(async (tx) => {
    for (const each of made) await put(tx, who, each.id, each.made);
  });
}

/** What somebody keeps of a class that takes a step without them. */
export async function keepFor(
  tx: Tx,
  who: { readonly studioId: string; readonly name: string },
  personId: string,
  keeps: readonly Pick<Decision, "move" | "step">[],
): Promise<void> {
  const day = dayOf(Date.now());
  await put(
    tx,
    who,
    personId,
    keeps.map((each) => ({ ...each, verdict: "accepted" as const, day, evidence: day })),
  );
}
