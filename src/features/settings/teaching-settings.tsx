"use client";
import { useEffect, useMemo, useState } from "react";
import {
  COUNTINGS,
  type Counting,
  DEVICE_DEFAULTS,
  type DeviceChoices,
  deviceChoices,
  keepDeviceChoices,
} from "@/browser/device";
import { STANCES } from "@/core/class/document";
import type { Teaching } from "@/core/settings/settings";
import { useTexts } from "@/features/language/use-texts";
import { useWords } from "@/features/language/use-words";
import type { PlainKey } from "@/words/screens/screens";
import { zoneNames } from "./zone-names";

const LINE = "flex items-baseline justify-between gap-4 border-b border-hairline py-1";
const PICK = "border-b-2 border-pine bg-transparent text-right font-bold";

/** What classes and sessions begin with. */
export function TeachingSettings(props: {
  readonly value: Teaching;
  readonly onChange: (key: keyof Teaching, value: string | number) => void;
}) {
  const t = useTexts("settings");
  const words = useWords();
  const { value, onChange } = props;
  const zones = useMemo(() => zoneNames(value.timeZone), [value.timeZone]);
  const rest = (key: "restSeconds" | "longRestSeconds", words: string) => (
    <label className={LINE}>
      {words}
      <span>
        <input
          inputMode="numeric"
          className={`${PICK} w-12 text-center`}
          value={value[key] === 0 ? "" : value[key]}
          placeholder="–"
          onChange={(event) => {
            const number = Number(event.target.value);
            if (Number.isInteger(number) && number >= 0 && number <= 600) onChange(key, number);
          }}
        />
      </span>
    </label>
  );
  return (
    <section aria-labelledby="teaching">
      <h2 id="teaching" className="text-lg font-bold">
        {t("whatThingsBeginWith")}
      </h2>
      <label className={LINE}>
        {t("timeZoneStudio")}
        <select
          className={PICK}
          value={value.timeZone}
          onChange={(event) => onChange("timeZone", event.target.value)}
        >
          {zones.map((zone) => (
            <option key={zone}>{zone}</option>
          ))}
        </select>
      </label>
      <label className={LINE}>
        {t("weightsNewPeople")}
        <select
          className={PICK}
          value={value.units}
          onChange={(event) => onChange("units", event.target.value)}
        >
          <option>kg</option>
          <option>lb</option>
        </select>
      </label>
      <label className={LINE}>
        {t("stanceNewClass")}
        <select
          className={PICK}
          value={value.stance}
          onChange={(event) => onChange("stance", event.target.value)}
        >
          {STANCES.map((stance) => (
            <option key={stance} value={stance}>
              {words.name("stance", stance)}
            </option>
          ))}
        </select>
      </label>
      {rest("restSeconds", t("secondsBetweenMovesNew"))}
      {rest("longRestSeconds", t("secondsBetweenItsRounds"))}
      <label className="block py-1">
        {t("yourWordsEverybodyTheir")}
        <textarea
          rows={3}
          maxLength={1000}
          className="mt-1 w-full border border-quiet bg-white p-2"
          value={value.words}
          onChange={(event) => onChange("words", event.target.value)}
        />
      </label>
    </section>
  );
}

const CHOICES: readonly (readonly [
  Exclude<keyof DeviceChoices, "rowMinutes" | "counting" | "self">,
  PlainKey<"settings">,
])[] = [
  ["mirror", "iFaceCameraMirror"],
  ["sounds", "teachBeginsWithIts"],
  ["letters", "singleLettersKeysDesk"],
  ["contrast", "moreContrast"],
  ["stillness", "noMotion"],
];

const COUNTING_WORDS: Readonly<Record<Counting, PlainKey<"settings">>> = {
  none: "notHeard",
  ticks: "tickedSoftly",
  voice: "spoken",
};

/** What holds on this device only, at once and without saving. */
export function DeviceSettings({
  people,
}: {
  readonly people: readonly { readonly id: string; readonly name: string }[];
}) {
  const t = useTexts("settings");
  const [choices, setChoices] = useState<DeviceChoices>(DEVICE_DEFAULTS);
  useEffect(() => setChoices(deviceChoices()), []);
  const take = (own: Partial<DeviceChoices>) => {
    const next = { ...choices, ...own };
    setChoices(next);
    keepDeviceChoices(next);
  };
  return (
    <section aria-labelledby="device" className="mt-5">
      <h2 id="device" className="text-lg font-bold">
        {t("device")}
      </h2>
      {CHOICES.map(([key, words]) => (
        <label key={key} className="flex items-baseline gap-2 border-b border-hairline py-1">
          <input
            type="checkbox"
            className="accent-pine"
            checked={choices[key]}
            onChange={(event) => take({ [key]: event.target.checked })}
          />
          {t(words)}
        </label>
      ))}
      <label className={LINE}>
        {t("whereSoundsRepsCounted")}
        <select
          className={PICK}
          value={choices.counting}
          onChange={(event) => take({ counting: event.target.value as Counting })}
        >
          {COUNTINGS.map((counting) => (
            <option key={counting} value={counting}>
              {t(COUNTING_WORDS[counting])}
            </option>
          ))}
        </select>
      </label>
      <label className={LINE}>
        {t("iTeachFromHome")}
        <select
          className={PICK}
          value={choices.self}
          onChange={(event) => take({ self: event.target.value })}
        >
          <option value="">{t("notSaid")}</option>
          {people.map(({ id, name }) => (
            <option key={id} value={id}>
              {name}
            </option>
          ))}
        </select>
      </label>
    </section>
  );
}
