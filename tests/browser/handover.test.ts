import { execFileSync } from 'node:child_process';
import { mkdtempSync, readFileSync, rmSync, writeFileSync } from 'node:fs';
import { createServer } from 'node:http';
import { tmpdir } from 'node:os';
import { extname, join } from 'node:path';
import { unzipSync } from 'fflate';
import { PDFDocument } from 'pdf-lib';
import { Key } from 'selenium-webdriver';
import { afterAll, beforeAll, describe, expect, it } from 'vitest';
import { By, choose, has, kept, openBrowser, openBuild, PATIENCE, saved, violations } from './driver.ts';
import { b, served } from './opened.ts';

const modalGone = () =>
  b.driver.wait(
    async () => (await b.driver.findElements(By.css('.ant-modal-content'))).length === 0,
    PATIENCE,
  );

describe('handing over', () => {
  it('says what gives way on the way, and lets a piece travel apart', async () => {
    await openBuild(b, served.url, 'handover');
    await has(b, 'h1', /won’t hold/);
    await has(b, 'td', 'an emergency stop');
    await (await b.find('[data-bead="lantern-arm"]')).click();
    await b.push('Let the lantern arm travel apart');
    await has(b, 'td', /^Lantern arm$/);
    await has(b, 'h3', /Fitted there/);
    await has(b, 'h1', /boxes|gives way|won’t hold/);
    expect(await violations(b)).toEqual([]);
    await b.push('In its place');
    await b.driver.wait(async () => !(await b.text('.panel')).includes('Fitted there'), PATIENCE);
  });

  it('counts in what is no food, keeps that over a reload, and prints one page', async () => {
    await choose(b, 'The card');
    await has(b, 'h3', /Not food: 8/);
    await (await b.find('button[aria-label="Count in, A: bamboo skewer 3 mm, 128 mm"]')).click();
    await b.find('button[aria-label="Counted, A: bamboo skewer 3 mm, 128 mm"][aria-pressed="true"]');
    await b.push('Add a candle, a sign, a flower');
    await has(b, 'h3', /Not food: 9/);
    await kept(b);
    await openBuild(b, served.url, 'handover');
    await choose(b, 'The card');
    await b.find('button[aria-label="Counted, A: bamboo skewer 3 mm, 128 mm"][aria-pressed="true"]');
    await has(b, 'td', 'Something bought in');
    expect(await violations(b)).toEqual([]);
    await b.push('Save as PDF');
    const pdf = await PDFDocument.load(readFileSync(await saved(b, '-card.pdf')));
    expect(pdf.getPageCount()).toBe(1);
  });
});

describe('keeping it safe', () => {
  let file = '';
  const field = () => b.driver.findElement(By.css('input[aria-label="Open a backup file"]'));
  const names = () =>
    b.driver.executeScript<string[]>(
      `return [...document.querySelectorAll('.shelf li strong')].map((x) => x.textContent)`,
    );

  it('puts everything into one file', async () => {
    await b.driver.get(served.url);
    await b.find('.shelf li');
    await b.push('Keep it safe');
    await b.push('Save everything to one file');
    file = await saved(b, '.spindle-backup.zip');
    const inside = unzipSync(readFileSync(file));
    const list = JSON.parse(new TextDecoder().decode(inside['backup.json'])) as {
      builds: { name: string }[];
    };
    expect(list.builds.map((x) => x.name).sort()).toEqual([...(await names())].sort());
    expect(await violations(b)).toEqual([]);
  });

  it('what was taken off the shelf comes back from it, just as it was', async () => {
    await b.press(Key.ESCAPE);
    await modalGone();
    const stored = (id: string) =>
      b.driver.executeAsyncScript<string>(
        `const [id, done] = arguments; const asked = indexedDB.open('elm-spindle');
         asked.onsuccess = () => { const got = asked.result.transaction('builds').objectStore('builds').get(id);
           got.onsuccess = () => { asked.result.close(); done(JSON.stringify(got.result?.build ?? null)); }; };`,
        id,
      );
    const before = await stored('demo-ferry-sign');
    await (await b.find('button[aria-label="Take Ferry sign off the shelf"]')).click();
    await b.push('Take it off');
    await b.driver.wait(async () => !(await names()).includes('Ferry sign'), PATIENCE);
    await b.push('Keep it safe');
    await b.button('Open a backup');
    await (await field()).sendKeys(file);
    await has(b, '.found', /Not here yet: one build/);
    await b.push('Bring in what is missing');
    await b.driver.wait(async () => (await names()).includes('Ferry sign'), PATIENCE);
    expect(JSON.parse(await stored('demo-ferry-sign'))).toEqual(JSON.parse(before));
  });

  it('a damaged one is refused whole, and nothing changes', async () => {
    const before = await names();
    const hurt = join(b.downloads, 'hurt.zip');
    const bytes = readFileSync(file);
    writeFileSync(hurt, bytes.subarray(0, bytes.length - 400));
    await b.push('Keep it safe');
    await b.button('Open a backup');
    await (await field()).sendKeys(hurt);
    await has(b, '[role="alert"]', /damaged, and nothing was changed/);
    expect(await names()).toEqual(before);
    await b.press(Key.ESCAPE);
    await modalGone();
  });
});

describe('finding and the handbook', () => {
  it('finds a word of the trade from the shelf, and goes to it', async () => {
    await b.driver.get(served.url);
    await b.find('.shelf li');
    await b.press(Key.chord(Key.CONTROL, 'k'));
    await (await b.find('input[aria-label="Find anything"]')).sendKeys('odds', Key.ENTER);
    await b.find('#odds');
    await has(b, 'h1', 'Words');
    expect(await violations(b)).toEqual([]);
  });

  it('finds a thing to do and another build from within a build', async () => {
    await openBuild(b, served.url, 'paste');
    await has(b, '.rail .name', 'Ferryman otter');
    await b.press(Key.chord(Key.CONTROL, 'k'));
    await (await b.find('input[aria-label="Find anything"]')).sendKeys('variations', Key.ENTER);
    await has(b, '.ant-modal-title', /ariations/);
    await b.press(Key.ESCAPE);
    await modalGone();
    await b.press(Key.chord(Key.CONTROL, 'k'));
    await (await b.find('input[aria-label="Find anything"]')).sendKeys('savoy', Key.ENTER);
    await has(b, '.rail .name', 'Savoy cabbage');
  });

  it('each lens leads to its page; its picture is there', async () => {
    await openBuild(b, served.url, 'bones');
    await (await b.find('.kicker a.book')).click();
    await has(b, 'h1', 'Bones');
    const drawn = () =>
      b.driver.executeScript<number>(`return document.querySelector('main img')?.naturalWidth ?? 0`);
    await b.driver.wait(async () => (await drawn()) > 800, PATIENCE);
    await b.push('Back to where you were');
    await b.find('.frame');
    expect(await b.complaints()).toEqual([]);
  });
});

describe('on a static host, under a path of its own', () => {
  const TYPES: Readonly<Record<string, string>> = {
    '.html': 'text/html', '.js': 'text/javascript', '.css': 'text/css', '.svg': 'image/svg+xml',
    '.woff2': 'font/woff2', '.wasm': 'application/wasm', '.png': 'image/png',
  }; // prettier-ignore
  const out = mkdtempSync(join(tmpdir(), 'spindle-sub-'));
  const asked: string[] = [];
  const server = createServer((req, res) => {
    const path = new URL(req.url!, 'http://x').pathname;
    asked.push(path);
    const inside = path.startsWith('/at/elm/') ? path.slice('/at/elm/'.length) || 'index.html' : undefined;
    try {
      const bytes = readFileSync(join(out, inside ?? '\0'));
      res.setHeader('content-type', TYPES[extname(inside!)] ?? 'application/octet-stream');
      res.end(bytes);
    } catch {
      // as such hosts do: unknown paths are answered with 404.html
      res.statusCode = inside === undefined ? 400 : 404;
      res.setHeader('content-type', 'text/html');
      res.end(inside === undefined ? '' : readFileSync(join(out, '404.html')));
    }
  });
  let url = '';
  beforeAll(async () => {
    const root = join(import.meta.dirname, '../..');
    execFileSync(process.execPath, [join(root, 'node_modules/vite/bin/vite.js'), 'build', '--base=/at/elm/', '--outDir', out, '--emptyOutDir', '--logLevel', 'error'], { cwd: root, stdio: 'pipe' }); // prettier-ignore
    await new Promise<void>((resolve) => server.listen(0, 'localhost', resolve));
    const address = server.address();
    url = `http://localhost:${typeof address === 'object' && address ? address.port : 0}`;
  }, 400_000);
  afterAll(() => {
    server.close();
    server.closeAllConnections();
    rmSync(out, { recursive: true, force: true });
  });

  it('opens, takes a deep address, and asks for nothing outside of it', async () => {
    const own = await openBrowser();
    try {
      await own.driver.get(`${url}/at/elm/`);
      await own.find('.shelf li');
      await own.driver.get(`${url}/at/elm/build/demo-ferryman-otter/bones`);
      await has(own, 'h1', /won’t hold/);
      expect(await own.driver.getCurrentUrl()).toContain('/at/elm/build/');
      expect(asked.filter((p) => !p.startsWith('/at/elm/') && p !== '/favicon.ico')).toEqual([]);
    } finally {
      await own.close();
    }
  });
});
