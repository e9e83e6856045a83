"use client";

/** One of several names, none at first. The label stands before it. */
export function NameChoice(props: {
  readonly label: string;
  /** What stands where none is chosen. */
  readonly none: string;
  readonly names: readonly { readonly id: string; readonly name: string }[];
  readonly value: string;
  readonly onChange: (id: string) => void;
  /** The looks of the select, which differ by day and night. */
  readonly className: string;
}) {
  return (
    <label className="flex items-center gap-3">
      {props.label}
      <select
        className={props.className}
        value={props.value}
        onChange={(event) => props.onChange(event.target.value)}
      >
        <option value="">{props.none}</option>
        {props.names.map((person) => (
          <option key={person.id} value={person.id}>
            {person.name}
          </option>
        ))}
      </select>
    </label>
  );
}
