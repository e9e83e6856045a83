/** What this browser keeps for itself. A full or forbidden store loses nothing but itself. */

/** Reads a kept value; null where there is none or it can't be read. */
export function kept<T>(key: string): T | null {
  try {
    const text = window.localStorage.getItem(key);
    return text === null ? null : (JSON.parse(text) as T);
  } catch {
    return null;
  }
}

/** Keeps a value; null forgets it. */
export function keep(key: string, value: unknown): void {
  try {
    if (value === null) window.localStorage.removeItem(key);
    else window.localStorage.setItem(key, JSON.stringify(value));
  } catch {
    // Private windows may forbid it; the server has the truth all the same.
  }
}
