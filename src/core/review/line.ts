/** A line of the read-through: what is read, of one finding or of several of one cause. */
import type { Edit } from "../class/edits";
import type { SeveralReason } from "../reasons/several-reasons";
import type { Finding, FindingCode, Where } from "./finding";

/** One line of the read-through: a finding, or several of one cause with the gravest in front. */
export interface Line extends Finding {
  /** 1 a stop, 2 harm to somebody, 3 what breaks the clock, 4 a promise or the words to say, 5 balance and style. */
  readonly rank: 1 | 2 | 3 | 4 | 5;
  /** Other codes that stand in it. */
  readonly also: readonly FindingCode[];
  readonly places: readonly Where[];
  /** Nothing is left to do about it: told, and not counted. */
  readonly settled: boolean;
  /** What they say together; null of one alone. */
  readonly several: SeveralReason | null;
  readonly members: readonly Finding[];
  /** Whether its fixes were tried on a copy: until then none is offered. */
  readonly tried?: boolean;
}

/** Whether a fix can be taken: it leads to a class that can be stored. */
export type Stands = (edit: Edit) => boolean;
