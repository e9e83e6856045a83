import { NextResponse } from "next/server";
import { object } from "yup";
import { reading, uuidParam, writing } from "@/server/http";
import { dropVersion, versionDoc } from "@/server/versions";

/** What the class was in this version. */
export const GET = reading(async (who, params) =>
  NextResponse.json({
    doc: await versionDoc(who.studioId, uuidParam(params, "id"), uuidParam(params, "version")),
  }),
);

/** Takes it away. */
export const DELETE = writing(object({}).noUnknown(), (who, params) =>
  dropVersion(who.studioId, uuidParam(params, "id"), uuidParam(params, "version")),
);
