"use client";
import { useRouter } from "next/navigation";
import { useState } from "react";
import { toast } from "sonner";
import { api } from "@/browser/api";
import type { BusyCalendar } from "@/core/season/busy-calendar";
import { useWords } from "@/features/language/use-words";
import { Button } from "@/ui/button";
import { Dialog } from "@/ui/dialog";
import { Field } from "@/ui/field";
import { FileChoice } from "@/ui/file-choice";
import { shortWhen } from "@/words/when-words";

const YEAR_MS = 366 * 86_400_000;
/** So many times are shown before they are kept. */
const SHOWN = 6;

/** When the instructor can't teach, by calendars of their own. */
export function BusyTimes(props: {
  readonly calendars: readonly { readonly name: string; readonly ahead: number }[];
  /** Of times in a calendar that name none. */
  readonly timeZone: string;
}) {
  const words = useWords();
  const router = useRouter();
  const [open, setOpen] = useState(false);
  const remove = async (calendar: string) => {
    const reply = await api("DELETE", "/api/busy", { calendar });
    if (reply.ok) router.refresh();
    else toast.error(reply.failure.message);
  };
  return (
    <section aria-labelledby="busy-times" className="mt-5">
      <h2 id="busy-times" className="text-lg font-bold">
        {words.phrase("busy", "title")}
      </h2>
      {props.calendars.map(({ name, ahead }) => (
        <p key={name} className="flex items-baseline justify-between gap-3 border-b border-hairline py-1">
          <span className="min-w-0 truncate">
            <b>{name}</b> <span className="text-quiet">{words.phrase("busy", "ahead", { n: ahead })}</span>
          </span>
          <Button
            look="bare"
            className="px-1"
            aria-label={words.phrase("busy", "removeThat", { name })}
            onClick={() => void remove(name)}
          >
            {words.phrase("busy", "remove")}
          </Button>
        </p>
      ))}
      <p className="mt-1 text-quiet">{words.phrase("busy", "about")}</p>
      <p className="mt-2">
        <Button onClick={() => setOpen(true)}>{words.phrase("busy", "takeIn")}</Button>
      </p>
      <Dialog open={open} onOpenChange={setOpen} title={words.phrase("busy", "takeIn")} wide>
        <TakeIn
          timeZone={props.timeZone}
          onDone={() => {
            setOpen(false);
            router.refresh();
          }}
        />
      </Dialog>
    </section>
  );
}

function TakeIn({ timeZone, onDone }: { readonly timeZone: string; readonly onDone: () => void }) {
  const words = useWords();
  const [read, setRead] = useState<BusyCalendar | null>(null);
  const [name, setName] = useState("");
  const choose = async (file: File | undefined) => {
    setRead(null);
    if (!file) return;
    // What reads calendars is large: it is fetched when it is asked for.
    const { readBusyCalendar } = await import("@/core/season/busy-calendar");
    const now = Date.now();
    const calendar = readBusyCalendar(await file.text(), { fromMs: now, toMs: now + YEAR_MS, timeZone });
    setRead(calendar);
    setName(calendar.name || file.name.replace(/\.ics$/i, "").slice(0, 100));
  };
  const store = async () => {
    const times = (read?.times ?? []).map(({ startMs, endMs }) => ({ startMs, endMs }));
    const reply = await api("POST", "/api/busy", { calendar: name, times });
    if (!reply.ok) return toast.error(reply.failure.message);
    toast.success(words.phrase("busy", "taken", { n: times.length }));
    onDone();
  };
  const sound = read !== null && read.times.length > 0 && name.trim() !== "";
  return (
    <>
      <FileChoice
        label={words.phrase("busy", "file")}
        accept=".ics,text/calendar"
        onChoose={(file) => void choose(file)}
      />
      {read && read.faults.length > 0 && (
        <div role="alert">
          <ul className="mt-3 border-l-4 border-rust pl-3">
            {read.faults.map(({ line, code }) => (
              <li key={`${line} ${code}`}>
                <code className="font-bold">{words.phrase("busy", "line", { n: line })}</code>{" "}
                {words.name("busyFault", code)}
              </li>
            ))}
          </ul>
        </div>
      )}
      {read && (
        <>
          <p role="status" className="mt-3 font-bold">
            {words.phrase("busy", "found", { n: read.times.length })}
          </p>
          <ul>
            {read.times.slice(0, SHOWN).map(({ uid, startMs, endMs }) => {
              const { day, time } = shortWhen(startMs, timeZone, words);
              return (
                <li key={`${uid} ${startMs}`} className="border-b border-hairline py-0.5">
                  {day}, {time}–{shortWhen(endMs, timeZone, words).time}
                </li>
              );
            })}
          </ul>
          {read.times.length > SHOWN && (
            <p className="text-quiet">{words.phrase("busy", "more", { n: read.times.length - SHOWN })}</p>
          )}
          <Field
            className="mt-3"
            label={words.phrase("busy", "name")}
            name="calendar"
            maxLength={100}
            value={name}
            onChange={(event) => setName(event.target.value)}
          />
        </>
      )}
      <Button look="solid" className="mt-4" disabled={!sound} onClick={() => void store()}>
        {words.phrase("busy", "take")}
      </Button>
    </>
  );
}
