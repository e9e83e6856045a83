/** The library that ships with Brontle: all moves, with their links in both directions. */
import { type MoveBook, makeBook } from "../book";
import type { Move } from "../move";
import { ARM_EXTENSION } from "./moves/arm-extension";
import { ARM_FLEXION } from "./moves/arm-flexion";
import { BRACE_FLOOR } from "./moves/brace-floor";
import { BRACE_UP } from "./moves/brace-up";
import { CALF } from "./moves/calf";
import { CARRY } from "./moves/carry";
import { FLEX } from "./moves/flex";
import { HINGE_WITH_KIT } from "./moves/hinge-with-kit";
import { HINGE_WITHOUT_KIT } from "./moves/hinge-without-kit";
import { HIP_ABDUCTION } from "./moves/hip-abduction";
import { JUMP_FLOOR } from "./moves/jump-floor";
import { JUMP_UP } from "./moves/jump-up";
import { LUNGE_WITH_KIT } from "./moves/lunge-with-kit";
import { LUNGE_WITHOUT_KIT } from "./moves/lunge-without-kit";
import { MOBILITY_FLOOR } from "./moves/mobility-floor";
import { MOBILITY_UP } from "./moves/mobility-up";
import { PULL_HORIZONTAL_WITH_KIT } from "./moves/pull-horizontal-with-kit";
import { PULL_HORIZONTAL_WITHOUT_KIT } from "./moves/pull-horizontal-without-kit";
import { PULL_VERTICAL } from "./moves/pull-vertical";
import { PUSH_HORIZONTAL_WITH_KIT } from "./moves/push-horizontal-with-kit";
import { PUSH_HORIZONTAL_WITHOUT_KIT } from "./moves/push-horizontal-without-kit";
import { PUSH_VERTICAL_WITH_KIT } from "./moves/push-vertical-with-kit";
import { PUSH_VERTICAL_WITHOUT_KIT } from "./moves/push-vertical-without-kit";
import { ROTATE } from "./moves/rotate";
import { RUN_FLOOR } from "./moves/run-floor";
import { RUN_UP } from "./moves/run-up";
import { SHOULDER_RAISE } from "./moves/shoulder-raise";
import { SQUAT_WITH_KIT } from "./moves/squat-with-kit";
import { SQUAT_WITHOUT_KIT } from "./moves/squat-without-kit";
import { STRETCH_FLOOR } from "./moves/stretch-floor";
import { STRETCH_UP } from "./moves/stretch-up";
import type { LibraryMove } from "./row";

const WRITTEN: readonly LibraryMove[] = [
  ...SQUAT_WITHOUT_KIT,
  ...SQUAT_WITH_KIT,
  ...HINGE_WITHOUT_KIT,
  ...HINGE_WITH_KIT,
  ...LUNGE_WITHOUT_KIT,
  ...LUNGE_WITH_KIT,
  ...PUSH_HORIZONTAL_WITHOUT_KIT,
  ...PUSH_HORIZONTAL_WITH_KIT,
  ...PUSH_VERTICAL_WITHOUT_KIT,
  ...PUSH_VERTICAL_WITH_KIT,
  ...PULL_HORIZONTAL_WITHOUT_KIT,
  ...PULL_HORIZONTAL_WITH_KIT,
  ...PULL_VERTICAL,
  ...CARRY,
  ...BRACE_UP,
  ...BRACE_FLOOR,
  ...FLEX,
  ...ROTATE,
  ...ARM_FLEXION,
  ...ARM_EXTENSION,
  ...SHOULDER_RAISE,
  ...CALF,
  ...HIP_ABDUCTION,
  ...JUMP_UP,
  ...JUMP_FLOOR,
  ...RUN_UP,
  ...RUN_FLOOR,
  ...STRETCH_UP,
  ...STRETCH_FLOOR,
  ...MOBILITY_UP,
  ...MOBILITY_FLOOR,
];

const INVERSE = { easier: "harder", harder: "easier", swap: "swap" } as const;

/** What is written as harder one way is easier the other way; a swap is a swap both ways. */
function bothWays(written: readonly LibraryMove[]): readonly Move[] {
  const byId = new Map(written.map(({ move }) => [move.id, move]));
  for (const { move, written: links } of written) {
    for (const [kind, to, how] of links) {
      move.links.push({ to, kind, how });
      byId.get(to)?.links.push({ to: move.id, kind: INVERSE[kind], how });
    }
  }
  return written.map(({ move }) => move);
}

/** Every move that ships: pattern by pattern, those that are alike beside one another, easiest first. */
export const LIBRARY: readonly Move[] = bothWays(WRITTEN);

/** The library as a book, to which a class adds its own moves. */
export const LIBRARY_BOOK: MoveBook = makeBook(LIBRARY);
