"use client";
import { useRouter } from "next/navigation";
import { useState } from "react";
import { api } from "@/browser/api";
import { checkClass } from "@/core/class/check-class";
import { parseJsonText } from "@/core/formats/class-file";
import { LIBRARY_BOOK } from "@/core/moves/library";
import { scoreOf } from "@/core/score/score";
import { clockText } from "@/core/units";
import { type Fault, faultSentence } from "@/core/values/faults";
import { Button } from "@/ui/button";
import { Dialog } from "@/ui/dialog";
import { FileChoice } from "@/ui/file-choice";

interface Read {
  readonly name: string;
  readonly doc: unknown;
  readonly faults: readonly Fault[];
  readonly summary: string;
}

/** Reads a class file here, before anything is sent: what it is, or every fault with its path. */
function readText(name: string, text: string): Read {
  const json = parseJsonText(text);
  if (!json.ok) return { name, doc: null, faults: json.error, summary: "" };
  const checked = checkClass(json.value, LIBRARY_BOOK);
  if (!checked.ok) return { name, doc: null, faults: checked.error, summary: "" };
  const doc = checked.value;
  const summary = `${doc.title}: ${clockText(scoreOf(doc, LIBRARY_BOOK).seconds.plan)} in ${doc.blocks.length} blocks.`;
  return { name, doc, faults: [], summary };
}

/** Importing a class file: read, shown, and only then stored. */
export function ImportClass() {
  const router = useRouter();
  const [open, setOpen] = useState(false);
  const [read, setRead] = useState<Read | null>(null);
  const [trouble, setTrouble] = useState<string | null>(null);
  const choose = async (file: File | undefined) => {
    setTrouble(null);
    setRead(file ? readText(file.name, await file.text()) : null);
  };
  const store = async () => {
    const result = await api<{ id: string }>("POST", "/api/classes", { doc: read?.doc });
    if (result.ok) router.push(`/classes/${result.value.id}`);
    else setTrouble(result.failure.message);
  };
  return (
    <>
      <Button onClick={() => setOpen(true)}>Import a file</Button>
      <Dialog
        open={open}
        onOpenChange={setOpen}
        title="Import a class file"
        description="A file that Brontle exported, perhaps changed in a text editor. Nothing is stored before you say so."
        wide
      >
        <FileChoice label="Class file" accept=".json,application/json" onChoose={choose} />
        {read && read.faults.length > 0 && (
          <div role="alert" className="mt-4 border-l-4 border-rust pl-3">
            <p className="font-bold text-rust">
              {read.name} has {read.faults.length === 1 ? "one fault" : `${read.faults.length} faults`}.
              Nothing was stored.
            </p>
            <ul className="mt-2 max-h-60 space-y-1 overflow-auto">
              {read.faults.map((fault) => (
                <li key={`${fault.path} ${fault.code}`}>
                  <code className="font-bold">{fault.path}</code> {faultSentence(fault)}
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
          Store it as a new class
        </Button>
      </Dialog>
    </>
  );
}
