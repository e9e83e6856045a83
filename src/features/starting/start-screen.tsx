"use client";
import { useRouter } from "next/navigation";
import { useState } from "react";
import { api } from "@/browser/api";
import { useTexts } from "@/features/language/use-texts";
import { PLACES, TopLine } from "@/features/top-line/top-line";
import { Button, ButtonLink } from "@/ui/button";
import { Trouble } from "@/ui/trouble";
import { ForWhom } from "./for-whom";
import { FromEarlier } from "./from-earlier";
import { MadePreview } from "./made-preview";
import { SourceList } from "./source-list";
import { type StartProps, useStart } from "./use-start";

/** Beginning a class: from what, for whom, how long, with what; and at once what comes of it. */
export function StartScreen(props: StartProps) {
  const t = useTexts("starting");
  const start = useStart(props);
  return (
    <div className="flex h-screen flex-col">
      <TopLine here="classes" places={PLACES}>
        <ButtonLink href="/classes" look="bare">
          {t("backClasses")}
        </ButtonLink>
      </TopLine>
      <main className="grid min-h-0 flex-1 grid-cols-[23rem_minmax(0,1fr)]">
        <section aria-label={t("whatBeginFrom")} className="overflow-auto border-r border-hairline px-3 py-3">
          <h1 className="mb-2 text-xl font-bold">{t("beginFrom")}</h1>
          <SourceList
            points={props.points}
            earlier={props.earlier}
            chosen={start.chosen}
            onChoose={start.choose}
          />
        </section>
        <Wanted {...props} start={start} />
      </main>
    </div>
  );
}

/** The class that comes of it under its title, with all that it is made for. */
function Wanted({ points, people, start }: StartProps & { readonly start: ReturnType<typeof useStart> }) {
  const t = useTexts("starting");
  const router = useRouter();
  const [trouble, setTrouble] = useState<string | null>(null);
  const { chosen, made, doc, taking } = start;
  const store = async (event: React.FormEvent) => {
    event.preventDefault();
    if (!made) return;
    const title = start.title.trim() || made.doc.title;
    const reply = await api<{ id: string }>("POST", "/api/classes", { doc: { ...made.doc, title } });
    if (reply.ok) router.push(`/classes/${reply.value.id}`);
    else setTrouble(reply.failure.message);
  };
  const about = chosen.from === "template" ? points.find(({ id }) => id === chosen.id)?.about : undefined;
  return (
    <form className="flex min-h-0 flex-col" onSubmit={store}>
      <div className="flex items-end gap-4 border-b-2 border-ink px-5 pb-3 pt-3">
        <label className="min-w-0 flex-1">
          <span className="block text-sm text-quiet">{t("title")}</span>
          <input
            className="w-full border-b-2 border-hairline bg-transparent text-2xl font-bold focus:border-ink focus:bg-marker focus:outline-none"
            value={start.title}
            maxLength={120}
            autoComplete="off"
            onChange={(event) => start.setTitle(event.target.value)}
          />
        </label>
        <Button look="solid" type="submit" className="px-5 py-2.5" disabled={!start.isNow}>
          {t("makeClass")}
        </Button>
      </div>
      <div className="min-h-0 flex-1 overflow-auto px-5 py-3">
        <Trouble>{trouble ?? start.trouble}</Trouble>
        <ForWhom
          people={people}
          asked={start.asked}
          onAsk={start.setAsked}
          minutes={start.minutes}
          onMinutes={start.setMinutes}
          kit={start.kit}
          onKit={start.setKit}
        />
        {doc && (
          <FromEarlier
            doc={doc}
            blocks={taking?.blocks ?? doc.blocks.map(({ id }) => id)}
            step={taking?.step ?? false}
            onTake={start.take}
          />
        )}
        <MadePreview about={about ?? null} made={made} isNow={start.isNow} people={start.count} />
      </div>
    </form>
  );
}
