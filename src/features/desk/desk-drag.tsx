"use client";
/** Blocks and moves put elsewhere by drag: one drag for both, told aloud by the names of the things. */
import {
  type Announcements,
  type CollisionDetection,
  closestCenter,
  DndContext,
  type DragEndEvent,
  KeyboardSensor,
  PointerSensor,
  pointerWithin,
  type UniqueIdentifier,
  useSensor,
  useSensors,
} from "@dnd-kit/core";
import { sortableKeyboardCoordinates } from "@dnd-kit/sortable";
import { type ReactNode, type RefObject, useMemo } from "react";
import { findSlot, slotsOf } from "@/core/class/document";
import { idAfter } from "@/core/class/edits";
import { carryTo, dropBlock, type Place } from "@/core/class/place";
import { bookFor, resolveMove } from "@/core/moves/book";
import { LIBRARY_BOOK } from "@/core/moves/library";
import { useWords } from "@/features/language/use-words";
import { blockName } from "@/words/block-words";
import type { Words } from "@/words/words";
import type { Desk } from "./use-desk";

/** Slots and blocks have ids of their own: in a drag they are told apart by their first letter. */
export const slotDragId = (id: string) => `s:${id}`;
export const blockDragId = (id: string) => `b:${id}`;

const dragged = (id: UniqueIdentifier) => {
  const text = String(id);
  return { isBlock: text.startsWith("b:"), id: text.slice(2) };
};

const HOW =
  "Press space to take it up. Then the arrow keys carry it, space puts it down, and escape leaves it where it was. " +
  "A move that is put on a block goes to the end of that block.";

/** Where a slot lands that is let go over another one, or over a block. */
function placeOver({ doc }: Desk, slotId: string, over: ReturnType<typeof dragged>): Place | null {
  if (over.isBlock) return { block: over.id, before: null };
  const target = findSlot(doc, over.id);
  if (!target) return null;
  const slots = slotsOf(target.block);
  const [from, to] = [slotId, over.id].map((id) => slots.findIndex((slot) => slot.id === id));
  const comesFromBefore = (from ?? -1) >= 0 && (from ?? 0) < (to ?? 0);
  return { block: target.block.id, before: comesFromBefore ? idAfter(slots, over.id) : over.id };
}

function putBlock({ doc, edit }: Desk, id: string, over: ReturnType<typeof dragged>): void {
  const overId = over.isBlock ? over.id : findSlot(doc, over.id)?.block.id;
  const made = overId === undefined ? null : dropBlock(doc, id, overId);
  if (made) edit(made);
}

function putSlot(desk: Desk, id: string, over: ReturnType<typeof dragged>): void {
  const place = placeOver(desk, id, over);
  const made = place && carryTo(desk.doc, id, place);
  if (!place || !made) return;
  desk.edit(made);
  desk.select(place.block, id);
}

/** What the pointer is over; by keys what is nearest. */
const over: CollisionDetection = (asked) => {
  const under = pointerWithin(asked);
  return under.length > 0 ? under : closestCenter(asked);
};

/** What a thing is called, and where it stands: "Goblet squat, move 2 of 5 in Legs". */
function named({ doc }: Desk, of: UniqueIdentifier, withPlace: boolean, words: Words): string {
  const { isBlock, id } = dragged(of);
  const book = bookFor(doc, LIBRARY_BOOK);
  if (isBlock) {
    const at = doc.blocks.findIndex((block) => block.id === id);
    const block = doc.blocks[at];
    if (!block) return "";
    return `${blockName(block, book, words)}${withPlace ? `, block ${at + 1} of ${doc.blocks.length}` : ""}`;
  }
  const found = findSlot(doc, id);
  if (!found) return "";
  const slots = slotsOf(found.block);
  const place = `, move ${slots.indexOf(found.slot) + 1} of ${slots.length} in ${blockName(found.block, book, words)}`;
  return `${resolveMove(found.slot.move, book).name}${withPlace ? place : ""}`;
}

function spoken(at: RefObject<Desk | null>, words: Words): Announcements {
  const say = (id: UniqueIdentifier, withPlace = false) =>
    at.current ? named(at.current, id, withPlace, words) : "";
  // Taken up, it is over itself at once: that would be said over where it stands.
  let isFirst = true;
  return {
    onDragStart: ({ active }) => {
      isFirst = true;
      return `${say(active.id, true)} is taken up.`;
    },
    onDragOver: ({ active, over }) => {
      const wasFirst = isFirst;
      isFirst = false;
      if (over && over.id !== active.id) return `${say(active.id)} is over ${say(over.id, true)}.`;
      return wasFirst ? undefined : `${say(active.id)} is where it was.`;
    },
    onDragEnd: ({ active, over }) =>
      over && over.id !== active.id
        ? `${say(active.id)} is put where ${say(over.id)} was.`
        : `${say(active.id)} stays where it was.`,
    onDragCancel: ({ active }) => `${say(active.id)} stays where it was.`,
  };
}

/**
 * Takes up and puts down what stands within. It reads the Desk when something is carried: it isn't drawn again with
 * every key.
 */
export function DeskDrag({
  at,
  children,
}: {
  readonly at: RefObject<Desk | null>;
  readonly children: ReactNode;
}) {
  const words = useWords();
  const sensors = useSensors(
    useSensor(PointerSensor, { activationConstraint: { distance: 4 } }),
    useSensor(KeyboardSensor, {
      coordinateGetter: sortableKeyboardCoordinates,
      // Enter is each control's own.
      keyboardCodes: { start: ["Space"], cancel: ["Escape"], end: ["Space", "Enter"] },
    }),
  );
  const announcements = useMemo(() => spoken(at, words), [at, words]);
  const drop = ({ active, over }: DragEndEvent) => {
    if (!at.current || !over || active.id === over.id) return;
    const thing = dragged(active.id);
    (thing.isBlock ? putBlock : putSlot)(at.current, thing.id, dragged(over.id));
  };
  return (
    <DndContext
      id="desk"
      sensors={sensors}
      collisionDetection={over}
      accessibility={{
        announcements,
        screenReaderInstructions: { draggable: HOW },
      }}
      onDragEnd={drop}
    >
      {children}
    </DndContext>
  );
}
