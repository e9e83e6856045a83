import fc from "fast-check";
import { expect, test } from "vitest";
import type { About } from "@/core/engine/engine";
import type { Part } from "@/core/parts/part";
import type { Line } from "@/core/review/line";
import { type Asked, Following, type Made } from "./following";

/** A class by its name; what is worked out of it carries that name. */
const about = (name: string): About =>
  ({ doc: { title: name }, people: PEOPLE, settings: {} }) as unknown as About;
const PEOPLE: About["people"] = [];
const titleOf = ({ doc }: About) => doc.title;
const LINES = 5;
/** The last line of every class is no more when its fixes are tried. */
const isGone = (fingerprint: string) => fingerprint.endsWith(`${LINES - 1}`);
const line = (name: string, i: number, tried: boolean) =>
  ({ fingerprint: `${name} ${i}`, tried }) as unknown as Line;
const linesOf = (name: string, tried: boolean) =>
  Array.from({ length: LINES }, (_, i) => line(name, i, tried && !isGone(`${name} ${i}`)));
const partsOf = (name: string) => [{ person: name }] as unknown as Part[];
const made = (name: string, asked = about(name)): Made => ({
  ...asked,
  parts: partsOf(name),
  findings: linesOf(name, false),
});

const worker: Asked = {
  parts: async (asked) => partsOf(titleOf(asked)),
  findings: async (asked) => linesOf(titleOf(asked), false),
  tried: async (asked, fingerprint) =>
    isGone(fingerprint) ? null : line(titleOf(asked), Number(fingerprint.split(" ").at(-1)), true),
};

test("what was tried is shown at last, however little of it is on the way, and where the last line is no more", async () => {
  const shown: Made[] = [];
  const following = new Following(made("first"), (now) => shown.push(now));
  await following.tryFixes(worker);
  expect(shown.at(-1)?.findings).toEqual(linesOf("first", true));
});

test("with another class nothing more is asked of the one before", async () => {
  const asked: string[] = [];
  const shown: [string, string][] = [];
  const following = new Following(made("first"), (now, what) => shown.push([what, titleOf(now)]));
  const [second, third] = [about("second"), about("third")];
  const edits: Asked = {
    parts: (own) => {
      asked.push(`parts ${titleOf(own)}`);
      if (own === second) following.want(third);
      return worker.parts(own);
    },
    findings: (own) => {
      asked.push(`findings ${titleOf(own)}`);
      return worker.findings(own);
    },
    tried: worker.tried,
  };
  expect(following.want(second)).toBe(true);
  await following.follow(edits);
  expect(asked).toEqual(["parts second", "parts third", "findings third"]);
  expect(shown.slice(0, 3)).toEqual([
    ["parts", "second"],
    ["parts", "third"],
    ["findings", "third"],
  ]);
  expect(following.want(third)).toBe(false);
});

test("in whatever order classes change and answers come, the newest is there at last, all of it tried", async () => {
  await fc.assert(
    fc.asyncProperty(fc.scheduler(), fc.integer({ min: 1, max: 5 }), async (scheduler, edits) => {
      const shown: Made[] = [];
      const following = new Following(made("class 0"), (now) => shown.push(now));
      const late: Asked = {
        parts: scheduler.scheduleFunction(worker.parts),
        findings: scheduler.scheduleFunction(worker.findings),
        tried: scheduler.scheduleFunction(worker.tried),
      };
      void following.tryFixes(late);
      for (let i = 1; i <= edits; i += 1)
        void scheduler.schedule(Promise.resolve(about(`class ${i}`)), `edit ${i}`).then((next) => {
          newest = next;
          if (following.want(next)) void following.follow(late);
        });
      let newest: About | null = null;
      await scheduler.waitIdle();
      const last = shown.at(-1);
      const name = newest ? titleOf(newest) : "none";
      expect(last).toEqual({ ...made(name), findings: linesOf(name, true) });
      for (const { doc, findings, parts } of shown) {
        expect(parts).toEqual(partsOf(doc.title));
        expect(
          new Set(findings.map(({ fingerprint }) => fingerprint.split(" ").slice(0, -1).join(" "))).size,
        ).toBe(1);
      }
    }),
  );
});
