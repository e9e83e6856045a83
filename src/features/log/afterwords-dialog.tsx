"use client";
import { type FormEvent, useEffect, useState } from "react";
import { toast } from "sonner";
import { api } from "@/browser/api";
import { useTexts } from "@/features/language/use-texts";
import { Button } from "@/ui/button";
import { Dialog } from "@/ui/dialog";

interface Proposed {
  readonly text: string;
  readonly people: number;
}

/** A letter to those who were there: proposed from the log, changed as one likes, laid into the outbox. */
export function AfterwordsDialog({ id }: { readonly id: string }) {
  const t = useTexts("log");
  const [open, setOpen] = useState(false);
  return (
    <>
      <Button onClick={() => setOpen(true)}>{t("writeThoseWhoWere")}</Button>
      <Dialog
        open={open}
        onOpenChange={setOpen}
        wide
        title={t("thoseWhoWereThere")}
        description={t("greetingWithTheirName")}
      >
        {open && <Letter id={id} onDone={() => setOpen(false)} />}
      </Dialog>
    </>
  );
}

function Letter({ id, onDone }: { readonly id: string; readonly onDone: () => void }) {
  const t = useTexts("log");
  const [proposed, setProposed] = useState<Proposed | null>(null);
  const [text, setText] = useState("");
  const [fault, setFault] = useState<string | null>(null);
  const [busy, setBusy] = useState(false);
  useEffect(() => {
    let over = false;
    void api<Proposed>("GET", `/api/sessions/${id}/text`).then((reply) => {
      if (over) return;
      if (!reply.ok) return setFault(reply.failure.message);
      setProposed(reply.value);
      setText(reply.value.text);
    });
    return () => {
      over = true;
    };
  }, [id]);
  const send = async (event: FormEvent) => {
    event.preventDefault();
    setBusy(true);
    const reply = await api<{ written: number }>("POST", `/api/sessions/${id}/text`, { text });
    setBusy(false);
    if (!reply.ok) return setFault(reply.failure.message);
    toast.success(t("inOutbox", { written: reply.value.written }));
    onDone();
  };
  return (
    <form onSubmit={send} noValidate>
      {proposed === null && fault === null && <p className="text-quiet">{t("lookingWhatWasDone")}</p>}
      {proposed !== null && (
        <textarea
          aria-label={t("letter")}
          className="h-72 w-full border border-quiet bg-white px-2 py-1.5 leading-relaxed"
          maxLength={8000}
          value={text}
          onChange={(event) => setText(event.target.value)}
        />
      )}
      {fault !== null && (
        <p role="alert" className="mt-2 text-rust">
          {fault}
        </p>
      )}
      {proposed !== null && (
        <p className="mt-3 flex items-baseline gap-3">
          <Button look="solid" type="submit" disabled={busy || text.trim() === "" || proposed.people === 0}>
            {t("putIntoOutbox")}
          </Button>
          <span className="text-quiet">
            {proposed.people === 0 ? t("nobodyWasThere") : t("forPeople", { people: proposed.people })}
          </span>
        </p>
      )}
    </form>
  );
}
