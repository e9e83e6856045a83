/**
 * What a move passes through and puts weight on, as its row writes it: what differs from what its position says by
 * itself, in these words:
 *
 * `floor` `off-floor` `off-chair` (a seat that isn't a chair) · `via:plank,kneeling` · `plank` · `hands:64`
 * `fore:55` (percent of the body on them) · `knees` · `feet:…` · `legs:…` · `arms:…` ·
 * `knee:…` · `hinge:…` · `bends` `arches` `turns` `side` (with + against a load) · `reach:…` · `head-low` ·
 * `face:…` · `grip:…` · `quick` · `above-face` · `balance:…`
 */
import { usualBody } from "../body";
import {
  BALANCES,
  type BodyFacts,
  FACES,
  FEET,
  GRIPS,
  HINGES,
  KNEE_BENDS,
  LIMBS,
  REACHES,
  SPINES,
} from "../body-facts";
import { POSITIONS, type Position } from "../move";

type Writable = { -readonly [K in keyof BodyFacts]: BodyFacts[K] };

function oneOf<T extends string>(value: string, closed: readonly T[]): T {
  const found = closed.find((word) => word === value);
  if (found === undefined) throw new RangeError(`"${value}" is not one of ${closed.join(", ")}`);
  return found;
}

const FLAGS: Record<string, Partial<BodyFacts>> = {
  floor: { floor: true },
  "off-floor": { floor: false },
  "off-chair": { chair: false },
  plank: { plank: true },
  knees: { onKnees: true },
  "head-low": { headLow: true },
  quick: { quick: true },
  "above-face": { aboveFace: true },
};

const VALUES: Record<string, (body: Writable, value: string) => void> = {
  via: (body, value) => {
    const more = value.split(",").map((word) => oneOf(word, POSITIONS));
    body.passes = [...body.passes, ...more];
    body.floor = true;
    if (more.includes("plank")) body.plank = true;
    if (more.includes("kneeling") || more.includes("all-fours")) body.onKnees = true;
  },
  hands: (body, value) => {
    body.onHands = Number(value);
    body.arms = "both";
  },
  fore: (body, value) => {
    body.onHands = 0;
    body.onForearms = Number(value);
    body.arms = "both";
  },
  feet: (body, value) => {
    body.feet = oneOf(value, FEET);
    body.legs = body.feet === "none" ? "none" : "both";
  },
  legs: (body, value) => {
    body.legs = oneOf(value, LIMBS);
  },
  arms: (body, value) => {
    body.arms = oneOf(value, LIMBS);
  },
  knee: (body, value) => {
    body.knee = oneOf(value, KNEE_BENDS);
  },
  hinge: (body, value) => {
    body.hinge = oneOf(value, HINGES);
  },
  reach: (body, value) => {
    body.reach = oneOf(value, REACHES);
  },
  face: (body, value) => {
    body.face = oneOf(value, FACES);
  },
  grip: (body, value) => {
    body.grip = oneOf(value, GRIPS);
    body.arms = "both";
  },
  balance: (body, value) => {
    body.balance = oneOf(value, BALANCES);
  },
};

function put(body: Writable, token: string): void {
  const colon = token.indexOf(":");
  const value = colon < 0 ? undefined : VALUES[token.slice(0, colon)];
  const loaded = token.endsWith("+");
  const spine = SPINES.find((word) => word === (loaded ? token.slice(0, -1) : token));
  if (value) value(body, token.slice(colon + 1));
  else if (FLAGS[token]) Object.assign(body, FLAGS[token]);
  else if (spine) {
    body.spine = [...body.spine, spine];
    body.spineLoaded ||= loaded;
  } else throw new RangeError(`"${token}" says nothing of a body`);
}

/**
 * The facts of a move of the library. Which arm or leg works is said last, so that `arms:one` beside a grip holds.
 * @throws RangeError for a word that is not in the form
 */
export function readBody(text: string, position: Position): BodyFacts {
  const body: Writable = { ...usualBody(position) };
  const tokens = text.split(/\s+/).filter(Boolean);
  const isLast = (token: string) => token.startsWith("arms:") || token.startsWith("legs:");
  for (const token of [...tokens.filter((t) => !isLast(t)), ...tokens.filter(isLast)]) put(body, token);
  return body;
}
