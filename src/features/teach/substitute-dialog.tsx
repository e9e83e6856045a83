"use client";
import { useEffect, useState } from "react";
import { toast } from "sonner";
import { api } from "@/browser/api";
import type { Asked } from "@/core/live/presence";
import type { WayNow } from "@/core/live/ways-now";
import type { KnownMove } from "@/core/moves/book";
import { useTexts } from "@/features/language/use-texts";
import { Dialog } from "@/ui/dialog";
import { lowerFirst } from "@/words/letters";

/** The slot and move that were on when the dialog was opened: the class goes on behind it. */
interface OpenedFor {
  readonly slot: string;
  readonly move: KnownMove;
}

/** What the dialog was opened for, until it is shut. */
function useOpenedFor(open: boolean, slot: string | null, move: KnownMove | null): OpenedFor | null {
  const [held, setHeld] = useState<OpenedFor | null>(null);
  if (open && held === null && slot !== null && move !== null) setHeld({ slot, move });
  if (!open && held !== null) setHeld(null);
  return open ? held : null;
}

/** What can be done instead, by who is here: asked for when it is wanted. */
function useWays(session: string, slot: string | undefined): readonly WayNow[] | null | "unreached" {
  const [ways, setWays] = useState<readonly WayNow[] | null | "unreached">(null);
  useEffect(() => {
    setWays(null);
    if (slot === undefined) return;
    let over = false;
    const path = `/api/sessions/${session}/ways?slot=${encodeURIComponent(slot)}`;
    void api<{ ways: readonly WayNow[] }>("GET", path).then(
      (reply) => !over && setWays(reply.ok ? reply.value.ways : "unreached"),
    );
    return () => {
      over = true;
    };
  }, [session, slot]);
  return ways;
}

/** Another move in the slot that was on, for the room or for one person, from now on. Its time stays. */
export function SubstituteDialog(props: {
  readonly session: string;
  readonly open: boolean;
  readonly onOpenChange: (open: boolean) => void;
  readonly slot: string | null;
  readonly move: KnownMove | null;
  readonly asked: readonly Asked[];
}) {
  const t = useTexts("teach");
  const { session, open, asked, onOpenChange } = props;
  const opened = useOpenedFor(open, props.slot, props.move);
  const ways = useWays(session, opened?.slot);
  const [person, setPerson] = useState("");
  const take = async (to: WayNow) => {
    if (!opened) return;
    const reply = await api("POST", `/api/sessions/${session}/substitute`, {
      id: crypto.randomUUID(),
      slot: opened.slot,
      move: to.id,
      ...(person ? { person } : {}),
    });
    if (!reply.ok) return toast.error(reply.failure.message);
    setPerson("");
    onOpenChange(false);
  };
  return (
    <Dialog
      night
      wide
      open={open}
      onOpenChange={onOpenChange}
      title={opened ? t("insteadOf", { name: lowerFirst(opened.move.name) }) : t("anotherMove")}
      description={t("keepsItsTimeEveryones")}
    >
      <label className="mb-4 flex items-center gap-3 text-2xl">
        {t("for")}
        <select
          className="border-2 border-night-line bg-night px-2 py-1.5"
          value={person}
          onChange={(event) => setPerson(event.target.value)}
        >
          <option value="">{t("wholeRoom")}</option>
          {asked.map((entry) => (
            <option key={entry.id} value={entry.rosterId}>
              {entry.name}
            </option>
          ))}
        </select>
      </label>
      {ways === "unreached" ? (
        <p className="text-2xl">{t("cantBeAskedNow")}</p>
      ) : ways === null ? (
        <p className="text-2xl text-night-quiet">{t("looking")}</p>
      ) : (
        <Ways ways={ways} person={person} onTake={take} />
      )}
    </Dialog>
  );
}

function Ways(props: {
  readonly ways: readonly WayNow[];
  readonly person: string;
  readonly onTake: (way: WayNow) => void;
}) {
  const t = useTexts("teach");
  const { ways, person, onTake } = props;
  const open = person === "" ? ways : ways.filter(({ can }) => can.includes(person));
  if (open.length === 0)
    return <p className="text-2xl">{t("nothingRelated", { who: person === "" ? "all" : "one" })}</p>;
  return (
    <ul className="grid max-h-[50vh] grid-cols-2 gap-2 overflow-y-auto">
      {open.map((way) => (
        <li key={way.id}>
          <button
            type="button"
            className="size-full border-2 border-night-line px-4 py-2.5 text-left text-2xl font-bold hover:border-night-text"
            onClick={() => onTake(way)}
          >
            {way.name}{" "}
            <span className="font-normal text-night-quiet">
              {way.how === "own" ? "yours" : way.how}
              {person === "" && t("canDo", { can: way.can.length })}
            </span>
          </button>
        </li>
      ))}
    </ul>
  );
}
