"use client";
import { useRouter } from "next/navigation";
import { useState } from "react";
import { api } from "@/browser/api";
import { checkClass } from "@/core/class/check-class";
import { parseJsonText } from "@/core/formats/class-file";
import { LIBRARY_BOOK } from "@/core/moves/library";
import { scoreOf } from "@/core/score/score";
import { clockText } from "@/core/units";
import type { Fault } from "@/core/values/faults";
import { useTexts } from "@/features/language/use-texts";
import { useWords } from "@/features/language/use-words";
import { Button } from "@/ui/button";
import { Dialog } from "@/ui/dialog";
import { FileChoice } from "@/ui/file-choice";
import { faultText } from "@/words/refusals/faults";
import type { Say } from "@/words/screens/screens";

interface Read {
  readonly name: string;
  readonly doc: unknown;
  readonly faults: readonly Fault[];
  readonly summary: string;
}

/** Reads a class file here, before anything is sent: what it is, or every fault with its path. */
function readText(name: string, text: string, t: Say<"classes">): Read {
  const json = parseJsonText(text);
  if (!json.ok) return { name, doc: null, faults: json.error, summary: "" };
  const checked = checkClass(json.value, LIBRARY_BOOK);
  if (!checked.ok) return { name, doc: null, faults: checked.error, summary: "" };
  const doc = checked.value;
  const summary = t("readAs", {
    title: doc.title,
    clock: clockText(scoreOf(doc, LIBRARY_BOOK).seconds.plan),
    blocks: doc.blocks.length,
  });
  return { name, doc, faults: [], summary };
}

/** Importing a class file: read, shown, and only then stored. */
export function ImportClass() {
  const words = useWords();
  const t = useTexts("classes");
  const router = useRouter();
  const [open, setOpen] = useState(false);
  const [read, setRead] = useState<Read | null>(null);
  const [trouble, setTrouble] = useState<string | null>(null);
  const choose = async (file: File | undefined) => {
    setTrouble(null);
    setRead(file ? readText(file.name, await file.text(), t) : null);
  };
  const store = async () => {
    const result = await api<{ id: string }>("POST", "/api/classes", { doc: read?.doc });
    if (result.ok) router.push(`/classes/${result.value.id}`);
    else setTrouble(result.failure.message);
  };
  return (
    <>
      <Button onClick={() => setOpen(true)}>{t("importFile")}</Button>
      <Dialog
        open={open}
        onOpenChange={setOpen}
        title={t("importClassFile")}
        description={t("fileBrontleExportedPerhaps")}
        wide
      >
        <FileChoice label={t("classFile")} accept=".json,application/json" onChoose={choose} />
        {read && read.faults.length > 0 && (
          <div role="alert" className="mt-4 border-l-4 border-rust pl-3">
            <p className="font-bold text-rust">
              {t("hasFaults", { name: read.name, faults: read.faults.length })}
            </p>
            <ul className="mt-2 max-h-60 space-y-1 overflow-auto">
              {read.faults.map((fault) => (
                <li key={`${fault.path} ${fault.code}`}>
                  <code className="font-bold">{fault.path}</code> {faultText(fault, words)}
                </li>
              ))}
            </ul>
          </div>
        )}
        {read && read.faults.length === 0 && <p className="mt-4 text-lg">{read.summary}</p>}
        {trouble && (
          <p role="alert" className="mt-3 text-rust">
            {trouble}
          </p>
        )}
        <Button look="solid" className="mt-4" disabled={!read || read.faults.length > 0} onClick={store}>
          {t("storeNewClass")}
        </Button>
      </Dialog>
    </>
  );
}
