import { object } from "yup";
import { writing } from "@/server/http";
import { endOtherSignIns } from "@/server/sign-ins";

/** Ends one's other sign-ins. */
export const DELETE = writing(object({}).noUnknown(), async (who) => ({ ended: await endOtherSignIns(who) }));
