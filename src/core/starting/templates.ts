/** All starting points, in the order in which they are shown. */

import type { Template } from "./template";
import { ENDURANCE_TEMPLATES } from "./texts/endurance";
import { GENTLE_TEMPLATES } from "./texts/gentle";
import { STRENGTH_TEMPLATES } from "./texts/strength";

export const TEMPLATES: readonly Template[] = [
  ...STRENGTH_TEMPLATES,
  ...ENDURANCE_TEMPLATES,
  ...GENTLE_TEMPLATES,
];
