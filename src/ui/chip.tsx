import type { ReactNode } from "react";

/** One of several things to choose from, small enough to stand among words. */
export function Chip(props: {
  readonly pressed: boolean;
  readonly onPress: () => void;
  readonly children: ReactNode;
}) {
  return (
    <button
      type="button"
      aria-pressed={props.pressed}
      className="min-h-[24px] border border-hairline px-1.5 leading-tight aria-pressed:border-ink aria-pressed:bg-marker"
      onClick={props.onPress}
    >
      {props.children}
    </button>
  );
}
