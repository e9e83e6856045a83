"use client";
import { useCallback, useEffect, useRef, useState } from "react";
import { CuePlayer } from "@/browser/audio";
import {
  COUNTINGS,
  type Counting,
  DEVICE_DEFAULTS,
  deviceChoices,
  keepDeviceChoices,
} from "@/browser/device";
import { keep, kept } from "@/browser/store";
import { type CountsHeard, type Cue, commonCounts, cuesBetween } from "@/core/live/cues";
import { clockState } from "@/core/live/fold";
import type { LiveScore } from "@/core/live/live-score";
import type { Lead } from "./lead";

/** How far ahead sounds are planned, and how often: far enough that a late timer misses nothing. */
const AHEAD_MS = 6000;
const WAKE_MS = 1500;

/**
 * Plans the sounds of a class on the audio clock. A command takes back what was planned and plans anew.
 * `own`: what somebody counts for themselves, in place of the count that everybody follows. `besides`: what else
 * they hear, at any times, if nothing else happens. `silent`: sounds begin switched off, as on phones where the call carries them.
 */
export function useCues(
  score: LiveScore,
  { events, now, synced }: Pick<Lead, "events" | "now" | "synced">,
  silent = false,
  own: CountsHeard | null = null,
  besides: ((nowMs: number) => readonly Cue[]) | null = null,
) {
  const player = useRef<CuePlayer | null>(null);
  const [volume, setVolumeState] = useState(0.7);
  const [muted, setMuted] = useState(silent);
  // What this device keeps is read after the first drawing.
  useEffect(() => setMuted(silent), [silent]);
  const [awake, setAwake] = useState(false);
  const [counting, setCounting] = useState<Counting>(DEVICE_DEFAULTS.counting);
  useEffect(() => setCounting(deviceChoices().counting), []);

  useEffect(() => {
    setVolumeState(kept<number>("brontle.volume") ?? 0.7);
    player.current = new CuePlayer();
    const wake = () => {
      player.current?.wake();
      setTimeout(() => setAwake(player.current?.awake ?? false), 100);
    };
    wake();
    window.addEventListener("pointerdown", wake);
    window.addEventListener("keydown", wake);
    return () => {
      window.removeEventListener("pointerdown", wake);
      window.removeEventListener("keydown", wake);
      player.current?.close();
      player.current = null;
    };
  }, []);

  useEffect(() => {
    player.current?.setVolume(muted ? 0 : volume);
  }, [volume, muted]);

  useEffect(() => player.current?.speak(counting === "voice" && !muted), [counting, muted]);

  useEffect(() => {
    if (!synced) return;
    const counts = counting === "none" ? null : (own ?? commonCounts(score));
    let until = now();
    player.current?.clear();
    // Each wake takes a half-open window and hands every sound its own exact time.
    const plan = () => {
      const at = now();
      const to = at + AHEAD_MS;
      const state = clockState(score, events, at);
      const more = state.phase === "running" ? (besides?.(at) ?? []) : [];
      const due = more.filter(({ atMs }) => atMs >= until && atMs < to);
      player.current?.add([...cuesBetween(score, state, at, until, to, counts), ...due], at);
      until = to;
    };
    plan();
    const timer = setInterval(plan, WAKE_MS);
    return () => clearInterval(timer);
  }, [score, events, now, synced, counting, own, besides]);

  const setVolume = useCallback((value: number) => {
    setVolumeState(value);
    setMuted(false);
    keep("brontle.volume", value);
  }, []);
  const mute = useCallback(() => setMuted((on) => !on), []);
  /** Reps are heard in the next of the ways: not at all, ticked, spoken. */
  const countOtherwise = useCallback(() => {
    const next = COUNTINGS[(COUNTINGS.indexOf(counting) + 1) % COUNTINGS.length] as Counting;
    setCounting(next);
    keepDeviceChoices({ ...deviceChoices(), counting: next });
  }, [counting]);
  return { volume, muted, awake, counting, setVolume, mute, countOtherwise };
}
