/** What the marks and labels of a row are drawn from. */
import type { ClassDoc } from "../core/class/document";
import type { DrawnWords } from "./drawn-words";
import type { SlotFace } from "./faces";
import type { Below } from "./notches";
import type { RowMeasures } from "./shapes";

export interface MarksContext {
  readonly doc: ClassDoc;
  readonly faces: ReadonlyMap<string, SlotFace>;
  readonly said: DrawnWords;
  readonly selectedSlot: string | null;
  /** Others that are chosen with it. */
  readonly marked?: ReadonlySet<string>;
  readonly below: Below;
  /** Effort every five seconds, or null. */
  readonly curve: readonly number[] | null;
  readonly rowSeconds: number;
  readonly m: RowMeasures;
}
