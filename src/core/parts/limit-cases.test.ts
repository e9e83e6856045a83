import { describe, expect, test } from "vitest";
import { homeWith } from "../homes/example-kits";
import { LIMITS } from "../homes/limits";
import { LIBRARY_BOOK } from "../moves/library";
import { classOf } from "../testing/classes";
import { LIMIT_CASES, type LimitCase } from "./limit-cases";
import type { PartSlot } from "./part";
import { partFor } from "./parts";

function doneIn({ limit, kit, move, dose }: LimitCase): PartSlot {
  const doc = classOf([{ id: "b", title: "", slots: [{ id: "s", move, dose }] }]);
  const [slot] = partFor(doc, homeWith(kit, { limits: [limit] }), LIBRARY_BOOK).slots;
  if (!slot) throw new Error("no slot");
  return slot;
}

function amountOf({ reps, eachSide, sets, shares }: PartSlot): string {
  return reps ? `${reps.plan}${eachSide ? "e" : ""}` : `${sets?.[0]?.seconds ?? ""}s${shares ? "/" : ""}`;
}

function whyOf({ why }: PartSlot): string {
  return "because" in why ? (why.because.reasons[0]?.code ?? "") : why.code;
}

const ASKS = ["hold-at-most", "keep-reserve"];

describe("a coach agrees with what is done", () => {
  test("at least three times over with every limit that has more than one face, and in sixty cases in all", () => {
    expect(LIMIT_CASES.length).toBeGreaterThanOrEqual(60);
    expect(new Set(LIMIT_CASES.map(({ limit }) => limit))).toEqual(new Set(LIMITS));
  });

  test.each(LIMIT_CASES)("$limit, $kit: $move is $way, $amount", (expected) => {
    const own = doneIn(expected);
    expect({
      way: own.move ?? "unmet",
      amount: amountOf(own),
      status: own.status,
      why: whyOf(own),
      asks: own.adjust.find(({ code }) => ASKS.includes(code))?.code ?? "",
    }).toEqual({
      way: expected.way,
      amount: expected.amount,
      status: expected.status,
      why: expected.why,
      asks: expected.asks,
    });
  });
});
