"use client";
import Link from "next/link";
import type { ClassDoc } from "@/core/class/document";
import type { Person } from "@/core/homes/home";
import { partsFor } from "@/core/parts/everyone";
import { useLibrary } from "@/features/language/use-library";
import { useTexts } from "@/features/language/use-texts";
import { useWords } from "@/features/language/use-words";
import { classSheet, type SheetRow } from "@/files/sheet/class-sheet";
import { PrintButton } from "./print-button";

/** The class on one printed page. */
export function ClassSheet(props: {
  readonly id: string;
  readonly doc: ClassDoc;
  readonly people: readonly Person[];
  readonly studio: string;
  /** The day of today, `YYYY-MM-DD`. */
  readonly today: string;
}) {
  const t = useTexts("sheet");
  const { id, doc, people, studio, today } = props;
  const library = useLibrary();
  const words = useWords();
  const parts = partsFor(doc, people, library, { on: today });
  const sheet = classSheet({ doc, library, parts, studio }, words);
  return (
    <main className="mx-auto max-w-4xl bg-white px-8 py-6 print:max-w-none print:p-0">
      <p className="no-print mb-4 flex items-center gap-4">
        <Link className="underline" href={`/classes/${id}`}>
          {t("backDesk")}
        </Link>
        <PrintButton />
      </p>
      <header className="flex items-baseline justify-between border-b-2 border-ink pb-1">
        <h1 className="text-xl font-bold">{sheet.title}</h1>
        <p>
          {sheet.studio} · <b>{sheet.total}</b>
          {sheet.bounds && ` (${sheet.bounds})`}
        </p>
      </header>
      {sheet.blocks.map((block) => (
        <section key={block.id} className="mt-2 break-inside-avoid">
          <h2 className="flex items-baseline gap-3 border-b border-ink font-bold">
            <span className="w-10 shrink-0">{block.start}</span>
            <span className="whitespace-nowrap">{block.title}</span>
            <span className="flex-1 text-[0.92em] font-normal">{block.sentence}</span>
            <span className="ml-auto">{block.length}</span>
          </h2>
          <table className="w-full border-collapse text-left">
            <caption className="sr-only">{words.phrase("sheet", "movesOf", { block: block.title })}</caption>
            <tbody>
              {block.rows.map((row) => (
                <SlotRows key={row.slot} {...row} />
              ))}
            </tbody>
          </table>
        </section>
      ))}
      <footer className="mt-3 border-t-2 border-ink pt-1">
        <p className="font-bold">{sheet.kit}</p>
        <p className="text-quiet">{sheet.safety}</p>
      </footer>
    </main>
  );
}

/** A move in a line; what others do instead in a second, small one. */
function SlotRows({ number, move, dose, flat, sharp, others }: SheetRow) {
  return (
    <>
      <tr className={others ? "align-top" : "border-b border-hairline align-top"}>
        <td className="w-5">{number}</td>
        <td className="w-[28%] font-bold">{move}</td>
        <td className="w-[26%]">{dose}</td>
        <td className="pr-3">{flat}</td>
        <td>{sharp}</td>
      </tr>
      {others && (
        <tr className="border-b border-hairline align-top text-[0.88em] text-quiet">
          <td />
          <td colSpan={4}>{others}</td>
        </tr>
      )}
    </>
  );
}
