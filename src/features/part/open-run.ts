import type { ClassDoc } from "@/core/class/document";
import type { RunEvent } from "@/core/live/events";
import type { OwnParts } from "@/core/live/own-part";
import type { KnownMove } from "@/core/moves/book";

/** A class that goes on, as far as one participant may see it. */
export interface OpenRun {
  readonly id: string;
  readonly doc: ClassDoc;
  readonly moves: readonly KnownMove[];
  readonly parts: OwnParts;
  readonly events: readonly RunEvent[];
}
