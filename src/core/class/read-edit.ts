/** Recognising an edit that comes from outside. What it leads to is checked when it is applied. */

import { isObject, type Json } from "../values/check-values";
import { DOCUMENT, unsound } from "../values/sound";
import { EDIT_NAMES, type Edit } from "./edits";
import { KEYED_LISTS } from "./keyed";

const isId = (value: unknown): value is string =>
  typeof value === "string" && value.length > 0 && value.length <= 200;
const isPlace = (value: unknown) => value === null || isId(value);
const hasId = (value: unknown) => isObject(value) && isId(value.id);

function isTarget(value: unknown): boolean {
  if (!isObject(value)) return false;
  return value.in === "class" || ((value.in === "block" || value.in === "slot") && isId(value.id));
}

function isSlotPlace(value: unknown): boolean {
  return isObject(value) && isId(value.block) && isPlace(value.before);
}

const isKey = (value: unknown) => typeof value === "string" && value.length <= 1000;
/** What keys are made of must be there, whatever else an entry holds. */
const isEntry = (value: unknown) =>
  value === undefined || (isObject(value) && (value.where === undefined || isObject(value.where)));

function isPut(value: Json): boolean {
  const { list, key, from, to, before } = value;
  return (
    KEYED_LISTS.some((each) => each === list) &&
    isKey(key) &&
    (before === null || isKey(before)) &&
    isEntry(from) &&
    isEntry(to)
  );
}

/** Most edits that may be taken together, and how deep they may be nested: far more than a screen makes. */
const MOST_TOGETHER = 200;

/** Whether a parsed JSON value has the shape of an edit, and nothing in it that can't be kept. Never throws. */
export function isEdit(value: unknown): value is Edit {
  return unsound(value, DOCUMENT) === null && hasShape(value, 0);
}

type Shape = (value: Json, depth: number) => boolean;

const insertsBlock: Shape = ({ block, before }) => hasId(block) && isPlace(before);
const insertsSlot: Shape = ({ block, slot, before }) => isId(block) && hasId(slot) && isPlace(before);

/** What each kind of edit must have. */
const SHAPES: { readonly [Op in Edit["op"]]: Shape } = {
  set: ({ target, key }) => isTarget(target) && typeof key === "string" && key.length <= 100,
  put: isPut,
  "insert-block": insertsBlock,
  "remove-block": insertsBlock,
  "move-block": ({ id, from, to }) => isId(id) && isPlace(from) && isPlace(to),
  "insert-slot": insertsSlot,
  "remove-slot": insertsSlot,
  "move-slot": ({ id, from, to }) => isId(id) && isSlotPlace(from) && isSlotPlace(to),
  together: ({ edits, as }, depth) =>
    Array.isArray(edits) &&
    edits.length <= MOST_TOGETHER &&
    (as === undefined || EDIT_NAMES.some((name) => name === as)) &&
    edits.every((edit) => hasShape(edit, depth + 1)),
};

function hasShape(value: unknown, depth: number): value is Edit {
  if (!isObject(value) || depth > 3 || typeof value.op !== "string") return false;
  return Object.hasOwn(SHAPES, value.op) && SHAPES[value.op as Edit["op"]](value, depth);
}
