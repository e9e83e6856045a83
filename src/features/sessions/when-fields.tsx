"use client";
import { useMemo } from "react";
import { zoneName } from "@/core/live/when";
import { useTexts } from "@/features/language/use-texts";
import { Choice, Field } from "@/ui/field";

export interface When {
  readonly date: string;
  readonly time: string;
  readonly timeZone: string;
}

/** Date, time of day and the zone that they are announced in. */
export function WhenFields(props: { readonly value: When; readonly onChange: (when: When) => void }) {
  const t = useTexts("sessions");
  const { value, onChange } = props;
  const zones = useMemo(() => {
    const all = Intl.supportedValuesOf("timeZone");
    return all.includes(value.timeZone) ? all : [value.timeZone, ...all];
  }, [value.timeZone]);
  return (
    <div className="grid grid-cols-[1fr_9rem] gap-3">
      <Field
        label={t("date")}
        type="date"
        value={value.date}
        onChange={(event) => onChange({ ...value, date: event.target.value })}
      />
      <Field
        label={t("time")}
        type="time"
        value={value.time}
        onChange={(event) => onChange({ ...value, time: event.target.value })}
      />
      <Choice
        label={t("timeZone")}
        className="col-span-2"
        value={value.timeZone}
        onChange={(event) => onChange({ ...value, timeZone: event.target.value })}
      >
        {zones.map((zone) => (
          <option key={zone} value={zone}>
            {zoneName(zone)} ({zone})
          </option>
        ))}
      </Choice>
    </div>
  );
}
