import type { Outline } from "@/core/effort/outline";

/** A class as it stands in the list. */
export interface ListedClass extends Outline {
  readonly id: string;
  readonly tags: readonly string[];
  readonly archived: boolean;
  readonly updatedAtMs: number;
  readonly taughtAtMs: number | null;
  /** The day on which it was last taught, in words; empty where it never was. */
  readonly taught: string;
}
