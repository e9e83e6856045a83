import { expect, test } from "vitest";
import { wordsIn } from "./languages";
import { hurtButton as button, type HurtState, hurtLine as line } from "./own-words";

const hurtLine = (state: HurtState) => line(state, wordsIn("en"));
const hurtButton = (state: HurtState) => button(state, wordsIn("en"));

test("nobody is told that the instructor knows before she does", () => {
  for (const open of [true, false]) {
    const pressed = { pressed: true, told: false, open };
    expect(`${hurtLine(pressed)} ${hurtButton(pressed)}`).not.toMatch(/is told|^Told/);
    expect(hurtLine({ ...pressed, told: true })).toBe("Stop. Your instructor is told.");
  }
  expect(hurtLine({ pressed: true, told: false, open: false })).toContain("say it aloud");
  expect([
    hurtButton({ pressed: false, told: false, open: true }),
    hurtButton({ pressed: true, told: false, open: true }),
    hurtButton({ pressed: true, told: true, open: true }),
  ]).toEqual(["Hurts", "Not told yet", "Told"]);
});
