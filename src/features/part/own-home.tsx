"use client";
import Link from "next/link";
import { useRouter } from "next/navigation";
import { useState } from "react";
import type { Person } from "@/core/homes/home";
import { OwnLanguage } from "@/features/language/own-language";
import { useWords } from "@/features/language/use-words";
import { HomeForm } from "@/features/people/home-form";
import { TwoVersions } from "@/features/records/two-versions";
import { useRecord } from "@/features/records/use-record";
import { failureText } from "@/words/failure-words";

interface Props {
  readonly token: string;
  readonly person: Person;
  /** What the library's moves are called where that isn't English, by id. */
  readonly moveNames?: Readonly<Record<string, string>> | undefined;
}

/** A participant's own home, in the same form that the instructor uses. */
export function OwnHome(props: Props) {
  // The language may be another once it was saved: the page is drawn anew in it.
  return (
    <OwnLanguage person={props.person}>
      <Home {...props} />
    </OwnLanguage>
  );
}

function Home({ token, person, moveNames }: Props) {
  const router = useRouter();
  const words = useWords();
  const [saved, setSaved] = useState(false);
  const record = useRecord<Person>(`/api/part/${token}/home`, "person", person);
  const save = async (changed: Person) => {
    const trouble = await record.store(changed);
    setSaved(trouble === null);
    if (trouble === null) router.refresh();
    if (trouble === "met") return words.phrase("home", "twoVersions");
    return trouble && failureText(trouble, words);
  };
  const choose = async (holds: "mine" | "theirs") => setSaved((await record.choose(holds)) === null);
  return (
    <main className="mx-auto max-w-3xl px-5 py-5">
      <h1 className="mb-3 text-2xl font-bold">{words.phrase("home", "yours")}</h1>
      {record.meets.length > 0 && <TwoVersions meets={record.meets} onChoose={choose} />}
      <HomeForm key={record.turn} person={record.now} moveNames={moveNames} onSave={save} isOwn />
      <p className="mt-5" role="status">
        {saved && <b>{words.phrase("home", "saved")} </b>}
        <Link href={`/p/${token}`} className="underline underline-offset-2">
          {words.phrase("home", "back")}
        </Link>
      </p>
    </main>
  );
}
