"use client";
import { useRouter } from "next/navigation";
import { type FormEvent, useState } from "react";
import { api } from "@/browser/api";
import { MARKS, type Mark, type Person } from "@/core/homes/home";
import { LIMITS, type Limit } from "@/core/homes/limits";
import { useWords } from "@/features/language/use-words";
import { failureText } from "@/words/failure-words";
import { kitText } from "@/words/kit-words";
import { Fold, Send, Ticks } from "./form-parts";

/** "Anything new today?": limits, things that are missing, another level; for one class only. */
export function TonightForm(props: {
  readonly token: string;
  readonly session: string;
  /** As they are tonight, with what was said already. */
  readonly person: Person;
  readonly said: boolean;
}) {
  const words = useWords();
  const { token, session, person } = props;
  const router = useRouter();
  const [limits, setLimits] = useState<readonly Limit[]>([]);
  const [without, setWithout] = useState<readonly string[]>([]);
  const [mark, setMark] = useState<Mark | null>(null);
  const [done, setDone] = useState(props.said ? words.phrase("part", "saidToday") : "");
  const [busy, setBusy] = useState(false);
  const [open, setOpen] = useState(false);
  const nothing = limits.length === 0 && without.length === 0 && mark === null;
  const [asking, setAsking] = useState(!props.said);
  const save = async () => {
    setBusy(true);
    const reply = await api("PUT", `/api/part/${token}/tonight`, { session, limits, without, mark });
    setBusy(false);
    setDone(
      reply.ok
        ? words.phrase("part", nothing ? "nothingNewThanks" : "keptToday")
        : words.phrase("part", "notStored", { why: failureText(reply.failure, words) }),
    );
    if (reply.ok) {
      setAsking(false);
      router.refresh();
    }
  };
  const submit = (event: FormEvent) => {
    event.preventDefault();
    void save();
  };
  if (asking)
    return (
      <Asked
        busy={busy}
        onNothing={save}
        onSomething={() => {
          setAsking(false);
          setOpen(true);
        }}
      />
    );
  return (
    <Fold
      title={words.phrase("part", "newToday")}
      said={done || words.phrase("part", "newTodaySaid")}
      open={open}
    >
      <form onSubmit={submit}>
        <LevelToday mark={mark} onMark={setMark} />
        <Ticks
          legend={words.phrase("part", "todayPlease")}
          all={LIMITS.filter((limit) => !(person.limits ?? []).includes(limit))}
          words={(limit) => words.name("limit", limit)}
          chosen={limits}
          onChange={setLimits}
        />
        <NotHere person={person} without={without} onWithout={setWithout} />
        <Send busy={busy}>{words.phrase("part", nothing ? "nothingNew" : "keepForClass")}</Send>
      </form>
    </Fold>
  );
}

/** What of their kit they don't have tonight. */
function NotHere(props: {
  readonly person: Person;
  readonly without: readonly string[];
  readonly onWithout: (without: readonly string[]) => void;
}) {
  const words = useWords();
  const { person } = props;
  const kit = person.kit ?? [];
  if (kit.length === 0) return null;
  return (
    <Ticks
      legend={words.phrase("part", "notHereToday")}
      all={kit.map((item) => item.id)}
      words={(id) => {
        const item = kit.find((entry) => entry.id === id);
        return item ? kitText(item, words, person.units) : id;
      }}
      chosen={props.without}
      onChange={props.onWithout}
    />
  );
}

/** The question, with its two answers. */
function Asked(props: {
  readonly busy: boolean;
  readonly onNothing: () => void;
  readonly onSomething: () => void;
}) {
  const words = useWords();
  const { busy, onNothing, onSomething } = props;
  const [ill, setIll] = useState(false);
  return (
    <section className="mt-4 border-t-2 border-ink pt-2" aria-labelledby="new-today">
      <h2 id="new-today" className="text-xl font-bold">
        {words.phrase("part", "newToday")}
      </h2>
      <p className="text-base text-quiet">{words.phrase("part", "newTodaySaid")}</p>
      <div className="mt-2 grid grid-cols-2 gap-2">
        <button
          type="button"
          className="border-2 border-ink py-2.5 font-bold"
          disabled={busy}
          onClick={onNothing}
        >
          {words.phrase("part", "nothingNew")}
        </button>
        <button type="button" className="border-2 border-ink py-2.5 font-bold" onClick={onSomething}>
          {words.phrase("part", "somethingIs")}
        </button>
        <button
          type="button"
          aria-expanded={ill}
          className="col-span-2 border-2 border-ink py-2.5 font-bold aria-expanded:bg-ink aria-expanded:text-paper"
          onClick={() => setIll(!ill)}
        >
          {words.phrase("part", "amIll")}
        </button>
      </div>
      {ill && <IllToday />}
    </section>
  );
}

/** What to do when ill: nothing of it is sent or kept. */
function IllToday() {
  const words = useWords();
  return (
    <div role="alert" className="mt-3 border-l-[10px] border-stop pl-3">
      <p className="font-bold">{words.phrase("own", "illRest")}</p>
      <p className="text-base">{words.phrase("own", "illMore")}</p>
    </div>
  );
}

/** Another level than usual, in everything. */
function LevelToday({
  mark,
  onMark,
}: {
  readonly mark: Mark | null;
  readonly onMark: (mark: Mark | null) => void;
}) {
  const words = useWords();
  return (
    <fieldset className="mt-1">
      <legend className="font-bold">{words.phrase("part", "levelToday")}</legend>
      <div className="grid grid-cols-3 gap-2">
        {MARKS.map((entry) => (
          <button
            key={entry}
            type="button"
            aria-pressed={mark === entry}
            className="border-2 border-hairline py-2 text-base font-bold aria-pressed:border-ink aria-pressed:bg-ink aria-pressed:text-paper"
            onClick={() => onMark(mark === entry ? null : entry)}
          >
            {words.name("mark", entry)}
          </button>
        ))}
      </div>
    </fieldset>
  );
}
