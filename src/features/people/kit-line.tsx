"use client";
import { X } from "lucide-react";
import type { KitItem } from "@/core/homes/kit";
import { type KitMeasure, kitFacts } from "@/core/homes/kit-types";
import { TENSIONS, type Tension } from "@/core/moves/move";
import { KG_PER_LB, type MassUnits } from "@/core/units";
import { useWords } from "@/features/language/use-words";
import { kitName } from "@/words/kit-words";
import { addedItem } from "./add-kit";
import { NumberBox } from "./number-box";

const WORDS: Record<KitMeasure, string> = {
  kg: "each",
  minKg: "from",
  maxKg: "up to",
  stepKg: "in steps of",
  litres: "litres",
  grams: "grams",
  heightCm: "cm high",
};
function isMass(measure: KitMeasure): boolean {
  return measure === "kg" || measure.endsWith("Kg");
}

/** The things that are there with their measures; a second one of a kind that differs gets a line of its own. */
export function KitLines({
  kit,
  units,
  onKit,
}: {
  readonly kit: readonly KitItem[];
  readonly units: MassUnits;
  readonly onKit: (kit: readonly KitItem[]) => void;
}) {
  if (kit.length === 0) return null;
  return (
    <>
      <h3 className="mt-4 text-sm font-semibold text-quiet">How many, how heavy</h3>
      <ul>
        {kit.map((item, i) => (
          <KitLine
            key={item.id}
            item={item}
            units={units}
            onChange={(next) => onKit(kit.with(i, next))}
            onRemove={() => onKit(kit.filter((entry) => entry.id !== item.id))}
            onAnother={() => onKit(kit.toSpliced(i + 1, 0, addedItem(kit, item.type)))}
          />
        ))}
      </ul>
    </>
  );
}

/** One thing at home, as a sentence with its measures. */
function KitLine(props: {
  readonly item: KitItem;
  readonly units: "kg" | "lb";
  readonly onChange: (item: KitItem) => void;
  readonly onRemove: () => void;
  readonly onAnother: () => void;
}) {
  const words = useWords();
  const { item, units } = props;
  const count = item.count ?? 1;
  const facts = kitFacts(item.type);
  const name = kitName(item.type, count, words);
  const put = (part: Partial<KitItem>) => props.onChange({ ...item, ...part });
  const shown = (measure: KitMeasure) => {
    const value = item[measure];
    return value !== undefined && units === "lb" && isMass(measure)
      ? Math.round((value / KG_PER_LB) * 10) / 10
      : value;
  };
  const take = (measure: KitMeasure, value: number | undefined) => {
    const kilograms =
      value !== undefined && units === "lb" && isMass(measure)
        ? Math.round(value * KG_PER_LB * 100) / 100
        : value;
    put({ [measure]: kilograms });
  };
  return (
    <li className="flex flex-wrap items-center gap-x-3 gap-y-1 border-b border-hairline py-1.5">
      {!facts.single && (
        <NumberBox
          label={`How many: ${name}`}
          value={count}
          onChange={(value) => put({ count: Math.max(1, Math.round(value ?? 1)) })}
        />
      )}
      <b className="min-w-24">{name}</b>
      {facts.asks.map((measure) => (
        <span key={measure} className="whitespace-nowrap">
          {["minKg", "maxKg", "stepKg"].includes(measure) && `${WORDS[measure]} `}
          <NumberBox
            label={`${name}: ${WORDS[measure]}`}
            value={shown(measure)}
            onChange={(value) => take(measure, value)}
          />
          {isMass(measure) ? ` ${units}${measure === "kg" ? " each" : ""}` : ` ${WORDS[measure]}`}
        </span>
      ))}
      {facts.stretches && (
        <select
          aria-label={`${name}: tension`}
          className="border-b-2 border-pine bg-transparent font-bold"
          value={item.tension ?? "medium"}
          onChange={(event) => put({ tension: event.target.value as Tension })}
        >
          {TENSIONS.map((tension) => (
            <option key={tension} value={tension}>
              {words.name("tension", tension)}
            </option>
          ))}
        </select>
      )}
      {facts.bears && (
        <label className="flex items-center gap-1.5">
          <input
            type="checkbox"
            checked={item.sturdy === true}
            onChange={(event) => put({ sturdy: event.target.checked })}
          />
          sturdy: carries a person, no castors
        </label>
      )}
      {item.type === "door" && <DoorFields item={item} put={put} />}
      {!facts.single && facts.weighs !== null && (
        <button
          type="button"
          aria-label={`Another kind of ${kitName(item.type, 1, words)}`}
          className="min-h-[24px] text-quiet underline underline-offset-2"
          onClick={props.onAnother}
        >
          another
        </button>
      )}
      <button type="button" aria-label={`Remove ${name}`} className="ml-auto p-1" onClick={props.onRemove}>
        <X size={16} aria-hidden />
      </button>
    </li>
  );
}

/** Whether a door latches, and which way it opens: pulling must shut it. */
function DoorFields({
  item,
  put,
}: {
  readonly item: KitItem;
  readonly put: (part: Partial<KitItem>) => void;
}) {
  return (
    <>
      <label className="flex items-center gap-1.5">
        <input
          type="checkbox"
          checked={item.latches === true}
          onChange={(event) => put({ latches: event.target.checked })}
        />
        latches
      </label>
      <select
        aria-label="door: opens"
        className="border-b-2 border-pine bg-transparent font-bold"
        value={item.opens ?? ""}
        onChange={(event) => put({ opens: (event.target.value || undefined) as KitItem["opens"] })}
      >
        <option value="">which way it opens: not said</option>
        <option value="away">opens away: pulling shuts it</option>
        <option value="towards">opens towards me</option>
      </select>
    </>
  );
}
