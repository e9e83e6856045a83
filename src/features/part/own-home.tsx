"use client";
import Link from "next/link";
import { useState } from "react";
import type { Person } from "@/core/homes/home";
import { HomeForm } from "@/features/people/home-form";
import { TwoVersions } from "@/features/records/two-versions";
import { useRecord } from "@/features/records/use-record";

/** A participant's own home, in the same form that the instructor uses. */
export function OwnHome({ token, person }: { readonly token: string; readonly person: Person }) {
  const [saved, setSaved] = useState(false);
  const record = useRecord<Person>(`/api/part/${token}/home`, "person", person);
  const save = async (changed: Person) => {
    const trouble = await record.store(changed);
    setSaved(trouble === null);
    if (trouble === "met") return "Two versions met: choose which one holds.";
    return trouble?.message ?? null;
  };
  const choose = async (holds: "mine" | "theirs") => setSaved((await record.choose(holds)) === null);
  return (
    <main className="mx-auto max-w-3xl px-5 py-5">
      <h1 className="mb-3 text-2xl font-bold">What you have at home</h1>
      {record.meets.length > 0 && <TwoVersions meets={record.meets} onChoose={choose} />}
      <HomeForm key={record.turn} person={record.now} onSave={save} isOwn />
      <p className="mt-5" role="status">
        {saved && <b>Saved. It counts from the next class on. </b>}
        <Link href={`/p/${token}`} className="underline underline-offset-2">
          Back to your part
        </Link>
      </p>
    </main>
  );
}
