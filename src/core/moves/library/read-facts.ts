/**
 * Strength, hold, skill and phases of a move, as its row writes them: `body maximum held  skill  begins phases`;
 * in place of the three numbers `hold seconds` of an isometric move, or `-` where there is no load that could be
 * chosen; in place of the phases (lower-pause-lift-pause, seconds) `-` or nothing where a rep has none.
 *
 * Shares of the body's mass: press-ups after Ebben 2011 (regular 64 %, from the knees 49 %, feet raised
 * 30 cm 70 %, hands raised 60 cm 41 %); squats and lunges the body less shanks and feet, from segment masses
 * (de Leva 1996: 4.33 % and 1.37 % a leg, so 89 %); others are estimates of ours (docs/strength.md).
 */
import { type Move, type Phases, SKILLS, type Skill } from "../move";

export type Facts = Pick<Move, "strength" | "holdSeconds" | "skill" | "phases" | "tempo">;

const FACTS =
  /^(?:(?<body>[\d.]+)\s+(?<maximum>[\d.]+)\s+(?<held>\d)|hold (?<hold>\d+)|-)\s+(?<skill>[1-5])(?:\s+(?:(?<begins>lower|lift) (?<phases>[\d.]+-[\d.]+-[\d.]+-[\d.]+)|-))?$/;

function phasesOf(begins: string, text: string): Pick<Facts, "phases" | "tempo"> {
  const seconds = text.split("-").map(Number) as unknown as Phases["seconds"];
  const phases = { begins: begins as Phases["begins"], seconds };
  return seconds.every(Number.isInteger) ? { phases, tempo: seconds.join("-") } : { phases };
}

/** @throws RangeError for a text that is not in the form */
export function readFacts(text: string): Facts {
  const found = FACTS.exec(text.trim())?.groups;
  if (!found) throw new RangeError(`not the facts of a move: ${text}`);
  const { body, maximum, held, hold, skill, begins, phases } = found;
  const strength = { body: Number(body), maximum: Number(maximum), held: Number(held) };
  return {
    ...(body === undefined ? {} : { strength }),
    ...(hold === undefined ? {} : { holdSeconds: Number(hold) }),
    skill: SKILLS.find((n) => n === Number(skill)) as Skill,
    ...(begins && phases ? phasesOf(begins, phases) : {}),
  };
}
