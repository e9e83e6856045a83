"use client";
import { useRouter } from "next/navigation";
import { useState } from "react";
import { useForm } from "react-hook-form";
import { toast } from "sonner";
import { api } from "@/browser/api";
import { useTexts } from "@/features/language/use-texts";
import { Button } from "@/ui/button";
import { Field } from "@/ui/field";
import { SquareCode } from "@/ui/square-code";
import { Trouble } from "@/ui/trouble";

interface Begun {
  readonly totpURI: string;
  readonly backupCodes: readonly string[];
}

/** A second factor beside the password: a code from a program on one's phone. Off until somebody wants it. */
export function SecondFactor({ on }: { readonly on: boolean }) {
  const t = useTexts("account");
  const router = useRouter();
  const [begun, setBegun] = useState<Begun | null>(null);
  const [codes, setCodes] = useState<readonly string[] | null>(null);
  const ended = (words: string) => {
    toast.success(words);
    router.refresh();
  };
  return (
    <section aria-labelledby="second-factor">
      <h2 id="second-factor" className="text-lg font-bold">
        {t("secondFactor")}
      </h2>
      {begun ? (
        <Proof
          begun={begun}
          onBack={() => setBegun(null)}
          onDone={() => {
            setCodes(begun.backupCodes);
            setBegun(null);
            ended(t("secondFactor2"));
          }}
        />
      ) : (
        <WithPassword
          on={on}
          onBegun={setBegun}
          onCodes={(made) => setCodes(made)}
          onOff={() => {
            setCodes(null);
            ended(t("secondFactorOff"));
          }}
        />
      )}
      {codes && <SpareCodes codes={codes} />}
    </section>
  );
}

/** What is done to a second factor, each with the password typed once more. */
function WithPassword(props: {
  readonly on: boolean;
  readonly onBegun: (begun: Begun) => void;
  readonly onCodes: (codes: readonly string[]) => void;
  readonly onOff: () => void;
}) {
  const t = useTexts("account");
  const [trouble, setTrouble] = useState<string | null>(null);
  const form = useForm({ defaultValues: { password: "" } });
  const send = <T,>(way: string, then: (value: T) => void) =>
    form.handleSubmit(async (values) => {
      const reply = await api<T>("POST", `/api/auth/two-factor/${way}`, values);
      setTrouble(reply.ok ? null : reply.failure.message);
      form.reset();
      if (reply.ok) then(reply.value);
    });
  const turnOn = send<Begun>("enable", props.onBegun);
  return (
    <form
      onSubmit={props.on ? (event) => event.preventDefault() : turnOn}
      noValidate
      className="mt-2 space-y-3"
    >
      <p className={props.on ? "font-semibold" : "text-quiet"}>
        {props.on ? t("signingAsksSixDigits") : t("offWithPasswordAlone")}
      </p>
      <Field
        id="second-factor-password"
        label={t("yourPassword")}
        type="password"
        autoComplete="current-password"
        {...form.register("password")}
      />
      <Trouble>{trouble}</Trouble>
      {props.on ? (
        <div className="flex flex-wrap gap-3">
          <Button
            onClick={send<{ backupCodes: readonly string[] }>("generate-backup-codes", ({ backupCodes }) =>
              props.onCodes(backupCodes),
            )}
          >
            {t("newSpareCodes")}
          </Button>
          <Button onClick={send("disable", props.onOff)}>{t("turnOff")}</Button>
        </div>
      ) : (
        <Button type="submit">{t("turn")}</Button>
      )}
    </form>
  );
}

/** The secret as a square and as text, and the first digits as proof that the phone has it. */
function Proof(props: { readonly begun: Begun; readonly onDone: () => void; readonly onBack: () => void }) {
  const t = useTexts("account");
  const { begun, onDone, onBack } = props;
  const [trouble, setTrouble] = useState<string | null>(null);
  const form = useForm({ defaultValues: { code: "" } });
  const submit = form.handleSubmit(async ({ code }) => {
    const reply = await api("POST", "/api/auth/two-factor/verify-totp", { code: code.trim() });
    if (reply.ok) return onDone();
    setTrouble(reply.failure.message);
    form.reset();
    form.setFocus("code");
  });
  const secret = new URL(begun.totpURI).searchParams.get("secret") ?? "";
  return (
    <form onSubmit={submit} noValidate className="mt-2 space-y-3">
      <p>{t("letProgramYourPhone")}</p>
      <SquareCode text={begun.totpURI} label={t("secondFactorSquareCode")} />
      <p className="break-all text-sm text-quiet" data-testid="second-factor-secret">
        {secret}
      </p>
      <Field
        label={t("sixDigitsShows")}
        inputMode="numeric"
        autoComplete="one-time-code"
        autoFocus
        {...form.register("code")}
      />
      <Trouble>{trouble}</Trouble>
      <div className="flex gap-3">
        <Button look="solid" type="submit" disabled={form.formState.isSubmitting}>
          {t("turn")}
        </Button>
        <Button look="bare" onClick={onBack}>
          {t("notNow")}
        </Button>
      </div>
    </form>
  );
}

/** Shown this once: the way in where the phone is lost. */
function SpareCodes({ codes }: { readonly codes: readonly string[] }) {
  const t = useTexts("account");
  return (
    <div role="status" className="mt-4 border-l-4 border-pine pl-3">
      <p>
        <b>{t("writeTheseDownKeep")}</b> {t("eachOpensYourAccount")}
      </p>
      <ul className="mt-2 grid grid-cols-2 gap-x-6 font-mono" data-testid="spare-codes">
        {codes.map((code) => (
          <li key={code}>{code}</li>
        ))}
      </ul>
    </div>
  );
}
