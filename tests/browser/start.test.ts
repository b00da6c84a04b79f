import { readdirSync } from 'node:fs';
import { afterAll, beforeAll, beforeEach, describe, expect, it } from 'vitest';
import {
  By,
  choose,
  Key,
  has,
  openBrowser,
  openBuild,
  PATIENCE,
  row,
  serve,
  violations,
  type Browser,
  type Served,
} from './driver.ts';

/** A stranger at the start page: from the shelf to a figure of their own. */
let served: Served;
let b: Browser;
beforeAll(async () => {
  served = await serve();
  b = await openBrowser();
}, 240_000);
afterAll(async () => {
  await b.close();
  await served.close();
});

const blank = (label: string) => b.find(`button.words[aria-label^="${label}"]`);
const DEMOS = readdirSync(new URL('../../demo/', import.meta.url)).filter((f) =>
  f.endsWith('.spindle.json'),
).length;
const builds = async (): Promise<number> => {
  await b.driver.get(served.url);
  const count = async () => (await b.driver.findElements(By.css('.shelf li'))).length;
  // the demonstration builds are put there one after the other
  await b.driver.wait(async () => (await count()) >= DEMOS, PATIENCE);
  return count();
};
const atStart = async (): Promise<void> => {
  await b.driver.get(`${served.url}/start`);
  await b.driver.executeScript('sessionStorage.clear()');
  await b.driver.navigate().refresh();
  await b.find('.sentence');
};
/** Opens a blank, types into it, leaves it with Enter. */
const say = async (label: string, text: string): Promise<void> => {
  await (await blank(label)).click();
  await (await b.find('.blank .panel input')).sendKeys(text, Key.ENTER);
};

describe('by mouse', () => {
  it('goes from the shelf to answers in under twelve clicks, and to a named build of one’s own', async () => {
    const before = await builds();
    let clicks = 0;
    const click = async (css: By | string): Promise<void> => {
      const at = typeof css === 'string' ? By.css(css) : css;
      await b.driver.wait(
        () =>
          b.driver.findElement(at).then(
            (e) =>
              e.click().then(
                () => true,
                () => false,
              ),
            () => false,
          ),
        PATIENCE,
        `${at.toString()} cannot be pressed`,
      );
      clicks++;
    };
    await click(By.linkText('New build'));
    await click(By.xpath('//button[@role="radio"][contains(., "four-legged animal")]'));
    await click('button.words[aria-label^="How big"]');
    await click(By.xpath('//span[@role="option"][normalize-space(.)="180 mm"]'));
    await click('button.words[aria-label^="Ready by"]');
    await click('.panel [role="option"]:nth-child(2)');
    await has(b, '.answers', /start by/);
    await has(b, '.answers', /\d+ sticks/);
    await has(b, '.answers', /\d+ g/);
    await has(b, '.answers', /holds|tight/);
    expect(clicks).toBeLessThan(12);
    await (await b.find('.called input')).sendKeys('Bess the donkey');
    await click(By.xpath('//button[normalize-space(.)="Put it on the board"]'));
    expect(clicks).toBeLessThan(12);
    await has(b, '.rail .name', /Bess the donkey/);
    await has(b, '.rail .name', /180 mm high/);
    await has(b, '.chip.due', /start by\s+\w{3} (\d+ \w{3}, )?\d\d:\d\d/);
    expect(await builds()).toBe(before + 1);
  });

  it('keeps nothing before it is put on the board', async () => {
    const before = await builds();
    await atStart();
    await say('How big', '150 mm');
    await say('Ready by', 'in two weeks');
    await has(b, '.answers', /start by/);
    expect(await builds()).toBe(before);
    await b.driver.get(`${served.url}/start`);
    await has(b, '.sentence', /150 mm/);
  });
});

describe('typed', () => {
  beforeEach(atStart);

  it('takes a whole phrase apart, from any blank', async () => {
    await say('What you are making', '180 mm donkey tomorrow week 3pm evenings damp');
    await has(b, '.sentence', /four-legged animal, 180 mm tall/);
    await has(b, '.sentence', /a damp kitchen/);
    await has(b, '.sentence', /15:00/);
  });

  it('refuses with a sentence and keeps what was typed', async () => {
    await (await blank('How big')).click();
    const input = await b.find('.blank .panel input');
    await input.sendKeys('12', Key.ENTER);
    await has(b, '.panel .wrong', '12 what? Say 12 cm or 12 in.');
    expect(await input.getAttribute('value')).toBe('12');
    await input.sendKeys(' cm', Key.ENTER);
    await has(b, '.sentence', /120 mm tall/);
  });

  it('tells children, nuts and wire at their places', async () => {
    await say('What you are making', 'branches');
    await say('Who eats it', 'children, no nuts');
    await has(b, '.answers', /Whether there are nuts/);
    await b.driver.executeScript(
      'document.querySelectorAll(".answers details").forEach((d) => (d.open = true))',
    );
    await has(b, '.answers', /sticks and wires in it: none where a small child bites/);
    await has(b, '.answers', /Wire never goes straight into cake/);
    await say('Paste', 'marzipan');
    await has(b, '.answers', /There are nuts in/);
  });

  it('is understood by who cannot see it, by the automated check', async () => {
    await has(b, '.answers', /\d+ sticks/);
    await b.driver.wait(
      async () => (await b.driver.findElements(By.css('.one.stale'))).length === 0,
      PATIENCE,
    );
    expect(await violations(b)).toEqual([]);
  });
});

describe('by keyboard alone', () => {
  it('goes from the shelf to a build of one’s own', async () => {
    await builds();
    await (await b.driver.findElement(By.linkText('New build'))).sendKeys(Key.ENTER);
    await b.find('.sentence');
    // a letter typed on a closed blank begins it, Tab takes it and goes on
    await (await blank('What you are making')).sendKeys('p');
    await (await b.find('.blank .panel input')).sendKeys('laque', Key.ENTER);
    await has(b, '.sentence', /cut-out plaque/);
    await (await blank('How big')).sendKeys('1');
    await (await b.find('.blank .panel input')).sendKeys('50 mm', Key.TAB);
    await has(b, '.sentence', /150 mm tall/);
    await (await blank('Ready by')).sendKeys(Key.ENTER);
    await (await b.find('.blank .panel input')).sendKeys(Key.ARROW_DOWN, Key.ARROW_DOWN, Key.ENTER);
    await has(b, '.answers', /start by/);
    expect(await b.driver.findElements(By.css('.panel'))).toHaveLength(0);
    await (await b.button('Put it on the board')).sendKeys(Key.ENTER);
    await has(b, '.rail .name', /Ferry sign/);
    await has(b, '.chip.due', /start by/);
  });
});

describe('the brief afterwards', () => {
  it('is one tap from the due chip, shows what nobody said, and takes what is typed', async () => {
    await (await b.find('.chip.due')).click();
    await has(b, '.ant-modal', /Ferry sign 2, 150 mm tall/);
    await has(b, '.ant-modal', /Taken as usual, for nobody said them:.*your hours/);
    await say('Who eats it', 'adults');
    await has(b, '.ant-modal .sentence', /for adults/);
    await say('The kitchen', 'damp');
    await has(b, '.rail', /65 % room/);
    await b.push('That is right');
    await b.driver.wait(async () => !(await b.text('.ant-modal')).includes('Taken as usual'), PATIENCE);
    expect(await b.complaints()).toEqual([]);
  });
});

describe('the shelf', () => {
  it('tells how builds stand, finds one by its name, and puts one away and back', async () => {
    await builds();
    await has(b, '.shelf li', /Ferryman otter[\s\S]*start by/);
    const search = await b.find('.sift input[type="search"]');
    await search.sendKeys('gourd');
    const shown = async () =>
      Promise.all((await b.driver.findElements(By.css('.shelf li strong'))).map((e) => e.getText()));
    await b.driver.wait(async () => (await shown()).join() === 'Ribbed gourd', PATIENCE);
    await (await b.find('button[aria-label="Put Ribbed gourd away"]')).click();
    await has(b, '.empty', /something may be put away/);
    await b.driver.navigate().refresh();
    await b.find('.sift');
    await (await has(b, '.sift label:last-child', /Put away \(1\)/))!.click();
    await b.driver.wait(async () => (await shown()).join() === 'Ribbed gourd', PATIENCE);
    await (await b.find('button[aria-label="Bring Ribbed gourd back to the front"]')).click();
    await b.driver.wait(async () => (await shown()).length > 10, PATIENCE);
  });
});

describe('parts', () => {
  it('a head is kept as a part and put into another build; a figure is put beside; what is taken along is put down', async () => {
    await openBuild(b, served.url, 'shape', 'demo-donkey-with-panniers');
    await (await row(b, 'Head')).click();
    await b.push('Keep as a part');
    await has(b, '.said', /kept among your parts/);
    await openBuild(b, served.url, 'shape', 'demo-ribbed-gourd');
    const kinds = async () => Number(/(\d+) kinds of piece/.exec(await b.text('.frame'))![1]);
    const before = await kinds();
    await b.press('n');
    await choose(b, 'A part of mine');
    await b.push('Head');
    await b.driver.wait(async () => (await kinds()) > before + 3, PATIENCE);
    await b.press('n');
    await choose(b, 'A figure beside it');
    await b.push('Ferry sign');
    const two = before + 4;
    await b.driver.wait(async () => (await kinds()) > two, PATIENCE);
    await b.press(Key.chord(Key.CONTROL, 'z'));
    await (await row(b, 'Stalk')).click();
    const now = await kinds();
    await (await row(b, 'Stalk')).sendKeys(Key.chord(Key.CONTROL, 'c'));
    await has(b, '.said', /Taken along: Stalk/);
    await (await row(b, 'Stalk')).sendKeys(Key.chord(Key.CONTROL, 'v'));
    await b.driver.wait(async () => (await kinds()) === now + 1, PATIENCE);
  });
});

describe('variations', () => {
  it('the heron is shown on a skewer, where it does not hold, and back on its rod', async () => {
    await openBuild(b, served.url, 'bones', 'demo-one-legged-heron');
    await has(b, '.rail .name', /On a threaded rod/);
    await (await b.find('.rail .name')).click();
    await has(b, '.ant-modal li', /On a skewer[\s\S]*won’t hold/);
    await has(b, '.ant-modal li', /Gilded wet/);
    await b.push('Show On a skewer');
    await has(b, '.rail .name', /On a skewer/);
    await has(b, '.ant-modal li', /On a threaded rod/);
    await b.push('Show On a threaded rod');
    await has(b, '.rail .name', /On a threaded rod/);
  });
});

describe('several figures', () => {
  it('have each their own height and place, and say how far they stand apart', async () => {
    await openBuild(b, served.url, 'shape', 'demo-two-millers');
    await has(b, '.figures-card', /Older miller[\s\S]*Younger miller[\s\S]*apart/);
    const apart = async () => /([\d.]+ mm) apart/.exec(await b.text('.figures-card'))![1];
    const before = await apart();
    const field = By.xpath('(//label[span[.="Right of the middle"]]/input)[last()]');
    await (await b.driver.findElement(field)).sendKeys(Key.chord(Key.CONTROL, 'a'), '90 mm', Key.ENTER);
    await b.driver.wait(async () => (await apart()) !== before, PATIENCE);
    await b.press(Key.chord(Key.CONTROL, 'z'));
    await b.driver.wait(async () => (await apart()) === before, PATIENCE);
  });
});

describe('several pieces', () => {
  it('are chosen together, grown, given one colour and taken away, and it can all be undone', async () => {
    await openBuild(b, served.url, 'shape', 'demo-two-millers');
    await (await row(b, 'Sack')).click();
    for (const name of ['Tied top of the sack', 'Cord'])
      await b.driver
        .actions()
        .keyDown(Key.CONTROL)
        .click(await row(b, name))
        .keyUp(Key.CONTROL)
        .perform();
    await has(b, '.panel-scroll .bar', '3 chosen');
    const number = async () => (await b.text('.facts')).replace(/\s+/g, ' ');
    const before = await number();
    await b.push('Larger');
    await b.driver.wait(async () => (await number()) !== before, PATIENCE, 'they did not grow');
    await b.push('Take them away');
    await b.driver.wait(
      async () => (await b.driver.findElements(By.css('.panel-scroll .bar'))).length === 0,
      PATIENCE,
      'they are still there',
    );
    await b.press(Key.chord(Key.CONTROL, 'z'));
    await b.press(Key.chord(Key.CONTROL, 'z'));
    await b.driver.wait(async () => (await number()) === before, PATIENCE, 'it was not undone');
  });
});
