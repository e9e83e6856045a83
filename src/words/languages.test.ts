import { expect, test } from "vitest";
import { FLOORS } from "../core/homes/home";
import { askedLanguage, LANGUAGES, languageOf, WHOLE_LANGUAGES, wordsIn } from "./languages";

test("the first language that a browser asks for and that there is, in its order; else English", () => {
  expect(askedLanguage("es-MX,es;q=0.9,en;q=0.8", WHOLE_LANGUAGES)).toBe("es");
  expect(askedLanguage("de-CH,es;q=0.7", WHOLE_LANGUAGES)).toBe("es");
  expect(askedLanguage("de-CH,es;q=0.7", LANGUAGES)).toBe("de");
  expect(askedLanguage("nl,fi;q=0.5", LANGUAGES)).toBe("en");
  for (const odd of [null, "", ",,;q=1", "*", `${"x".repeat(9000)},es`])
    expect(askedLanguage(odd, LANGUAGES)).toBe("en");
});

test("a tag gives its language, whatever else stands in it", () => {
  expect([languageOf("pt-BR"), languageOf("FR"), languageOf("xx"), languageOf(undefined)]).toEqual([
    "pt",
    "fr",
    "en",
    "en",
  ]);
});

test("every floor has a word of its own in every language", () => {
  for (const language of LANGUAGES) {
    const said = FLOORS.map((floor) => wordsIn(language).phrase("home", "floorKind", { floor }));
    expect(new Set(said).size).toBe(FLOORS.length);
    expect(said).not.toContain("");
    if (language !== "en") for (const floor of FLOORS) expect(said).not.toContain(floor);
  }
});
