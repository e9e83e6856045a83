"use client";
import { useRouter } from "next/navigation";
import { type FormEvent, useState } from "react";
import { api } from "@/browser/api";
import { MARK_GLYPH, MARK_WORD, MARKS, type Mark, type Person } from "@/core/homes/home";
import { kitText } from "@/core/homes/kit";
import { LIMIT_WORDS, LIMITS, type Limit } from "@/core/homes/limits";
import { Fold, Send, Tick, toggled } from "./form-parts";

/** "Anything new today?": limits, things that are missing, another level; for one class only. */
export function TonightForm(props: {
  readonly token: string;
  readonly run: string;
  /** As they are tonight, with what was said already. */
  readonly person: Person;
  readonly said: boolean;
}) {
  const { token, run, person } = props;
  const router = useRouter();
  const [limits, setLimits] = useState<readonly Limit[]>([]);
  const [without, setWithout] = useState<readonly string[]>([]);
  const [mark, setMark] = useState<Mark | null>(null);
  const [done, setDone] = useState(props.said ? "Said. Say it again to change it." : "");
  const [busy, setBusy] = useState(false);
  const nothing = limits.length === 0 && without.length === 0 && mark === null;
  const save = async (event: FormEvent) => {
    event.preventDefault();
    setBusy(true);
    const reply = await api("PUT", `/api/part/${token}/tonight`, { run, limits, without, mark });
    setBusy(false);
    setDone(
      reply.ok
        ? nothing
          ? "Nothing new: thank you."
          : "Kept for this class. Your part is worked out anew."
        : `Not stored: ${reply.failure.message}`,
    );
    if (reply.ok) router.refresh();
  };
  return (
    <Fold
      title="Anything new today?"
      said={done || "Sore, tired, something missing? It holds for this class."}
    >
      <form onSubmit={save}>
        <fieldset className="mt-1">
          <legend className="font-bold">Your level today</legend>
          <div className="grid grid-cols-3 gap-2">
            {MARKS.map((entry) => (
              <button
                key={entry}
                type="button"
                aria-pressed={mark === entry}
                className="border-2 border-hairline py-2 text-base font-bold aria-pressed:border-ink aria-pressed:bg-ink aria-pressed:text-paper"
                onClick={() => setMark(mark === entry ? null : entry)}
              >
                {MARK_GLYPH[entry]} {MARK_WORD[entry]}
              </button>
            ))}
          </div>
        </fieldset>
        <fieldset className="mt-3">
          <legend className="font-bold">Today please</legend>
          {LIMITS.filter((limit) => !(person.limits ?? []).includes(limit)).map((limit) => (
            <Tick
              key={limit}
              words={LIMIT_WORDS[limit]}
              on={limits.includes(limit)}
              onChange={(on) => setLimits(toggled(limits, limit, on))}
            />
          ))}
        </fieldset>
        {(person.kit ?? []).length > 0 && (
          <fieldset className="mt-3">
            <legend className="font-bold">Not here today</legend>
            {(person.kit ?? []).map((item) => (
              <Tick
                key={item.id}
                words={kitText(item, item.count, person.units)}
                on={without.includes(item.id)}
                onChange={(on) => setWithout(toggled(without, item.id, on))}
              />
            ))}
          </fieldset>
        )}
        <Send busy={busy}>{nothing ? "Nothing new" : "Keep it for this class"}</Send>
      </form>
    </Fold>
  );
}
