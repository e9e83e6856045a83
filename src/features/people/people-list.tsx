import type { Person } from "@/core/homes/home";
import { SignOut } from "@/features/account/sign-out";
import { ButtonLink } from "@/ui/button";
import { PLACES, TopLine } from "@/ui/top-line";
import { ImportRoster } from "./import-roster";
import { PasteNames } from "./paste-names";
import { PeopleTable } from "./people-table";

/** Everyone, with what they have and what limits them, in a line each. */
export function PeopleList(props: {
  readonly studio: string;
  readonly people: readonly { readonly id: string; readonly doc: Person }[];
}) {
  const people = props.people.map((row) => row.doc);
  const names = people.map(({ id, name }) => ({ id, name }));
  return (
    <>
      <TopLine here="People" places={PLACES}>
        <SignOut name={props.studio} />
      </TopLine>
      <main className="mx-auto max-w-6xl px-6 py-6">
        <div className="flex items-baseline justify-between border-b-2 border-ink pb-2">
          <h1 className="text-2xl font-bold">People and their homes</h1>
          <div className="flex gap-2">
            {people.length > 0 && (
              <>
                <ButtonLink href="/api/people/export?form=csv" plain>
                  Download the table
                </ButtonLink>
                <ButtonLink href="/api/people/export" plain>
                  Download the roster
                </ButtonLink>
              </>
            )}
            <ImportRoster people={people} />
            <PasteNames known={names} look={people.length === 0 ? "solid" : "line"} />
            <ButtonLink href="/people/new" look={people.length === 0 ? "line" : "solid"}>
              Add a person
            </ButtonLink>
          </div>
        </div>
        {people.length === 0 ? (
          <p className="max-w-lg py-10 text-lg">
            Nobody is on the list yet. Paste the names of the people you teach: what each has at home you can
            tick here, or they say it themselves. Every class then shows what each of them will do. Nothing at
            all is a valid answer.
          </p>
        ) : (
          <PeopleTable people={props.people} />
        )}
      </main>
    </>
  );
}
