/**
 * Reasons, or anything that holds reasons, with some of what stands in them replaced, however deep it stands.
 * `by`: what takes an object's place; null where it stays and is looked into.
 */
export function replaced<R>(reason: R, by: (value: object) => object | null): R {
  if (reason === null || typeof reason !== "object") return reason;
  if (Array.isArray(reason)) return reason.map((each) => replaced(each, by)) as R;
  // What isn't plain data (a map of numbers, say) names nothing.
  if (Object.getPrototypeOf(reason) !== Object.prototype) return reason;
  const other = by(reason);
  if (other) return other as R;
  return Object.fromEntries(Object.entries(reason).map(([key, value]) => [key, replaced(value, by)])) as R;
}
