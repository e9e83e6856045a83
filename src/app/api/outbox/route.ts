import { object } from "yup";
import { writing } from "@/server/http";
import { emptyOutbox } from "@/server/outbox";

/** Empties the outbox. */
export const DELETE = writing(object({}).noUnknown(), (who) => emptyOutbox(who.studioId));
