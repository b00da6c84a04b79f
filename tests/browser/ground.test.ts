import { appendFileSync, cpSync, mkdtempSync, readdirSync, readFileSync, renameSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { describe, expect, it } from 'vitest';
import {
  PATIENCE,
  By,
  choose,
  has,
  kept,
  Key,
  openBrowser,
  violations,
  openBuild,
  row,
  saved,
  serve,
  type Browser,
} from './driver.ts';
import { b, served } from './opened.ts';

/** A build as the browser keeps it. */
const storedIn = (browser: Browser, id: string): Promise<Record<string, unknown>> =>
  browser.driver.executeAsyncScript(
    `const [id, done] = arguments;
     const open = indexedDB.open('elm-spindle');
     open.onsuccess = () => {
       const get = open.result.transaction('builds').objectStore('builds').get(id);
       get.onsuccess = () => { open.result.close(); done(get.result?.build ?? null); };
     };`,
    id,
  );
const namesOfPastes = (): Promise<string[]> =>
  b.driver.executeAsyncScript(
    `const [done] = arguments;
     const open = indexedDB.open('elm-spindle');
     open.onsuccess = () => {
       const all = open.result.transaction('pastes').objectStore('pastes').getAll();
       all.onsuccess = () => { open.result.close(); done(all.result.map((p) => p.name)); };
     };`,
  );
const put = (record: unknown): Promise<void> =>
  b.driver.executeAsyncScript(
    `const [record, done] = arguments;
     const open = indexedDB.open('elm-spindle');
     open.onsuccess = () => {
       const t = open.result.transaction('builds', 'readwrite');
       t.objectStore('builds').put(record);
       t.oncomplete = () => { open.result.close(); done(); };
     };`,
    record,
  );

/** Everything that differs between two records, by where it stands. */
function differences(a: unknown, c: unknown, at = ''): string[] {
  if (JSON.stringify(a) === JSON.stringify(c)) return [];
  if (typeof a !== 'object' || typeof c !== 'object' || a === null || c === null) return [at];
  const keys = new Set([...Object.keys(a), ...Object.keys(c)]);
  return [...keys].flatMap((k) =>
    differences((a as Record<string, unknown>)[k], (c as Record<string, unknown>)[k], `${at}/${k}`),
  );
}

/** Every letter of it is a command of the workshop. */
const WORDS = 'Drum 2 rnd';

/** Type into every text field in sight, letter by letter; each changes its own text and nothing else. */
async function typeInAll(id: string, text = WORDS): Promise<number> {
  const fields = () => b.driver.findElements(By.css('.text-field'));
  const n = (await fields()).length;
  for (let k = 0; k < n; k++) {
    const before = await storedIn(b, id);
    const field = (await fields())[k]!;
    const label = await b.driver.executeScript('return arguments[0].closest("label").innerText', field);
    await b.driver.executeScript('arguments[0].scrollIntoView({ block: "center" })', field);
    await field.click();
    await field.sendKeys(Key.chord(Key.CONTROL, 'a'));
    for (const letter of text) await b.driver.switchTo().activeElement().sendKeys(letter);
    expect(await (await fields())[k]!.getAttribute('value'), `${label as string} while typed in`).toBe(text);
    await b.driver.switchTo().activeElement().sendKeys(Key.TAB);
    await kept(b);
    await b.driver.sleep(500);
    const changed = differences(before, await storedIn(b, id));
    expect(changed.length, `${label as string} changed ${changed.join()}`).toBeLessThanOrEqual(1);
    for (const at of changed) expect(at).toMatch(/name|title/);
    expect(await b.driver.findElements(By.css('.ant-modal'))).toHaveLength(0);
  }
  return n;
}

describe('typing', () => {
  const HERON = 'demo-one-legged-heron';
  it('a name of a piece changes that name and nothing else', async () => {
    await openBuild(b, served.url, 'shape', HERON);
    await (await row(b, 'Body')).click();
    expect(await typeInAll(HERON)).toBeGreaterThan(0);
    await has(b, '.bead', WORDS.slice(0, 4));
  });
  it('a name of a rod, and of a tier under the figure', async () => {
    await openBuild(b, served.url, 'bones', HERON);
    await (await b.find('.rods .line')).click();
    expect(await typeInAll(HERON)).toBeGreaterThan(0);
    await (await b.find('.spindle .foot')).click();
    await b.push('A tier under it');
    await b.find('.tier .text-field');
    expect(await typeInAll(HERON)).toBeGreaterThan(0);
  });
  it('a name of a blend; tins that are no numbers are refused', async () => {
    await openBuild(b, served.url, 'paste', HERON);
    await choose(b, 'Blends');
    await (await b.find('.opening .line')).click();
    expect(await typeInAll(HERON)).toBeGreaterThan(0);
    await openBuild(b, served.url, 'paste', 'demo-savoy-cabbage');
    await choose(b, 'Cake');
    const before = await storedIn(b, 'demo-savoy-cabbage');
    const field = await b.find('.text-field');
    await field.sendKeys(Key.chord(Key.CONTROL, 'a'), 'large and round', Key.TAB);
    await b.driver.sleep(400);
    expect(differences(before, await storedIn(b, 'demo-savoy-cabbage'))).toEqual([]);
  });
  it('the name of the build and of a helper, in the drawer', async () => {
    await openBuild(b, served.url, 'days', HERON);
    await b.push('room');
    await has(b, '.ant-drawer', 'Brief');
    const helper = await b.driver.findElement(By.css('input[placeholder="Apprentice"]'));
    await b.driver.executeScript('arguments[0].scrollIntoView({ block: "center" })', helper);
    await helper.sendKeys('Mord', Key.ENTER);
    await kept(b);
    await b.driver.sleep(400);
    expect(await typeInAll(HERON)).toBeGreaterThan(1);
  });
  it('names of one’s own pastes, in the stores', async () => {
    await b.driver.get(`${served.url}/stores`);
    await choose(b, 'Your own pastes');
    await b.push('New paste');
    const field = await b.find('.paste .text-field');
    await field.click();
    await field.sendKeys(Key.chord(Key.CONTROL, 'a'));
    for (const letter of WORDS) await b.driver.switchTo().activeElement().sendKeys(letter);
    expect(await field.getAttribute('value')).toBe(WORDS);
    await b.driver.switchTo().activeElement().sendKeys(Key.TAB);
    await b.driver.wait(async () => (await namesOfPastes()).includes(WORDS), PATIENCE);
    await b.driver.navigate().refresh();
    await choose(b, 'Your own pastes');
    await b.find('.paste .text-field');
    await b.driver.wait(
      async () => (await (await b.find('.paste .text-field')).getAttribute('value')) === WORDS,
      PATIENCE,
    );
  });
});

describe('keys', () => {
  const OTTER = 'demo-ferryman-otter';
  it('edit only where the figure has the focus; elsewhere arrows scroll and nothing is taken away', async () => {
    await openBuild(b, served.url, 'shape', OTTER);
    await (await row(b, 'Head')).click();
    await b.driver.executeScript('document.activeElement.blur()');
    const before = await storedIn(b, OTTER);
    for (const key of [Key.ARROW_DOWN, Key.DELETE, Key.BACK_SPACE, 'd', 'm', 'r']) await b.press(key);
    await b.driver.sleep(600);
    expect(differences(before, await storedIn(b, OTTER))).toEqual([]);
    // on the stage they do
    await b.driver.executeScript('document.querySelector("svg.stage").focus()');
    await b.press(Key.ARROW_RIGHT);
    await kept(b);
    await b.driver.wait(
      async () =>
        differences(before, await storedIn(b, OTTER))
          .join()
          .includes('/seat/at'),
      PATIENCE,
    );
    await b.press(Key.chord(Key.CONTROL, 'z'));
  });
  it('rest under an open drawer, whatever they are', async () => {
    await openBuild(b, served.url, 'shape', OTTER);
    await (await b.find('.bead:nth-of-type(3)')).click();
    await b.push('room');
    await has(b, '.ant-drawer', 'Brief');
    const before = await storedIn(b, OTTER);
    await (await b.find('.ant-drawer-title')).click();
    for (const key of [Key.DELETE, '2', 'n', Key.ARROW_UP]) await b.press(key);
    await b.driver.sleep(600);
    expect(differences(before, await storedIn(b, OTTER))).toEqual([]);
    expect(await b.text('.panel .kicker')).toBe('Shape');
  });
  it('Enter in a field of a drawer leaves the field; Escape then closes the drawer, and undo works again', async () => {
    await openBuild(b, served.url, 'shape', OTTER);
    const before = await storedIn(b, OTTER);
    await b.push('room');
    await b.fill('Humidity', '61');
    await b.press(Key.ESCAPE);
    await b.driver.wait(
      async () => (await b.driver.findElements(By.css('.ant-drawer-open'))).length === 0,
      PATIENCE,
    );
    await kept(b);
    expect(differences(before, await storedIn(b, OTTER))).not.toEqual([]);
    await b.press(Key.chord(Key.CONTROL, 'z'));
    await kept(b);
    await b.driver.wait(async () => differences(before, await storedIn(b, OTTER)).length === 0, PATIENCE);
  });
  it('what was removed is named and brought back', async () => {
    await openBuild(b, served.url, 'shape', OTTER);
    const before = await storedIn(b, OTTER);
    await (await row(b, 'Head')).click();
    await b.press(Key.DELETE);
    await has(b, '.bar', /Removed the head, .*muzzle/);
    await b.push('Bring back');
    await kept(b);
    await b.driver.wait(async () => differences(before, await storedIn(b, OTTER)).length === 0, PATIENCE);
    expect(await b.driver.findElements(By.css('.bar'))).toHaveLength(0);
  });
});

describe('what cannot be read', () => {
  it('is a card of its own that hides nobody else, is saved as it is and taken off', async () => {
    await b.driver.get(served.url);
    const others = ['Ferryman otter', 'Savoy cabbage', 'Trial acorn'];
    for (const name of others) await has(b, '.shelf li', name);
    const build = { format: 'elm-spindle-build', version: 7, name: 'Broken', nothing: 'more' };
    await put({ id: 'broken', name: 'Broken', savedAt: 1, revision: 1, build });
    await put({ id: 'empty', name: 'Empty', savedAt: 1, revision: 1, build: null });
    await b.driver.navigate().refresh();
    await has(b, '.damaged', /Broken[\s\S]*cannot be opened/);
    await has(b, '.damaged', /Empty[\s\S]*cannot be opened/);
    for (const name of others) await has(b, '.shelf li', name);
    await (
      await b.driver.findElement(
        By.xpath(
          '//div[contains(@class,"damaged")][contains(.,"Broken")]//button[contains(.,"Save as it is")]',
        ),
      )
    ).click();
    const file = await saved(b, 'broken.spindle.json');
    expect(JSON.parse(readFileSync(file, 'utf8'))).toEqual(build);
    for (const name of ['Broken', 'Empty']) {
      await (
        await b.driver.findElement(
          By.xpath(
            `//div[contains(@class,"damaged")][contains(.,"${name}")]//button[contains(.,"Take off")]`,
          ),
        )
      ).click();
      await b.push('Take it off');
      await b.driver.wait(
        async () => !(await b.text('.shelf ul')).includes(`${name}\ncannot`),
        PATIENCE,
        `${name} is still on the shelf`,
      );
    }
    expect(await b.driver.findElements(By.css('.damaged'))).toEqual([]);
    for (const name of others) await has(b, '.shelf li', name);
    expect(await b.complaints()).toEqual([]);
  });
});

describe('a browser that keeps nothing', () => {
  it('works all the same, says so, and loses nothing while the page is open', async () => {
    const bare = await openBrowser();
    try {
      await bare.driver.sendDevToolsCommand('Page.addScriptToEvaluateOnNewDocument', {
        source: 'Object.defineProperty(window, "indexedDB", { value: undefined });',
      });
      await bare.driver.get(served.url);
      await has(bare, '.problem', /keeps nothing here/);
      await has(bare, '.shelf li', 'Ferryman otter');
      await bare.push('New build');
      await bare.push('with an empty board');
      await bare.find('.frame .stage');
      await bare.press('n');
      await (await bare.find('.ant-modal li button')).sendKeys(Key.ENTER);
      await bare.find('li.open');
      await has(bare, '.bar', /keeps nothing here/);
      await bare.push('Save to a file');
      await saved(bare, '.spindle.json');
      await (await bare.find('.mark')).click();
      await has(bare, '.shelf li', 'New figure');
      expect(await bare.complaints()).toEqual([]);
    } finally {
      await bare.close();
    }
  });
});

describe('a newer version', () => {
  it('is told, loses nothing, and is taken when asked', async () => {
    const dist = mkdtempSync(join(tmpdir(), 'spindle-dist-'));
    cpSync(join(import.meta.dirname, '../../dist'), dist, { recursive: true });
    const own = await serve(dist);
    const tab = await openBrowser();
    try {
      await openBuild(tab, own.url, 'shape');
      await tab.driver.executeAsyncScript('navigator.serviceWorker.ready.then(arguments[0])');
      // a second visit is served by the worker of the old version
      await tab.driver.navigate().refresh();
      await tab.fill('Finished height', '250');
      appendFileSync(join(dist, 'sw.js'), '\n// the next version');
      await tab.driver.executeScript('navigator.serviceWorker.getRegistration().then((r) => r.update())');
      await has(tab, '.told', /A new version of Elm Spindle is here/);
      await tab.push('Use it now');
      await tab.driver.wait(
        async () => (await tab.driver.findElements(By.css('.told'))).length === 0,
        PATIENCE,
      );
      await has(tab, '.rail .name', /250 mm high/);
      expect(await tab.complaints()).toEqual([]);
    } finally {
      await tab.close();
      await own.close();
      rmSync(dist, { recursive: true, force: true });
    }
  });

  it('a part that does not come is said in its place, and comes when tried again', async () => {
    const dist = mkdtempSync(join(tmpdir(), 'spindle-dist-'));
    cpSync(join(import.meta.dirname, '../../dist'), dist, { recursive: true });
    rmSync(join(dist, 'sw.js'));
    const own = await serve(dist);
    const tab = await openBrowser();
    try {
      await openBuild(tab, own.url, 'shape');
      const part = readdirSync(join(dist, 'assets')).filter((f) => /^PasteLens-/.test(f));
      for (const f of part) renameSync(join(dist, 'assets', f), join(dist, f));
      await (await tab.button('Paste')).click();
      await has(tab, '.panel', /This part did not come/);
      for (const f of part) renameSync(join(dist, f), join(dist, 'assets', f));
      await tab.push('Try again');
      await has(tab, '.panel .kicker', 'Paste');
    } finally {
      await tab.close();
      await own.close();
      rmSync(dist, { recursive: true, force: true });
    }
  });
});

describe('on paper', () => {
  it('every sheet of a marzipan build names the almond, and no sheet says that there is nothing', async () => {
    for (const [id, words] of [
      ['demo-sixty-acorn-sweets', /Allergens: almond.*read every label/],
      ['demo-ferryman-otter', /Allergens: .*read every label/],
    ] as const)
      for (const sheet of ['cover', 'paste', 'bones', 'days', 'card', 'all']) {
        await b.driver.get(`${served.url}/build/${id}/sheet/${sheet}`);
        await has(b, '.sheet .allergens', words);
        if (sheet === 'all') await has(b, '.sheet', /Start by[\s\S]*To mix[\s\S]*Signed:/);
        expect(await b.text('.sheet')).not.toMatch(/none known|\d{4}-\d\d-\d\dT|of 100/);
      }
  });
});

describe('the bench', () => {
  it('believes a finger: what is said ends the wait, with when it was said', async () => {
    await openBuild(b, served.url, 'bench', 'demo-trial-acorn');
    await b.find('.bench .where');
    for (let k = 0; k < 3 && !(await b.driver.findElements(By.css('.timer'))).length; k++) {
      await b.push('Done');
      await b.driver.sleep(900);
    }
    await has(b, '.timer', /still soft|firm enough to pick up in about/);
    await b.push('How firm is it?');
    await b.push('Already firm when I looked');
    await has(b, '.timer', /firm enough to pick up: you said so, \d\d:\d\d/);
    expect(await b.driver.findElements(By.xpath('//li[contains(.,"Not yet: the")]'))).toHaveLength(0);
  });
});

describe('a small question from the shelf', () => {
  it('is answered as it is typed, stands in the address, opens to its sum, and begins a build', async () => {
    await b.driver.get(`${served.url}/`);
    await (await has(b, 'a.button', 'Reckoner'))!.click();
    await has(b, 'main h2', /How big a ball/);
    await b.fill('Paste', '8 oz');
    await has(b, 'dd', /6\d(\.\d)? mm/);
    expect(await b.driver.getCurrentUrl()).toMatch(/\/reckoner\/ball\?.*grams=22[67]/);
    expect(await violations(b)).toEqual([]);
    await b.driver.navigate().refresh();
    await has(b, 'dd', /6\d(\.\d)? mm/);
    await b.push('Begin a build with it');
    await has(b, '.kicker', 'Shape');
    expect(await b.driver.getCurrentUrl()).toMatch(/\/build\/.*\/shape/);
    await has(b, 'body', /New figure: grams to a ball/);
    expect(await b.complaints()).toEqual([]);
  });
});
