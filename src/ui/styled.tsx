"use client";
import { type ComponentPropsWithoutRef, type ElementType, useLayoutEffect, useRef } from "react";

/** Values of CSS properties, with their units. */
export type Look = Readonly<
  Partial<
    Record<
      "height" | "width" | "left" | "top" | "font-size" | "clip-path" | "max-width" | "min-height",
      string
    >
  > &
    Record<`--${string}`, string>
>;

/**
 * An element whose place or size is worked out. It is set on the element and never stands in the page's text,
 * which the content policy would refuse; until it is set the element keeps its room and isn't seen.
 */
export function Styled<T extends ElementType = "div">({
  as,
  look,
  ...rest
}: { readonly as?: T; readonly look: Look } & Omit<ComponentPropsWithoutRef<T>, "style">) {
  const element = useRef<HTMLElement>(null);
  /** What is set, and on which element: to set it again has the browser style the page again. */
  const known = useRef<{ readonly on: HTMLElement; readonly look: Look } | null>(null);
  useLayoutEffect(() => {
    const on = element.current;
    if (!on) return;
    const before: Look = known.current?.on === on ? known.current.look : {};
    for (const [key, value] of Object.entries(look))
      if (before[key as keyof Look] !== value) on.style.setProperty(key, value);
    on.removeAttribute("data-unset");
    known.current = { on, look };
  });
  const Tag: ElementType = as ?? "div";
  return <Tag ref={element} data-unset="" {...rest} />;
}
