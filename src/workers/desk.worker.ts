/** What the Desk asks of the core, in a thread of its own, so that typing never waits for it. */

import { expose } from "comlink";
import { Engine } from "../core/engine/engine";
import { LIBRARY_BOOK } from "../core/moves/library";
import { englishSentence } from "../words/finding-words";

export type DeskWorker = Engine;
expose(new Engine(LIBRARY_BOOK, englishSentence));
