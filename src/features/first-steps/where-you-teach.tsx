"use client";
import { useRouter } from "next/navigation";
import { useEffect, useMemo, useState } from "react";
import { toast } from "sonner";
import { api } from "@/browser/api";
import { useTexts } from "@/features/language/use-texts";
import { zoneNames } from "@/features/settings/zone-names";
import { Button } from "@/ui/button";

/** The zone of this device is proposed and said; nothing is taken before somebody agrees to it. */
export function WhereYouTeach() {
  const t = useTexts("firstSteps");
  const router = useRouter();
  const [zone, setZone] = useState<string | null>(null);
  const [now, setNow] = useState<number | null>(null);
  useEffect(() => {
    setZone(Intl.DateTimeFormat().resolvedOptions().timeZone);
    setNow(Date.now());
  }, []);
  const zones = useMemo(() => (zone === null ? [] : zoneNames(zone)), [zone]);
  const store = async () => {
    const reply = await api("PUT", "/api/settings", {
      settings: { teaching: { timeZone: zone } },
      before: {},
    });
    if (reply.ok) router.refresh();
    else toast.error(reply.failure.message);
  };
  const time =
    zone !== null && now !== null
      ? new Intl.DateTimeFormat("en-GB", { timeZone: zone, hour: "2-digit", minute: "2-digit" }).format(now)
      : "";
  return (
    <>
      <select
        aria-label={t("timeZoneStudio")}
        className="w-44 border border-quiet bg-white px-2 py-1.5"
        value={zone ?? ""}
        onChange={(event) => setZone(event.target.value)}
      >
        {zones.map((name) => (
          <option key={name}>{name}</option>
        ))}
      </select>
      {time !== "" && <span>{t("thereNow", { time })}</span>}
      <Button look="solid" disabled={zone === null} onClick={store}>
        {t("right")}
      </Button>
    </>
  );
}
