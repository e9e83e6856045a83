"use client";
import { useTexts } from "@/features/language/use-texts";
import { Dialog } from "@/ui/dialog";
import type { PlainKey, Say } from "@/words/screens/screens";

/** What each key does; keys that are called otherwise elsewhere, by their message. */
export const DESK_KEYS: readonly (readonly [keys: string, what: PlainKey<"desk">])[] = [
  ["↑ ↓", "previousOrNextMove"],
  ["keyShiftArrows", "chooseSeveralMovesOver"],
  ["← →", "previousOrNextBlock"],
  ["Alt ↑ ↓", "putMoveEarlierOr"],
  ["keyAltShiftArrows", "putBlockEarlierOr"],
  ["onScore", "pieceByPieceWith"],
  ["keyEnter", "chooseAnotherMove"],
  ["A", "addMoveAfterOne"],
  ["B", "addBlockAfterOne"],
  ["D", "doMoveTwiceCopy"],
  ["keyShiftD", "doBlockTwiceCopy"],
  ["S · J", "cutBlockTwoBefore"],
  ["Ctrl C · Ctrl X · Ctrl V", "copyBlockTextCut"],
  ["keyDelete", "removeMove"],
  ["N", "firstNumberSentence"],
  ["keyUndoRedo", "undoRedo"],
  ["M", "moreMoveSidesRounds"],
  ["R", "roomEveryoneByEvery"],
  ["keyFindings", "nextFindingReadThrough"],
  ["V", "showWhatWouldMend"],
  ["Y · Esc", "takeWhatShownLeave"],
  ["W", "leaveFindingSayWhy"],
  ["P", "pastePlanBehindBlock"],
  ["C", "copyClassText"],
  ["L", "fitLength"],
  ["X", "wholeClassTableBe"],
  ["H", "versionsWhatClassWas"],
  ["T", "teachIt"],
  ["?", "list"],
];

const NAMED = [
  "keyEnter",
  "keyDelete",
  "keyShiftArrows",
  "keyAltShiftArrows",
  "keyShiftD",
  "keyUndoRedo",
  "keyFindings",
  "onScore",
] as const;

/** What stands on the keys, in the language of the screen. */
function keysText(keys: string, t: Say<"desk">): string {
  const named = NAMED.find((key) => key === keys);
  return named ? t(named) : keys;
}

/** The list of keys. */
export function KeysDialog(props: {
  readonly open: boolean;
  readonly onOpenChange: (open: boolean) => void;
}) {
  const t = useTexts("desk");
  return (
    <Dialog {...props} title={t("keys")}>
      <dl className="grid grid-cols-[10rem_1fr] gap-y-1.5">
        {DESK_KEYS.map(([keys, what]) => (
          <div key={keys} className="contents">
            <dt className="font-bold">{keysText(keys, t)}</dt>
            <dd>{t(what)}</dd>
          </div>
        ))}
      </dl>
      <p className="mt-4 text-quiet">{t("singleLettersCanBe")}</p>
    </Dialog>
  );
}
