"use client";
import { useState } from "react";
import { MARK_GLYPH } from "@/core/homes/home";
import { inEach, type SlotDone, type Written } from "@/core/log/entries";
import { MORE } from "@/core/strength/more";
import { useTexts } from "@/features/language/use-texts";
import { useWords } from "@/features/language/use-words";
import { Earlier, type LoggedLine } from "./earlier";

const BOX =
  "w-16 border-b-2 border-pine bg-transparent text-center font-bold focus:bg-marker focus:outline-none";

const NUMBERS = ["sets", "reps", "seconds", "eachKg"] as const;

/** What one person did, slot by slot: what they said, or what the clock and their part say. */
export function PersonLog(props: {
  readonly line: LoggedLine;
  readonly timeZone: string;
  readonly onWrite: (entry: Written) => void;
}) {
  const t = useTexts("log");
  const words = useWords();
  const { line, onWrite, timeZone } = props;
  const [note, setNote] = useState(line.kept.note?.value ?? "");
  const rows = line.slots.filter(({ slot }) => line.kept[`slot:${slot}`] || line.prefilled[slot]);
  return (
    <>
      {rows.length === 0 && <p className="text-quiet">{t("noSetRanLong")}</p>}
      <table hidden={rows.length === 0} className="w-full max-w-3xl border-collapse text-left">
        <thead className="text-sm text-quiet">
          <tr>
            <th className="font-semibold">{t("move")}</th>
            <th className="w-20 font-semibold">{t("sets")}</th>
            <th className="w-20 font-semibold">{t("reps")}</th>
            <th className="w-20 font-semibold">{t("seconds")}</th>
            <th className="w-20 font-semibold">{t("kgEach")}</th>
            <th className="w-28 font-semibold">{t("moreLeft")}</th>
            <th className="w-52 font-semibold">{t("from")}</th>
          </tr>
        </thead>
        <tbody>
          {rows.map(({ slot, name, load }) => {
            const kept = line.kept[`slot:${slot}`];
            const said = kept?.value ?? null;
            const done = inEach(said ?? line.prefilled[slot] ?? {}, { load });
            return (
              <tr key={slot} className="border-t border-hairline">
                <td className="py-1">
                  {done.mark && done.mark !== "natural" && `${MARK_GLYPH[done.mark]} `}
                  {name}
                </td>
                {NUMBERS.map((key) => (
                  <td key={key}>
                    <Num
                      label={`${line.name}, ${name}: ${key === "eachKg" ? t("kgEach") : key}`}
                      value={done[key]}
                      onChange={(value) =>
                        onWrite({ field: `slot:${slot}`, value: withKey(done, key, value) })
                      }
                    />
                  </td>
                ))}
                <td>
                  <select
                    aria-label={t("moreLeft2", { name: line.name, name2: name })}
                    className="border-b-2 border-pine bg-transparent"
                    value={done.more ?? ""}
                    onChange={(event) => {
                      const more = MORE.find((one) => one === event.target.value);
                      const { more: _old, ...rest } = done;
                      onWrite({ field: `slot:${slot}`, value: more ? { ...rest, more } : rest });
                    }}
                  >
                    <option value="">{t("notSaid")}</option>
                    {MORE.map((more) => (
                      <option key={more} value={more}>
                        {words.name("more", more)}
                      </option>
                    ))}
                  </select>
                </td>
                <td className="text-quiet">
                  {kept ? (kept.by === "self" ? t("themselves") : kept.by) : t("theirPartClock")}
                  <Earlier kept={kept} timeZone={timeZone} />
                </td>
              </tr>
            );
          })}
        </tbody>
      </table>
      <label className="mt-2 flex max-w-3xl items-baseline gap-2">
        {t("note")}
        <input
          className="flex-1 border border-quiet bg-white px-2 py-1"
          maxLength={1000}
          value={note}
          onChange={(event) => setNote(event.target.value)}
          onBlur={() =>
            note.trim() !== (line.kept.note?.value ?? "") &&
            onWrite({ field: "note", value: note.trim() || null })
          }
        />
        <Earlier kept={line.kept.note} timeZone={timeZone} />
      </label>
    </>
  );
}

function withKey(done: SlotDone, key: (typeof NUMBERS)[number], value: number | null): SlotDone {
  const { [key]: _old, ...rest } = done;
  return value === null ? rest : { ...rest, [key]: value };
}

/** A number that is written when the field is left; empty is "not said". */
function Num(props: {
  readonly label: string;
  readonly value: number | undefined;
  readonly onChange: (value: number | null) => void;
}) {
  const [draft, setDraft] = useState<string | null>(null);
  const leave = () => {
    if (draft === null) return;
    const text = draft.trim().replace(",", ".");
    const value = text === "" ? null : Number(text);
    setDraft(null);
    if (value === (props.value ?? null)) return;
    if (value === null || (Number.isFinite(value) && value >= 0)) props.onChange(value);
  };
  return (
    <input
      aria-label={props.label}
      inputMode="decimal"
      className={BOX}
      value={draft ?? props.value ?? ""}
      onChange={(event) => setDraft(event.target.value)}
      onBlur={leave}
      onKeyDown={(event) => event.key === "Enter" && event.currentTarget.blur()}
    />
  );
}
