"use client";
import { useRouter } from "next/navigation";
import { useState } from "react";
import { toast } from "sonner";
import { api } from "@/browser/api";
import { parseJsonText } from "@/core/formats/class-file";
import { readRosterCsv } from "@/core/formats/roster-csv";
import type { Person } from "@/core/homes/home";
import { checkRoster } from "@/core/homes/roster";
import { useTexts } from "@/features/language/use-texts";
import { useWords } from "@/features/language/use-words";
import { Button } from "@/ui/button";
import { Dialog } from "@/ui/dialog";
import { FileChoice } from "@/ui/file-choice";
import { kitText } from "@/words/kit-words";
import { faultText } from "@/words/refusals/faults";
import { rosterTerms } from "@/words/roster-terms";
import type { Say } from "@/words/screens/screens";
import type { Words } from "@/words/words";

import { cellFaultText } from "./cell-fault";

interface Trouble {
  readonly where: string;
  readonly what: string;
}

interface Read {
  readonly people: readonly Person[];
  readonly faults: readonly Trouble[];
}

function readJson(text: string, words: Words): Read {
  const json = parseJsonText(text);
  const checked = json.ok ? checkRoster(json.value) : json;
  if (checked.ok) return { people: checked.value.people, faults: [] };
  return {
    people: [],
    faults: checked.error.map((fault) => ({ where: fault.path, what: faultText(fault, words) })),
  };
}

function readCsv(text: string, words: Words, t: Say<"people">): Read {
  const { people, faults } = readRosterCsv(text, rosterTerms(words));
  return {
    people,
    faults: faults.map((fault) => ({
      where:
        fault.column === ""
          ? t("lineN", { line: fault.line })
          : t("lineColumn", { line: fault.line, column: fault.column }),
      what: cellFaultText(fault, words, t),
    })),
  };
}

/** A roster file is JSON; anything that doesn't begin like it is read as a table. */
function readText(text: string, words: Words, t: Say<"people">): Read {
  return /^\uFEFF?\s*[{[]/.test(text) ? readJson(text, words) : readCsv(text, words, t);
}

/** Importing people from a roster file or a table: shown first; the same id updates rather than doubles. */
export function ImportRoster({ people }: { readonly people: readonly Person[] }) {
  const t = useTexts("people");
  const router = useRouter();
  const [open, setOpen] = useState(false);
  const [read, setRead] = useState<Read | null>(null);
  const known = new Set(people.map((person) => person.id));
  const words = useWords();
  const choose = async (file: File | undefined) =>
    setRead(file ? readText(await file.text(), words, t) : null);
  const store = async () => {
    const roster = { format: "brontle.roster", version: 1, people: read?.people };
    const result = await api<{ count: number }>("POST", "/api/people/import", { roster });
    if (!result.ok) {
      toast.error(result.failure.message);
      return;
    }
    const { count } = result.value;
    toast.success(t("countIn", { count }));
    setOpen(false);
    setRead(null);
    router.refresh();
  };
  const sound = read !== null && read.faults.length === 0 && read.people.length > 0;
  return (
    <>
      <Button onClick={() => setOpen(true)}>{t("importRoster")}</Button>
      <Dialog
        open={open}
        onOpenChange={setOpen}
        title={t("importRoster")}
        description={t("rosterFileOrTable")}
        wide
      >
        <FileChoice label={t("rosterFile")} accept=".json,application/json,.csv,text/csv" onChoose={choose} />
        {read && read.faults.length > 0 && <Faults faults={read.faults} />}
        {sound && <WillBeStored people={read.people} known={known} />}
        <Button look="solid" className="mt-4" disabled={!sound} onClick={store}>
          {!sound ? t("storeThem") : t("storePeople", { people: read.people.length })}
        </Button>
      </Dialog>
    </>
  );
}

/** What has to be mended, by its place in the file. */
function Faults({ faults }: { readonly faults: readonly Trouble[] }) {
  const t = useTexts("people");
  return (
    <>
      <p className="mt-4 font-bold text-rust">{t("mendFaults", { faults: faults.length })}</p>
      <div role="alert" className="mt-1 max-h-60 overflow-auto border-l-4 border-rust pl-3">
        <ul className="space-y-1">
          {faults.map((fault) => (
            <li key={`${fault.where} ${fault.what}`}>
              <code className="font-bold">{fault.where}</code> {fault.what}
            </li>
          ))}
        </ul>
      </div>
    </>
  );
}

/** What will be stored, before it is. */
function WillBeStored({
  people,
  known,
}: {
  readonly people: readonly Person[];
  readonly known: ReadonlySet<string>;
}) {
  const t = useTexts("people");
  const words = useWords();
  return (
    // biome-ignore lint/a11y/noNoninteractiveTabindex: what scrolls must be reached by the keyboard
    <div tabIndex={0} className="mt-4 max-h-72 overflow-auto">
      <table className="w-full border-collapse text-left">
        <caption className="pb-1 text-left font-bold">{t("whatWillBeStored")}</caption>
        <thead className="text-quiet">
          <tr className="border-b border-hairline">
            <th className="w-20 py-1 font-semibold">{t("as")}</th>
            <th className="w-44 font-semibold">{t("name")}</th>
            <th className="font-semibold">{t("home2")}</th>
          </tr>
        </thead>
        <tbody>
          {people.map((person) => (
            <tr key={person.id} className="border-b border-hairline align-top">
              <td className="py-1">{known.has(person.id) ? t("update") : t("new")}</td>
              <td className="font-bold">{person.name}</td>
              <td>
                {person.kit === undefined
                  ? t("notSaidYet")
                  : person.kit.length === 0
                    ? t("nothing")
                    : person.kit.map((item) => kitText(item, words, person.units)).join(", ")}
              </td>
            </tr>
          ))}
        </tbody>
      </table>
    </div>
  );
}
