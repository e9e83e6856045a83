"use client";
import { useState } from "react";
import type { ClassDoc } from "@/core/class/document";
import type { Edit } from "@/core/class/edits";
import { acknowledgeEdit, type Finding, type Fix, SEVERITIES, type Severity } from "@/core/review/finding";
import { clockText } from "@/core/units";
import { useWords } from "@/features/language/use-words";
import { Button } from "@/ui/button";
import { cx } from "@/ui/cx";
import { findingText, fixText } from "@/words/finding-words";

const SEVERITY_WORDS: Record<Severity, string> = {
  stop: "Don't teach it like this",
  fix: "Mend",
  consider: "Consider",
};

/** The read-through: by severity and time; a fix is looked at on the score before it is taken. */
export function FindingsPanel(props: {
  readonly doc: ClassDoc;
  readonly findings: readonly Finding[];
  readonly chosen: string | null;
  readonly onChoose: (finding: Finding) => void;
  readonly onPreview: (preview: Fix) => void;
  readonly onEdit: (edit: Edit) => void;
}) {
  const words = useWords();
  const open = props.findings.filter((finding) => finding.acknowledged === null);
  const known = props.findings.filter((finding) => finding.acknowledged !== null);
  return (
    <div>
      {open.length === 0 && (
        <p className="mt-3">
          Nothing to mend.{" "}
          {known.length > 0 ? "What was acknowledged stands below." : "Read it once more aloud."}
        </p>
      )}
      {SEVERITIES.map((severity) => {
        const list = open.filter((finding) => finding.severity === severity);
        if (list.length === 0) return null;
        return (
          <section key={severity} aria-label={SEVERITY_WORDS[severity]}>
            <h3
              className={cx(
                "mt-3 border-b-2 border-ink pb-0.5 font-bold",
                severity === "stop" && "border-stop text-stop",
              )}
            >
              {SEVERITY_WORDS[severity]} <span className="tabular-nums text-quiet">{list.length}</span>
            </h3>
            <ul>
              {list.map((finding) => (
                <Line key={`${finding.code} ${finding.fingerprint}`} finding={finding} {...props} />
              ))}
            </ul>
          </section>
        );
      })}
      {known.length > 0 && (
        <details className="mt-4">
          <summary className="cursor-pointer text-quiet">{known.length} acknowledged</summary>
          <ul>
            {known.map((finding) => (
              <li
                key={`${finding.code} ${finding.fingerprint}`}
                className="border-t border-hairline py-1.5 text-quiet"
              >
                {findingText(finding, words)} <b>“{finding.acknowledged}”</b>
              </li>
            ))}
          </ul>
        </details>
      )}
    </div>
  );
}

function Line(props: Parameters<typeof FindingsPanel>[0] & { readonly finding: Finding }) {
  const words = useWords();
  const { finding, doc } = props;
  const [asking, setAsking] = useState(false);
  const [reason, setReason] = useState("");
  const chosen = props.chosen === finding.fingerprint;
  const acknowledge = (event: React.FormEvent) => {
    event.preventDefault();
    if (reason.trim() === "") return;
    props.onEdit(acknowledgeEdit(doc, finding, reason.trim()));
  };
  return (
    <li
      className={cx("border-b border-hairline py-1.5", chosen && "-mx-4 bg-marker px-4")}
      aria-current={chosen ? "true" : undefined}
    >
      <button type="button" className="w-full text-left" onClick={() => props.onChoose(finding)}>
        <span className={cx("mr-1.5 tabular-nums", chosen ? "text-ink" : "text-quiet")}>
          {clockText(finding.at)}
        </span>
        {findingText(finding, words)}
      </button>
      <div className="flex flex-wrap gap-x-3">
        {finding.fixes.map((fix) => (
          <button
            key={JSON.stringify(fix.says)}
            type="button"
            className="text-left font-semibold underline underline-offset-2"
            onClick={() => props.onPreview(fix)}
          >
            {fixText(fix, words)}
          </button>
        ))}
        {!asking && (
          <button
            type="button"
            className={cx("underline underline-offset-2", chosen ? "text-ink" : "text-quiet")}
            onClick={() => setAsking(true)}
          >
            I know, because…
          </button>
        )}
      </div>
      {asking && (
        <form className="mt-1 flex gap-2" onSubmit={acknowledge}>
          <input
            aria-label="Reason"
            className="min-w-0 flex-1 border border-quiet bg-white px-2 py-1"
            maxLength={200}
            value={reason}
            onChange={(event) => setReason(event.target.value)}
          />
          <Button type="submit" look="line" disabled={reason.trim() === ""}>
            Keep
          </Button>
        </form>
      )}
    </li>
  );
}
