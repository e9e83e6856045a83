"use client";
import type { ClockState } from "@/core/live/fold";
import { clockText, otherSide } from "@/core/units";
import { useTexts } from "@/features/language/use-texts";
import { useWords } from "@/features/language/use-words";
import type { Lead } from "@/features/live/lead";
import { timeOfDay } from "@/features/live/time-of-day";
import { troubleText } from "@/features/live/trouble-text";
import { type Look, Styled } from "@/ui/styled";
import { upperFirst } from "@/words/letters";
import type { NowText } from "@/words/live-words";
import type { Say } from "@/words/screens/screens";

function driftText(driftMs: number, t: Say<"teach">): string {
  const seconds = Math.round(driftMs / 1000);
  if (Math.abs(seconds) < 2) return t("time");
  return seconds > 0 ? t("late", { clock: clockText(seconds) }) : t("early", { clock: clockText(-seconds) });
}

/** When it ends against when it is to end; or how far from the plan it is. */
function againstFinish({ finishAtMs, projectedEndMs, driftMs }: ClockState, t: Say<"teach">): string {
  if (finishAtMs === null || projectedEndMs === null) return driftText(driftMs, t);
  const overMs = projectedEndMs - finishAtMs;
  const at = timeOfDay(finishAtMs);
  return overMs > 1000
    ? t("pastTime", { clock: clockText(Math.ceil(overMs / 1000)), at })
    : t("forTime", { at });
}

/** The block and round, who is here, and when it ends against when it is to end. */
export function TopRow({
  lead,
  says,
  leader,
  presence,
}: {
  readonly lead: Lead;
  readonly says: NowText;
  /** Who leads, where it is somebody else. */
  readonly leader: string | null;
  readonly presence: string;
}) {
  const t = useTexts("teach");
  const { state } = lead;
  const { projectedEndMs } = state;
  const live = useTexts("live");
  const trouble = troubleText(lead.reached, lead.held, live);
  return (
    <div className="flex items-baseline justify-between gap-6 px-8 pb-2 pt-3 text-[length:calc(34*var(--t))] leading-none">
      <p className="truncate leading-tight">
        <span className="text-night-quiet">{says.blockTitle}</span>
        {says.roundText && <b> {says.roundText}</b>}
        {leader && <b data-testid="leader"> {t("leaderLeads", { leader })}</b>}
        {presence && <span className="text-night-quiet"> · {presence}</span>}
      </p>
      {trouble && (
        <p role="status" className="whitespace-nowrap border-2 border-night-text px-2">
          {trouble}
        </p>
      )}
      {projectedEndMs !== null && (
        <p className="whitespace-nowrap">
          <span className="text-night-quiet">{t("ends2")}</span>{" "}
          <b suppressHydrationWarning>{timeOfDay(projectedEndMs)}</b>
          <span className="text-night-quiet"> {againstFinish(state, t)}</span>
        </p>
      )}
    </div>
  );
}

/** A size at which a line of text fits the width: large, but never off the screen. */
function fitSize(text: string, most: number, least: number): Look {
  const px = Math.round(Math.max(least, Math.min(most, 1216 / Math.max(1, text.length * 0.53))));
  return { "font-size": `calc(${px} * var(--t))` };
}

/** What comes after the present piece: the other side, the next move. */
function After({ says }: { readonly says: NowText }) {
  const t = useTexts("teach");
  const { otherSide: side, next } = says;
  const [word, what] = side ? [t("then"), side] : [t("nextSmall"), next];
  return (
    <Styled
      as="p"
      className="mt-1 truncate font-bold leading-tight"
      look={fitSize(what ? `${word} ${what}` : "", 62, 48)}
    >
      {what && (side || says.working) && (
        <>
          <span className="font-normal text-night-quiet">{word} </span>
          {what}
        </>
      )}
      {side && next && <span className="font-normal text-night-quiet">{t("thenNext", { next })}</span>}
    </Styled>
  );
}

/** What follows a block at one's own pace, in small: what everybody does now needs the room. */
function AfterOwn({ says: { next, fetch } }: { readonly says: NowText }) {
  const t = useTexts("teach");
  if (!next) return null;
  return (
    <p className="mt-1 truncate text-[length:calc(34*var(--t))] leading-tight">
      <span className="text-night-quiet">{t("then")} </span>
      <b>{next}</b>
      {fetch && <span className="text-night-quiet">, {fetch}</span>}
    </p>
  );
}

/** The move, what to say, what comes next and what to fetch for it. `mirror`: the side that the instructor moves. */
export function Words(props: { readonly says: NowText; readonly paused: boolean; readonly mirror: boolean }) {
  const t = useTexts("teach");
  const words = useWords();
  const { says, paused, mirror } = props;
  const lead = !says.working && says.shown && says.segment?.kind !== "demo" ? `${t("next2")} ` : "";
  const side = says.working ? says.segment?.side : null;
  const own = mirror && !paused && side ? otherSide(side) : null;
  return (
    <div className="px-8 pt-3">
      <Styled
        as="p"
        className="font-extrabold leading-none"
        data-testid="headline"
        look={fitSize(lead + says.headline, says.ownLines ? 62 : 116, says.ownLines ? 48 : 62)}
      >
        {lead && <span className="text-night-quiet">{lead}</span>}
        {says.headline}
      </Styled>
      <p
        className={`mt-1 text-[length:calc(38*var(--t))] leading-tight text-night-text ${says.working ? "line-clamp-1" : "line-clamp-2"}`}
      >
        {own && <b data-testid="mirror">{t("youMove", { own: words.name("side", own) })} </b>}
        {!paused && says.since && !says.working && <b data-testid="since">{upperFirst(says.since)}. </b>}
        {paused ? <b>{t("pausedSpaceOrClicker")}</b> : says.cue}
      </p>
      {says.ownLines ? <AfterOwn says={says} /> : <After says={says} />}
      {says.fetch && !says.ownLines && (
        <Styled as="p" className="truncate leading-tight text-night-quiet" look={fitSize(says.fetch, 56, 42)}>
          {says.fetch}
        </Styled>
      )}
    </div>
  );
}
