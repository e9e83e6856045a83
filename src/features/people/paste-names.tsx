"use client";
import { useRouter } from "next/navigation";
import { useMemo, useState } from "react";
import { toast } from "sonner";
import { api } from "@/browser/api";
import { type NamesFault, readNames } from "@/core/formats/names-list";
import type { Person } from "@/core/homes/home";
import { useTexts } from "@/features/language/use-texts";
import { Button, type Look } from "@/ui/button";
import { Dialog } from "@/ui/dialog";
import { Trouble } from "@/ui/trouble";
import type { PlainKey } from "@/words/screens/screens";

const EXAMPLE = `Una Brack
Kit Orrin, kit@quay.example
Jory Tannock <jory@quay.example>`;

const FAULTS: Readonly<Record<NamesFault["code"], PlainKey<"people">>> = {
  "no-name": "hasNoName",
  "too-long": "longerThanNameCan",
  "no-address": "noEMailAddress",
};

/** People from a list of names that was typed or copied; what they have at home can be said later. */
export function PasteNames({
  known = [],
  look = "line",
}: {
  readonly known?: readonly Pick<Person, "id" | "name">[];
  readonly look?: Look;
}) {
  const t = useTexts("people");
  const [open, setOpen] = useState(false);
  return (
    <>
      <Button look={look} onClick={() => setOpen(true)}>
        {t("pasteNames")}
      </Button>
      <Dialog
        open={open}
        onOpenChange={setOpen}
        title={t("pasteNames")}
        description={t("oneLineOrWith")}
        wide
      >
        <Names known={known} onDone={() => setOpen(false)} />
      </Dialog>
    </>
  );
}

function Names({
  known,
  onDone,
}: {
  readonly known: readonly Pick<Person, "id" | "name">[];
  readonly onDone: () => void;
}) {
  const t = useTexts("people");
  const router = useRouter();
  const [text, setText] = useState("");
  const [trouble, setTrouble] = useState<string | null>(null);
  const { people, faults } = useMemo(() => readNames(text, known), [text, known]);
  const fresh = people.filter((person) => !person.known);
  const store = async () => {
    const roster = {
      format: "brontle.roster",
      version: 1,
      people: fresh.map(({ id, name, email }) => ({ id, name, ...(email ? { email } : {}) })),
    };
    const reply = await api("POST", "/api/people/import", { roster });
    if (!reply.ok) return setTrouble(reply.failure.message);
    toast.success(t("countIn", { count: fresh.length }));
    onDone();
    router.refresh();
  };
  return (
    <>
      <div className="grid grid-cols-2 gap-5">
        <textarea
          aria-label={t("names")}
          className="h-72 w-full resize-none border border-quiet bg-white p-2 leading-snug"
          placeholder={EXAMPLE}
          maxLength={40_000}
          spellCheck={false}
          value={text}
          onChange={(event) => setText(event.target.value)}
        />
        <section aria-label={t("whatWasUnderstood")} aria-live="polite" className="h-72 overflow-auto">
          {people.length === 0 && faults.length === 0 && (
            <p className="text-quiet">{t("peopleAppearHereWhile")}</p>
          )}
          <ul>
            {people.map(({ id, name, email, known: isKnown }) => (
              <li key={id} className="flex justify-between gap-3 border-b border-hairline py-0.5">
                <span className={isKnown ? "text-quiet" : "font-bold"}>{name}</span>
                <span className="truncate text-quiet">{isKnown ? t("listAlready") : (email ?? "")}</span>
              </li>
            ))}
          </ul>
          {faults.map(({ line, text: piece, code }) => (
            <p key={`${line} ${piece}`} className="mt-2 border-l-4 border-rust pl-2 text-rust">
              {t("pieceFault", { line, piece, fault: t(FAULTS[code]) })}
            </p>
          ))}
        </section>
      </div>
      <Trouble className="mt-3">{trouble}</Trouble>
      <Button look="solid" className="mt-4" disabled={fresh.length === 0} onClick={store}>
        {t("addPeople", { fresh: fresh.length })}
      </Button>
    </>
  );
}
