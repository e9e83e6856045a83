/** Follows a class with everyone's parts and its read-through, asked of a worker: always for the newest class. */
import type { About } from "@/core/engine/engine";
import type { Part } from "@/core/parts/part";
import type { Line } from "@/core/review/line";
import { keepSame } from "@/core/values/same";

/** What was worked out, and of what. */
export interface Made extends About {
  readonly parts: readonly Part[];
  readonly findings: readonly Line[];
}

/** What is asked, one thing after the other; it may take its time. */
export interface Asked {
  readonly parts: (about: About) => Promise<readonly Part[]>;
  readonly findings: (about: About) => Promise<readonly Line[]>;
  /** A line of the read-through with its fixes tried; null where it is no more. */
  readonly tried: (about: About, fingerprint: string) => Promise<Line | null>;
}

/** Of what more is known. */
type News = "parts" | "findings" | "tried";

/** What was tried is shown so often while more is being tried. */
const SHOWN_EVERY_MS = 120;

export class Following {
  /** The newest that is known. What is shown of it may lag behind, so that none of it is ever taken from there. */
  #made: Made;
  #wanted: About;
  #busy = false;
  readonly #show: (made: Made, what: News) => void;

  /** `show`: told each time more is known. */
  constructor(made: Made, show: (made: Made, what: News) => void) {
    this.#made = made;
    this.#wanted = made;
    this.#show = show;
  }

  get wanted(): About {
    return this.#wanted;
  }

  /** What is asked for from now on; whether it isn't known yet. */
  want(about: About): boolean {
    this.#wanted = about;
    return !isOf(this.#made, about);
  }

  /** Asks until what is known is of the newest class; one that follows already takes that up itself. */
  async follow(worker: Asked): Promise<void> {
    if (this.#busy) return;
    this.#busy = true;
    try {
      for (let asked = this.#wanted; !isOf(this.#made, asked); asked = this.#wanted) {
        const parts = await worker.parts(asked);
        this.#know({ ...this.#made, ...asked, parts: keepSame(this.#made.parts, parts) }, "parts");
        // The room is there; the read-through follows, unless the class has changed again meanwhile.
        if (!isOf(this.#wanted, asked)) continue;
        const findings = await worker.findings(asked);
        this.#know({ ...this.#made, findings: keepSame(this.#made.findings, findings) }, "findings");
        await this.tryFixes(worker);
      }
    } finally {
      this.#busy = false;
    }
  }

  /** Every line's fixes are tried on a copy, the gravest first, until the class changes. */
  async tryFixes(worker: Asked): Promise<void> {
    const { findings: lines, parts: _parts, ...asked } = this.#made;
    let shownAt = performance.now();
    for (const [i, { fingerprint }] of lines.entries()) {
      if (!isOf(this.#wanted, asked)) return;
      const line = await worker.tried(asked, fingerprint);
      if (!isOf(this.#wanted, asked) || !isOf(this.#made, asked)) return;
      const findings = line
        ? this.#made.findings.map((each) => (each.fingerprint === fingerprint ? line : each))
        : this.#made.findings;
      this.#made = { ...this.#made, findings };
      // Some at a time: each showing draws the read-through anew.
      if (i < lines.length - 1 && performance.now() - shownAt < SHOWN_EVERY_MS) continue;
      this.#know(this.#made, "tried");
      shownAt = performance.now();
    }
  }

  #know(made: Made, what: News): void {
    this.#made = made;
    this.#show(made, what);
  }
}

/** Whether one is of the very class and people of the other. */
function isOf(a: About, b: About): boolean {
  return a.doc === b.doc && a.people === b.people;
}
