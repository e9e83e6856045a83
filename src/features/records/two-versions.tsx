"use client";
import { useEffect, useRef } from "react";
import type { Meeting } from "@/core/merge";
import { Button } from "@/ui/button";

const WORDS: Readonly<Record<string, string>> = {
  kg: "kg",
  lengthM: "length, m",
  ceilingCm: "ceiling, cm",
  timeZone: "time zone",
  bodyKg: "body mass",
  heightCm: "height, cm",
  repSeconds: "seconds of a rep",
};

const pathText = ({ path }: Meeting) => path.map((step) => WORDS[step] ?? step).join(" · ");

function valueText(value: unknown): string {
  if (value === undefined) return "nothing";
  if (typeof value === "string") return `“${value}”`;
  if (Array.isArray(value))
    return value.length === 0 ? "nothing" : value.map((entry) => valueText(entry)).join(", ");
  if (typeof value === "object" && value !== null)
    return Object.entries(value)
      .filter(([key]) => key !== "id")
      .map(([key, entry]) => `${WORDS[key] ?? key} ${String(entry)}`)
      .join(", ");
  return String(value);
}

/** Two people changed the same: both versions, and one press for either. */
export function TwoVersions(props: {
  readonly meets: readonly Meeting[];
  readonly onChoose: (holds: "mine" | "theirs") => void;
}) {
  const here = useRef<HTMLElement>(null);
  // It may stand far above what was pressed, on a phone above the screen.
  // (An effect gives nothing back: newer browsers answer scrolling with a promise.)
  useEffect(() => {
    here.current?.scrollIntoView({ block: "nearest" });
  }, []);
  return (
    <section ref={here} role="alert" aria-label="Two versions" className="my-3 border-l-4 border-rust pl-3">
      <p className="text-rust">
        Somebody else changed the same while this was open. Nothing is stored yet; all that doesn't meet is
        kept from both.
      </p>
      <table className="mt-1">
        <thead className="text-left text-quiet">
          <tr>
            <th className="pr-6 font-semibold">What</th>
            <th className="pr-6 font-semibold">Theirs, stored</th>
            <th className="font-semibold">Yours</th>
          </tr>
        </thead>
        <tbody>
          {props.meets.map((meeting) => (
            <tr key={meeting.path.join("/")} className="border-t border-hairline">
              <th className="py-1 pr-6 text-left font-bold">{pathText(meeting)}</th>
              <td className="pr-6">{valueText(meeting.theirs)}</td>
              <td>{valueText(meeting.mine)}</td>
            </tr>
          ))}
        </tbody>
      </table>
      <p className="mt-2 flex gap-2">
        <Button onClick={() => props.onChoose("theirs")}>Keep theirs</Button>
        <Button onClick={() => props.onChoose("mine")}>Keep yours</Button>
      </p>
    </section>
  );
}
