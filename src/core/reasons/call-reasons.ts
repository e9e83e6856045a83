/** What the call sheet says, a sentence each. */
import type { Side } from "../units";
import type { Caution } from "./finding-reasons";
import type { Alone, Of, ReasonOf } from "./value";

export interface CallCodes {
  /** The instructor's own words. */
  readonly own: { readonly text: string };
  readonly title: { readonly block: Of<"block"> };
  readonly have: { readonly kit: Of<"kits"> };
  readonly name: { readonly move: Of<"move"> };
  /** A cue or a caution of the library. */
  readonly cue: { readonly text: string };
  /** Safety words for what is in use. */
  readonly caution: { readonly of: Caution };
  readonly side: { readonly side: Side | "none" };
  readonly next: { readonly move: Of<"move">; readonly side: Side | "none"; readonly dose: Of<"dose"> | "" };
  /** What most take up, and whether others take up something else. */
  readonly fetch: { readonly kit: Of<"kits">; readonly others: "yes" | "no" };
  readonly easier: { readonly move: Of<"move"> };
  readonly "easier-note": { readonly note: string };
  readonly harder: { readonly move: Of<"move"> };
  readonly "harder-note": { readonly note: string };
  /** The instructor's own way for who can't do the move. */
  readonly "who-cant": { readonly move: Of<"move"> };
  readonly "who-cant-note": { readonly note: string; readonly move: Of<"move"> };
  /** One of equals, to choose from. */
  readonly choose: { readonly move: Of<"move"> };
  readonly "half-way": Alone;
  readonly "last-ten": Alone;
  readonly water: { readonly seconds: number };
}
export type CallReason = ReasonOf<CallCodes>;
