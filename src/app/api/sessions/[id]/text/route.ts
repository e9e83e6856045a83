import { object, string } from "yup";
import { screenLanguage } from "@/app/in-their-language";
import { MOST_LETTER, proposedAfterwords, writeAfterwords } from "@/server/afterwords";
import { reading, uuidParam, writing } from "@/server/http";

const body = object({ text: string().trim().min(1).max(MOST_LETTER).required() }).noUnknown();

/** What is proposed to be written to those who were there. */
export const GET = reading(async (who, params) =>
  Response.json(await proposedAfterwords(who.studioId, uuidParam(params, "id"), await screenLanguage())),
);

/** Writes it, as the instructor has it now, into the outbox. */
export const POST = writing(body, async (who, params, { text }) => ({
  written: await writeAfterwords(who.studioId, uuidParam(params, "id"), text, who.name),
}));
