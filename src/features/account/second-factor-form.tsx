"use client";
import { useState } from "react";
import { useForm } from "react-hook-form";
import { api } from "@/browser/api";
import { useTexts } from "@/features/language/use-texts";
import { Button } from "@/ui/button";
import { Field } from "@/ui/field";
import { Trouble } from "@/ui/trouble";

/** The second step of signing in: the six digits that a program on one's phone shows, or a spare code. */
export function SecondFactorForm(props: { readonly onIn: () => void; readonly onBack: () => void }) {
  const t = useTexts("account");
  const [spare, setSpare] = useState(false);
  const [trouble, setTrouble] = useState<string | null>(null);
  const form = useForm({ defaultValues: { code: "" } });
  const submit = form.handleSubmit(async ({ code }) => {
    const path = spare ? "verify-backup-code" : "verify-totp";
    const reply = await api("POST", `/api/auth/two-factor/${path}`, { code: code.trim() });
    if (reply.ok) return props.onIn();
    setTrouble(reply.failure.message);
    form.reset();
    form.setFocus("code");
  });
  const other = () => {
    setSpare(!spare);
    setTrouble(null);
    form.reset();
    form.setFocus("code");
  };
  return (
    <form onSubmit={submit} noValidate className="space-y-4">
      <Field
        label={spare ? t("oneYourSpareCodes") : t("yourSecondFactor")}
        hint={spare ? t("eachWorksOnce") : t("sixDigitsProgramYour")}
        inputMode={spare ? "text" : "numeric"}
        autoComplete="one-time-code"
        autoFocus
        {...form.register("code")}
      />
      <Trouble>{trouble}</Trouble>
      <div className="flex items-center gap-3">
        <Button look="solid" type="submit" disabled={form.formState.isSubmitting} className="px-5 py-2.5">
          {t("sign")}
        </Button>
        <Button look="bare" onClick={other}>
          {spare ? t("useSixDigits") : t("useSpareCode")}
        </Button>
        <Button look="bare" onClick={props.onBack}>
          {t("back")}
        </Button>
      </div>
    </form>
  );
}
