/**
 * The one thing that is asked about a class and its room. Each question brings the class, the people and the
 * studio's numbers that it is about, so that an answer is never made of two versions; what was worked out for the
 * last ones is kept, and what is equal in them stays known, so that an edit costs little.
 */
import type { ClassDoc } from "../class/document";
import type { PutMove } from "../class/put-move";
import { type Balance, balanceOf } from "../effort/balance";
import { type EffortCurve, effortCurve } from "../effort/effort";
import { type RoomLimit, roomLimits } from "../effort/room-limits";
import type { Mark, Person } from "../homes/home";
import type { MoveBook } from "../moves/book";
import { type NextThing, nextThings } from "../parts/announce";
import { partsFor } from "../parts/everyone";
import type { Part } from "../parts/part";
import { partFor } from "../parts/parts";
import type { Sentence } from "../review/finding";
import type { Line } from "../review/line";
import { type ReviewInput, readLines } from "../review/read-through";
import { triedLine } from "../review/tried";
import type { Settings } from "../settings/settings";
import { type CallLine, callSheet } from "../shape/call-sheet";
import { type FitResult, fitClass } from "../shape/fit";
import { type PutEffect, putEffect } from "../shape/put-effect";
import { share } from "../share";
import type { Adapted, AdaptInput } from "../starting/adapt";
import { type Source, startedFrom } from "../starting/started";
import type { Seconds } from "../units";

/** What a question is about. */
export interface About {
  readonly doc: ClassDoc;
  readonly people: readonly Person[];
  readonly settings: Settings;
  /** The day of today, `YYYY-MM-DD`: known sets have an age. */
  readonly on?: string;
}

export interface NextThings {
  readonly room: NextThing | null;
  readonly each: readonly (readonly [person: string, next: NextThing])[];
}

export interface Shape {
  readonly curve: EffortCurve;
  readonly asSet: Balance;
  /** One for each part, in the order of the people. */
  readonly each: readonly Balance[];
  readonly loads: readonly number[];
  /** Where the room is at its limit, and who. */
  readonly limits: readonly RoomLimit[];
}

interface Known extends About {
  parts: readonly Part[] | null;
  findings: readonly Line[] | null;
}

export class Engine {
  private last: Known | null = null;

  /** `sentence`: for what was acknowledged before reasons were data. */
  constructor(
    private readonly library: MoveBook,
    private readonly sentence?: Sentence,
  ) {}

  /** What is known of this class and room; what of it equals the last is the last's. */
  private known(about: About): Known {
    const { last } = this;
    const doc = share(last?.doc, about.doc);
    const people = share(last?.people, about.people);
    const settings = share(last?.settings, about.settings);
    const { on } = about;
    const same = last && doc === last.doc && people === last.people && settings === last.settings;
    if (same && on === last.on) return last;
    this.last = { doc, people, settings, on, parts: null, findings: null };
    return this.last;
  }

  private partsOf(known: Known): readonly Part[] {
    const { doc, people, settings, on } = known;
    known.parts ??= partsFor(doc, people, this.library, { table: settings.changeOver, on });
    return known.parts;
  }

  /** Everyone's parts. */
  parts(about: About): readonly Part[] {
    return this.partsOf(this.known(about));
  }

  /** The read-through. */
  findings(about: About): readonly Line[] {
    const known = this.known(about);
    known.findings ??= readLines(this.reviewOf(known));
    return known.findings;
  }

  private reviewOf(known: Known): ReviewInput {
    const { doc, people, settings } = known;
    return {
      doc,
      library: this.library,
      people,
      parts: this.partsOf(known),
      thresholds: settings.thresholds,
      ...(this.sentence ? { sentence: this.sentence } : {}),
    };
  }

  /** A line of the read-through with its fixes tried on a copy; null where there is no such line now. */
  tried(about: About, fingerprint: string): Line | null {
    const known = this.known(about);
    const line = this.findings(about).find((each) => each.fingerprint === fingerprint);
    if (!line || line.tried) return line ?? null;
    const { people, settings, on } = known;
    const options = { table: settings.changeOver, on };
    const made = triedLine(line, this.reviewOf(known), (doc) => partsFor(doc, people, this.library, options));
    known.findings = this.findings(about).map((each) => (each === line ? made : each));
    return made;
  }

  /** One person's part with the best alternatives of every slot. */
  explained(about: About, person: Person): Part {
    const { doc, people, settings, on } = this.known(about);
    const same = people.find((other) => other.id === person.id);
    const options = { table: settings.changeOver, instead: true, on };
    return partFor(doc, share(same, person), this.library, options);
  }

  /** The one thing to own next, for each and for the room. */
  next(about: About): NextThings {
    const known = this.known(about);
    const { doc, people, settings, on } = known;
    const options = { table: settings.changeOver, on };
    const { room, each } = nextThings(doc, people, this.partsOf(known), this.library, options);
    return { room, each: [...each] };
  }

  /** Effort and balance: as set at a mark, or of a person; with the spread over all parts. */
  shape(about: About, whose: { readonly mark: Mark } | { readonly person: string }): Shape {
    const known = this.known(about);
    const { doc, settings } = known;
    const parts = this.partsOf(known);
    const balance = (part?: Part) => balanceOf(doc, this.library, settings.thresholds, part);
    const own = "person" in whose ? parts.find((entry) => entry.person === whose.person) : undefined;
    const mark = "mark" in whose ? whose.mark : "natural";
    return {
      curve: effortCurve(doc, this.library, own ? { part: own } : { mark }),
      asSet: balance(own),
      each: parts.map(balance),
      loads: parts.map((part) => effortCurve(doc, this.library, { part }).sessionLoad),
      limits: roomLimits(doc, this.library, parts),
    };
  }

  /** What to say when. */
  say(about: About): readonly CallLine[] {
    const known = this.known(about);
    return callSheet(known.doc, this.library, this.partsOf(known));
  }

  /** The cheapest ways to a length. */
  fit(about: About, seconds: Seconds, kept: readonly string[] = []): FitResult {
    const known = this.known(about);
    const { doc, people, settings } = known;
    const parts = this.partsOf(known);
    const { thresholds } = settings;
    return fitClass({ doc, library: this.library, seconds, parts, people, thresholds, kept });
  }

  /** What a move would do where it is put; null where it can't be. */
  put(about: About, move: PutMove): PutEffect | null {
    const { doc, people, settings, on } = this.known(about);
    const options = { table: settings.changeOver, on };
    return putEffect(doc, move, this.library, settings.thresholds, (next) =>
      partsFor(next, people, this.library, options),
    );
  }

  /** A class begun from something, made ready for these people. */
  start(
    source: Source,
    { people, settings, on }: Omit<About, "doc">,
    { minutes, kit = null }: Pick<AdaptInput, "minutes" | "kit">,
  ): Adapted {
    const { thresholds, changeOver: table } = settings;
    const { library, sentence } = this;
    return startedFrom(source, { library, people, minutes, kit, thresholds, table, on, sentence });
  }
}
