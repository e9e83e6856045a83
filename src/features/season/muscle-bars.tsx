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

/** A week's hard sets, a bar a muscle. */
export function MuscleBars(props: {
  readonly week: number;
  readonly muscles: readonly { readonly id: string; readonly name: string }[];
  readonly sets: MuscleSets;
  readonly bounds: readonly [least: number, most: number];
  readonly easier: boolean;
}) {
  const t = useTexts("season");
  const { muscles, sets, bounds, easier } = props;
  return (
    <ul aria-label={t("setsOfWeek", { week: props.week + 1 })} className="mt-1 flex gap-x-1 pl-[4.5rem]">
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
    <li className="min-w-0 flex-1">
      <span className="flex h-[22px] items-end gap-1">
        <Styled aria-hidden className={cx("w-3 border", bar)} look={{ height: `${height}px` }} />
        <span className={cx("text-sm leading-none tabular-nums", text)}>
          {own.n === 0 ? "·" : words.number(own.n)}
        </span>
      </span>
      <span className="block truncate text-[11px] leading-tight text-quiet" title={name}>
        {name}
      </span>
    </li>
  );
}
