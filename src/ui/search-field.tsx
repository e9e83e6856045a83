import { cx } from "./cx";

/** A field to look for something among what is shown. */
export function SearchField(props: {
  readonly label: string;
  readonly placeholder: string;
  readonly value: string;
  readonly onChange: (text: string) => void;
  readonly className?: string;
}) {
  return (
    <input
      type="search"
      aria-label={props.label}
      placeholder={props.placeholder}
      className={cx("border border-quiet bg-white px-2 py-1.5", props.className)}
      value={props.value}
      onChange={(event) => props.onChange(event.target.value)}
    />
  );
}
