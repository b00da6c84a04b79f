import { beforeAll, describe, expect, it } from 'vitest';
import { By, choose, has, kept, Key, openBuild, PATIENCE, violations } from './driver.ts';
import { b, served } from './opened.ts';

const MINUTE = 60_000;

/** Ask something of the simulated scale and sensor, as their drawer does. */
const simulate = (change: object) =>
  fetch(`${served.url}/instruments/simulated`, {
    method: 'POST',
    headers: { 'content-type': 'application/json' },
    body: JSON.stringify(change),
  });

/** The page's clock so far ahead from the next load on. */
const shift = (minutes: number) =>
  b.driver.executeScript('localStorage.setItem("test-shift", arguments[0])', minutes * MINUTE);
const title = () => b.text('.bench h1');
const bench = async () => {
  await openBuild(b, served.url, 'bench');
  await has(b, '.bench .where', /Step \d+ of/);
};

/** Tick steps off until one says so in its title. */
async function until(words: RegExp): Promise<void> {
  for (let k = 0; k < 20; k++) {
    const now = await title();
    if (words.test(now)) return;
    const done = await b.find('footer .done');
    await b.driver.wait(() => done.isEnabled(), PATIENCE);
    await done.click();
    await b.driver.wait(async () => (await title()) !== now || /Done/.test(await done.getText()), PATIENCE);
  }
  throw new Error(`No step says ${String(words)}`);
}

beforeAll(async () => {
  await b.driver.sendDevToolsCommand('Page.addScriptToEvaluateOnNewDocument', {
    source: `(() => {
      const by = Number(localStorage.getItem('test-shift') ?? 0);
      if (!by) return;
      const Real = Date;
      window.Date = class extends Real {
        constructor(...a) { if (a.length) super(...a); else super(Real.now() + by); }
        static now() { return Real.now() + by; }
      };
    })()`,
  });
});

describe('a session at the bench', () => {
  it('weighs on the scale that is made up, by itself, and loses nothing when the line breaks', async () => {
    await bench();
    await until(/Shape the body/);
    const wanted = Number.parseFloat(await b.text('.ring .middle strong'));
    expect(wanted).toBeGreaterThan(100);
    await b.push('More');
    await b.push('Scale, room and bells');
    await (await b.find('.ant-drawer input[role="switch"]')).click();
    await has(b, '.ant-drawer', /connected: simulated, nothing is attached/);
    await (await b.find('.ant-drawer-close')).click();
    await simulate({ place: wanted * 0.6 });
    await has(b, '.ring', /more, /);
    await simulate({ place: wanted });
    await has(b, '.weigh .count', /1 of 1 weighed/);
    await simulate({ silent: 4 });
    await has(b, '.ring', /weigh/);
    // typed meanwhile
    await b.push('Take the last back');
    const field = await b.find('.weigh input[inputmode="decimal"]');
    await field.sendKeys('800 g');
    await b.push('Note it');
    await has(b, '.weigh .count', /the last 800 g/);
    await simulate({ place: 12 });
    await has(b, '.ring', /12 g/);
    expect(await violations(b)).toEqual([]);
  });

  it('keeps what the sensor says of the room, and offers to reckon with it', async () => {
    await simulate({ temperature: 24, humidity: 66 });
    await has(b, '[role="status"]', /The room is 24 °C, 66 %; the plan reckons with/);
    await b.push('Reckon with the room as it is');
    await has(b, '.rail', /24 °C · 66 %/);
    await b.press(Key.chord(Key.CONTROL, 'z'));
    await has(b, '.rail', /21 °C · 50 %/);
    // what was read stays read: it is offered again, until the room is as it was
    await has(b, '[role="status"]', /The room is 24 °C/);
    await simulate({ temperature: 21, humidity: 50 });
    await b.driver.wait(
      async () =>
        (await b.driver.findElements(By.xpath('//*[contains(text(),"The room is 24")]'))).length === 0,
      PATIENCE,
    );
    await kept(b);
  });

  it('what was ticked off is there when the page is killed in the same breath', async () => {
    await bench();
    const step = async () => Number(/Step (\d+) of/.exec(await b.text('.bench .where'))![1]);
    const now = await step();
    await b.driver.executeScript(
      `document.querySelector('footer .done').click(); location.href = 'about:blank';`,
    );
    await bench();
    expect(await step()).toBe(now + 1);
  });

  it('rings when a wait is over and a window closes, after a reload in the middle of it, and not twice', async () => {
    await until(/Mark the creases in the feet/);
    await kept(b);
    await shift(100);
    await b.driver.navigate().refresh();
    const bell = await has(b, '.rings', /ready|too late|left/);
    expect(await bell!.getAttribute('class')).toMatch(/opens|clos/);
    expect(await b.driver.getTitle()).toMatch(/^◆/);
    for (const heard of await b.driver.findElements(By.xpath('//button[contains(.,"I heard it")]')))
      await heard.click().catch(() => undefined);
    await b.driver.wait(async () => (await b.driver.findElements(By.css('.rings'))).length === 0, PATIENCE);
    await b.driver.navigate().refresh();
    await has(b, '.bench .where', /Step \d+ of/);
    await b.driver.sleep(3000);
    expect(await b.driver.findElements(By.css('.rings'))).toEqual([]);
  });

  it('asks a finger, and what it says ends the wait and moves what is reckoned', async () => {
    const card = await has(b, '.touch', /\?/);
    const piece = (await card!.findElement(By.css('strong'))).getText();
    const before = await b.driver.findElements(By.css('.touch'));
    await (await card!.findElement(By.css('.button.main'))).click();
    await b.driver.wait(
      async () => (await b.driver.findElements(By.css('.touch'))).length < before.length,
      PATIENCE,
    );
    await kept(b);
    await openBuild(b, served.url, 'log');
    await has(b, '.looks', await piece);
    await has(b, '.panel h1', /kitchen|tables say|learned/);
  });

  it('something went wrong: causes, one question, a mend, and its place in the log', async () => {
    await bench();
    await b.push('Something went wrong');
    await b.push('It cracked');
    await has(b, '.ant-modal', /Likely behind it/);
    expect(await violations(b)).toEqual([]);
    await b.push('I do this');
    await kept(b);
    await openBuild(b, served.url, 'log');
    await choose(b, 'What was noted');
    await (await b.find('input[type="search"]')).sendKeys('cracked');
    await has(b, '.entries li', /went wrong[\s\S]*cracked/);
    await choose(b, 'Plan and real');
    await has(b, 'table', /Weights[\s\S]*g/);
    await choose(b, 'Your hand');
    await has(b, '.do', /Roll a ball of/);
    expect(await violations(b)).toEqual([]);
    // a line that was broken on purpose is told by the browser itself
    const said = (await b.complaints()).filter((c) => !/instruments\/stream|beforeunload/.test(c));
    expect(said).toEqual([]);
  });
});
