import { NextResponse } from "next/server";
import { array, boolean, object, string } from "yup";
import { shelve, TAGS } from "@/server/class-shelf";
import { deleteClass, findClass } from "@/server/classes";
import { reading, uuidParam, writing } from "@/server/http";
import { Refused } from "@/server/refused";

/** The class itself, to begin another from. */
export const GET = reading(async (who, params) => {
  const stored = await findClass(who.studioId, uuidParam(params, "id"));
  if (!stored) throw new Refused("not-found", "There is no such class here.");
  return NextResponse.json({ doc: stored.doc });
});

const body = object({
  tags: array(string().defined().max(TAGS.longest)).max(TAGS.most),
  archived: boolean(),
}).noUnknown();

/** Other tags, or put away and back. */
export const PUT = writing(body, (who, params, { tags, archived }) =>
  shelve(who.studioId, uuidParam(params, "id"), {
    ...(tags ? { tags } : {}),
    ...(archived === undefined ? {} : { archived }),
  }),
);

/** Takes a class off the list. */
export const DELETE = writing(object({}).noUnknown(), (who, params) =>
  deleteClass(who.studioId, uuidParam(params, "id")),
);
