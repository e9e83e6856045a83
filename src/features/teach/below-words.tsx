"use client";
import { callGroups } from "@/core/live/now-next";
import type { PeopleNow } from "@/core/live/people-now";
import type { Part } from "@/core/parts/part";
import { useTexts } from "@/features/language/use-texts";
import { useWords } from "@/features/language/use-words";
import type { Left } from "@/features/live/use-whereabouts";
import { type Look, Styled } from "@/ui/styled";
import { groupText, nextSetsText } from "@/words/live-words";
import { HurtLine } from "./hurt-line";

/** Sizes of the groups to call, the largest first: of a letter, and lines of it that there is room for. */
const GROUP_SIZES = [
  [34, 2],
  [28, 2],
  [24, 3],
  [21, 4],
  [19, 4],
] as const;

/** The largest size at which a text of so many letters is whole: who does what is never cut. */
function linesFit(letters: number): Look {
  const fits = GROUP_SIZES.find(
    ([size, lines]) => letters <= Math.floor((1216 * 0.94) / (size * 0.54)) * lines,
  );
  return { "font-size": `calc(${fits?.[0] ?? 17} * var(--t))` };
}

/** A group's number stays on the line of its first word. */
const unbroken = (group: string) => group.replace(" ", "\u00a0");

/** Who hurts first, how many more do, and what they left for it once it is asked for. */
export interface Hurting {
  readonly person: string;
  readonly more: number;
  /** The emergency number of where they are; null where that isn't known. */
  readonly emergency: string | null;
  readonly left: Left | null | "none" | "unreached";
}

/** What everybody is to do now, or who hurts: that comes before all else. */
export function BelowWords(props: {
  readonly parts: readonly Part[];
  readonly now: readonly Part[];
  readonly slotId: string | null;
  readonly people: PeopleNow;
  /** While a move is shown: which ways to show, and which to say. */
  readonly show: string;
  readonly hurt: Hurting | null;
}) {
  const t = useTexts("teach");
  const words = useWords();
  const { parts, now, slotId, people, show, hurt } = props;
  const changes = slotId === null ? undefined : people.nextSets.get(slotId);
  const nextSets = changes ? nextSetsText(changes.values(), words) : "";
  return (
    <div className="mt-auto px-8 text-[length:calc(34*var(--t))] leading-[1.24]">
      {hurt ? (
        <HurtLine
          name={parts.find((part) => part.person === hurt.person)?.name ?? t("somebody")}
          more={hurt.more}
          emergency={hurt.emergency}
          left={hurt.left}
        />
      ) : (
        <>
          {nextSets && (
            <p data-testid="next-sets">
              <span className="text-night-quiet">{t("nextSet")} </span>
              <b>{nextSets}</b>
            </p>
          )}
          {show ? (
            <Styled as="p" data-testid="show" className="font-bold" look={linesFit(show.length)}>
              {show}
            </Styled>
          ) : (
            <Groups parts={now} slotId={slotId} />
          )}
        </>
      )}
    </div>
  );
}

/** Who does something else than what was set, in groups to call. */
function Groups({ parts, slotId }: { readonly parts: readonly Part[]; readonly slotId: string | null }) {
  const t = useTexts("teach");
  const words = useWords();
  const { groups, asSet } = callGroups(parts, slotId);
  if (groups.length === 0) return null;
  const first = asSet > 0 ? `${t("asSetCount", { asSet })} ` : "";
  const all = groups.map((group) => unbroken(groupText(group, words))).join(" · ");
  return (
    <Styled as="p" look={linesFit(first.length + all.length)}>
      <span className="text-night-quiet">{first}</span>
      <b>{all}</b>
    </Styled>
  );
}
