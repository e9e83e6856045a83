"use client";
import Link from "next/link";
import { useCallback, useState } from "react";
import { MARK_GLYPH, type Person } from "@/core/homes/home";
import { useWords } from "@/features/language/use-words";
import { useFound } from "@/features/search/use-found";
import { Button } from "@/ui/button";
import { SearchField } from "@/ui/search-field";
import { kitText } from "@/words/kit-words";
import type { Words } from "@/words/words";
import { askHomes } from "./ask-homes";

interface Row {
  readonly id: string;
  readonly doc: Person;
}

function homeText({ kit, units }: Person, words: Words): string {
  if (kit === undefined) return "not said yet";
  return kit.length === 0 ? "nothing" : kit.map((item) => kitText(item, words, units)).join(", ");
}

function spaceText({ space }: Person): string {
  const parts = [
    space?.ceilingCm !== undefined && space.ceilingCm < 230 ? `ceiling ${space.ceilingCm} cm` : null,
    space?.jumping === false ? "no jumping at home" : null,
    space?.floor ? `${space.floor} floor` : null,
  ];
  return parts.filter(Boolean).join(", ");
}

const limitsText = ({ limits = [] }: Person, words: Words) =>
  limits.map((limit) => words.name("limit", limit)).join(", ");

/** Asks those of these lines. */
const ask = (rows: readonly Row[]) => askHomes(rows.map(({ id, doc }) => ({ id, name: doc.name })));

/** All that somebody is looked for by. */
function textsOf({ doc }: Row, words: Words): readonly string[] {
  const level = words.name("mark", doc.mark ?? "natural");
  return [doc.name, doc.email ?? "", level, homeText(doc, words), spaceText(doc), limitsText(doc, words)];
}

/** Everyone in a line each; looked for by name, level, thing or limit. */
export function PeopleTable({ people }: { readonly people: readonly Row[] }) {
  const words = useWords();
  const [typed, setTyped] = useState("");
  const shown = useFound(
    people,
    typed,
    useCallback((row: Row) => textsOf(row, words), [words]),
  );
  const unsaid = people.filter(({ doc }) => doc.kit === undefined);
  return (
    <>
      <div className="flex items-center gap-4 border-b border-hairline py-2.5">
        <SearchField
          label="Look for a person"
          placeholder="A name, thing, level or limit: una, band, not said…"
          className="w-96"
          value={typed}
          onChange={setTyped}
        />
        {unsaid.length > 1 && (
          <Button look="bare" className="px-1" onClick={() => ask(unsaid)}>
            Ask the {unsaid.length} who haven't said what they have
          </Button>
        )}
        <p role="status" className="ml-auto text-quiet">
          {shown.length === 1 ? "1 person" : `${shown.length} people`}
        </p>
      </div>
      <table className="w-full border-collapse text-left">
        <thead className="text-quiet">
          <tr className="border-b border-hairline">
            <th className="w-52 py-2 font-semibold">Name</th>
            <th className="w-24 font-semibold">Usual level</th>
            <th className="font-semibold">At home</th>
            <th className="w-40 font-semibold">Space</th>
            <th className="w-48 font-semibold">Limits</th>
          </tr>
        </thead>
        <tbody>
          {shown.map((row) => (
            <PersonRow key={row.id} row={row} words={words} />
          ))}
        </tbody>
      </table>
      {shown.length === 0 && <p className="py-6 text-lg">Nobody has all of that.</p>}
    </>
  );
}

function PersonRow({ row, words }: { readonly row: Row; readonly words: Words }) {
  const { id, doc } = row;
  return (
    <tr className="border-b border-hairline align-top">
      <td className="py-2 pr-3">
        <Link
          href={`/people/${id}`}
          className="font-bold underline decoration-hairline underline-offset-4 hover:decoration-ink"
        >
          {doc.name}
        </Link>
        {doc.email && <span className="block truncate text-sm text-quiet">{doc.email}</span>}
      </td>
      <td className="whitespace-nowrap py-2">
        {MARK_GLYPH[doc.mark ?? "natural"]} {words.name("mark", doc.mark ?? "natural")}
      </td>
      <td className="py-2 pr-6">
        {doc.kit === undefined ? (
          <>
            <span className="font-bold text-rust">not said yet</span>{" "}
            <Button
              look="bare"
              className="px-1 py-0.5"
              aria-label={`Ask them: ${doc.name}, what is there`}
              onClick={() => ask([row])}
            >
              Ask them
            </Button>
          </>
        ) : (
          homeText(doc, words)
        )}
      </td>
      <td className="py-2 pr-4 text-quiet">{spaceText(doc)}</td>
      <td className="py-2">{limitsText(doc, words)}</td>
    </tr>
  );
}
