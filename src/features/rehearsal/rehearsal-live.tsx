"use client";
import { ChevronLeft, ChevronRight, FastForward, Pause, Play, Plus, Square } from "lucide-react";
import { useEffect, useState } from "react";
import { isOf } from "@/core/live/events";
import { finishWays } from "@/core/live/finish";
import { lineNow, nowNext } from "@/core/live/now-next";
import type { Asked } from "@/core/live/presence";
import type { SessionContent } from "@/core/live/session";
import type { SimulatedPerson } from "@/core/rehearsal/crowd";
import type { Rehearsal } from "@/core/rehearsal/rehearsal";
import { pulseNow } from "@/core/rehearsal/report";
import type { Setting } from "@/core/rehearsal/setting";
import { useTexts } from "@/features/language/use-texts";
import { useWords } from "@/features/language/use-words";
import type { Lead } from "@/features/live/lead";
import { Control, STEP_SECONDS, type TeachActions } from "@/features/teach/controls";
import { TeachView } from "@/features/teach/teach-view";
import { useClassShown, useTaughtPeople, wordsIn } from "@/features/teach/use-taught";
import { useTeachKeys } from "@/features/teach/use-teach-keys";
import { nowText } from "@/words/live-words";
import type { Say } from "@/words/screens/screens";
import { speedText } from "./rehearsal-before";
import { RehearsedPhone } from "./rehearsed-phone";
import { SPEEDS, type Speed, useRehearsal } from "./use-rehearsal";

const nothing = () => undefined;

/** What can be done in a rehearsal, by the keys of Teach. */
function actionsOf(lead: Lead, setting: Setting, end: () => void): TeachActions {
  const { state, command } = lead;
  const drop = () => {
    const way = finishWays(setting.score, lead.events, lead.now()).find(
      ({ says: [kind] }) => kind === "drop-round",
    );
    if (way) command(...way.says);
  };
  const hurt = lead.events.findLast(isOf("hurt"))?.payload.person;
  return {
    start: nothing,
    toggle: () => command(state.phase === "paused" ? "resume" : "pause"),
    skip: () => command("skip"),
    back: () => command("back"),
    repeat: () => command("repeat"),
    extend: () => command("extend", { seconds: STEP_SECONDS }),
    shorten: () => command("shorten", { seconds: STEP_SECONDS }),
    finish: drop,
    count: () => command("count"),
    seen: () => hurt && command("hurt-seen", { person: hurt }),
    end,
    substitute: nothing,
    people: nothing,
    note: nothing,
    contact: nothing,
    keys: nothing,
    lead: nothing,
    mute: nothing,
    counting: nothing,
  };
}

/** The middle of all straps just now, and from where to where. */
function pulseText(rehearsal: Rehearsal, t: Say<"rehearsal">): string {
  const now = pulseNow(rehearsal);
  return now ? t("heartsNow", { median: now.median, least: now.least, most: now.most }) : "";
}

/** The class as it goes on, on the screen on which it is taught. */
export function RehearsalLive(props: {
  readonly content: SessionContent;
  readonly wordsPerSecond: number;
  readonly setting: Setting;
  readonly crowd: readonly SimulatedPerson[];
  readonly seed: number;
  readonly first: Speed;
  readonly onOver: (rehearsal: Rehearsal) => void;
}) {
  const words = useWords();
  const t = useTexts("rehearsal");
  const { content, wordsPerSecond, setting, onOver } = props;
  const { rehearsal, lead, speed, setSpeed, toTheEnd } = useRehearsal(
    setting,
    props.crowd,
    props.seed,
    props.first,
  );
  const { score, shown, lines, faces, book } = useClassShown(content, wordsPerSecond);
  const asked = content.parts.map(({ person, name }) => ({ id: person, rosterId: person, name }));
  const { people, presence, now } = useTaughtPeople(asked, content, lead);
  const [screen, setScreen] = useState("");
  const actions = actionsOf(lead, setting, () => rehearsal.say("end"));
  useTeachKeys(actions, false);
  const { state } = lead;
  const isOver = state.phase === "ended" || state.phase === "over";
  useEffect(() => {
    if (isOver) onOver(rehearsal);
  }, [isOver, rehearsal, onOver]);
  if (isOver) return <main className="night min-h-screen bg-night" />;
  const present = nowNext(shown, score, state, book);
  const says = nowText(present, words, lineNow(present, lines, state)?.text, wordsIn(wordsPerSecond, state));
  const [first, ...more] = people.hurt;
  const hurt = first ? { person: first.person, more: more.length, emergency: null, left: null } : null;
  return (
    <div className="afar night flex min-h-screen flex-col bg-night text-night-text">
      {screen === "" ? (
        <TeachView
          {...{ lead, says, presence, score, book, faces, now, people, hurt }}
          doc={shown}
          parts={content.parts}
          leader={null}
          show=""
          mirror={false}
          fills={false}
        />
      ) : (
        <div className="order-last mx-auto w-[390px] border-x border-night-line">
          <RehearsedPhone {...{ content, score, shown, book, rehearsal, lead }} person={screen} />
        </div>
      )}
      <Strip
        {...{ actions, speed, setSpeed, toTheEnd, screen, setScreen }}
        people={asked}
        paused={state.phase === "paused"}
        pulse={pulseText(rehearsal, t)}
      />
    </div>
  );
}

/** That it is simulated, how fast it goes, and what can be pressed. */
function Strip(props: {
  readonly actions: TeachActions;
  readonly paused: boolean;
  readonly speed: Speed;
  readonly setSpeed: (speed: Speed) => void;
  readonly toTheEnd: () => void;
  /** Whose phone is looked at, by roster id; empty: Teach. */
  readonly screen: string;
  readonly setScreen: (person: string) => void;
  readonly people: readonly Asked[];
  readonly pulse: string;
}) {
  const t = useTexts("rehearsal");
  const { actions, paused, speed, setSpeed, toTheEnd, screen, setScreen, people, pulse } = props;
  return (
    <section aria-label={t("rehearsal")} className="flex flex-wrap items-center gap-1.5 px-8 pb-3 pt-1">
      <Control name={paused ? t("resume") : t("pause")} keys={t("space")} onPress={actions.toggle}>
        {paused ? <Play size={16} aria-hidden /> : <Pause size={16} aria-hidden />}
      </Control>
      <Control name={t("back")} keys="←" onPress={actions.back}>
        <ChevronLeft size={16} aria-hidden />
      </Control>
      <Control name={t("skip")} keys="→" onPress={actions.skip}>
        <ChevronRight size={16} aria-hidden />
      </Control>
      <Control name="10 s" keys="+" onPress={actions.extend}>
        <Plus size={16} aria-hidden />
      </Control>
      <Control name={t("toTheEnd")} onPress={toTheEnd}>
        <FastForward size={16} aria-hidden />
      </Control>
      <Control name={t("stopHere")} keys="e" onPress={actions.end}>
        <Square size={14} aria-hidden />
      </Control>
      <select
        aria-label={t("whichScreen")}
        className="border border-night-line bg-night px-2 py-1"
        value={screen}
        onChange={(event) => setScreen(event.target.value)}
      >
        <option value="">{t("teach")}</option>
        {people.map(({ rosterId, name }) => (
          <option key={rosterId} value={rosterId}>
            {t("phone", { name })}
          </option>
        ))}
      </select>
      <span className="flex-1" />
      <span className="whitespace-nowrap" data-testid="pulse">
        {pulse}
      </span>
      <b className="whitespace-nowrap border-2 border-marker px-2 py-0.5">{t("simulated")}</b>
      <fieldset className="flex gap-1" aria-label={t("howFast")}>
        {SPEEDS.map((each) => (
          <button
            key={each}
            type="button"
            aria-pressed={each === speed}
            aria-label={`${each}×, ${speedText(each, t)}`}
            className="min-h-[30px] min-w-[34px] border border-night-line px-1.5 aria-pressed:bg-night-text aria-pressed:text-night"
            onClick={() => setSpeed(each)}
          >
            {each}×
          </button>
        ))}
      </fieldset>
    </section>
  );
}
