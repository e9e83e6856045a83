"use client";
import { useState } from "react";
import { toast } from "sonner";
import { api } from "@/browser/api";
import { MARK_GLYPH } from "@/core/homes/home";
import type { PeopleNow } from "@/core/live/people-now";
import type { Asked, Presence } from "@/core/live/presence";
import { clockText } from "@/core/units";
import { Dialog } from "@/ui/dialog";
import { NameChoice } from "@/ui/name-choice";

/** Who is here, who isn't yet, who came late; and somebody at the door. */
export function PeopleDialog(props: {
  readonly session: string;
  readonly open: boolean;
  readonly onOpenChange: (open: boolean) => void;
  readonly presence: Presence;
  readonly people: PeopleNow;
  /** People of the studio who aren't asked to this class. */
  readonly others: readonly Asked[];
  readonly onAdded: (person: Asked) => void;
}) {
  const { presence, people, others } = props;
  const [chosen, setChosen] = useState("");
  const add = async () => {
    const person = others.find((entry) => entry.id === chosen);
    if (!person) return;
    const reply = await api("POST", `/api/sessions/${props.session}/people`, { person: person.id });
    if (!reply.ok) return toast.error(reply.failure.message);
    setChosen("");
    props.onAdded(person);
  };
  const names = (list: readonly Asked[], more: (person: Asked) => string = () => "") =>
    list.map((person) => `${person.name}${more(person)}`).join(", ");
  const group = (title: string, text: string) =>
    text && (
      <p className="mb-3 text-2xl">
        <span className="text-night-quiet">{title} </span>
        <b>{text}</b>
      </p>
    );
  const marks = ({ rosterId }: Asked) => {
    const mark = people.marks.get(rosterId);
    const late = presence.late.get(rosterId);
    return `${mark ? ` ${MARK_GLYPH[mark]}` : ""}${late ? ` (${clockText(Math.round(late / 1000))} late)` : ""}`;
  };
  return (
    <Dialog night wide open={props.open} onOpenChange={props.onOpenChange} title="Who is here">
      {group("Here", names(presence.here, marks) || "nobody has opened their page yet")}
      {group("Not yet", names(presence.notYet))}
      {group("Left", names(presence.left))}
      {others.length > 0 && (
        <form
          className="mt-4 flex items-center gap-3 border-t border-night-line pt-4 text-2xl"
          onSubmit={(event) => {
            event.preventDefault();
            void add();
          }}
        >
          <NameChoice
            label="At the door"
            names={others}
            value={chosen}
            onChange={setChosen}
            className="border-2 border-night-line bg-night px-2 py-1.5"
          />
          <button
            type="submit"
            disabled={chosen === ""}
            className="bg-marker px-5 py-2 font-bold text-night disabled:opacity-50"
          >
            Let in
          </button>
        </form>
      )}
    </Dialog>
  );
}
