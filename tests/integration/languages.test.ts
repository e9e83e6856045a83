/** One class, each of its people in their own language beside an instructor in hers. */
import { beforeAll, describe, expect, test } from "vitest";
import type { ClassDoc } from "../../src/core/class/document";
import { newClass } from "../../src/core/class/new-class";
import type { OwnSession } from "../../src/core/live/own-part";
import { wordsIn } from "../../src/words/languages";
import { ADDRESS, type Asker, ask, newStudio } from "../shared/http";
import { readPdf } from "../shared/pdf";

const NOBODY: Asker = { cookie: "", origin: ADDRESS };
const NAMES = {
  en: "Press-up",
  es: "Flexión",
  de: "Liegestütz",
  fr: "Pompe",
  pt: "Flexão",
} as const;
type Tongue = keyof typeof NAMES;
const TONGUES = Object.keys(NAMES) as readonly Tongue[];

let owner: Asker;
let session = "";
const tokens = new Map<Tongue, string>();

function doc(): ClassDoc {
  const made = newClass("Storm legs", "density");
  return {
    ...made,
    blocks: made.blocks.map((block) =>
      block.id === "b2"
        ? {
            ...block,
            slots: [
              { id: "s4", move: "press-up", dose: { seconds: 40 } },
              { id: "s40", move: { name: "Quay steps" }, dose: { seconds: 40 } },
            ],
          }
        : block,
    ),
  } as ClassDoc;
}

const own = async (tongue: Tongue) => {
  const { status, json } = await ask(
    NOBODY,
    "GET",
    `/api/part/${tokens.get(tongue)}/content?session=${session}`,
  );
  expect(status).toBe(200);
  return json as unknown as OwnSession;
};

beforeAll(async () => {
  owner = await newStudio("Tongues");
  const made = await ask(owner, "POST", "/api/classes", { doc: doc() });
  expect(made.status, made.text).toBe(200);
  const classId = made.json.id;
  for (const tongue of TONGUES) {
    const person = { name: `Person ${tongue}`, kit: [], ...(tongue === "en" ? {} : { language: tongue }) };
    const { json } = await ask(owner, "POST", "/api/people", { person });
    const link = await ask(owner, "POST", `/api/people/${json.id}/link`, {});
    tokens.set(tongue, /\/p\/([\w-]+)/.exec(String(link.json.address))?.[1] ?? "");
  }
  session = String((await ask(owner, "POST", "/api/sessions/now", { classId })).json.id);
});

describe("a class for people of five languages", () => {
  test.each(TONGUES)("gives the page in %s its moves, cues and own part in that language", async (tongue) => {
    const { moves, parts } = await own(tongue);
    const move = moves.find(({ id }) => id === "press-up");
    expect(move?.name).toBe(NAMES[tongue]);
    const slot = parts?.usual.slots.find(({ slot: id }) => id === "s4");
    const done = moves.find(({ id }) => id === slot?.move);
    expect(slot?.name).toBe(done?.name);
    expect(parts?.byMark.flat.slots.find(({ slot: id }) => id === "s4")?.name).toBeTruthy();
    if (tongue !== "en")
      expect(move?.cues).not.toEqual((await own("en")).moves.find(({ id }) => id === "press-up")?.cues);
    // What the instructor named stays as she named it.
    expect(parts?.usual.slots.find(({ slot: id }) => id === "s40")?.name).toBe("Quay steps");
  });

  test("leaves what the instructor sees in hers", async () => {
    const { text } = await ask(owner, "GET", `/api/sessions/${session}/content`);
    expect(text).toContain("Press-up");
    expect(text).not.toMatch(/Liegestütz|Flexión|Flexão/);
  });

  test.each(TONGUES)("draws the stage in %s for the call", async (tongue) => {
    const content = await ask(owner, "GET", `/api/sessions/${session}/stage?language=${tongue}`);
    const { moves, ways } = content.json as unknown as {
      readonly moves: OwnSession["moves"];
      readonly ways: Readonly<Record<string, { readonly natural: { readonly name: string } }>>;
    };
    expect(moves.find(({ id }) => id === "press-up")?.name).toBe(NAMES[tongue]);
    expect(ways.s4?.natural.name).toBe(NAMES[tongue]);
    const { text } = await ask(owner, "GET", `/stage/${session}?language=${tongue}`);
    expect(text).toContain(`<div lang="${tongue}"`);
    expect(text).toContain(wordsIn(tongue).phrase("stage", "soundOff").replace("'", "&#x27;"));
  });

  test.each(TONGUES)("draws the page in %s with its words", async (tongue) => {
    const { status, text } = await ask(NOBODY, "GET", `/p/${tokens.get(tongue)}?session=${session}`);
    expect(status).toBe(200);
    expect(text).toContain(`<div lang="${tongue}"`);
    const title = wordsIn(tongue).phrase("part", "title");
    expect(text).toMatch(new RegExp(`<title>[^<]*${title}`));
    // What it is called where it is installed, and where that begins, which knows nobody.
    const [, manifest] = /rel="manifest" href="([^"]+)"/.exec(text) ?? [];
    const installed = (await (await fetch(`${ADDRESS}${manifest}`)).json()) as { name: string; lang: string };
    expect(installed).toMatchObject({ name: title, lang: tongue, start_url: "/p/kept", scope: "/p/" });
    const kept = await fetch(`${ADDRESS}/p/kept`, { headers: { "accept-language": tongue } });
    expect(await kept.text()).toContain(wordsIn(tongue).phrase("page", "openLink"));
  });

  test.each(TONGUES)("writes the sheet on paper in %s", async (tongue) => {
    const response = await fetch(`${ADDRESS}/api/part/${tokens.get(tongue)}/sheet?session=${session}`);
    const pdf = await readPdf(new Uint8Array(await response.arrayBuffer()));
    const text = pdf.pages.map((page) => page.text).join(" ");
    const part = (await own(tongue)).parts?.usual.slots.find(({ slot }) => slot === "s4");
    expect(text).toContain(part?.name);
    expect(text).toContain("Quay steps");
  });
});
