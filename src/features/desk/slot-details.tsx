"use client";
import { setSlot } from "@/core/class/commands";
import { type Sides, type Slot, slotsOf, type Way } from "@/core/class/document";
import { slotSides } from "@/core/class/expand";
import { bookFor, type KnownMove, type MoveBook, resolveMove } from "@/core/moves/book";
import { LIBRARY_BOOK } from "@/core/moves/library";
import { parseSpan } from "@/core/values/span";
import { TextCell } from "./text-cell";
import type { Desk } from "./use-desk";

const SELECT = "appearance-none border-b-2 border-pine bg-transparent font-bold";
const FIELD = "border-b-2 border-pine font-bold";

/** The levels a move is linked to that way, then its swaps. */
function linked(move: KnownMove, kind: "easier" | "harder", book: MoveBook): KnownMove[] {
  const to = (wanted: string) =>
    (move.links ?? []).filter((link) => link.kind === wanted).map((link) => book.get(link.to));
  return [...to(kind), ...to("swap")].filter((entry): entry is KnownMove => entry !== undefined);
}

/** Whole seconds in a text, or null. */
function seconds(text: string): number | null {
  const span = parseSpan(text);
  return typeof span === "number" && span <= 7200 ? span : null;
}

/** Round numbers as they are typed, `1, 3`; empty for all; null where it can't be read. */
function roundsOf(text: string): readonly number[] | "all" | null {
  if (/^\s*(all)?\s*$/i.test(text)) return "all";
  const parts = text.split(/[\s,]+/).filter(Boolean);
  return parts.every((part) => /^\d{1,3}$/.test(part)) ? parts.map(Number) : null;
}

type SetKey = (key: keyof Slot, to: unknown) => void;

/** What the line of a slot doesn't show: its sides in detail, its rounds, its levels, its words. */
export function SlotDetails({ desk, slot }: { readonly desk: Desk; readonly slot: Slot }) {
  const book = bookFor(desk.doc, LIBRARY_BOOK);
  const move = resolveMove(slot.move, book);
  const sides = slotSides(slot, book);
  const owner = desk.doc.blocks.find((block) => slotsOf(block).some((other) => other.id === slot.id));
  const neighbours = (owner ? slotsOf(owner) : []).filter((other) => other.id !== slot.id);
  const set: SetKey = (key, to) => desk.edit(setSlot(slot, key, to as never));
  const setWay = (mark: "flat" | "sharp", part: Partial<Way>) => {
    const way = Object.fromEntries(
      Object.entries({ ...slot.marks?.[mark], ...part }).filter(([, value]) => value),
    );
    const marks = { ...slot.marks, [mark]: Object.keys(way).length > 0 ? way : undefined };
    const kept = Object.fromEntries(Object.entries(marks).filter(([, value]) => value !== undefined));
    set("marks", Object.keys(kept).length > 0 ? kept : undefined);
  };
  return (
    <section aria-label={`More of ${move.name}`} className="mt-2 space-y-1.5 border-t border-hairline pt-2">
      <p>
        <b>{move.name}</b>
        {sides !== "both" && <SidesInDetail slot={slot} sides={sides} set={set} />}; in{" "}
        <TextCell
          label="Rounds in which it appears"
          className={FIELD}
          value={slot.rounds ? `${slot.rounds.join(", ")}` : "all"}
          fits={(text) => roundsOf(text) !== null}
          onTake={(text) => {
            const rounds = roundsOf(text);
            set("rounds", rounds === "all" || rounds === null ? undefined : rounds);
          }}
        />{" "}
        rounds
      </p>
      {(["flat", "sharp"] as const).map((mark) => (
        <LevelLine key={mark} mark={mark} slot={slot} move={move} book={book} setWay={setWay} />
      ))}
      <PlaceLine slot={slot} neighbours={neighbours} book={book} set={set} />
      <p>
        Say before:{" "}
        <TextCell
          label="Said before it starts"
          className={FIELD}
          placeholder="kit, set-up, caution"
          value={slot.call ?? ""}
          onTake={(text) => set("call", text || undefined)}
        />
        ; while working:{" "}
        <TextCell
          label="Said while it is worked"
          className={FIELD}
          placeholder={move.cues?.[0] ?? "a cue"}
          value={slot.cue ?? ""}
          onTake={(text) => set("cue", text || undefined)}
        />
      </p>
    </section>
  );
}

/** How both sides are counted, which begins, and how long changing takes. */
function SidesInDetail({
  slot,
  sides,
  set,
}: {
  readonly slot: Slot;
  readonly sides: Sides;
  readonly set: SetKey;
}) {
  return (
    <>
      {" "}
      counted{" "}
      <select
        aria-label="How numbers are counted"
        className={SELECT}
        value={slot.count ?? "each"}
        onChange={(event) => set("count", event.target.value)}
      >
        <option value="each">each side</option>
        <option value="total">in total</option>
      </select>
      , beginning{" "}
      <select
        aria-label="First side"
        className={SELECT}
        value={slot.firstSide ?? "left"}
        onChange={(event) => set("firstSide", event.target.value)}
      >
        <option value="left">left</option>
        <option value="right">right</option>
      </select>
      {sides === "inTurn" && (
        <>
          , with{" "}
          <TextCell
            label="Seconds to change sides"
            className={FIELD}
            value={String(slot.sideChange ?? 0)}
            fits={(text) => seconds(text) !== null}
            onTake={(text) => set("sideChange", seconds(text) ?? 0)}
          />
          s to change sides
        </>
      )}
    </>
  );
}

/** One level: its move, and what to do differently. */
function LevelLine(props: {
  readonly mark: "flat" | "sharp";
  readonly slot: Slot;
  readonly move: KnownMove;
  readonly book: MoveBook;
  readonly setWay: (mark: "flat" | "sharp", part: Partial<Way>) => void;
}) {
  const { mark, slot, move, book, setWay } = props;
  const way = slot.marks?.[mark];
  const word = mark === "flat" ? "♭ easier" : "♯ harder";
  const chosen = typeof way?.move === "string" ? way.move : "";
  const offered = linked(move, mark === "flat" ? "easier" : "harder", book);
  const others = chosen && !offered.some((entry) => entry.id === chosen) ? [resolveMove(chosen, book)] : [];
  return (
    <p>
      {word}:{" "}
      <select
        aria-label={`${word}: move`}
        className={SELECT}
        value={chosen}
        onChange={(event) => setWay(mark, { move: event.target.value || undefined })}
      >
        <option value="">the same move</option>
        {[...offered, ...others].map((entry) => (
          <option key={entry.id} value={entry.id ?? ""}>
            {entry.name}
          </option>
        ))}
      </select>
      ,{" "}
      <TextCell
        label={`${word}: what to do differently`}
        className={FIELD}
        placeholder="what to do differently"
        value={way?.note ?? ""}
        onTake={(note) => setWay(mark, { note })}
      />
    </p>
  );
}

/** What an order and a fit may do with it. */
function PlaceLine({
  slot,
  neighbours,
  book,
  set,
}: {
  readonly slot: Slot;
  readonly neighbours: readonly Slot[];
  readonly book: MoveBook;
  readonly set: SetKey;
}) {
  return (
    <p>
      In the order it{" "}
      <select
        aria-label="Place in the order"
        className={SELECT}
        value={slot.pinned ? "pinned" : "free"}
        onChange={(event) => set("pinned", event.target.value === "pinned" ? true : undefined)}
      >
        <option value="free">may move</option>
        <option value="pinned">keeps its place</option>
      </select>
      , beside{" "}
      <select
        aria-label="Stays beside"
        className={SELECT}
        value={slot.together ?? ""}
        onChange={(event) => set("together", event.target.value || undefined)}
      >
        <option value="">anything</option>
        {neighbours.map((other) => (
          <option key={other.id} value={other.id}>
            {resolveMove(other.move, book).name.toLowerCase()}
          </option>
        ))}
      </select>
      ; a fit{" "}
      <select
        aria-label="A fit may change it"
        className={SELECT}
        value={slot.locked ? "locked" : "free"}
        onChange={(event) => set("locked", event.target.value === "locked" ? true : undefined)}
      >
        <option value="free">may change its seconds</option>
        <option value="locked">leaves it alone</option>
      </select>
    </p>
  );
}
