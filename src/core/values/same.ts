/** Whether two values of JSON are written alike: the same keys in the same order with the same values. */
export function isSame(a: unknown, b: unknown): boolean {
  return JSON.stringify(a) === JSON.stringify(b);
}
