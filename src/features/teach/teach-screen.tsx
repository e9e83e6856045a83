"use client";
import { useEffect, useRef, useState } from "react";
import { DEVICE_DEFAULTS, type DeviceChoices, deviceChoices } from "@/browser/device";
import { keepAwake } from "@/browser/wake-lock";
import { type ClassDoc, findSlot } from "@/core/class/document";
import { leaderOf, movesVersion, type SessionEvent } from "@/core/live/events";
import type { LiveScore } from "@/core/live/live-score";
import { lineNow, type NowNext, nowNext } from "@/core/live/now-next";
import type { PeopleNow } from "@/core/live/people-now";
import type { Asked } from "@/core/live/presence";
import type { SessionContent } from "@/core/live/session";
import { type KnownMove, type MoveBook, resolveMove } from "@/core/moves/book";
import { useWords } from "@/features/language/use-words";
import type { Lead } from "@/features/live/lead";
import { useContent } from "@/features/live/use-content";
import { useCues } from "@/features/live/use-cues";
import { useLead } from "@/features/live/use-lead";
import { useWhereabouts } from "@/features/live/use-whereabouts";
import { nowText, showText } from "@/words/live-words";
import type { Hurting } from "./below-words";
import { COUNT_IN_MS, Controls, STEP_SECONDS } from "./controls";
import { Ended } from "./ended";
import { Ready } from "./ready";
import { TeachDialogs, type TeachPanel } from "./teach-dialogs";
import { TeachView } from "./teach-view";
import { useClassShown, useTaughtPeople, wordsIn } from "./use-taught";
import { useTeachKeys } from "./use-teach-keys";
import { useWhatToShow } from "./use-what-to-show";

interface Props {
  readonly id: string;
  readonly classId: string | null;
  /** Of the instructor who looks. */
  readonly name: string;
  readonly content: SessionContent;
  readonly asked: readonly Asked[];
  /** People of the studio who aren't asked. */
  readonly others: readonly Asked[];
  readonly wordsPerSecond: number;
  readonly events: readonly SessionEvent[];
}

/** What can be done while a class is led, by button and by key. `hurt`: who hurts and wasn't answered yet. */
function teachActions(
  lead: Lead,
  live: boolean,
  doors: {
    readonly panel: (panel: TeachPanel) => void;
    readonly mute: () => void;
    readonly counting: () => void;
    readonly name: string;
    readonly hurt: string | null;
    readonly contact: () => void;
  },
) {
  const { panel, mute, counting, name, hurt, contact } = doors;
  const start = () => lead.command("start", { countInMs: COUNT_IN_MS });
  return {
    start: () => lead.state.phase === "ready" && start(),
    toggle: () => {
      if (lead.state.phase === "ready") start();
      else if (lead.state.phase === "paused") lead.command("resume");
      else if (live) lead.command("pause");
    },
    skip: () => live && lead.command("skip"),
    back: () => live && lead.command("back"),
    repeat: () => live && lead.command("repeat"),
    extend: () => live && lead.command("extend", { seconds: STEP_SECONDS }),
    count: () => live && lead.command("count"),
    shorten: () => live && lead.command("shorten", { seconds: STEP_SECONDS }),
    finish: () => live && panel("finish"),
    substitute: () => live && panel("substitute"),
    people: () => panel("people"),
    note: () => panel("note"),
    keys: () => panel("keys"),
    lead: () => lead.command("lead", { name }),
    end: () => live && panel("end"),
    mute,
    counting,
    seen: () => hurt && lead.command("hurt-seen", { person: hurt }),
    contact: () => hurt && contact(),
  };
}

/** The class as it stands after what was pressed, with its calls and what is shown of its slots. */
function useTaught({ id, events, content: first, wordsPerSecond }: Props) {
  const [known, setKnown] = useState(events);
  const content = useContent(`/api/sessions/${id}/content`, first, movesVersion(known));
  const taught = useClassShown(content, wordsPerSecond);
  const lead = useLead(id, taught.score, events);
  useEffect(() => setKnown(lead.events), [lead.events]);
  return { content, ...taught, lead };
}

/** The screen stays awake while the class is live; that the score is over is said once, by whoever sees it first. */
function useLiveClass({ state, command }: Lead): boolean {
  const live = state.phase !== "ready" && state.phase !== "ended";
  useEffect(() => (live ? keepAwake() : undefined), [live]);
  const closed = useRef(false);
  useEffect(() => {
    if (state.phase !== "over" || closed.current) return;
    closed.current = true;
    command("end");
  }, [state.phase, command]);
  return live;
}

/** This screen's own choices, and the sounds it makes. */
function useTeachDevice(score: LiveScore, lead: Lead, name: string) {
  const [device, setDevice] = useState<DeviceChoices>(DEVICE_DEFAULTS);
  useEffect(() => setDevice(deviceChoices()), []);
  const leader = leaderOf(lead.events);
  // Where somebody else leads their screen makes the sounds: two would come one after the other.
  const other = leader === name ? null : leader;
  return { device, leader: other, cues: useCues(score, lead, !device.sounds || other !== null) };
}

/** Who hurts first, how many more do, and what they left for it once it is asked for. */
function useHelp(id: string, people: PeopleNow, asked: readonly Asked[]) {
  const [first, ...more] = people.hurt;
  const { left, ask } = useWhereabouts(id, first?.person ?? null);
  const emergency = asked.find(({ rosterId }) => rosterId === first?.person)?.emergency ?? null;
  const hurt: Hurting | null = first ? { person: first.person, more: more.length, emergency, left } : null;
  return { hurt, ask };
}

/** The ways of the move that is shown now, and nothing while none is. */
const waysShown = ({ segment }: NowNext, toShow: ReturnType<typeof useWhatToShow>) =>
  (segment?.kind === "demo" && segment.slot !== null && toShow[segment.slot]) || [];

const without = (all: readonly Asked[], some: readonly Asked[]) =>
  all.filter((person) => !some.some((entry) => entry.id === person.id));

/** The move of a slot; null where none is shown. */
function moveIn(doc: ClassDoc, slotId: string | null, book: MoveBook): KnownMove | null {
  const slot = slotId ? findSlot(doc, slotId)?.slot : undefined;
  return slot ? resolveMove(slot.move, book) : null;
}

/** Leading a class: the second, the move, the side, the round, what comes next; read from three metres. */
export function TeachScreen(props: Props) {
  const words = useWords();
  const { id, classId } = props;
  const { content, book, score, shown, lines, faces, lead } = useTaught(props);
  const { doc, parts } = content;
  const { people, asked, presence, now, add } = useTaughtPeople(props.asked, content, lead);
  const { device, leader, cues } = useTeachDevice(score, lead, props.name);
  const help = useHelp(id, people, asked);
  const [panel, setPanel] = useState<TeachPanel | null>(null);
  const { state } = lead;
  const live = useLiveClass(lead);
  const toShow = useWhatToShow(id, live ? content.version : null);
  const actions = teachActions(lead, live, {
    ...{ panel: setPanel, mute: cues.mute, counting: cues.countOtherwise, name: props.name },
    ...{ hurt: help.hurt?.person ?? null, contact: help.ask },
  });
  useTeachKeys(actions, panel !== null);

  if (state.phase === "ended") return <Ended {...{ id, classId, score, lead }} title={doc.title} />;
  const present = nowNext(shown, score, state, book);
  const says = nowText(
    present,
    words,
    lineNow(present, lines, state)?.text,
    wordsIn(props.wordsPerSecond, state),
  );
  const show = showText(waysShown(present, toShow), words);
  const dialogs = (
    <TeachDialogs
      id={id}
      panel={panel}
      onPanel={setPanel}
      lead={lead}
      score={score}
      presence={presence}
      people={people}
      asked={asked}
      others={without(props.others, asked)}
      onAdded={add}
      slot={says.slotId}
      move={moveIn(shown, says.slotId, book)}
    />
  );
  if (state.phase === "ready")
    return (
      <>
        <Ready
          id={id}
          doc={shown}
          score={score}
          parts={parts}
          presence={presence}
          onStart={actions.start}
          onPeople={actions.people}
          classId={classId}
        />
        {dialogs}
      </>
    );
  return (
    <TeachView
      {...{ lead, says, leader, presence, score, book, faces, parts, now, people, show }}
      doc={shown}
      mirror={device.mirror}
      hurt={help.hurt}
    >
      <Controls actions={actions} paused={state.phase === "paused"} cues={cues} />
      {dialogs}
    </TeachView>
  );
}
