"use client";
import type { KeyboardEvent } from "react";
import { deviceChoices } from "@/browser/device";
import type { Verdict } from "@/core/progress/decisions";
import type { Step } from "@/core/progress/proposal";
import { useTexts } from "@/features/language/use-texts";
import { Button } from "@/ui/button";
import { cx } from "@/ui/cx";
import { Menu, MenuItem } from "@/ui/menu";
import type { PlainKey } from "@/words/screens/screens";

export interface NextLine {
  readonly move: string;
  readonly name: string;
  readonly step: Step;
  readonly what: string;
  readonly why: string;
  readonly evidence: readonly { readonly day: string; readonly text: string }[];
  /** What may stand in its place, but for the step itself. */
  readonly others: readonly { readonly step: Step; readonly text: string }[];
  readonly decided: { readonly verdict: Verdict; readonly text: string } | null;
}

const WORDS: Readonly<Record<Verdict, PlainKey<"next">>> = {
  accepted: "accepted",
  changed: "changed",
  dismissed: "left",
};

/** One step of one person in a move: what, why, from what; accepted, changed or left. */
export function NextRow(props: {
  readonly name: string;
  readonly line: NextLine;
  readonly decided: NextLine["decided"];
  readonly onDecide: (verdict: Verdict, step: Step, text: string) => void;
  readonly onGo: (from: HTMLElement, by: -1 | 1) => void;
}) {
  const t = useTexts("next");
  const { name, line, decided, onDecide, onGo } = props;
  const asks = line.step.do === "ask";
  const runs: Readonly<Record<string, () => void>> = {
    a: () => onDecide("accepted", line.step, line.what),
    d: () => onDecide("dismissed", line.step, ""),
  };
  const keys = (event: KeyboardEvent<HTMLLIElement>) => {
    const row = event.currentTarget;
    const by = { ArrowDown: 1, ArrowUp: -1 }[event.key] as -1 | 1 | undefined;
    if (by && event.target === row) {
      event.preventDefault();
      onGo(row, by);
    }
    const run = event.ctrlKey || event.metaKey || event.altKey ? undefined : runs[event.key.toLowerCase()];
    if (!run || event.target !== row || !deviceChoices().letters) return;
    run();
    onGo(row, 1);
  };
  return (
    <li
      data-next={line.move}
      // biome-ignore lint/a11y/noNoninteractiveTabindex: one goes from line to line and decides by a letter
      tabIndex={0}
      aria-label={`${name}, ${line.name}: ${line.what}`}
      onKeyDown={keys}
      className="grid grid-cols-[13rem_minmax(0,1fr)_auto] items-baseline gap-x-4 border-b border-hairline py-1.5 focus:bg-marker/40 focus-visible:outline-2 focus-visible:outline-ink max-[900px]:grid-cols-1"
    >
      <span className="font-semibold">{line.name}</span>
      <span className={cx(decided?.verdict === "dismissed" && "text-quiet")}>
        <b
          className={cx(
            asks && "border-l-4 border-stop pl-2",
            decided?.verdict === "dismissed" && "font-normal line-through",
          )}
        >
          {line.what}
        </b>{" "}
        <span className="text-quiet">{line.why}</span>
        <span className="block text-sm text-quiet">
          {line.evidence.map(({ day, text }) => `${day}: ${text}`).join(" · ")}
        </span>
      </span>
      <span className="flex items-baseline justify-end gap-x-1.5">
        {decided ? (
          <>
            <span className="text-sm">
              {t(WORDS[decided.verdict])}
              {decided.verdict === "changed" && <b> {decided.text}</b>}
            </span>
            <Others line={line} name={name} word={t("other")} onDecide={onDecide} />
          </>
        ) : (
          <>
            <Button aria-label={`${asks ? t("asked") : t("accept")}: ${name}, ${line.name}`} onClick={runs.a}>
              {asks ? t("asked") : t("accept")}
            </Button>
            <Others line={line} name={name} word={t("change")} onDecide={onDecide} />
            <Button
              look="bare"
              className="px-2"
              aria-label={t("leave", { name, name2: line.name })}
              onClick={runs.d}
            >
              {t("leave2")}
            </Button>
          </>
        )}
      </span>
    </li>
  );
}

function Others(props: {
  readonly line: NextLine;
  readonly name: string;
  readonly word: string;
  readonly onDecide: (verdict: Verdict, step: Step, text: string) => void;
}) {
  const { line, name, word, onDecide } = props;
  if (line.others.length === 0) return null;
  return (
    <Menu
      label={`${word}: ${name}, ${line.name}`}
      button={
        <span className="px-2 py-1.5 font-semibold leading-none underline decoration-hairline underline-offset-4">
          {word}
        </span>
      }
    >
      {line.others.map(({ step, text }) => (
        <MenuItem key={text} onChoose={() => onDecide("changed", step, text)}>
          {text}
        </MenuItem>
      ))}
    </Menu>
  );
}
