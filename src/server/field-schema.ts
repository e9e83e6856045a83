/** The core's descriptions of values as Yup schemas, for the edge. */
import { mixed, number, type ObjectSchema, object, type Schema, string } from "yup";
import { ENTRY_KINDS, type EntryKind, factsOf, type SessionEventKind } from "../core/live/event-kinds";
import type { Happening } from "../core/live/events";
import type { AnyField, Fields } from "../core/values/fields";

function valueSchema({ kind, optional, nullable }: AnyField): Schema {
  const made =
    kind.is === "whole"
      ? number().integer().min(kind.least).max(kind.most)
      : kind.is === "one-of"
        ? string().oneOf([...kind.values])
        : string().min(1).max(kind.most);
  const held = nullable ? made.nullable().defined() : made;
  return optional || nullable ? held : held.required();
}

interface SchemaOptions {
  /** Left out here. */
  readonly without?: readonly string[];
  /** Takes what the server sets too: of what it wrote itself. */
  readonly ours?: boolean;
}

/** An object of these fields and nothing else; what the server sets isn't taken, nor what is left out here. */
export function fieldsSchema(fields: Fields, options: SchemaOptions = {}): ObjectSchema<object> {
  const { without = [], ours: taken = false } = options;
  const sent = Object.entries(fields).filter(
    ([name, { ours }]) => (taken || !ours) && !without.includes(name),
  );
  return object(Object.fromEntries(sent.map(([name, field]) => [name, valueSchema(field)]))).noUnknown();
}

/** A command's kind and what it carries, each kind as its own row says. */
export function happeningFields<K extends SessionEventKind>(kinds: readonly K[]) {
  return {
    kind: string().oneOf(kinds).required(),
    payload: mixed<Happening<K>["payload"]>().when("kind", ([kind]: unknown[]) => {
      const known = kinds.find((each) => each === kind);
      return (known ? fieldsSchema(factsOf(known).payload) : mixed()).required() as never;
    }),
  };
}

/** What a participant's device sends of an entry, beside its kind: who it is goes by the link. */
export const ENTRY_FIELDS = Object.fromEntries(
  ENTRY_KINDS.flatMap((kind) => Object.entries(factsOf(kind).payload))
    .filter(([name]) => name !== "person")
    .map(([name, field]) => [name, valueSchema({ ...field, optional: true })]),
);

/** What of a sent entry its kind carries, with whose it is; null where something is missing. */
export function entryOf(kind: EntryKind, person: string, sent: object): Happening<EntryKind> | null {
  const fields = factsOf(kind).payload;
  const carried = Object.entries(sent).filter(([name, value]) => name in fields && value !== undefined);
  const payload = { ...Object.fromEntries(carried), person };
  return fieldsSchema(fields).isValidSync(payload, { strict: true })
    ? ({ kind, payload } as Happening<EntryKind>)
    : null;
}
