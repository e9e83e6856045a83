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

/** A value that was kept under another key in an earlier version is kept under the new one. */
export function renameKept(from: string, to: string): void {
  try {
    const text = window.localStorage.getItem(from);
    if (text === null) return;
    if (window.localStorage.getItem(to) === null) window.localStorage.setItem(to, text);
    window.localStorage.removeItem(from);
  } catch {
    // As for `keep`.
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

/** The same for this tab alone, for as long as it is open: over a reload, and gone with the tab. */
export function keptHere(key: string): unknown {
  try {
    const text = window.sessionStorage.getItem(key);
    return text === null ? null : JSON.parse(text);
  } catch {
    return null;
  }
}

/** Keeps a value for this tab. One that is too large is forgotten. */
export function keepHere(key: string, value: unknown): void {
  try {
    window.sessionStorage.setItem(key, JSON.stringify(value));
  } catch {
    forgetHere(key);
  }
}

function forgetHere(key: string): void {
  try {
    window.sessionStorage.removeItem(key);
  } catch {
    // As for `keep`.
  }
}
