/** Speeds of the core, medians over many sessions in one process. Lead: node --import tsx bench/core.ts */
import { performance } from "node:perf_hooks";
import { demoFile } from "../ops/seed";
import { checkClass } from "../src/core/class/check-class";
import type { Roster } from "../src/core/homes/home";
import { clockState } from "../src/core/live/fold";
import { liveScore } from "../src/core/live/live-score";
import { LIBRARY_BOOK } from "../src/core/moves/library";
import { partsFor } from "../src/core/parts/everyone";
import { scoreOf } from "../src/core/score/score";
import { longClass } from "./long-class";

function median(sessions: number, work: () => unknown): number {
  for (let i = 0; i < sessions / 5; i += 1) work();
  const times = Array.from({ length: sessions }, () => {
    const start = performance.now();
    work();
    return performance.now() - start;
  });
  return times.sort((a, b) => a - b)[sessions >> 1] ?? 0;
}

const doc = longClass();
const score = scoreOf(doc, LIBRARY_BOOK);
const session = liveScore(doc, score);
const { people } = demoFile("roster.json") as Roster;
const events = [{ id: "e", seq: 1, atMs: 0, kind: "start" as const, payload: {} }];
const line = (name: string, ms: number) => console.log(`${name.padEnd(58)} ${ms.toFixed(3)} ms`);

console.log(`class: ${score.seconds.plan} s, ${score.segments.length} segments, ${score.pieces} pieces`);
line(
  "expansion with all three totals",
  median(300, () => scoreOf(doc, LIBRARY_BOOK)),
);
line(
  "check of the document",
  median(300, () => checkClass(doc, LIBRARY_BOOK)),
);
line(
  "state of the taught class near its end",
  median(1000, () => clockState(session, events, session.totalMs - 1000)),
);
line(
  `parts of ${people.length} people × ${doc.blocks.length * 10} slots`,
  median(30, () => partsFor(structuredClone(doc), people, LIBRARY_BOOK)),
);
