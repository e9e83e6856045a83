import { array, mixed, number, object, string } from "yup";
import type { Edit } from "@/core/class/edits";
import { isEdit } from "@/core/class/read-edit";
import { applyEdits } from "@/server/classes";
import { uuidParam, writing } from "@/server/http";

const sent = object({
  id: string().uuid().required(),
  edit: mixed<Edit>((value): value is Edit => isEdit(value)).required(),
}).noUnknown();
const body = object({
  base: number().integer().min(1).required(),
  edits: array(sent)
    .min(1)
    .max(500)
    .required()
    .test(
      "each-once",
      "One change is in here twice.",
      (list) => !list || new Set(list.map((entry) => entry?.id)).size === list.length,
    ),
}).noUnknown();

/** Autosave: edits made on a revision, applied to the class as it stands. */
export const POST = writing(
  body,
  (who, params, { base, edits }) => applyEdits(who, uuidParam(params, "id"), base, edits),
  { size: "document" },
);
