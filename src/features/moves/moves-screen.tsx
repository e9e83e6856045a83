"use client";
import Link from "next/link";
import { useMemo, useState } from "react";
import { fillMove } from "@/core/homes/fillings";
import type { Person } from "@/core/homes/home";
import { KIT_TYPES, type KitItem, type KitType } from "@/core/homes/kit";
import { kitFacts } from "@/core/homes/kit-types";
import { excludes, LIMITS, type Limit } from "@/core/homes/limits";
import { bookWith, type KnownMove } from "@/core/moves/book";
import { findMoves } from "@/core/moves/find";
import { type Move, MUSCLES, PATTERNS, POSITIONS } from "@/core/moves/move";
import { SignOut } from "@/features/account/sign-out";
import { useLibrary } from "@/features/language/use-library";
import { useTexts } from "@/features/language/use-texts";
import { useWords } from "@/features/language/use-words";
import { PLACES, TopLine } from "@/features/top-line/top-line";
import { ButtonLink } from "@/ui/button";
import { Choice, Field } from "@/ui/field";
import { kitName } from "@/words/kit-words";
import { needsText } from "@/words/need-words";

interface Filters {
  readonly words: string;
  readonly pattern: string;
  readonly muscle: string;
  readonly position: string;
  readonly limit: string;
  /** null: any kit. Empty: nothing at all. */
  readonly kit: readonly KitType[] | null;
}

const ALL: Filters = { words: "", pattern: "", muscle: "", position: "", limit: "", kit: null };

/** A home that has these things in their most usual form, two of what comes in pairs. */
function homeWith(types: readonly KitType[]): Person {
  const kit = types.map((type): KitItem => {
    const { begins, bears } = kitFacts(type);
    const pair = type === "towel" ? { count: 2 } : {};
    const door = type === "door" ? { opens: "away" as const } : {};
    return { id: type, type, ...begins, ...(bears ? { sturdy: true } : {}), ...pair, ...door };
  });
  return { id: "home", name: "Home", kit, space: { floor: "smooth" } };
}

function passes(move: KnownMove, filters: Filters, home: Person | null): boolean {
  const muscles = [...(move.muscles?.primary ?? []), ...(move.muscles?.secondary ?? [])] as string[];
  return (
    (filters.pattern === "" || move.pattern === filters.pattern) &&
    (filters.muscle === "" || muscles.includes(filters.muscle)) &&
    (filters.position === "" || move.position === filters.position) &&
    (filters.limit === "" || !excludes(filters.limit as Limit, move)) &&
    (home === null || fillMove(move.needs, home) !== null)
  );
}

function linkCount(move: KnownMove, kind: string): number {
  return (move.links ?? []).filter((link) => link.kind === kind).length;
}

/** The library: every move, found by what it trains, where, with what, and for whom. */
export function MovesScreen({ studio, own }: { readonly studio: string; readonly own: readonly Move[] }) {
  const library = useLibrary();
  const t = useTexts("moves");
  const _words = useWords();
  const [filters, setFilters] = useState(ALL);
  const put = (part: Partial<Filters>) => setFilters((now) => ({ ...now, ...part }));
  const book = useMemo(() => bookWith(library, own), [library, own]);
  const home = useMemo(() => (filters.kit ? homeWith(filters.kit) : null), [filters.kit]);
  const named = useMemo(
    () => (filters.words.trim() === "" ? book.moves : findMoves(filters.words, book).map(({ move }) => move)),
    [book, filters.words],
  );
  const shown = useMemo(() => named.filter((move) => passes(move, filters, home)), [named, filters, home]);
  const mine = new Set(own.map((move) => move.id));
  return (
    <div className="flex h-screen flex-col">
      <TopLine here="moves" places={PLACES}>
        <SignOut name={studio} />
      </TopLine>
      <main className="grid min-h-0 flex-1 grid-cols-[17rem_minmax(0,1fr)]">
        <section
          aria-label={t("findMoves")}
          className="space-y-3 overflow-auto border-r border-hairline px-4 py-4"
        >
          <FilterFields filters={filters} put={put} />
        </section>
        <section aria-label={t("movesFound")} className="flex min-h-0 flex-col px-5 pt-4">
          <div className="flex items-baseline justify-between border-b-2 border-ink pb-2">
            <h1 className="text-2xl font-bold">{t("moves")}</h1>
            <p role="status" className="text-quiet">
              {t("shownOf", { shown: shown.length, all: book.moves.length })}
            </p>
            <ButtonLink href="/moves/new">{t("moveYourOwn")}</ButtonLink>
          </div>
          {shown.length === 0 ? (
            <p className="max-w-md py-8 text-lg">{t("noMoveAllTake")}</p>
          ) : (
            <div className="min-h-0 flex-1 overflow-auto">
              <MoveTable moves={shown} mine={mine} />
            </div>
          )}
        </section>
      </main>
    </div>
  );
}

function Select<T extends string>(props: {
  readonly label: string;
  readonly value: string;
  readonly all: readonly T[];
  readonly name: (value: T) => string;
  readonly onChange: (value: string) => void;
}) {
  const t = useTexts("moves");
  return (
    <Choice label={props.label} value={props.value} onChange={(event) => props.onChange(event.target.value)}>
      <option value="">{t("any")}</option>
      {props.all.map((value) => (
        <option key={value} value={value}>
          {props.name(value)}
        </option>
      ))}
    </Choice>
  );
}

/** "What can somebody with a chair and one band do?" */
function KitChoice(props: {
  readonly kit: readonly KitType[] | null;
  readonly onChange: (kit: readonly KitType[] | null) => void;
}) {
  const t = useTexts("moves");
  const words = useWords();
  const { kit } = props;
  return (
    <fieldset>
      <legend className="font-semibold">{t("withOnlyHome")}</legend>
      <label className="mt-1 flex items-center gap-1.5">
        <input
          type="checkbox"
          checked={kit !== null}
          onChange={(event) => props.onChange(event.target.checked ? [] : null)}
        />
        {kit === null ? t("anyKit") : kit.length === 0 ? t("nothingAll") : t("justThese")}
      </label>
      {kit !== null && (
        <div className="mt-1 flex flex-wrap gap-1">
          {KIT_TYPES.map((type) => (
            <button
              key={type}
              type="button"
              aria-pressed={kit.includes(type)}
              className="border border-hairline bg-white px-1.5 py-0.5 text-sm aria-pressed:border-ink aria-pressed:bg-marker"
              onClick={() =>
                props.onChange(kit.includes(type) ? kit.filter((other) => other !== type) : [...kit, type])
              }
            >
              {kitName(type, 1, words)}
            </button>
          ))}
        </div>
      )}
    </fieldset>
  );
}

/** What the moves that are shown have to be. */
function FilterFields({
  filters,
  put,
}: {
  readonly filters: Filters;
  readonly put: (part: Partial<Filters>) => void;
}) {
  const t = useTexts("moves");
  const words = useWords();
  return (
    <>
      <Field
        label={t("words")}
        name="words"
        placeholder={t("rowTowelSeated")}
        value={filters.words}
        onChange={(event) => put({ words: event.target.value })}
      />
      <Select
        label={t("pattern")}
        value={filters.pattern}
        all={PATTERNS}
        name={(pattern) => words.name("pattern", pattern)}
        onChange={(pattern) => put({ pattern })}
      />
      <Select
        label={t("muscle")}
        value={filters.muscle}
        all={MUSCLES}
        name={(muscle) => words.name("muscle", muscle)}
        onChange={(muscle) => put({ muscle })}
      />
      <Select
        label={t("position")}
        value={filters.position}
        all={POSITIONS}
        name={(position) => words.name("position", position)}
        onChange={(position) => put({ position })}
      />
      <Choice
        label={t("fitsLimit")}
        value={filters.limit}
        onChange={(event) => put({ limit: event.target.value })}
      >
        <option value="">{t("any")}</option>
        {LIMITS.map((limit) => (
          <option key={limit} value={limit}>
            {words.name("limit", limit)}
          </option>
        ))}
      </Choice>
      <KitChoice kit={filters.kit} onChange={(kit) => put({ kit })} />
    </>
  );
}

/** The moves that were found, a line each. */
function MoveTable({
  moves,
  mine,
}: {
  readonly moves: readonly KnownMove[];
  readonly mine: ReadonlySet<string>;
}) {
  const t = useTexts("moves");
  const words = useWords();
  return (
    <table className="w-full border-collapse text-left">
      <thead className="sticky top-0 bg-paper text-quiet">
        <tr className="border-b border-hairline">
          <th className="py-1.5 font-semibold">{t("move2")}</th>
          <th className="w-36 font-semibold">{t("pattern")}</th>
          <th className="w-28 font-semibold">{t("position")}</th>
          <th className="font-semibold">{t("needs")}</th>
          <th className="w-44 font-semibold">{t("waysFromHere")}</th>
        </tr>
      </thead>
      <tbody>
        {moves.map((move) => (
          <tr key={move.id} className="border-b border-hairline align-top">
            <td className="py-1.5 pr-3">
              <Link
                href={`/moves/${move.id}`}
                prefetch={false}
                className="font-bold underline decoration-hairline underline-offset-4 hover:decoration-ink"
              >
                {move.name}
              </Link>
              {mine.has(move.id ?? "") && <span className="text-quiet"> {t("yours2")}</span>}
              {move.gym && <span className="text-quiet"> {t("gym")}</span>}
            </td>
            <td className="py-1.5">{move.pattern && words.name("pattern", move.pattern)}</td>
            <td className="py-1.5">{move.position && words.name("position", move.position)}</td>
            <td className="py-1.5 pr-3 text-quiet">{needsText(move.needs, words)}</td>
            <td className="py-1.5 tabular-nums text-quiet">
              {t("linkCounts", {
                easier: linkCount(move, "easier"),
                harder: linkCount(move, "harder"),
                swap: linkCount(move, "swap"),
              })}
            </td>
          </tr>
        ))}
      </tbody>
    </table>
  );
}
