"use client";
import type { UseFormRegisterReturn } from "react-hook-form";
import { string } from "yup";
import { useTexts } from "@/features/language/use-texts";
import { Field } from "@/ui/field";

/** What a form asks of a password that is set; the rest is the server's to say. */
export const NEW_PASSWORD = string().required("newPasswordMissing").min(10, "least10Characters");

/** The box for a password that is set. */
export function NewPasswordField(
  props: UseFormRegisterReturn & { readonly label: string; readonly fault: string | undefined },
) {
  const t = useTexts("account");
  return <Field type="password" autoComplete="new-password" hint={t("least10CharactersNone")} {...props} />;
}
