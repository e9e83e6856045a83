"use client";
import { useCallback, useMemo, useState } from "react";
import { useTexts } from "@/features/language/use-texts";
import { useWords } from "@/features/language/use-words";
import { useFound } from "@/features/search/use-found";
import { SearchField } from "@/ui/search-field";
import { kitName } from "@/words/kit-words";
import type { PlainKey } from "@/words/screens/screens";
import type { Words } from "@/words/words";
import { ClassRow } from "./class-row";
import type { ListedClass } from "./listed-class";

const ORDERS = {
  edited: { words: "lastChangedFirst", by: (a, b) => b.updatedAtMs - a.updatedAtMs },
  taught: { words: "lastTaughtFirst", by: (a, b) => (b.taughtAtMs ?? 0) - (a.taughtAtMs ?? 0) },
  rested: { words: "longestNotTaughtFirst", by: (a, b) => (a.taughtAtMs ?? 0) - (b.taughtAtMs ?? 0) },
  title: { words: "byTitle", by: (a, b) => a.title.localeCompare(b.title, "en") },
  length: { words: "shortestFirst", by: (a, b) => a.seconds - b.seconds },
} as const satisfies Record<
  string,
  { words: PlainKey<"classes">; by: (a: ListedClass, b: ListedClass) => number }
>;
type Order = keyof typeof ORDERS;
const NAMES = Object.keys(ORDERS) as readonly Order[];

/** All that a class is looked for by. */
function textsOf({ title, tags, blocks, moves, kit }: ListedClass, words: Words): readonly string[] {
  return [title, ...tags, ...blocks, ...moves, ...kit.map((type) => kitName(type, 1, words))];
}

/** The studio's classes, a line each, all drawn to one scale; looked for by anything that is in them. */
export function ClassShelf({ classes }: { readonly classes: readonly ListedClass[] }) {
  const t = useTexts("classes");
  const words = useWords();
  const [typed, setTyped] = useState("");
  const [tag, setTag] = useState<string | null>(null);
  const [order, setOrder] = useState<Order>("edited");
  const [away, setAway] = useState(false);
  const found = useFound(
    classes,
    typed,
    useCallback((entry: ListedClass) => textsOf(entry, words), [words]),
  );
  const tags = useMemo(() => {
    const counts = new Map<string, number>();
    for (const each of classes.filter(({ archived }) => archived === away).flatMap((entry) => entry.tags))
      counts.set(each, (counts.get(each) ?? 0) + 1);
    return [...counts].sort(([a], [b]) => a.localeCompare(b, "en"));
  }, [classes, away]);
  const allTags = useMemo(() => tags.map(([own]) => own), [tags]);
  const put = classes.filter(({ archived }) => archived).length;
  const shown = useMemo(
    () =>
      found
        .filter(({ archived, tags: own }) => archived === away && (tag === null || own.includes(tag)))
        .sort(ORDERS[order].by),
    [found, away, tag, order],
  );
  const longest = Math.max(1800, ...classes.map(({ seconds }) => seconds));
  return (
    <>
      <div className="flex flex-wrap items-center gap-x-4 gap-y-2 border-b border-hairline py-2.5">
        <SearchField
          label={t("lookClass")}
          placeholder={t("titleTagMoveOr")}
          className="w-96"
          value={typed}
          onChange={setTyped}
        />
        <select
          aria-label={t("order")}
          className="border border-quiet bg-white px-2 py-1.5"
          value={order}
          onChange={(event) => setOrder(NAMES.find((name) => name === event.target.value) ?? "edited")}
        >
          {NAMES.map((name) => (
            <option key={name} value={name}>
              {t(ORDERS[name].words)}
            </option>
          ))}
        </select>
        <TagChoice tags={tags} chosen={tag} onChoose={setTag} />
        <p role="status" className="ml-auto text-quiet">
          {t("classCount", { n: shown.length })}
          {away && ` ${t("putAway3")}`}
        </p>
        {(put > 0 || away) && (
          <label className="flex items-center gap-1.5">
            <input type="checkbox" checked={away} onChange={(event) => setAway(event.target.checked)} />
            {t("putAway4", { put })}
          </label>
        )}
      </div>
      {shown.length === 0 ? (
        <p className="py-8 text-lg">{away && put === 0 ? t("nothingPutAway") : t("noClassHasAll")}</p>
      ) : (
        <ul aria-label={t("classes")}>
          {shown.map((entry) => (
            <ClassRow key={entry.id} entry={entry} longestSeconds={longest} allTags={allTags} />
          ))}
        </ul>
      )}
    </>
  );
}

/** The tags that there are, one of them chosen or none. */
function TagChoice(props: {
  readonly tags: readonly (readonly [tag: string, count: number])[];
  readonly chosen: string | null;
  readonly onChoose: (tag: string | null) => void;
}) {
  const t = useTexts("classes");
  if (props.tags.length === 0) return null;
  return (
    <fieldset className="flex flex-wrap gap-1.5">
      <legend className="sr-only">{t("onlyWithTag")}</legend>
      {props.tags.map(([tag, count]) => (
        <button
          key={tag}
          type="button"
          aria-pressed={props.chosen === tag}
          className="min-h-[24px] border-b-2 border-hairline px-1 aria-pressed:border-ink aria-pressed:bg-marker"
          onClick={() => props.onChoose(props.chosen === tag ? null : tag)}
        >
          {tag} <span className="text-quiet">{count}</span>
        </button>
      ))}
    </fieldset>
  );
}
