/** What counts as main work, and as a hard set. */
import type { Block, ClassDoc, Dose, Load } from "../class/document";
import { rowOf } from "../class/dose-kinds";
import { reserveSet } from "../strength/predict";
import type { Thresholds } from "./thresholds";

export function isMain(block: Block): boolean {
  return (block.role ?? "main") === "main" || block.role === "finisher";
}

/** Whether a set is hard: near to its limit by what is written, or by its effort where nothing is. */
export function isHardSet(
  dose: Dose,
  load: Load | undefined,
  effort: number,
  doc: Pick<ClassDoc, "stance">,
  thresholds: Thresholds,
): boolean {
  const { hard } = rowOf(dose).row;
  if (hard === "always") return true;
  if (load?.target === "none") return effort >= thresholds.hardEffort;
  const stated = load !== undefined && load.kg === undefined;
  if (stated || hard === "by-reserve") {
    return reserveSet(load, doc.stance) <= thresholds.hardReserve || effort >= thresholds.hardEffort;
  }
  return effort >= thresholds.hardEffort;
}
