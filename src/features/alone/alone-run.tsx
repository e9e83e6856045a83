"use client";
import { useEffect, useRef, useState } from "react";
import { CuePlayer } from "@/browser/audio";
import { deviceNowMs } from "@/browser/now";
import { vibrate } from "@/browser/vibrate";
import { emergencyNumber } from "@/core/readiness/emergency";
import type { AloneSet } from "@/core/season/alone";
import { clockText } from "@/core/units";
import { useWords } from "@/features/language/use-words";
import { StopWords } from "@/features/part/stop-words";
import { massText } from "@/words/kit-words";
import type { AloneProps } from "./alone-props";

const TICK_MS = 200;
/** Before a timed set, ms. */
const READY_MS = 5000;

/** Where somebody is: before a timed set, in a set, or in the rest after one; `untilMs` null where they end it themselves. */
interface Now {
  readonly index: number;
  readonly doing: "ready" | "set" | "rest";
  readonly untilMs: number | null;
}

function begun(sets: readonly AloneSet[], index: number, atMs: number): Now {
  return sets[index]?.seconds == null
    ? { index, doing: "set", untilMs: null }
    : { index, doing: "ready", untilMs: atMs + READY_MS };
}

/** What comes after it, at an instant; null after the last set. */
function after(sets: readonly AloneSet[], now: Now, atMs: number): Now | null {
  const set = sets[now.index];
  if (now.doing === "ready") return { ...now, doing: "set", untilMs: atMs + (set?.seconds ?? 0) * 1000 };
  if (now.doing === "set" && now.index + 1 >= sets.length) return null;
  if (now.doing === "set" && (set?.restSeconds ?? 0) > 0)
    return { ...now, doing: "rest", untilMs: atMs + (set?.restSeconds ?? 0) * 1000 };
  return begun(sets, now.index + 1, atMs);
}

/** Sounds at the end of what runs: three ticks, then that it begins or ends. */
function useSounds(now: Now) {
  const player = useRef<CuePlayer | null>(null);
  useEffect(() => {
    player.current ??= new CuePlayer();
    player.current.wake();
    player.current.clear();
    vibrate([120]);
    if (now.untilMs === null) return;
    const ends = { kind: now.doing === "set" ? "end" : "start", atMs: now.untilMs } as const;
    const ticks = [3000, 2000, 1000].map(
      (before) => ({ kind: "count-in", atMs: (now.untilMs ?? 0) - before }) as const,
    );
    player.current.add([...(now.doing === "set" ? [] : ticks), ends], deviceNowMs());
  }, [now]);
  useEffect(() => () => player.current?.close(), []);
}

/** Goes on by itself where a time runs out; while something hurts nothing runs. */
function useRun(sets: readonly AloneSet[], onEnd: (through: number) => void) {
  const [now, setNow] = useState<Now>(() => begun(sets, 0, deviceNowMs()));
  /** Time that was left when something hurt, ms; null while it runs, or where nothing did. */
  const [leftMs, setLeftMs] = useState<number | null>(null);
  const [, tick] = useState(0);
  const go = (atMs: number) => {
    const next = after(sets, now, atMs);
    if (next) setNow(next);
    else onEnd(sets.length);
  };
  const latest = useRef(go);
  latest.current = go;
  useEffect(() => {
    const timer = setInterval(() => {
      tick((n) => n + 1);
      if (now.untilMs !== null && deviceNowMs() >= now.untilMs) latest.current(now.untilMs);
    }, TICK_MS);
    return () => clearInterval(timer);
  }, [now]);
  const hold = () => {
    if (now.untilMs === null) return;
    setLeftMs(Math.max(0, now.untilMs - deviceNowMs()));
    setNow({ ...now, untilMs: null });
  };
  const goOn = () => {
    if (leftMs !== null) setNow({ ...now, untilMs: deviceNowMs() + leftMs });
    setLeftMs(null);
  };
  /** To the first set of another move: the rest of this one is left out. */
  const leave = () => {
    const { slot } = sets[now.index] as AloneSet;
    const index = sets.findIndex((set, i) => i > now.index && set.slot !== slot);
    setLeftMs(null);
    if (index < 0) onEnd(now.index);
    else setNow(begun(sets, index, deviceNowMs()));
  };
  return { now, next: () => go(deviceNowMs()), hold, goOn, leave };
}

/** What is done or comes, with how many and what is held. */
function TheSet({
  shown,
  now,
  person,
}: { readonly shown: AloneSet; readonly now: Now } & Pick<AloneProps, "person">) {
  const words = useWords();
  const left = now.untilMs === null ? null : Math.max(0, Math.ceil((now.untilMs - deviceNowMs()) / 1000));
  const load = shown.set?.load;
  const amount = [
    shown.reps === null ? "" : words.phrase("alone", "repsN", { n: shown.reps }),
    shown.seconds === null ? "" : `${shown.seconds} s`,
    load && "kg" in load ? massText(load.kg, person.units ?? "kg", words) : "",
    shown.side ? words.name("side", shown.side) : "",
  ].filter(Boolean);
  const word = words.phrase("alone", "doing", { doing: now.doing });
  return (
    <>
      <p
        role="timer"
        aria-label={word}
        className="mt-4 font-clock text-[28vw] font-extrabold leading-none sm:text-[120px]"
      >
        {left === null ? (shown.reps ?? "–") : clockText(left)}
      </p>
      <p className="text-xl text-night-quiet">
        {left !== null ? word : words.phrase("alone", shown.reps === null ? "stopped" : "repsThenDone")}
      </p>
      <h1 className="mt-4 text-[min(40px,11vw)] font-extrabold leading-none [overflow-wrap:anywhere]">
        {now.doing === "rest" && <span className="text-night-quiet">{words.phrase("part", "next")} </span>}
        {shown.own.name}
      </h1>
      <p className="mt-2 text-2xl font-bold">{amount.join(" · ")}</p>
      <p className="text-lg text-night-quiet">
        {words.phrase("alone", "setOf", { n: shown.nth, of: shown.of })}
        {shown.own.note && ` · ${shown.own.note}`}
      </p>
    </>
  );
}

/** While something hurts: that nobody hears of it, and whom to call. */
function AloneHurt({ country }: { readonly country: string | undefined }) {
  const words = useWords();
  return (
    <p role="alert" className="mt-3 border-4 border-stop p-3 text-lg">
      <b>{words.phrase("alone", "nobodyTold")}</b> {words.phrase("alone", "leftOut")}{" "}
      {words.phrase("own", "hurtCard", { number: emergencyNumber(country) ?? "none" })}
    </p>
  );
}

/** Set by set at one's own pace: reps until Done, time by itself, rests with their sounds. */
export function AloneRun(
  props: AloneProps & { readonly onEnd: (hurt: readonly string[], through: number) => void },
) {
  const words = useWords();
  const { sets, person, title, onEnd } = props;
  const [hurt, setHurt] = useState<readonly string[]>([]);
  const { now, next, hold, goOn, leave } = useRun(sets, (through) => onEnd(hurt, through));
  useSounds(now);
  const set = sets[now.index];
  const shown = now.doing === "rest" ? sets[now.index + 1] : set;
  if (!set || !shown) return null;
  const isHurt = hurt.includes(set.slot);
  const toggle = () => {
    setHurt(isHurt ? hurt.filter((slot) => slot !== set.slot) : [...hurt, set.slot]);
    (isHurt ? goOn : hold)();
  };
  return (
    <main
      className="night flex min-h-dvh flex-col bg-night px-5 pb-4 pt-3 text-night-text"
      data-doing={now.doing}
      data-index={now.index}
    >
      <p className="flex justify-between gap-3 text-[15px] text-night-quiet">
        <span>{title}</span>
        <span>{words.phrase("alone", "of", { n: now.index + 1, of: sets.length })}</span>
      </p>
      <TheSet shown={shown} now={now} person={person} />
      {isHurt && <AloneHurt country={person.country} />}
      <StopWords country={person.country} />
      <div className="mt-auto grid grid-cols-2 gap-2 pt-4">
        <button
          type="button"
          className="col-span-2 min-h-16 bg-night-text text-2xl font-bold text-night"
          onClick={isHurt ? leave : next}
        >
          {isHurt
            ? words.phrase("alone", "anotherMove")
            : words.phrase("alone", "press", { doing: now.doing })}
        </button>
        <button
          type="button"
          className="min-h-12 border-2 border-stop text-lg font-bold"
          aria-pressed={isHurt}
          onClick={toggle}
        >
          {words.phrase("alone", isHurt ? "hurtsNot" : "hurts")}
        </button>
        <button
          type="button"
          className="min-h-12 border-2 border-night-text text-lg font-bold"
          onClick={() => onEnd(hurt, now.index)}
        >
          {words.phrase("alone", "stopHere")}
        </button>
      </div>
    </main>
  );
}
