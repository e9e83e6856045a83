import { headers } from "next/headers";
import { redirect } from "next/navigation";
import { cache } from "react";
import { auth } from "./auth";
import { studioOf } from "./studios";

/** Who asks: an instructor with the studio they may see. */
export interface Instructor {
  readonly userId: string;
  /** Of the sign-in that asks. */
  readonly signInId: string;
  readonly name: string;
  readonly studioId: string;
  readonly studioName: string;
  readonly role: "owner" | "coach";
}

/** The signed-in instructor, or null. Read again for every request; kept for the length of one. */
export const instructor = cache(async (): Promise<Instructor | null> => {
  // Asked for first: it tells the build that this is answered per request.
  const asked = await headers();
  const session = await auth().api.getSession({ headers: asked });
  if (!session) return null;
  const studio = await studioOf(session.user.id);
  return (
    studio && { userId: session.user.id, signInId: session.session.id, name: session.user.name, ...studio }
  );
});

/** For pages: the instructor, or off to sign in. */
export async function requireInstructor(): Promise<Instructor> {
  const who = await instructor();
  if (!who) redirect("/sign-in");
  return who;
}
