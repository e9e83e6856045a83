"use client";
import type { ClockState } from "@/core/live/fold";
import { useWords } from "@/features/language/use-words";
import { Styled } from "@/ui/styled";
import type { NowText } from "@/words/live-words";
import type { Words } from "@/words/words";
import { Bar, countText, doneOf, leftToCountMs } from "./bar";
import type { CountView } from "./count-view";
import { RepLine } from "./rep-line";

const WIDTH = 1216;
const HEIGHT = 200;
const LEAN = 42;
/** What is counted is written large up to so many characters; a ladder says more. */
const MOST_LARGE = 12;

/** Digits in cells of one width. */
export function Digits({ text }: { readonly text: string }) {
  return (
    <span aria-hidden>
      {[...text].map((digit, i) => (
        // biome-ignore lint/suspicious/noArrayIndexKey: a digit is its place
        <span key={i} className={/\d/.test(digit) ? "digit" : ""}>
          {digit}
        </span>
      ))}
    </span>
  );
}

/** What is done in the present piece: work, rest, talk. */
function doingText({ segment, working }: NowText, words: Words): string {
  if (working) return words.phrase("stage", "work");
  return segment ? words.name("segment", segment.kind) : "";
}

/** The clock: the present piece drawn large, leaning for its side, emptying as time goes. A rest is empty, its base filling. */
export function ClockBar({
  state,
  says,
  count,
}: {
  readonly state: ClockState;
  readonly says: NowText;
  readonly count: CountView | null;
}) {
  const words = useWords();
  const { segment, working } = says;
  const side = working ? (segment?.side ?? null) : null;
  const counting = state.phase === "count-in";
  const done = doneOf(state);
  const text = countText(leftToCountMs(state));
  const doing = counting ? words.phrase("stage", "startsIn") : doingText(says, words);
  const sideText = side ? words.name("side", side) : "";
  const word =
    state.waitedMs > 0 ? words.phrase("stage", "untilNext") : working && !counting ? sideText : doing;
  const label = `${doing}${sideText ? ` ${sideText}` : ""}`;
  return (
    <div className="relative h-[calc(200*var(--t))]" role="timer" aria-label={label}>
      <Bar width={WIDTH} height={HEIGHT} lean={LEAN} side={side} working={working} done={done} />
      {/* Twice the same words, each cut at the bar's edge: dark on what is left, light on what is done. */}
      <Reading
        says={says}
        count={working ? count : null}
        text={text}
        word={word}
        first={counting}
        tone="text-night-text"
        cut={working ? `inset(0 ${100 - done * 100}% 0 0)` : "none"}
      />
      {working && (
        <Reading
          says={says}
          count={count}
          text={text}
          word={word}
          first={counting}
          tone="text-night"
          cut={`inset(0 0 0 ${done * 100}%)`}
        />
      )}
      <span className="sr-only" aria-live="off" data-testid="left">
        {text}
      </span>
    </div>
  );
}

/** Seconds and side, at the right end of the bar; what is counted at its left. */
function Reading(props: {
  readonly says: NowText;
  readonly count: CountView | null;
  readonly text: string;
  readonly word: string;
  /** The word is read before the number: "starts in 3". */
  readonly first: boolean;
  readonly tone: string;
  readonly cut: string;
}) {
  const { says, count } = props;
  return (
    <Styled
      aria-hidden
      className={`absolute inset-0 flex items-end justify-end gap-6 pb-1.5 pr-7 ${props.tone}`}
      look={{ "clip-path": props.cut }}
    >
      {count ? <Counting count={count} says={says} /> : <Amount says={says} />}
      <span className="order-2 font-clock text-[length:calc(176*var(--t))] font-extrabold leading-[0.84]">
        <Digits text={props.text} />
      </span>
      {props.word && (
        <span
          className={`${props.first ? "order-1" : "order-3"} text-[length:calc(76*var(--t))] font-extrabold uppercase leading-none`}
        >
          {props.word}
        </span>
      )}
    </Styled>
  );
}

/** How much there is to do, and how. */
function Amount({ says: { amount, tempo } }: { readonly says: NowText }) {
  const size =
    amount.length <= MOST_LARGE ? "text-[length:calc(64*var(--t))]" : "text-[length:calc(38*var(--t))]";
  return (
    <span className="min-w-0 flex-1 pl-7">
      <span className={`block truncate font-extrabold leading-[1.2] ${size}`}>{amount}</span>
      <span className="block truncate text-[length:calc(34*var(--t))] leading-[calc(44*var(--t))]">
        {tempo}
      </span>
    </span>
  );
}

/** The rep that is on: its number, how many there are, what one does now, and where in it one is. */
function Counting({ count, says }: { readonly count: CountView; readonly says: NowText }) {
  const { number, of, doing, side } = count.text;
  return (
    <>
      <span
        className="pl-6 font-clock text-[length:calc(150*var(--t))] font-extrabold leading-[0.9]"
        data-count={number}
      >
        <Digits text={number} />
      </span>
      <span className="min-w-0 flex-1 self-center">
        <span className="block truncate text-[length:calc(34*var(--t))] leading-[calc(42*var(--t))]">
          {of}
        </span>
        <span className="block min-h-[calc(54*var(--t))] truncate text-[length:calc(46*var(--t))] font-extrabold leading-[calc(54*var(--t))]">
          {[side, doing].filter(Boolean).join(" · ")}
        </span>
        <span className="block truncate text-[length:calc(26*var(--t))] leading-[calc(34*var(--t))]">
          {says.tempo}
        </span>
      </span>
      <RepLine
        now={count.now}
        className="h-[calc(96*var(--t))] w-[calc(220*var(--t))] shrink-0 self-center"
      />
    </>
  );
}
