/** Messages of a catalogue looked at from outside, for the tests of catalogues. */
import { type MessageFormatElement, parse, TYPE } from "@formatjs/icu-messageformat-parser";

/** Every message of a tree by its path: `parts.own.hurt`. */
export const messagesOf = (tree: object, path: readonly string[] = []): [key: string, message: string][] =>
  Object.entries(tree).flatMap(([key, value]) =>
    typeof value === "string"
      ? [[[...path, key].join("."), value] as [string, string]]
      : messagesOf(value as object, [...path, key]),
  );

interface Made {
  readonly args: Set<string>;
  readonly said: Set<string>;
  readonly chosen: Set<string>;
}

function note(element: MessageFormatElement, made: Made): void {
  if (element.type === TYPE.literal || element.type === TYPE.pound || element.type === TYPE.tag) return;
  made.args.add(element.value);
  if (element.type === TYPE.argument) made.said.add(element.value);
  if (element.type !== TYPE.select && element.type !== TYPE.plural) return;
  for (const [code, option] of Object.entries(element.options)) {
    if (element.type === TYPE.select) made.chosen.add(`${element.value} ${code}`);
    for (const inner of option.value) note(inner, made);
  }
}

/** What a message is made of: its arguments, those that are said as they are, and the codes that it chooses among. */
export function madeOf(message: string): Made {
  const made = { args: new Set<string>(), said: new Set<string>(), chosen: new Set<string>() };
  for (const element of parse(message)) note(element, made);
  return made;
}
