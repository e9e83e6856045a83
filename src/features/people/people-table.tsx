"use client";
import Link from "next/link";
import { useCallback, useState } from "react";
import { MARK_GLYPH, type Person } from "@/core/homes/home";
import { useTexts } from "@/features/language/use-texts";
import { useWords } from "@/features/language/use-words";
import { useFound } from "@/features/search/use-found";
import { Button } from "@/ui/button";
import { SearchField } from "@/ui/search-field";
import { kitText } from "@/words/kit-words";
import type { Say } from "@/words/screens/screens";
import type { Words } from "@/words/words";
import { askHomes } from "./ask-homes";

interface Row {
  readonly id: string;
  readonly doc: Person;
}

function homeText({ kit, units }: Person, words: Words, t: Say<"people">): string {
  if (kit === undefined) return t("notSaidYet");
  return kit.length === 0 ? t("nothing") : kit.map((item) => kitText(item, words, units)).join(", ");
}

function spaceText({ space }: Person, t: Say<"people">): string {
  const parts = [
    space?.ceilingCm !== undefined && space.ceilingCm < 230
      ? t("ceilingCm", { ceilingCm: space.ceilingCm })
      : null,
    space?.jumping === false ? t("noJumpingHome") : null,
    space?.floor ? t("floor", { floor: space.floor }) : null,
  ];
  return parts.filter(Boolean).join(", ");
}

const limitsText = ({ limits = [] }: Person, words: Words) =>
  limits.map((limit) => words.name("limit", limit)).join(", ");

/** Asks those of these lines. */
const ask = (rows: readonly Row[], t: Say<"people">) =>
  askHomes(
    rows.map(({ id, doc }) => ({ id, name: doc.name })),
    t,
  );

/** All that somebody is looked for by. */
function textsOf({ doc }: Row, words: Words, t: Say<"people">): readonly string[] {
  const level = words.name("mark", doc.mark ?? "natural");
  return [
    doc.name,
    doc.email ?? "",
    level,
    homeText(doc, words, t),
    spaceText(doc, t),
    limitsText(doc, words),
  ];
}

/** Everyone in a line each; looked for by name, level, thing or limit. */
export function PeopleTable({ people }: { readonly people: readonly Row[] }) {
  const t = useTexts("people");
  const words = useWords();
  const [typed, setTyped] = useState("");
  const shown = useFound(
    people,
    typed,
    useCallback((row: Row) => textsOf(row, words, t), [words, t]),
  );
  const unsaid = people.filter(({ doc }) => doc.kit === undefined);
  return (
    <>
      <div className="flex items-center gap-4 border-b border-hairline py-2.5">
        <SearchField
          label={t("lookPerson")}
          placeholder={t("nameThingLevelOr")}
          className="w-96"
          value={typed}
          onChange={setTyped}
        />
        {unsaid.length > 1 && (
          <Button look="bare" className="px-1" onClick={() => ask(unsaid, t)}>
            {t("askWhoHaventSaid", { unsaid: unsaid.length })}
          </Button>
        )}
        <p role="status" className="ml-auto text-quiet">
          {t("peopleCount", { n: shown.length })}
        </p>
      </div>
      <table className="w-full border-collapse text-left">
        <thead className="text-quiet">
          <tr className="border-b border-hairline">
            <th className="w-52 py-2 font-semibold">{t("name")}</th>
            <th className="w-24 font-semibold">{t("usualLevel")}</th>
            <th className="font-semibold">{t("home2")}</th>
            <th className="w-40 font-semibold">{t("space")}</th>
            <th className="w-48 font-semibold">{t("limits")}</th>
          </tr>
        </thead>
        <tbody>
          {shown.map((row) => (
            <PersonRow key={row.id} row={row} words={words} />
          ))}
        </tbody>
      </table>
      {shown.length === 0 && <p className="py-6 text-lg">{t("nobodyHasAll")}</p>}
    </>
  );
}

function PersonRow({ row, words }: { readonly row: Row; readonly words: Words }) {
  const t = useTexts("people");
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
            <span className="font-bold text-rust">{t("notSaidYet")}</span>{" "}
            <Button
              look="bare"
              className="px-1 py-0.5"
              aria-label={t("askThemWhatThere", { name: doc.name })}
              onClick={() => ask([row], t)}
            >
              {t("askThem")}
            </Button>
          </>
        ) : (
          homeText(doc, words, t)
        )}
      </td>
      <td className="py-2 pr-4 text-quiet">{spaceText(doc, t)}</td>
      <td className="py-2">{limitsText(doc, words)}</td>
    </tr>
  );
}
