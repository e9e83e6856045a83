"use client";
import { useTexts } from "@/features/language/use-texts";
import { useWords } from "@/features/language/use-words";
import { cx } from "@/ui/cx";
import { Styled } from "@/ui/styled";

/** Hard sets by muscle. */
export type MuscleSets = Readonly<Record<string, number>>;

const HEIGHT_PX = 22;

interface Own {
  readonly n: number;
  readonly bounds: readonly [least: number, most: number];
  readonly easier: boolean;
}

/** How a bar looks: hollow below what is usual, rust above it. */
function lookOf({ n, bounds: [least, most], easier }: Own) {
  if (n === 0) return { bar: "invisible", text: "text-quiet" };
  if (n > most) return { bar: "border-rust bg-rust", text: "font-bold text-rust" };
  if (n < least && !easier) return { bar: "border-pine", text: "text-quiet" };
  return { bar: "border-pine bg-pine", text: "" };
}

export interface ShownMuscle {
  readonly id: string;
  readonly name: string;
  /** The name as it may be broken where there is little room: with soft hyphens. */
  readonly narrow: string;
}

/** Bars and their names stand under each other, from the first day on. */
const COLUMNS = "flex gap-x-1 pl-[4.5rem]";

/** What each bar of all weeks is, once: it stays in sight above them. */
export function MuscleNames({ muscles }: { readonly muscles: readonly ShownMuscle[] }) {
  return (
    <ol
      aria-hidden
      className={cx(COLUMNS, "sticky top-0 z-10 items-end border-b-2 border-ink bg-paper pt-1.5 pb-0.5")}
    >
      {muscles.map(({ id, name, narrow }) => (
        <li
          key={id}
          title={name}
          className="min-w-0 flex-1 hyphens-manual break-words text-[11px] leading-tight text-quiet"
        >
          {narrow}
        </li>
      ))}
    </ol>
  );
}

/** A week's hard sets, a bar a muscle. */
export function MuscleBars(props: {
  readonly week: number;
  readonly muscles: readonly ShownMuscle[];
  readonly sets: MuscleSets;
  readonly bounds: readonly [least: number, most: number];
  readonly easier: boolean;
}) {
  const t = useTexts("season");
  const { muscles, sets, bounds, easier } = props;
  return (
    <ul aria-label={t("setsOfWeek", { week: props.week + 1 })} className={cx(COLUMNS, "mt-1")}>
      {muscles.map(({ id, name }) => (
        <Bar key={id} name={name} n={sets[id] ?? 0} bounds={bounds} easier={easier} />
      ))}
    </ul>
  );
}

function Bar({ name, ...own }: Own & { readonly name: string }) {
  const words = useWords();
  const { bar, text } = lookOf(own);
  const height = Math.min(HEIGHT_PX, Math.round((Math.max(own.n, 0.5) / (own.bounds[1] * 1.2)) * HEIGHT_PX));
  return (
    <li className="min-w-0 flex-1" title={name}>
      <span className="sr-only">{name}</span>
      <span className="flex h-[22px] items-end gap-1">
        <Styled aria-hidden className={cx("w-3 border", bar)} look={{ height: `${height}px` }} />
        <span className={cx("text-sm leading-none tabular-nums", text)}>
          {own.n === 0 ? "·" : words.number(own.n)}
        </span>
      </span>
    </li>
  );
}
