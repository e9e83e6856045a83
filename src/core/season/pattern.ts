/** A season as a pattern of weeks, and the dates that it makes. Days are those of the season's own time zone. */
import { instantIn } from "../live/when";
import { isTimeZone } from "../settings/settings";
import { isDay, type Ms } from "../units";

/** A weekday of the pattern; the same weekday may stand twice. */
export interface SeasonLine {
  /** 1 Monday to 7 Sunday (ISO 8601). */
  readonly weekday: number;
  /** `19:00`. */
  readonly time: string;
  /** The class that its weeks are made from. */
  readonly classId: string;
  /** What the day is for, in the instructor's words. */
  readonly focus: string;
}

export interface SeasonPlan {
  /** `YYYY-MM-DD`; its week is the first. */
  readonly from: string;
  readonly weeks: number;
  /** IANA name. */
  readonly timeZone: string;
  readonly lines: readonly SeasonLine[];
  /** Classes grow a step every so many weeks; 0: they stay. */
  readonly growEvery: number;
  /** Every so many weeks one is easier, 4 to 6; 0: none. */
  readonly easierEvery: number;
  /** Days without a class: holidays. */
  readonly off: readonly string[];
  /** How often it was announced, in words: "every other day". */
  readonly says: string;
}

export const MOST_WEEKS = 26;
export const MOST_LINES = 14;
export const EASIER_EVERY = [0, 4, 5, 6] as const;

export interface SeasonDate {
  /** From 0. */
  readonly week: number;
  /** Index of the pattern's line. */
  readonly line: number;
  readonly day: string;
  readonly atMs: Ms;
  /** An easier week. */
  readonly easier: boolean;
  /** On a day off. */
  readonly off: boolean;
}

const DAY_MS = 86_400_000;
const dayNumber = (day: string) => Math.round(Date.parse(`${day}T00:00:00Z`) / DAY_MS);
const dayOfNumber = (n: number) => new Date(n * DAY_MS).toISOString().slice(0, 10);

/** A day some days after another. */
export function dayAfter(day: string, days: number): string {
  return dayOfNumber(dayNumber(day) + days);
}

/** 1 Monday to 7 Sunday. */
export function weekdayOf(day: string): number {
  // 1970-01-01 was a Thursday.
  return ((((dayNumber(day) + 3) % 7) + 7) % 7) + 1;
}

/** The Monday of a day's week. */
export function mondayOf(day: string): string {
  return dayAfter(day, 1 - weekdayOf(day));
}

/** Whole days from one day to another. */
export function daysFrom(from: string, to: string): number {
  return dayNumber(to) - dayNumber(from);
}

/** Whether a week is an easier one: the fourth, eighth … of every four. */
export function isEasier({ easierEvery }: Pick<SeasonPlan, "easierEvery">, week: number): boolean {
  return easierEvery > 0 && (week + 1) % easierEvery === 0;
}

/** How many steps a class has grown by a week; an easier week takes none. */
export function stepsBy(plan: Pick<SeasonPlan, "easierEvery" | "growEvery">, week: number): number {
  if (plan.growEvery <= 0) return 0;
  const before = Array.from({ length: week }, (_, i) => i + 1).filter((each) => !isEasier(plan, each));
  return Math.floor(before.length / plan.growEvery);
}

/** All dates of a pattern, in order; those before its first day aren't there. A time that a zone skips comes later. */
export function seasonDates(plan: SeasonPlan): readonly SeasonDate[] {
  const monday = mondayOf(plan.from);
  const dates: SeasonDate[] = [];
  for (let week = 0; week < plan.weeks; week += 1) {
    plan.lines.forEach(({ weekday, time }, line) => {
      const day = dayAfter(monday, week * 7 + weekday - 1);
      const atMs = instantIn(day, time, plan.timeZone);
      if (day < plan.from || atMs === null) return;
      dates.push({ week, line, day, atMs, easier: isEasier(plan, week), off: plan.off.includes(day) });
    });
  }
  return dates.sort((a, b) => a.atMs - b.atMs || a.line - b.line);
}

/** What is wrong with a pattern, as the names of its fields; empty where nothing is. */
export function planFaults(plan: SeasonPlan): readonly (keyof SeasonPlan)[] {
  const whole = (n: number, least: number, most: number) => Number.isInteger(n) && n >= least && n <= most;
  const faults: (keyof SeasonPlan)[] = [];
  if (!isDay(plan.from)) faults.push("from");
  if (!whole(plan.weeks, 1, MOST_WEEKS)) faults.push("weeks");
  if (!isTimeZone(plan.timeZone)) faults.push("timeZone");
  if (!whole(plan.growEvery, 0, 4)) faults.push("growEvery");
  if (!(EASIER_EVERY as readonly number[]).includes(plan.easierEvery)) faults.push("easierEvery");
  if (!plan.off.every(isDay)) faults.push("off");
  const fine = plan.lines.every(
    ({ weekday, time }) => whole(weekday, 1, 7) && /^([01]\d|2[0-3]):[0-5]\d$/.test(time),
  );
  if (!fine || !whole(plan.lines.length, 1, MOST_LINES)) faults.push("lines");
  return faults;
}
