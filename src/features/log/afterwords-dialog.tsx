"use client";
import { type FormEvent, useEffect, useState } from "react";
import { toast } from "sonner";
import { api } from "@/browser/api";
import { Button } from "@/ui/button";
import { Dialog } from "@/ui/dialog";

interface Proposed {
  readonly text: string;
  readonly people: number;
}

/** A letter to those who were there: proposed from the log, changed as one likes, laid into the outbox. */
export function AfterwordsDialog({ id }: { readonly id: string }) {
  const [open, setOpen] = useState(false);
  return (
    <>
      <Button onClick={() => setOpen(true)}>Write to those who were there</Button>
      <Dialog
        open={open}
        onOpenChange={setOpen}
        wide
        title="To those who were there"
        description="A greeting with their name goes before it and the studio’s name after it. It says nothing of anybody by itself."
      >
        {open && <Letter id={id} onDone={() => setOpen(false)} />}
      </Dialog>
    </>
  );
}

function Letter({ id, onDone }: { readonly id: string; readonly onDone: () => void }) {
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
    toast.success(`${reply.value.written} in the outbox.`);
    onDone();
  };
  return (
    <form onSubmit={send} noValidate>
      {proposed === null && fault === null && <p className="text-quiet">Looking what was done…</p>}
      {proposed !== null && (
        <textarea
          aria-label="The letter"
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
            Put it into the outbox
          </Button>
          <span className="text-quiet">
            {proposed.people === 0
              ? "Nobody was there."
              : `For ${proposed.people} ${proposed.people === 1 ? "person" : "people"}.`}
          </span>
        </p>
      )}
    </form>
  );
}
