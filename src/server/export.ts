/** Files that are made of a class or a session, on a thread: drawing paper takes longer than a request should hold others up. */
import { type InferType, mixed, number, object, string, ValidationError } from "yup";
import { liveScore } from "../core/live/live-score";
import { staysOf } from "../core/live/trace";
import { bookFor } from "../core/moves/book";
import { LIBRARY_BOOK } from "../core/moves/library";
import { scoreOf } from "../core/score/score";
import { dayOf } from "../core/units";
import { type FileAsk, MADE_FORMATS, OFFSET_SECONDS } from "../files/ask";
import { factsOfFormat, fileName } from "../files/formats";
import type { ClassSource } from "../files/make";
import { PAPER_SIZES } from "../files/paper/sizes";
import { INKINGS, PICTURE, PICTURE_MINUTES, type PictureOptions } from "../files/picture/score-svg";
import type { Played } from "../files/text/chapters";
import { LANGUAGES, languageOf } from "../words/languages";
import { findClass } from "./classes";
import { contentOf, frozenContent, peopleOf, shownOf, type WholeSessionRow } from "./content";
import { db } from "./db/client";
import { fileResponse } from "./http";
import { onThread } from "./jobs/pool";
import { rateLimit } from "./limits";
import type { Participant } from "./links";
import { listPeople } from "./people";
import { Refused } from "./refused";
import { eventsAfter } from "./session-events";
import { needAsked, needSession } from "./sessions";
import { settingsOf } from "./studios";
import { note } from "./trail";
import type { Instructor } from "./who";

/** What an address may ask for. */
const asked = object({
  as: string().oneOf(MADE_FORMATS).required(),
  language: string().oneOf(LANGUAGES).default("en"),
  paper: string().oneOf(PAPER_SIZES).default("A4"),
  minutes: mixed<PictureOptions["minutes"]>()
    .transform((_, text) => Number(text))
    .oneOf([...PICTURE_MINUTES])
    .default(PICTURE.minutes),
  ink: string().oneOf(INKINGS).default(PICTURE.inking),
  offset: number().min(OFFSET_SECONDS[0]).max(OFFSET_SECONDS[1]).default(0),
}).noUnknown();

/** What a request's address asks for. @throws Refused `malformed` with what is wrong in it */
export function fileAskOf(request: Request): InferType<typeof asked> {
  const said = Object.fromEntries(new URL(request.url).searchParams);
  try {
    return asked.validateSync(said, { abortEarly: true });
  } catch (error) {
    if (error instanceof ValidationError) throw new Refused("malformed", `${error.message}.`.slice(0, 300));
    throw error;
  }
}
type Asked = InferType<typeof asked>;

/** Made on a thread and answered with. @throws Refused where the format needs what the class hasn't */
async function made(
  asker: string,
  source: Omit<ClassSource, "library">,
  { as, offset, ...looks }: Asked,
  wordsPerSecond: number,
): Promise<Response> {
  await rateLimit("file", asker);
  const facts = factsOfFormat(as);
  if (facts.dated && !source.date)
    throw new Refused("invalid", "A calendar entry needs a date: plan the class for one first.");
  if (facts.people && source.people.length === 0)
    throw new Refused("invalid", "There is nobody yet for whom it could be made.");
  const ask: FileAsk = { ...looks, as, offsetSeconds: offset, wordsPerSecond };
  const bytes = await onThread("fileAsked", source, ask, process.cwd(), Date.now());
  return fileResponse(fileName(source.doc.title, as), facts.media, bytes);
}

/** That homes were taken out stands in the trail. */
const noted = async ({ studioId, name }: Instructor, { as }: Asked) =>
  as === "roster" && (await note({ studioId, kind: "roster-exported", actor: name }));

/** A file of a class on the shelf, for all people of the studio as they are today. */
export async function fileOfClass(who: Instructor, id: string, ask: Asked): Promise<Response> {
  await noted(who, ask);
  const stored = await findClass(who.studioId, id);
  if (!stored) throw new Refused("not-found", "There is no such class here.");
  const [people, settings] = await Promise.all([listPeople(who.studioId), settingsOf(who.studioId)]);
  const source = {
    doc: stored.doc,
    people: people.map(({ doc }) => doc),
    studio: who.studioName,
    on: dayOf(Date.now()),
    date: null,
  };
  return made(who.userId, source, ask, settings.thresholds.wordsPerSecond);
}

/** When each segment truly began, ms from the first; nothing before a class is over. */
async function playedIn(
  row: Pick<WholeSessionRow, "id" | "endedAt">,
  doc: ClassSource["doc"],
): Promise<readonly Played[] | undefined> {
  if (!row.endedAt) return undefined;
  const score = liveScore(doc, scoreOf(doc, LIBRARY_BOOK), bookFor(doc, LIBRARY_BOOK));
  const stays = staysOf(score, await eventsAfter(row.id, 0), row.endedAt.getTime());
  const first = stays[0]?.fromMs ?? 0;
  return stays.map(({ index, fromMs }) => ({ index, atMs: fromMs - first }));
}

/** All of a session that its files are made of: the class as it was done, who was asked, their parts. `only`: one alone. */
async function sourceOf(row: WholeSessionRow, studio: string, only?: Pick<Participant, "personId" | "doc">) {
  const content = (await frozenContent(db(), row.id)) ?? (await contentOf(db(), row, only?.personId));
  const doc = shownOf(content.doc, content.substitutes);
  const isMeant = (id: string) => only === undefined || id === only.doc.id;
  const people = (await peopleOf(db(), row.id, doc, only?.personId)).filter(({ id }) => isMeant(id));
  const known = new Set(people.map(({ id }) => id));
  const played = await playedIn(row, doc);
  return {
    doc,
    people,
    parts: content.parts.filter(({ person }) => known.has(person)),
    studio,
    on: dayOf(row.startsAt.getTime()),
    date: { atMs: row.startsAt.getTime(), timeZone: row.timeZone, id: row.id },
    ...(played ? { played } : {}),
  };
}

/** A file of a session, for those who are asked to it. */
export async function fileOfSession(who: Instructor, id: string, ask: Asked): Promise<Response> {
  await noted(who, ask);
  const row = await needSession(who.studioId, id);
  const settings = await settingsOf(who.studioId);
  return made(who.userId, await sourceOf(row, who.studioName), ask, settings.thresholds.wordsPerSecond);
}

/** A participant's own sheet of a session that they are asked to, in their language: nobody else stands on it. */
export async function ownSheet(who: Participant, id: string, paper: Asked["paper"]): Promise<Response> {
  await needAsked(who.studioId, id, who.personId);
  const source = await sourceOf(await needSession(who.studioId, id), who.studioName, who);
  const language = languageOf(who.doc.language);
  return made(who.linkId, source, { ...asked.getDefault(), as: "people", paper, language } as Asked, 1);
}
