"use client";
import { useTexts } from "@/features/language/use-texts";
import type { Left } from "@/features/live/use-whereabouts";

/** Somebody hurts: what to say first, and one key away where they are and whom to call. */
export function HurtLine(props: {
  readonly name: string;
  readonly more: number;
  /** The emergency number of where they are; null where that isn't known. */
  readonly emergency: string | null;
  readonly left: Left | null | "none" | "unreached";
  readonly keys?: boolean;
}) {
  const t = useTexts("teach");
  const { name, more, left, emergency, keys = true } = props;
  return (
    <p role="alert" className="line-clamp-3 border-l-[14px] border-stop pl-4">
      <b>{t("hurts", { name })}</b> {t("stopThem", { number: emergency || "no" })}{" "}
      {more > 0 && <b>{t("moreAfter", { more })} </b>}
      {left === null && keys && <span className="text-night-quiet">{t("hAnsweredCPlace")}</span>}
      {left === "none" && <span className="text-night-quiet">{t("leftNoPlaceOr")}</span>}
      {left === "unreached" && <span className="text-night-quiet">{t("noConnectionCantBe")}</span>}
      {left !== null && typeof left === "object" && (
        <b>
          {left.place && `${t("atPlace", { place: left.place })} `}
          {left.contact && t("callContact", { contact: left.contact })}
        </b>
      )}
    </p>
  );
}
