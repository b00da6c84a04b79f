import { readFileSync, writeFileSync } from 'node:fs';
import { join } from 'node:path';
import { describe, expect, it } from 'vitest';
import { PATIENCE, By, choose, has, Key, openBuild, row, saved } from './driver.ts';
import { b, served } from './opened.ts';

const open = (lens = 'shape', id?: string) => openBuild(b, served.url, lens, id);
const grams = async () => {
  await b.find('li.open .line');
  return b.text('li.open .line');
};
/** How many different colours a picture of an element has: a drawn figure has many, an empty canvas one. */
const colours = async (css: string): Promise<number> => {
  const png = await (await b.find(css)).takeScreenshot();
  return b.driver.executeAsyncScript<number>(
    `const [data, done] = arguments;
     const img = new Image();
     img.onload = () => {
       const c = document.createElement('canvas');
       [c.width, c.height] = [img.width, img.height];
       const g = c.getContext('2d');
       g.drawImage(img, 0, 0);
       const p = g.getImageData(0, 0, c.width, c.height).data;
       const seen = new Set();
       for (let i = 0; i < p.length; i += 44) seen.add((p[i] >> 4) * 256 + (p[i + 1] >> 4) * 16 + (p[i + 2] >> 4));
       done(seen.size);
     };
     img.src = 'data:image/png;base64,' + data;`,
    png,
  );
};

describe('in the round', () => {
  it('draws the figure, shares the selection with the spindle, and turns by key', async () => {
    await open();
    await row(b, 'Head');
    await choose(b, 'Turn');
    await b.find('.turn canvas');
    await b.driver.wait(async () => (await colours('.turn')) > 20, PATIENCE);
    const before = await (await b.find('.turn')).takeScreenshot();
    await (await row(b, 'Head')).click();
    await b.driver.sleep(300);
    const chosen = await (await b.find('.turn')).takeScreenshot();
    expect(chosen === before).toBe(false);
    await (await b.find('.turn')).sendKeys(Key.ARROW_LEFT);
    await b.driver.sleep(300);
    expect((await (await b.find('.turn')).takeScreenshot()) === chosen).toBe(false);
    await (await b.find('.turn')).click();
    await b.driver.wait(async () => (await b.driver.findElements(By.css('li.open'))).length === 1, PATIENCE);
    await choose(b, 'Front');
  });

  it('says so without WebGL, and the elevations remain', async () => {
    await open();
    await b.driver.executeScript('HTMLCanvasElement.prototype.getContext = () => null;');
    await choose(b, 'Turn');
    await has(b, '.stage-box', /cannot draw in the round/);
    await choose(b, 'Side');
    await b.find('.stage .body');
    // the drawing library says so in the console as well
    await b.complaints();
  });
});

describe('pieces', () => {
  it('adds a shape from each family and every one shows grams and its ball', async () => {
    await open('shape', 'demo-sixty-acorn-sweets');
    for (const name of ['Pebble', 'Bent rope', 'Ruffle', 'Strands', 'Turned body']) {
      await b.press('n');
      await b.driver.wait(async () => {
        const found = await b.driver.findElements(
          By.xpath(`//div[contains(@class,"ant-modal")]//strong[.="${name}"]`),
        );
        return found[0]
          ? found[0].click().then(
              () => true,
              () => false,
            )
          : false;
      }, PATIENCE);
      await b.driver.wait(async () => (await grams()).includes(name), PATIENCE);
      expect(await grams()).toMatch(/[\d.]+ g\s+[\d.]+ mm ball/);
      await b.press(Key.ESCAPE);
    }
  });

  it('lays a scarf round the body and fits its length to the girth', async () => {
    await open();
    await (await row(b, 'Scarf')).click();
    await choose(b, 'Where it sits');
    await has(b, '.girth', /mm round there/);
    const before = await grams();
    await b.fill('At height', '80');
    await b.push('Fit its length');
    await b.driver.wait(async () => (await grams()) !== before, PATIENCE);
  });

  it('puts a coat over a core, and splits one total into balls', async () => {
    await open();
    await (await row(b, 'Tail')).click();
    await choose(b, 'Core and coat');
    const before = await grams();
    await (await b.find('input[aria-label="An even coat over a core of these sizes"]')).click();
    await b.driver.wait(async () => (await grams()) !== before, PATIENCE);
    await has(b, '.sum', /With its core it weighs/);
    await b.push('Split');
    await has(b, '.split li', /ball of/);
    await b.push('Make these pieces');
    await row(b, 'Tail 2');
  });

  it('takes along what it carries when it is pulled, and puts all of it back at one step', async () => {
    await open();
    await (await b.find('[data-bead="head"]')).click();
    await b.find('[data-bead="head"][aria-pressed="true"]');
    const left = (piece: string) =>
      b.driver.executeScript<number>(
        `return document.querySelector('.stage [data-piece="' + arguments[0] + '"] .whole').getBoundingClientRect().left`,
        piece,
      );
    const all = ['head', 'ears', 'nose', 'body'] as const;
    const before = await Promise.all(all.map(left));
    const head = await b.find('.stage [data-piece="head"] .whole');
    await b.driver
      .actions()
      .move({ origin: head, y: -26 })
      .press()
      .move({ origin: head, x: 30, y: -26 })
      .release()
      .perform();
    await b.driver.wait(async () => (await left('head')) > before[0]! + 20, PATIENCE);
    const moved = await Promise.all(all.map(left));
    const by = moved.map((x, i) => x - before[i]!);
    expect(by[1]).toBeCloseTo(by[0]!, 0);
    expect(by[2]).toBeCloseTo(by[0]!, 0);
    expect(by[3]).toBeCloseTo(0, 0);
    await b.driver.actions().keyDown('\uE009').sendKeys('z').keyUp('\uE009').perform();
    await b.driver.wait(async () => Math.abs((await left('nose')) - before[2]!) < 1, PATIENCE);
    expect(await left('head')).toBeCloseTo(before[0]!, 0);
  });

  it('never loses a piece off the stage, however far it is pulled', async () => {
    await open();
    const body = await b.find('.stage [data-piece="lantern"] .whole');
    await body.click();
    const inside = () =>
      b.driver.executeScript<boolean>(
        `const s = document.querySelector('.stage').getBoundingClientRect();
         const p = document.querySelector('.stage [data-piece="lantern"] .whole').getBoundingClientRect();
         const x = (p.left + p.right) / 2;
         const y = (p.top + p.bottom) / 2;
         return x >= s.left && x <= s.right && y >= s.top && y <= s.bottom;`,
      );
    for (const [x, y] of [
      [-520, -300],
      [600, 200],
    ] as const) {
      const handle = await b.find('.stage [data-piece="lantern"] .whole');
      await b.driver
        .actions()
        .move({ origin: handle })
        .press()
        .move({ origin: handle, x: x / 8, y: y / 8 })
        .perform();
      await b.driver
        .actions()
        .move({ x: x < 0 ? 5 : 1270, y: y < 0 ? 60 : 700 })
        .perform();
      expect(await inside()).toBe(true);
      await b.driver.actions().release().perform();
      await b.driver.sleep(200);
      expect(await inside()).toBe(true);
    }
  });

  it('refuses a line that crosses itself and keeps the old one', async () => {
    await open('shape', 'demo-savoy-cabbage');
    await (await row(b, 'Heart')).click();
    await b.push('Draw its lines');
    const nodes = await b.driver.wait(async () => {
      const all = await b.driver.findElements(By.css('.editor .node'));
      return all.length > 5 ? all : undefined;
    }, PATIENCE);
    await has(b, '.draw p.muted', /cm³ of paste/);
    const was = await b.text('.draw p.muted');
    for (let i = 0; i < 24; i++) await nodes![1]!.sendKeys(Key.chord(Key.SHIFT, Key.ARROW_RIGHT));
    await has(b, '.draw .warning', /crosses itself/);
    const undo = await b.button('Undo');
    for (let i = 0; i < 60 && (await undo.isEnabled()); i++) await undo.click();
    await b.driver.sleep(300);
    expect(await b.text('.draw p.muted')).toBe(was);
    await b.push('Leave it as it was');
  });

  it('takes the outline of an SVG drawing in its true size, with its holes, and nothing else of the file', async () => {
    await open('shape', 'demo-lily-and-reeds');
    await (await row(b, 'Petal 1')).click();
    await b.push('Draw the outline');
    const file = join(b.downloads, 'drawing.svg');
    const take = async (text: string) => {
      writeFileSync(file, text);
      await (await b.find('.draw input[type=file]')).sendKeys(file);
    };
    await take('<svg xmlns="http://www.w3.org/2000/svg"><path d="M0 0');
    await has(
      b,
      '.draw [role=alert]',
      /drawing\.svg was not taken\. This is no SVG drawing, or it is damaged/,
    );
    await take('<svg xmlns="http://www.w3.org/2000/svg"><text>Petal</text></svg>');
    await has(b, '.draw [role=alert]', /no closed outline/);
    await take('<svg xmlns="http://www.w3.org/2000/svg"><path d="M0 0L90 60L0 60L90 0Z"/></svg>');
    await has(b, '.draw [role=alert]', /crosses itself/);
    // a frame of 80 by 50 mm with a round hole, moved by the group it stands in; and what must not get into the page
    await take(`<svg xmlns="http://www.w3.org/2000/svg" width="200mm" height="100mm" viewBox="0 0 400 200">
      <script>window.got = 'in'</script><image href="x" onerror="window.got = 'in'"/>
      <g transform="translate(30 20) scale(2)" onclick="window.got = 'in'">
        <rect width="80" height="50" onload="window.got = 'in'"/><circle cx="40" cy="25" r="10"/></g>
      <defs><rect width="390" height="190"/></defs></svg>`);
    await has(b, '.draw .seg', /Hole 1/);
    await b.push('Use these lines');
    await has(b, 'body', /80 mm/);
    const sizes = await b.driver.executeScript<string[]>(
      'return [...document.querySelectorAll(".panel input")].map((x) => x.value)',
    );
    expect(sizes).toEqual(expect.arrayContaining(['80 mm', '50 mm']));
    expect(await b.driver.executeScript('return window.got ?? null')).toBeNull();
    await (await b.find('button[aria-label="Undo"]')).click();
    // the browser says that it let none of the handlers run: nothing else was complained of
    const refused = await b.complaints();
    expect(refused.filter((m) => !/inline event handler/.test(m))).toEqual([]);
  });
});

describe('height', () => {
  it('shows shoes to hat and lays out a whole kneeling figure', async () => {
    await open();
    await choose(b, 'Height');
    await has(b, '.height tfoot', /Comes out.*210 mm/s);
    await open('shape', 'demo-sixty-acorn-sweets');
    await choose(b, 'Height');
    await b.push('Lay it out');
    await choose(b, 'Pieces');
    await row(b, 'Torso');
    await row(b, 'Head');
  });
});

describe('the person’s own picture', () => {
  it('is kept, measured by one known length, and refused when it is no picture', async () => {
    await open('shape', 'demo-one-legged-heron');
    await choose(b, 'Picture');
    const input = await b.find('input[aria-label="Your reference picture"]');
    const wrong = join(b.downloads, 'not-a-picture.png');
    writeFileSync(wrong, 'only words');
    await input.sendKeys(wrong);
    await has(b, '.said', /not a picture/);
    await input.sendKeys(join(import.meta.dirname, '../../docs/screenshots/shelf.png'));
    const svg = await b.find('.picture svg');
    const pull = (x: number, to: number, y: number) =>
      b.driver
        .actions()
        .move({ origin: svg, x, y })
        .press()
        .move({ origin: svg, x: to, y })
        .release()
        .perform();
    await b.driver.sleep(400);
    await pull(-100, 100, 0);
    await b.fill('Known length', '250');
    await choose(b, 'Measure');
    await pull(-50, 70, 40);
    await has(b, '.picture svg text', /^150 mm ± \d/);
    await b.driver.navigate().refresh();
    await choose(b, 'Picture');
    await has(b, '.picture svg text', /^150 mm/);
    await (await b.find('.picture .row input[role="switch"]')).click();
    await b.find('.stage .reference image');
  });
});

describe('solids', () => {
  it('joins the pieces in a worker, and Bones and Paste show the difference', async () => {
    await open();
    await choose(b, 'Solid');
    await b.push('Join the pieces');
    await has(b, '.solid dl', /Lies in other pieces\s+[\d.]+ cm³/);
    await b.press('2');
    await has(b, '.union', /Joined, the pieces fill/);
    await b.press('3');
    await has(b, '.union', /would give back at most/);
  });

  it('saves STL and glTF, reads the STL back as a piece, and refuses a broken one', async () => {
    await open();
    await (await row(b, 'Body')).click();
    await choose(b, 'Solid');
    await b.push('STL, millimetres');
    await b.push('glTF with colours');
    const stl = await saved(b, '.stl');
    const glb = await saved(b, '.glb');
    expect(readFileSync(glb!).subarray(0, 4).toString()).toBe('glTF');
    const bytes = readFileSync(stl!);
    expect(bytes.length).toBe(84 + 50 * bytes.readUInt32LE(80));

    const input = await b.find('input[aria-label="File of a solid"]');
    const broken = join(b.downloads, 'broken.stl');
    writeFileSync(broken, bytes.subarray(0, bytes.length - 7));
    await input.sendKeys(broken);
    await has(b, '.solid .warning', /was not read.*Nothing was changed/);
    await input.sendKeys(stl!);
    await has(b, '.found', /watertight\./);
    await has(b, '.found .size', /90 mm × 90 mm × 136 mm/);
    await b.push('Use it as a piece');
    await choose(b, 'Pieces');
    // an egg of 90 × 136 mm in the same paste weighs what the body weighs, less what facets take off
    await b.driver.wait(async () => /80\d g|81\d g/.test(await grams()), PATIENCE);
  });

  it('complains of nothing on the way', async () => {
    expect(await b.complaints()).toEqual([]);
  });
});
