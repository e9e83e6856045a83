/** Classes that a good coach would teach as they stand, by their titles. */
import type { GoodClass } from "./build";
import { DENSITY_CLASSES } from "./density";
import { GENTLE_CLASSES } from "./gentle";
import { STRENGTH_CLASSES } from "./strength";

export const GOOD_CLASSES: readonly GoodClass[] = [
  ...STRENGTH_CLASSES,
  ...GENTLE_CLASSES,
  ...DENSITY_CLASSES,
];
