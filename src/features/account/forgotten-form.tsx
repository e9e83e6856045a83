"use client";
import { yupResolver } from "@hookform/resolvers/yup";
import { useState } from "react";
import { useForm } from "react-hook-form";
import { object, string } from "yup";
import { api } from "@/browser/api";
import { useTexts } from "@/features/language/use-texts";
import { Button } from "@/ui/button";
import { Field } from "@/ui/field";
import { Trouble } from "@/ui/trouble";
import { faultText } from "./faults";
import { MailSent } from "./mail-sent";

const FORGOTTEN = object({
  email: string().required("yourEMailAddress").email("notEMailAddress"),
});

/** Asks for a link to another password. */
export function ForgottenForm({ email, onBack }: { readonly email: string; readonly onBack: () => void }) {
  const t = useTexts("account");
  const [trouble, setTrouble] = useState<string | null>(null);
  const [sentTo, setSentTo] = useState<string | null>(null);
  const form = useForm({ resolver: yupResolver(FORGOTTEN), defaultValues: { email } });
  const { errors, isSubmitting } = form.formState;
  if (sentTo !== null)
    return (
      <MailSent email={sentTo} onBack={onBack}>
        {t("ifThereAccountWith")}
      </MailSent>
    );
  const submit = form.handleSubmit(async (values) => {
    const reply = await api("POST", "/api/auth/request-password-reset", values);
    if (reply.ok) setSentTo(values.email);
    else setTrouble(reply.failure.message);
  });
  return (
    <form onSubmit={submit} noValidate className="space-y-4">
      <Field
        label={t("eMail")}
        type="email"
        autoComplete="username"
        hint={t("addressYouSignWith")}
        fault={faultText(errors.email?.message, t)}
        {...form.register("email")}
      />
      <Trouble>{trouble}</Trouble>
      <div className="flex items-center gap-3">
        <Button look="solid" type="submit" disabled={isSubmitting} className="px-5 py-2.5">
          {t("sendMeLink")}
        </Button>
        <Button look="bare" onClick={onBack}>
          {t("back")}
        </Button>
      </div>
    </form>
  );
}
