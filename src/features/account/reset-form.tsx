"use client";
import { yupResolver } from "@hookform/resolvers/yup";
import Link from "next/link";
import { useState } from "react";
import { useForm } from "react-hook-form";
import { object } from "yup";
import { api } from "@/browser/api";
import { useTexts } from "@/features/language/use-texts";
import { Button } from "@/ui/button";
import { Trouble } from "@/ui/trouble";
import { faultText } from "./faults";
import { NEW_PASSWORD, NewPasswordField } from "./new-password-field";

const RESET = object({ newPassword: NEW_PASSWORD });

/** Sets another password with the link from a mail. */
export function ResetForm({ token }: { readonly token: string }) {
  const t = useTexts("account");
  const [trouble, setTrouble] = useState<string | null>(null);
  const [done, setDone] = useState(false);
  const form = useForm({ resolver: yupResolver(RESET), defaultValues: { newPassword: "" } });
  const { errors, isSubmitting } = form.formState;
  const submit = form.handleSubmit(async (values) => {
    const reply = await api("POST", "/api/auth/reset-password", { ...values, token });
    if (reply.ok) setDone(true);
    else setTrouble(reply.failure.message);
  });
  if (done)
    return (
      <p role="status" className="text-lg">
        {t("yourPasswordNowEvery")}{" "}
        <Link href="/sign-in" className="font-bold underline underline-offset-4">
          {t("sign")}
        </Link>
      </p>
    );
  return (
    <form onSubmit={submit} noValidate className="space-y-4">
      <NewPasswordField
        label={t("newPassword")}
        fault={faultText(errors.newPassword?.message, t)}
        {...form.register("newPassword")}
      />
      <Trouble>{trouble}</Trouble>
      <Button look="solid" type="submit" disabled={isSubmitting} className="px-5 py-2.5">
        {t("set")}
      </Button>
    </form>
  );
}
