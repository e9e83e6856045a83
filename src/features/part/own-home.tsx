"use client";
import Link from "next/link";
import { useState } from "react";
import { api } from "@/browser/api";
import type { Person } from "@/core/homes/home";
import { HomeForm } from "@/features/people/home-form";

/** A participant's own home, in the same form that the instructor uses. */
export function OwnHome({ token, person }: { readonly token: string; readonly person: Person }) {
  const [saved, setSaved] = useState(false);
  const save = async (changed: Person) => {
    const result = await api("PUT", `/api/part/${token}/home`, { person: changed });
    setSaved(result.ok);
    return result.ok ? null : result.failure.message;
  };
  return (
    <main className="mx-auto max-w-3xl px-5 py-5">
      <h1 className="mb-3 text-2xl font-bold">What you have at home</h1>
      <HomeForm person={person} onSave={save} />
      <p className="mt-5" role="status">
        {saved && <b>Saved. It counts from the next class on. </b>}
        <Link href={`/p/${token}`} className="underline underline-offset-2">
          Back to your part
        </Link>
      </p>
    </main>
  );
}
