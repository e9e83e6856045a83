/** The taught class in words: what Teach, Stage and Remote say of a state. */

import type { Load } from "../core/class/document";
import { MARK_GLYPH } from "../core/homes/home";
import { SET_CHANGES, type SetChange } from "../core/live/event-kinds";
import type { CallGroup, Headline, NowNext, OwnLine, PieceSaid } from "../core/live/now-next";
import type { Presence } from "../core/live/presence";
import type { SinceLast } from "../core/live/since-last";
import type { StepNow } from "../core/live/steps";
import type { WaySaid } from "../core/live/three-ways";
import type { WayToShow } from "../core/live/what-to-show";
import { spanText, spanTriple } from "../core/values/span";
import { amountText, spokenDose, stopText, tempoText } from "./dose-words";
import { needName } from "./need-words";
import type { Words } from "./words";

/** The present and the next as they are read. */
export interface NowText extends Pick<NowNext, "segment" | "shown" | "working" | "blockTitle" | "slotId"> {
  readonly roundText: string;
  readonly headline: string;
  readonly cue: string;
  /** What is counted, and how slowly and against what it is done; empty where only time is. */
  readonly amount: string;
  readonly tempo: string;
  readonly otherSide: string;
  readonly next: string;
  readonly fetch: string;
  /** What is different from the last set: `10 reps now, heavier`; empty where nothing is. */
  readonly since: string;
  /** In a block at one's own pace, what there is to do: `3 × Goblet squat, 8–12 reps, medium, rest 60 s`. */
  readonly ownLines: readonly string[] | null;
}

function pieceText(piece: PieceSaid, words: Words): string {
  if ("move" in piece) return piece.move.name;
  const all = "ownPaceOf" in piece ? piece.ownPaceOf : piece.asManyRoundsOf;
  const moves = all.map(({ name }) => name).join(", ") || "none";
  return words.phrase("live", "ownPaceOf" in piece ? "ownPace" : "asManyRounds", { moves });
}

function headlineText(headline: Headline, words: Words): string {
  if (headline === "over") return words.phrase("live", "over");
  return "segment" in headline ? words.name("segment", headline.segment) : pieceText(headline, words);
}

function fetchText({ turn, needs }: NowNext["fetch"], words: Words): string {
  const kit = words.and(needs.map((need) => needName(need, words)));
  return [
    turn ? words.phrase("live", "turn", { turn }) : "",
    kit ? words.phrase("live", "fetchNeeds", { needs: kit }) : "",
  ]
    .filter(Boolean)
    .join(", ");
}

/** The load of this set as the instructor says it; empty where none is set. */
function loadText(load: Load | null, words: Words): string {
  if (!load) return "";
  if (load.kg !== undefined) return words.phrase("live", "loadEach", { kg: words.number(load.kg) });
  if (load.rir !== undefined) return words.phrase("live", "loadReserve", { reserve: words.number(load.rir) });
  if (load.rpe !== undefined) return words.phrase("live", "loadEffort", { effort: words.number(load.rpe) });
  return load.target && load.target !== "none" ? words.name("target", load.target) : "";
}

/**
 * A state in words; `cue` is what is said now where the call sheet says something. `mostWords`: so many can be said of
 * what has changed.
 */
export function nowText(now: NowNext, words: Words, cue = now.cue, mostWords?: number): NowText {
  const { round, dose, segment, shown, working, blockTitle, slotId } = now;
  return {
    segment,
    shown,
    working,
    blockTitle,
    slotId,
    cue,
    roundText: round ? words.phrase("live", "round", { ...round }) : "",
    headline: headlineText(now.headline, words),
    amount: dose ? amountText(dose.dose, dose.reps, words) : "",
    tempo: dose
      ? [tempoText(dose.dose.tempo, words), loadText(dose.load, words)].filter(Boolean).join(", ")
      : "",
    otherSide: now.otherSide ? words.name("side", now.otherSide) : "",
    next: now.next ? pieceText(now.next, words) : "",
    fetch: fetchText(now.fetch, words),
    since: now.since ? sinceText(now.since, words, mostWords) : "",
    ownLines: now.ownPace?.map((line) => ownLineText(line, words)) ?? null,
  };
}

function ownLineText({ sets, move, dose, reps, load, restSeconds }: OwnLine, words: Words): string {
  const said = [
    spokenDose(dose, words),
    tempoText(dose.tempo, words),
    loadText(load, words),
    restSeconds > 0 ? words.phrase("live", "restAfter", { seconds: restSeconds }) : "",
  ];
  const amount = reps ? amountText(dose, reps, words) : "";
  const what = [amount, ...(amount ? said.slice(1) : said)].filter(Boolean).join(", ");
  return words.phrase("live", "ownLine", { sets, move: move.name, what });
}

/** What is different from the last set, in few words, as many as there is room for: what matters most comes first. */
export function sinceText(since: SinceLast, words: Words, mostWords = Number.POSITIVE_INFINITY): string {
  let text = "";
  for (const part of sinceParts(since, words)) {
    const longer = text === "" ? part : `${text}, ${part}`;
    if (longer.split(/\s+/).length > mostWords) break;
    text = longer;
  }
  return text;
}

function sinceParts({ reps, seconds, tempo, load, side }: SinceLast, words: Words): readonly string[] {
  return [
    side ? words.phrase("live", "nowSide", { side: words.name("side", side) }) : "",
    reps === undefined
      ? ""
      : words.phrase("live", "nowReps", { span: spanText(reps), most: spanTriple(reps).max }),
    seconds === undefined ? "" : words.phrase("live", "nowSeconds", { span: spanText(seconds) }),
    load
      ? words.phrase("live", "nowLoad", {
          change: load.change ?? "no",
          load: loadText(load.now, words) || "none",
        })
      : "",
    tempo === undefined ? "" : tempoText(tempo, words),
  ].filter(Boolean);
}

/** What to show for whom, and what only to say, where there is more than one way: `show floor press (4), press-up (6) · say band press (1)`. */
export function showText(ways: readonly WayToShow[], words: Words): string {
  if (ways.length < 2) return "";
  const named = (how: WayToShow["how"]) =>
    ways
      .filter((way) => way.how === how)
      .map(({ name, people }) => words.phrase("live", "toShow", { way: words.inside(name), people }));
  const [show, say] = [named("show"), named("say")];
  return [
    show.length > 0 ? words.phrase("live", "show", { ways: show.join(", ") }) : "",
    say.length > 0 ? words.phrase("live", "say", { ways: say.join(", ") }) : "",
  ]
    .filter(Boolean)
    .join(" · ");
}

/** As the messages name them. */
export const CHANGE_KEY = {
  heavier: "heavier",
  lighter: "lighter",
  "more-reps": "moreReps",
  "fewer-reps": "fewerReps",
  same: "same",
} as const satisfies Readonly<Record<SetChange, string>>;

/** What becomes of the next set of those who said how many more there were: `heavier for 3, fewer reps for 1`. */
export function nextSetsText(changes: Iterable<SetChange>, words: Words): string {
  const all = [...changes];
  return SET_CHANGES.flatMap((change) => {
    const people = all.filter((own) => own === change).length;
    return people > 0 && change !== "same"
      ? [words.phrase("live", "nextSet", { change: CHANGE_KEY[change], people })]
      : [];
  }).join(", ");
}

/** A group to call: `4 ♭ single-leg hinge, half a side, 30 s, then rest`. */
export function groupText({ people, mark, way, halves, stopSeconds }: CallGroup, words: Words): string {
  const said = way === "none" ? words.phrase("live", "noWay") : "note" in way ? way.note : way.move.name;
  return words.phrase("live", "group", {
    people,
    mark: mark === "natural" ? "" : `${MARK_GLYPH[mark]} `,
    way: words.inside(said),
    halves: halves ? "yes" : "no",
    stop:
      stopSeconds === null ? "" : words.phrase("live", "groupStop", { stop: stopText(stopSeconds, words) }),
  });
}

/** One of the three ways that everybody sees; empty where there is none. */
export function wayText(way: WaySaid | null, words: Words): string {
  if (way === null) return "";
  if (way === "slower") return words.phrase("live", "slower");
  if ("note" in way) return way.note;
  if ("move" in way) return way.move.name;
  if ("reps" in way) return words.phrase("way", "reps", { span: spanText(way.reps) });
  if ("rounds" in way) return words.phrase("way", "rounds", { rounds: way.rounds });
  return "tempo" in way ? tempoText(way.tempo, words) : stopText(way.stopSeconds, words);
}

/** `12 here, 2 not yet, 1 late`; nothing before anybody came. */
export function presenceText({ here, notYet, late }: Presence, words: Words): string {
  if (here.length === 0) return "";
  return [
    words.phrase("live", "here", { here: here.length }),
    notYet.length > 0 ? words.phrase("live", "notYet", { notYet: notYet.length }) : "",
    late.size > 0 ? words.phrase("live", "late", { late: late.size }) : "",
  ]
    .filter(Boolean)
    .join(", ");
}

/** A step as it stands where a cue would: “Hips high · 3 of 7”, “Step jack, 7”. */
export function stepText({ text, reps, n, of }: StepNow, words: Words): string {
  if (reps !== null) return `${text}, ${reps}`;
  return words.phrase("live", "step", { text: text.replace(/\.$/, ""), n, of });
}
