"use client";
import { yupResolver } from "@hookform/resolvers/yup";
import { useRouter } from "next/navigation";
import { useState } from "react";
import { useForm } from "react-hook-form";
import { object, string } from "yup";
import { api } from "@/browser/api";
import { useTexts } from "@/features/language/use-texts";
import { Button } from "@/ui/button";
import { Field } from "@/ui/field";
import { Trouble } from "@/ui/trouble";
import { faultText } from "./faults";
import { ForgottenForm } from "./forgotten-form";
import { MailSent } from "./mail-sent";
import { SecondFactorForm } from "./second-factor-form";

const SIGN_IN = object({
  name: string().default(""),
  email: string().required("yourEMailAddress").email("notEMailAddress"),
  password: string().required("yourPasswordMissing"),
});
const SIGN_UP = SIGN_IN.shape({
  name: string().required("nameYourStudioMissing").max(80, "most80Characters"),
  password: string().required("passwordMissing").min(10, "least10Characters"),
});

interface SignInProps {
  /** Where to go afterwards. */
  readonly then?: string;
  readonly demo: { readonly email: string; readonly password: string } | null;
  /** What is to be said above the form, from the link that led here. */
  readonly news?: string | null;
}

type Step = { readonly at: "form" | "code" } | { readonly at: "sent" | "forgotten"; readonly email: string };

/** Signing in, making a studio of one's own, or asking for another password. */
export function SignInForm({ demo, then = "/classes", news = null }: SignInProps) {
  const t = useTexts("account");
  const router = useRouter();
  const [step, setStep] = useState<Step>({ at: "form" });
  const back = () => setStep({ at: "form" });
  const enter = () => {
    router.push(then);
    router.refresh();
  };
  if (step.at === "code") return <SecondFactorForm onIn={enter} onBack={back} />;
  if (step.at === "forgotten") return <ForgottenForm email={step.email} onBack={back} />;
  if (step.at === "sent")
    return (
      <MailSent email={step.email} onBack={back}>
        {t("openLinkSayAddress")}
      </MailSent>
    );
  return <PasswordForm demo={demo} then={then} news={news} onIn={enter} onStep={setStep} />;
}

function PasswordForm(
  props: Required<SignInProps> & { readonly onIn: () => void; readonly onStep: (step: Step) => void },
) {
  const t = useTexts("account");
  const [joining, setJoining] = useState(false);
  const [trouble, setTrouble] = useState<string | null>(null);
  const form = useForm({
    resolver: yupResolver(joining ? SIGN_UP : SIGN_IN),
    defaultValues: { name: "", email: props.demo?.email ?? "", password: props.demo?.password ?? "" },
  });
  const { errors, isSubmitting } = form.formState;
  const signUp = async (values: { name: string; email: string; password: string }) => {
    const callbackURL = `/sign-in?proven=yes&then=${encodeURIComponent(props.then)}`;
    const result = await api("POST", "/api/auth/sign-up/email", { ...values, callbackURL });
    if (result.ok) props.onStep({ at: "sent", email: values.email });
    else setTrouble(result.failure.message);
  };
  const signIn = async ({ email, password }: { email: string; password: string }) => {
    const body = {
      email,
      password,
      callbackURL: `/sign-in?proven=yes&then=${encodeURIComponent(props.then)}`,
    };
    const result = await api<{ twoFactorRedirect?: boolean }>("POST", "/api/auth/sign-in/email", body);
    if (!result.ok) setTrouble(result.failure.message);
    else if (result.value.twoFactorRedirect) props.onStep({ at: "code" });
    else props.onIn();
  };
  const submit = form.handleSubmit(async (values) => {
    setTrouble(null);
    await (joining ? signUp(values) : signIn(values));
  });
  return (
    <form onSubmit={submit} noValidate className="space-y-4">
      {props.news && <p className="border-l-4 border-pine pl-3">{props.news}</p>}
      {joining && (
        <Field
          label={t("studio")}
          autoComplete="organization"
          fault={faultText(errors.name?.message, t)}
          {...form.register("name")}
        />
      )}
      <Field
        label={t("eMail")}
        type="email"
        autoComplete="username"
        fault={faultText(errors.email?.message, t)}
        {...form.register("email")}
      />
      <Field
        label={t("password")}
        type="password"
        autoComplete={joining ? "new-password" : "current-password"}
        hint={joining ? t("least10Characters") : undefined}
        fault={faultText(errors.password?.message, t)}
        {...form.register("password")}
      />
      <Trouble>{trouble}</Trouble>
      <div className="flex items-center gap-3">
        <Button look="solid" type="submit" disabled={isSubmitting} className="px-5 py-2.5">
          {joining ? t("makeStudio") : t("sign")}
        </Button>
        <Button look="bare" onClick={() => setJoining(!joining)}>
          {joining ? t("iHaveAccount") : t("newHereMakeStudio")}
        </Button>
      </div>
      {!joining && (
        <Button
          look="bare"
          className="-ml-3"
          onClick={() => props.onStep({ at: "forgotten", email: form.getValues("email") })}
        >
          {t("iForgotPassword")}
        </Button>
      )}
    </form>
  );
}
