/**
 * Strength, hold, skill and phases of every move of the library, read from tables in which neighbours
 * stand together. A line is `id  body maximum held  skill  begins phases`; in place of the three numbers
 * `hold seconds` of an isometric move, or `-` where there is no load that could be chosen; in place of
 * the phases (lower-pause-lift-pause, seconds) `-` where a rep has none. Lines with `#` are headings.
 *
 * Shares of the body's mass: press-ups after Ebben 2011 (regular 64 %, from the knees 49 %, feet raised
 * 30 cm 70 %, hands raised 60 cm 41 %); squats and lunges the body less shanks and feet, from segment masses
 * (de Leva 1996: 4.33 % and 1.37 % a leg, so 89 %); others are estimates of ours (docs/strength.md).
 */
import { type Move, type Phases, SKILLS, type Skill } from "../move";
import { LOWER } from "./facts-lower";
import { TRUNK_AND_MORE } from "./facts-trunk";
import { UPPER } from "./facts-upper";

type Facts = Pick<Move, "strength" | "holdSeconds" | "skill" | "phases" | "tempo">;

const LINE =
  /^(?<id>[a-z-]+)\s+(?:(?<body>[\d.]+)\s+(?<maximum>[\d.]+)\s+(?<held>\d)|hold (?<hold>\d+)|-)\s+(?<skill>[1-5])(?:\s+(?:(?<begins>lower|lift) (?<phases>[\d.]+-[\d.]+-[\d.]+-[\d.]+)|-))?$/;

function phasesOf(begins: string, text: string): Pick<Facts, "phases" | "tempo"> {
  const seconds = text.split("-").map(Number) as unknown as Phases["seconds"];
  const phases = { begins: begins as Phases["begins"], seconds };
  return seconds.every(Number.isInteger) ? { phases, tempo: seconds.join("-") } : { phases };
}

/** @throws RangeError for a line that is not in the form */
function readLine(line: string): readonly [id: string, facts: Facts] {
  const found = LINE.exec(line)?.groups;
  if (!found?.id) throw new RangeError(`not a line of facts: ${line}`);
  const { id, body, maximum, held, hold, skill, begins, phases } = found;
  const strength =
    body === undefined
      ? {}
      : { strength: { body: Number(body), maximum: Number(maximum), held: Number(held) } };
  return [
    id,
    {
      ...strength,
      ...(hold === undefined ? {} : { holdSeconds: Number(hold) }),
      skill: SKILLS.find((n) => n === Number(skill)) as Skill,
      ...(begins && phases ? phasesOf(begins, phases) : {}),
    },
  ];
}

function readTable(table: string): readonly (readonly [string, Facts])[] {
  return table
    .split("\n")
    .map((line) => line.trim())
    .filter((line) => line !== "" && !line.startsWith("#"))
    .map(readLine);
}

const LINES = [LOWER, UPPER, TRUNK_AND_MORE].flatMap(readTable);
const FACTS: ReadonlyMap<string, Facts> = new Map(LINES);

/** Ids in the order of the tables; a test holds that each move has one line. */
export const FACT_IDS: readonly string[] = LINES.map(([id]) => id);

/** What the tables say of a move of the library; empty where it has no line. */
export function factsOf(id: string): Facts {
  return FACTS.get(id) ?? {};
}
