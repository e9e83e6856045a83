import fc from "fast-check";
import { describe, expect, test } from "vitest";
import { ownRests, readSettings, SETTINGS } from "./settings";

describe("settings", () => {
  test("nothing changes nothing; a part changes that part", () => {
    expect(readSettings({})).toEqual({ ok: true, value: SETTINGS });
    const read = readSettings({
      thresholds: { upAndDown: 20, stance: { form: { restSeconds: [20, 50] } } },
      changeOver: { position: { standing: { supine: 9 } }, takeUp: { ball: 7 } },
    });
    if (!read.ok) throw new Error(JSON.stringify(read.error));
    expect(read.value.thresholds.upAndDown).toBe(20);
    expect(read.value.thresholds.stance.form.restSeconds).toEqual([20, 50]);
    expect(read.value.thresholds.stance.form.weekSets).toEqual(SETTINGS.thresholds.stance.form.weekSets);
    expect(read.value.changeOver.position.standing.supine).toBe(9);
    expect(read.value.changeOver.takeUp.ball).toBe(7);
    expect(read.value.changeOver.sideHeld).toBe(SETTINGS.changeOver.sideHeld);
  });

  test("tells every fault with its path", () => {
    const read = readSettings({
      thresholds: { upAndDown: -1, nonsense: 3, pushPull: [2, 1], warmupSeconds: [300], stance: "strict" },
      changeOver: { sideHeld: "two" },
    });
    expect(read.ok ? [] : read.error.map((fault) => fault.path).sort()).toEqual([
      "changeOver.sideHeld",
      "thresholds.nonsense",
      "thresholds.pushPull",
      "thresholds.stance",
      "thresholds.upAndDown",
      "thresholds.warmupSeconds",
    ]);
  });

  test("never throws", () => {
    fc.assert(fc.property(fc.jsonValue(), (value) => typeof readSettings(value).ok === "boolean"));
  });
});

test("what things begin with is taken where it is known, and each fault has its place", () => {
  const read = readSettings({ teaching: { timeZone: "Europe/Lisbon", restSeconds: 25 } });
  expect(read.ok && read.value.teaching).toMatchObject({
    timeZone: "Europe/Lisbon",
    units: "kg",
    stance: "form",
    restSeconds: 25,
  });
  expect(read.ok && ownRests(read.value.teaching)).toEqual({ rest: 25 });
  const bad = readSettings({
    teaching: { timeZone: "Quay/Nowhere", units: "stone", stance: 3, restSeconds: -1 },
  });
  expect(bad.ok ? [] : bad.error.map((fault) => fault.path.replace("$.", ""))).toEqual([
    "teaching.timeZone",
    "teaching.units",
    "teaching.stance",
    "teaching.restSeconds",
  ]);
  expect(ownRests(SETTINGS.teaching)).toEqual({});
});
