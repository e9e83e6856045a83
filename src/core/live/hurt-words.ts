/** What the phone says of "hurts": told only when the server has it, so that nobody relies on what wasn't heard. */
export interface HurtState {
  /** Pressed, and not yet answered. */
  readonly pressed: boolean;
  /** The server has it: it is on the instructor's screen. */
  readonly told: boolean;
  /** Whether the way to the server is open. */
  readonly open: boolean;
}

/** The line that stands instead of the cue. */
export function hurtLine({ told, open }: HurtState): string {
  if (told) return "Stop. Your instructor is told.";
  return open ? "Stop. Telling your instructor…" : "Stop. Not told yet: say it aloud.";
}

/** The button itself. */
export function hurtButton({ pressed, told }: HurtState): string {
  return told ? "Told" : pressed ? "Not told yet" : "Hurts";
}
