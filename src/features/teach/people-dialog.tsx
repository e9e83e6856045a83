"use client";
import { useState } from "react";
import { toast } from "sonner";
import { api } from "@/browser/api";
import { MARK_GLYPH } from "@/core/homes/home";
import type { DeviceNow } from "@/core/live/devices-now";
import type { PeopleNow } from "@/core/live/people-now";
import type { Asked, Presence } from "@/core/live/presence";
import { clockText } from "@/core/units";
import { useTexts } from "@/features/language/use-texts";
import { useWords } from "@/features/language/use-words";
import { Dialog } from "@/ui/dialog";
import { NameChoice } from "@/ui/name-choice";
import type { Words } from "@/words/words";

/** A clock's own uncertainty, and how late the call is for that screen; a dash where nothing was said of it. */
function deviceText(device: DeviceNow | undefined, words: Words): string {
  if (!device) return "–";
  const late = device.lateMs > 0 ? (device.lateMs / 1000).toFixed(1) : "none";
  return words.phrase("live", "device", { ms: device.withinMs, late });
}

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
  /** How well everybody's screen knows the time; and this one, null while it isn't known. */
  readonly devices?: ReadonlyMap<string, DeviceNow>;
  readonly within?: number | null;
}) {
  const t = useTexts("teach");
  const words = useWords();
  const { presence, people, others, devices, within = null } = props;
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
    return `${mark ? ` ${MARK_GLYPH[mark]}` : ""}${late ? ` ${t("lateBy", { clock: clockText(Math.round(late / 1000)) })}` : ""}`;
  };
  return (
    <Dialog night wide open={props.open} onOpenChange={props.onOpenChange} title={t("whoHere")}>
      {group(t("here"), names(presence.here, marks) || t("nobodyHasOpenedTheir"))}
      {group(t("notYet"), names(presence.notYet))}
      {group(t("left"), names(presence.left))}
      {devices && presence.here.length > 0 && (
        <details className="mb-3 text-xl">
          <summary className="cursor-pointer py-1 text-night-quiet">{t("howWellScreensKnow")}</summary>
          <ul className="mt-1 grid grid-cols-2 gap-x-6" data-testid="devices">
            {within !== null && (
              <li>
                {t("thisScreen", { within: words.phrase("live", "device", { ms: within, late: "none" }) })}
              </li>
            )}
            {presence.here.map(({ rosterId, name }) => (
              <li key={rosterId}>
                {name} <b>{deviceText(devices.get(rosterId), words)}</b>
              </li>
            ))}
          </ul>
        </details>
      )}
      {others.length > 0 && (
        <form
          className="mt-4 flex items-center gap-3 border-t border-night-line pt-4 text-2xl"
          onSubmit={(event) => {
            event.preventDefault();
            void add();
          }}
        >
          <NameChoice
            none={t("whom")}
            label={t("door")}
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
            {t("let")}
          </button>
        </form>
      )}
    </Dialog>
  );
}
