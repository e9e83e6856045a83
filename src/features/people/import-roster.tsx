"use client";
import { useRouter } from "next/navigation";
import { useState } from "react";
import { toast } from "sonner";
import { api } from "@/browser/api";
import { type Fault, faultSentence } from "@/core/class/faults";
import { parseJsonText } from "@/core/formats/class-file";
import { checkRoster } from "@/core/homes/roster";
import { Button } from "@/ui/button";
import { Dialog } from "@/ui/dialog";

interface Read {
  readonly roster: unknown;
  readonly names: readonly string[];
  readonly faults: readonly Fault[];
}

function readText(text: string): Read {
  const json = parseJsonText(text);
  if (!json.ok) return { roster: null, names: [], faults: json.error };
  const checked = checkRoster(json.value);
  if (!checked.ok) return { roster: null, names: [], faults: checked.error };
  return { roster: checked.value, names: checked.value.people.map((person) => person.name), faults: [] };
}

/** Importing people from a roster file: shown first; the same id updates rather than doubles. */
export function ImportRoster() {
  const router = useRouter();
  const [open, setOpen] = useState(false);
  const [read, setRead] = useState<Read | null>(null);
  const choose = async (file: File | undefined) => setRead(file ? readText(await file.text()) : null);
  const store = async () => {
    const result = await api<{ count: number }>("POST", "/api/people/import", { roster: read?.roster });
    if (!result.ok) {
      toast.error(result.failure.message);
      return;
    }
    toast.success(`${result.value.count} people are in the list.`);
    setOpen(false);
    router.refresh();
  };
  return (
    <>
      <Button onClick={() => setOpen(true)}>Import a roster</Button>
      <Dialog
        open={open}
        onOpenChange={setOpen}
        title="Import a roster file"
        description="Nothing is stored before you say so. A person whose id is here already is updated."
        wide
      >
        <input
          type="file"
          accept=".json,application/json"
          aria-label="Roster file"
          className="w-full border border-quiet bg-white p-2"
          onChange={(event) => choose(event.target.files?.[0])}
        />
        {read && read.faults.length > 0 && (
          <ul role="alert" className="mt-4 max-h-60 space-y-1 overflow-auto border-l-4 border-rust pl-3">
            {read.faults.map((fault) => (
              <li key={`${fault.path} ${fault.code}`}>
                <code className="font-bold">{fault.path}</code> {faultSentence(fault)}
              </li>
            ))}
          </ul>
        )}
        {read && read.faults.length === 0 && (
          <p className="mt-4">
            <b>{read.names.length} people:</b> {read.names.join(", ")}
          </p>
        )}
        <Button look="solid" className="mt-4" disabled={!read || read.faults.length > 0} onClick={store}>
          Store these people
        </Button>
      </Dialog>
    </>
  );
}
