"use client";
import { useRouter } from "next/navigation";
import { useCallback, useEffect, useMemo, useRef, useState } from "react";
import { keepThisPage } from "@/browser/kept-page";
import { keep, kept } from "@/browser/store";
import { keepAwake } from "@/browser/wake-lock";
import type { Mark } from "@/core/homes/home";
import type { CountsHeard } from "@/core/live/cues";
import { contentVersion } from "@/core/live/events";
import { clockState } from "@/core/live/fold";
import { easesIn, lateStart } from "@/core/live/late";
import { type LiveScore, scoreOfKept } from "@/core/live/live-score";
import { placeAmong } from "@/core/live/own-pace";
import { ownPaceCues } from "@/core/live/own-pace-cues";
import type { OwnParts, OwnSession } from "@/core/live/own-part";
import { type PeopleNow, peopleNow } from "@/core/live/people-now";
import { withPicks } from "@/core/live/picks";
import { withSubstitutes } from "@/core/live/substitutes";
import { bookOf } from "@/core/moves/book";
import type { Part } from "@/core/parts/part";
import { useWords } from "@/features/language/use-words";
import { useContent } from "@/features/live/use-content";
import { useCues } from "@/features/live/use-cues";
import type { HurtState } from "@/words/own-words";
import { answersOf } from "./answers-of";
import { BeforeClass } from "./before-class";
import { During } from "./during";
import { keepOf, keptOf } from "./kept-class";
import { OwnPaceScreen } from "./own-pace";
import type { OwnPage, OwnWhereabouts } from "./own-page";
import type { DuringProps } from "./own-told";
import { OwnWarmUp } from "./own-warm-up";
import { StopWords } from "./stop-words";
import { type Follow, useFollow } from "./use-follow";
import { useOtherClass } from "./use-other-class";
import { useOwnCounting } from "./use-own-count";
import { usePresence } from "./use-presence";

/** How late this device hears the instructor, kept per device. */
const LATE_KEY = "brontle.late";
/** After the end the page asks until the server has the end too. */
const ASK_AGAIN_MS = 2000;

interface Props extends OwnPage {
  readonly session: OwnSession;
  readonly parts: OwnParts;
  readonly whereabouts: OwnWhereabouts | null;
  readonly tonightSaid: boolean;
}

/** How late this device hears the instructor, as it was set here. */
function useLate(): [number, (ms: number) => void] {
  const [lateMs, setLateMs] = useState(0);
  useEffect(() => setLateMs(kept<number>(LATE_KEY) ?? 0), []);
  return [
    lateMs,
    (ms) => {
      keep(LATE_KEY, ms === 0 ? null : ms);
      setLateMs(ms);
    },
  ];
}

/** The newest of what this device has of the class: what the server gave, or what was kept of it before. */
function useKeptContent(given: OwnSession, id: string, person: string): OwnSession {
  const [there, setThere] = useState<OwnSession | null>(null);
  useEffect(() => setThere(keptOf("content", id, person)), [id, person]);
  useEffect(() => {
    if (given.version >= (keptOf("content", id, person)?.version ?? 0)) keepOf("content", id, person, given);
  }, [given, id, person]);
  useEffect(() => void keepThisPage(), []);
  return there && there.version > given.version ? there : given;
}

/** The class as it stands, followed to the second; `known`: the events with which the page asks for it. */
function useOwnClass({ token, session: first, person, parts: own }: Props, lateMs: number) {
  const [taken, setTaken] = useState(first.events);
  const given = useContent(`/api/part/${token}/content?session=${first.id}`, first, contentVersion(taken));
  const session = useKeptContent(given, first.id, person.id);
  const book = useMemo(() => bookOf(session.moves), [session.moves]);
  const score = useMemo(() => scoreOfKept(session), [session]);
  const shown = useMemo(
    () => withSubstitutes(session.doc, session.substitutes, book),
    [session.doc, session.substitutes, book],
  );
  const follow = useFollow(token, first.id, person.id, score, first.events, lateMs);
  useEffect(() => setTaken(follow.known), [follow.known]);
  return { session, parts: session.parts ?? own, book, score, shown, follow };
}

/** That it hurts, as this device and as the server knows it. */
function useHurt(person: string, now: PeopleNow, follow: ReturnType<typeof useFollow>): HurtState {
  const hurts = ({ hurt }: PeopleNow) => hurt.some((entry) => entry.person === person);
  return {
    pressed: hurts(now),
    told: hurts(useMemo(() => peopleNow(follow.known), [follow.known])),
    open: follow.reached && follow.held === null,
  };
}

/** One's part at the level that one has now, with what one chose. */
function useOwnPart(parts: OwnParts, mark: Mark | null, now: PeopleNow, person: string): Part {
  const own = mark === null ? parts.usual : parts.byMark[mark];
  const picks = now.picks.get(person);
  return useMemo(() => withPicks(own, picks), [own, picks]);
}

/** Sounds come as late as the clock that is shown. */
function useOwnCues(
  score: LiveScore,
  follow: Follow,
  lateMs: number,
  counts: CountsHeard,
  part: Part,
  person: string,
) {
  const { known, synced, now } = follow;
  const heard = useCallback(() => now() - lateMs, [now, lateMs]);
  const besides = useCallback(
    (nowMs: number) => {
      const place = placeAmong(score, clockState(score, known, nowMs), known, nowMs, person, part);
      return place ? ownPaceCues(place, nowMs) : [];
    },
    [score, known, part, person],
  );
  return useCues(score, { events: known, now: heard, synced }, true, counts, besides);
}

/** One's own version of a class, to the second: read from a phone on the floor. */
export function FollowClass(props: Props) {
  const { token, studio, person } = props;
  const [lateMs, keepLate] = useLate();
  const { session, parts, book, score, shown, follow } = useOwnClass(props, lateMs);
  const { state, enter, events } = follow;
  const now = useMemo(() => peopleNow(events), [events]);
  const late = useMemo(
    () => lateStart(session.doc, score, events, person.id),
    [session.doc, score, events, person.id],
  );
  const [warm, setWarm] = useState(false);
  const chosen = now.marks.get(person.id) ?? null;
  const easing = chosen === null && easesIn(score, events, late, follow.now());
  const mark: Mark | null = easing ? "flat" : chosen;
  const part = useOwnPart(parts, mark, now, person.id);
  const counting = useOwnCounting(shown, score, part, book);
  const cues = useOwnCues(score, follow, lateMs, counting.heard, part, person.id);
  const place = placeAmong(score, state, events, follow.now() - lateMs, person.id, part);
  const hurt = useHurt(person.id, now, follow);
  const live = state.phase !== "ready" && state.phase !== "ended" && state.phase !== "over";
  const other = useOtherClass(
    token,
    { session: session.id, state: live ? null : props.session.state },
    !live,
    follow.looks,
  );
  useEffect(() => (live ? keepAwake() : undefined), [live]);
  usePresence(token, session.id, state.phase !== "ended", now.here.includes(person.id), enter);

  if (state.phase === "ended" || state.phase === "over")
    return (
      <Over
        title={session.doc.title}
        studio={studio}
        country={person.country}
        ended={state.phase === "ended"}
      />
    );
  if (state.phase === "ready") return <BeforeClass {...props} session={session} part={part} />;
  if (late && !warm && follow.now() < late.warmUntilMs && state.phase === "running")
    return (
      <OwnWarmUp
        late={late}
        nowMs={follow.now()}
        part={parts.byMark.flat}
        person={person}
        onWarm={() => setWarm(true)}
        onHurt={() => enter("hurt")}
        hurt={hurt}
      />
    );
  const during: DuringProps = {
    ...{ token, person, doc: shown, score, book, part, state, other, mark, cues, lateMs, keepLate },
    ...{
      within: follow.within,
      counting,
      ...answersOf(now, person.id),
      easier: parts.byMark.flat,
      events,
      now: follow.now,
    },
    ...{ easing, reached: follow.reached, held: follow.held, hurt, enter },
  };
  return place ? <OwnPaceScreen {...during} place={place} /> : <During {...during} />;
}

/** The class is over; the page for what was done comes as soon as the server knows it too. */
function Over(props: {
  readonly title: string;
  readonly studio: string;
  readonly country: string | undefined;
  readonly ended: boolean;
}) {
  const router = useRouter();
  const words = useWords();
  const { ended } = props;
  const asked = useRef(router);
  asked.current = router;
  useEffect(() => {
    if (!ended) return;
    asked.current.refresh();
    const timer = setInterval(() => asked.current.refresh(), ASK_AGAIN_MS);
    return () => clearInterval(timer);
  }, [ended]);
  return (
    <main className="night grid min-h-screen content-center gap-4 bg-night px-6 text-night-text">
      <h1 className="text-4xl font-extrabold">{words.phrase("part", "wasIt")}</h1>
      <p className="text-xl text-night-quiet">
        {words.phrase("part", "isOver", { title: props.title, studio: props.studio })}
      </p>
      <StopWords country={props.country} />
    </main>
  );
}
