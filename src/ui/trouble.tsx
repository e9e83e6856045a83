import type { ReactNode } from "react";
import { cx } from "./cx";

/** What went wrong, beside what it went wrong with; nothing where nothing did. */
export function Trouble(props: { readonly children: ReactNode; readonly className?: string }) {
  if (!props.children) return null;
  return (
    <p role="alert" className={cx("border-l-4 border-rust pl-3 text-rust", props.className)}>
      {props.children}
    </p>
  );
}
