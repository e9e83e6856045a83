"use client";

/** One of a few values, beside a heading. */
export function SmallChoice<T extends string | number>(props: {
  readonly label: string;
  readonly values: readonly T[];
  readonly value: T;
  readonly text: (value: T) => string;
  readonly onChange: (value: T) => void;
}) {
  const { label, values, value, text, onChange } = props;
  return (
    <label className="flex items-baseline gap-1.5 text-sm">
      <span className="text-quiet">{label}</span>
      <select
        className="border border-quiet bg-white px-1 py-0.5"
        value={value}
        onChange={(event) => {
          const chosen = values.find((one) => String(one) === event.target.value);
          if (chosen !== undefined) onChange(chosen);
        }}
      >
        {values.map((one) => (
          <option key={one} value={one}>
            {text(one)}
          </option>
        ))}
      </select>
    </label>
  );
}
