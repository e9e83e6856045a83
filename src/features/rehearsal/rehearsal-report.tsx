"use client";
/** What a rehearsal showed, in the order in which one would mend it. */
import { type ReactNode, useMemo } from "react";
import type { SessionContent } from "@/core/live/session";
import { bookOf } from "@/core/moves/book";
import type { Rehearsal } from "@/core/rehearsal/rehearsal";
import { type PersonReport, type RehearsalReport, reportOf, type ShortGap } from "@/core/rehearsal/report";
import { callSheet } from "@/core/shape/call-sheet";
import { clockText } from "@/core/units";
import { useWords } from "@/features/language/use-words";
import { Button, ButtonLink } from "@/ui/button";
import { lowerFirst } from "@/words/letters";
import { cutLines } from "@/words/shape-words";
import type { Words } from "@/words/words";
import { PulseChart } from "./pulse-chart";

interface Props {
  readonly classId: string;
  readonly content: SessionContent;
  readonly wordsPerSecond: number;
  readonly rehearsal: Rehearsal;
  readonly onAgain: () => void;
}

export function RehearsalReportPage(props: Props) {
  const { classId, content, rehearsal, onAgain } = props;
  const report = useMemo(() => reportOf(rehearsal), [rehearsal]);
  const names = useMemo(
    () => new Map(content.parts.map(({ person, name }) => [person, name])),
    [content.parts],
  );
  const nameOf = (person: string) => names.get(person) ?? person;
  return (
    <main className="mx-auto max-w-6xl px-6 py-8 text-base leading-relaxed">
      <p>
        <b className="bg-marker px-1.5">Simulated</b> Made-up people, hearts and connections: a rehearsal of
        the plan, not of anybody. Nothing of it is stored.
      </p>
      <h1 className="mt-1 text-3xl font-extrabold leading-tight">
        What the rehearsal of {content.doc.title} showed
      </h1>
      <p className="mt-3 flex flex-wrap gap-2">
        <ButtonLink href={`/classes/${classId}`} look="solid">
          Back to the class
        </ButtonLink>
        <Button onClick={onAgain}>Another evening</Button>
      </p>
      {report ? (
        <>
          <Summary report={report} />
          <Gaps gaps={report.gaps} nameOf={nameOf} />
          <Unsaid {...props} />
          <Hearts report={report} />
          <People people={report.people} nameOf={nameOf} />
        </>
      ) : (
        <p className="mt-6">It was ended before it began: there is nothing to tell.</p>
      )}
    </main>
  );
}

function Part(props: { readonly title: string; readonly children: ReactNode }) {
  return (
    <section className="mt-8">
      <h2 className="text-xl font-bold">{props.title}</h2>
      {props.children}
    </section>
  );
}

/** The whole in a sentence or two. */
function Summary({ report }: { readonly report: RehearsalReport }) {
  const { people, gaps, hardest, lateShare } = report;
  const came = people.filter((each) => each.came).length;
  const late = people.filter(({ lateSeconds }) => lateSeconds !== null).length;
  const other = people.filter(({ needs }) => needs.length > 0).length;
  return (
    <p className="mt-5 max-w-4xl text-lg" data-testid="summary">
      {came} of {people.length} came, {late === 0 ? "nobody" : late} late.{" "}
      {gaps.length === 0
        ? "Nobody was short of time between two moves."
        : `On ${gaps.length} ${gaps.length === 1 ? "way" : "ways"} from one move to the next people weren’t ready in time, in ${Math.max(1, Math.round(lateShare * 100))} % of all starts.`}{" "}
      {other > 0 && `${other} would need another way somewhere. `}
      {hardest &&
        `It was hardest at ${clockText(hardest.atSeconds)}, with hearts at ${hardest.median} in the middle.`}
    </p>
  );
}

const CELL = "border-t border-hairline py-1 pr-4 text-left align-top";

function Table(props: { readonly heads: readonly string[]; readonly children: ReactNode }) {
  return (
    // Wide tables are read by going along: the keys have to reach them too.
    // biome-ignore lint/a11y/noNoninteractiveTabindex: what scrolls has to be reachable by keys
    <section className="mt-2 overflow-x-auto" tabIndex={0} aria-label={props.heads.join(", ")}>
      <table className="w-full border-collapse">
        <thead>
          <tr>
            {props.heads.map((head) => (
              <th key={head} scope="col" className="pr-4 text-left font-normal text-quiet">
                {head}
              </th>
            ))}
          </tr>
        </thead>
        <tbody>{props.children}</tbody>
      </table>
    </section>
  );
}

function Gaps({
  gaps,
  nameOf,
}: {
  readonly gaps: readonly ShortGap[];
  readonly nameOf: (person: string) => string;
}) {
  return (
    <Part title="Not ready in time">
      {gaps.length === 0 ? (
        <p>Every gap was long enough for everybody.</p>
      ) : (
        <Table heads={["at", "from", "to", "gap", "enough for all", "who, by how much"]}>
          {gaps.map(({ from, to, slot, atSeconds, times, gapSeconds, needsSeconds, who }) => (
            <tr key={`${slot} ${atSeconds}`}>
              <td className={CELL}>
                {clockText(atSeconds)}
                {times > 1 && `, ${times} times`}
              </td>
              <td className={CELL}>{from?.name}</td>
              <td className={CELL}>{to?.name}</td>
              <td className={CELL}>{gapSeconds} s</td>
              <td className={CELL}>
                <b>{needsSeconds} s</b>
              </td>
              <td className={CELL}>
                {[...who]
                  .sort((a, b) => b.seconds - a.seconds)
                  .map(({ person, seconds }) => `${nameOf(person)} ${seconds} s`)
                  .join(", ")}
              </td>
            </tr>
          ))}
        </Table>
      )}
    </Part>
  );
}

/** What there was no time to say. */
function Unsaid({ content, wordsPerSecond }: Props) {
  const words = useWords();
  const lines = useMemo(() => {
    const book = bookOf(content.moves);
    return cutLines(callSheet(content.doc, book, content.parts), words, wordsPerSecond);
  }, [content, words, wordsPerSecond]);
  return (
    <Part title="No time to say">
      {lines.length === 0 ? (
        <p>All that there is to say fits into its gap.</p>
      ) : (
        <Table heads={["at", "room", "would take", "left out"]}>
          {lines.map(({ at, kind, room, needs, lost }) => (
            <tr key={`${at} ${kind}`}>
              <td className={CELL}>{clockText(at)}</td>
              <td className={CELL}>{room} s</td>
              <td className={CELL}>{needs} s</td>
              <td className={CELL}>{lost}</td>
            </tr>
          ))}
        </Table>
      )}
    </Part>
  );
}

function Hearts({ report: { pulse, hardest } }: { readonly report: RehearsalReport }) {
  return (
    <Part title="Hearts, simulated">
      <p>
        Beats a minute over the class: the middle of all as a line, from the lowest to the highest as a band.
        {hardest &&
          ` The highest middle is ${hardest.median} at ${clockText(hardest.atSeconds)}, from ${hardest.least} to ${hardest.most}.`}
      </p>
      <PulseChart pulse={pulse} />
    </Part>
  );
}

/** What somebody would need another way for. */
function needsText({ needs }: PersonReport): string {
  return needs
    .map(({ move, why, missing }) => {
      const name = move ? lowerFirst(move.name) : "a move";
      return why === "no-way" ? `${name}: no way` : `${name}: ${missing} too many`;
    })
    .join(", ");
}

function troubleText({ came, lateSeconds, lostSeconds, silent, cutSets }: PersonReport): string {
  return [
    came ? "" : "never came",
    lateSeconds === null ? "" : `came ${clockText(lateSeconds)} late`,
    lostSeconds > 0 ? `${lostSeconds} s without connection` : "",
    silent ? "pressed nothing" : "",
    cutSets > 0 ? `${cutSets} own sets not reached` : "",
  ]
    .filter(Boolean)
    .join(", ");
}

function People(props: {
  readonly people: readonly PersonReport[];
  readonly nameOf: (person: string) => string;
}) {
  const words = useWords();
  return (
    <Part title="Everybody">
      <Table
        heads={["who", "not ready", "hardest for the heart", "most tired", "would need another way", "else"]}
      >
        {props.people.map((each) => (
          <tr key={each.person}>
            <th scope="row" className={`${CELL} font-bold`}>
              {props.nameOf(each.person)}
            </th>
            <td className={CELL}>
              {each.latePieces > 0 && `${each.latePieces} times, mostly by ${each.usualLateSeconds} s`}
            </td>
            <td className={CELL}>{each.peak && `${each.peak.bpm} at ${clockText(each.peak.atSeconds)}`}</td>
            <td className={CELL}>{tiredText(each, words)}</td>
            <td className={CELL}>{needsText(each)}</td>
            <td className={CELL}>{troubleText(each)}</td>
          </tr>
        ))}
      </Table>
    </Part>
  );
}

function tiredText({ tired }: PersonReport, words: Words): string {
  if (!tired) return "";
  const { muscle, share, atSeconds } = tired;
  return `${words.name("muscle", muscle)} ${Math.round(share * 100)} % at ${clockText(atSeconds)}`;
}
