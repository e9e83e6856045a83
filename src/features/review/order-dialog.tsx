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
import { useWords } from "@/features/language/use-words";
import { Button } from "@/ui/button";
import { Dialog } from "@/ui/dialog";
import { orderTexts } from "@/words/shape-words";
import type { OrderWorker } from "@/workers/order.worker";

const REFUSAL_WORDS: Record<OrderRefusal, string> = {
  "too-few": "One station has one order.",
  impossible: "The pins and pairs of this block contradict each other: take one away.",
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
  return (
    <Dialog
      open={props.open}
      onOpenChange={props.onOpenChange}
      title={`Order of ${props.block.title || "the block"}`}
      description="Fewest points for the same muscles, grip, hard or jumping moves running, and for changing position and kit. Pinned moves keep their place, pairs stay together."
      wide
    >
      <Answer {...props} />
      <BlocksAnswer {...props} />
    </Dialog>
  );
}

function Answer({ doc, block, parts, onEdit, onOpenChange }: OrderProps) {
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
        <progress className="w-full" max={1} value={share} aria-label="Comparing orders" />
        <Button className="mt-3" onClick={() => onOpenChange(false)}>
          Cancel
        </Button>
      </div>
    );
  }
  if (typeof result === "string") return <p>{REFUSAL_WORDS[result]}</p>;
  const book = bookFor(doc, LIBRARY_BOOK);
  const slots = slotsOf(block);
  const name = (id: string) => {
    const slot = slots.find((entry) => entry.id === id);
    return slot ? resolveMove(slot.move, book).name : id;
  };
  const better = result.cost < result.was;
  return (
    <>
      <div className="grid grid-cols-2 gap-8">
        <Column title={`As it is: ${result.was} points`} ids={slots.map((slot) => slot.id)} name={name} />
        <Column title={`Best: ${result.cost} points`} ids={result.order} name={name} />
      </div>
      <ul className="mt-4 border-t-2 border-ink pt-2">
        {orderTexts(result, words).map((line) => (
          <li key={line}>{line}</li>
        ))}
        {!result.exact && <li className="text-quiet">More than 16 stations: good, not proved the best.</li>}
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
          Take this order
        </Button>
        <Button onClick={() => onOpenChange(false)}>Leave it</Button>
      </div>
    </>
  );
}

/** Whether another block should come first: told only where that is better. */
function BlocksAnswer({ doc, parts, onEdit, onOpenChange }: OrderProps) {
  const words = useWords();
  const result = useMemo(() => orderBlocks(doc, LIBRARY_BOOK, parts), [doc, parts]);
  if (!result?.better) return null;
  const title = (id: string) => doc.blocks.find((block) => block.id === id)?.title || "a block";
  const main = (list: readonly string[]) =>
    list.filter((id) => (doc.blocks.find((block) => block.id === id)?.role ?? "main") === "main").map(title);
  return (
    <section className="mt-5 border-t-2 border-ink pt-2">
      <h3 className="font-bold">And the blocks: {words.and(main(result.order))}</h3>
      <p>
        {result.cost} points instead of {result.was}: {orderTexts(result, words).join("; ")}.
      </p>
      <Button
        className="mt-2"
        onClick={() => {
          onEdit(blocksEdit(doc, result.order));
          onOpenChange(false);
        }}
      >
        Take this order of blocks
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
