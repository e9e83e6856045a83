"use client";
import { yupResolver } from "@hookform/resolvers/yup";
import { useRouter } from "next/navigation";
import { useState } from "react";
import { useForm } from "react-hook-form";
import { object, string } from "yup";
import { api } from "@/browser/api";
import { Button } from "@/ui/button";
import { Field } from "@/ui/field";
import { Trouble } from "@/ui/trouble";

const SIGN_IN = object({
  name: string().default(""),
  email: string().required("Your e-mail address is missing.").email("That is not an e-mail address."),
  password: string().required("Your password is missing."),
});
const SIGN_UP = SIGN_IN.shape({
  name: string().required("A name for your studio is missing.").max(80, "At most 80 characters."),
  password: string().required("A password is missing.").min(10, "At least 10 characters."),
});

/** Signing in, or making a studio of one's own. */
export function SignInForm({
  demo,
  then = "/classes",
}: {
  /** Where to go afterwards. */
  readonly then?: string;
  readonly demo: { readonly email: string; readonly password: string } | null;
}) {
  const router = useRouter();
  const [joining, setJoining] = useState(false);
  const [trouble, setTrouble] = useState<string | null>(null);
  const form = useForm({
    resolver: yupResolver(joining ? SIGN_UP : SIGN_IN),
    defaultValues: { name: "", email: demo?.email ?? "", password: demo?.password ?? "" },
  });
  const { errors, isSubmitting } = form.formState;
  const submit = form.handleSubmit(async (values) => {
    setTrouble(null);
    const path = joining ? "/api/auth/sign-up/email" : "/api/auth/sign-in/email";
    const body = joining ? values : { email: values.email, password: values.password };
    const result = await api("POST", path, body);
    if (result.ok) {
      router.push(then);
      router.refresh();
    } else setTrouble(result.failure.message);
  });
  return (
    <form onSubmit={submit} noValidate className="space-y-4">
      {joining && (
        <Field
          label="Studio"
          autoComplete="organization"
          fault={errors.name?.message}
          {...form.register("name")}
        />
      )}
      <Field
        label="E-mail"
        type="email"
        autoComplete="username"
        fault={errors.email?.message}
        {...form.register("email")}
      />
      <Field
        label="Password"
        type="password"
        autoComplete={joining ? "new-password" : "current-password"}
        hint={joining ? "At least 10 characters." : undefined}
        fault={errors.password?.message}
        {...form.register("password")}
      />
      <Trouble>{trouble}</Trouble>
      <div className="flex items-center gap-3">
        <Button look="solid" type="submit" disabled={isSubmitting} className="px-5 py-2.5">
          {joining ? "Make the studio" : "Sign in"}
        </Button>
        <Button look="bare" onClick={() => setJoining(!joining)}>
          {joining ? "I have an account" : "New here: make a studio"}
        </Button>
      </div>
    </form>
  );
}
