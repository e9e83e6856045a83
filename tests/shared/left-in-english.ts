/** What a screen in another language still says in English: whole messages of the catalogue, and keys that were never looked up. */
import type { WebDriver } from "selenium-webdriver";
import * as english from "../../src/words/english";
import * as screens from "../../src/words/screens/english";
import * as spanishScreens from "../../src/words/screens/spanish";
import { spanish } from "../../src/words/spanish";
import { messagesOf } from "../../src/words/testing/messages";

const plain = (tree: object) =>
  messagesOf(tree)
    .map(([, message]) => message)
    .filter((message) => !message.includes("{"));

const { names, phrases } = english;
const SAID = new Set([...plain(spanish), ...plain(spanishScreens)]);
const ENGLISH = new Set(
  [...plain({ names, phrases }), ...plain(screens)].filter(
    (text) => /[a-z]{2}/i.test(text) && !SAID.has(text),
  ),
);
const KEYS = new Set(messagesOf(screens).map(([key]) => key.split(".").at(-1) ?? ""));

/** All that is read, and all that is read aloud. */
const TEXTS = `
  const texts = [document.title];
  const walk = document.createTreeWalker(document.body, NodeFilter.SHOW_TEXT);
  for (let node = walk.nextNode(); node; node = walk.nextNode())
    if (!node.parentElement.closest("script, style, option[lang]")) texts.push(node.textContent.trim());
  for (const name of ["aria-label", "title", "placeholder"])
    for (const element of document.querySelectorAll("[" + name + "]")) texts.push(element.getAttribute(name));
  return [...new Set(texts)];`;

/** The texts of a page that are English messages, or keys of messages (`threeWordsLong`). `own`: what people wrote themselves. */
export async function leftInEnglish(
  driver: WebDriver,
  own: readonly string[] = [],
): Promise<readonly string[]> {
  const texts = await driver.executeScript<string[]>(TEXTS);
  return texts.filter(
    (text) => !own.includes(text) && (ENGLISH.has(text) || (KEYS.has(text) && /[a-z][A-Z]/.test(text))),
  );
}
