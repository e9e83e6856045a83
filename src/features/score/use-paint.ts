"use client";
/** The canvas of the score: as large as what is in sight, drawn anew when something of it changes. */
import { type RefObject, useCallback, useEffect, useLayoutEffect, useRef, useState } from "react";
import type { ScoreMeasures } from "@/drawing/measures";
import { type Chosen, rowFace, type ScoreContent } from "@/drawing/row-faces";
import { type Caret, type DrawnRow, type Inks, paintScore } from "./paint";

export interface Box {
  readonly width: number;
  readonly height: number;
}

/** The size of an element's inside, px; null until it is known. */
export function useBox(element: RefObject<HTMLElement | null>): Box | null {
  const [box, setBox] = useState<Box | null>(null);
  useLayoutEffect(() => {
    const own = element.current;
    if (!own) return;
    const measure = () => {
      const { clientWidth: width, clientHeight: height } = own;
      setBox((known) => (known?.width === width && known.height === height ? known : { width, height }));
    };
    const watch = new ResizeObserver(measure);
    watch.observe(own);
    measure();
    return () => watch.disconnect();
  }, [element]);
  return box;
}

/** Inks and letters of this device: read again when its contrast changes. */
function inksOf(element: HTMLElement): Inks {
  const style = getComputedStyle(element);
  const ink = (name: string) => style.getPropertyValue(`--color-${name}`).trim();
  return {
    paper: ink("paper"),
    ink: ink("ink"),
    pine: ink("pine"),
    quiet: ink("quiet"),
    hairline: ink("hairline"),
    marker: ink("marker"),
    rust: ink("rust"),
    letters: style.getPropertyValue("--font-sans"),
    clock: style.getPropertyValue("--font-clock"),
  };
}

/** What a canvas shows, row by row: kept on it for whoever looks at it without eyes. */
export interface ScoreCanvas extends HTMLCanvasElement {
  drawn?: readonly DrawnRow[];
}

export function usePaint(
  scroll: RefObject<HTMLElement | null>,
  canvas: RefObject<ScoreCanvas | null>,
  box: Box | null,
  what: {
    readonly content: ScoreContent;
    readonly chosen: Chosen;
    readonly at: ScoreMeasures;
    readonly caret: Caret | null;
  },
): void {
  const { content, chosen, at, caret } = what;
  const inks = useRef<Inks | null>(null);
  const latest = useRef<() => void>(() => undefined);
  /** Known from what was scrolled: to ask the element lays the whole page out, in the middle of a key. */
  const scrolled = useRef(0);
  const paint = useCallback(() => {
    const [own, view] = [canvas.current, scroll.current];
    const brush = own?.getContext("2d", { alpha: false });
    if (!own || !view || !brush || !box) return;
    const ratio = window.devicePixelRatio || 1;
    const [width, height] = [Math.round(box.width * ratio), Math.round(box.height * ratio)];
    if (own.width !== width) own.width = width;
    if (own.height !== height) own.height = height;
    const tall = `${box.height}px`;
    if (own.style.height !== tall) own.style.height = tall;
    const scrollTop = Math.max(0, Math.min(scrolled.current, content.rows.length * at.row - box.height));
    const first = Math.max(0, Math.floor(scrollTop / at.row));
    const rows = content.rows.slice(first, Math.ceil((scrollTop + box.height) / at.row));
    const drawn = rows.map((row, i) => ({
      top: (first + i) * at.row - scrollTop,
      face: rowFace(row, content, chosen, at),
    }));
    own.drawn = drawn;
    const base = `${at.m.baseline}`;
    if (own.dataset.base !== base) own.dataset.base = base;
    inks.current ??= inksOf(own);
    const moved = caret && { ...caret, top: caret.top - scrollTop };
    paintScore(brush, drawn, at, { ...box, ratio }, inks.current, moved);
  }, [scroll, canvas, box, content, chosen, at, caret]);
  latest.current = paint;
  // After all that the same change does to the page, and still before it is shown: letters on a canvas have the
  // browser style the page, which is so done once.
  const due = useRef(paint);
  useLayoutEffect(() => {
    due.current = paint;
    queueMicrotask(() => due.current === paint && paint());
  }, [paint]);
  useEffect(() => {
    const view = scroll.current;
    const again = () => {
      scrolled.current = view?.scrollTop ?? 0;
      latest.current();
    };
    const anew = () => {
      inks.current = null;
      latest.current();
    };
    view?.addEventListener("scroll", again, { passive: true });
    // Letters that come late, another contrast, another zoom of the browser.
    document.fonts.addEventListener("loadingdone", again);
    const watch = new MutationObserver(anew);
    watch.observe(document.documentElement, { attributes: true, attributeFilter: ["data-contrast"] });
    const dots = window.matchMedia(`(resolution: ${window.devicePixelRatio}dppx)`);
    dots.addEventListener("change", again);
    return () => {
      view?.removeEventListener("scroll", again);
      document.fonts.removeEventListener("loadingdone", again);
      watch.disconnect();
      dots.removeEventListener("change", again);
    };
  }, [scroll]);
}
