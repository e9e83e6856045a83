"use client";
import { proxy, wrap } from "comlink";
import { useEffect, useMemo, useState } from "react";
import { orderSlots } from "@/core/class/commands";
import { type Block, type ClassDoc, slotsOf } from "@/core/class/document";
import type { Edit } from "@/core/class/edits";
import { bookFor, resolveMove } from "@/core/moves/book";
import { LIBRARY_BOOK } from "@/core/moves/library";
import type { Part } from "@/core/parts/part";
import type { OrderRefusal, OrderResult } from "@/core/shape/order";
import { blocksEdit, orderBlocks } from "@/core/shape/order-blocks";
import { useLibrary } from "@/features/language/use-library";
import { useTexts } from "@/features/language/use-texts";
import { useWords } from "@/features/language/use-words";
import { Button } from "@/ui/button";
import { Dialog } from "@/ui/dialog";
import type { PlainKey } from "@/words/screens/screens";
import { orderTexts } from "@/words/shape-words";
import type { OrderWorker } from "@/workers/order.worker";

const REFUSAL_WORDS: Record<OrderRefusal, PlainKey<"review">> = {
  "too-few": "oneStationHasOne",
  impossible: "pinsPairsBlockContradict",
};

interface OrderProps {
  readonly open: boolean;
  readonly onOpenChange: (open: boolean) => void;
  readonly doc: ClassDoc;
  readonly block: Block;
  readonly parts: readonly Part[];
  readonly onEdit: (edit: Edit) => void;
}

/** The stations of a lap in the best order, with what it costs by cause before and after. */
export function OrderDialog(props: OrderProps) {
  const t = useTexts("review");
  return (
    <Dialog
      open={props.open}
      onOpenChange={props.onOpenChange}
      title={t("orderOf", { title: props.block.title || "no" })}
      description={t("fewestPointsSameMuscles")}
      wide
    >
      <Answer {...props} />
      <BlocksAnswer {...props} />
    </Dialog>
  );
}

function Answer({ doc, block, parts, onEdit, onOpenChange }: OrderProps) {
  const library = useLibrary();
  const t = useTexts("review");
  const words = useWords();
  const [share, setShare] = useState(0);
  const [result, setResult] = useState<OrderResult | OrderRefusal | null>(null);
  useEffect(() => {
    const worker = new Worker(new URL("../../workers/order.worker.ts", import.meta.url), { type: "module" });
    let gone = false;
    void wrap<OrderWorker>(worker)
      .order(
        doc,
        block.id,
        parts,
        proxy((done) => !gone && setShare(done)),
      )
      .then((made) => !gone && setResult(made));
    // Closing the dialog is what cancels it.
    return () => {
      gone = true;
      worker.terminate();
    };
  }, [doc, block.id, parts]);
  if (result === null) {
    return (
      <div>
        <progress className="w-full" max={1} value={share} aria-label={t("comparingOrders")} />
        <Button className="mt-3" onClick={() => onOpenChange(false)}>
          {t("cancel")}
        </Button>
      </div>
    );
  }
  if (typeof result === "string") return <p>{t(REFUSAL_WORDS[result])}</p>;
  const book = bookFor(doc, library);
  const slots = slotsOf(block);
  const name = (id: string) => {
    const slot = slots.find((entry) => entry.id === id);
    return slot ? resolveMove(slot.move, book).name : id;
  };
  const better = result.cost < result.was;
  return (
    <>
      <div className="grid grid-cols-2 gap-8">
        <Column
          title={t("asItIsPoints", { was: result.was })}
          ids={slots.map((slot) => slot.id)}
          name={name}
        />
        <Column title={t("bestPoints", { cost: result.cost })} ids={result.order} name={name} />
      </div>
      <ul className="mt-4 border-t-2 border-ink pt-2">
        {orderTexts(result, words).map((line) => (
          <li key={line}>{line}</li>
        ))}
        {!result.exact && <li className="text-quiet">{t("moreThan16Stations")}</li>}
      </ul>
      <div className="mt-4 flex gap-2">
        <Button
          look="solid"
          disabled={!better}
          onClick={() => {
            onEdit(orderSlots(block, result.order));
            onOpenChange(false);
          }}
        >
          {t("takeOrder")}
        </Button>
        <Button onClick={() => onOpenChange(false)}>{t("leave3")}</Button>
      </div>
    </>
  );
}

/** Whether another block should come first: told only where that is better. */
function BlocksAnswer({ doc, parts, onEdit, onOpenChange }: OrderProps) {
  const t = useTexts("review");
  const words = useWords();
  const result = useMemo(() => orderBlocks(doc, LIBRARY_BOOK, parts), [doc, parts]);
  if (!result?.better) return null;
  const title = (id: string) => doc.blocks.find((block) => block.id === id)?.title || t("block2");
  const main = (list: readonly string[]) =>
    list.filter((id) => (doc.blocks.find((block) => block.id === id)?.role ?? "main") === "main").map(title);
  return (
    <section className="mt-5 border-t-2 border-ink pt-2">
      <h3 className="font-bold">{t("andBlocks", { order: words.and(main(result.order)) })}</h3>
      <p>
        {t("pointsInstead", {
          cost: result.cost,
          was: result.was,
          causes: orderTexts(result, words).join("; "),
        })}
      </p>
      <Button
        className="mt-2"
        onClick={() => {
          onEdit(blocksEdit(doc, result.order));
          onOpenChange(false);
        }}
      >
        {t("takeOrderBlocks")}
      </Button>
    </section>
  );
}

function Column(props: {
  readonly title: string;
  readonly ids: readonly string[];
  readonly name: (id: string) => string;
}) {
  return (
    <section>
      <h3 className="border-b-2 border-ink font-bold">{props.title}</h3>
      <ol className="list-inside list-decimal">
        {props.ids.map((id) => (
          <li key={id} className="border-b border-hairline py-0.5">
            {props.name(id)}
          </li>
        ))}
      </ol>
    </section>
  );
}
