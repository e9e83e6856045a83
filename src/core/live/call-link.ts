/** The link of the video call that a session is taught over: any service's, as the instructor has it. */

/** Characters of a link at most. */
export const MOST_LINK = 500;

/** A link as it is kept, or null where the text is none: an address of the web, without a name and password in it. */
export function callLink(text: string): string | null {
  const typed = text.trim();
  if (typed.length > MOST_LINK) return null;
  try {
    const url = new URL(/^[a-z][a-z0-9+.-]*:/i.test(typed) ? typed : `https://${typed}`);
    const sound = url.protocol === "https:" || url.protocol === "http:";
    const named = url.hostname.includes(".") || url.hostname === "localhost";
    return sound && named && url.username === "" && url.password === "" ? url.href : null;
  } catch {
    return null;
  }
}
