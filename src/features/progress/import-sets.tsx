"use client";
import { useRouter } from "next/navigation";
import { useState } from "react";
import { toast } from "sonner";
import { api } from "@/browser/api";
import { readSetsCsv, type SetFault, type SetsTable } from "@/core/formats/sets-csv";
import { useLibrary } from "@/features/language/use-library";
import { useTexts } from "@/features/language/use-texts";
import { Button } from "@/ui/button";
import { Dialog } from "@/ui/dialog";
import { FileChoice } from "@/ui/file-choice";
import type { PlainKey, Say } from "@/words/screens/screens";

const WORDS: Readonly<Record<SetFault["code"], PlainKey<"progress">>> = {
  "no-column": "columnMissing",
  "unknown-column": "noColumnTable",
  "no-date": "noDaySuch2026",
  "no-move": "noMoveWeKnow",
  "no-number": "noNumberCanBe",
  "reps-or-seconds": "needsRepsOrSeconds",
  "too-many": "moreThanOneTable",
  table: "cantBeRead",
};

const faultText = ({ code, text, near }: SetFault, t: Say<"progress">) =>
  [text && `“${text}”`, t(WORDS[code]), near.length > 0 && t("nearOnes", { near: near.join(", ") })]
    .filter(Boolean)
    .join(" ")
    .replace(" ;", ";");

/** An earlier log of one person as a table: what will be stored is shown first, what is wrong line by line. */
export function ImportSets({ id, name }: { readonly id: string; readonly name: string }) {
  const library = useLibrary();
  const t = useTexts("progress");
  const router = useRouter();
  const [open, setOpen] = useState(false);
  const [read, setRead] = useState<SetsTable | null>(null);
  const choose = async (file: File | undefined) =>
    setRead(file ? readSetsCsv(await file.text(), library) : null);
  const store = async () => {
    const reply = await api<{ added: number }>("POST", `/api/people/${id}/sets`, { sets: read?.sets ?? [] });
    if (!reply.ok) return toast.error(reply.failure.message);
    const { added } = reply.value;
    toast.success(added === 0 ? t("allThemWereKnown") : t("setsMoreKnown", { added, name }));
    setOpen(false);
    setRead(null);
    router.refresh();
  };
  const sets = read?.sets ?? [];
  return (
    <>
      <Button onClick={() => setOpen(true)}>{t("importEarlierLog")}</Button>
      <Dialog
        open={open}
        onOpenChange={setOpen}
        title={t("importEarlierLog")}
        description={t("tableCsvWithHeading")}
        wide
      >
        <FileChoice label={t("tableSets")} accept=".csv,text/csv" onChoose={choose} />
        {read && read.faults.length > 0 && (
          <div role="alert" className="mt-3 max-h-48 overflow-auto border-l-4 border-rust pl-3">
            <p className="font-bold text-rust">{t("theseLinesLeftOut")}</p>
            <ul>
              {read.faults.map((fault) => (
                <li key={`${fault.line} ${fault.column} ${fault.code}`}>
                  <code className="font-bold">
                    {t("lineAt", { line: fault.line, column: fault.column || "no" })}
                  </code>{" "}
                  {faultText(fault, t)}
                </li>
              ))}
            </ul>
          </div>
        )}
        {sets.length > 0 && (
          // biome-ignore lint/a11y/noNoninteractiveTabindex: what scrolls must be reached by the keyboard
          <div tabIndex={0} className="mt-3 max-h-60 overflow-auto">
            <table className="w-full border-collapse text-left">
              <caption className="pb-1 text-left font-bold">{t("whatWillBeStored")}</caption>
              <tbody>
                {sets.map((set, i) => (
                  // biome-ignore lint/suspicious/noArrayIndexKey: two sets may be alike
                  <tr key={i} className="border-b border-hairline">
                    <td className="py-0.5 pr-3">{set.date}</td>
                    <td className="pr-3 font-bold">{library.get(set.move)?.name ?? set.move}</td>
                    <td>
                      {set.kg === undefined ? "" : `${set.kg} kg × `}
                      {set.reps ?? `${set.seconds} s`}
                      {set.rir === undefined ? "" : t("setLeft", { rir: set.rir })}
                    </td>
                  </tr>
                ))}
              </tbody>
            </table>
          </div>
        )}
        <Button look="solid" className="mt-4" disabled={sets.length === 0} onClick={store}>
          {t("storeSets", { sets: sets.length })}
        </Button>
      </Dialog>
    </>
  );
}
