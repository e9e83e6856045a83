"use client";
import { useEffect, useRef } from "react";
import type { Meeting } from "@/core/merge";
import { useWords } from "@/features/language/use-words";
import { Button } from "@/ui/button";
import type { Words } from "@/words/words";

/** Fields that have a name of their own. */
const NAMED = ["kg", "lengthM", "ceilingCm", "timeZone", "bodyKg", "heightCm", "repSeconds"] as const;

function stepText(step: string, words: Words): string {
  const named = NAMED.find((name) => name === step);
  return named ? words.phrase("met", named) : step;
}

const pathText = ({ path }: Meeting, words: Words) =>
  path.map((step) => stepText(String(step), words)).join(" · ");

function valueText(value: unknown, words: Words): string {
  const nothing = words.phrase("met", "nothing");
  if (value === undefined) return nothing;
  if (typeof value === "string") return `“${value}”`;
  if (Array.isArray(value))
    return value.length === 0 ? nothing : value.map((entry) => valueText(entry, words)).join(", ");
  if (typeof value === "object" && value !== null)
    return Object.entries(value)
      .filter(([key]) => key !== "id")
      .map(([key, entry]) => `${stepText(key, words)} ${String(entry)}`)
      .join(", ");
  return String(value);
}

/** Two people changed the same: both versions, and one press for either. */
export function TwoVersions(props: {
  readonly meets: readonly Meeting[];
  readonly onChoose: (holds: "mine" | "theirs") => void;
}) {
  const words = useWords();
  const here = useRef<HTMLElement>(null);
  // It may stand far above what was pressed, on a phone above the screen.
  // (An effect gives nothing back: newer browsers answer scrolling with a promise.)
  useEffect(() => {
    here.current?.scrollIntoView({ block: "nearest" });
  }, []);
  return (
    <section
      ref={here}
      role="alert"
      aria-label={words.phrase("met", "twoVersions")}
      className="my-3 border-l-4 border-rust pl-3"
    >
      <p className="text-rust">{words.phrase("met", "met")}</p>
      <table className="mt-1">
        <thead className="text-left text-quiet">
          <tr>
            <th className="pr-6 font-semibold">{words.phrase("met", "what")}</th>
            <th className="pr-6 font-semibold">{words.phrase("met", "theirs")}</th>
            <th className="font-semibold">{words.phrase("met", "yours")}</th>
          </tr>
        </thead>
        <tbody>
          {props.meets.map((meeting) => (
            <tr key={meeting.path.join("/")} className="border-t border-hairline">
              <th className="py-1 pr-6 text-left font-bold">{pathText(meeting, words)}</th>
              <td className="pr-6">{valueText(meeting.theirs, words)}</td>
              <td>{valueText(meeting.mine, words)}</td>
            </tr>
          ))}
        </tbody>
      </table>
      <p className="mt-2 flex gap-2">
        <Button onClick={() => props.onChoose("theirs")}>{words.phrase("met", "keepTheirs")}</Button>
        <Button onClick={() => props.onChoose("mine")}>{words.phrase("met", "keepYours")}</Button>
      </p>
    </section>
  );
}
