/**
 * The number to call in an emergency, by country (ISO 3166-1 alpha-2). The European ones: 112, by Council
 * Decision 91/396/EEC and the EEA and neighbouring states that took it over; of the others the number that
 * the country's own authorities publish for an ambulance. Where a country isn't listed nothing is guessed: then
 * it is "your local emergency number", as everywhere where nobody said where they are.
 */
const EUROPE =
  "AD AL AT BA BE BG CH CY CZ DE DK EE ES FI FO FR GL GR HR HU IE IS IT LI LT LU LV MC ME MK MT NL NO PL PT RO RS SE SI SK SM TR UA VA XK";

const OTHERS: Readonly<Record<string, string>> = {
  AE: "998",
  AR: "107",
  AU: "000",
  BR: "192",
  CA: "911",
  CL: "131",
  CN: "120",
  CO: "123",
  CR: "911",
  EC: "911",
  GB: "999",
  GG: "999",
  GI: "999",
  HK: "999",
  IL: "101",
  IM: "999",
  IN: "112",
  JE: "999",
  JP: "119",
  KR: "119",
  MX: "911",
  MY: "999",
  NZ: "111",
  PA: "911",
  PH: "911",
  SG: "995",
  TW: "119",
  US: "911",
  UY: "911",
  ZA: "112",
};

const NUMBERS: ReadonlyMap<string, string> = new Map([
  ...EUROPE.split(" ").map((country) => [country, "112"] as const),
  ...Object.entries(OTHERS),
]);

/** The emergency number of a country; null where it isn't known, or nobody said where they are. */
export function emergencyNumber(country: string | null | undefined): string | null {
  return country ? (NUMBERS.get(country) ?? null) : null;
}
