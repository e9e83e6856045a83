/** Lower, pause, lift, pause; each in whole seconds. */
export type Tempo = readonly [lower: number, pause: number, lift: number, top: number];

/**
 * Reads `3-0-2-1`, `10-0-2-0` or `3021`; X or x counts as 1.
 * Gives null where it isn't four whole numbers or where all are zero.
 */
export function parseTempo(text: string): Tempo | null {
  const parts = text.includes("-") ? text.split("-") : text.split("");
  if (parts.length !== 4 || !parts.every((part) => /^(\d{1,4}|[xX])$/.test(part))) return null;
  const [a, b, c, d] = parts.map((part) => (/^[xX]$/.test(part) ? 1 : Number(part))) as [
    number,
    number,
    number,
    number,
  ];
  return a + b + c + d > 0 ? [a, b, c, d] : null;
}

/** Seconds that one rep takes at this tempo. */
export function tempoSeconds(tempo: Tempo): number {
  return tempo[0] + tempo[1] + tempo[2] + tempo[3];
}

/** True for a number with at most two decimals: 1.75, 2.5, 3. */
export function hasCentiseconds(value: number): boolean {
  return Math.round(value * 100) / 100 === value;
}

/** Hundredths of a second, exact for numbers with at most two decimals: 1.1 → 110. */
export function centiseconds(seconds: number): number {
  return Math.round(seconds * 100);
}
