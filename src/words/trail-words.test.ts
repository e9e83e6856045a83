import { expect, test } from "vitest";
import { BY_PERSON, TRAIL_KINDS, type TrailKind } from "../core/trail/trail";
import { wordsIn } from "./languages";
import * as trail from "./trail-words";

const trailText = (kind: TrailKind, actor: string, person: string | null) =>
  trail.trailText(kind, actor, person, wordsIn("en"));

test("every kind is a sentence that names who acted, and whom it is about once at most", () => {
  for (const kind of TRAIL_KINDS) {
    const text = trailText(kind, "Maren", "Gil");
    expect(text).toMatch(/^(Maren|Gil) [a-z]/);
    expect(text).not.toContain("{");
    expect(text.split("Gil").length).toBeLessThanOrEqual(2);
  }
  expect(trailText("whereabouts-read", "Maren", null)).toBe(
    "Maren opened where somebody since removed is and whom to call",
  );
  expect(trailText("answers-kept", BY_PERSON, "Gil")).toBe("Gil answered the readiness check");
});
