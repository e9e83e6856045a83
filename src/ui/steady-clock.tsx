import type { ComponentPropsWithoutRef } from "react";
import { cx } from "./cx";

/** By how many signs a time has, each with all figures as wide as the widest: m:ss, mm:ss, h:mm:ss, hh:mm:ss. */
const WIDTHS: Readonly<Record<number, string>> = {
  4: "w-[3.55ch]",
  5: "w-[4.55ch]",
  7: "w-[6.1ch]",
  8: "w-[7.1ch]",
};

/**
 * A time that changes while somebody works: in a box that is as wide for every time of as many signs, and laid out by
 * itself. What stands around it stays where it is, and needn't be laid out anew. Such a box has no line of letters of
 * its own: whoever uses it says by `className` how high it is and how deep it is put.
 */
export function SteadyClock({
  as: Tag = "b",
  time,
  className,
  ...rest
}: { readonly as?: "b" | "output"; readonly time: string } & ComponentPropsWithoutRef<"output">) {
  const width = WIDTHS[time.length];
  return (
    <Tag {...rest} className={cx("inline-block", width && "[contain:strict]", width, className)}>
      {time}
    </Tag>
  );
}
