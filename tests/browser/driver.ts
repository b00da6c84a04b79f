import { mkdtempSync, readdirSync, rmSync, statSync } from 'node:fs';
import { createServer, type Server } from 'node:http';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import axe from 'axe-core';
import { Builder, By, error, Key, logging, until, type WebElement } from 'selenium-webdriver';
import chrome from 'selenium-webdriver/chrome.js';
import { createApp } from '../../server/app.ts';

export { By, Key, until };

/** How long something on the page is waited for, in milliseconds: a slow machine is no fault of the page. */
export const PATIENCE = 60_000;

const FLAGS = [
  '--headless=new',
  '--no-sandbox',
  '--disable-quic',
  '--no-first-run',
  '--disable-background-networking',
  '--disable-component-update',
  '--disable-sync',
  '--force-device-scale-factor=1',
  '--hide-scrollbars',
  // drawn by one's own processor: straight, not through a made-up graphics card; the turn view still gets its WebGL
  '--disable-gpu',
  '--enable-unsafe-swiftshader',
  '--window-size=1280,800',
];

export interface Served {
  readonly url: string;
  readonly close: () => Promise<void>;
}

/**
 * Serve the built app on a free port, as npm start does.
 * @param dist folder of the built app
 */
export async function serve(dist = join(import.meta.dirname, '../../dist')): Promise<Served> {
  const server: Server = createServer(createApp(dist));
  await new Promise<void>((resolve) => server.listen(0, 'localhost', resolve));
  const address = server.address();
  const port = typeof address === 'object' && address ? address.port : 0;
  return {
    url: `http://localhost:${port}`,
    close: () =>
      new Promise((resolve) => {
        server.close(() => resolve());
        server.closeAllConnections();
      }),
  };
}

export interface Browser {
  readonly driver: chrome.Driver;
  /** Where files the page saves arrive. */
  readonly downloads: string;
  readonly close: () => Promise<void>;
  readonly find: (css: string) => Promise<WebElement>;
  readonly button: (words: string) => Promise<WebElement>;
  /** Press a button by its words, as soon as it has slid into reach. */
  readonly push: (words: string) => Promise<void>;
  readonly text: (css: string) => Promise<string>;
  /** Type into a quantity by its label, and leave it. */
  readonly fill: (label: string, value: string) => Promise<void>;
  readonly press: (...keys: string[]) => Promise<void>;
  /** Messages of the page's console that are errors. */
  readonly complaints: () => Promise<string[]>;
}

/** What a fresh browser may be asked besides its size. */
export interface Asked {
  /** A finger in place of a mouse. */
  readonly touch?: boolean;
  /** The page as it is for anybody: what slides in slides. It would be timed with the standing still it is held to else. */
  readonly asIs?: boolean;
}

/** A fresh browser with a profile of its own, at the design size unless another is named. */
export async function openBrowser(width = 1280, height = 800, asked: Asked = {}): Promise<Browser> {
  const profile = mkdtempSync(join(tmpdir(), 'spindle-profile-'));
  const downloads = mkdtempSync(join(tmpdir(), 'spindle-files-'));
  const options = new chrome.Options();
  options.setChromeBinaryPath(process.env.CHROMIUM ?? '/usr/bin/chromium');
  options.addArguments(...FLAGS, `--user-data-dir=${profile}`);
  options.setUserPreferences({
    'download.default_directory': downloads,
    'download.prompt_for_download': false,
  });
  const prefs = new logging.Preferences();
  prefs.setLevel(logging.Type.BROWSER, logging.Level.ALL);
  options.setLoggingPrefs(prefs);
  const driver = (await new Builder()
    .forBrowser('chrome')
    .setChromeOptions(options)
    .setChromeService(new chrome.ServiceBuilder(process.env.CHROMEDRIVER ?? '/usr/bin/chromedriver'))
    .build()) as unknown as chrome.Driver;
  await driver.manage().setTimeouts({ script: 2 * PATIENCE });
  await driver.sendDevToolsCommand('Emulation.setDeviceMetricsOverride', {
    width,
    height,
    deviceScaleFactor: 1,
    mobile: asked.touch ?? false,
  });
  if (asked.touch)
    await driver.sendDevToolsCommand('Emulation.setTouchEmulationEnabled', {
      enabled: true,
      maxTouchPoints: 5,
    });
  // what slides in is pressed where it was: nothing moves here
  if (!asked.asIs)
    await driver.sendDevToolsCommand('Page.addScriptToEvaluateOnNewDocument', {
      source: `addEventListener('DOMContentLoaded', () => {
      const still = document.createElement('style');
      still.textContent = '*, *::before, *::after { animation-duration: 1ms !important; animation-delay: 0s !important; transition-duration: 1ms !important; }';
      document.head.append(still);
    });`,
    });
  const find = (css: string) => driver.wait(until.elementLocated(By.css(css)), PATIENCE);
  // a dialog that is on its way out is no longer there to be pressed
  const leaving = 'ancestor::*[contains(@class,"-leave")]';
  const buttons = (words: string) =>
    By.xpath(
      `//*[self::button or self::a[contains(@class, "button")]][contains(normalize-space(.), "${words}")][not(${leaving})]`,
    );
  const button = (words: string) => driver.wait(until.elementLocated(buttons(words)), PATIENCE);
  /** Press the first of several that lets itself be pressed: one may be hidden, or under another. */
  const pressed = async (words: string) => {
    for (const found of await driver.findElements(buttons(words)))
      if (
        await found.click().then(
          () => true,
          () => false,
        )
      )
        return true;
    return false;
  };
  return {
    driver,
    downloads,
    find,
    button,
    push: async (words) => {
      await driver.wait(() => pressed(words), PATIENCE, `Nothing to press says ${words}`);
    },
    text: async (css) => (await find(css)).getText(),
    fill: async (label, value) => {
      const field = By.xpath(
        `//label[contains(@class,"quantity")][span[normalize-space(.)="${label}"]]/input`,
      );
      // it may still be sliding in, or be drawn again between looking and typing
      await driver.wait(
        () =>
          driver
            .findElement(field)
            .then((found) => found.click())
            .then(
              () => true,
              () => false,
            ),
        PATIENCE,
      );
      await driver.findElement(field).sendKeys(Key.chord(Key.CONTROL, 'a'), value, Key.ENTER);
    },
    press: async (...keys) => {
      // to whatever has the focus, so that chords stay chords; what had it may have been drawn anew meanwhile
      for (const key of keys)
        await driver.wait(
          () =>
            driver
              .switchTo()
              .activeElement()
              .sendKeys(key)
              .then(
                () => true,
                async (e: unknown) => {
                  const gone =
                    e instanceof error.StaleElementReferenceError ||
                    e instanceof error.ElementNotInteractableError;
                  if (!gone) throw e;
                  // nothing to type into: the page itself takes the key
                  await driver.executeScript('document.activeElement?.blur?.()');
                  return false;
                },
              ),
          PATIENCE,
        );
    },
    complaints: async () =>
      (await driver.manage().logs().get('browser'))
        .filter((l) => l.level.value >= logging.Level.SEVERE.value)
        .map((l) => l.message),
    close: async () => {
      await driver.quit();
      rmSync(profile, { recursive: true, force: true, maxRetries: 40, retryDelay: 100 });
      rmSync(downloads, { recursive: true, force: true });
    },
  };
}

/** Open a build at a lens. */
export async function openBuild(browser: Browser, url: string, lens: string, id = 'demo-ferryman-otter') {
  await browser.driver.get(`${url}/build/${id}/${lens}`);
  await browser.find('.frame');
}

/** Open a build at a lens, with one of its variations shown. */
export async function openVariation(
  browser: Browser,
  url: string,
  lens: string,
  [id, name]: readonly [string, string],
) {
  await openBuild(browser, url, lens, id);
  const shown = async () => (await browser.text('.rail .name')).includes(name);
  if (await shown()) return;
  await (await browser.find('.rail .name')).click();
  await browser.push(`Show ${name}`);
  await browser.driver.wait(shown, PATIENCE);
  await kept(browser);
  await openBuild(browser, url, lens, id);
  await browser.driver.wait(shown, PATIENCE);
}

/** Wait until what was changed is kept, before the page is left. */
export const kept = (browser: Browser) =>
  browser.driver.wait(async () => !(await browser.text('.rail .name')).includes('saving'), PATIENCE);

/** Wait until something of a kind says certain words. */
export const has = (browser: Browser, css: string, words: string | RegExp) =>
  browser.driver.wait(
    async () => {
      const all = await browser.driver.findElements(By.css(css));
      for (const e of all) {
        const text = await e.getText().catch(() => '');
        if (typeof words === 'string' ? text.includes(words) : words.test(text)) return e;
      }
      return undefined;
    },
    PATIENCE,
    `No ${css} says ${String(words)}`,
  );

/** The row of a list that opens. */
export const row = (browser: Browser, words: string) =>
  browser.driver.wait(
    until.elementLocated(
      By.xpath(`//button[contains(@class,"line")][contains(normalize-space(.),"${words}")]`),
    ),
    PATIENCE,
  );

/** Choose from the list of a field by its label; the list is fetched when the first field is shown. */
export async function chooseFrom(browser: Browser, label: string, words: string | RegExp): Promise<void> {
  const { driver } = browser;
  const field = await driver.wait(
    until.elementLocated(
      By.xpath(`//label[span[normalize-space(.)="${label}"]]//div[contains(@class,"ant-select-selector")]`),
    ),
    PATIENCE,
  );
  await driver.executeScript('arguments[0].scrollIntoView({ block: "center" })', field);
  await field.click();
  const open = '.ant-select-dropdown:not(.ant-select-dropdown-hidden) .ant-select-item-option';
  await (await has(browser, open, words))!.click();
}

/** Choose one of a row of choices by its words. */
export async function choose(browser: Browser, words: string): Promise<void> {
  const { driver } = browser;
  const label = By.xpath(`//label[contains(@class,"seg")][span[normalize-space(.)="${words}"]]`);
  const behind = By.xpath(`//div[contains(@class,"list")]/button[normalize-space(.)="${words}"]`);
  await driver.wait(
    async () => {
      const [found] = await driver.findElements(label);
      if (found) {
        await found.click();
        return true;
      }
      for (const more of await driver.findElements(By.css('.segments .more'))) {
        await more.click();
        const [there] = await driver.findElements(behind);
        if (there) {
          await there.click();
          return true;
        }
        await more.click();
      }
      return false;
    },
    PATIENCE,
    `Nothing to choose says ${words}`,
  );
}

/** Wait for a file the page saves; while it arrives it has another ending, or is still empty. */
export const saved = async (browser: Browser, ending: string): Promise<string> => {
  const found = await browser.driver.wait(
    () => {
      const file = readdirSync(browser.downloads).find((f) => f.endsWith(ending));
      const path = file && join(browser.downloads, file);
      return Promise.resolve(path && statSync(path).size > 0 ? path : undefined);
    },
    PATIENCE,
    `No file ${ending} came`,
  );
  return found!;
};

/** What the automated accessibility check finds, of any impact, with the first element it means. */
export async function violations(browser: Browser, but: readonly string[] = []): Promise<string[]> {
  await browser.driver.executeScript(axe.source);
  const found = await browser.driver.executeAsyncScript<
    { id: string; impact: string; nodes: { html: string }[] }[]
  >(
    'const done = arguments[arguments.length - 1]; const rules = Object.fromEntries(arguments[0].map((id) => [id, { enabled: false }])); axe.run(document, { resultTypes: ["violations"], rules }).then((r) => done(r.violations));',
    but,
  );
  return found.map((v) => `${v.impact} ${v.id}: ${v.nodes[0]!.html.slice(0, 160)}`);
}
