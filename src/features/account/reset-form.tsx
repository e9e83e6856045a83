"use client";
import { yupResolver } from "@hookform/resolvers/yup";
import Link from "next/link";
import { useState } from "react";
import { useForm } from "react-hook-form";
import { object } from "yup";
import { api } from "@/browser/api";
import { Button } from "@/ui/button";
import { Trouble } from "@/ui/trouble";
import { NEW_PASSWORD, NewPasswordField } from "./new-password-field";

const RESET = object({ newPassword: NEW_PASSWORD });

/** Sets another password with the link from a mail. */
export function ResetForm({ token }: { readonly token: string }) {
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
        That is your password now, and every sign-in has ended.{" "}
        <Link href="/sign-in" className="font-bold underline underline-offset-4">
          Sign in
        </Link>
      </p>
    );
  return (
    <form onSubmit={submit} noValidate className="space-y-4">
      <NewPasswordField
        label="A new password"
        fault={errors.newPassword?.message}
        {...form.register("newPassword")}
      />
      <Trouble>{trouble}</Trouble>
      <Button look="solid" type="submit" disabled={isSubmitting} className="px-5 py-2.5">
        Set it
      </Button>
    </form>
  );
}
