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
  useLayoutEffect(() => {
    if (!element.current) return;
    for (const [key, value] of Object.entries(look)) element.current.style.setProperty(key, value);
    element.current.removeAttribute("data-unset");
  });
  const Tag: ElementType = as ?? "div";
  return <Tag ref={element} data-unset="" {...rest} />;
}
