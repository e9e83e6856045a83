/** What is wrong with a document, in the language of who reads it; paths stay as they are written in files. */
import { type Fault, type FaultRule, faultSentence } from "../../core/values/faults";
import type { Words } from "../words";
import { FAULT_VALUES_IN_SPANISH, FAULTS_IN_SPANISH } from "./faults-spanish";
import { filled } from "./filled";

const TEXTS: Readonly<Record<string, Readonly<Record<FaultRule["code"], string>>>> = {
  es: FAULTS_IN_SPANISH,
};
const VALUES: Readonly<Record<string, Readonly<Record<string, string>>>> = { es: FAULT_VALUES_IN_SPANISH };

/** The sentence of a fault, without its path; in English where the language has none. */
export function faultText(fault: FaultRule, { language }: Words): string {
  const text = TEXTS[language]?.[fault.code];
  if (text === undefined) return faultSentence(fault);
  const said = (value: unknown) => VALUES[language]?.[String(value)] ?? String(value);
  const { most, ...values } = fault as unknown as Readonly<Record<string, unknown>>;
  const all: Readonly<Record<string, unknown>> = { ...values, most, megabytes: Number(most) / 1_000_000 };
  return filled(text, (name) => {
    const value = all[name];
    return Array.isArray(value) ? value.map(said).join(", ") : said(value);
  });
}

/** A fault as one line: where, and what. */
export const faultLineIn = (fault: Fault, words: Words): string =>
  `${fault.path}: ${faultText(fault, words)}`;
