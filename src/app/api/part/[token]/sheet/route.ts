import { PAPER_SIZES } from "@/files/paper/sizes";
import { ownSheet } from "@/server/export";
import { readingPart, sessionParam, textParam } from "@/server/http";

/** This person's own sheet of a class of theirs, on paper. */
export const GET = readingPart((who, _params, request) => {
  const wanted = textParam(request, "paper");
  return ownSheet(who, sessionParam(request), PAPER_SIZES.find((size) => size === wanted) ?? "A4");
});
