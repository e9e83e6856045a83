/** The Spanish catalogue: what participants and instructors read. */
import type { Catalogue } from "../catalogue";
import * as anyPage from "./any-page";
import { goes, notTaken } from "./blocks";
import { cautions, dearer, finding, fix, ifLeft, landings, several, start } from "./findings";
import * as instructor from "./instructor";
import * as vocabulary from "./names";
import * as page from "./part-page";
import * as pieces from "./phrases";
import * as said from "./reasons";

const { archived, busyFault, file, fileFor, fileGroup, paper, ink, trail, ...phrases } = instructor;

export const spanish: Catalogue = {
  reasons: { ...said, dearer, finding, several, cautions, fix, landings, start },
  names: { ...vocabulary, archived, busyFault, file, fileFor, fileGroup, paper, ink, trail },
  phrases: { ...pieces, ...page, ...anyPage, goes, notTaken, ...phrases, ifLeft },
};
