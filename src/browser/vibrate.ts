/** A phone on the floor that is felt: where the browser can, and the person's device doesn't ask for stillness. */

/** Shakes for so many ms, still and shaking in turn. Nothing where it can't. */
export function vibrate(pattern: readonly number[]): void {
  if (!("vibrate" in navigator) || window.matchMedia("(prefers-reduced-motion: reduce)").matches) return;
  // A browser that hasn't been touched yet refuses, and says so by its answer alone.
  navigator.vibrate([...pattern]);
}
