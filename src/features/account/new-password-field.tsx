"use client";
import type { UseFormRegisterReturn } from "react-hook-form";
import { string } from "yup";
import { Field } from "@/ui/field";

/** What a form asks of a password that is set; the rest is the server's to say. */
export const NEW_PASSWORD = string()
  .required("The new password is missing.")
  .min(10, "At least 10 characters.");

/** The box for a password that is set. */
export function NewPasswordField(
  props: UseFormRegisterReturn & { readonly label: string; readonly fault: string | undefined },
) {
  return (
    <Field
      type="password"
      autoComplete="new-password"
      hint="At least 10 characters, and none that is tried first."
      {...props}
    />
  );
}
