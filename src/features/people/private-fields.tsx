"use client";
import type { Person } from "@/core/homes/home";
import { useWords } from "@/features/language/use-words";
import { Field } from "@/ui/field";
import { shownIn, takenIn } from "./mass-units";
import { NumberBox } from "./number-box";

const TIME = "border-b-2 border-pine bg-transparent font-bold";

/** Hours of the day, or none where one of them was taken away. */
function hours(from: string, to: string): Person["quiet"] {
  return from && to ? { from, to } : undefined;
}

/** What somebody may say of their own body and home: on their own page alone. */
export function PrivateFields(props: {
  readonly person: Person;
  readonly onChange: (part: Partial<Person>) => void;
}) {
  const { person, onChange } = props;
  const words = useWords();
  const units = person.units ?? "kg";
  return (
    <section aria-labelledby="private-heading" className="mt-6 border-t border-hairline pt-3">
      <h2 id="private-heading" className="text-lg font-bold">
        {words.phrase("home", "onlyYouSee")}
      </h2>
      <p className="text-quiet">{words.phrase("home", "onlyYouHint")}</p>
      <p className="mt-1 flex flex-wrap items-center gap-x-2 gap-y-1.5">
        <span className="text-quiet">{words.phrase("home", "bodyMass")}</span>
        <NumberBox
          className="w-14"
          label={words.phrase("home", "bodyMassIn", { unit: units })}
          value={shownIn(units, person.bodyKg)}
          onChange={(value) => onChange({ bodyKg: takenIn(units, value) })}
        />
        {units}
        <span className="ml-4 text-quiet">{words.phrase("home", "height")}</span>
        <NumberBox
          className="w-14"
          label={words.phrase("home", "heightCm")}
          value={person.heightCm}
          onChange={(value) => onChange({ heightCm: value })}
        />
        cm
      </p>
      <p className="mt-2 flex flex-wrap items-center gap-x-2">
        <span className="text-quiet">{words.phrase("home", "quietFrom")}</span>
        <input
          type="time"
          aria-label={words.phrase("home", "quietFromLabel")}
          className={TIME}
          value={person.quiet?.from ?? ""}
          onChange={(event) => onChange({ quiet: hours(event.target.value, person.quiet?.to ?? "07:00") })}
        />
        {words.phrase("home", "quietTo")}
        <input
          type="time"
          aria-label={words.phrase("home", "quietToLabel")}
          className={TIME}
          value={person.quiet?.to ?? ""}
          onChange={(event) => onChange({ quiet: hours(person.quiet?.from ?? "21:00", event.target.value) })}
        />
      </p>
      <div className="mt-2 max-w-56">
        <Field
          label={words.phrase("home", "country")}
          name="country"
          maxLength={2}
          defaultValue={person.country ?? ""}
          onChange={(event) => onChange({ country: event.target.value.trim().toUpperCase() || undefined })}
        />
      </div>
    </section>
  );
}
