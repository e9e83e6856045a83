import { object, string } from "yup";
import { env } from "@/server/env";
import { onlyOwner, writing } from "@/server/http";
import { inviteMember, removeMember } from "@/server/members";

/** Makes a link by which a coach can join; the address is given this once. */
export const POST = writing(object({}).noUnknown(), async (who) => {
  onlyOwner(who);
  return { address: `${env.origin}/join/${await inviteMember(who.studioId, who.name)}` };
});

/** Takes a coach out of the studio. */
export const DELETE = writing(
  object({ userId: string().min(1).max(100).required() }).noUnknown(),
  async (who, _params, { userId }) => {
    onlyOwner(who);
    await removeMember(who.studioId, userId, who.name);
  },
);
