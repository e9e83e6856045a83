"use client";
import { X } from "lucide-react";
import { NEED_ROLES, type Need, type NeedRole } from "@/core/moves/move";
import { useTexts } from "@/features/language/use-texts";
import { useWords } from "@/features/language/use-words";
import { Button } from "@/ui/button";
import { needText } from "@/words/need-words";

/** Roles with the measures that they usually carry; a weight's range is changed in the row. */
const USUAL: Partial<Record<NeedRole, Need>> = {
  "hand-weight": { as: "hand-weight", count: 2, equal: true, kg: [1, 20] },
  "held-weight": { as: "held-weight", kg: [2, 30] },
  "worn-weight": { as: "worn-weight", kg: [3, 20] },
  kettlebell: { as: "kettlebell", kg: [4, 32] },
  barbell: { as: "barbell", kg: [5, 100] },
  support: { as: "support", bearsWeight: true, heightCm: [38, 55] },
};
const CHOICES = NEED_ROLES.filter((role) => role !== "filling" && role !== "door");

/** What a move needs: any one of the lines, everything of that line. */
export function NeedRows(props: {
  readonly needs: readonly (readonly Need[])[];
  readonly onChange: (needs: readonly (readonly Need[])[]) => void;
}) {
  const t = useTexts("moves");
  const words = useWords();
  const { needs } = props;
  const setLine = (i: number, line: readonly Need[]) =>
    props.onChange(needs.map((old, j) => (j === i ? line : old)));
  return (
    <fieldset>
      <legend className="font-semibold">{t("needsAnyOneThese")}</legend>
      {needs.map((line, i) => (
        // biome-ignore lint/suspicious/noArrayIndexKey: lines have no other name than their place
        <div key={i} className="flex flex-wrap items-center gap-2 border-t border-hairline py-1.5">
          {line.length === 0 && <span className="text-quiet">{t("nothing")}</span>}
          {line.map((need, n) => (
            <NeedChip
              // biome-ignore lint/suspicious/noArrayIndexKey: a role may stand twice in a line
              key={`${need.as} ${n}`}
              need={need}
              onChange={(next) =>
                setLine(
                  i,
                  line.map((old, j) => (j === n ? next : old)),
                )
              }
              onRemove={() =>
                setLine(
                  i,
                  line.filter((_, j) => j !== n),
                )
              }
            />
          ))}
          <select
            aria-label={t("addToLine", { line: i + 1 })}
            className="border border-quiet bg-white px-1.5 py-0.5"
            value=""
            onChange={(event) => {
              const role = event.target.value as NeedRole;
              setLine(i, [...line, USUAL[role] ?? { as: role }]);
            }}
          >
            <option value="">{t("add")}</option>
            {CHOICES.map((role) => (
              <option key={role} value={role}>
                {needText(USUAL[role] ?? { as: role }, words)}
              </option>
            ))}
          </select>
          {needs.length > 1 && (
            <button
              type="button"
              className="underline underline-offset-2"
              onClick={() => props.onChange(needs.filter((_, j) => j !== i))}
            >
              {t("removeLine")}
            </button>
          )}
        </div>
      ))}
      <Button look="bare" className="px-0" onClick={() => props.onChange([...needs, []])}>
        {t("orElse")}
      </Button>
    </fieldset>
  );
}

function NeedChip(props: {
  readonly need: Need;
  readonly onChange: (need: Need) => void;
  readonly onRemove: () => void;
}) {
  const t = useTexts("moves");
  const words = useWords();
  const { need } = props;
  const range = (key: "kg" | "heightCm", unit: string) => {
    const value = need[key];
    if (!value) return null;
    const box = (end: 0 | 1) => (
      <input
        aria-label={t("bound", { what: needText(need, words), end: end === 0 ? "from" : "to", unit })}
        inputMode="decimal"
        className="w-10 border-b-2 border-pine bg-transparent text-center font-bold"
        defaultValue={value[end]}
        onChange={(event) => {
          const n = Number(event.target.value);
          if (!Number.isFinite(n) || event.target.value === "") return;
          props.onChange({ ...need, [key]: end === 0 ? [n, value[1]] : [value[0], n] });
        }}
      />
    );
    return (
      <span className="whitespace-nowrap">
        {box(0)}–{box(1)} {unit}
      </span>
    );
  };
  return (
    <span className="flex items-center gap-1.5 border border-ink bg-white px-2 py-0.5">
      {need.as === "hand-weight" ? (
        <select
          aria-label={t("howManyHandWeights")}
          className="bg-transparent font-bold"
          value={need.count ?? 1}
          onChange={(event) =>
            props.onChange(
              event.target.value === "2"
                ? { ...need, count: 2, equal: true }
                : { as: need.as, ...(need.kg ? { kg: need.kg } : {}) },
            )
          }
        >
          <option value={1}>{t("oneHandWeight")}</option>
          <option value={2}>{t("twoEqualHandWeights")}</option>
        </select>
      ) : (
        needText({ as: need.as, ...(need.bearsWeight ? { bearsWeight: true } : {}) }, words)
      )}
      {need.as === "anchor" && (
        <select
          aria-label={t("heightAnchor")}
          className="bg-transparent font-bold"
          value={need.at ?? ""}
          onChange={(event) => {
            const { at: _at, ...rest } = need;
            const at = event.target.value as NonNullable<Need["at"]> | "";
            props.onChange(at === "" ? rest : { ...rest, at });
          }}
        >
          <option value="">{t("anyHeight")}</option>
          <option value="low">{t("low")}</option>
          <option value="mid">{t("chestHeight")}</option>
          <option value="high">{t("high")}</option>
        </select>
      )}
      {range("kg", "kg")}
      {range("heightCm", "cm")}
      <label className="flex items-center gap-1 whitespace-nowrap">
        <input
          type="checkbox"
          checked={need.optional === true}
          onChange={(event) => {
            const { optional: _optional, ...rest } = need;
            props.onChange(event.target.checked ? { ...rest, optional: true } : rest);
          }}
        />
        {t("mayBeMissing")}
      </label>
      <button
        type="button"
        aria-label={t("remove", { need: needText(need, words) })}
        onClick={props.onRemove}
      >
        <X size={14} aria-hidden />
      </button>
    </span>
  );
}
