import { describe, expect, test } from "vitest";
import type { Slot } from "../core/class/document";
import { threeWays } from "../core/live/three-ways";
import { LIBRARY, LIBRARY_BOOK } from "../core/moves/library";
import { classOf } from "../core/testing/classes";
import { wordsIn } from "./languages";
import { wayText } from "./live-words";

const of = (slot: Partial<Slot>) => {
  const doc = classOf([
    { id: "b", title: "", slots: [{ id: "a", move: "goblet-squat", dose: { seconds: 40 }, ...slot }] },
  ]);
  const ways = threeWays(doc, LIBRARY_BOOK).a;
  if (!ways) throw new Error("no such slot");
  const words = wordsIn("en");
  return {
    flat: wayText(ways.flat, words),
    natural: ways.natural.name,
    sharp: wayText(ways.sharp, words),
  };
};

describe("the three ways that everybody sees", () => {
  test.each<[object, string]>([
    [{ note: "Hands on the wall", seconds: 20 }, "Hands on the wall"],
    [{ move: "plank" }, "Plank"],
    [{ seconds: 20 }, "20 s, then rest"],
    [{ tempo: "5-0-1-0" }, "lower 5 s, lift 1 s"],
  ])("are what the class says where it says %j", (way, text) => {
    expect(of({ marks: { flat: way, sharp: way } })).toEqual({
      flat: text,
      natural: "Goblet squat",
      sharp: text,
    });
  });

  test("are else the library's nearest, and for a move of the class alone slower and smaller", () => {
    for (const move of LIBRARY) {
      const name = (kind: string) => {
        const link = move.links.find((entry) => entry.kind === kind);
        return link && LIBRARY_BOOK.get(link.to)?.name;
      };
      expect(of({ move: move.id })).toEqual({
        flat: name("easier") ?? "slower, smaller",
        natural: move.name,
        sharp: name("harder") ?? "",
      });
    }
    expect(of({ move: { name: "Lantern walk" } })).toEqual({
      flat: "slower, smaller",
      natural: "Lantern walk",
      sharp: "",
    });
  });
});
