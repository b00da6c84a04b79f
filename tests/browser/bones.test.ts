import { describe, expect, it } from 'vitest';
import {
  PATIENCE,
  By,
  choose,
  chooseFrom,
  has,
  kept,
  Key,
  openBuild,
  openVariation,
  row,
  violations,
} from './driver.ts';
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
  }, PATIENCE);

describe('rods that are in the way', () => {
  it('are told, moved aside by one press, and back by undo', async () => {
    await bones('Clashes');
    await has(b, '.clash', /C and D pass 0(\.\d)? mm apart/);
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
      By.xpath('//label[span[.="Meant to be seen"]]//input[@role="switch"]'),
    );
    await shown.click();
    await choose(b, 'Clashes');
    await gone('.clash', /D comes out/);
    await undo();
  });
});

describe('a brace', () => {
  it('is put in by one press, told to go in last, and taken out by undo', async () => {
    await bones('Rods');
    await (await row(b, 'Lantern arm')).click();
    await b.push('Brace it with');
    await has(b, '.line', /Lantern arm, brace/);
    await has(b, 'li.open .line', /holds/);
    await choose(b, 'Clashes');
    await has(b, '.clash', /G goes in last/);
    await undo();
    await choose(b, 'Rods');
    await gone('.line', /Lantern arm, brace/);
  });
});

describe('a hidden disc', () => {
  it('is laid under a piece where it sits, and cut and taken out with the rods', async () => {
    await openBuild(b, served.url, 'shape');
    await (await has(b, '.bead', 'Head'))!.click();
    await choose(b, 'Where it sits');
    await chooseFrom(b, 'Hidden disc under it', '3 mm card');
    await has(b, 'label', 'Disc across');
    await b.fill('Disc across', '2 cm');
    await kept(b);
    await bones('Cut list');
    await has(b, 'section', /Disc of 3 mm card, 20 mm across, let into the top of the body under the head/);
    expect(await b.driver.findElements(By.css('.stage .disc'))).toHaveLength(1);
    await openBuild(b, served.url, 'handover');
    await choose(b, 'The card');
    await has(b, 'tr', /Disc of 3 mm card[\s\S]*in the top of the body/);
    await openBuild(b, served.url, 'shape');
    await (await has(b, '.bead', 'Head'))!.click();
    await choose(b, 'Where it sits');
    await b.fill('Disc across', '30 cm');
    await has(b, 'body', /A disc that wide shows/);
  });
});

describe('choosing a rod', () => {
  it('puts in the simplest that holds, says what it passed over and why, and undo puts the old one back', async () => {
    await openVariation(b, served.url, 'bones', ['demo-one-legged-heron', 'On a skewer']);
    await choose(b, 'Rods');
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
    await bones('Glue joints', 'demo-one-legged-heron');
    await (await row(b, 'Beak')).click();
    await has(b, 'li.open', /holds up to/);
    await b.push('Show the sum');
    await has(b, 'li.open .why', /Film when set/);
    await has(b, 'li.open .line', /propped about/);
  });

  it('is propped by one press until the glue takes, and let go again by undo', async () => {
    await bones('Glue joints', 'demo-one-legged-heron');
    await (await row(b, 'Beak')).click();
    await (await b.find('li.open .switch')).click();
    await has(b, '.seg', /Glue joints ▲/);
    await has(b, 'li.open .line', /Beak[\s\S]*needs a prop about[\s\S]*won’t hold/);
    await has(b, 'li.open', /slides or peels off before the glue takes/);
    await b.push('Prop it for');
    await has(b, 'li.open .line', /propped about[\s\S]*holds/);
    await gone('.seg', /Glue joints ▲/);
    await openBuild(b, served.url, 'days', 'demo-one-legged-heron');
    await has(b, 'body', /Take the prop from the beak/);
    await bones('Glue joints', 'demo-one-legged-heron');
    await (await row(b, 'Beak')).click();
    await (await b.find('li.open .switch')).click();
    await has(b, 'li.open .line', /needs a prop/);
    await kept(b);
  });

  it('takes the glue that was chosen under Paste', async () => {
    await openBuild(b, served.url, 'paste');
    await choose(b, 'Glue and core');
    await (await has(b, '.bead', 'Nose'))!.click();
    // until then the button there is of the piece that was chosen before
    await has(b, 'h3', /^Nose on/);
    await (await b.find('button[aria-label="Use gum glue"]')).click();
    await has(b, '.glue .yours', /yours/);
    await kept(b);
    await bones('Glue joints');
    await has(b, '.line', /Nose[\s\S]*with gum glue/);
  });
});

describe('the heron on a skewer', () => {
  it('does not hold, and holds after the mend that is offered', async () => {
    await openVariation(b, served.url, 'bones', ['demo-one-legged-heron', 'On a skewer']);
    await choose(b, 'Rods');
    await has(b, 'h1', /won’t hold/);
    await (await row(b, 'Leg rod')).click();
    await (await b.find('li.open .button.main')).click();
    await has(b, 'h1', /(hold|holds)[.;]/);
    await undo();
  });
});

describe('a bent rod', () => {
  it('is bent in its card, of wire holds as one, straightened, and back by undo', async () => {
    await bones('Rods');
    await (await row(b, 'Lantern arm')).click();
    await b.push('Bend it');
    await has(b, 'li.open', /Bend 1 in/);
    await has(b, 'li.open .reason', /cannot be bent/);
    expect(await b.driver.findElements(By.css('.stage .grip.bent'))).toHaveLength(1);
    await (await b.find('button[aria-label="Straighten bend 1"]')).click();
    await gone('li.open', /Bend 1 in/);
    await undo();
    await has(b, 'li.open', /Bend 1 in/);
    await undo();
    await undo();
  });
  it('can be pulled at its bend on the stage', async () => {
    await bones('Rods');
    await (await row(b, 'Oar arm')).click();
    await b.push('Bend it');
    const grip = await b.find('.stage .grip.bent');
    const before = await grip.getAttribute('cy');
    await b.driver
      .actions()
      .move({ origin: grip })
      .press()
      .move({ origin: grip, x: 0, y: 40 })
      .release()
      .perform();
    await kept(b);
    expect(Number(await (await b.find('.stage .grip.bent')).getAttribute('cy'))).toBeGreaterThan(
      Number(before) + 5,
    );
    await undo();
    await undo();
  });
});

describe('the way there', () => {
  it('may push harder than usual, refuses what cannot be, and goes back to the usual', async () => {
    await bones('Rods');
    await b.fill('Sideways, of its weight', '0.9');
    await has(b, '.row', /As usual/);
    await has(b, '.line', /Sliding[\s\S]*won’t hold/);
    await b.fill('Sideways, of its weight', '9');
    await has(b, 'body', /between 0 and 1\.5 g/);
    await b.push('As usual');
    await has(b, '.line', /Sliding[\s\S]*holds/);
    await undo();
    await undo();
  });
});

describe('a tripod', () => {
  it('stands under the selected piece, says what it bears, and goes again', async () => {
    await bones('Rods', 'demo-one-legged-heron');
    await (await has(b, '.bead', 'Body'))!.click();
    await b.push('A tripod');
    await has(b, '.rods .line', /Body, leg 3/);
    await undo();
    await gone('.rods .line', /Body, leg/);
  });
});

describe('tests of one’s own', () => {
  it('replace a typical value, are refused in a sentence, and are forgotten again', async () => {
    await bones('Kitchen tests');
    await b.fill('Gives way at', '10');
    await b.push('Use it from now on');
    await has(b, 'body', /gives way under more than what makes it sink/);
    await b.fill('Gives way at', '600');
    await b.push('Use it from now on');
    await has(b, '.kept', /cake[\s\S]*crushes at/);
    expect(await violations(b)).toEqual([]);
    // another build can take it over
    await bones('Kitchen tests', 'demo-savoy-cabbage');
    await b.push('Take over the test of other builds');
    await has(b, '.kept', /cake/);
    await undo();
    await bones('Kitchen tests');
    await (await b.find('button[aria-label="Forget the test of cake"]')).click();
    await has(b, 'p', /Nothing measured/);
  });
});

describe('hardware and cutting', () => {
  /** Choose from a list by its label. */
  const take = (label: string, words: string) => chooseFrom(b, label, words);
  const turn = async (label: string) => {
    const found = await b.find(`input[aria-label="${label}"]`);
    await b.driver.executeScript('arguments[0].scrollIntoView({ block: "center" })', found);
    await found.click();
  };

  it('what stands under a figure is found at its foot, and a tier raised on a rod is drawn, reckoned and cut', async () => {
    await openBuild(b, served.url, 'shape', 'demo-one-legged-heron');
    await (await b.find('.spindle .foot')).click();
    await b.push('A tier under it');
    await take('Board under it', '6 mm plywood');
    await turn('A threaded rod through it all');
    await b.fill('Feet, high', '5');
    await has(b, '.warning', /board rocks on it/);
    await b.fill('Feet, high', '20');
    await b.fill('Gap under it', '120');
    await gone('.warning', /rocks on it|no room/);
    // 12 of board, 6 of plywood, 100 of tier, 20 of feet, 120 of gap
    await has(b, '.open p', /rises 258 mm over the table/);
    expect((await b.driver.findElements(By.css('.stage .ground .layer'))).length).toBe(3);
    expect((await b.driver.findElements(By.css('.stage .ground .steel'))).length).toBe(8);
    expect(await violations(b)).toEqual([]);
    // paste round the rod hides its nut, and is one more thing there
    await take('Round the rod there', 'Figure paste 70:30');
    await b.fill('Sleeve across', '45');
    await b.driver.wait(
      async () => (await b.driver.findElements(By.css('.stage .ground .steel'))).length === 9,
      PATIENCE,
    );
    await kept(b);
    await bones('Hardware', 'demo-one-legged-heron');
    await has(b, '.checks', /Tier turning on the rod/);
    await has(b, '.steps', /Drill 11 mm in the middle of the board of the tier/);
    await b.fill('Up into the figure', '60');
    await choose(b, 'Rods');
    await (await row(b, 'Threaded rod of the board')).click();
    await has(b, 'li.open', /60 mm up into the figure[\s\S]*Thread/);
    await b.fill('Up into the figure', '0');
    await gone('.rods strong', /Threaded rod of the board/);
    await choose(b, 'Hardware');
    await b.push('It is cut');
    await b.fill('Gap under tier', '150');
    await has(b, '.warning', /Cut too short by[\s\S]*30 mm/i);
    expect(await violations(b)).toEqual([]);
    await b.push('Tiers and boards, under Shape');
    await take('Sticks through its board', 'wooden dowel 8 mm');
    await kept(b);
    await b.driver.get(`${served.url}/build/demo-one-legged-heron/sheet/card`);
    await has(b, '.sheet', /Sticks against turning[\s\S]*M10 rod with its nuts and washers/);
    expect(await b.complaints()).toEqual([]);
  });

  it('a rod that ends in a tier is held by its cake', async () => {
    await openBuild(b, served.url, 'shape', 'demo-ferryman-otter');
    await (await b.find('.spindle .foot')).click();
    await b.push('A tier under it');
    await has(b, '.tier', /Roll a disc/);
    await kept(b);
    await bones('Rods', 'demo-ferryman-otter');
    await has(b, '.line', /Legs, pair[\s\S]*tier → feet → body[\s\S]*won’t hold/);
    await openBuild(b, served.url, 'shape', 'demo-ferryman-otter');
    await (await b.find('.spindle .foot')).click();
    await (await b.find('button[aria-label="Remove the tier"]')).click();
    await kept(b);
    await bones('Rods', 'demo-ferryman-otter');
    await has(b, '.line', /Legs, pair[\s\S]*board → feet → body/);
  });

  it('lists what to cut with the fewest rods, what must be sleeved, and says where the card is', async () => {
    await bones('Cut list');
    await has(b, '.stock', /bamboo skewer 3 mm 2 of 250 mm, no fewer will do/);
    await has(b, '.hazard', /Foam looks like cake/);
    await has(b, 'p', /\d[\s\S]*no food: the card/);
    expect(await violations(b)).toEqual([]);
    await b.driver.get(`${served.url}/build/demo-ferryman-otter/sheet/bones`);
    await has(b, '.sheet', /To cut[\s\S]*is on the card/);
    expect(await b.complaints()).toEqual([]);
  });

  it('slides on a bare board and stays on a mat', async () => {
    await bones('Rods');
    await has(b, '.line', /Sliding[\s\S]*non-slip mat/);
  });
});
