import { fileAskOf, fileOfClass } from "@/server/export";
import { reading, uuidParam } from "@/server/http";

/** Any file that can be made of a class, for everybody as they are today. */
export const GET = reading((who, params, request) =>
  fileOfClass(who, uuidParam(params, "id"), fileAskOf(request)),
);
