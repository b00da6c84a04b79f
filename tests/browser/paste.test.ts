import { readFileSync, writeFileSync } from 'node:fs';
import { join } from 'node:path';
import Papa from 'papaparse';
import { describe, expect, it } from 'vitest';
import { storesFrom } from '../../core/stores-file.ts';
import { PATIENCE, By, choose, has, kept, Key, openBuild, row, saved, violations } from './driver.ts';
import { b, served } from './opened.ts';

const paste = async (view: string, id?: string) => {
  await openBuild(b, served.url, 'paste', id);
  await choose(b, view);
};
const undo = () => b.press(Key.chord(Key.CONTROL, 'z'));
const waitSaved = () => kept(b);
const stores = async () => {
  await b.driver.get(`${served.url}/stores?of=demo`);
  await has(b, '.find', /entries/);
};
describe('what to mix', () => {
  it('lights the pieces a batch feeds while it is pointed at', async () => {
    await paste('Mix');
    const line = await row(b, 'scarf red');
    await b.driver.actions().move({ origin: line }).perform();
    await b.driver.wait(async () => {
      const body = await b.find('.stage [data-piece="body"]');
      return ((await body.getAttribute('class')) ?? '').includes('faint');
    }, PATIENCE);
    const scarf = await b.find('.stage [data-piece="scarf"]');
    expect(await scarf.getAttribute('class')).toContain('plain');
  });

  it('warns of what will run out, before it does', async () => {
    await has(b, '.short', /Short of .*gum paste/i);
  });

  it('opens a batch to a card in large type whose parts add up', async () => {
    await (await row(b, 'Figure paste 70:30')).click();
    await b.find('li.open .part');
    const parts = await b.driver.findElements(By.css('li.open .part strong'));
    const grams = await Promise.all(parts.map(async (p) => parseFloat(await p.getText())));
    const whole = parseFloat(await b.text('li.open .line .n'));
    expect(grams.reduce((x, y) => x + y, 0)).toBe(whole);
  });

  it('uses offcuts of the stores, and less is mixed fresh', async () => {
    await b.push('Use the offcuts');
    await has(b, 'li.open .part', /brown offcut/);
    await has(b, '.facts', /of it offcuts/);
    await waitSaved();
    await stores();
    await has(b, '.line', /65 g kept for Ferryman otter/);
    await paste('Mix');
    await (await row(b, 'Figure paste 70:30')).click();
    await b.push('Let the offcuts go');
    await b.driver.wait(async () => !(await b.text('.facts')).includes('offcuts'), PATIENCE);
  });

  it('says what to do when a colour runs short, and does it', async () => {
    await (await b.find('.short summary')).click();
    await b.fill('Left of it', '1000');
    await b.push('What can I do?');
    await has(b, '.short', /short of the[\s\S]*Go without the spare[\s\S]*at the bench/);
    expect(await violations(b)).toEqual([]);
    await b.push('Do it');
    await b.driver.wait(async () => !(await b.text('.short')).includes('short of the'), PATIENCE);
    await undo();
  });

  it('takes a batch off the stores and puts what is left there', async () => {
    await b.push('Mixed now');
    await has(b, 'li.open .clock', /mixed and ready/);
    await b.push('Take it off the stores');
    await has(b, '.said', /Taken off the stores/);
    await b.push('Put what is left in the stores');
    await has(b, '.said', /are in the stores now/);
    await stores();
    await has(b, '.line', /otter brown offcut/);
    const ivory = await b.driver.findElements(
      By.xpath('//strong[normalize-space(.)="Covering paste, ivory"]'),
    );
    // 718 g were weighed out and the oldest 430 g went first
    expect(ivory).toHaveLength(0);
    await has(b, '.line', /Covering paste, white[\s\S]*7\d\d g/);
  });
});

describe('how stiff', () => {
  it('sets the schools side by side with grams, spoons and times, and takes one', async () => {
    await paste('Blends');
    await (await row(b, 'Limb paste')).click();
    await has(b, 'table', /powder, little/);
    await has(b, 'table', /tsp/);
    await (await b.find('button[aria-label="Use with gum paste"]')).click();
    await has(b, '.line', /Covering paste, 30 % gum paste/);
    await has(b, '.yours', /yours/);
    await undo();
  });

  it('tells a dose that cracks with its remedy, and lets it be', async () => {
    await b.fill('Powder', '4');
    await has(b, '.warn', /rubbery and cracks. Knead in a little shortening/);
    await undo();
  });

  it('replaces the table by a ball that was weighed, and refuses what is not edible', async () => {
    await b.push('Measure your own');
    await b.fill('Weighs', '3500');
    for (const n of [1, 2, 3]) await b.fill(`Across ${n}`, '40');
    await has(b, '.measure .warn', /Nothing edible here weighs/);
    await b.fill('Weighs', '46');
    await has(b, '.measure [role=status]', /1\.37 g\/cm³/);
    await b.push('Use this');
    await has(b, '.facts', /1\.37 g\/cm³/);
    await b.push('Keep as a paste of your own');
    await has(b, '.said', /kept with the demonstration builds/);
    await stores();
    await choose(b, 'Your own pastes');
    await b.driver.wait(async () => (await b.driver.findElements(By.css('.paste'))).length === 2, PATIENCE);
  });

  it('weighs a chocolate batch from what is wanted or what there is', async () => {
    await paste('Blends', 'demo-savoy-cabbage');
    await (await row(b, 'White modelling')).click();
    await has(b, '.big', /white chocolate/);
    await choose(b, 'I have chocolate');
    await b.fill('Chocolate there is', '600');
    await has(b, '.big', /600 g[\s\S]*200 g/);
    await choose(b, 'From the stores');
    await has(b, '.big', /runs out first/);
    await has(b, '.steps', /until it just comes together/);
  });
});

describe('what joins and what is inside', () => {
  it('chooses a glue for the joint and its state, and says why not another', async () => {
    await paste('Glue and core');
    await has(b, '.glue', /water, a damp brush/);
    await choose(b, 'dry');
    await b.driver.wait(async () => {
      const names = await Promise.all(
        (await b.driver.findElements(By.css('.glue strong'))).map((e) => e.getText()),
      );
      return !names.includes('water, a damp brush');
    }, PATIENCE);
  });

  it('compares cores by grams and what they do to the bones, and takes one', async () => {
    await paste('Glue and core');
    await (await b.find('.bead:nth-of-type(5)')).click();
    await (await has(b, '.bead', 'Head'))!.click();
    await has(b, 'h3', 'Inside the head');
    await has(b, 'table', /cereal treat/);
    await (await b.find('button[aria-label="Use cereal treat"]')).click();
    await b.driver.wait(
      async () =>
        /cereal treat/.test(await (await b.driver.findElement(By.css('tr.on'))).getText().catch(() => '')),
      PATIENCE,
    );
    await undo();
  });
});

describe('colours', () => {
  it('tells drops with their range, keeps what it took, and takes a pot that is proposed', async () => {
    await paste('Colours');
    await has(b, 'h1', /Seven colours from six pots/);
    await (await row(b, 'scarf red')).click();
    await has(b, 'li.open', /drops? of poppy red first, \d+ to \d+ drops in all/);
    await b.fill('poppy red took, drops', '4');
    await b.push('mixed: keep as batch 4');
    await has(b, 'li.open', /as you mixed it before: 4 in /);
    expect(await violations(b)).toEqual([]);
    await undo();
    await b.push('Take out');
    await b.push('Take poppy red');
    await has(b, 'li.open', /not mixed yet/);
    await undo();
    await undo();
  });

  it('puts a finish into the plan, says what it takes and what cannot be undone, and takes it out again', async () => {
    await (await has(b, '.bead', 'Head'))!.click();
    await has(b, 'section p', /The face has to be skinned over/);
    await has(b, '.guard', /it does not come off/);
    await b.push('Put it in the plan');
    await has(b, '.planned', /Petal dust, shading: head/);
    await kept(b);
    const coats = async () =>
      (await b.driver.findElements(By.css('[data-piece="head"] .painted path'))).length;
    await b.driver.wait(async () => (await coats()) === 1, PATIENCE);
    await b.push('As painted');
    await b.driver.wait(async () => (await coats()) === 0, PATIENCE);
    await b.push('As painted');
    await (await b.find('button[aria-label="Take out Petal dust, shading: head"]')).click();
    await b.driver.wait(async () => !(await b.text('.planned')).includes('shading: head'), PATIENCE);
  });

  it('finds pots for a colour, shows what they give beside what is wanted, and takes them', async () => {
    await paste('Colours');
    await (await row(b, 'scarf red')).click();
    await b.push('Find pots for this colour');
    await has(b, '.swatches li', /drops of .* for 100 g\. Wanted, and what they give: /);
    expect((await b.driver.findElements(By.css('.swatches .pair'))).length).toBeGreaterThan(1);
    expect(await violations(b)).toEqual([]);
    await b.push('Take them');
    await has(b, 'li.open', /not mixed yet: an estimate/);
    await undo();
  });
});

describe('what cannot be undone', () => {
  it('stands on its own at the bench and is read before the step is done', async () => {
    await paste('Colours', 'demo-trial-acorn');
    await (await b.find('.bead')).click();
    await b.push('Put it in the plan');
    await has(b, '.planned', /Petal dust, shading: acorn/);
    await kept(b);
    await openBuild(b, served.url, 'bench', 'demo-trial-acorn');
    const done = By.css('footer .done:enabled');
    await b.driver.wait(async () => {
      if ((await b.driver.findElements(By.css('.guards'))).length > 0) return true;
      await b.driver.findElement(done).then((e) => e.click()).catch(() => undefined); // prettier-ignore
      await b.driver.sleep(300);
      return false;
    }, PATIENCE);
    await has(b, '.guards', /it does not come off/);
    await has(b, 'footer .done', /Ready for it/);
    expect(await violations(b)).toEqual([]);
    await (await b.find('footer .done')).click();
    await has(b, 'footer .done', /Done/);
    expect(await b.driver.findElements(By.css('.guards'))).toEqual([]);
    await has(b, '.notes', /it does not come off/);
  });
});

describe('the book of what was mixed', () => {
  it('keeps a batch under the next number, and colours another as it was', async () => {
    await paste('Colours');
    await (await row(b, 'scarf red')).click();
    await has(b, '.matches', /Batch 2 · scarf red[\s\S]*11 drops of poppy red in 60 g/);
    await b.push('As batch 2');
    await has(b, 'li.open', /as you mixed it before: 11 in 60 g/);
    await b.push('mixed: keep as batch');
    await has(b, '.matches', /Batch \d+ · scarf red/);
    await kept(b);
    await stores();
    await choose(b, 'Mixed before');
    await has(b, '.opening li', /scarf red/);
    await (await row(b, '2 · scarf red')).click();
    await (await b.find('.booked .grow input')).sendKeys(' and a shade too bright', Key.ENTER);
    await b.driver.navigate().refresh();
    await choose(b, 'Mixed before');
    await (await row(b, '2 · scarf red')).click();
    const note = async () => (await b.find('.booked .grow input')).getAttribute('value');
    await b.driver.wait(async () => (await note())?.includes('too bright') ?? false, PATIENCE);
    expect(await violations(b)).toEqual([]);
  });

  it('takes the shout out of a colour with a pot from across the wheel', async () => {
    await paste('Colours');
    await (await row(b, 'scarf red')).click();
    await b.push('Take the shout out of it');
    await has(b, '.swatches', /across the wheel[\s\S]*drops for 100 g take a fifth of its strength/);
    await b.push('Put it in');
    await has(b, 'li.open', /Pot/);
    await undo();
  });

  it('picks a colour from a picture by a card in its light', async () => {
    await paste('Colours');
    await (await row(b, 'scarf red')).click();
    await b.push('Pick it from a picture');
    const chooser = await b.find('input[aria-label="Picture to pick from"]');
    await chooser.sendKeys(join(import.meta.dirname, '../../demo/water-jug.png'));
    await has(b, '.ant-modal', /Tap the middle of the grey card/);
    await (await b.find('.ant-modal canvas')).sendKeys(Key.ARROW_LEFT, Key.ENTER);
    await has(b, '.ant-modal', /Tap the colour|does not look like|so bright/);
    expect(await violations(b)).toEqual([]);
    await b.press(Key.ESCAPE);
  });
});

describe('cake and portions', () => {
  it('tells whether the cake may be carved, and what to bake', async () => {
    await paste('Cake', 'demo-savoy-cabbage');
    await has(b, '.gate', /Carve it/);
    await b.fill('Hours chilled', '1');
    await has(b, '.gate', /Do not carve it yet[\s\S]*Leave it \d+ h in the fridge/);
    await undo();
    await b.push('Add a tier');
    await has(b, '.tier', /Roll a disc/);
    await undo();
  });

  it('notes weighings, shows them against their limits and tells a drift', async () => {
    await paste('Portions', 'demo-sixty-acorn-sweets');
    await has(b, '.warning', /Drifting heavy/);
    await b.driver.wait(
      async () => (await b.driver.findElements(By.css('.js-plotly-plot svg'))).length > 0,
      PATIENCE,
    );
    const field = await b.find('.next input');
    await field.sendKeys('heavy', Key.ENTER);
    await has(b, '[role=alert]', /is not understood/);
    await field.sendKeys(Key.chord(Key.CONTROL, 'a'), '12,1', Key.ENTER);
    await has(b, '.panel p', /21 weighed/);
    await b.push('Take the last back');
    await has(b, '.panel p', /20 weighed/);
    await b.fill('Weighs', '15');
    await b.push('Make one weigh 15 g');
    await has(b, '.sums', /15 g/);
  });
});

describe('what to buy and what is on the shelf', () => {
  it('lists what is short in packs, and saves both lists as tables', async () => {
    await paste('Buy');
    await has(b, 'table', /Gum paste[\s\S]*1 × \d+ g/);
    await b.push('Shopping list, CSV');
    const shopping = Papa.parse<Record<string, string>>(
      readFileSync(await saved(b, '-shopping.csv'), 'utf8'),
      {
        header: true,
        skipEmptyLines: true,
      },
    );
    expect(shopping.errors).toEqual([]);
    expect(shopping.data.find((r) => r.what === 'Gum paste')!.packs).toMatch(/^1 × (250|500) g$/);
    await b.push('Paste list, CSV');
    expect(readFileSync(await saved(b, '-paste.csv'), 'utf8')).toMatch(/^batch,colour,blend/);
  });

  it('has a sheet to print', async () => {
    await b.driver.get(`${served.url}/build/demo-ferryman-otter/sheet/paste`);
    await has(b, '.sheet', /To mix[\s\S]*To buy/);
    const pdf = (await b.driver.sendAndGetDevToolsCommand('Page.printToPDF', {
      preferCSSPageSize: true,
    })) as unknown as {
      data: string;
    };
    expect(Buffer.from(pdf.data, 'base64').subarray(0, 5).toString()).toBe('%PDF-');
  });

  it('keeps an entry, refuses less than nothing, and brings the entry back over a reload', async () => {
    await stores();
    await b.push('New entry');
    const field = (label: string) =>
      b.driver.findElement(By.xpath(`//form[contains(@class,"item")]//label[span[.="${label}"]]//input`));
    await (await field('Name')).sendKeys('Rose paste');
    await (await field('How much')).sendKeys('-5');
    await b.push('Put it on the shelf');
    await has(b, '.wrong', /less than nothing/);
    await (await field('How much')).sendKeys(Key.chord(Key.CONTROL, 'a'), '1 lb');
    await b.push('Put it on the shelf');
    await has(b, '.line', /Rose paste[\s\S]*454 g/);
    await b.driver.navigate().refresh();
    await has(b, '.line', /Rose paste/);
    await (await row(b, 'Rose paste')).click();
    await b.push('Used up, take it out');
    await b.driver.wait(
      async () => (await b.driver.findElements(By.xpath('//strong[.="Rose paste"]'))).length === 0,
      PATIENCE,
    );
  });

  it('saves the stores, refuses a wrong file with a sentence and changes nothing', async () => {
    await b.push('Save to a file');
    const file = await saved(b, '.spindle-stores.json');
    const data = JSON.parse(readFileSync(file, 'utf8')) as { items: { amount: number }[] };
    expect(storesFrom(data).ok).toBe(true);
    const before = data.items.length;
    data.items[0]!.amount = -3;
    const wrong = join(b.downloads, 'wrong.json');
    writeFileSync(wrong, JSON.stringify(data));
    const input = await b.find('input[type=file]');
    await input.sendKeys(wrong);
    await has(b, '.problem', /wrong.json was not opened.*at least 0.*Nothing was changed/);
    await has(b, '.find', new RegExp(`${before} entries`));
    await input.sendKeys(file);
    await b.push('Put them in place');
    await has(b, '.find', new RegExp(`${before} entries`));
  });
});

describe('for everybody', () => {
  it('has nothing violations to complain of in any of its views', async () => {
    for (const view of ['Mix', 'Blends', 'Glue and core', 'Cake', 'Portions', 'Buy']) {
      await paste(view, 'demo-savoy-cabbage');
      await b.driver.sleep(300);
      expect(await violations(b), view).toEqual([]);
    }
    await stores();
    expect(await violations(b), 'stores').toEqual([]);
    expect(await b.complaints()).toEqual([]);
  });
});
