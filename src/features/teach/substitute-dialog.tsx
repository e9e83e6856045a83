"use client";
import { useEffect, useState } from "react";
import { toast } from "sonner";
import { api } from "@/browser/api";
import type { Asked } from "@/core/live/presence";
import type { KnownMove, MoveBook } from "@/core/moves/book";
import { Dialog } from "@/ui/dialog";

type Ways = readonly { readonly how: string; readonly move: KnownMove }[];

/** Moves that are linked to one, with how: asked of the library only when they are wanted. */
async function waysOf(move: KnownMove): Promise<Ways> {
  const { LIBRARY_BOOK } = await import("@/core/moves/library");
  const book: MoveBook = LIBRARY_BOOK;
  return (book.get(move.id ?? "")?.links ?? move.links ?? []).flatMap(({ to, kind }) => {
    const found = book.get(to);
    return found ? [{ how: kind, move: found }] : [];
  });
}

/** Another move in the slot that is on, for the room or for one person. Its time stays. */
export function SubstituteDialog(props: {
  readonly session: string;
  readonly open: boolean;
  readonly onOpenChange: (open: boolean) => void;
  readonly slot: string | null;
  readonly move: KnownMove | null;
  readonly asked: readonly Asked[];
}) {
  const { open, move, slot, asked } = props;
  const [ways, setWays] = useState<Ways | null>(null);
  const [person, setPerson] = useState("");
  useEffect(() => {
    if (!open || !move) return;
    let over = false;
    setWays(null);
    void waysOf(move).then((found) => !over && setWays(found));
    return () => {
      over = true;
    };
  }, [open, move]);
  const take = async (to: KnownMove) => {
    const reply = await api("POST", `/api/sessions/${props.session}/substitute`, {
      id: crypto.randomUUID(),
      slot,
      move: to.id,
      ...(person ? { person } : {}),
    });
    if (!reply.ok) return toast.error(reply.failure.message);
    setPerson("");
    props.onOpenChange(false);
  };
  return (
    <Dialog
      night
      wide
      open={open}
      onOpenChange={props.onOpenChange}
      title={move ? `Instead of ${move.name}` : "Another move"}
      description="It keeps its time. Everyone's own version is worked out anew."
    >
      <label className="mb-4 flex items-center gap-3 text-2xl">
        For
        <select
          className="border-2 border-night-line bg-night px-2 py-1.5"
          value={person}
          onChange={(event) => setPerson(event.target.value)}
        >
          <option value="">the whole room</option>
          {asked.map((entry) => (
            <option key={entry.id} value={entry.rosterId}>
              {entry.name}
            </option>
          ))}
        </select>
      </label>
      {ways === null ? (
        <p className="text-2xl text-night-quiet">Looking…</p>
      ) : ways.length === 0 ? (
        <p className="text-2xl text-night-quiet">No move is linked to this one.</p>
      ) : (
        <ul className="grid grid-cols-2 gap-2">
          {ways.map(({ how, move: to }) => (
            <li key={`${how} ${to.id}`}>
              <button
                type="button"
                className="w-full border-2 border-night-line px-4 py-2.5 text-left text-2xl font-bold hover:border-night-text"
                onClick={() => take(to)}
              >
                {to.name} <span className="font-normal text-night-quiet">{how}</span>
              </button>
            </li>
          ))}
        </ul>
      )}
    </Dialog>
  );
}
