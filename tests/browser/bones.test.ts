import { describe, expect, it } from 'vitest';
import { By, choose, has, kept, Key, openBuild, row, serious } from './driver.ts';
import { b, served } from './opened.ts';

const bones = async (view: string, id?: string) => {
  await openBuild(b, served.url, 'bones', id);
  await choose(b, view);
};
const undo = async () => {
  await b.press(Key.chord(Key.CONTROL, 'z'));
  await kept(b);
};
const gone = (css: string, words: RegExp) =>
  b.driver.wait(async () => {
    const all = await b.driver.findElements(By.css(css));
    const texts = await Promise.all(all.map((e) => e.getText().catch(() => '')));
    return !texts.some((t) => words.test(t));
  }, 8000);

describe('rods that are in the way', () => {
  it('are told, moved aside by one press, and back by undo', async () => {
    await bones('Clashes');
    await has(b, '.clash', /C and D pass 0\.\d mm apart/);
    await b.push('Move D');
    await gone('.clash', /C and D pass/);
    await undo();
    await has(b, '.clash', /C and D pass/);
  });

  it('a rod meant to be seen need not be covered', async () => {
    await bones('Clashes');
    await has(b, '.clash', /D comes out of the lantern arm/);
    await choose(b, 'Rods');
    await (await row(b, 'Lantern arm')).click();
    const shown = await b.driver.findElement(
      By.xpath('//label[span[.="Meant to be seen"]]//button[contains(@class,"ant-switch")]'),
    );
    await shown.click();
    await choose(b, 'Clashes');
    await gone('.clash', /D comes out/);
    await undo();
  });
});

describe('choosing a rod', () => {
  it('puts in the simplest that holds, says what it passed over and why, and undo puts the old one back', async () => {
    await bones('Rods', 'demo-heron-on-a-skewer');
    await (await row(b, 'Leg')).click();
    await b.push('Choose for me');
    await has(b, 'li.open .told', /is the simplest that holds/);
    await has(b, 'li.open .told li', /cocktail stick 2 mm — sold 65 mm long/);
    await has(b, 'li.open .line', /[Hh]olds/);
    await undo();
    await has(b, 'li.open .line', /bamboo skewer 4 mm/);
    await gone('li.open .told', /simplest/);
  });
});

describe('what glue holds', () => {
  it('says how long to prop it, changes with the glue, and opens to its sum', async () => {
    await bones('Glued');
    await (await row(b, 'Lantern ring')).click();
    await has(b, 'li.open', /holds up to/);
    await has(b, 'li.open .why', /Film when set/);
    await has(b, 'li.open .line', /prop it|holds at once/);
  });

  it('takes the glue that was chosen under Paste', async () => {
    await openBuild(b, served.url, 'paste');
    await choose(b, 'Glue and core');
    await (await has(b, '.bead', 'Nose'))!.click();
    await (await b.find('button[aria-label="Use gum glue"]')).click();
    await has(b, '.glue .yours', /yours/);
    await kept(b);
    await bones('Glued');
    await has(b, '.line', /Nose[\s\S]*with gum glue/);
  });
});

describe('the heron on a skewer', () => {
  it('does not hold, and holds after the mend that is offered', async () => {
    await bones('Rods', 'demo-heron-on-a-skewer');
    await has(b, '.headline', /1\s+won’t hold/);
    await (await row(b, 'Leg rod')).click();
    await (await b.find('li.open .button.main')).click();
    await has(b, '.headline', /0\s+won’t hold/);
    await undo();
  });
});

describe('hardware and cutting', () => {
  it('stacks boards, nuts and tiers on a rod, and flags a rod cut before the design changed', async () => {
    await bones('Hardware', 'demo-one-legged-heron');
    await b.push('Begin a stack on a rod');
    await has(b, '.sums', /298 mm/);
    await b.push('It is cut');
    await b.fill('Height of Gap', '150');
    await has(b, '.warning', /Cut too short by[\s\S]*30 mm/i);
    await has(b, '.steps', /Drill 11 mm in the middle of the base board/);
    expect(await serious(b)).toEqual([]);
  });

  it('lists what to cut with the fewest rods, what must be sleeved, and the removal card to print', async () => {
    await bones('Cut list');
    await has(b, '.stock', /bamboo skewer 3 mm 2 of 250 mm, no fewer will do/);
    await has(b, '.hazard', /Foam looks like cake/);
    await has(b, 'table', /Foam core/);
    expect(await serious(b)).toEqual([]);
    await b.driver.get(`${served.url}/build/demo-ferryman-otter/sheet/bones`);
    await has(b, '.sheet', /To be taken out before it is eaten/);
    expect(await b.complaints()).toEqual([]);
  });

  it('slides on a bare board and stays on a mat', async () => {
    await bones('Rods');
    await has(b, '.line', /Sliding[\s\S]*non-slip mat/);
  });
});
