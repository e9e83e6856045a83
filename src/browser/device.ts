/** What holds on this device only: how the instructor faces the camera, contrast, motion, sounds. */
import { keep, kept } from "./store";

/** How reps are heard while they are counted. */
export const COUNTINGS = ["none", "ticks", "voice"] as const;
export type Counting = (typeof COUNTINGS)[number];

export interface DeviceChoices {
  /** The instructor faces the camera and moves as a mirror: Teach shows which side to move. */
  readonly mirror: boolean;
  readonly contrast: boolean;
  readonly stillness: boolean;
  /** Whether Teach begins with its sounds on. */
  readonly sounds: boolean;
  readonly counting: Counting;
  /** Which of the studio's people the instructor is, by row id: Teach says what to show with their things. Empty: not said. */
  readonly self: string;
  /** Whether single letters are keys on the Desk and on Teach: who speaks into a field or misses keys switches them off. */
  readonly letters: boolean;
  /** Minutes of the class in a row of its score. */
  readonly rowMinutes: 2 | 5 | 10;
}

export const DEVICE_DEFAULTS: DeviceChoices = {
  mirror: false,
  contrast: false,
  stillness: false,
  sounds: true,
  counting: "ticks",
  self: "",
  letters: true,
  rowMinutes: 5,
};

const KEY = "brontle.device";

/** The choices that this device keeps, over the defaults. */
export function deviceChoices(): DeviceChoices {
  return { ...DEVICE_DEFAULTS, ...(kept<Partial<DeviceChoices>>(KEY) ?? {}) };
}

/** Keeps choices and shows them at once. */
export function keepDeviceChoices(choices: DeviceChoices): void {
  keep(KEY, choices);
  showDeviceChoices();
}

/** Puts contrast and motion onto the page, for the styles. */
export function showDeviceChoices(): void {
  const { contrast, stillness } = deviceChoices();
  const { dataset } = document.documentElement;
  dataset.contrast = contrast ? "high" : "usual";
  dataset.motion = stillness ? "none" : "usual";
}
