/** Time of day by this device's clock, as the lists of sessions write it: `07:05`. */
export function timeOfDay(ms: number): string {
  const date = new Date(ms);
  const two = (n: number) => String(n).padStart(2, "0");
  return `${two(date.getHours())}:${two(date.getMinutes())}`;
}
