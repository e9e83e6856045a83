"use client";
import type { Person } from "@/core/homes/home";
import { SignOut } from "@/features/account/sign-out";
import { useTexts } from "@/features/language/use-texts";
import { PLACES, TopLine } from "@/features/top-line/top-line";
import { ButtonLink } from "@/ui/button";
import { ImportRoster } from "./import-roster";
import { PasteNames } from "./paste-names";
import { PeopleTable } from "./people-table";

/** Everyone, with what they have and what limits them, in a line each. */
export function PeopleList(props: {
  readonly studio: string;
  readonly people: readonly { readonly id: string; readonly doc: Person }[];
}) {
  const t = useTexts("people");
  const people = props.people.map((row) => row.doc);
  const names = people.map(({ id, name }) => ({ id, name }));
  return (
    <>
      <TopLine here="people" places={PLACES}>
        <SignOut name={props.studio} />
      </TopLine>
      <main className="mx-auto max-w-6xl px-6 py-6">
        <div className="flex items-baseline justify-between border-b-2 border-ink pb-2">
          <h1 className="text-2xl font-bold">{t("peopleTheirHomes")}</h1>
          <div className="flex gap-2">
            {people.length > 0 && (
              <>
                <ButtonLink href="/api/people/export?form=csv" plain>
                  {t("downloadTable")}
                </ButtonLink>
                <ButtonLink href="/api/people/export" plain>
                  {t("downloadRoster")}
                </ButtonLink>
              </>
            )}
            <ImportRoster people={people} />
            <PasteNames known={names} look={people.length === 0 ? "solid" : "line"} />
            <ButtonLink href="/people/new" look={people.length === 0 ? "line" : "solid"}>
              {t("addPerson")}
            </ButtonLink>
          </div>
        </div>
        {people.length === 0 ? (
          <p className="max-w-lg py-10 text-lg">{t("nobodyListYetPaste")}</p>
        ) : (
          <PeopleTable people={props.people} />
        )}
      </main>
    </>
  );
}
