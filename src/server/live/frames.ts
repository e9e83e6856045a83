/** What readers of a session are sent of some events: written once for all who may see the same. */
import { personOf, type SessionEvent, seenBy, seenByAll } from "../../core/live/events";

/** Whose eyes a stream is for: an instructor's, a picture's that is shared, or those of the person with this roster id. */
export type Eyes = "instructor" | "stage" | { readonly person: string };

const encoder = new TextEncoder();

/** One message of a stream: the events, with the last number of the batch as its id. Null where there is nothing to see. */
export function frameOf(events: readonly SessionEvent[], lastSeq: number): Uint8Array | null {
  return events.length === 0 ? null : encoder.encode(`id: ${lastSeq}\ndata: ${JSON.stringify(events)}\n\n`);
}

/** The part of some events that somebody may see. */
export function seenWith(eyes: Eyes, events: readonly SessionEvent[]): readonly SessionEvent[] {
  if (eyes === "instructor") return events;
  return eyes === "stage" ? seenByAll(events) : seenBy(events, eyes.person);
}

/** A batch of events as messages. Whoever isn't named in it gets the same bytes as everybody else. */
export class Frames {
  private readonly named: ReadonlySet<string>;
  private readonly lastSeq: number;
  private readonly made = new Map<string, Uint8Array | null>();

  constructor(private readonly events: readonly SessionEvent[]) {
    this.named = new Set(events.flatMap((event) => personOf(event) ?? []));
    this.lastSeq = events.at(-1)?.seq ?? 0;
  }

  for(eyes: Eyes): Uint8Array | null {
    const isNamed = typeof eyes === "object" && this.named.has(eyes.person);
    const key = isNamed ? `person ${eyes.person}` : eyes === "instructor" ? "instructor" : "all";
    const there = this.made.get(key);
    if (there !== undefined) return there;
    const seen = key === "all" ? seenByAll(this.events) : seenWith(eyes, this.events);
    const frame = frameOf(seen, this.lastSeq);
    this.made.set(key, frame);
    return frame;
  }
}
