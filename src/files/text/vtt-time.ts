/** Times of WebVTT: `00:01:05.250`, hours always written. */
import type { Ms } from "../../core/units";

export interface Stretch {
  readonly fromMs: Ms;
  readonly toMs: Ms;
}

export function vttTime(ms: Ms): string {
  const two = (n: number) => String(n).padStart(2, "0");
  const seconds = Math.floor(ms / 1000);
  const [h, m, s] = [Math.floor(seconds / 3600), Math.floor(seconds / 60) % 60, seconds % 60];
  return `${two(h)}:${two(m)}:${two(s)}.${String(ms % 1000).padStart(3, "0")}`;
}
