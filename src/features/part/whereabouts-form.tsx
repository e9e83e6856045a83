"use client";
import { type FormEvent, useState } from "react";
import { api } from "@/browser/api";
import { useWords } from "@/features/language/use-words";
import { failureText } from "@/words/failure-words";
import { Fold, Send, Tick } from "./form-parts";

const BOX = "mt-1 w-full border border-quiet bg-white px-2 py-2.5 text-lg";

/** Where one is tonight and whom to call: by choice, for the instructor alone, and gone after the class. */
export function WhereaboutsForm(props: {
  readonly token: string;
  readonly session: string;
  readonly left: { readonly place: string; readonly contact: string; readonly anyTime: boolean } | null;
}) {
  const words = useWords();
  const [place, setPlace] = useState(props.left?.place ?? "");
  const [contact, setContact] = useState(props.left?.contact ?? "");
  const [anyTime, setAnyTime] = useState(props.left?.anyTime ?? false);
  const [done, setDone] = useState(props.left ? words.phrase("part", "leftWhere") : "");
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
        ? words.phrase("part", "notStored", { why: failureText(reply.failure, words) })
        : words.phrase("part", empty ? "takenBack" : "leftWhere"),
    );
  };
  return (
    <Fold title={words.phrase("part", "trainAlone")} said={done || words.phrase("part", "leaveWhere")}>
      <form onSubmit={save}>
        <label className="block text-base font-bold">
          {words.phrase("part", "whereTonight")}
          <input
            className={BOX}
            maxLength={300}
            value={place}
            autoComplete="off"
            onChange={(event) => setPlace(event.target.value)}
          />
        </label>
        <label className="mt-2 block text-base font-bold">
          {words.phrase("part", "whomToCall")}
          <input
            className={BOX}
            maxLength={300}
            value={contact}
            autoComplete="off"
            onChange={(event) => setContact(event.target.value)}
          />
        </label>
        <Tick words={words.phrase("part", "anyTime")} on={anyTime} onChange={setAnyTime} />
        <p className="mt-2 text-base text-quiet">{words.phrase("part", "onlyInstructor")}</p>
        <Send busy={busy}>{words.phrase("part", "leaveIt")}</Send>
      </form>
    </Fold>
  );
}
