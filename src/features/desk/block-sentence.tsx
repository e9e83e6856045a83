"use client";
import { useDeferredValue, useEffect, useId, useMemo, useRef, useState } from "react";
import { setBlock } from "@/core/class/commands";
import { type Block, type ClassDoc, ROLES } from "@/core/class/document";
import { applyEdit } from "@/core/class/edits";
import { expandedSeconds } from "@/core/class/expand";
import {
  blockShape,
  NUMBER_KEYS,
  type NumberKey,
  numberAfter,
  type SentenceNumber,
  sentenceNumbers,
  stepEdit,
  typedEdit,
} from "@/core/class/sentence";
import { LIBRARY_BOOK } from "@/core/moves/library";
import { blockTimes } from "@/core/score/score";
import { changeText, clockText } from "@/core/units";
import { useTexts } from "@/features/language/use-texts";
import { useWords } from "@/features/language/use-words";
import { SteadyClock } from "@/ui/steady-clock";
import { useWidth } from "@/ui/use-width";
import type { Say } from "@/words/screens/screens";
import { numberTail } from "@/words/sentence-words";
import { BlockChoices, type Filler } from "./block-choices";
import { type NumberDoing, NumberField } from "./number-field";
import type { Desk } from "./use-desk";

/** Numbers that are nought and seldom wanted stay out of the sentence until asked for. */
const SELDOM = ["prepare", "demo", "brief", "after"];

/** A block as a sentence whose numbers are edited in place. */
export function BlockSentence({
  desk,
  block,
  onPick,
}: {
  readonly desk: Desk;
  readonly block: Block;
  readonly onPick: (what: Filler) => void;
}) {
  const t = useTexts("slots");
  const words = useWords();
  const [focused, setFocused] = useState<SentenceNumber | null>(null);
  const [all, setAll] = useState(false);
  const doing = useNumbers(desk, block, setFocused);
  const { answer, answerTo, answeredBy } = useAnswers(block.id);
  const title = useRef<HTMLInputElement>(null);
  useWidth(title, Math.max(6, block.title.length + 0.5));
  const numbers = useSteady(useMemo(() => sentenceNumbers(block), [block]));
  const times = blockTimes(desk.score).get(block.id);
  const shown = numbers.filter((number) => all || number.now > 0 || !SELDOM.includes(number.key));
  const effect = useEffectText(desk, block, numbers.find(({ key }) => key === focused?.key) ?? null);
  const line = useRef<HTMLParagraphElement>(null);
  // An answer is seen, also where the sentence stands at the foot of the screen.
  useEffect(() => {
    if (answer) line.current?.scrollIntoView({ block: "nearest" });
  }, [answer]);
  const set = (key: "title" | "role", to: string) => desk.edit(setBlock(block, key, to as never), true);
  return (
    <section aria-label={t("block")} className="mt-1 border-t-2 border-ink pt-2">
      <div className="flex flex-wrap items-baseline gap-x-1 text-base leading-7">
        <input
          aria-label={t("blockTitle")}
          className="border-b-2 border-transparent bg-transparent font-bold hover:border-hairline focus:border-ink focus:outline-none"
          ref={title}
          size={Math.max(6, block.title.length)}
          value={block.title}
          maxLength={120}
          onChange={(event) => set("title", event.target.value)}
        />
        <select
          aria-label={t("roleBlock")}
          className="appearance-none bg-transparent text-quiet underline decoration-hairline underline-offset-4"
          value={block.role ?? "main"}
          onChange={(event) => set("role", event.target.value)}
        >
          {ROLES.map((role) => (
            <option key={role} value={role}>
              {words.name("role", role)}
            </option>
          ))}
        </select>
        <span className="text-quiet">· {words.name("shape", blockShape(block))} ·</span>
        {shown.map((number, i) => (
          <span key={`${block.id} ${number.key}`} className="whitespace-nowrap">
            <NumberField
              number={number}
              answeredBy={answeredBy}
              doing={doing}
              onAnswer={answerTo(number.key)}
            />
            {numberTail(number, words)}
            {i < shown.length - 1 ? "," : ""}
          </span>
        ))}
        <span className="whitespace-nowrap">
          →{" "}
          <SteadyClock
            className="h-[1.25em] align-[-0.365em] text-lg leading-tight"
            time={clockText(times?.seconds ?? 0)}
          />
        </span>
        <span className="text-quiet">{extras(times, t)}</span>
        <button
          type="button"
          className="text-sm text-quiet underline underline-offset-2"
          onClick={() => setAll(!all)}
        >
          {all ? t("lessBlock") : t("moreBlock")}
        </button>
      </div>
      {all && <BlockChoices desk={desk} block={block} onPick={onPick} />}
      <p ref={line} className="h-5 text-sm" aria-live="polite">
        {answer ? (
          <span id={answeredBy} className="text-rust">
            {answer}
          </span>
        ) : desk.trouble ? (
          <span className="text-rust">{desk.trouble}</span>
        ) : (
          <span className="text-quiet">{effect}</span>
        )}
      </p>
    </section>
  );
}

/** The same numbers again where they say the same. */
function useSteady(numbers: readonly SentenceNumber[]): readonly SentenceNumber[] {
  const known = useRef(numbers);
  return useMemo(() => {
    known.current = numbers.map((number) => {
      const before = known.current.find(({ key }) => key === number.key);
      return before && JSON.stringify(before) === JSON.stringify(number) ? before : number;
    });
    return known.current;
  }, [numbers]);
}

/** What is typed into the numbers of a block, on the block as it is by then. */
function useNumbers(
  { edit }: Desk,
  block: Block,
  setFocused: (number: SentenceNumber | null) => void,
): NumberDoing {
  const now = useRef(block);
  now.current = block;
  /** The block as it stood before the number that is being typed. */
  const typing = useRef(block);
  return useMemo(
    () => ({
      type: (key, value, begins) => {
        if (begins) typing.current = now.current;
        edit(typedEdit(now.current, typing.current, key, value), true);
      },
      step: (number, by) => {
        const step = stepEdit(now.current, number, by);
        edit(step, true);
        return numberAfter(now.current, step, number.key);
      },
      focus: (number) => {
        typing.current = now.current;
        setFocused(number);
      },
    }),
    [edit, setFocused],
  );
}

/** Why numbers of a block aren't taken: the first of those that stand. */
function useAnswers(blockId: string) {
  const [answers, setAnswers] = useState<Readonly<Record<string, string | null>>>({});
  const answeredBy = useId();
  const answerTo = useMemo(() => {
    const one = (key: string) => (answer: string | null) =>
      setAnswers((now) => ((now[key] ?? null) === answer ? now : { ...now, [key]: answer }));
    const each = new Map(NUMBER_KEYS.map((key) => [key, one(`${blockId} ${key}`)]));
    return (key: NumberKey) => each.get(key) ?? one(`${blockId} ${key}`);
  }, [blockId]);
  const answer = NUMBER_KEYS.map((key) => answers[`${blockId} ${key}`]).find(Boolean) ?? null;
  return { answer, answerTo, answeredBy };
}

function extras(times: { talkSeconds: number; afterSeconds: number } | undefined, t: Say<"slots">): string {
  const parts = [
    times && times.talkSeconds > 0 ? t("talk", { clock: clockText(times.talkSeconds) }) : null,
    times && times.afterSeconds > 0 ? t("water", { clock: clockText(times.afterSeconds) }) : null,
  ].filter((part) => part !== null);
  return parts.length > 0 ? t("withExtras", { what: parts.join(", ") }) : "";
}

/** What one step of a number does to the whole class; worked out after the score itself is drawn. */
function useEffectText(desk: Desk, block: Block, number: SentenceNumber | null): string {
  const t = useTexts("slots");
  const settled = useDeferredValue(
    useMemo(
      () => ({ doc: desk.doc, plan: desk.score.seconds.plan, block, number }),
      [desk.doc, desk.score, block, number],
    ),
  );
  return useMemo(
    () => (settled.number ? effectOf(settled.doc, settled.plan, settled.block, settled.number, t) : ""),
    [settled, t],
  );
}

function effectOf(
  doc: ClassDoc,
  planSeconds: number,
  block: Block,
  number: SentenceNumber,
  t: Say<"slots">,
): string {
  const next = applyEdit(doc, stepEdit(block, number, number.step));
  if (!next.ok) return "";
  const change = expandedSeconds(next.value, LIBRARY_BOOK, "plan") - planSeconds;
  return t("effectOfStep", { step: number.step, change: changeText(change), bigStep: number.bigStep });
}
