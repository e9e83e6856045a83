"use client";
import { useEffect, useRef, useState } from "react";
import type { ClassDoc } from "@/core/class/document";
import type { Edit } from "@/core/class/edits";
import { acknowledgeEdit, type Finding, type Fix, type Severity } from "@/core/review/finding";
import type { Line } from "@/core/review/line";
import { isOpen } from "@/core/review/ranked";
import { clockText } from "@/core/units";
import { useTexts } from "@/features/language/use-texts";
import { useWords } from "@/features/language/use-words";
import { Button } from "@/ui/button";
import { cx } from "@/ui/cx";
import { findingText, fixText, ifLeftText, lineText } from "@/words/finding-words";
import type { PlainKey } from "@/words/screens/screens";

const SEVERITY_WORDS: Record<Severity, PlainKey<"review">> = {
  stop: "dontTeachLike",
  fix: "mend",
  consider: "consider",
};
/** Lines that are seen at first: more are not read. */
const AT_FIRST = 7;

interface Props {
  /** Seconds of the class as it is, at plan. */
  readonly plan: number;
  readonly doc: ClassDoc;
  readonly findings: readonly Line[];
  readonly chosen: string | null;
  readonly onChoose: (finding: Finding) => void;
  readonly onPreview: (preview: Fix) => void;
  readonly onEdit: (edit: Edit) => void;
  /** Fingerprint of the line for which a reason is asked. */
  readonly asking: string | null;
  readonly onAsk: (fingerprint: string | null) => void;
}

/** The read-through: what is left to decide, the gravest first; a fix is looked at on the score before it is taken. */
export function FindingsPanel(props: Props) {
  const t = useTexts("review");
  const words = useWords();
  const [all, setAll] = useState(false);
  const open = props.findings.filter(isOpen);
  const settled = props.findings.filter((line) => line.settled && line.acknowledged === null);
  const known = props.findings.filter((line) => line.acknowledged !== null);
  // Who steps on by key sees what they come to.
  const chosenAt = open.findIndex(({ fingerprint }) => fingerprint === props.chosen);
  const shown = all || chosenAt >= AT_FIRST ? open : open.slice(0, AT_FIRST);
  return (
    <div>
      {open.length === 0 && <p className="mt-3">{t("nothingToMend", { known: known.length })}</p>}
      <ol aria-label={t("whatLeftDecideGravest")}>
        {shown.map((line) => (
          <LineOf key={`${line.code} ${line.fingerprint}`} line={line} {...props} />
        ))}
      </ol>
      {shown.length < open.length && (
        <button type="button" className="mt-2 underline underline-offset-2" onClick={() => setAll(true)}>
          {t("openMore", { open: open.length - shown.length })}
        </button>
      )}
      {settled.map((line) => (
        <details key={line.fingerprint} className="mt-4">
          <summary className="cursor-pointer text-quiet">{lineText(line, words)}</summary>
          <Each members={line.members} onChoose={props.onChoose} />
        </details>
      ))}
      {known.length > 0 && (
        <details className="mt-4">
          <summary className="cursor-pointer text-quiet">
            {t("acknowledged", { known: known.length })}
          </summary>
          <ul>
            {known.map((line) => (
              <li
                key={`${line.code} ${line.fingerprint}`}
                className="border-t border-hairline py-1.5 text-quiet"
              >
                {lineText(line, words)} <b>“{line.acknowledged}”</b>
              </li>
            ))}
          </ul>
        </details>
      )}
    </div>
  );
}

/** How much longer or shorter a class gets: `+1:04`. */
function differenceText(seconds: number): string {
  return `${seconds > 0 ? "+" : "−"}${clockText(Math.abs(seconds))}`;
}

/** Every finding that stands in a line, by itself. */
function Each({
  members,
  onChoose,
}: {
  readonly members: readonly Finding[];
  readonly onChoose: (finding: Finding) => void;
}) {
  const words = useWords();
  return (
    <ul>
      {members.map((finding) => (
        <li key={finding.fingerprint} className="border-t border-hairline py-1">
          <button type="button" className="w-full text-left text-quiet" onClick={() => onChoose(finding)}>
            <span className="mr-1.5 tabular-nums">{clockText(finding.at)}</span>
            {findingText(finding, words)}
          </button>
        </li>
      ))}
    </ul>
  );
}

function LineOf(props: Props & { readonly line: Line }) {
  const t = useTexts("review");
  const words = useWords();
  const { line, doc } = props;
  const chosen = props.chosen === line.fingerprint;
  const quiet = chosen ? "text-ink" : "text-quiet";
  return (
    <li
      className={cx("border-b border-hairline py-1.5", chosen && "-mx-4 bg-marker px-4")}
      aria-current={chosen ? "true" : undefined}
    >
      <button type="button" className="w-full text-left" onClick={() => props.onChoose(line)}>
        <span
          className={cx(
            "flex justify-between text-[13px]",
            line.severity === "stop" ? "font-bold text-stop" : quiet,
          )}
        >
          <span>{t(SEVERITY_WORDS[line.severity])}</span>
          <span className="tabular-nums">{clockText(line.at)}</span>
        </span>
        {lineText(line, words)} <span className={quiet}>{ifLeftText(line, words)}</span>
      </button>
      {line.members.length > 1 && line.code !== "caution" && (
        <details>
          <summary className={cx("min-h-[24px] cursor-pointer", quiet)}>
            {t("eachOf", { members: line.members.length })}
          </summary>
          <Each members={line.members} onChoose={props.onChoose} />
        </details>
      )}
      <div className="flex flex-wrap gap-x-3">
        {line.tried &&
          line.fixes.map((fix) => (
            <span key={JSON.stringify(fix)} className="flex w-full items-baseline justify-between gap-2">
              <button
                type="button"
                className="min-h-[24px] text-left font-semibold underline underline-offset-2"
                onClick={() =>
                  fix.says.code === "say-cautions" ? props.onEdit(fix.edit) : props.onPreview(fix)
                }
              >
                {fixText(fix, words)}
              </button>
              {fix.takes !== undefined && fix.takes !== props.plan && (
                <span className={cx("tabular-nums", quiet)}>{differenceText(fix.takes - props.plan)}</span>
              )}
            </span>
          ))}
        <Because
          quiet={quiet}
          asking={props.asking === line.fingerprint}
          onAsk={(on) => props.onAsk(on ? line.fingerprint : null)}
          onKeep={(reason) => {
            props.onEdit(acknowledgeEdit(doc, line, reason));
            props.onAsk(null);
          }}
        />
      </div>
    </li>
  );
}

/** Knowing a finding and leaving it, with a reason. */
function Because({
  quiet,
  asking,
  onAsk,
  onKeep,
}: {
  readonly quiet: string;
  readonly asking: boolean;
  readonly onAsk: (on: boolean) => void;
  readonly onKeep: (reason: string) => void;
}) {
  const t = useTexts("review");
  const [reason, setReason] = useState("");
  const field = useRef<HTMLInputElement>(null);
  useEffect(() => {
    if (asking) field.current?.focus();
  }, [asking]);
  if (!asking)
    return (
      <button
        type="button"
        className={cx("min-h-[24px] underline underline-offset-2", quiet)}
        onClick={() => onAsk(true)}
      >
        {t("iKnowBecause")}
      </button>
    );
  return (
    <form
      className="mt-1 flex w-full gap-2"
      onSubmit={(event) => {
        event.preventDefault();
        if (reason.trim() !== "") onKeep(reason.trim());
      }}
    >
      <input
        ref={field}
        aria-label={t("reason")}
        className="min-w-0 flex-1 border border-quiet bg-white px-2 py-1"
        maxLength={200}
        value={reason}
        onChange={(event) => setReason(event.target.value)}
        onKeyDown={(event) => event.key === "Escape" && onAsk(false)}
      />
      <Button type="submit" look="line" disabled={reason.trim() === ""}>
        {t("keep")}
      </Button>
    </form>
  );
}
