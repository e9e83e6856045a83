"use client";
import { useState } from "react";
import { toast } from "sonner";
import { api } from "@/browser/api";
import { useTexts } from "@/features/language/use-texts";
import { Button } from "@/ui/button";
import { SquareCode } from "@/ui/square-code";

/** A person's own way in, without an account: made, shown this once, renewed or ended. */
export function PersonalLink(props: { readonly id: string; readonly name: string; readonly has: boolean }) {
  const t = useTexts("people");
  const [address, setAddress] = useState<string | null>(null);
  const [has, setHas] = useState(props.has);
  const path = `/api/people/${props.id}/link`;
  const make = async () => {
    const result = await api<{ address: string }>("POST", path);
    if (!result.ok) {
      toast.error(result.failure.message);
      return;
    }
    setAddress(result.value.address);
    setHas(true);
  };
  const end = async () => {
    const result = await api("DELETE", path);
    if (!result.ok) {
      toast.error(result.failure.message);
      return;
    }
    setAddress(null);
    setHas(false);
    toast.success(t("linkNoLongerOpens"));
  };
  const copy = async () => {
    if (address) await navigator.clipboard.writeText(address);
    toast.success(t("copied"));
  };
  return (
    <section aria-labelledby="link-heading" className="mt-6 border-t border-hairline pt-3">
      <h2 id="link-heading" className="text-lg font-bold">
        {t("personalLink")}
      </h2>
      <p className="max-w-2xl text-quiet">
        {has ? t("hasLinkWorksNew", { name: props.name }) : t("withLinkSeesTheir", { name: props.name })}
      </p>
      {address && (
        <div className="mt-2 flex items-start gap-5">
          <SquareCode text={address} label={t("linkSquareCodePhones")} />
          <div className="min-w-0">
            <p className="break-all font-bold" data-testid="personal-link">
              {address}
            </p>
            <p className="mt-1 text-quiet">{t("shownOnceSendThem")}</p>
            <Button className="mt-2" onClick={copy}>
              {t("copy")}
            </Button>
          </div>
        </div>
      )}
      <div className="mt-2 flex gap-2">
        <Button onClick={make}>{has ? t("makeNewLink") : t("makeLink")}</Button>
        {has && <Button onClick={end}>{t("endLink")}</Button>}
      </div>
    </section>
  );
}
