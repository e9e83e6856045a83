"use client";
import type { Person } from "@/core/homes/home";
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
  const units = person.units ?? "kg";
  return (
    <section aria-labelledby="private-heading" className="mt-6 border-t border-hairline pt-3">
      <h2 id="private-heading" className="text-lg font-bold">
        Only if you like to say
      </h2>
      <p className="text-quiet">
        Mass and height make loads and what fits under the ceiling more exact. Nobody else is shown them.
      </p>
      <p className="mt-1 flex flex-wrap items-center gap-x-2 gap-y-1.5">
        <span className="text-quiet">Body mass</span>
        <NumberBox
          className="w-14"
          label={`Body mass in ${units}`}
          value={shownIn(units, person.bodyKg)}
          onChange={(value) => onChange({ bodyKg: takenIn(units, value) })}
        />
        {units}
        <span className="ml-4 text-quiet">Height</span>
        <NumberBox
          className="w-14"
          label="Height in cm"
          value={person.heightCm}
          onChange={(value) => onChange({ heightCm: value })}
        />
        cm
      </p>
      <p className="mt-2 flex flex-wrap items-center gap-x-2">
        <span className="text-quiet">Quiet hours, nothing louder than a step: from</span>
        <input
          type="time"
          aria-label="Quiet from"
          className={TIME}
          value={person.quiet?.from ?? ""}
          onChange={(event) => onChange({ quiet: hours(event.target.value, person.quiet?.to ?? "07:00") })}
        />
        to
        <input
          type="time"
          aria-label="Quiet to"
          className={TIME}
          value={person.quiet?.to ?? ""}
          onChange={(event) => onChange({ quiet: hours(person.quiet?.from ?? "21:00", event.target.value) })}
        />
      </p>
      <div className="mt-2 max-w-56">
        <Field
          label="Country, two letters (for the emergency number)"
          name="country"
          maxLength={2}
          defaultValue={person.country ?? ""}
          onChange={(event) => onChange({ country: event.target.value.trim().toUpperCase() || undefined })}
        />
      </div>
    </section>
  );
}
