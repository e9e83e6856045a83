"use client";
import { useEffect, useMemo, useState } from "react";
import { api } from "@/browser/api";
import type { ClassDoc } from "@/core/class/document";
import { newClass } from "@/core/class/new-class";
import type { Person } from "@/core/homes/home";
import type { KitType } from "@/core/homes/kit";
import { ownRests, type Settings } from "@/core/settings/settings";
import type { Source } from "@/core/starting/started";
import type { StartingPoint } from "@/core/starting/template";
import { useTexts } from "@/features/language/use-texts";
import { useWords } from "@/features/language/use-words";
import type { Say } from "@/words/screens/screens";
import { titlesIn } from "@/words/starting/starting-in";
import type { Chosen, EarlierClass } from "./source-list";
import { useStarted, type Wish } from "./use-started";

export interface StartProps {
  readonly points: readonly StartingPoint[];
  readonly earlier: readonly EarlierClass[];
  readonly people: readonly Person[];
  readonly settings: Settings;
  /** The day of today, `YYYY-MM-DD`. */
  readonly today: string;
  /** An earlier class that the address names. */
  readonly first: { readonly id: string; readonly doc: ClassDoc } | null;
}

/** Documents of earlier classes, fetched once each when they are chosen. */
function useEarlier(chosen: Chosen, first: StartProps["first"]) {
  const [docs, setDocs] = useState<ReadonlyMap<string, ClassDoc>>(
    () => new Map(first ? [[first.id, first.doc]] : []),
  );
  const [trouble, setTrouble] = useState<string | null>(null);
  const id = chosen.from === "class" ? chosen.id : null;
  useEffect(() => {
    if (id === null || docs.has(id)) return;
    void api<{ doc: ClassDoc }>("GET", `/api/classes/${id}`).then((reply) => {
      if (reply.ok) setDocs((now) => new Map(now).set(id, reply.value.doc));
      setTrouble(reply.ok ? null : reply.failure.message);
    });
  }, [id, docs]);
  return { doc: id === null ? null : (docs.get(id) ?? null), trouble };
}

/** What of an earlier class is taken. */
interface Taking {
  readonly id: string;
  readonly blocks: readonly string[];
  readonly step: boolean;
}

function sourceOf(
  chosen: Chosen,
  doc: ClassDoc | null,
  taking: Taking | null,
  settings: Settings,
  t: Say<"starting">,
  tag: string,
): Source | null {
  if (chosen.from === "template") return { template: chosen.id };
  if (chosen.from === "frame")
    return {
      doc: titlesIn(newClass(t("newClass"), settings.teaching.stance, ownRests(settings.teaching)), tag),
    };
  if (!doc) return null;
  if (taking?.id !== chosen.id) return { doc };
  return taking.blocks.length === 0 ? null : { doc, blocks: taking.blocks, step: taking.step };
}

/** The length that a choice comes with, minutes; null where none is promised. */
function ownMinutes(chosen: Chosen, points: readonly StartingPoint[], doc: ClassDoc | null): number | null {
  if (chosen.from === "template") return points.find(({ id }) => id === chosen.id)?.minutes ?? null;
  return chosen.from === "class" ? (doc?.promise?.minutes ?? null) : null;
}

/** Everything that is chosen to begin a class, and the class that comes of it. */
export function useStart({ points, people, settings, today, first }: StartProps) {
  const t = useTexts("starting");
  const words = useWords();
  const [chosen, setChosen] = useState<Chosen>(
    first ? { from: "class", id: first.id } : { from: "template", id: points[0]?.id ?? "" },
  );
  const [asked, setAsked] = useState<ReadonlySet<string>>(() => new Set(people.map(({ id }) => id)));
  const [own, setMinutes] = useState<number | null>(null);
  const [kit, setKit] = useState<readonly KitType[] | null>(null);
  const [title, setTitle] = useState<string | null>(null);
  const [taken, setTaking] = useState<Taking | null>(null);
  const { doc, trouble } = useEarlier(chosen, first);
  // What was ticked of another class says nothing of this one.
  const taking = chosen.from === "class" && taken?.id === chosen.id ? taken : null;
  const isPart = doc !== null && taking !== null && taking.blocks.length < doc.blocks.length;
  const minutes = own ?? (isPart ? null : ownMinutes(chosen, points, doc));
  const wish = useMemo((): Wish | null => {
    const source = sourceOf(chosen, doc, taking, settings, t, words.language);
    const room = people.filter(({ id }) => asked.has(id));
    return source && { source, people: room, minutes, kit };
  }, [chosen, doc, taking, settings, people, asked, minutes, kit, t, words]);
  const started = useStarted(wish, settings, today);
  const made = started?.made ?? null;
  const proposed = made ? `${made.doc.title}${taking?.step ? t("aStepUp") : ""}` : "";
  return {
    chosen,
    choose: (next: Chosen) => {
      setChosen(next);
      setTitle(null);
      setMinutes(null);
    },
    asked,
    setAsked,
    minutes,
    setMinutes,
    kit,
    setKit,
    title: title ?? proposed,
    setTitle,
    /** The earlier class that is chosen, once it is there. */
    doc: chosen.from === "class" ? doc : null,
    taking,
    take: (blocks: readonly string[], step: boolean) =>
      chosen.from === "class" && setTaking({ id: chosen.id, blocks, step }),
    trouble,
    made,
    /** Whether what is made is of what is chosen now. */
    isNow: started !== null && started.wish === wish,
    /** For how many people it was made. */
    count: started?.wish.people.length ?? 0,
  };
}
