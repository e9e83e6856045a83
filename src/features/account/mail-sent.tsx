"use client";
import type { ReactNode } from "react";
import { useTexts } from "@/features/language/use-texts";
import { Button } from "@/ui/button";

/** A message went out, or would have: the same words whether the address is known here or not. */
export function MailSent(props: {
  readonly email: string;
  readonly children: ReactNode;
  readonly onBack: () => void;
}) {
  const t = useTexts("account");
  return (
    <div role="status" className="space-y-4">
      <p className="text-lg">
        {t("messageItsWay")} <b className="break-all">{props.email}</b>.
      </p>
      <p>{props.children}</p>
      <p className="border-l-4 border-hairline pl-3 text-quiet">
        {t("mailSimulatedHereNothing")} <code className="text-ink">./brontle mail</code>.
      </p>
      <Button look="solid" onClick={props.onBack}>
        {t("backSigning")}
      </Button>
    </div>
  );
}
