import { NextResponse } from "next/server";
import { object, string } from "yup";
import { reading, uuidParam, writing } from "@/server/http";
import { listVersions, nameVersion, VERSION_NAME } from "@/server/versions";

/** The versions of a class, the newest first. */
export const GET = reading(async (who, params) =>
  NextResponse.json({ versions: await listVersions(who.studioId, uuidParam(params, "id")) }),
);

const body = object({ name: string().trim().min(1).max(VERSION_NAME.longest).required() }).noUnknown();

/** Keeps the class as it stands under a name. */
export const POST = writing(body, (who, params, { name }) => nameVersion(who, uuidParam(params, "id"), name));
