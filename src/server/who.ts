import { headers } from "next/headers";
import { redirect } from "next/navigation";
import { cache } from "react";
import { type Language, wholeLanguage } from "../words/languages";
import { auth } from "./auth";
import { studioOf } from "./studios";

/** Who asks: an instructor with the studio they may see. */
export interface Instructor {
  readonly userId: string;
  /** Of the sign-in that asks. */
  readonly signInId: string;
  readonly name: string;
  /** Of their screens, where they have chosen one. */
  readonly language: Language | null;
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
  const { id, name } = session.user;
  const at = await studioOf(id);
  return (
    at && { userId: id, signInId: session.session.id, name, ...at, language: wholeLanguage(at.language) }
  );
});

/** For pages: the instructor, or off to sign in. */
export async function requireInstructor(): Promise<Instructor> {
  const who = await instructor();
  if (!who) redirect("/sign-in");
  return who;
}
