"use client";
import { X } from "lucide-react";
import type { MoveBook } from "@/core/moves/book";
import { LINK_HOWS, LINK_KINDS, type Link, type LinkHow, type LinkKind } from "@/core/moves/move";
import { useTexts } from "@/features/language/use-texts";
import { useWords } from "@/features/language/use-words";
import { Button } from "@/ui/button";
import type { PlainKey } from "@/words/screens/screens";

const KIND_WORDS: Record<LinkKind, PlainKey<"moves">> = {
  easier: "easierWay",
  harder: "harderWay",
  swap: "sameJob",
};
const BOX = "border border-quiet bg-white px-2 py-1";

/** How a move hangs together with others; each link also counts the other way round. */
export function LinkRows(props: {
  readonly links: readonly Link[];
  readonly book: MoveBook;
  readonly onChange: (links: readonly Link[]) => void;
}) {
  const t = useTexts("moves");
  const words = useWords();
  const { links } = props;
  const moves = [...props.book.moves].sort((a, b) => a.name.localeCompare(b.name, "en"));
  const put = (i: number, part: Partial<Link>) =>
    props.onChange(links.map((link, j) => (j === i ? { ...link, ...part } : link)));
  return (
    <fieldset>
      <legend className="font-semibold">{t("linked")}</legend>
      {links.map((link, i) => (
        // biome-ignore lint/suspicious/noArrayIndexKey: a link being written has no other name than its place
        <div key={i} className="flex items-center gap-2 border-t border-hairline py-1.5">
          <select
            aria-label={t("kindLink")}
            className={BOX}
            value={link.kind}
            onChange={(event) => put(i, { kind: event.target.value as LinkKind })}
          >
            {LINK_KINDS.map((kind) => (
              <option key={kind} value={kind}>
                {t(KIND_WORDS[kind])}
              </option>
            ))}
          </select>
          <select
            aria-label={t("linkedMove")}
            className={`${BOX} min-w-72`}
            value={link.to}
            onChange={(event) => put(i, { to: event.target.value })}
          >
            <option value="">{t("chooseMove")}</option>
            {moves.map((move) => (
              <option key={move.id} value={move.id ?? ""}>
                {move.name}
              </option>
            ))}
          </select>
          {t("by")}
          <select
            aria-label={t("how")}
            className={BOX}
            value={link.how}
            onChange={(event) => put(i, { how: event.target.value as LinkHow })}
          >
            {LINK_HOWS.map((how) => (
              <option key={how} value={how}>
                {words.name("how", how)}
              </option>
            ))}
          </select>
          <button
            type="button"
            aria-label={t("removeLink")}
            onClick={() => props.onChange(links.filter((_, j) => j !== i))}
          >
            <X size={16} aria-hidden />
          </button>
        </div>
      ))}
      <Button
        look="bare"
        className="px-0"
        onClick={() => props.onChange([...links, { to: "", kind: "easier", how: "support" }])}
      >
        {t("addLink")}
      </Button>
    </fieldset>
  );
}
