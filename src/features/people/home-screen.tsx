"use client";
import Link from "next/link";
import { useRouter, useSearchParams } from "next/navigation";
import { type ReactNode, useState } from "react";
import { toast } from "sonner";
import { api } from "@/browser/api";
import type { Person } from "@/core/homes/home";
import { useMoveTexts } from "@/features/language/use-library";
import { useTexts } from "@/features/language/use-texts";
import { TwoVersions } from "@/features/records/two-versions";
import { useRecord } from "@/features/records/use-record";
import { PLACES, TopLine } from "@/features/top-line/top-line";
import { Button } from "@/ui/button";
import { Dialog } from "@/ui/dialog";
import { askHomes } from "./ask-homes";
import { HomeForm } from "./home-form";
import { PersonalLink } from "./personal-link";

/** The class from whose room somebody came here; null where they came from elsewhere. */
function useBack(): string | null {
  const back = useSearchParams().get("back");
  return back !== null && /^\/classes\/[0-9a-f-]+#room$/.test(back) ? back : null;
}

/** Who comes after this person in the list, not having said anything yet where there is somebody. */
export interface NextPerson {
  readonly id: string;
  readonly name: string;
}

/** One person's home, on a page of its own. `id` null: somebody new. */
export function HomeScreen({
  id,
  person,
  hasLink,
  owner = true,
  next = null,
  children,
}: {
  readonly next?: NextPerson | null;
  /** Only an owner removes people. */
  readonly owner?: boolean;
  /** Their classes so far and what is kept of them. */
  readonly children?: ReactNode;
  readonly id: string | null;
  readonly person: Person;
  readonly hasLink: boolean;
}) {
  const t = useTexts("people");
  const texts = useMoveTexts();
  const router = useRouter();
  const [asking, setAsking] = useState(false);
  // Somebody else new begins with an empty form.
  const [turn, setTurn] = useState(0);
  const record = useRecord<Person>(`/api/people/${id}`, "person", person);
  const back = useBack();
  const saved = (name: string, on = false) => {
    toast.success(t("saved", { name }));
    const after = id === null ? "/people/new" : `/people/${next?.id}`;
    router.push(on ? after : (back ?? "/people"));
    router.refresh();
  };
  const save = async (changed: Person, on: boolean): Promise<string | null> => {
    if (id === null) {
      const { id: _made, ...fresh } = changed;
      const result = await api("POST", "/api/people", { person: fresh });
      if (!result.ok) return result.failure.message;
      if (on) setTurn((now) => now + 1);
    } else {
      const trouble = await record.store(changed);
      if (trouble === "met") return t("twoVersionsMetChoose");
      if (trouble) return trouble.message;
    }
    saved(changed.name, on);
    return null;
  };
  const choose = async (holds: "mine" | "theirs") => {
    const trouble = await record.choose(holds);
    if (trouble === null) saved(person.name);
    else if (trouble !== "met") toast.error(trouble.message);
  };
  const remove = async () => {
    const result = await api("DELETE", `/api/people/${id}`);
    if (result.ok) {
      router.push("/people");
      router.refresh();
    } else toast.error(result.failure.message);
  };
  return (
    <>
      <TopLine here="people" places={PLACES} />
      <main className="mx-auto max-w-5xl px-6 py-5">
        <h1 className="sr-only">{id === null ? t("newPerson") : t("home", { name: person.name })}</h1>
        {back && (
          <p className="mb-2">
            <Link className="underline underline-offset-2" href={back}>
              {t("backRoom")}
            </Link>
          </p>
        )}
        {record.meets.length > 0 && <TwoVersions meets={record.meets} onChoose={choose} />}
        <HomeForm
          key={`${id} ${turn}`}
          person={person}
          moveNames={texts?.names}
          onSave={save}
          {...(id === null ? { next: t("saveAddAnother") } : {})}
          {...(id !== null && next ? { next: t("saveNext", { name: next.name }) } : {})}
          {...(id === null ? {} : { onAsk: () => askHomes([{ id, name: person.name }], t) })}
        />
        {id !== null && <PersonalLink id={id} name={person.name} has={hasLink} />}
        {children}
        {id !== null && owner && (
          <p className="mt-6 border-t border-hairline pt-3">
            <Button look="bare" className="px-0" onClick={() => setAsking(true)}>
              {t("removeEverythingKeptThem", { name: person.name })}
            </Button>
          </p>
        )}
        <Dialog
          open={asking}
          onOpenChange={setAsking}
          title={t("remove", { name: person.name })}
          description={t("theirHomeLimitsAnswers")}
        >
          <div className="flex gap-2">
            <Button look="solid" onClick={remove}>
              {t("remove2")}
            </Button>
            <Button onClick={() => setAsking(false)}>{t("keep")}</Button>
          </div>
        </Dialog>
      </main>
    </>
  );
}
