"use client";
import { useRouter } from "next/navigation";
import { useState } from "react";
import { toast } from "sonner";
import { api } from "@/browser/api";
import type { ClassDoc } from "@/core/class/document";
import { EFFORTS, type Written } from "@/core/log/entries";
import type { ClassRecord } from "@/core/log/record";
import { clockText } from "@/core/units";
import { useTexts } from "@/features/language/use-texts";
import { useWords } from "@/features/language/use-words";
import { cx } from "@/ui/cx";
import { clockIn, Earlier, type LoggedLine } from "./earlier";
import { PersonLog } from "./person-log";
import { type Names, TimesTaken } from "./times-taken";

/** A mean of efforts. */
const ONE_DIGIT = { minimumFractionDigits: 1, maximumFractionDigits: 1 };

/** The log of a session: what it took, who was there, what each did; corrections keep what was before. */
export function SessionLogView(props: {
  readonly id: string;
  readonly timeZone: string;
  readonly doc: ClassDoc;
  readonly record: ClassRecord;
  readonly names: Names;
  readonly people: readonly LoggedLine[];
}) {
  const t = useTexts("log");
  const { id, timeZone, doc, record, people } = props;
  const words = useWords();
  const router = useRouter();
  const [open, setOpen] = useState<string | null>(null);
  const present = people.filter((person) => person.present);
  const efforts = people.flatMap(({ kept }) => kept.effort?.value ?? []);
  const mean = efforts.reduce((sum, value) => sum + value, 0) / Math.max(1, efforts.length);
  const hurt = record.people.filter((person) => person.hurt.length > 0);
  const nameOf = (person: string) => people.find((entry) => entry.person === person)?.name ?? t("somebody");
  const late = record.tookSeconds - record.planSeconds;
  const write = async (person: string, entry: Written) => {
    const reply = await api("POST", `/api/sessions/${id}/log`, { person, entries: [entry] });
    if (!reply.ok) return toast.error(reply.failure.message);
    router.refresh();
  };
  return (
    <>
      <p className="mt-4 text-lg">
        {t("took")} <b>{clockText(Math.round(record.tookSeconds))}</b>{" "}
        {t("ofPlanned", {
          clock: clockText(record.planSeconds),
          way: Math.abs(late) < 2 ? "none" : late > 0 ? "longer" : "shorter",
          by: clockText(Math.round(Math.abs(late))),
        })}{" "}
        <b>{present.length}</b> {t("wereThere", { people: people.length })}
        {efforts.length > 0 && (
          <>
            {t("effort")} <b>{mean.toLocaleString(words.locale, ONE_DIGIT)}</b>{" "}
            {t("fromEfforts", { efforts: efforts.length })}
          </>
        )}
        .
        {hurt.length > 0 && (
          <b className="mt-1 block border-l-4 border-stop pl-2">
            {t("whoHurt", { who: hurt.map(({ person }) => nameOf(person)).join(", ") })}
          </b>
        )}
      </p>
      <TimesTaken doc={doc} record={record} names={props.names} />
      {record.notes.length > 0 && (
        <section aria-labelledby="notes" className="mt-5">
          <h2 id="notes" className="text-lg font-bold">
            {t("notes")}
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
          {t("whoDidWhat")}
        </h2>
        <table className="mt-1 w-full border-collapse text-left">
          <thead className="text-quiet">
            <tr className="border-b border-hairline">
              <th className="w-44 py-1.5 font-semibold">{t("name")}</th>
              <th className="w-16 font-semibold">{t("there")}</th>
              <th className="w-32 font-semibold">{t("from3")}</th>
              <th className="w-56 font-semibold">{t("effort010")}</th>
              <th className="font-semibold">{t("whatHappened")}</th>
              <th className="w-20">
                <span className="sr-only">{t("more")}</span>
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
  const t = useTexts("log");
  const words = useWords();
  const { person, attendance, timeZone, open, onOpen, write } = props;
  const spans = attendance?.spans ?? [];
  const effort = person.kept.effort?.value;
  const said = [
    attendance?.lateMs ? t("cameLate", { clock: clockText(Math.round(attendance.lateMs / 1000)) }) : "",
    attendance && attendance.marks.length > 0 ? t("marksChanged", { marks: attendance.marks.length }) : "",
    attendance && attendance.uncomfortable.length > 0 ? t("askedAnotherWay") : "",
  ].filter(Boolean);
  return (
    <tbody className={cx("border-b border-hairline align-baseline", open && "bg-white")}>
      <tr>
        <td className="py-1.5 font-bold">{person.name}</td>
        <td>
          <input
            type="checkbox"
            className="accent-pine"
            aria-label={t("wasThere", { name: person.name })}
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
              aria-label={t("effort2", { name: person.name })}
              className="border-b-2 border-pine bg-transparent font-bold"
              value={effort ?? ""}
              onChange={(event) =>
                write({
                  field: "effort",
                  value: event.target.value === "" ? null : Number(event.target.value),
                })
              }
            >
              <option value="">{t("notSaid")}</option>
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
            <b className="border-l-4 border-stop pl-1.5">{t("reportedPain2")} </b>
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
              aria-label={t("openDetails", { open: open ? "yes" : "no", name: person.name })}
              onClick={() => onOpen(!open)}
            >
              {open ? t("less") : t("details")}
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
