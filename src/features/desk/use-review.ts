"use client";
/** The read-through at the Desk: which finding is looked at, and the fix that is tried on the score. */
import { useCallback, useMemo, useState } from "react";
import type { ClassDoc } from "@/core/class/document";
import { findSlot } from "@/core/class/document";
import { applyChecked } from "@/core/class/history";
import { LIBRARY_BOOK } from "@/core/moves/library";
import type { Finding, Fix } from "@/core/review/finding";
import { isOpen } from "@/core/review/ranked";
import { resolveAt } from "@/core/score/resolve";
import { type Score, scoreOf } from "@/core/score/score";
import { useWords } from "@/features/language/use-words";
import type { Room } from "@/features/room/use-parts";
import { offeredIn } from "@/words/starting/starting-in";
import { focusLine } from "./focus-line";
import type { Desk } from "./use-desk";

export interface ShownPreview extends Fix {
  /** The fix that it shows. */
  readonly of: Fix;
  readonly doc: ClassDoc;
  readonly score: Score;
}

export interface Review {
  /** Fingerprint of the finding that is looked at. */
  readonly chosen: string | null;
  readonly preview: ShownPreview | null;
  readonly choose: (finding: Finding) => void;
  readonly step: (by: -1 | 1) => void;
  readonly show: (preview: Fix) => void;
  /** Shows the next of what the finding offers that is looked at. */
  readonly tryNext: () => void;
  /** Fingerprint of the finding for which a reason is asked. */
  readonly asking: string | null;
  readonly ask: (fingerprint: string | null) => void;
  readonly take: () => void;
  readonly leave: () => void;
}

export function useReview(desk: Desk, room: Room): Review {
  const [chosen, setChosen] = useState<string | null>(null);
  const [asking, setAsking] = useState<string | null>(null);
  const [tried, setTried] = useState<{ readonly fix: Fix; readonly on: ClassDoc } | null>(null);
  const { doc, score, select, edit } = desk;
  const { language } = useWords();
  const preview = useMemo<ShownPreview | null>(() => {
    // A fix is a change of the class that it was offered for; after another edit it is gone.
    if (!tried || tried.on !== doc) return null;
    const offered = offeredIn(tried.fix.edit, language);
    const next = applyChecked(doc, offered, LIBRARY_BOOK);
    return next.ok
      ? {
          ...tried.fix,
          edit: offered,
          of: tried.fix,
          doc: next.value,
          score: scoreOf(next.value, LIBRARY_BOOK),
        }
      : null;
  }, [tried, doc, language]);
  const choose = useCallback(
    (finding: Finding) => {
      setChosen(finding.fingerprint);
      setAsking(null);
      const owner = finding.where.slot ? findSlot(doc, finding.where.slot) : null;
      if (owner) select(owner.block.id, owner.slot.id);
      else {
        const block = finding.where.block ?? resolveAt(score.segments, finding.at)?.segment.block;
        if (block) select(block, null);
      }
      focusLine(owner?.slot.id);
    },
    [doc, score, select],
  );
  const open = room.findings.filter(isOpen);
  const show = (fix: Fix) => setTried({ fix, on: doc });
  const step = (by: -1 | 1) => {
    const index = open.findIndex((finding) => finding.fingerprint === chosen);
    const next = open[index < 0 ? (by > 0 ? 0 : open.length - 1) : (index + by + open.length) % open.length];
    if (next) choose(next);
  };
  return {
    chosen,
    preview,
    choose,
    step,
    show,
    tryNext: () => {
      const line = open.find(({ fingerprint }) => fingerprint === chosen) ?? open[0];
      const fixes = line?.tried ? line.fixes : [];
      const at = preview ? fixes.indexOf(preview.of) : -1;
      const next = fixes[(at + 1) % Math.max(1, fixes.length)];
      if (line && line.fingerprint !== chosen) choose(line);
      if (next) show(next);
    },
    asking,
    ask: setAsking,
    take: () => {
      if (preview) edit(preview.edit);
      setTried(null);
    },
    leave: () => setTried(null),
  };
}
