"use client";
import { useRouter } from "next/navigation";
import { useState } from "react";
import { toast } from "sonner";
import { api } from "@/browser/api";
/** A season on one screen: weeks as rows of small scores to one time scale, hard sets by muscle under each, what doesn't fit beside it. */
import { useTexts } from "@/features/language/use-texts";
import { PLACES, TopLine } from "@/features/top-line/top-line";
import { Button } from "@/ui/button";
import { MuscleBars, MuscleNames, type MuscleSets, type ShownMuscle } from "./muscle-bars";
import { WeekCells, type WeekRow } from "./week-cells";

export interface Whose {
  /** Empty: everybody. */
  readonly id: string;
  readonly name: string;
  readonly classes: number;
  /** By week, from 0. */
  readonly sets: readonly MuscleSets[];
  readonly findings: readonly {
    readonly rank: "fix" | "consider";
    readonly text: string;
    readonly classes: readonly string[];
  }[];
}

export interface ToFollow {
  readonly follow: number;
  /** Day and title of each that was edited. */
  readonly stay: readonly string[];
}

export function SeasonScreen(props: {
  readonly id: string;
  readonly title: string;
  readonly about: string;
  readonly weeks: readonly WeekRow[];
  readonly muscles: readonly ShownMuscle[];
  readonly bounds: readonly [least: number, most: number];
  readonly whose: readonly Whose[];
  readonly longestSeconds: number;
  readonly toFollow: ToFollow;
}) {
  const t = useTexts("season");
  const { id, weeks, muscles, whose, toFollow } = props;
  const router = useRouter();
  const [who, setWho] = useState("");
  const [looked, setLooked] = useState<number | null>(null);
  const now = whose.find((each) => each.id === who) ?? whose[0];
  const marked = new Set(looked === null ? [] : (now?.findings[looked]?.classes ?? []));
  const follow = async () => {
    const reply = await api<{ follow: readonly string[] }>("POST", `/api/seasons/${id}/follow`, {});
    if (!reply.ok) return toast.error(reply.failure.message);
    toast.success(t("follow", { follow: reply.value.follow.length }));
    router.refresh();
  };
  const remove = async () => {
    if (!window.confirm(t("removeSeasonWhatAhead"))) return;
    const reply = await api("DELETE", `/api/seasons/${id}`, {});
    if (reply.ok) router.push("/seasons");
    else toast.error(reply.failure.message);
  };
  return (
    <div className="flex h-screen flex-col overflow-hidden stacked:h-auto stacked:overflow-visible">
      <TopLine here="season" places={PLACES}>
        <h1 className="min-w-0 flex-1 truncate pl-4 text-lg font-bold">{props.title}</h1>
        <span className="text-sm text-quiet">{props.about}</span>
        <Button look="bare" className="px-2" onClick={remove}>
          {t("remove")}
        </Button>
      </TopLine>
      {(toFollow.follow > 0 || toFollow.stay.length > 0) && (
        <div
          role="status"
          className="flex flex-wrap items-baseline gap-x-4 border-b border-hairline px-4 py-1.5"
        >
          <p className="min-w-0 flex-1">
            {t("classSeasonMadeFrom")}{" "}
            {toFollow.stay.length > 0 && (
              <span className="text-quiet">{t("editedStay", { stay: toFollow.stay.join(", ") })}</span>
            )}
          </p>
          {toFollow.follow > 0 && (
            <Button look="solid" onClick={follow}>
              {t("bringInto", { follow: toFollow.follow })}
            </Button>
          )}
        </div>
      )}
      <div className="grid min-h-0 flex-1 grid-cols-[minmax(0,1fr)_300px] stacked:block">
        {/* biome-ignore lint/a11y/noNoninteractiveTabindex: what scrolls must be reached by the keyboard */}
        <main tabIndex={0} aria-label={t("weeks")} className="min-h-0 overflow-auto px-4 pb-4">
          <MuscleNames muscles={muscles} />
          {weeks.map((row) => (
            <section
              key={row.week}
              aria-label={t("weekN", { week: row.week + 1 })}
              className="border-b-2 border-ink py-1.5"
            >
              <WeekCells row={row} longestSeconds={props.longestSeconds} marked={marked} />
              <MuscleBars
                week={row.week}
                muscles={muscles}
                sets={now?.sets[row.week] ?? {}}
                bounds={props.bounds}
                easier={row.easier}
              />
            </section>
          ))}
        </main>
        <aside
          aria-label={t("whatDoesntFit")}
          className="flex min-h-0 flex-col border-l-2 border-ink px-4 py-3"
        >
          <label className="flex items-baseline gap-2">
            <span className="text-quiet">{t("for")}</span>
            <select
              className="min-w-0 flex-1 border-b-2 border-pine bg-transparent font-bold"
              value={who}
              onChange={(event) => {
                setWho(event.target.value);
                setLooked(null);
              }}
            >
              {whose.map((each) => (
                <option key={each.id} value={each.id}>
                  {each.name}
                  {each.id === "" ? "" : ` (${each.classes})`}
                </option>
              ))}
            </select>
          </label>
          <h2 className="mt-3 text-lg font-bold">
            {now?.findings.length === 0 ? t("fitsTogether") : t("whatDoesntFit")}
          </h2>
          <ul className="min-h-0 flex-1 overflow-auto">
            {now?.findings.map(({ rank, text, classes }, i) => (
              <li key={text} className="border-t border-hairline">
                <button
                  type="button"
                  aria-pressed={looked === i}
                  disabled={classes.length === 0}
                  className="w-full py-1.5 text-left aria-pressed:bg-marker/50"
                  onClick={() => setLooked(looked === i ? null : i)}
                >
                  <span className={rank === "fix" ? "border-l-4 border-rust pl-2 font-semibold" : "pl-3"}>
                    {text}
                  </span>
                </button>
              </li>
            ))}
          </ul>
          <p className="pt-2 text-sm text-quiet">
            {t("hardSetsUsual", { least: props.bounds[0], most: props.bounds[1] })}
          </p>
        </aside>
      </div>
    </div>
  );
}
