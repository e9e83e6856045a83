import { fileAskOf, fileOfSession } from "@/server/export";
import { reading, uuidParam } from "@/server/http";

/** Any file that can be made of a class on its date, for those who are asked; of one that is over as it was. */
export const GET = reading((who, params, request) =>
  fileOfSession(who, uuidParam(params, "id"), fileAskOf(request)),
);
