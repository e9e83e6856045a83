"use client";
import { useEffect, useState } from "react";
import { findSlot } from "@/core/class/document";
import { groupSets, SET_GROUPS, type SetGroup } from "@/core/effort/room-limits";
import type { Shape } from "@/core/engine/engine";
import { MARK_GLYPH, MARKS, type Mark } from "@/core/homes/home";
import { bookFor, resolveMove } from "@/core/moves/book";
import type { Muscle } from "@/core/moves/move";
import { spreadOf } from "@/core/shape/shape-json";
import { clockText } from "@/core/units";
import { useLibrary } from "@/features/language/use-library";
import { useTexts } from "@/features/language/use-texts";
import { useWords } from "@/features/language/use-words";
import { useAnswer } from "@/features/room/use-answer";
import type { Room } from "@/features/room/use-parts";
import type { Say } from "@/words/screens/screens";
import { BarChart, type BarLine } from "./bar-chart";

const SET_KEYS = Object.keys(SET_GROUPS) as readonly SetGroup[];

export type Whose = { readonly mark: Mark } | { readonly person: string };

/** Effort and balance of the class as set or of one person, with the spread over everybody. */
export function ShapePanel(props: {
  readonly room: Room;
  readonly whose: Whose;
  readonly onWhose: (whose: Whose) => void;
  /** Values 0–10 every five seconds, to be drawn over the score. */
  readonly onCurve: (curve: readonly number[] | null) => void;
}) {
  const t = useTexts("review");
  const words = useWords();
  const { room, whose, onCurve } = props;
  const { ask, settings, parts } = room;
  const key = JSON.stringify(whose);
  const shape = useAnswer(ask, (worker, about) => worker.shape(about, whose), [parts, key, settings]);
  const [drawn, setDrawn] = useState<Muscle | "effort">("effort");
  const curve = shape?.curve;
  useEffect(() => {
    const tired = drawn === "effort" ? undefined : curve?.fatigue.get(drawn);
    onCurve(tired ? tired.map((n) => n * 10) : (curve?.effort ?? null));
  }, [curve, drawn, onCurve]);
  useEffect(() => () => onCurve(null), [onCurve]);
  const muscles = [...(curve?.fatigue ?? [])]
    .map(([muscle, list]) => ({ muscle, most: Math.max(...list) }))
    .sort((a, b) => b.most - a.most);
  return (
    <div className="mt-2">
      <select
        aria-label={t("whoseEffort")}
        className="w-full border border-quiet bg-white px-2 py-1.5"
        value={"mark" in whose ? whose.mark : whose.person}
        onChange={(event) => {
          const mark = MARKS.find((entry) => entry === event.target.value);
          props.onWhose(mark ? { mark } : { person: event.target.value });
        }}
      >
        {MARKS.map((mark) => (
          <option key={mark} value={mark}>
            {MARK_GLYPH[mark]}{" "}
            {mark === "natural" ? t("set") : t("everybodyAt", { mark: words.name("mark", mark) })}
          </option>
        ))}
        {room.people.map((person) => (
          <option key={person.id} value={person.id}>
            {person.name}
          </option>
        ))}
      </select>
      <select
        aria-label={t("whatDrawnOverScore")}
        className="mt-1.5 w-full border border-quiet bg-white px-2 py-1.5"
        value={drawn}
        onChange={(event) => setDrawn(event.target.value as Muscle | "effort")}
      >
        <option value="effort">{t("effortOverScore")}</option>
        {muscles.map(({ muscle, most }) => (
          <option key={muscle} value={muscle}>
            {t("tiredness", { muscle: words.name("muscle", muscle), most: Math.round(most * 100) })}
          </option>
        ))}
      </select>
      {shape ? <Numbers shape={shape} room={room} /> : <p className="mt-3 text-quiet">{t("workingOut")}</p>}
    </div>
  );
}

function range(values: readonly number[], text: (n: number) => string, t: Say<"review">): string {
  const spread = spreadOf(values);
  if (!spread || spread.least === spread.most) return "";
  return t("rangeOver", { least: text(spread.least), most: text(spread.most) });
}

/** Limits that are told at first. */
const LIMITS = 5;

/** Where the room is at its limit, and who. */
function Limits({ shape, room }: { readonly shape: Shape; readonly room: Room }) {
  const t = useTexts("review");
  const words = useWords();
  const library = useLibrary();
  const book = bookFor(room.doc, library);
  if (room.parts.length === 0) return null;
  return (
    <>
      <h3 className="mt-3 font-bold">{t("theirLimit")}</h3>
      {shape.limits.length === 0 && <p className="text-quiet">{t("nobodyHasLessThan")}</p>}
      <ul>
        {shape.limits.slice(0, LIMITS).map(({ slot: id, at, who, muscle }) => {
          const slot = findSlot(room.doc, id)?.slot;
          const few = who.length > 3 ? [...who.slice(0, 2), t("others", { n: who.length - 2 })] : who;
          return (
            <li key={id} className="border-t border-hairline py-0.5">
              <span className="mr-1.5 tabular-nums text-quiet">{clockText(at)}</span>
              <b>{slot ? resolveMove(slot.move, book).name : id}</b>
              {muscle && ` (${words.name("muscle", muscle)})`}: {words.and(few)}
            </li>
          );
        })}
      </ul>
    </>
  );
}

/** Hard sets of each person, by what they are for. */
function SetsOfEach({ shape, room }: { readonly shape: Shape; readonly room: Room }) {
  const t = useTexts("review");
  const words = useWords();
  if (room.parts.length === 0) return null;
  return (
    <details className="mt-2">
      <summary className="cursor-pointer font-bold">{t("hardSetsEach")}</summary>
      <table className="w-full text-left text-sm">
        <thead>
          <tr className="text-quiet">
            <th className="font-normal">{t("who")}</th>
            {SET_KEYS.map((group) => (
              <th key={group} className="w-11 text-right font-normal">
                {words.name("setGroup", group)}
              </th>
            ))}
          </tr>
        </thead>
        <tbody>
          {room.parts.map((part, i) => {
            const sets = groupSets(shape.each[i]?.hardSets ?? new Map());
            return (
              <tr key={part.person} className="border-t border-hairline">
                <td className="truncate">{part.name}</td>
                {SET_KEYS.map((group) => (
                  <td key={group} className="text-right tabular-nums">
                    {sets[group]}
                  </td>
                ))}
              </tr>
            );
          })}
        </tbody>
      </table>
    </details>
  );
}

function Numbers({ shape, room }: { readonly shape: Shape; readonly room: Room }) {
  const t = useTexts("review");
  const words = useWords();
  const { curve, asSet, each } = shape;
  const muscles = [...new Set([asSet, ...each].flatMap((balance) => [...balance.hardSets.keys()]))];
  const bars: BarLine[] = muscles
    .map((muscle: Muscle) => ({
      name: words.name("muscle", muscle),
      value: asSet.hardSets.get(muscle) ?? 0,
      spread: spreadOf(each.map((balance) => balance.hardSets.get(muscle) ?? 0)),
    }))
    .sort((a, b) => b.value - a.value || (a.name < b.name ? -1 : 1));
  const plain = (n: number) => String(n);
  const lines: readonly (readonly [string, string, string])[] = [
    [
      t("effort"),
      t("peakMean", { peak: words.number(curve.peak), mean: words.number(curve.mean) }),
      t("minutesHigh", { minutes: curve.minutesHigh }),
    ],
    [
      t("sessionLoad"),
      t("about", { load: curve.sessionLoad }),
      range(shape.loads, plain, t) || t("effortMinutes", { effort: curve.sessionEffort }),
    ],
    [t("pushPull"), t("setsRatio", { a: asSet.pushPull.push, b: asSet.pushPull.pull }), ""],
    [t("kneeHip"), t("setsRatio", { a: asSet.kneeHip.knee, b: asSet.kneeHip.hip }), ""],
    [t("leftRight"), `${clockText(asSet.sideSeconds.left)} : ${clockText(asSet.sideSeconds.right)}`, ""],
    [t("workRest"), `${clockText(asSet.workSeconds)} : ${clockText(asSet.restSeconds)}`, t("overMainBlocks")],
    [
      t("landings"),
      String(asSet.landings),
      range(
        each.map((balance) => balance.landings),
        plain,
        t,
      ),
    ],
    [
      t("gripping"),
      clockText(asSet.gripSeconds),
      range(
        each.map((balance) => balance.gripSeconds),
        clockText,
        t,
      ),
    ],
    [t("underTension"), clockText(asSet.tensionSeconds), ""],
  ];
  const positions = [...asSet.positionSeconds].sort((a, b) => b[1] - a[1]);
  const tired = [...curve.fatigue]
    .map(([muscle, list]) => ({ muscle, most: Math.max(...list) }))
    .sort((a, b) => b.most - a.most)
    .slice(0, 3);
  return (
    <>
      <p className="mt-1 text-sm text-quiet">{t("bandOverScoreEstimate")}</p>
      <dl className="mt-2">
        {lines.map(([name, value, more]) => (
          <div key={name} className="flex items-baseline gap-2 border-t border-hairline py-0.5">
            <dt className="w-24 shrink-0 text-quiet">{name}</dt>
            <dd className="min-w-0">
              <b className="tabular-nums">{value}</b> <span className="text-sm text-quiet">{more}</span>
            </dd>
          </div>
        ))}
        <div className="flex items-baseline gap-2 border-t border-hairline py-0.5">
          <dt className="w-24 shrink-0 text-quiet">{t("positions")}</dt>
          <dd>
            {positions
              .map(([position, seconds]) => `${words.name("position", position)} ${clockText(seconds)}`)
              .join(", ")}
          </dd>
        </div>
        <div className="flex items-baseline gap-2 border-t border-hairline py-0.5">
          <dt className="w-24 shrink-0 text-quiet">{t("mostTired")}</dt>
          <dd>
            {tired
              .map(({ muscle, most }) => `${words.name("muscle", muscle)} ${Math.round(most * 100)} %`)
              .join(", ")}
          </dd>
        </div>
      </dl>
      <Limits shape={shape} room={room} />
      <h3 className="mt-3 font-bold">{t("hardSetsByMuscle")}</h3>
      <p className="text-sm text-quiet">{t("barChoiceAboveLine")}</p>
      <BarChart lines={bars} label={t("hardSetsByMuscle2")} />
      <SetsOfEach shape={shape} room={room} />
    </>
  );
}
