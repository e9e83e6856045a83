import { object } from "yup";
import { writingPart } from "@/server/http";
import { endOtherLinks } from "@/server/links";

/** Ends every link to this person's page but the one that asks. */
export const DELETE = writingPart(object({}).noUnknown(), (who) => endOtherLinks(who));
