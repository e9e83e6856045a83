import type { InputHTMLAttributes, ReactNode, SelectHTMLAttributes } from "react";
import { cx } from "./cx";

const BOX =
  "border border-quiet bg-white px-2 py-1.5 text-ink aria-invalid:border-rust aria-invalid:border-2";

/** A labelled text field with its fault underneath. */
export function Field({
  label,
  fault,
  hint,
  className,
  ...rest
}: InputHTMLAttributes<HTMLInputElement> & {
  readonly label: string;
  readonly fault?: string;
  readonly hint?: string;
}) {
  const noteId = `${rest.id ?? rest.name}-note`;
  return (
    <label className={cx("block", className)}>
      <span className="mb-1 block font-semibold">{label}</span>
      <input
        className={cx(BOX, "w-full")}
        aria-invalid={fault ? true : undefined}
        aria-describedby={fault || hint ? noteId : undefined}
        {...rest}
      />
      {(fault || hint) && (
        <span id={noteId} className={cx("mt-1 block text-sm", fault ? "text-rust" : "text-quiet")}>
          {fault ?? hint}
        </span>
      )}
    </label>
  );
}

/** A labelled choice of a few words. */
export function Choice({
  label,
  children,
  className,
  ...rest
}: SelectHTMLAttributes<HTMLSelectElement> & { readonly label: string; readonly children: ReactNode }) {
  return (
    <label className={cx("block", className)}>
      <span className="mb-1 block font-semibold">{label}</span>
      <select className={cx(BOX, "w-full")} {...rest}>
        {children}
      </select>
    </label>
  );
}
