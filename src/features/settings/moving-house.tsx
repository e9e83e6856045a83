"use client";
import { useRouter } from "next/navigation";
import { useState } from "react";
import { toast } from "sonner";
import { sendFile } from "@/browser/api";
import { useWords } from "@/features/language/use-words";
import { Button, ButtonLink } from "@/ui/button";
import { Dialog } from "@/ui/dialog";
import { FileChoice } from "@/ui/file-choice";
import { Trouble } from "@/ui/trouble";
import { dayText } from "@/words/when-words";

const KINDS = ["classes", "moves", "people", "sessions", "seasons", "steps", "plans"] as const;

/** What an archive would bring, as the server says it. */
interface Survey {
  readonly studio: string;
  readonly madeAt: string;
  readonly goingOn: number;
  readonly counts: Readonly<
    Record<(typeof KINDS)[number], { readonly comes: number; readonly here: number }>
  >;
}

/** The whole studio as a file, and a file as a studio. */
export function MovingHouse() {
  const words = useWords();
  const [open, setOpen] = useState(false);
  return (
    <section aria-labelledby="moving-house" className="mt-5">
      <h2 id="moving-house" className="text-lg font-bold">
        {words.phrase("archive", "title")}
      </h2>
      <p className="mt-1 text-quiet">{words.phrase("archive", "about")}</p>
      <p className="mt-2 flex flex-wrap gap-2">
        <ButtonLink href="/api/archive" plain>
          {words.phrase("archive", "takeOut")}
        </ButtonLink>
        <Button onClick={() => setOpen(true)}>{words.phrase("archive", "takeIn")}</Button>
      </p>
      <Dialog
        open={open}
        onOpenChange={setOpen}
        title={words.phrase("archive", "takeIn")}
        description={words.phrase("archive", "takeInAbout")}
        wide
      >
        <TakeIn onDone={() => setOpen(false)} />
      </Dialog>
    </section>
  );
}

function TakeIn({ onDone }: { readonly onDone: () => void }) {
  const words = useWords();
  const router = useRouter();
  const [file, setFile] = useState<File | null>(null);
  const [survey, setSurvey] = useState<Survey | null>(null);
  const [busy, setBusy] = useState(false);
  const [trouble, setTrouble] = useState<string | null>(null);
  const send = async (path: string, chosen: File) => {
    setBusy(true);
    const reply = await sendFile<Survey>(path, chosen);
    setBusy(false);
    setTrouble(reply.ok ? null : reply.failure.message);
    return reply.ok ? reply.value : null;
  };
  const choose = async (chosen: File | undefined) => {
    setFile(chosen ?? null);
    setSurvey(null);
    if (chosen) setSurvey(await send("/api/archive/look", chosen));
  };
  const take = async () => {
    if (!file || !(await send("/api/archive", file))) return;
    toast.success(words.phrase("archive", "taken"));
    onDone();
    router.refresh();
  };
  const comes = survey !== null && KINDS.some((kind) => survey.counts[kind].comes > 0);
  return (
    <>
      <FileChoice
        label={words.phrase("archive", "file")}
        accept=".zip,application/zip"
        onChoose={(chosen) => void choose(chosen)}
      />
      <p role="status" className="mt-2">
        {busy && words.phrase("archive", "reading")}
        {survey && !comes && words.phrase("archive", "nothing")}
      </p>
      <Trouble className="mt-2">{trouble}</Trouble>
      {survey && <WhatComes survey={survey} />}
      <Button look="solid" className="mt-4" disabled={busy || !comes} onClick={() => void take()}>
        {words.phrase("archive", "take")}
      </Button>
    </>
  );
}

function WhatComes({ survey }: { readonly survey: Survey }) {
  const words = useWords();
  const { studio, madeAt, goingOn, counts } = survey;
  return (
    <>
      <table className="mt-2 w-full border-collapse text-left">
        <caption className="pb-1 text-left font-bold">
          {words.phrase("archive", "from", { studio, when: dayText(madeAt.slice(0, 10), words) })}
        </caption>
        <thead className="text-quiet">
          <tr className="border-b border-ink">
            <td />
            <th className="w-28 py-1 text-right font-semibold">{words.phrase("archive", "comes")}</th>
            <th className="w-40 text-right font-semibold">{words.phrase("archive", "here")}</th>
          </tr>
        </thead>
        <tbody>
          {KINDS.filter((kind) => counts[kind].comes + counts[kind].here > 0).map((kind) => (
            <tr key={kind} className="border-b border-hairline">
              <th className="py-1 font-normal">{words.name("archived", kind)}</th>
              <td className="text-right font-bold">{counts[kind].comes}</td>
              <td className="text-right">{counts[kind].here}</td>
            </tr>
          ))}
        </tbody>
      </table>
      {goingOn > 0 && <p className="mt-2">{words.phrase("archive", "goingOn", { n: goingOn })}</p>}
    </>
  );
}
