"use client";
import { useRouter } from "next/navigation";
import { useState } from "react";
import { api } from "@/browser/api";
import { useTexts } from "@/features/language/use-texts";
import { Button } from "@/ui/button";
import { Trouble } from "@/ui/trouble";

/** One press for somebody who is signed in: from then on they teach in this studio. */
export function JoinStudio(props: {
  readonly token: string;
  readonly studio: string;
  readonly name: string;
}) {
  const t = useTexts("account");
  const router = useRouter();
  const [trouble, setTrouble] = useState<string | null>(null);
  const join = async () => {
    const reply = await api("POST", "/api/join", { token: props.token });
    if (!reply.ok) return setTrouble(reply.failure.message);
    router.push("/classes");
    router.refresh();
  };
  return (
    <>
      <p className="mb-4">
        {t("youSigned")} <b>{props.name}</b>.
      </p>
      <Button look="solid" className="px-5 py-2.5" onClick={join}>
        {t("teach", { studio: props.studio })}
      </Button>
      <Trouble className="mt-3">{trouble}</Trouble>
    </>
  );
}
