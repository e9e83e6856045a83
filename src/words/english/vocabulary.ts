/** English names of what the core has codes for: one table a kind, each with every code. */
import type { BlockRole, LoadTarget, Stance } from "../../core/class/document";
import type { SegmentKind } from "../../core/class/expand";
import type { BlockShape } from "../../core/class/sentence";
import type { SetGroup } from "../../core/effort/room-limits";
import type { Mark } from "../../core/homes/home";
import type { KitType } from "../../core/homes/kit";
import type { Limit } from "../../core/homes/limits";
import type { SessionState } from "../../core/live/session";
import type { Effort } from "../../core/log/entries";
import type {
  BodyLoad,
  LinkHow,
  Move,
  Muscle,
  NeedRole,
  Pattern,
  Position,
  Tension,
} from "../../core/moves/move";
import type { ThingId } from "../../core/parts/announce";
import type { Status } from "../../core/parts/part";
import type { Filter } from "../../core/parts/room-rows";
import type { Activity, Adapt, Advice, AskFirst, Intended } from "../../core/readiness/readiness";
import type { More } from "../../core/strength/more";
import type { TrailKind } from "../../core/trail/trail";
import type { Side } from "../../core/units";

/** By how many: `{count}`. */
export const kit = {
  dumbbell: "{count, plural, one {dumbbell} other {dumbbells}}",
  "adjustable-dumbbell": "{count, plural, one {adjustable dumbbell} other {adjustable dumbbells}}",
  kettlebell: "{count, plural, one {kettlebell} other {kettlebells}}",
  "tube-band": "{count, plural, one {tube band} other {tube bands}}",
  "loop-band": "{count, plural, one {long loop band} other {long loop bands}}",
  "mini-band": "{count, plural, one {mini band} other {mini bands}}",
  "strap-trainer": "{count, plural, one {suspension strap} other {suspension straps}}",
  "door-anchor": "{count, plural, one {door anchor} other {door anchors}}",
  "overhead-bar": "{count, plural, one {overhead bar} other {overhead bars}}",
  bench: "{count, plural, one {bench} other {benches}}",
  step: "{count, plural, one {step} other {steps}}",
  ball: "{count, plural, one {stability ball} other {stability balls}}",
  roller: "{count, plural, one {roller} other {rollers}}",
  slider: "{count, plural, one {slider} other {sliders}}",
  mat: "{count, plural, one {mat} other {mats}}",
  barbell: "{count, plural, one {barbell} other {barbells}}",
  plate: "{count, plural, one {plate} other {plates}}",
  "ankle-strap": "{count, plural, one {ankle strap} other {ankle straps}}",
  "ankle-weight": "{count, plural, one {ankle weight} other {ankle weights}}",
  "weight-vest": "{count, plural, one {weight vest} other {weight vests}}",
  "medicine-ball": "{count, plural, one {medicine ball} other {medicine balls}}",
  sandbag: "{count, plural, one {sandbag} other {sandbags}}",
  "skipping-rope": "{count, plural, one {skipping rope} other {skipping ropes}}",
  rack: "{count, plural, one {rack} other {racks}}",
  "push-up-handles": "{count, plural, one {pair of push-up handles} other {pairs of push-up handles}}",
  chair: "{count, plural, one {chair} other {chairs}}",
  sofa: "{count, plural, one {sofa} other {sofas}}",
  table: "{count, plural, one {table} other {tables}}",
  counter: "{count, plural, one {counter} other {counters}}",
  bed: "{count, plural, one {bed} other {beds}}",
  stairs: "{count, plural, one {flight of stairs} other {flights of stairs}}",
  cushion: "{count, plural, one {cushion} other {cushions}}",
  wall: "{count, plural, one {clear wall} other {clear walls}}",
  door: "{count, plural, one {door} other {doors}}",
  towel: "{count, plural, one {towel} other {towels}}",
  backpack: "{count, plural, one {backpack} other {backpacks}}",
  bottle: "{count, plural, one {bottle} other {bottles}}",
  tin: "{count, plural, one {tin} other {tins}}",
  jug: "{count, plural, one {jug} other {jugs}}",
  books: "{count, plural, one {stack of books} other {stacks of books}}",
  broomstick: "{count, plural, one {broomstick} other {broomsticks}}",
} as const satisfies Record<KitType, string>;

/** By what stands before it: one with its article, one without, several. */
export const need = {
  "hand-weight": "{form, select, a {a hand weight} one {hand weight} other {equal hand weights}}",
  "held-weight":
    "{form, select, a {a weight for both hands} one {weight for both hands} other {weights for both hands}}",
  "worn-weight":
    "{form, select, a {a loaded backpack or vest} one {loaded backpack or vest} other {loaded backpacks}}",
  "long-band": "{form, select, a {a long band} one {long band} other {long bands}}",
  "mini-band": "{form, select, a {a mini band} one {mini band} other {mini bands}}",
  anchor: "{form, select, a {an anchor} one {anchor} other {anchors}}",
  door: "{form, select, a {a door that latches and opens away} one {door that latches and opens away} other {doors that latch}}",
  strap: "{form, select, a {a suspension strap} one {suspension strap} other {suspension straps}}",
  support: "{form, select, a {a support} one {support} other {supports}}",
  "slider-pair": "two sliders on a smooth floor",
  wall: "{form, select, a {a clear wall} one {clear wall} other {clear walls}}",
  bar: "{form, select, a {an overhead bar} one {overhead bar} other {overhead bars}}",
  ball: "{form, select, a {a stability ball} one {stability ball} other {stability balls}}",
  "soft-surface": "{form, select, a {a mat or carpet} one {mat or carpet} other {mats}}",
  towel: "{form, select, a {a towel} one {towel} other {towels}}",
  stick: "{form, select, a {a broomstick} one {broomstick} other {broomsticks}}",
  kettlebell: "{form, select, a {a kettlebell} one {kettlebell} other {kettlebells}}",
  bench: "{form, select, a {a bench} one {bench} other {benches}}",
  barbell: "{form, select, a {a barbell} one {barbell} other {barbells}}",
  filling: "{form, select, a {something to fill it} one {something to fill it} other {things to fill it}}",
  cable: "{form, select, a {a cable} one {cable} other {cables}}",
  machine: "{form, select, a {a machine} one {machine} other {machines}}",
  roller: "{form, select, a {a roller} one {roller} other {rollers}}",
  "ankle-strap": "{form, select, a {an ankle strap} one {ankle strap} other {ankle straps}}",
  "ankle-weight": "{form, select, a {an ankle weight} one {ankle weight} other {ankle weights}}",
  rope: "{form, select, a {a skipping rope} one {skipping rope} other {skipping ropes}}",
  rack: "{form, select, a {a rack} one {rack} other {racks}}",
  "handle-pair": "two handles that can't roll",
  cushion: "{form, select, a {a cushion} one {cushion} other {cushions}}",
  wedge: "{form, select, a {a book or rolled towel} one {book or rolled towel} other {books}}",
  stairs: "{form, select, a {a flight of stairs} one {flight of stairs} other {flights of stairs}}",
} as const satisfies Record<NeedRole, string>;

/** For lists, and after “asked for”. */
export const limit = {
  "no-jumping": "no jumping",
  "no-floor": "no floor work",
  "no-kneeling": "no kneeling",
  "no-overhead": "nothing overhead",
  "no-wrist-load": "no load on the wrists",
  "shallow-knees": "shallow knees",
  "no-deep-hinge": "no deep hinge",
  "no-spine-flexion": "no rounding of the back",
  "no-twisting": "no twisting",
  "not-face-down": "not face down",
  "not-on-back": "not on the back",
  "no-long-holds": "no long holds",
  "balance-support": "something to hold for balance",
  "no-straining": "no straining",
  "no-head-down": "head not below the heart",
  "no-gripping": "no gripping",
  "no-quick-turns": "no quick turns",
  "no-single-leg": "not on one leg",
  quiet: "quiet, nothing louder than a step",
  "seated-only": "seated only",
  "no-plank": "no planks",
  "use-left-only": "left arm only",
  "use-right-only": "right arm only",
  "left-leg-only": "left leg only",
  "right-leg-only": "right leg only",
} as const satisfies Record<Limit, string>;

export const mark = {
  flat: "easier",
  natural: "as set",
  sharp: "harder",
} as const satisfies Record<Mark, string>;

export const status = {
  "as-set": "as set",
  eased: "eased",
  raised: "raised",
  swapped: "swapped",
  unmet: "unmet",
} as const satisfies Record<Status, string>;

/** What is going on while nobody works, and what a segment is in lists. */
export const segment = {
  brief: "Talk",
  demo: "Show",
  prepare: "Get ready",
  work: "Work",
  "side-change": "Change sides",
  rest: "Rest",
  "long-rest": "Rest",
  after: "Water",
} as const satisfies Record<SegmentKind, string>;

export const stance = {
  form: "form first",
  strength: "strength",
  density: "density",
} as const satisfies Record<Stance, string>;

export const muscle = {
  quads: "quads",
  glutes: "glutes",
  hamstrings: "hamstrings",
  adductors: "adductors",
  abductors: "abductors",
  calves: "calves",
  chest: "chest",
  "front-shoulders": "front shoulders",
  "side-shoulders": "side shoulders",
  "rear-shoulders": "rear shoulders",
  "upper-back": "upper back",
  lats: "lats",
  biceps: "biceps",
  triceps: "triceps",
  forearms: "forearms",
  abs: "abs",
  obliques: "obliques",
  "lower-back": "lower back",
  "hip-flexors": "hip flexors",
} as const satisfies Record<Muscle, string>;

export const pattern = {
  squat: "squat",
  hinge: "hinge",
  lunge: "lunge",
  "push-horizontal": "push horizontal",
  "push-vertical": "push vertical",
  "pull-horizontal": "pull horizontal",
  "pull-vertical": "pull vertical",
  carry: "carry",
  brace: "brace",
  flex: "flex",
  rotate: "rotate",
  "arm-flexion": "arm flexion",
  "arm-extension": "arm extension",
  "shoulder-raise": "shoulder raise",
  calf: "calf",
  "hip-abduction": "hip abduction",
  jump: "jump",
  run: "run",
  stretch: "stretch",
  mobility: "mobility",
} as const satisfies Record<Pattern, string>;

export const position = {
  standing: "standing",
  "half-kneeling": "half kneeling",
  kneeling: "kneeling",
  "all-fours": "all fours",
  plank: "plank",
  prone: "prone",
  supine: "supine",
  "side-lying": "side lying",
  seated: "seated",
} as const satisfies Record<Position, string>;

export const side = { left: "left", right: "right" } as const satisfies Record<Side, string>;

export const tension = {
  light: "light",
  medium: "medium",
  heavy: "heavy",
} as const satisfies Record<Tension, string>;

export const target = {
  none: "none",
  light: "light",
  medium: "medium",
  heavy: "heavy",
} as const satisfies Record<LoadTarget, string>;

export const role = {
  warmup: "warm-up",
  main: "main",
  finisher: "finisher",
  cooldown: "cool-down",
  break: "break",
  talk: "talk",
} as const satisfies Record<BlockRole, string>;

export const session = {
  planned: "planned",
  open: "open",
  running: "running",
  ended: "taught",
  cancelled: "cancelled",
} as const satisfies Record<SessionState, string>;

/** How one move becomes an easier or a harder one. */
export const how = {
  lever: "lever",
  range: "range",
  support: "support",
  stability: "stability",
  impact: "impact",
  speed: "speed",
  load: "load",
  limbs: "one or two limbs",
  pause: "pause",
  kit: "other kit",
  position: "position",
} as const satisfies Record<LinkHow, string>;

/** What a move asks of a body. */
export const asks = {
  floor: "on the floor",
  kneeling: "kneeling",
  wrist: "wrists",
  "deep-knee": "deep knee",
  overhead: "overhead",
  "deep-hinge": "deep hinge",
  "spine-flexion": "rounding the back",
  twist: "twisting",
  "long-hold": "long hold",
  balance: "balance",
  straining: "straining",
  "head-down": "head down",
  grip: "gripping",
  "quick-turn": "quick turns",
  "single-leg": "one leg",
  jump: "jumping",
} as const satisfies Record<BodyLoad, string>;

/** How a move works its sides. */
export const sides = {
  both: "both sides together",
  alternating: "sides in turn, rep by rep",
  inTurn: "one side, then the other",
} as const satisfies Record<Move["sides"], string>;

export const impact = { none: "none", low: "low", high: "high" } as const satisfies Record<
  Move["impact"],
  string
>;
export const noise = { quiet: "quiet", some: "some", loud: "loud" } as const satisfies Record<
  Move["noise"],
  string
>;

/** Whom the room shows. */
export const filter = {
  all: "everyone",
  unmet: "something unmet",
  changed: "something changed",
  short: "short of time",
} as const satisfies Record<Filter, string>;

/** What hard sets are counted for. */
export const setGroup = {
  legs: "legs",
  push: "push",
  pull: "pull",
  trunk: "trunk",
} as const satisfies Record<SetGroup, string>;

/** What somebody could get, with its article. */
export const thing = {
  towel: "a towel",
  chair: "a sturdy chair against a wall",
  wall: "a clear piece of wall",
  backpack: "a backpack",
  bottles: "two water bottles of 1.5 l",
  "mini-band": "a mini band",
  "long-band": "a long band, medium",
  sliders: "two sliders",
  mat: "a mat",
  step: "a low step",
  "dumbbells-3": "two dumbbells of 3 kg",
  "dumbbells-6": "two dumbbells of 6 kg",
  "dumbbells-10": "two dumbbells of 10 kg",
  kettlebell: "a kettlebell of 12 kg",
  ball: "a stability ball",
  strap: "a suspension strap",
  "door-anchor": "a door anchor",
} as const satisfies Record<ThingId, string>;

/** What a block is, by its structure. */
export const shape = {
  talk: "talk",
  break: "break",
  "as-many-rounds": "as many rounds as possible",
  "straight-sets": "straight sets",
  windows: "every-minute windows",
  intervals: "intervals",
  "one-move": "one move",
  superset: "superset",
  triset: "triset",
  circuit: "circuit",
  sequence: "sequence",
} as const satisfies Record<BlockShape, string>;

/** The readiness check's first group: any of these, and a professional is asked first. */
export const askFirst = {
  chest: "Discomfort or pressure in the chest, neck, jaw or arm, at rest or with effort",
  palpitations: "A heart that races, flutters or misses beats, without a reason",
  faint: "Fainting or dizzy spells",
  breath: "Unusual breathlessness: at rest, lying down, at night or with light effort",
  ankles: "Swollen ankles",
  legs: "Pain or cramp in the legs on walking that goes when you stand still",
  heart: "A known disease of the heart or the vessels, or a stroke",
  kidney: "A known kidney disease",
  metabolic: "Diabetes, or another known metabolic disease",
  medication: "Medication for the heart or for blood pressure",
  surgery: "Surgery not long ago",
  birth: "A birth not long ago",
  told: "A clinician told you not to exercise, or only under supervision",
} as const satisfies Record<AskFirst, string>;

/** Its second group: any of these, and limits are chosen. */
export const adapt = {
  joint: "A sore joint or a sore back",
  pregnancy: "Pregnancy",
  balance: "Trouble with balance, or falls",
  insulin: "Insulin, or tablets that can make your blood sugar low",
  epilepsy: "Epilepsy",
  bones: "Brittle bones, or a bone that broke from little",
  eyes: "Eye surgery not long ago, or an eye that must not strain",
  hernia: "A hernia",
} as const satisfies Record<Adapt, string>;

/** How active somebody is now (Riebe 2015). */
export const activity = {
  regular: "At least half an hour on three days a week, for three months",
  "not-regular": "Less than that, or not at all",
} as const satisfies Record<Activity, string>;

/** How hard they mean to go. */
export const intended = {
  moderate: "So that I can still talk",
  hard: "Harder than that",
} as const satisfies Record<Intended, string>;

/** What the check says to who answered. It clears nobody. */
export const advice = {
  "ask-first": "Speak to a doctor or a qualified professional before you join.",
  "before-hard": "Ask them too how hard you may go.",
  "start-gently": "Begin lighter than you mean to, and take weeks to get there: choose the easier way.",
  pregnancy:
    "Ask your midwife or doctor what suits you. Stop and call them with bleeding, fluid, regular, painful contractions, pain in the belly or the calf, a swollen calf, headache, dizziness, chest pain, weak muscles, or breathlessness before you have begun.",
  insulin: "Do as your care team told you for exercise, and have within reach what you need for a low.",
  unsure: "If you are unsure which limits suit you, ask a professional.",
} as const satisfies Record<Advice, string>;

/** Effort of a whole class, 0 to 10 (session RPE, Foster et al. 2001, J Strength Cond Res 15(1):109–115). */
export const effort = {
  0: "rest",
  1: "very easy",
  2: "easy",
  3: "moderate",
  4: "somewhat hard",
  5: "hard",
  6: "hard",
  7: "very hard",
  8: "very hard",
  9: "very hard",
  10: "as hard as it gets",
} as const satisfies Record<Effort, string>;

/** How many more reps there were in a set. */
export const more = {
  "0-1": "0–1",
  "2-3": "2–3",
  "4-or-more": "4 or more",
} as const satisfies Record<More, string>;

/** Who did what with people's things: `{actor}` did it, `{person}` is whom it is about. */
export const trail = {
  "link-made": "{actor} made a personal link for {person}",
  "link-ended": "{actor} ended the personal links of {person}",
  "own-links-ended": "{person} ended the other links to their page",
  "invitations-written": "{actor} wrote invitations",
  "afterwords-written": "{actor} wrote to those who were there",
  "message-read": "{actor} opened a message to {person} in the outbox",
  "whereabouts-read": "{actor} opened where {person} is and whom to call",
  "answers-kept": "{person} answered the readiness check",
  "answers-opened": "{person} opened their health answers",
  "answers-deleted": "{person} deleted their health answers",
  "data-exported": "{actor} took out everything kept of {person}",
  "roster-exported": "{actor} took out the roster",
  "log-exported": "{actor} took out the log of a session",
  "studio-exported": "{actor} took out the whole studio as an archive",
  "studio-imported": "{actor} took an archive of a studio in",
  "person-erased": "{actor} removed a person and all that was kept of them",
  "coach-asked": "{actor} made a link for a coach to join",
  "coach-joined": "{actor} joined as a coach",
  "coach-removed": "{actor} took a coach out of the studio",
  "coach-left": "{actor} left the studio",
  "signed-in": "{actor} signed in",
  "password-replaced": "{actor} replaced a forgotten password by mail",
  "second-factor-on": "{actor} turned a second factor on",
  "second-factor-off": "{actor} turned the second factor off",
} as const satisfies Record<TrailKind, string>;
