/**
 * The class file as a JSON Schema (draft 2020-12, https://json-schema.org/draft/2020-12/schema), for programs that
 * aren't ours. It says what a file looks like; what hangs together (ids that are unique, lists as long as appearances,
 * moves that there are) only the check of `class/check-class.ts` knows. Every valid class is valid here too.
 */
import { FOCUSES, LOAD_TARGETS, MOST_ROUNDS, ROLES, SIDES, STANCES } from "../class/document";
import { DOSE_KINDS } from "../class/dose-kinds";
import { KIT_TYPES } from "../homes/kit";
import {
  IMPACTS,
  LINK_HOWS,
  LINK_KINDS,
  MUSCLES,
  NEED_ROLES,
  NOISES,
  PATTERNS,
  POSITIONS,
} from "../moves/move";

export const CLASS_SCHEMA_ID = "urn:brontle:class:1";

const ref = (name: string) => ({ $ref: `#/$defs/${name}` });
const whole = (minimum: number, maximum: number) => ({ type: "integer", minimum, maximum });
const text = (minLength = 0, maxLength = 10_000) => ({ type: "string", minLength, maxLength });
const list = (items: object, maxItems: number, minItems = 0) => ({
  type: "array",
  items,
  minItems,
  maxItems,
});
const oneOf = (values: readonly unknown[]) => ({ enum: [...values] });
const either = (...anyOf: readonly object[]) => ({ anyOf });
const bool = { type: "boolean" };
const object = (properties: Readonly<Record<string, object>>, required: readonly string[] = []) => ({
  type: "object",
  properties,
  required: [...required],
});

/** A whole number, or a span with both ends. */
const span = (least: number, most: number) =>
  either(
    whole(least, most),
    object({ min: whole(least, most), plan: whole(least, most), max: whole(least, most) }, ["min", "max"]),
  );

const TIME = 7200;
const seconds = whole(0, TIME);
const times = span(0, TIME);
/** Of these keys exactly one stands there. */
const exactlyOne = (keys: readonly string[]) => ({ oneOf: keys.map((key) => ({ required: [key] })) });

const repSeconds = { type: "number", exclusiveMinimum: 0, maximum: 120 };

const DEFS = {
  move: either(text(1, 100), ref("namedMove")),
  need: object({ as: oneOf(NEED_ROLES) }, ["as"]),
  link: object({ to: text(1), kind: oneOf(LINK_KINDS), how: oneOf(LINK_HOWS) }, ["to", "kind"]),
  facts: object({
    pattern: oneOf(PATTERNS),
    muscles: object({
      primary: list(oneOf(MUSCLES), MUSCLES.length),
      secondary: list(oneOf(MUSCLES), MUSCLES.length),
    }),
    position: oneOf(POSITIONS),
    sides: oneOf(["both", "alternating", "inTurn"]),
    impact: oneOf(IMPACTS),
    noise: oneOf(NOISES),
    repSeconds,
    isometric: bool,
    stable: bool,
    needs: list(list(ref("need"), 6), 6),
    links: list(ref("link"), 40),
    cues: list(text(0, 500), 10),
    faults: list(text(0, 500), 10),
    cautions: list(text(0, 500), 10),
  }),
  namedMove: { allOf: [ref("facts"), object({ name: text(1), like: text(1, 100) }, ["name"])] },
  ownMove: { allOf: [ref("facts"), object({ id: text(1), name: text(1) }, ["id", "name"])] },
  dose: {
    ...object({
      seconds: span(1, TIME),
      hold: span(1, TIME),
      reps: span(1, 1000),
      ladder: object(
        {
          from: whole(1, 100),
          to: whole(1, 100),
          step: whole(1, 100),
          hold: { type: "number", minimum: 0, maximum: 60 },
          holdOn: oneOf(["rung", "rep"]),
        },
        ["from", "to"],
      ),
      toLimit: span(1, TIME),
      reserve: whole(0, 10),
      allow: span(1, TIME),
      sequence: list(object({ move: text(1, 100), reps: whole(1, 1000) }, ["move", "reps"]), 4, 2),
      tempo: text(),
      repSeconds,
      within: whole(1, TIME),
      // Of pulses and hold exactly one.
      then: { ...object({ pulses: whole(1, 100), hold: whole(1, 100) }), ...exactlyOne(["pulses", "hold"]) },
    }),
    // Seconds may stand beside a sequence; otherwise a dose is of one kind.
    oneOf: [
      ...DOSE_KINDS.filter((kind) => kind !== "seconds").map((kind) => ({ required: [kind] })),
      { required: ["seconds"], not: { required: ["sequence"] } },
    ],
  },
  load: {
    ...object({
      target: oneOf(LOAD_TARGETS),
      kg: { type: "number", minimum: 0, maximum: 500 },
      rir: { type: "number", minimum: 0, maximum: 10 },
      rpe: { type: "number", minimum: 0, maximum: 10 },
    }),
    ...exactlyOne(["target", "kg", "rir", "rpe"]),
  },
  way: object({
    move: ref("move"),
    reps: span(1, 1000),
    tempo: text(),
    load: ref("load"),
    seconds: whole(1, TIME),
    rounds: whole(1, MOST_ROUNDS),
    note: text(),
  }),
  slot: object(
    {
      id: text(1, 200),
      move: ref("move"),
      dose: either(ref("dose"), list(ref("dose"), MOST_ROUNDS, 1)),
      sides: oneOf(SIDES),
      firstSide: oneOf(["left", "right"]),
      count: oneOf(["each", "total"]),
      sideChange: seconds,
      rest: times,
      rounds: list(whole(1, MOST_ROUNDS), MOST_ROUNDS, 1),
      demo: seconds,
      load: either(ref("load"), list(ref("load"), MOST_ROUNDS)),
      pinned: bool,
      together: text(),
      locked: either(bool, list(text(), 50)),
      marks: object({ flat: ref("way"), sharp: ref("way") }),
      alternatives: list(object({ move: text(1, 100), note: text() }, ["move"]), 10),
      choice: bool,
      cue: either(text(), { type: "array", items: text() }),
      call: either(text(), { type: "array", items: text() }),
      steps: list(text(), 30, 1),
    },
    ["id", "move", "dose"],
  ),
  block: object(
    {
      id: text(1, 200),
      title: text(),
      role: oneOf(ROLES),
      brief: seconds,
      demo: seconds,
      demoAt: oneOf(["block", "slot"]),
      prepare: seconds,
      loop: oneOf(["lap", "station"]),
      rounds: span(1, MOST_ROUNDS),
      rest: times,
      longRest: times,
      after: seconds,
      cap: whole(1, TIME),
      restMove: ref("move"),
      longRestMove: ref("move"),
      atEnd: oneOf(["run", "wait"]),
      pace: oneOf(["clock", "own"]),
      stacked: bool,
      locked: list(text(), 50),
      least: object({ rounds: whole(1, MOST_ROUNDS) }),
      heart: bool,
      slots: list(ref("slot"), 40),
    },
    ["id", "title"],
  ),
  promise: object({
    minutes: whole(1, 600),
    moves: whole(0, 1000),
    focus: list(oneOf(FOCUSES), FOCUSES.length),
    kit: list(oneOf(KIT_TYPES), KIT_TYPES.length),
  }),
} as const;

/** The schema as a value that is written as it is. */
export const CLASS_SCHEMA = {
  $schema: "https://json-schema.org/draft/2020-12/schema",
  $id: CLASS_SCHEMA_ID,
  title: "A class of timed home training (brontle.class, version 1)",
  description: "All times are whole seconds. Keys that aren't named here are kept as they are.",
  ...object(
    {
      format: { const: "brontle.class" },
      version: { const: 1 },
      title: text(1, 120),
      stance: oneOf(STANCES),
      promise: ref("promise"),
      moves: list(ref("ownMove"), 200),
      acknowledged: list(
        object({ code: text(), where: { type: "object" }, reason: text(), of: text() }, [
          "code",
          "where",
          "reason",
          "of",
        ]),
        1000,
      ),
      overruled: list(
        object({ slot: text(1, 100), person: text(1, 100), move: text(1, 100) }, ["slot", "person", "move"]),
        2000,
      ),
      blocks: list(ref("block"), 60, 1),
    },
    ["format", "version", "title", "stance", "blocks"],
  ),
  $defs: DEFS,
} as const;
