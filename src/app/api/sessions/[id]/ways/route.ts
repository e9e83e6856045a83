import { screenLanguage } from "@/app/in-their-language";
import { reading, textParam, uuidParam } from "@/server/http";
import { waysOfSlot } from "@/server/ways-now";

/** What a slot's move can be changed for now: what those who are here can do, what most can first. */
export const GET = reading(async (who, params, request) =>
  Response.json({
    ways: await waysOfSlot(
      who.studioId,
      uuidParam(params, "id"),
      textParam(request, "slot"),
      await screenLanguage(),
    ),
  }),
);
