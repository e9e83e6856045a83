"use client";
import { X } from "lucide-react";
import type { KitItem } from "@/core/homes/kit";
import { type KitMeasure, kitFacts } from "@/core/homes/kit-types";
import { TENSIONS, type Tension } from "@/core/moves/move";
import type { MassUnits } from "@/core/units";
import { useWords } from "@/features/language/use-words";
import { kitName } from "@/words/kit-words";
import type { Words } from "@/words/words";
import { addedItem } from "./add-kit";
import { shownIn, takenIn } from "./mass-units";
import { NumberBox } from "./number-box";

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
  const words = useWords();
  if (kit.length === 0) return null;
  return (
    <>
      <h3 className="mt-4 text-sm font-semibold text-quiet">{words.phrase("home", "howMany")}</h3>
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

/** What stands behind a measure. */
function unitText(measure: KitMeasure, unit: MassUnits, words: Words): string {
  if (!isMass(measure)) return words.phrase("home", "measure", { measure });
  return measure === "kg" ? words.phrase("home", "unitEach", { unit }) : unit;
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
  const shown = (measure: KitMeasure) => (isMass(measure) ? shownIn(units, item[measure]) : item[measure]);
  const take = (measure: KitMeasure, value: number | undefined) =>
    put({ [measure]: isMass(measure) ? takenIn(units, value) : value });
  return (
    <li className="flex flex-wrap items-center gap-x-3 gap-y-1 border-b border-hairline py-1.5">
      {!facts.single && (
        <NumberBox
          label={words.phrase("home", "howManyOf", { name })}
          value={count}
          onChange={(value) => put({ count: Math.max(1, Math.round(value ?? 1)) })}
        />
      )}
      <b className="min-w-24">{name}</b>
      {facts.asks.map((measure) => (
        <span key={measure} className="whitespace-nowrap">
          {["minKg", "maxKg", "stepKg"].includes(measure) &&
            `${words.phrase("home", "measure", { measure })} `}
          <NumberBox
            label={`${name}: ${words.phrase("home", "measure", { measure })}`}
            value={shown(measure)}
            onChange={(value) => take(measure, value)}
          />{" "}
          {unitText(measure, units, words)}
        </span>
      ))}
      {facts.stretches && (
        <select
          aria-label={words.phrase("home", "tensionOf", { name })}
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
          {words.phrase("home", "sturdy")}
        </label>
      )}
      {item.type === "door" && <DoorFields item={item} put={put} />}
      {!facts.single && facts.weighs !== null && (
        <button
          type="button"
          aria-label={words.phrase("home", "anotherOf", { name: kitName(item.type, 1, words) })}
          className="min-h-[24px] text-quiet underline underline-offset-2"
          onClick={props.onAnother}
        >
          {words.phrase("home", "another")}
        </button>
      )}
      <button
        type="button"
        aria-label={words.phrase("home", "remove", { name })}
        className="ml-auto p-1"
        onClick={props.onRemove}
      >
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
  const words = useWords();
  return (
    <>
      <label className="flex items-center gap-1.5">
        <input
          type="checkbox"
          checked={item.latches === true}
          onChange={(event) => put({ latches: event.target.checked })}
        />
        {words.phrase("home", "latches")}
      </label>
      <select
        aria-label={words.phrase("home", "doorOpens")}
        className="border-b-2 border-pine bg-transparent font-bold"
        value={item.opens ?? ""}
        onChange={(event) => put({ opens: (event.target.value || undefined) as KitItem["opens"] })}
      >
        <option value="">{words.phrase("home", "opensUnknown")}</option>
        <option value="away">{words.phrase("home", "opensAway")}</option>
        <option value="towards">{words.phrase("home", "opensTowards")}</option>
      </select>
    </>
  );
}
