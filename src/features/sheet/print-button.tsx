"use client";
import { Button } from "@/ui/button";

export function PrintButton() {
  return (
    <Button look="solid" onClick={() => window.print()}>
      Print
    </Button>
  );
}
