"use client";
import { yupResolver } from "@hookform/resolvers/yup";
import { useState } from "react";
import { useForm } from "react-hook-form";
import { object, string } from "yup";
import { api } from "@/browser/api";
import { Button } from "@/ui/button";
import { Field } from "@/ui/field";
import { Trouble } from "@/ui/trouble";
import { MailSent } from "./mail-sent";

const FORGOTTEN = object({
  email: string().required("Your e-mail address is missing.").email("That is not an e-mail address."),
});

/** Asks for a link to another password. */
export function ForgottenForm({ email, onBack }: { readonly email: string; readonly onBack: () => void }) {
  const [trouble, setTrouble] = useState<string | null>(null);
  const [sentTo, setSentTo] = useState<string | null>(null);
  const form = useForm({ resolver: yupResolver(FORGOTTEN), defaultValues: { email } });
  const { errors, isSubmitting } = form.formState;
  if (sentTo !== null)
    return (
      <MailSent email={sentTo} onBack={onBack}>
        If there is an account with this address, the link in it leads to another password for an hour.
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
        label="E-mail"
        type="email"
        autoComplete="username"
        hint="The address that you sign in with."
        fault={errors.email?.message}
        {...form.register("email")}
      />
      <Trouble>{trouble}</Trouble>
      <div className="flex items-center gap-3">
        <Button look="solid" type="submit" disabled={isSubmitting} className="px-5 py-2.5">
          Send me a link
        </Button>
        <Button look="bare" onClick={onBack}>
          Back
        </Button>
      </div>
    </form>
  );
}
