import { readFileSync } from 'node:fs';
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
  saved,
  violations,
  until,
} from './driver.ts';
import { b, served } from './opened.ts';

const undo = async () => {
  await b.press(Key.chord(Key.CONTROL, 'z'));
  await kept(b);
};
const open = async () => {
  await openBuild(b, served.url, 'days');
  await b.find('.session');
};

/** The demonstration builds are due on the Saturday after next; two days before that. */
function thursday(): string {
  const day = new Date();
  day.setDate(day.getDate() + ((6 - day.getDay() + 7) % 7) + 5);
  return day
    .toLocaleDateString('en-GB', { day: 'numeric', month: 'short', year: 'numeric' })
    .replace('Sept', 'Sep');
}

describe('steps of a plan', () => {
  it('take the minutes this person needs and a step of their own, which comes before what covers its piece', async () => {
    await open();
    await (await b.driver.findElement(By.xpath('//ol//button[contains(., "Shape the body")]'))).click();
    await b.fill('Takes', '45 min');
    await has(b, '.session', /Shape the body[\s\S]{0,20}45 min/);
    // a better plan draws the steps again, the field being typed in with them
    await b.driver.wait(async () => !(await b.text('body')).includes('Looking for a better plan'), PATIENCE);
    await (
      await b.driver.findElement(By.xpath('//label[span[.="Then, a step of your own"]]//input'))
    ).sendKeys('Paint the shirt front');
    await b.push('Add');
    await has(b, '.session', /Paint the shirt front/);
    expect(await violations(b)).toEqual([]);
    await undo();
    await undo();
  });
  it('are left out and taken in again', async () => {
    await open();
    await (await b.driver.findElement(By.xpath('//ol//button[contains(., "Shape the nose")]'))).click();
    await b.push('Leave it out');
    await has(b, 'p', /Left out:[\s\S]*shape the nose/);
    await b.push('take it in again');
    await kept(b);
    await has(b, '.session', /Shape the nose/);
  });
  it('tells the odds of starting on another day', async () => {
    await open();
    await (await b.find('.odds summary')).click();
    await has(b, '.odds tr', /\d+ in \d+/);
  });
});

describe('a step opened', () => {
  it('is cut into parts and made whole again', async () => {
    await open();
    await (await b.driver.findElement(By.xpath('//ol//button[contains(., "Shape the tail")]'))).click();
    await has(b, '.card', /It may run|There is no room after it/);
    await b.fill('In parts', '2');
    await has(b, '.session', /Shape the tail, part 2 of 2/);
    await undo();
  });
});

describe('the joins of a plan', () => {
  it('are drawn sitting by sitting, tell what each face asks, and are joined another way where somebody says so', async () => {
    await openBuild(b, served.url, 'days', 'demo-one-legged-heron');
    await b.find('.session');
    await choose(b, 'Joins');
    // a better plan draws the lines again
    await b.driver.wait(async () => !(await b.text('body')).includes('Looking for a better plan'), PATIENCE);
    await has(b, '.headline', /15\s*joins, in \d sittings[\s\S]*0\s*outside their windows/);
    expect((await b.driver.findElements(By.css('.chart .tie'))).length).toBe(15);
    expect(await b.driver.findElements(By.css('.chart .tie.late'))).toEqual([]);
    const tail = By.xpath('(//button[contains(@class,"name")][normalize-space(.)="Tail"])[1]');
    const press = async () => (await b.driver.findElement(tail)).click();
    // a line that is drawn again between looking and pressing is looked for again
    await b.driver.wait(() => press().then(() => true, () => false), PATIENCE); // prettier-ignore
    await has(b, '.card', /Tail on the body, pressed on soft: \w{3} \d/);
    await has(b, '.face', /Tail still gives for \d+ to \d+ min/);
    await chooseFrom(b, 'Joined', 'glued firm');
    await has(b, '.face', /Tail can be held after/);
    expect(await violations(b)).toEqual([]);
    await chooseFrom(b, 'Joined', /as proposed: pressed on soft/);
    await has(b, '.face', /Tail still gives for/);
    expect(await b.complaints()).toEqual([]);
  });
});

describe('the joins view', () => {
  const pick = async (name: string) =>
    (
      await b.driver.findElement(
        By.xpath(`(//button[contains(@class,"name")][normalize-space(.)="${name}"])[1]`),
      )
    ).click();
  const joins = async () => {
    await openBuild(b, served.url, 'days', 'demo-ferryman-otter');
    await b.find('.session');
    await choose(b, 'Joins');
    await b.driver.wait(async () => !(await b.text('body')).includes('Looking for a better plan'), PATIENCE);
  };
  /** A tie moved on by its key; a plan that comes meanwhile draws it anew. */
  const nudge = (words: string) =>
    b.driver.wait(
      () =>
        b.driver
          .findElement(By.css(`.tie[title^="${words}"]`))
          .sendKeys(Key.ARROW_RIGHT)
          .then(
            () => true,
            () => false,
          ),
      PATIENCE,
    );

  it('goes through the plan on the stage step by step', async () => {
    await joins();
    const pale = async () => (await b.driver.findElements(By.css('.body.pale'))).length;
    expect(await pale()).toBe(0);
    await b.push('Rehearse');
    await has(b, '.rehearse .words', /Mix|Shape/);
    await b.push('Pause');
    // what is made and not in its place yet is pale
    for (let k = 0; k < 12 && (await pale()) === 0; k++) {
      await (await b.find('button[aria-label="One step on"]')).click();
    }
    expect(await pale()).toBeGreaterThan(0);
    await b.push('Leave');
    expect(await pale()).toBe(0);
  });

  it('tells until when each side is within reach of a brush, lit on the stage', async () => {
    await joins();
    await pick('Body');
    await b.push('▸ Where it is still within reach');
    await has(b, '.reach', /Its front[\s\S]*to the end|before the/);
    expect((await b.driver.findElements(By.css('.reach circle.kept'))).length).toBeGreaterThan(10);
    expect(await violations(b)).toEqual([]);
  });

  it('offers other ways to join it, and ways of working, each with what it does to the plan', async () => {
    await joins();
    await pick('Nose');
    await has(b, '.mend', /Let it firm and glue it:\s*in time/);
    await b.push('Work another way…');
    await has(b, '.school', /Let firm and glued on[\s\S]*in time/);
    await (await b.find('button[aria-label="Ears, eyes and other details: let firm and glued on"]')).click();
    await has(b, '.school li.now', /Let firm and glued on/);
    await undo();
    expect(await b.complaints()).toEqual([]);
  });

  it('pins a join where its tie is let go, and refuses where a face no longer gives', async () => {
    await joins();
    await nudge('Press the nose');
    await has(b, 'body', /It stays where it was: \d+ min too late: it no longer gives/);
    await nudge('Slide the head');
    await b.driver.wait(
      async () =>
        (await b.driver.executeScript(
          'return [...document.querySelectorAll("button")].some((x) => /Undo/.test(x.getAttribute("aria-label") ?? "") && !x.disabled)',
        )) === true,
      PATIENCE,
    );
    await undo();
  });
});

describe('who helps', () => {
  it('has sessions of their own, on the screen and on the wall', async () => {
    await openBuild(b, served.url, 'days', 'demo-savoy-cabbage');
    await has(b, '.session .who', 'Apprentice');
    expect(await violations(b)).toEqual([]);
    await b.driver.get(`${served.url}/build/demo-savoy-cabbage/sheet/days`);
    await has(b, '.sheet', /\d, Apprentice/);
  });
  it('is asked in the room drawer, with hours', async () => {
    await open();
    await (await b.find('.chip')).click();
    const name = await b.driver.wait(
      until.elementLocated(By.xpath('//label[span[.="Somebody to help"]]//input')),
      PATIENCE,
    );
    await b.driver.executeScript('arguments[0].scrollIntoView({ block: "center" })', name);
    await b.driver.wait(until.elementIsVisible(name), PATIENCE);
    await name.sendKeys('Neighbour', Key.ENTER);
    await has(b, '.helper', /Takes, of your time/);
    await b.find('input[aria-label="Neighbour, Saturday, from"]');
    await b.push('Remove Neighbour');
    await kept(b);
    await b.press(Key.ESCAPE);
    await undo();
    await undo();
  });
});

describe('a contradiction', () => {
  it('is told link by link, and a way out that was tried makes a plan', async () => {
    await openVariation(b, served.url, 'days', ['demo-one-legged-heron', 'Gilded wet']);
    await has(b, '.first', /cannot be done: .* longer than it stays open/);
    await has(b, '.chain', /textured before its skin cracks/);
    await b.push('come after “Mark the feathers');
    await b.find('.session');
    await has(b, '.session', /Brush gold into the wet feathers/);
    await undo();
    await has(b, 'h3', /The last plan that could be done/);
  });
});

it('what may be made ahead, and what is done many times over', async () => {
  await openBuild(b, served.url, 'days', 'demo-sixty-acorn-sweets');
  await b.find('.session');
  await choose(b, 'Make ahead');
  await has(b, 'table', /Acorn[\s\S]*dry, in a box/);
  await has(b, 'table', /Shape the acorn, 60 times[\s\S]*pays/);
  expect(await violations(b)).toEqual([]);
});

describe('out of the app', () => {
  it('a calendar file, a table and a sheet for the wall', async () => {
    await open();
    await b.push('Calendar file');
    const ics = readFileSync(await saved(b, '.ics'), 'utf8');
    expect(ics).toMatch(/^BEGIN:VCALENDAR\r\n/);
    expect(ics).toMatch(/SUMMARY:Ferryman otter is due/);
    await b.push('Save as a table');
    expect(readFileSync(await saved(b, '.csv'), 'utf8')).toMatch(/^session,day,from/);
    await b.driver.get(`${served.url}/build/demo-ferryman-otter/sheet/days`);
    await has(b, '.sheet', /Start by[\s\S]*Shape the body/);
  });
});

describe('when it went otherwise', () => {
  it('what was begun is kept near, planned from now, and may be planned freely again', async () => {
    await openBuild(b, served.url, 'bench');
    await has(b, '.bench .where', /Step 1 of/);
    await b.press(Key.ENTER);
    await kept(b);
    await open();
    await has(b, 'h1', /Go on by/);
    await has(b, '.taken', /plan you took/);
    await b.push('Plan freely again');
    await b.find('.session');
    await undo();
    await undo();
  });
  it('a pin that cannot be is told, and undone', async () => {
    await open();
    await (await b.driver.findElement(By.xpath('//ol//button[contains(., "Shape the body")]'))).click();
    const field = await b.driver.findElement(By.xpath('//label[span[.="Pin it to"]]//input'));
    // the opened step may reach under the clock
    await b.driver.executeScript('arguments[0].scrollIntoView({ block: "center" })', field);
    await field.click();
    await field.sendKeys(Key.chord(Key.CONTROL, 'a'), `${thursday()} 03:00`, Key.ENTER);
    await has(b, '.first', /“Shape the body” is pinned to Thu .*03:00/);
    await undo();
    await b.find('.session');
  });
});

it('a look at a damp room tells another start, and changes nothing', async () => {
  // nothing before has touched this one
  await openVariation(b, served.url, 'days', ['demo-one-legged-heron', 'On a threaded rod']);
  await b.fill('Try a damper room', '64 %');
  await b.push('Show what it does');
  await has(b, '.damp', /start by \w{3} \d+ \w{3}, \d\d:\d\d/);
  await has(b, '.chip', /50 % room/);
});
