"use client";
import { useRouter } from "next/navigation";
import { type FormEvent, useState } from "react";
import { toast } from "sonner";
import { api } from "@/browser/api";
import { useTexts } from "@/features/language/use-texts";
import { Button } from "@/ui/button";

/** Where the video call is: it stands on everybody's own page until the class begins. */
export function CallLinkField({ id, link }: { readonly id: string; readonly link: string }) {
  const t = useTexts("sessions");
  const router = useRouter();
  const [typed, setTyped] = useState(link);
  const [fault, setFault] = useState<string | null>(null);
  const save = async (event: FormEvent) => {
    event.preventDefault();
    const reply = await api("PUT", `/api/sessions/${id}/call`, { link: typed });
    setFault(reply.ok ? null : reply.failure.message);
    if (!reply.ok) return;
    toast.success(typed.trim() === "" ? t("noLinkCallAny") : t("keptStandsEverybodysPage"));
    router.refresh();
  };
  return (
    <form className="mt-3 flex flex-wrap items-baseline gap-x-3" onSubmit={save} noValidate>
      <label className="flex min-w-0 flex-1 items-baseline gap-3">
        <span className="whitespace-nowrap font-semibold">{t("linkCall")}</span>
        <input
          className="min-w-0 flex-1 border border-quiet bg-white px-2 py-1 aria-invalid:border-2 aria-invalid:border-rust"
          inputMode="url"
          autoComplete="off"
          placeholder="https://…"
          value={typed}
          maxLength={500}
          aria-invalid={fault !== null || undefined}
          aria-describedby={fault === null ? undefined : "call-fault"}
          onChange={(event) => setTyped(event.target.value)}
        />
      </label>
      <Button type="submit" disabled={typed.trim() === link}>
        {t("keep")}
      </Button>
      {fault !== null && (
        <p id="call-fault" role="alert" className="w-full text-rust">
          {fault}
        </p>
      )}
    </form>
  );
}
