"use client";
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
import { bookFor, type MoveBook, resolveMove } from "@/core/moves/book";
import { useLibrary } from "@/features/language/use-library";
import { useTexts } from "@/features/language/use-texts";
import { useWords } from "@/features/language/use-words";
import { blockName } from "@/words/block-words";
/** Blocks and moves put elsewhere by drag: one drag for both, told aloud by the names of the things. */
import type { Say } from "@/words/screens/screens";
import type { Words } from "@/words/words";
import type { Desk } from "./use-desk";

/** Slots and blocks have ids of their own: in a drag they are told apart by their first letter. */
export const slotDragId = (id: string) => `s:${id}`;
export const blockDragId = (id: string) => `b:${id}`;

const dragged = (id: UniqueIdentifier) => {
  const text = String(id);
  return { isBlock: text.startsWith("b:"), id: text.slice(2) };
};

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
function named(
  { doc }: Desk,
  of: UniqueIdentifier,
  withPlace: boolean,
  library: MoveBook,
  words: Words,
  t: Say<"desk">,
): string {
  const { isBlock, id } = dragged(of);
  const book = bookFor(doc, library);
  if (isBlock) {
    const at = doc.blocks.findIndex((block) => block.id === id);
    const block = doc.blocks[at];
    if (!block) return "";
    return `${blockName(block, book, words)}${withPlace ? t("blockPlace", { at: at + 1, blocks: doc.blocks.length }) : ""}`;
  }
  const found = findSlot(doc, id);
  if (!found) return "";
  const slots = slotsOf(found.block);
  const place = t("movePlace", {
    index: slots.indexOf(found.slot) + 1,
    slots: slots.length,
    blockName: blockName(found.block, book, words),
  });
  return `${resolveMove(found.slot.move, book).name}${withPlace ? place : ""}`;
}

function spoken(at: RefObject<Desk | null>, library: MoveBook, words: Words, t: Say<"desk">): Announcements {
  const say = (id: UniqueIdentifier, withPlace = false) =>
    at.current ? named(at.current, id, withPlace, library, words, t) : "";
  // Taken up, it is over itself at once: that would be said over where it stands.
  let isFirst = true;
  return {
    onDragStart: ({ active }) => {
      isFirst = true;
      return t("takenUp", { say: say(active.id, true) });
    },
    onDragOver: ({ active, over }) => {
      const wasFirst = isFirst;
      isFirst = false;
      if (over && over.id !== active.id) return t("over", { say: say(active.id), say2: say(over.id, true) });
      return wasFirst ? undefined : t("whereWas", { say: say(active.id) });
    },
    onDragEnd: ({ active, over }) =>
      over && over.id !== active.id
        ? t("putWhereWas", { say: say(active.id), say2: say(over.id) })
        : t("staysWhereWas", { say: say(active.id) }),
    onDragCancel: ({ active }) => t("staysWhereWas", { say: say(active.id) }),
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
  const t = useTexts("desk");
  const library = useLibrary();
  const sensors = useSensors(
    useSensor(PointerSensor, { activationConstraint: { distance: 4 } }),
    useSensor(KeyboardSensor, {
      coordinateGetter: sortableKeyboardCoordinates,
      // Enter is each control's own.
      keyboardCodes: { start: ["Space"], cancel: ["Escape"], end: ["Space", "Enter"] },
    }),
  );
  const announcements = useMemo(() => spoken(at, library, words, t), [at, library, words, t]);
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
        screenReaderInstructions: { draggable: `${t("pressSpaceTakeUp")} ${t("movePutBlockGoes")}` },
      }}
      onDragEnd={drop}
    >
      {children}
    </DndContext>
  );
}
