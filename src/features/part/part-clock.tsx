import type { Segment } from "@/core/class/expand";
import type { ClockState } from "@/core/live/fold";
import type { Side } from "@/core/units";
import { useWords } from "@/features/language/use-words";
import { Bar, countText, doneOf, leftToCountMs } from "@/features/live/bar";
import type { CountView } from "@/features/live/count-view";
import { RepLine } from "@/features/live/rep-line";
import { Styled } from "@/ui/styled";
import type { Words } from "@/words/words";

const WIDTH = 350;
const HEIGHT = 176;
const LEAN = 24;
/** A time of so many signs is written large: one past ten minutes stands beside what is counted. */
const MOST_LARGE = 4;

/** The key of the word for a kind of time. */
const CLOCK_WORD: Record<Segment["kind"], string> = {
  brief: "brief",
  demo: "demo",
  prepare: "prepare",
  work: "none",
  "side-change": "change",
  rest: "rest",
  "long-rest": "rest",
  after: "after",
};

interface Props {
  readonly state: ClockState;
  readonly segment: Segment | null;
  readonly working: boolean;
  /** The person's own, which may be another than the score's. */
  readonly side: Side | null;
  /** The count of their own way; null where nothing is counted now. */
  readonly count: CountView | null;
  /** The word beside the seconds, where it is another than what kind of time it is. */
  readonly word?: string;
}

/** The word beside the seconds: what one does, or the side that works. */
function wordOf({ state, segment, working, side, word }: Props, words: Words): string {
  if (word !== undefined) return word;
  const clock = (kind: string) => words.phrase("part", "clock", { kind });
  if (state.phase === "count-in") return clock("in");
  if (working) return words.phrase("part", "sideLetter", { side: side ?? "none" });
  if (!segment) return "";
  // Who works both sides at once has none to change.
  return clock(CLOCK_WORD[segment.kind === "side-change" && side === null ? "rest" : segment.kind]);
}

/** What is left of the bar while one works: dark over it, light over what is done. */
function cutOf(dark: boolean, working: boolean, done: number): string {
  if (dark) return `inset(0 0 0 ${done * 100}%)`;
  return working ? `inset(0 ${100 - done * 100}% 0 0)` : "none";
}

/** At the left of the bar: what one does, which rep it is, and of how many. */
function Counting({ count: { now, text } }: { readonly count: CountView }) {
  return (
    <span className="flex h-full min-w-0 flex-1 flex-col justify-end pb-1 pl-[min(12px,3vw)] leading-none">
      <RepLine now={now} className="h-[min(44px,11vw)] w-[min(100px,25vw)] lying:h-[11vh] lying:w-[25vh]" />
      <span className="mt-1 truncate text-[min(22px,5.5vw)] font-extrabold lying:text-[min(22px,6vh)]">
        {[text.side, text.doing].filter(Boolean).join(" ") || "\u00a0"}
      </span>
      <span
        data-count={text.number}
        className="flex items-baseline gap-[min(6px,1.2vw)] font-clock text-[min(76px,19vw)] font-extrabold lying:text-[min(76px,19vh)]"
      >
        {text.number}
        <span className="whitespace-nowrap font-sans text-[min(18px,4.5vw)] font-bold">{text.of}</span>
      </span>
    </span>
  );
}

/** The score's own bar on a phone: emptying while one works, its base filling while one rests. */
export function PartClock(props: Props) {
  const { state, working } = props;
  const text = countText(leftToCountMs(state));
  const done = doneOf(state);
  const side = working ? props.side : null;
  const words = useWords();
  const word = wordOf(props, words);
  return (
    <div
      className="relative mt-1.5 h-[min(11rem,44vw)] lying:h-[min(11rem,42vh)]"
      role="timer"
      aria-label={`${working ? words.phrase("part", "work") : word} ${side ? words.name("side", side) : ""}`}
    >
      <Bar width={WIDTH} height={HEIGHT} lean={LEAN} side={side} working={working} done={done} />
      {(working ? [false, true] : [false]).map((dark) => (
        <Styled
          key={String(dark)}
          aria-hidden
          className={`absolute inset-0 flex items-end justify-end gap-3 pb-1 pr-4 ${dark ? "text-night" : "text-night-text"}`}
          look={{ "clip-path": cutOf(dark, working, done) }}
        >
          {working && props.count && <Counting count={props.count} />}
          <span
            className={`order-2 font-clock font-extrabold leading-[0.84] tabular-nums ${text.length > MOST_LARGE ? "text-[min(60px,15vw)] lying:text-[min(60px,15vh)]" : "text-[min(168px,42vw)] lying:text-[min(168px,40vh)]"}`}
          >
            {text}
          </span>
          {word && (
            <span
              className={`${state.phase === "count-in" ? "order-1" : "order-3"} ${text.length > MOST_LARGE ? "text-[min(22px,5.5vw)]" : "text-[min(44px,11vw)]"} font-extrabold uppercase leading-none`}
            >
              {word}
            </span>
          )}
        </Styled>
      ))}
      <span className="sr-only" data-testid="left">
        {text}
      </span>
    </div>
  );
}
