/** What may be written into a log, for the routes. */
import { array, lazy, mixed, number, object, string } from "yup";
import { MARKS } from "../core/homes/home";
import type { SlotDone, Written } from "../core/log/entries";
import { MORE } from "../core/strength/more";

export const doneSchema = object({
  sets: number().integer().min(0).max(100),
  reps: number().integer().min(0).max(1000),
  seconds: number().integer().min(0).max(7200),
  eachKg: number().min(0).max(500),
  /** The sum, from a page that was open before each was asked for. */
  kg: number().min(0).max(1000),
  more: string().oneOf(MORE),
  mark: string().oneOf(MARKS),
})
  .noUnknown()
  .strict();

/** Each field has a kind of value of its own; null takes back what was said. */
const value = (field: unknown) => {
  if (field === "effort") return number().strict().integer().min(0).max(10).nullable();
  if (field === "note") return string().strict().max(1000).nullable();
  if (field === "present")
    return mixed<boolean>()
      .test((given) => given === null || typeof given === "boolean")
      .nullable();
  return doneSchema.nullable();
};

const entry = lazy((given: unknown) =>
  object({
    field: string()
      .matches(/^(effort|note|present|slot:.{1,100})$/)
      .required(),
    value: value((given as { field?: unknown } | null)?.field).defined(),
  })
    .noUnknown()
    .strict(),
);

/** A list of entries. */
export const written = array().of(entry).min(1).max(100).required() as unknown as import("yup").Schema<
  readonly Written[]
>;

/** What was done of a plan by oneself, by slot. */
export const aloneSlots = lazy((given: unknown) =>
  object(
    Object.fromEntries(
      Object.keys(given ?? {})
        .slice(0, 200)
        .map((slot) => [slot, doneSchema.required()]),
    ),
  ).noUnknown(),
) as unknown as import("yup").Schema<Readonly<Record<string, SlotDone>>>;
