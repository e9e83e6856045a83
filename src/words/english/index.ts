/** The English catalogue: the source, and complete in itself. */
import { call } from "./call-reasons";
import * as edits from "./edits";
import { cautions, finding, fix, landings, several } from "./finding-reasons";
import { ifLeft } from "./if-left";
import * as mail from "./mail";
import { adjust, dearer, load, why, whyNot } from "./part-reasons";
import * as pieces from "./phrases";
import { start } from "./start-reasons";
import * as names from "./vocabulary";

export const reasons = {
  why,
  whyNot,
  load,
  adjust,
  dearer,
  finding,
  several,
  cautions,
  fix,
  landings,
  call,
  start,
} as const;
export const phrases = { ...pieces, ...edits, ...mail, ifLeft };
export { names };
