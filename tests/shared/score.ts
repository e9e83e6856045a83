/** The score as it is drawn: where its labels stand on the screen, and the places of seconds. */
import { By, type WebDriver } from "selenium-webdriver";
import { TITLE_PX } from "../../src/drawing/brackets";
import { GUTTER } from "../../src/drawing/measures";
import { LABEL_PX } from "../../src/drawing/row-labels";

export interface DrawnLabel {
  readonly text: string;
  /** Px of the window: the left end of its base line, and how wide it is drawn. */
  readonly x: number;
  readonly y: number;
  readonly width: number;
  readonly sizePx: number;
}

/** All titles and labels in sight, measured in the letters that the browser draws them with. */
export function drawnLabels(driver: WebDriver): Promise<readonly DrawnLabel[]> {
  return driver.executeScript(
    `const canvas = document.querySelector("[data-score] canvas");
     const { left, top } = canvas.getBoundingClientRect();
     const brush = canvas.getContext("2d");
     const family = getComputedStyle(canvas).getPropertyValue("--font-sans");
     const all = (size, bold, items) => items.map(({ text, x, y, middle }) => {
       brush.font = (bold ? 700 : 400) + " " + size + "px " + family;
       const width = brush.measureText(text).width;
       return { text, x: left + arguments[0] + x - (middle ? width / 2 : 0), y: top + y, width, sizePx: size };
     });
     return canvas.drawn.flatMap(({ top: rowTop, face }) => [
       ...all(arguments[1], true, face.brackets.filter(({ title }) => title).map(({ title, x }) => ({ text: title, x, y: rowTop + 11 }))),
       ...face.marks.labels.flatMap((label) => all(arguments[2], ["strong", "rust"].includes(label.tone), [{ ...label, y: rowTop + label.y }])),
     ]);`,
    GUTTER,
    TITLE_PX,
    LABEL_PX,
  );
}

/** The place in the window of a second of the class, so many px over its base line. */
export async function placeOfSecond(
  driver: WebDriver,
  second: number,
  over = 5,
): Promise<{ x: number; y: number }> {
  const score = await driver.findElement(By.css("[data-score]"));
  return driver.executeScript(
    `const canvas = arguments[0].querySelector("canvas");
     const { left, top, width } = canvas.getBoundingClientRect();
     const row = canvas.drawn.findLast(({ face }) => face.start <= arguments[1]);
     const minutes = Number(document.querySelector("[name=row-minutes]:checked").value);
     const px = (width - arguments[3] - 2) / (minutes * 60);
     return { x: Math.round(left + arguments[3] + (arguments[1] - row.face.start) * px),
              y: Math.round(top + row.top + Number(canvas.dataset.base) - arguments[2]) };`,
    score,
    second,
    over,
    GUTTER,
  );
}

/** Presses at one place of the window, and lets go at another, no faster than a hand does. */
export async function dragTo(
  driver: WebDriver,
  from: { readonly x: number; readonly y: number },
  to: { readonly x: number; readonly y: number },
): Promise<void> {
  await driver
    .actions()
    .move(from)
    .press()
    .pause(60)
    .move({ x: (from.x + to.x) >> 1, y: from.y })
    .move(to)
    .pause(250)
    .release()
    .perform();
  await driver.actions().clear();
}
