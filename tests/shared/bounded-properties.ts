/** Properties end: one that fails on something large shrinks it for hours otherwise. What was found by then is told. */
import fc from "fast-check";

/** Longer than any property takes on a busy machine, ms. */
const MOST_MS = 300_000;

fc.configureGlobal({ interruptAfterTimeLimit: MOST_MS, markInterruptAsFailure: true });
