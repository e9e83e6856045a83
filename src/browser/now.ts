/** This device's time on a clock that never jumps: milliseconds since 1970, monotonic within the page. */
export function deviceNowMs(): number {
  return performance.timeOrigin + performance.now();
}
