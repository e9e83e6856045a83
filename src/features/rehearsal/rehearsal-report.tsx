"use client";
import { type ReactNode, useMemo } from "react";
import type { SessionContent } from "@/core/live/session";
import { bookOf } from "@/core/moves/book";
import type { Rehearsal } from "@/core/rehearsal/rehearsal";
import { type PersonReport, type RehearsalReport, reportOf, type ShortGap } from "@/core/rehearsal/report";
import { callSheet } from "@/core/shape/call-sheet";
import { clockText } from "@/core/units";
/** What a rehearsal showed, in the order in which one would mend it. */
import { useTexts } from "@/features/language/use-texts";
import { useWords } from "@/features/language/use-words";
import { Button, ButtonLink } from "@/ui/button";
import { lowerFirst } from "@/words/letters";
import type { Say } from "@/words/screens/screens";
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
  const t = useTexts("rehearsal");
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
        <b className="bg-marker px-1.5">{t("simulated")}</b> {t("madeUpPeopleHearts")}
      </p>
      <h1 className="mt-1 text-3xl font-extrabold leading-tight">
        {t("whatRehearsalShowed", { title: content.doc.title })}
      </h1>
      <p className="mt-3 flex flex-wrap gap-2">
        <ButtonLink href={`/classes/${classId}`} look="solid">
          {t("backClass")}
        </ButtonLink>
        <Button onClick={onAgain}>{t("anotherEvening")}</Button>
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
        <p className="mt-6">{t("wasEndedBeforeBegan")}</p>
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
  const t = useTexts("rehearsal");
  const { people, gaps, hardest, lateShare } = report;
  const came = people.filter((each) => each.came).length;
  const late = people.filter(({ lateSeconds }) => lateSeconds !== null).length;
  const other = people.filter(({ needs }) => needs.length > 0).length;
  return (
    <p className="mt-5 max-w-4xl text-lg" data-testid="summary">
      {t("inAll", {
        came,
        people: people.length,
        late,
        gaps: gaps.length,
        share: Math.max(1, Math.round(lateShare * 100)),
        other,
        hard: hardest ? "yes" : "no",
        at: hardest ? clockText(hardest.atSeconds) : "",
        hearts: hardest?.median ?? 0,
      })}
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
  const t = useTexts("rehearsal");
  return (
    <Part title={t("notReadyTime")}>
      {gaps.length === 0 ? (
        <p>{t("everyGapWasLong")}</p>
      ) : (
        <Table heads={[t("at"), t("from"), t("to"), t("gap"), t("enoughAll"), t("whoByHowMuch")]}>
          {gaps.map(({ from, to, slot, atSeconds, times, gapSeconds, needsSeconds, who }) => (
            <tr key={`${slot} ${atSeconds}`}>
              <td className={CELL}>
                {clockText(atSeconds)}
                {times > 1 && t("timesMore", { times })}
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
  const t = useTexts("rehearsal");
  const words = useWords();
  const lines = useMemo(() => {
    const book = bookOf(content.moves);
    return cutLines(callSheet(content.doc, book, content.parts), words, wordsPerSecond);
  }, [content, words, wordsPerSecond]);
  return (
    <Part title={t("noTimeSay")}>
      {lines.length === 0 ? (
        <p>{t("allThereSayFits")}</p>
      ) : (
        <Table heads={[t("at"), t("room"), t("wouldTake"), t("leftOut")]}>
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
  const t = useTexts("rehearsal");
  return (
    <Part title={t("heartsSimulated")}>
      <p>
        {t("beats", {
          hard: hardest ? "yes" : "no",
          median: hardest?.median ?? 0,
          at: hardest ? clockText(hardest.atSeconds) : "",
          least: hardest?.least ?? 0,
          most: hardest?.most ?? 0,
        })}
      </p>
      <PulseChart pulse={pulse} />
    </Part>
  );
}

/** What somebody would need another way for. */
function needsText({ needs }: PersonReport, t: Say<"rehearsal">): string {
  return needs
    .map(({ move, why, missing }) => {
      const name = move ? lowerFirst(move.name) : t("move");
      return why === "no-way" ? t("noWay", { name }) : t("tooMany", { name, missing: missing ?? 0 });
    })
    .join(", ");
}

function troubleText(
  { came, lateSeconds, lostSeconds, silent, cutSets }: PersonReport,
  t: Say<"rehearsal">,
): string {
  return [
    came ? "" : t("neverCame"),
    lateSeconds === null ? "" : t("cameLate", { clock: clockText(lateSeconds) }),
    lostSeconds > 0 ? t("sWithoutConnection", { lostSeconds }) : "",
    silent ? t("pressedNothing") : "",
    cutSets > 0 ? t("ownSetsNotReached", { cutSets }) : "",
  ]
    .filter(Boolean)
    .join(", ");
}

function People(props: {
  readonly people: readonly PersonReport[];
  readonly nameOf: (person: string) => string;
}) {
  const t = useTexts("rehearsal");
  const words = useWords();
  return (
    <Part title={t("everybody")}>
      <Table
        heads={[
          t("who"),
          t("notReady"),
          t("hardestHeart"),
          t("mostTired"),
          t("wouldNeedAnotherWay"),
          t("else"),
        ]}
      >
        {props.people.map((each) => (
          <tr key={each.person}>
            <th scope="row" className={`${CELL} font-bold`}>
              {props.nameOf(each.person)}
            </th>
            <td className={CELL}>
              {each.latePieces > 0 &&
                t("timesMostly", {
                  latePieces: each.latePieces,
                  usualLateSeconds: each.usualLateSeconds ?? 0,
                })}
            </td>
            <td className={CELL}>
              {each.peak && t("peakAt", { bpm: each.peak.bpm, clock: clockText(each.peak.atSeconds) })}
            </td>
            <td className={CELL}>{tiredText(each, words, t)}</td>
            <td className={CELL}>{needsText(each, t)}</td>
            <td className={CELL}>{troubleText(each, t)}</td>
          </tr>
        ))}
      </Table>
    </Part>
  );
}

function tiredText({ tired }: PersonReport, words: Words, t: Say<"rehearsal">): string {
  if (!tired) return "";
  const { muscle, share, atSeconds } = tired;
  return t("tiredAt", {
    muscle: words.name("muscle", muscle),
    share: Math.round(share * 100),
    clock: clockText(atSeconds),
  });
}
