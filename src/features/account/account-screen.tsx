"use client";
import { yupResolver } from "@hookform/resolvers/yup";
import { useRouter } from "next/navigation";
import { useState } from "react";
import { useForm } from "react-hook-form";
import { toast } from "sonner";
import { object, string } from "yup";
import { api } from "@/browser/api";
import { useTexts } from "@/features/language/use-texts";
import { PLACES, TopLine } from "@/features/top-line/top-line";
import { Button } from "@/ui/button";
import { Field } from "@/ui/field";
import { Trouble } from "@/ui/trouble";
import type { Language } from "@/words/languages";
import { faultText } from "./faults";
import { LanguageChoice } from "./language-choice";
import { NEW_PASSWORD, NewPasswordField } from "./new-password-field";
import { SecondFactor } from "./second-factor";
import { SignOut } from "./sign-out";

const CHANGE = object({
  currentPassword: string().required("yourPasswordNowMissing"),
  newPassword: NEW_PASSWORD,
});

interface SignInLine {
  readonly id: string;
  readonly since: string;
  readonly device: { readonly browser: string; readonly system: string };
  readonly address: string;
  readonly here: boolean;
}

interface StudioLine {
  readonly studioId: string;
  readonly studioName: string;
  readonly role: "owner" | "coach";
}

/** One's own account: where one is signed in, ending that elsewhere, and the password. */
export function AccountScreen(props: {
  readonly name: string;
  readonly studios: readonly StudioLine[];
  readonly signIns: readonly SignInLine[];
  readonly secondFactor: boolean;
  /** Null: as the browser asks. */
  readonly language: Language | null;
}) {
  const t = useTexts("account");
  const router = useRouter();
  const others = props.signIns.filter(({ here }) => !here).length;
  const endOthers = async () => {
    const reply = await api("DELETE", "/api/sign-ins", {});
    if (!reply.ok) return toast.error(reply.failure.message);
    toast.success(t("youSignedHereAlone"));
    router.refresh();
  };
  return (
    <>
      <TopLine here="settings" places={PLACES}>
        <SignOut name={props.name} />
      </TopLine>
      <main className="mx-auto max-w-5xl px-6 py-6">
        <h1 className="border-b-2 border-ink pb-2 text-2xl font-bold">
          {t("account", { name: props.name })}
        </h1>
        <div className="mt-4 grid gap-x-12 gap-y-6 md:grid-cols-[1.4fr_1fr]">
          <section aria-labelledby="sign-ins">
            <h2 id="sign-ins" className="text-lg font-bold">
              {t("whereYouSigned")}
            </h2>
            <ul className="mt-1 border-t border-hairline">
              {props.signIns.map(({ id, since, device, address, here }) => (
                <li key={id} className="flex justify-between gap-4 border-b border-hairline py-1.5">
                  <span>
                    <b>{t("device", device)}</b> <span className="text-quiet">{address}</span>
                  </span>
                  <span className="whitespace-nowrap text-quiet" suppressHydrationWarning>
                    {here ? <b className="text-ink">{t("here")}</b> : t("since", { since })}
                  </span>
                </li>
              ))}
            </ul>
            <p className="mt-3">
              {others > 0 ? (
                <Button onClick={endOthers}>
                  {others === 1 ? t("endOtherOne") : t("endOthers", { others })}
                </Button>
              ) : (
                <span className="text-quiet">{t("nowhereElseSignEnds")}</span>
              )}
            </p>
          </section>
          <Password />
          <Studios studios={props.studios} />
          <LanguageChoice chosen={props.language} />
          <SecondFactor on={props.secondFactor} />
        </div>
      </main>
    </>
  );
}

/** The studios that one works in: one at a time, and which one; a coach can leave. */
function Studios({ studios }: { readonly studios: readonly StudioLine[] }) {
  const t = useTexts("account");
  const router = useRouter();
  const send = async (method: "PUT" | "DELETE", studio: StudioLine) => {
    const reply = await api(method, "/api/studios", { studioId: studio.studioId });
    if (!reply.ok) return toast.error(reply.failure.message);
    toast.success(
      method === "PUT"
        ? t("youWorkNow", { studioName: studio.studioName })
        : t("youHaveLeft", { studioName: studio.studioName }),
    );
    router.refresh();
  };
  return (
    <section aria-labelledby="studios">
      <h2 id="studios" className="text-lg font-bold">
        {t("studios")}
      </h2>
      <ul className="mt-1 border-t border-hairline">
        {studios.map((studio, i) => (
          <li
            key={studio.studioId}
            className="flex min-h-11 items-center justify-between gap-4 border-b border-hairline py-1"
          >
            <span>
              <b>{studio.studioName}</b> <span className="text-quiet">{t(studio.role)}</span>
            </span>
            <span className="flex items-center gap-2">
              {i === 0 ? (
                <b>{t("youWorkHere")}</b>
              ) : (
                <Button
                  aria-label={t("work", { studioName: studio.studioName })}
                  onClick={() => send("PUT", studio)}
                >
                  {t("workHere")}
                </Button>
              )}
              {studio.role === "coach" && (
                <Button
                  look="bare"
                  aria-label={t("leave", { studioName: studio.studioName })}
                  onClick={() => send("DELETE", studio)}
                >
                  {t("leave2")}
                </Button>
              )}
            </span>
          </li>
        ))}
      </ul>
    </section>
  );
}

/** Another password; whoever was signed in elsewhere with the old one is so no longer. */
function Password() {
  const t = useTexts("account");
  const router = useRouter();
  const [trouble, setTrouble] = useState<string | null>(null);
  const form = useForm({
    resolver: yupResolver(CHANGE),
    defaultValues: { currentPassword: "", newPassword: "" },
  });
  const { errors, isSubmitting } = form.formState;
  const submit = form.handleSubmit(async (values) => {
    const reply = await api("POST", "/api/auth/change-password", { ...values, revokeOtherSessions: true });
    setTrouble(reply.ok ? null : reply.failure.message);
    if (!reply.ok) return;
    form.reset();
    toast.success(t("passwordChangedYouSigned"));
    router.refresh();
  });
  return (
    <section aria-labelledby="password">
      <h2 id="password" className="text-lg font-bold">
        {t("password")}
      </h2>
      <form onSubmit={submit} noValidate className="mt-2 space-y-3">
        <Field
          label={t("oneNow")}
          type="password"
          autoComplete="current-password"
          fault={faultText(errors.currentPassword?.message, t)}
          {...form.register("currentPassword")}
        />
        <NewPasswordField
          label={t("newOne")}
          fault={faultText(errors.newPassword?.message, t)}
          {...form.register("newPassword")}
        />
        <Trouble>{trouble}</Trouble>
        <Button look="solid" type="submit" disabled={isSubmitting}>
          {t("change")}
        </Button>
      </form>
    </section>
  );
}
