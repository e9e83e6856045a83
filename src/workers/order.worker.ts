/** The best order of a block: in a worker of its own, which is ended to cancel it. */
import { expose } from "comlink";
import type { ClassDoc } from "../core/class/document";
import { LIBRARY_BOOK } from "../core/moves/library";
import type { Part } from "../core/parts/part";
import { type OrderRefusal, type OrderResult, orderStations } from "../core/shape/order";

const api = {
  order(
    doc: ClassDoc,
    block: string,
    parts: readonly Part[],
    onProgress: (share: number) => void,
  ): OrderResult | OrderRefusal {
    return orderStations({ doc, library: LIBRARY_BOOK, block, parts, onProgress });
  },
};

export type OrderWorker = typeof api;
expose(api);
