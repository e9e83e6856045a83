/** The German catalogue: what participants meet. */
import type { PartCatalogue } from "../participant-set";
import * as anyPage from "./any-page";
import * as names from "./names";
import * as page from "./part-page";
import * as pieces from "./phrases";
import * as reasons from "./reasons";

export const german: PartCatalogue = { reasons, names, phrases: { ...pieces, ...page, ...anyPage } };
