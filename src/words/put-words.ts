/** What a move would do where it is put, a line each. */
import type { PutEffect } from "../core/shape/put-effect";
import { clockText } from "../core/units";
import type { Words } from "./words";

const signed = (change: number, words: Words) =>
  `${change > 0 ? "+" : "−"}${words.number(Math.abs(change), 1)}`;

/** The lines, the weightiest first. */
export function putLines(effect: PutEffect, words: Words): readonly string[] {
  const { seconds, sets, pushPull, short, needs, follow } = effect;
  const of = follow.as + follow.swapped + follow.unmet;
  const [push, pull] = pushPull.after;
  const [pushNow, pullNow] = pushPull.before;
  const say = (key: Parameters<typeof words.phrase<"putEffect">>[1], args = {}) =>
    words.phrase("putEffect", key, args);
  const changes = sets
    .map(([muscle, change]) => `${words.name("muscle", muscle)} ${signed(change, words)}`)
    .join(", ");
  return [
    ...(of > 0 ? [say("follow", { ...follow, of })] : []),
    ...(of > 0 ? [short === 0 ? say("fits") : say("short", { short, needs })] : []),
    say("length", {
      seconds: Math.abs(seconds),
      by: clockText(Math.abs(seconds)),
      longer: seconds > 0 ? "yes" : "no",
    }),
    changes === "" ? say("noSets") : say("sets", { sets: changes }),
    ...(push === pushNow && pull === pullNow ? [] : [say("pushPull", { push, pull, pushNow, pullNow })]),
  ];
}
