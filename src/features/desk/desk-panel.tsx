"use client";
import { Tabs } from "radix-ui";
import { useState } from "react";
import { isOpen } from "@/core/review/ranked";
import { useTexts } from "@/features/language/use-texts";
import { FindingsPanel } from "@/features/review/findings-panel";
import { SayPanel } from "@/features/review/say-panel";
import { ShapePanel, type Whose } from "@/features/review/shape-panel";
import type { Room } from "@/features/room/use-parts";
import { Unstyled } from "@/ui/unstyled";
import type { Desk } from "./use-desk";
import type { Review } from "./use-review";
import { WhoDoesWhat } from "./who-does-what";

export const PANEL_TABS = ["who", "findings", "shape", "say"] as const;
export type PanelTab = (typeof PANEL_TABS)[number];

/** The one panel beside the score: who does what, the read-through, effort and balance, what to say. */
export function DeskPanel(props: {
  readonly desk: Desk;
  readonly room: Room;
  readonly slotId: string | null;
  readonly tab: PanelTab;
  readonly onTab: (tab: PanelTab) => void;
  readonly review: Review;
  readonly onCurve: (curve: readonly number[] | null) => void;
}) {
  const t = useTexts("desk");
  const { desk, room, review, onCurve } = props;
  const [whose, setWhose] = useState<Whose>({ mark: "natural" });
  const open = room.findings.filter(isOpen).length;
  const words: Record<PanelTab, string> = {
    who: t("whoDoesWhat"),
    findings: t("readThrough", { open: String(open) }),
    shape: t("effort"),
    say: t("say"),
  };
  return (
    // Painted apart: a key that changes the score leaves it as it is, and the browser shows what it has of it.
    <aside
      aria-label={t("aboutSelection")}
      className="isolate flex h-full min-h-0 flex-col border-l-2 border-ink"
    >
      <Tabs.Root
        value={props.tab}
        onValueChange={(value) => props.onTab(value as PanelTab)}
        className="flex min-h-0 flex-1 flex-col"
      >
        <Tabs.List asChild aria-label={t("panels")}>
          <Unstyled className="flex gap-2.5 border-b border-hairline px-4 pt-2.5 outline-none">
            {PANEL_TABS.map((tab) => (
              <Tabs.Trigger
                key={tab}
                value={tab}
                className="whitespace-nowrap border-b-2 border-transparent pb-1 text-sm text-quiet data-[state=active]:border-ink data-[state=active]:font-bold data-[state=active]:text-ink"
              >
                {words[tab]}
              </Tabs.Trigger>
            ))}
          </Unstyled>
        </Tabs.List>
        <Tabs.Content asChild value={props.tab} tabIndex={0}>
          <Unstyled className="min-h-0 flex-1 overflow-auto px-4 pb-4 pt-2">
            <h2 className="sr-only">{words[props.tab]}</h2>
            {props.tab === "who" && (
              <WhoDoesWhat doc={room.doc} slotId={props.slotId} parts={room.parts} people={room.people} />
            )}
            {props.tab === "findings" && (
              <FindingsPanel
                doc={desk.doc}
                plan={desk.score.seconds.plan}
                findings={room.findings}
                chosen={review.chosen}
                onChoose={review.choose}
                onPreview={review.show}
                asking={review.asking}
                onAsk={review.ask}
                onEdit={desk.edit}
              />
            )}
            {props.tab === "shape" && (
              <ShapePanel room={room} whose={whose} onWhose={setWhose} onCurve={onCurve} />
            )}
            {props.tab === "say" && (
              <SayPanel
                doc={desk.doc}
                room={room}
                slotId={props.slotId}
                blockId={desk.selection.block}
                onEdit={desk.edit}
              />
            )}
          </Unstyled>
        </Tabs.Content>
      </Tabs.Root>
    </aside>
  );
}
