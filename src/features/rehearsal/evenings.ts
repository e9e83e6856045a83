/** How an evening may go, with simulated people. */
import { type Temper, USUAL } from "@/core/rehearsal/crowd";

/** Evenings to choose from: everything goes well, as it mostly is, and one on which little does. */
export const EVENINGS = {
  calm: { late: 0, silent: 0, dropping: 0, mostLatencyMs: 60, mostJitterMs: 20 },
  usual: USUAL,
  rough: { late: 0.35, silent: 0.35, dropping: 0.5, mostLatencyMs: 900, mostJitterMs: 700 },
} as const satisfies Readonly<Record<string, Temper>>;
export type Evening = keyof typeof EVENINGS;
