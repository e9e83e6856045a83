/** The English catalogue: the source, and complete in itself. */
import * as anyPage from "./any-page";
import { archive, archived, busy, busyFault } from "./archive";
import { goes, notTaken } from "./blocks";
import { call } from "./call-reasons";
import * as edits from "./edits";
import { file, fileFor, fileGroup, files, ink, paper } from "./files";
import { cautions, finding, fix, landings, several } from "./finding-reasons";
import { ifLeft } from "./if-left";
import * as mail from "./mail";
import { alone, check, feed, home, part, refused } from "./part-page";
import { adjust, dearer, load, why, whyNot } from "./part-reasons";
import * as pieces from "./phrases";
import { focusGroup, season } from "./season";
import { sheet } from "./sheet";
import { stage } from "./stage";
import { start } from "./start-reasons";
import * as vocabulary from "./vocabulary";

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
export const phrases = {
  ...pieces,
  ...edits,
  ...mail,
  ...anyPage,
  goes,
  notTaken,
  ifLeft,
  season,
  focusGroup,
  sheet,
  files,
  archive,
  busy,
  alone,
  check,
  feed,
  home,
  part,
  refused,
  stage,
};
export const names = { ...vocabulary, file, fileFor, fileGroup, paper, ink, archived, busyFault };
