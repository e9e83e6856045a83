import Link from "next/link";
import { MARK_GLYPH, type Person } from "@/core/homes/home";
import { SignOut } from "@/features/account/sign-out";
import { HOUSE_LANGUAGE } from "@/features/language/house";
import { ButtonLink } from "@/ui/button";
import { PLACES, TopLine } from "@/ui/top-line";
import { kitText } from "@/words/kit-words";
import { wordsIn } from "@/words/languages";
import type { Words } from "@/words/words";
import { ImportRoster } from "./import-roster";

function homeText({ kit }: Person, words: Words): string {
  if (kit === undefined) return "not said yet";
  return kit.length === 0 ? "nothing" : kit.map((item) => kitText(item, words)).join(", ");
}

function spaceText({ space }: Person): string {
  const parts = [
    space?.ceilingCm !== undefined && space.ceilingCm < 230 ? `ceiling ${space.ceilingCm} cm` : null,
    space?.jumping === false ? "no jumping at home" : null,
    space?.floor ? `${space.floor} floor` : null,
  ];
  return parts.filter(Boolean).join(", ");
}

/** Everyone, with what they have and what limits them, in a line each. */
export function PeopleList(props: {
  readonly studio: string;
  readonly people: readonly { readonly id: string; readonly doc: Person }[];
}) {
  const words = wordsIn(HOUSE_LANGUAGE);
  return (
    <>
      <TopLine here="People" places={PLACES}>
        <SignOut name={props.studio} />
      </TopLine>
      <main className="mx-auto max-w-6xl px-6 py-6">
        <div className="flex items-baseline justify-between border-b-2 border-ink pb-2">
          <h1 className="text-2xl font-bold">People and their homes</h1>
          <div className="flex gap-2">
            <ImportRoster people={props.people.map((row) => row.doc)} />
            <ButtonLink href="/api/people/export?form=csv" plain>
              Table
            </ButtonLink>
            <ButtonLink href="/api/people/export" plain>
              Roster file
            </ButtonLink>
            <ButtonLink href="/people/new" look="solid">
              Add a person
            </ButtonLink>
          </div>
        </div>
        {props.people.length === 0 ? (
          <p className="max-w-lg py-10 text-lg">
            Nobody is on the list yet. Add the people you teach and tick what they have at home: every class
            then shows what each of them will do. Nothing at all is a valid answer.
          </p>
        ) : (
          <table className="w-full border-collapse text-left">
            <thead className="text-quiet">
              <tr className="border-b border-hairline">
                <th className="w-44 py-2 font-semibold">Name</th>
                <th className="w-28 font-semibold">Usual level</th>
                <th className="font-semibold">At home</th>
                <th className="w-48 font-semibold">Space</th>
                <th className="w-48 font-semibold">Limits</th>
              </tr>
            </thead>
            <tbody>
              {props.people.map(({ id, doc }) => (
                <tr key={id} className="border-b border-hairline align-top">
                  <td className="py-2.5">
                    <Link
                      href={`/people/${id}`}
                      className="font-bold underline decoration-hairline underline-offset-4 hover:decoration-ink"
                    >
                      {doc.name}
                    </Link>
                  </td>
                  <td className="py-2.5">
                    {MARK_GLYPH[doc.mark ?? "natural"]} {words.name("mark", doc.mark ?? "natural")}
                  </td>
                  <td className={`py-2.5 pr-6 ${doc.kit === undefined ? "font-bold text-rust" : ""}`}>
                    {homeText(doc, words)}
                  </td>
                  <td className="py-2.5 pr-4 text-quiet">{spaceText(doc)}</td>
                  <td className="py-2.5">
                    {(doc.limits ?? []).map((limit) => words.name("limit", limit)).join(", ")}
                  </td>
                </tr>
              ))}
            </tbody>
          </table>
        )}
      </main>
    </>
  );
}
