/** The time zones that this browser knows, UTC first, with the one that is chosen whatever it is called here. */
export function zoneNames(chosen: string): readonly string[] {
  const all = ["UTC", ...Intl.supportedValuesOf("timeZone").filter((zone) => zone !== "UTC")];
  // Browsers list a zone under one of its names; a studio may have it under another.
  return all.includes(chosen) ? all : [chosen, ...all];
}
