"use client";
import { type RefObject, useLayoutEffect } from "react";

/**
 * Keeps an element as wide as so many figures. Set here and not as an attribute: the content policy lets no
 * style stand in a page's text.
 */
export function useWidth(element: RefObject<HTMLElement | null>, figures: number): void {
  useLayoutEffect(() => {
    if (element.current) element.current.style.width = `${figures}ch`;
  }, [element, figures]);
}
