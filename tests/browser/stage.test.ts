import { afterAll, beforeAll, describe, expect, it } from 'vitest';
import {
  By,
  choose,
  has,
  Key,
  kept,
  openBrowser,
  openBuild,
  PATIENCE,
  serve,
  violations,
  type Browser,
  type Served,
} from './driver.ts';

let served: Served;
let b: Browser;
beforeAll(async () => {
  served = await serve();
  b = await openBrowser();
});
afterAll(async () => {
  await b.close();
  await served.close();
});

const open = (lens: string, id?: string) => openBuild(b, served.url, lens, id);
const box = async (of = b) => {
  await of.find('svg.stage');
  return of.driver.executeScript<[number, number, number, number]>(
    'const { x, y, width, height } = document.querySelector("svg.stage").viewBox.baseVal; return [x, y, width, height];',
  );
};
const pixels = async (of = b) => (await (await of.find('svg.stage')).getRect()).width;
/** Millimetres of the figure under one pixel. */
const unit = async (of = b) => (await box(of))[2] / (await pixels(of));
const until = (what: () => Promise<boolean>, of = b) => of.driver.wait(what, PATIENCE);
const mouse = (type: string, x: number, y: number, more: object = {}) =>
  b.driver.sendDevToolsCommand('Input.dispatchMouseEvent', { type, x, y, button: 'none', ...more });

describe('looking around', () => {
  it('a wheel looks from nearer where it turns, a pull moves the picture, and the whole figure comes back', async () => {
    await open('shape');
    await b.find('.clock .session');
    const whole = await box();
    const stage = await (await b.find('svg.stage')).getRect();
    const at = [stage.x + stage.width * 0.6, stage.y + stage.height * 0.3] as const;
    await mouse('mouseWheel', ...at, { deltaX: 0, deltaY: -300 });
    await until(async () => (await box())[2] < whole[2] * 0.8);
    const near = await box();
    // what was under the pointer is still under it
    const under = ([left, , wide]: readonly number[]) => left! + 0.6 * wide!;
    expect(under(near)).toBeCloseTo(under(whole), 0);
    const empty = [stage.x + 24, stage.y + 60] as const;
    await mouse('mousePressed', ...empty, { button: 'left', buttons: 1, clickCount: 1 });
    await mouse('mouseMoved', empty[0] + 60, empty[1], { buttons: 1 });
    await mouse('mouseReleased', empty[0] + 60, empty[1], { button: 'left', clickCount: 1 });
    await until(async () => Math.abs((await box())[0] - near[0]) > 5);
    await b.push('Whole figure');
    await until(async () => Math.abs((await box())[2] - whole[2]) < 0.01);
    await (await b.find('svg.stage')).sendKeys('+');
    await until(async () => (await box())[2] < whole[2] * 0.9);
    await (await b.find('svg.stage')).sendKeys('0');
    await until(async () => Math.abs((await box())[2] - whole[2]) < 0.01);
  });

  it('names what is pointed at, on the stage and in the spindle', async () => {
    await open('shape');
    const lantern = await (await b.find('.body[data-piece="lantern"]')).getRect();
    await mouse('mouseMoved', lantern.x + lantern.width / 2, lantern.y + lantern.height / 2);
    await has(b, '.callout', /Lantern · [\d.]+ g/);
    const bead = await (await has(b, '.bead', 'Nose'))!.getRect();
    await mouse('mouseMoved', bead.x + bead.width / 2, bead.y + bead.height / 2);
    // no kitchen scale weighs it
    await has(b, '.callout', /Nose · /);
  });

  it('two taps are measured, in the person’s own units, and open to their sum', async () => {
    await open('shape');
    await b.push('Measure');
    await has(b, '.hint', /Tap where to measure from/);
    const stage = await (await b.find('svg.stage')).getRect();
    const tap = async (x: number, y: number) => {
      await mouse('mousePressed', x, y, { button: 'left', buttons: 1, clickCount: 1 });
      await mouse('mouseReleased', x, y, { button: 'left', clickCount: 1 });
    };
    const [x, y] = [stage.x + 120, stage.y + 300];
    await tap(x, y);
    await has(b, '.hint', /the other end/);
    await tap(x + 90, y - 120);
    // three, four, five
    const wanted = 150 * (await unit());
    await has(b, '.hint', /straight across/);
    expect(parseFloat(await b.text('.hint .figure'))).toBeCloseTo(wanted, -0.5);
    await (await b.find('.hint .figure')).click();
    await has(b, '.ant-modal', /Sideways/);
    await b.press(Key.ESCAPE);
    // what is chosen in the drawer is seen at once
    await (await b.find('.chip.room')).click();
    await choose(b, 'inches');
    await b.press(Key.ESCAPE);
    await has(b, '.hint .figure', / in$/);
    await has(b, '.ruler text', /″/);
    await (await b.find('.chip.room')).click();
    await choose(b, 'millimetres');
    await b.press(Key.ESCAPE);
    await has(b, '.ruler text', /^50$/);
  });

  it('is as large as life once a card was held against the screen', async () => {
    await open('shape');
    await b.push('Life size');
    const card = await b.find('.card');
    const wide = (await card.getRect()).width;
    await b.push('It fits');
    await until(async () => Math.abs((await unit()) - 85.6 / wide) < 0.004);
    // and is not asked again
    await b.push('Whole figure');
    await b.push('Life size');
    await until(async () => Math.abs((await unit()) - 85.6 / wide) < 0.004);
  });
});

describe('by hand and by key', () => {
  it('a handle is a slider, an end of a rod is moved by the arrows', async () => {
    await open('shape');
    await (await has(b, '.bead', 'Head'))!.click();
    const handle = await b.find('.grip[role="slider"]');
    const before = Number(await handle.getAttribute('aria-valuenow'));
    await handle.sendKeys(Key.ARROW_UP);
    await until(
      async () =>
        Number(await (await b.find('.grip[role="slider"]')).getAttribute('aria-valuenow')) === before + 1,
    );
    await open('bones');
    await has(b, '.letter', 'A');
    const rod = await b.find('.letter[role="button"]');
    expect(await rod.getAttribute('aria-label')).toMatch(/rod A, .*: holds/);
    await rod.sendKeys(Key.ENTER);
    const end = await b.find('.rods .grip');
    expect(await end.getAttribute('aria-label')).toMatch(/arrows move it/);
    const y = Number(await end.getAttribute('cy'));
    await end.sendKeys(Key.ARROW_UP);
    await until(
      async () => Math.abs(Number(await (await b.find('.rods .grip')).getAttribute('cy')) - y) > 0.5,
    );
    await kept(b);
  });

  it('beads go along with the arrows, are put in order with Alt, and say how firm they are', async () => {
    await open('days', 'demo-savoy-cabbage');
    await b.find('.clock .session');
    const names = async () =>
      Promise.all((await b.driver.findElements(By.css('.bead .label'))).map((x) => x.getText()));
    const first = await names();
    const bead = await b.find('.bead:nth-child(2)');
    await bead.click();
    await bead.sendKeys(Key.ARROW_DOWN);
    await until(async () => (await (await b.find('.bead.on')).getText()).startsWith(first[2]!));
    const strip = await (await b.find('.strip')).getRect();
    await mouse('mousePressed', strip.x + strip.width * 0.95, strip.y + 50, {
      button: 'left',
      clickCount: 1,
    });
    await mouse('mouseReleased', strip.x + strip.width * 0.95, strip.y + 50, {
      button: 'left',
      clickCount: 1,
    });
    await until(async () =>
      /, (skinned|posed|firm|set|dry)/.test(
        (await (await b.find('.bead:last-child')).getAttribute('aria-label')) ?? '',
      ),
    );
  });

  it('the whole job is done by keys alone, in fewer than forty presses', async () => {
    const own = await openBrowser();
    let presses = 0;
    const press = async (...keys: string[]) => {
      presses += keys.length;
      await own.press(...keys);
    };
    const on = () =>
      own.driver.executeScript<string>(
        'const a = document.activeElement; return (a.getAttribute("aria-label") ?? "") + " " + a.textContent + " " + (a.closest("label")?.textContent ?? "");',
      );
    const tabTo = async (words: RegExp, most: number) => {
      for (let k = 0; k < most; k++) {
        await press(Key.TAB);
        if (words.test(await on())) return;
      }
      throw new Error(`${String(words)} is more than ${most} tabs away, at ${await on()}`);
    };
    try {
      await openBuild(own, served.url, 'shape', 'demo-ferryman-otter');
      await own.find('.body');
      // to the panel, and a new height
      await tabTo(/Skip to the shape/, 1);
      await press(Key.ENTER);
      await tabTo(/Finished height/, 4);
      await press(Key.chord(Key.CONTROL, 'a'), '1', '8', '0', Key.ENTER);
      await has(own, '.rail .name', /180 mm/);
      // the bones: what does not hold is mended by the first button there
      await press(Key.ESCAPE);
      await own.driver.executeScript('document.activeElement.blur()');
      await press('2');
      await has(own, '.first', /won’t hold|hold/);
      await press('5');
      await own.find('.panel .session');
      await press('6');
      await has(own, '.bench', /Step 1 of/);
      for (let k = 0; k < 3; k++) {
        await press(Key.ENTER);
        await has(own, '.bench', new RegExp(`Step ${k + 2} of`));
      }
      expect(presses).toBeLessThan(40);
    } finally {
      await own.close();
    }
  });
});

describe('on a tablet', () => {
  it('a bead held and pulled by a finger changes the order of building', async () => {
    const tablet = await openBrowser(1024, 768, { touch: true });
    try {
      await openBuild(tablet, served.url, 'shape', 'demo-ferryman-otter');
      await tablet.find('.stage .body');
      const order = () =>
        tablet.driver.executeScript<string[]>(
          `return [...document.querySelectorAll('.spindle .bead')].map((x) => x.dataset.bead)`,
        );
      const middle = async (bead: string) => {
        const { x, y, width, height } = await (await tablet.find(`[data-bead="${bead}"]`)).getRect();
        return [x + width / 4, y + height / 2] as const;
      };
      const before = await order();
      const at = before.indexOf('ears');
      expect(before[at + 1]).toBe('eyes');
      const [[x, y], [, down]] = [await middle('ears'), await middle('whiskers')];
      const touch = (type: string, up: number) =>
        tablet.driver.sendDevToolsCommand('Input.dispatchTouchEvent', {
          type,
          touchPoints: type === 'touchEnd' ? [] : [{ x, y: up }],
        });
      // what drags is fetched after the beads: it is there when a held bead follows the finger
      await until(async () => {
        await touch('touchStart', y);
        await tablet.driver.sleep(400);
        for (let k = 1; k <= 12; k++) {
          await touch('touchMove', y + ((down + 12 - y) * k) / 12);
          await tablet.driver.sleep(25);
        }
        await tablet.driver.sleep(200);
        await touch('touchEnd', down);
        await tablet.driver.sleep(300);
        return (await order()).indexOf('ears') > at;
      }, tablet);
      const after = await order();
      expect(after[at]).toBe('eyes');
      expect([...after].sort()).toEqual([...before].sort());
    } finally {
      await tablet.close();
    }
  });
});

describe('on a phone', () => {
  let phone: Browser;
  beforeAll(async () => {
    phone = await openBrowser(390, 844, { touch: true });
  });
  afterAll(() => phone.close());
  const scrolled = () => phone.driver.executeScript<number>('return window.scrollY');
  const swipe = async (by: number) => {
    const stage = await (await phone.find('svg.stage')).getRect();
    await phone.driver.sendDevToolsCommand('Input.synthesizeScrollGesture', {
      x: Math.round(stage.x + stage.width / 2),
      y: Math.round(stage.y + stage.height / 2),
      yDistance: by,
      gestureSourceType: 'touch',
      speed: 1200,
    });
  };

  it('a swipe over the figure scrolls the page, and the figure folds away', async () => {
    await openBuild(phone, served.url, 'shape', 'demo-ferryman-otter');
    await phone.find('.body');
    expect(await scrolled()).toBe(0);
    await swipe(-220);
    await until(async () => (await scrolled()) > 100, phone);
    await phone.driver.executeScript('window.scrollTo(0, 0)');
    await phone.push('Fold the figure away');
    await until(async () => !(await (await phone.find('.stage-box')).isDisplayed()), phone);
    await phone.push('Show the figure');
    await until(async () => (await phone.find('.stage-box')).isDisplayed(), phone);
  });

  it('the start of the work is always seen, and nothing hangs out sideways', async () => {
    for (const lens of ['shape', 'cut', 'days', 'bench']) {
      await openBuild(phone, served.url, lens, 'demo-ferryman-otter');
      await has(phone, '.chip.due', /\d\d:\d\d/);
      const due = await (await phone.find('.chip.due')).getRect();
      expect(due.x + due.width, lens).toBeLessThanOrEqual(390);
      const over = await phone.driver.executeScript<number>(
        'return document.documentElement.scrollWidth - window.innerWidth',
      );
      expect(over, lens).toBeLessThanOrEqual(0);
    }
  });

  it('what is pressed by a finger is as large as a finger', async () => {
    await openBuild(phone, served.url, 'bones', 'demo-ferryman-otter');
    await phone.find('.rods > li');
    const small = await phone.driver.executeScript<string[]>(
      `return [...document.querySelectorAll('.rail button, .tools button, .panel .button, .panel button.line, .seg')]
        .filter((x) => x.offsetParent && x.getBoundingClientRect().height < 43.5).map((x) => x.textContent.trim() + ' ' + x.className);`,
    );
    expect(small).toEqual([]);
  });
});

describe('for everybody', () => {
  const VIEWS = [
    'shape',
    'bones',
    'paste',
    'days',
    'bench',
    'log',
    'sheet/paste',
    'sheet/bones',
    'sheet/days',
    'sheet/all',
  ];

  it.each([
    [1280, 800],
    [1024, 768],
    [390, 844],
  ])('the accessibility check finds nothing of any impact, at %d × %d', async (width, height) => {
    const own = await openBrowser(width, height);
    const found: string[] = [];
    // colours are the same at every size, and the slowest to look at
    const asks = () => violations(own, width > 1100 ? [] : ['color-contrast']);
    const look = async (where: string) => {
      let seen = await asks();
      // what is seen only while something comes in does not count
      for (let k = 0; k < 2 && seen.length > 0; k++) {
        await own.driver.sleep(1500);
        seen = await asks();
      }
      found.push(...seen.map((v) => `${where}: ${v}`));
    };
    try {
      for (const path of ['/', '/start', '/reckoner', '/stores?of=demo']) {
        await own.driver.get(served.url + path);
        await own.find('h1');
        await own.driver.sleep(350);
        await look(path);
      }
      // sheets are paper: they have one size
      for (const view of VIEWS.filter((v) => width > 1100 || !v.startsWith('sheet'))) {
        await openPath(own, `/build/demo-one-legged-heron/${view}`);
        await own.driver.sleep(450);
        await look(view);
        if (!['shape', 'bones', 'paste'].includes(view)) continue;
        await own.driver.executeScript("document.querySelectorAll('.panel button.line')[2]?.click()");
        await own.driver.sleep(350);
        await look(`${view}, a card open`);
      }
      await openPath(own, '/build/demo-one-legged-heron/shape');
      await (await own.find('.chip.room')).click();
      await own.find('[role="dialog"]');
      await own.driver.sleep(500);
      await look('the drawer');
    } finally {
      await own.close();
    }
    expect(found).toEqual([]);
  });

  it('the drawer is a dialog and gives the focus back to what opened it', async () => {
    await open('shape');
    const chip = await b.find('.chip.room');
    await chip.sendKeys(Key.ENTER);
    await b.find('[role="dialog"][aria-modal="true"]');
    await b.driver.sleep(300);
    await b.press(Key.ESCAPE);
    await until(async () =>
      (await b.driver.executeScript<string>('return document.activeElement.className')).includes('room'),
    );
  });

  it('a verdict is told by its shape too, and all of it is seen in forced colours', async () => {
    await b.driver.sendDevToolsCommand('Emulation.setEmulatedMedia', {
      features: [{ name: 'forced-colors', value: 'active' }],
    });
    try {
      await open('bones');
      await has(b, '.letter .sign', '▲');
      await b.find('.clock .session');
      await has(b, '.bead.fails', /▲/);
      const border = await b.driver.executeScript<string>(
        'return getComputedStyle(document.querySelector(".clock .part i, .clock .session")).borderTopStyle',
      );
      expect(border).toBe('solid');
    } finally {
      await b.driver.sendDevToolsCommand('Emulation.setEmulatedMedia', { features: [] });
    }
  });
});

/** Another view of a build that is open is gone to inside the page, as a hand does: loading it anew takes the most time. */
async function openPath(own: Browser, path: string): Promise<void> {
  const build = path.split('/').slice(0, 3).join('/');
  const open = (await own.driver.getCurrentUrl()).startsWith(`${served.url}${build}/`);
  if (open) {
    await own.driver.executeScript(
      "history.pushState({}, '', arguments[0]); dispatchEvent(new PopStateEvent('popstate', { state: {} }));",
      path,
    );
    await own.driver.sleep(600);
  } else await own.driver.get(served.url + path);
  await own.find('h1');
}
