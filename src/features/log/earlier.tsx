"use client";
import { BY_SELF, type Kept, type KeptLog, type SlotDone } from "@/core/log/entries";
import type { PartSlot } from "@/core/parts/part";
import { useTexts } from "@/features/language/use-texts";

export interface LoggedLine {
  /** Row id. */
  readonly id: string;
  /** Roster id. */
  readonly person: string;
  readonly name: string;
  readonly present: boolean;
  readonly kept: KeptLog;
  readonly prefilled: Readonly<Record<string, SlotDone>>;
  readonly slots: readonly Pick<PartSlot, "slot" | "name" | "load">[];
}

/** A time of day in a zone. */
export function clockIn(atMs: number, timeZone: string): string {
  return new Intl.DateTimeFormat("en-GB", { timeZone, hour: "2-digit", minute: "2-digit" }).format(atMs);
}

/** What a value was before, with who wrote it and when. */
export function Earlier({ kept, timeZone }: { readonly kept: Kept | undefined; readonly timeZone: string }) {
  const t = useTexts("log");
  if (!kept || kept.earlier.length === 0) return null;
  const text = kept.earlier
    .map(({ value, by, atMs }) => {
      const what =
        value === null ? t("nothing") : typeof value === "object" ? t("anotherEntry") : String(value);
      return `${what} (${by === BY_SELF ? t("themselves") : by}, ${clockIn(atMs, timeZone)})`;
    })
    .join(", ");
  return <span className="text-sm text-quiet"> {t("wasBefore", { text })}</span>;
}
