import type { FailureCode } from "@/browser/api";
import type { CommandKind } from "@/core/live/event-kinds";
import type { Said, SessionEvent } from "@/core/live/events";
import type { ClockState } from "@/core/live/fold";

/** A taught class as a screen that leads sees it. */
export interface Lead {
  readonly state: ClockState;
  readonly events: readonly SessionEvent[];
  readonly now: () => number;
  /** The clock was read: what is shown is the server's second. */
  readonly synced: boolean;
  /** This device's clock lies within so many ms of the server's; null while it isn't known. */
  readonly within: number | null;
  readonly reached: boolean;
  /** Why the first of what was pressed here hasn't been taken yet; it is kept and sent again. */
  readonly held: FailureCode | null;
  readonly command: (...said: Said<CommandKind>) => void;
}
