/** A headless Chromium for tests and pictures: an exact size, nothing from outside, an own profile. */
import { mkdirSync, mkdtempSync, rmSync, writeFileSync } from "node:fs";
import { tmpdir } from "node:os";
import { Builder, type WebDriver } from "selenium-webdriver";
import { Options, ServiceBuilder } from "selenium-webdriver/chrome.js";

export interface Browser {
  readonly driver: WebDriver;
  /** Folder into which files come that a page hands over. */
  readonly downloads: string;
  /** Ends the browser and removes its profile. */
  close(): Promise<void>;
}

const FLAGS = [
  "--headless=new",
  "--disable-gpu",
  "--disable-quic",
  "--no-first-run",
  "--disable-background-networking",
  "--disable-component-update",
  "--disable-sync",
  "--disable-dev-shm-usage",
  "--autoplay-policy=no-user-gesture-required",
  "--hide-scrollbars",
];

/** Sets the page to exactly this many pixels. */
export async function setSize(driver: WebDriver, width: number, height: number): Promise<void> {
  const chrome = driver as WebDriver & { sendDevToolsCommand(name: string, params: object): Promise<void> };
  const metrics = { width, height, deviceScaleFactor: 1, mobile: false };
  await chrome.sendDevToolsCommand("Emulation.setDeviceMetricsOverride", metrics);
}

export async function openBrowser(
  width = 1280,
  height = 800,
  flags: readonly string[] = [],
): Promise<Browser> {
  const profile = mkdtempSync(`${tmpdir()}/brontle-chromium-`);
  const options = new Options();
  options.setChromeBinaryPath("/usr/bin/chromium");
  options.addArguments(...FLAGS, ...flags, `--user-data-dir=${profile}`, `--window-size=${width},${height}`);
  const downloads = `${profile}/downloads`;
  mkdirSync(downloads);
  options.setUserPreferences({ "download.default_directory": downloads });
  if (process.getuid?.() === 0) options.addArguments("--no-sandbox");
  const service = new ServiceBuilder("/usr/bin/chromedriver");
  const driver = await new Builder()
    .forBrowser("chrome")
    .setChromeOptions(options)
    .setChromeService(service)
    .build();
  await setSize(driver, width, height);
  return {
    driver,
    downloads,
    close: async () => {
      await driver.quit();
      rmSync(profile, { recursive: true, force: true, maxRetries: 5 });
    },
  };
}

/** Saves what is seen as a PNG. */
export async function picture(driver: WebDriver, file: string): Promise<void> {
  writeFileSync(file, Buffer.from(await driver.takeScreenshot(), "base64"));
}
