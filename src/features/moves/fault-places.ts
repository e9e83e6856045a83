/** Where a fault of a move stands, in the words of its form. */

const PLACES: readonly (readonly [path: RegExp, place: string])[] = [
  [/^(name|id)\b/, "Name"],
  [/^aliases\b/, "Also called"],
  [/^pattern\b/, "Pattern"],
  [/^position\b/, "Position"],
  [/^sides\b/, "Sides"],
  [/^repSeconds\b/, "Seconds of one rep"],
  [/^impact\b/, "Impact"],
  [/^noise\b/, "Noise"],
  [/^energy\b/, "Effort"],
  [/^demoSeconds\b/, "Seconds to show"],
  [/^setupSeconds\b/, "Seconds to set up"],
  [/^muscles\.primary\b/, "Trains first"],
  [/^muscles\.secondary\b/, "and also"],
  [/^muscles\b/, "Trains first"],
  [/^loads\b/, "Asks of the body"],
  [/^needs\b/, "Needs"],
  [/^cues\b/, "Say"],
  [/^faults\b/, "Watch for"],
  [/^cautions\b/, "Take care"],
  [/^links\b/, "Links"],
];

/** The name of the field, and its line where it is one of several; the path itself for what the form doesn't show. */
export function placeOf(path: string): string {
  const bare = path.replace(/^\$\.?/, "");
  const place = PLACES.find(([form]) => form.test(bare))?.[1] ?? bare;
  const line = /\[(\d+)\]/.exec(bare)?.[1];
  return line === undefined ? place : `${place}, line ${Number(line) + 1}`;
}
