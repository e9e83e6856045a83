"use client";
import { type FormEvent, useState } from "react";
import { api } from "@/browser/api";
import { Fold, Send, Tick } from "./form-parts";

const BOX = "mt-1 w-full border border-quiet bg-white px-2 py-2.5 text-lg";

/** Where one is tonight and whom to call: by choice, for the instructor alone, and gone after the class. */
export function WhereaboutsForm(props: {
  readonly token: string;
  readonly session: string;
  readonly left: { readonly place: string; readonly contact: string; readonly anyTime: boolean } | null;
}) {
  const [place, setPlace] = useState(props.left?.place ?? "");
  const [contact, setContact] = useState(props.left?.contact ?? "");
  const [anyTime, setAnyTime] = useState(props.left?.anyTime ?? false);
  const [done, setDone] = useState(props.left ? "Left with your instructor for this class." : "");
  const [busy, setBusy] = useState(false);
  const save = async (event: FormEvent) => {
    event.preventDefault();
    setBusy(true);
    const reply = await api("PUT", `/api/part/${props.token}/whereabouts`, {
      session: props.session,
      place,
      contact,
      anyTime,
    });
    setBusy(false);
    const empty = place.trim() === "" && contact.trim() === "";
    setDone(
      !reply.ok
        ? `Not stored: ${reply.failure.message}`
        : empty
          ? "Taken back: nothing is kept."
          : "Left with your instructor for this class.",
    );
  };
  return (
    <Fold title="If you train alone" said={done || "Leave where you are and whom to call. It is up to you."}>
      <form onSubmit={save}>
        <label className="block text-base font-bold">
          Where you are tonight
          <input
            className={BOX}
            maxLength={300}
            value={place}
            autoComplete="off"
            onChange={(event) => setPlace(event.target.value)}
          />
        </label>
        <label className="mt-2 block text-base font-bold">
          Whom to call
          <input
            className={BOX}
            maxLength={300}
            value={contact}
            autoComplete="off"
            onChange={(event) => setContact(event.target.value)}
          />
        </label>
        <Tick
          words="My instructor may open it at any time in this class, not only when I press Hurts"
          on={anyTime}
          onChange={setAnyTime}
        />
        <p className="mt-2 text-base text-quiet">
          Only your instructor can open it, while this class runs, one key away when you press Hurts, and it
          is written down that they did. It is deleted when the class is over.
        </p>
        <Send busy={busy}>Leave it</Send>
      </form>
    </Fold>
  );
}
