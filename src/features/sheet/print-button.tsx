"use client";
import { useTexts } from "@/features/language/use-texts";
import { Button } from "@/ui/button";

export function PrintButton() {
  const t = useTexts("sheet");
  return (
    <Button look="solid" onClick={() => window.print()}>
      {t("print")}
    </Button>
  );
}
