import { readFileSync, writeFileSync } from 'node:fs';
import { join } from 'node:path';
import { describe, expect, it } from 'vitest';
import { readBuild } from '../../core/files/index.ts';
import { plan } from '../../core/plan.ts';
import {
  PATIENCE,
  By,
  has,
  kept,
  Key,
  openBrowser,
  openBuild,
  row,
  saved,
  serve,
  type Browser,
} from './driver.ts';
import { b, served } from './opened.ts';

const open = (browser: Browser, lens: string, id?: string) => openBuild(browser, served.url, lens, id);
const heightShown = async () =>
  (await b.driver.findElement(By.xpath('//label[span[.="Finished height"]]/input'))).getAttribute('value');
const waitSaved = () => kept(b);
describe('from a figure on the shelf to a bench sheet', () => {
  it('finds the demonstration builds on the shelf and opens the otter', async () => {
    await b.driver.get(served.url);
    await has(b, '.shelf li strong', 'Ferryman otter');
    await b.driver.wait(
      async () => (await b.driver.findElements(By.css('.shelf li'))).length === 13,
      PATIENCE,
    );
    await (await has(b, '.shelf li a', 'Ferryman otter'))!.click();
    await b.find('.stage [data-piece="body"]');
    expect((await b.driver.findElements(By.css('.bead'))).length).toBe(20);
    await b.find('.clock .session');
    await has(b, '.chip.due', /start by\s+\w{3} (\d+ \w{3}, )?\d\d:\d\d/);
  });

  it('offers a mend for the arm that does not hold, and it then holds', async () => {
    await open(b, 'bones', 'demo-ferryman-otter');
    await (await row(b, 'Lantern arm')).click();
    const mend = await b.find('li.open .button.main');
    expect(await mend.getText()).toMatch(/holds \d/);
    await mend.click();
    await has(b, 'li.open .line .verdict', /holds/);
    await b.press(Key.chord(Key.CONTROL, 'z'));
    await has(b, 'li.open .line .verdict', 'won’t hold');
  });

  it('changes the height and every figure follows', async () => {
    await open(b, 'shape');
    const grams = async () => parseFloat((await b.text('.facts .figure')).replace(/[^\d.]/g, ''));
    const before = await grams();
    await b.fill('Finished height', '300');
    await b.driver.wait(async () => (await heightShown()) === '300 mm', PATIENCE);
    expect(await grams()).toBeGreaterThan(2 * before);
    await waitSaved();
  });

  it('refuses a number it does not understand, keeps the old one and says what would do', async () => {
    await b.fill('Finished height', 'tall');
    await has(b, '.problem', /is not understood. Try 35 mm/);
    expect(await heightShown()).toBe('tall');
    await (
      await b.driver.findElement(By.xpath('//label[span[.="Finished height"]]/input'))
    ).sendKeys(Key.ESCAPE);
    expect(await heightShown()).toBe('300 mm');
  });

  it('adds a rod with R and keeps it over a reload', async () => {
    await b.driver.findElement(By.css('body')).click();
    await (await b.find('.bead:nth-of-type(3)')).click();
    await b.press('r');
    await has(b, '.panel .kicker', 'Bones');
    await has(b, '.facts', /8 rods/);
    await waitSaved();
    await b.driver.navigate().refresh();
    await has(b, '.facts', /8 rods/);
  });

  it('opens a figure to its sum', async () => {
    await (await b.find('.facts .figure')).click();
    await has(b, '.ant-modal', /Whole figure/);
    await has(b, '.ant-modal .rule', /added up/);
    await b.press(Key.ESCAPE);
  });

  it('lists the paste by blend and colour with powder in grams and spoons', async () => {
    await open(b, 'paste');
    await has(b, '.batches', /stiffening powder \(.*tsp\)/);
    await has(b, '.batches', /gum paste/);
  });

  it('plans the days, and the playhead shows firmness on the stage', async () => {
    await open(b, 'days');
    await has(b, '.first .more', /to be on time/);
    const strip = await b.find('.strip');
    await strip.click();
    await b.driver.wait(
      async () => (await b.driver.findElements(By.css('.hatch, .edge.unmade'))).length > 0,
      PATIENCE,
    );
    await b.press(']');
  });

  it('works the bench one step at a time, and takes a step back', async () => {
    await open(b, 'bench');
    await has(b, '.bench .where', /Step 1 of/);
    await b.press(Key.ENTER);
    await has(b, '.bench .where', /Step 2 of/);
    await b.push('More');
    await b.push('Undo last step');
    await has(b, '.bench .where', /Step 1 of/);
  });

  it('saves to a file that a fresh browser opens to the same report', async () => {
    await open(b, 'shape');
    await b.press(Key.chord(Key.CONTROL, 's'));
    const text = readFileSync((await saved(b, '.spindle.json'))!, 'utf8');
    const read = readBuild(text);
    if (!read.ok) throw new Error(read.problem.text);
    const other = await openBrowser();
    try {
      const file = join(other.downloads, 'carried.spindle.json');
      writeFileSync(file, text);
      await other.driver.get(served.url);
      await other.find('.shelf li');
      await (await other.driver.findElement(By.css('input[type=file]'))).sendKeys(file);
      await other.find('.frame .stage');
      await other.press(Key.chord(Key.CONTROL, 's'));
      const back = await saved(other, 'ferryman-otter.spindle.json');
      const again = readBuild(readFileSync(back!, 'utf8'));
      if (!again.ok) throw new Error(again.problem.text);
      expect(JSON.stringify(plan({ ...again.value, id: read.value.id }))).toBe(
        JSON.stringify(plan(read.value)),
      );
    } finally {
      await other.close();
    }
  });

  it('refuses a wrong file with a sentence, and nothing changes', async () => {
    await b.driver.get(served.url);
    await b.find('.shelf li');
    const before = (await b.driver.findElements(By.css('.shelf li'))).length;
    const file = join(b.downloads, 'wrong.json');
    const o = JSON.parse(
      readFileSync(join(import.meta.dirname, '../../demo/ferryman-otter.spindle.json'), 'utf8'),
    ) as {
      pieces: { form: { sizes: Record<string, number> } }[];
    };
    o.pieces[2]!.form.sizes.height = -4;
    writeFileSync(file, JSON.stringify(o));
    await (await b.driver.findElement(By.css('input[type=file]'))).sendKeys(file);
    await has(
      b,
      '[role=alert]',
      /wrong\.json was not opened\. Piece “Body”: Egg: “tall” has to be between .* Nothing was changed/,
    );
    expect((await b.driver.findElements(By.css('.shelf li'))).length).toBe(before);
  });

  it('complains of nothing on the way', async () => {
    expect(await b.complaints()).toEqual([]);
  });
});

describe('hands', () => {
  it('works by keyboard alone: new piece, grams, pair, nudge, undo, redo, remove', async () => {
    await b.driver.get(served.url);
    await b.find('.shelf li');
    await (await b.driver.findElement(By.linkText('New build'))).sendKeys(Key.ENTER);
    await (await b.button('with an empty board')).sendKeys(Key.ENTER);
    await b.find('.frame .stage');
    await b.press('n');
    await (await b.find('.ant-modal li button')).sendKeys(Key.ENTER);
    await b.find('li.open');
    await has(b, '.facts', /1\s*piece/);
    const grams = await b.driver.findElement(By.xpath('//label[span[.="Grams"]]/input'));
    await grams.sendKeys(Key.chord(Key.CONTROL, 'a'), '1 1/4 oz', Key.ENTER);
    await has(b, 'li.open .line', '35 g');
    await b.driver.wait(
      async () => (await b.driver.findElements(By.css('.ant-modal-wrap:not([style*="none"])'))).length === 0,
      PATIENCE,
    );
    await b.press('m');
    await has(b, 'li.open .line', '×2');
    await b.press(Key.chord(Key.CONTROL, 'z'));
    await b.driver.wait(async () => !(await b.text('li.open .line')).includes('×2'), PATIENCE);
    await b.press(Key.chord(Key.CONTROL, Key.SHIFT, 'z'));
    await has(b, 'li.open .line', '×2');
    await b.press(Key.ARROW_RIGHT);
    await b.press(Key.DELETE);
    await has(b, '.empty', /Nothing stands on the board/);
    await b.press(Key.chord(Key.CONTROL, 'z'));
    await has(b, '.pieces', /Ball/);
  });

  it('pulls a handle on the stage and the piece follows, in one step of undo', async () => {
    await open(b, 'shape', 'demo-one-legged-heron');
    await (await row(b, 'Body')).click();
    const handle = await b.find('.handles [data-size="diameter"]');
    const before = await b.text('li.open .line');
    await b.driver
      .actions()
      .move({ origin: handle })
      .press()
      .move({ origin: handle, x: 12, y: 8 })
      .move({ origin: handle, x: 24, y: 14 })
      .release()
      .perform();
    await b.driver.wait(async () => (await b.text('li.open .line')) !== before, PATIENCE);
    await b.press(Key.chord(Key.CONTROL, 'z'));
    await b.driver.wait(async () => (await b.text('li.open .line')) === before, PATIENCE);
  });

  it('finds a piece by a few letters', async () => {
    await open(b, 'days', 'demo-one-legged-heron');
    await b.press(Key.chord(Key.CONTROL, 'k'));
    const field = await b.find('.ant-modal input');
    await field.sendKeys('bea', Key.ENTER);
    await has(b, '.panel .kicker', 'Shape');
    await has(b, 'li.open .line', 'Beak');
  });

  it('tells two tabs of each other instead of overwriting', async () => {
    await open(b, 'shape', 'demo-savoy-cabbage');
    const first = await b.driver.getWindowHandle();
    await b.driver.switchTo().newWindow('tab');
    await open(b, 'shape', 'demo-savoy-cabbage');
    await b.fill('Finished height', '180');
    await b.driver.wait(async () => (await heightShown()) === '180 mm', PATIENCE);
    await waitSaved();
    await b.driver.close();
    await b.driver.switchTo().window(first);
    await b.driver.wait(async () => (await heightShown()) === '180 mm', PATIENCE);
  });
});

describe('for everybody', () => {
  it('works with the server gone, once loaded', async () => {
    const own = await serve();
    const other = await openBrowser();
    try {
      await other.driver.get(own.url);
      await other.find('.shelf li');
      await other.driver.executeAsyncScript(
        'const done = arguments[arguments.length - 1]; navigator.serviceWorker.ready.then(() => setTimeout(done, 1500));',
      );
      await own.close();
      await other.driver.get(`${own.url}/build/demo-ferryman-otter/bones`);
      await has(other, '.panel .kicker', 'Bones');
      // reloaded through every lens, and the handbook beside them
      for (const [lens, words] of [
        ['shape', 'Shape'],
        ['paste', 'Paste'],
        ['cut', 'Cut'],
        ['days', 'Days'],
        ['handover', 'Handover'],
        ['log', 'Log'],
      ] as const) {
        await other.driver.get(`${own.url}/build/demo-ferryman-otter/${lens}`);
        await has(other, '.panel .kicker', words);
      }
      await other.driver.get(`${own.url}/build/demo-ferryman-otter/bench`);
      await other.find('.panel h1');
      await other.driver.get(`${own.url}/handbook/words`);
      await has(other, 'h1', 'Words');
      await other.driver.get(`${own.url}/build/demo-ferryman-otter/bones`);
      await has(other, '.chip.due', /start by\s+\w{3} (\d+ \w{3}, )?\d\d:\d\d/);
    } finally {
      await other.close();
    }
  });

  it('fits a tablet and a phone without anything cut off sideways', async () => {
    for (const [width, height, path] of [
      [1024, 768, '/build/demo-ferryman-otter/bones'],
      [1024, 768, '/build/demo-ferryman-otter/shape'],
      [390, 844, '/'],
      [390, 844, '/build/demo-ferryman-otter/bench'],
      [390, 844, '/build/demo-ferryman-otter/handover'],
      [1024, 768, '/build/demo-savoy-cabbage/handover'],
      [390, 844, '/handbook/words'],
    ] as const) {
      const small = await openBrowser(width, height);
      try {
        await small.driver.get(served.url + path);
        await small.find('.shelf li, .panel h1, .book h1');
        await small.driver.sleep(500);
        const over = await small.driver.executeScript(
          'return document.documentElement.scrollWidth - window.innerWidth',
        );
        expect(over, `${path} at ${width}`).toBeLessThanOrEqual(0);
      } finally {
        await small.close();
      }
    }
  });
});
