"use client";
import { yupResolver } from "@hookform/resolvers/yup";
import Link from "next/link";
import { useState } from "react";
import { useForm } from "react-hook-form";
import { object, string } from "yup";
import { api } from "@/browser/api";
import { useHydrated } from "@/browser/hydrated";
import { Button } from "@/ui/button";
import { Field } from "@/ui/field";
import { Trouble } from "@/ui/trouble";

const RESET = object({
  newPassword: string().required("A password is missing.").min(10, "At least 10 characters."),
});

/** Sets another password with the link from a mail. */
export function ResetForm({ token }: { readonly token: string }) {
  const [trouble, setTrouble] = useState<string | null>(null);
  const hydrated = useHydrated();
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
        That is your password now, and every sign-in has ended.{" "}
        <Link href="/sign-in" className="font-bold underline underline-offset-4">
          Sign in
        </Link>
      </p>
    );
  return (
    <form onSubmit={submit} noValidate className="space-y-4">
      <Field
        label="A new password"
        type="password"
        autoComplete="new-password"
        hint="At least 10 characters, and none that is tried first."
        fault={errors.newPassword?.message}
        {...form.register("newPassword")}
      />
      <Trouble>{trouble}</Trouble>
      <Button look="solid" type="submit" disabled={!hydrated || isSubmitting} className="px-5 py-2.5">
        Set it
      </Button>
    </form>
  );
}
