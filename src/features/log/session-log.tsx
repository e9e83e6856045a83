"use client";
import { useRouter } from "next/navigation";
import { useState } from "react";
import { toast } from "sonner";
import { api } from "@/browser/api";
import type { ClassDoc } from "@/core/class/document";
import { EFFORTS, type Written } from "@/core/log/entries";
import type { ClassRecord } from "@/core/log/record";
import { clockText } from "@/core/units";
import { useWords } from "@/features/language/use-words";
import { cx } from "@/ui/cx";
import { clockIn, Earlier, type LoggedLine } from "./earlier";
import { PersonLog } from "./person-log";
import { type Names, TimesTaken } from "./times-taken";

/** The log of a session: what it took, who was there, what each did; corrections keep what was before. */
export function SessionLogView(props: {
  readonly id: string;
  readonly timeZone: string;
  readonly doc: ClassDoc;
  readonly record: ClassRecord;
  readonly names: Names;
  readonly people: readonly LoggedLine[];
}) {
  const { id, timeZone, doc, record, people } = props;
  const router = useRouter();
  const [open, setOpen] = useState<string | null>(null);
  const present = people.filter((person) => person.present);
  const efforts = people.flatMap(({ kept }) => kept.effort?.value ?? []);
  const mean = efforts.reduce((sum, value) => sum + value, 0) / Math.max(1, efforts.length);
  const hurt = record.people.filter((person) => person.hurt.length > 0);
  const nameOf = (person: string) => people.find((entry) => entry.person === person)?.name ?? "somebody";
  const late = record.tookSeconds - record.planSeconds;
  const write = async (person: string, entry: Written) => {
    const reply = await api("POST", `/api/sessions/${id}/log`, { person, entries: [entry] });
    if (!reply.ok) return toast.error(reply.failure.message);
    router.refresh();
  };
  return (
    <>
      <p className="mt-4 text-lg">
        Took <b>{clockText(Math.round(record.tookSeconds))}</b> of {clockText(record.planSeconds)} planned
        {Math.abs(late) >= 2 &&
          `, ${clockText(Math.round(Math.abs(late)))} ${late > 0 ? "longer" : "shorter"}`}
        . <b>{present.length}</b> of {people.length} were there
        {efforts.length > 0 && (
          <>
            ; effort <b>{mean.toFixed(1)}</b> from {efforts.length}
          </>
        )}
        .
        {hurt.length > 0 && (
          <b className="mt-1 block border-l-4 border-stop pl-2">
            {""}
            {hurt.map(({ person }) => nameOf(person)).join(", ")} reported pain.
          </b>
        )}
      </p>
      <TimesTaken doc={doc} record={record} names={props.names} />
      {record.notes.length > 0 && (
        <section aria-labelledby="notes" className="mt-5">
          <h2 id="notes" className="text-lg font-bold">
            Notes
          </h2>
          {record.notes.map(({ atMs, text }) => (
            <p key={atMs}>
              <span className="text-quiet">{clockIn(atMs, timeZone)}</span> {text}
            </p>
          ))}
        </section>
      )}
      <section aria-labelledby="people" className="mt-5">
        <h2 id="people" className="text-lg font-bold">
          Who did what
        </h2>
        <table className="mt-1 w-full border-collapse text-left">
          <thead className="text-quiet">
            <tr className="border-b border-hairline">
              <th className="w-44 py-1.5 font-semibold">Name</th>
              <th className="w-16 font-semibold">There</th>
              <th className="w-32 font-semibold">From, to</th>
              <th className="w-56 font-semibold">Effort 0–10</th>
              <th className="font-semibold">What happened</th>
              <th className="w-20">
                <span className="sr-only">More</span>
              </th>
            </tr>
          </thead>
          {people.map((person) => (
            <PersonRows
              key={person.person}
              person={person}
              attendance={record.people.find((entry) => entry.person === person.person)}
              timeZone={timeZone}
              open={open === person.person}
              onOpen={(on) => setOpen(on ? person.person : null)}
              write={(entry) => write(person.id, entry)}
            />
          ))}
        </table>
      </section>
    </>
  );
}

/** One person: whether they were there, when, how hard it was, what happened; what they did on request. */
function PersonRows(props: {
  readonly person: LoggedLine;
  readonly attendance: ClassRecord["people"][number] | undefined;
  readonly timeZone: string;
  readonly open: boolean;
  readonly onOpen: (open: boolean) => void;
  readonly write: (entry: Written) => void;
}) {
  const words = useWords();
  const { person, attendance, timeZone, open, onOpen, write } = props;
  const spans = attendance?.spans ?? [];
  const effort = person.kept.effort?.value;
  const said = [
    attendance?.lateMs ? `${clockText(Math.round(attendance.lateMs / 1000))} late` : "",
    attendance && attendance.marks.length > 0 ? `${attendance.marks.length} × another level` : "",
    attendance && attendance.uncomfortable.length > 0 ? "asked for another way" : "",
  ].filter(Boolean);
  return (
    <tbody className={cx("border-b border-hairline align-baseline", open && "bg-white")}>
      <tr>
        <td className="py-1.5 font-bold">{person.name}</td>
        <td>
          <input
            type="checkbox"
            className="accent-pine"
            aria-label={`${person.name} was there`}
            checked={person.present}
            onChange={(event) => write({ field: "present", value: event.target.checked })}
          />
        </td>
        <td className="text-quiet">
          {spans
            .map(({ fromMs, toMs }) => `${clockIn(fromMs, timeZone)}–${clockIn(toMs, timeZone)}`)
            .join(", ")}
        </td>
        <td>
          {person.present && (
            <select
              aria-label={`Effort of ${person.name}`}
              className="border-b-2 border-pine bg-transparent font-bold"
              value={effort ?? ""}
              onChange={(event) =>
                write({
                  field: "effort",
                  value: event.target.value === "" ? null : Number(event.target.value),
                })
              }
            >
              <option value="">not said</option>
              {EFFORTS.map((n) => (
                <option key={n} value={n}>
                  {n} {words.name("effort", n)}
                </option>
              ))}
            </select>
          )}
          <Earlier kept={person.kept.effort} timeZone={timeZone} />
        </td>
        <td>
          {attendance && attendance.hurt.length > 0 && (
            <b className="border-l-4 border-stop pl-1.5">reported pain. </b>
          )}
          {said.join(", ")}
          {person.kept.note?.value && <i> “{person.kept.note.value}”</i>}
        </td>
        <td className="text-right">
          {person.present && (
            <button
              type="button"
              className="underline decoration-hairline underline-offset-4 hover:decoration-ink"
              aria-expanded={open}
              aria-label={`${open ? "Less" : "Details"}: what ${person.name} did`}
              onClick={() => onOpen(!open)}
            >
              {open ? "Less" : "Details"}
            </button>
          )}
        </td>
      </tr>
      {open && (
        <tr>
          <td colSpan={6} className="pb-3">
            <PersonLog line={person} timeZone={timeZone} onWrite={write} />
          </td>
        </tr>
      )}
    </tbody>
  );
}
