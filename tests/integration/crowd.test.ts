/**
 * A whole evening of simulated people on one class at once: presses that come twice, late and out of order, clocks that
 * are an hour wrong, readers that stop reading. What comes of it is held against the rules of the core.
 */
import { readFileSync } from "node:fs";
import { setTimeout as sleep } from "node:timers/promises";
import { expect, test } from "vitest";
import type { Person } from "../../src/core/homes/home";
import type { CommandKind, EntryKind } from "../../src/core/live/event-kinds";
import { type SessionCommand, type SessionEvent, seenBy, seenByAll } from "../../src/core/live/events";
import { mergeCommand } from "../../src/core/live/merge";
import { peopleNow } from "../../src/core/live/people-now";
import { chanceOf } from "../../src/core/rehearsal/chance";
import { crowdOf } from "../../src/core/rehearsal/crowd";
import { rehearsed } from "../../src/core/rehearsal/rehearsal";
import { settingOf } from "../../src/core/rehearsal/setting";
import type { Eyes } from "../../src/server/live/frames";
import { liveHub } from "../../src/server/live/hub";
import { metrics } from "../../src/server/live/metrics";
import { createPerson } from "../../src/server/people";
import { takeEntry } from "../../src/server/session-entries";
import { eventsAfter, takeCommand } from "../../src/server/session-events";
import { sessionContent } from "../../src/server/sessions";
import { client, command, mine, newSession, rosterId, userId, withStudios } from "../shared/sessions";

withStudios();

const PEOPLE = 40;
const PRESSES = 2000;
const HOUR_MS = 3_600_000;
const SEED = 20261127;
/** At the same moment, as from so many devices. */
const AT_ONCE = 24;

const roster = (
  JSON.parse(readFileSync(new URL("../../demo/roster.json", import.meta.url), "utf8")) as {
    people: readonly Person[];
  }
).people;

/** Follows a session in this process, as a screen would, and keeps what came. */
function follow(session: string, eyes: Eyes, id: string, after = 0) {
  const stop = new AbortController();
  const stream = liveHub().stream(
    {
      session,
      studio: mine,
      owner: { id, address: "here" },
      eyes,
      door: { kind: "sign-in", id: `sign-in ${mine}`, userId, studioId: mine },
    },
    after,
    stop.signal,
  );
  const heard: SessionEvent[] = [];
  const reader = stream.getReader();
  const decoder = new TextDecoder();
  let ended = false;
  const read = async () => {
    for (;;) {
      const { done, value } = await reader.read();
      if (done) break;
      const data = /^data: (.*)$/m.exec(decoder.decode(value))?.[1];
      if (data && data !== "{}") heard.push(...(JSON.parse(data) as SessionEvent[]));
    }
    ended = true;
  };
  return { heard, read, end: () => stop.abort(), ended: () => ended };
}

type Sent =
  | { readonly says: SessionCommand<EntryKind>; readonly offlineAtMs: number | null }
  | { readonly command: SessionCommand<CommandKind>; readonly seen: number };

/** What a rehearsed evening presses, and more of it until there is enough; some of it twice or three times, shuffled a little. */
function evening(entries: readonly SessionEvent[], ids: readonly string[]): readonly Sent[] {
  const chance = chanceOf(SEED, "evening");
  const pick = <T>(list: readonly T[]) => list[Math.floor(chance.share() * list.length)] as T;
  const all: Sent[] = entries.map((event) => {
    const { kind, payload } = event as SessionEvent<EntryKind>;
    return {
      says: { id: crypto.randomUUID(), kind, payload } as SessionCommand<EntryKind>,
      offlineAtMs: null,
    };
  });
  while (all.length < PRESSES * 0.85) {
    const says = {
      id: crypto.randomUUID(),
      kind: "mark",
      payload: { person: pick(ids), mark: pick(["flat", "natural", "sharp"]) },
    };
    // Some were without a connection, and some of those have a clock that is an hour wrong.
    const wrong = pick([null, null, 0, HOUR_MS, -HOUR_MS]);
    all.push({
      says: says as SessionCommand<EntryKind>,
      offlineAtMs: wrong === null ? null : Date.now() + wrong,
    });
  }
  while (all.length < PRESSES) {
    const kind = pick(["pause", "resume", "skip", "back", "extend", "shorten-rests", "drop-round"] as const);
    const payload = kind === "extend" || kind === "shorten-rests" ? { seconds: 10 } : {};
    all.push({
      command: { id: crypto.randomUUID(), kind, payload } as SessionCommand<CommandKind>,
      seen: Math.floor(chance.share() * PRESSES),
    });
  }
  const twice = all.flatMap((one) =>
    chance.happens(0.2) ? [one, one] : chance.happens(0.05) ? [one, one, one] : [one],
  );
  return twice
    .map((one) => ({ one, at: chance.share() }))
    .sort((a, b) => a.at - b.at)
    .map(({ one }) => one);
}

test("what comes of two thousand presses, doubled, delayed and out of order, is what the rules say, for every reader", {
  timeout: 120_000,
}, async () => {
  const people: string[] = [];
  for (let i = 0; i < PEOPLE; i += 1) {
    const { id: _id, ...home } = roster[i % roster.length] as Person;
    people.push(await createPerson(mine, { ...home, name: `${home.name} ${i}` }));
  }
  const session = await newSession(people);
  // Streams go on only for whoever is still signed in.
  await client.query("insert into member (studio_id, user_id, role) values ($1, $2, 'owner')", [
    mine,
    userId,
  ]);
  await client.query(
    "insert into sign_in (id, user_id, token, expires_at) values ($1, $2, $1, now() + interval '1 hour')",
    [`sign-in ${mine}`, userId],
  );
  const ids = await Promise.all(people.map(rosterId));
  const { content } = await sessionContent(mine, session);
  const setting = settingOf(content);
  const lasts = setting.score.totalMs / 1000;
  const rehearsal = rehearsed(setting, crowdOf(ids, lasts, SEED), SEED, 0);
  const entries = rehearsal.events.filter(({ payload }) => "person" in payload);
  expect(entries.length).toBeGreaterThan(PEOPLE);
  const sent = evening(entries, ids);

  const readsBefore = (await metrics().reads.get()).values[0]?.value ?? 0;
  const all = follow(session, "instructor", userId);
  const stage = follow(session, "stage", userId);
  const own = ids.map((person, i) => follow(session, { person }, people[i] ?? ""));
  const slow = follow(session, "instructor", "slow");
  for (const reader of [all, stage, ...own]) void reader.read();

  await command(session, "start", { countInMs: 0 });
  const acknowledged = new Set<string>();
  const refused = new Set<string>();
  const taken = new Map<string, { readonly command: SessionCommand<CommandKind>; readonly seen: number }>();
  const queue = [...sent];
  const device = async () => {
    for (let one = queue.pop(); one; one = queue.pop()) {
      const id = "says" in one ? one.says.id : one.command.id;
      try {
        if ("says" in one) await takeEntry(session, one.says, one.offlineAtMs);
        else {
          const outcome = await takeCommand(mine, session, one.command, one.seen, null);
          if (!outcome.taken) {
            refused.add(id);
            continue;
          }
          taken.set(id, one);
        }
        acknowledged.add(id);
      } catch {
        // Too often within a minute: the device keeps it and sends it again later.
        refused.add(id);
      }
    }
  };
  await Promise.all(Array.from({ length: AT_ONCE }, device));
  const endMs = Date.now();
  // Nobody hurts twice before the first is answered: what was said again adds nothing, and isn't refused.
  const again = new Set(
    sent.flatMap((one) => ("says" in one && one.says.kind === "hurt" ? [one.says.id] : [])),
  );

  const stored = await eventsAfter(session, 0);
  expect(stored.map(({ seq }) => seq)).toEqual(stored.map((_, i) => i + 1));
  for (const [i, { atMs }] of stored.entries()) {
    expect(atMs).toBeGreaterThanOrEqual(stored[i - 1]?.atMs ?? 0);
    // The database's clock is this machine's: an hour wrong counts for nothing.
    expect(atMs).toBeLessThanOrEqual(endMs + 2000);
  }
  const storedIds = stored.map(({ id }) => id);
  expect(new Set(storedIds).size).toBe(storedIds.length);
  for (const id of acknowledged) if (!again.has(id)) expect(storedIds).toContain(id);
  const known = new Set(sent.map((one) => ("says" in one ? one.says.id : one.command.id)));
  for (const { id, kind } of stored)
    if (!["start", "next-set"].includes(kind)) expect(known.has(id), `${kind} that nobody sent`).toBe(true);
  // A command that was taken could be, by the rule for two made at once, on what had happened before it.
  for (const { command: made, seen } of taken.values()) {
    const at = stored.findIndex(({ id }) => id === made.id);
    expect(at).toBeGreaterThanOrEqual(0);
    expect(mergeCommand(made, stored.slice(0, at), seen)).toBe("taken");
  }
  expect(taken.size).toBeGreaterThan(50);
  expect(refused.size).toBeGreaterThan(20);

  // Every reader has what it may see: all of it, once, in order.
  const last = stored.at(-1)?.seq ?? 0;
  for (let i = 0; i < 100 && all.heard.at(-1)?.seq !== last; i += 1) await sleep(100);
  expect(all.heard).toEqual(stored);
  expect(stage.heard).toEqual(seenByAll(stored));
  for (const [i, reader] of own.entries()) expect(reader.heard).toEqual(seenBy(stored, ids[i] ?? ""));
  expect(peopleNow(all.heard)).toEqual(peopleNow(stored));
  // A plain reckoning of the same: the last level of each, and who is here.
  const marks = new Map<string, string>();
  const here = new Set<string>();
  for (const { kind, payload } of stored as readonly SessionEvent<EntryKind>[]) {
    if (kind === "mark") marks.set(payload.person, (payload as { mark: string }).mark);
    if (kind === "join") here.add(payload.person);
    if (kind === "leave") here.delete(payload.person);
  }
  expect(Object.fromEntries(peopleNow(stored).marks)).toEqual(Object.fromEntries(marks));
  expect([...peopleNow(stored).here].sort()).toEqual([...here].sort());

  // One read an event at the most, whatever the forty-three streams.
  const reads = ((await metrics().reads.get()).values[0]?.value ?? 0) - readsBefore;
  expect(reads).toBeLessThanOrEqual(stored.length + 5);

  // Who read nothing was cut off, with what had been put aside by then, and is welcomed back by the last number.
  await slow.read();
  expect(slow.ended()).toBe(true);
  expect(slow.heard.length).toBeGreaterThan(0);
  expect(slow.heard.length).toBeLessThan(stored.length);
  const back = follow(session, "instructor", "slow", slow.heard.at(-1)?.seq ?? 0);
  void back.read();
  for (let i = 0; i < 100 && back.heard.at(-1)?.seq !== last; i += 1) await sleep(50);
  expect([...slow.heard, ...back.heard]).toEqual(stored);
  for (const reader of [all, stage, ...own, back]) reader.end();
});
