import fc from "fast-check";
import { describe, expect, test } from "vitest";
import type { SessionEvent } from "../../core/live/events";
import { Feed } from "./feed";

const eventOf = (seq: number): SessionEvent =>
  ({ seq, id: `event ${seq}`, kind: "pause", payload: {}, atMs: seq }) as SessionEvent;

/** A table that answers when it is let: each read sees what was stored when it was answered. */
class Table {
  readonly rows: SessionEvent[] = [];
  private readonly waiting: (() => void)[] = [];
  asked = 0;
  away = false;

  store(): void {
    this.rows.push(eventOf(this.rows.length + 1));
  }

  /** Forgets what a row said; its number stays. */
  erase(seq: number): void {
    const at = this.rows.findIndex((row) => row.seq === seq);
    if (at >= 0) this.rows[at] = { seq, id: `event ${seq}`, kind: "erased", payload: {}, atMs: seq };
  }

  load = (after: number) =>
    new Promise<readonly SessionEvent[]>((resolve, reject) => {
      this.asked += 1;
      this.waiting.push(() =>
        this.away ? reject(new Error("away")) : resolve(this.rows.filter(({ seq }) => seq > after)),
      );
    });

  async answer(): Promise<void> {
    this.waiting.shift()?.();
    for (let i = 0; i < 6; i += 1) await Promise.resolve();
  }

  async answerAll(): Promise<void> {
    while (this.waiting.length > 0) await this.answer();
  }
}

type Step =
  | { readonly do: "store" | "wake" | "anew" | "answer" | "away" | "back" }
  | { readonly erase: number };

const steps = fc.array(
  fc.oneof(
    { weight: 5, arbitrary: fc.constantFrom<Step>({ do: "store" }, { do: "wake" }, { do: "answer" }) },
    { weight: 1, arbitrary: fc.constantFrom<Step>({ do: "anew" }, { do: "away" }, { do: "back" }) },
    { weight: 1, arbitrary: fc.nat({ max: 12 }).map((erase): Step => ({ erase: erase + 1 })) },
  ),
  { maxLength: 60 },
);

describe("the events of a session in memory", () => {
  test("are handed on once each, in their order, whatever is stored, lost, erased or away in between", async () => {
    await fc.assert(
      fc.asyncProperty(steps, async (happened) => {
        const table = new Table();
        const handed: number[] = [];
        const feed = new Feed(table.load, (fresh) => handed.push(...fresh.map(({ seq }) => seq)));
        for (const step of happened) {
          if ("erase" in step) {
            table.erase(step.erase);
            // Who erases says so; a read that was under way may have seen the row before.
            void feed.readAnew();
          } else if (step.do === "store") table.store();
          else if (step.do === "wake") void feed.read();
          else if (step.do === "anew") void feed.readAnew();
          else if (step.do === "answer") await table.answer();
          else table.away = step.do === "away";
        }
        // Told once more, when the table is there again.
        table.away = false;
        await table.answerAll();
        const last = feed.read();
        await table.answerAll();
        await last;
        expect(handed).toEqual(table.rows.map(({ seq }) => seq));
        expect(feed.after(0)).toEqual(table.rows);
        expect(feed.lastSeq).toBe(table.rows.length);
      }),
      { numRuns: 500 },
    );
  });

  test("are read once for any number of calls at once, and once more for those that came meanwhile", async () => {
    const table = new Table();
    table.store();
    const feed = new Feed(table.load, () => undefined);
    void feed.read();
    for (let i = 0; i < 1000; i += 1) void feed.read();
    await table.answerAll();
    expect(table.asked).toBe(2);
  });
});
