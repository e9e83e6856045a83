"use client";
import { useRouter } from "next/navigation";
import { api } from "@/browser/api";
import { useTexts } from "@/features/language/use-texts";
import { Button } from "@/ui/button";

/** Ends the session on this device. */
export function SignOut({ name }: { readonly name: string }) {
  const t = useTexts("account");
  const router = useRouter();
  const leave = async () => {
    await api("POST", "/api/auth/sign-out");
    router.push("/sign-in");
    router.refresh();
  };
  return (
    <>
      <span className="truncate text-quiet">{name}</span>
      <Button look="bare" onClick={leave}>
        {t("signOut")}
      </Button>
    </>
  );
}
