import { readFileSync } from 'node:fs';
import { describe, expect, it } from 'vitest';
import { By, has, kept, Key, openBuild, saved, serious } from './driver.ts';
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
    await (
      await b.driver.findElement(By.xpath('//label[span[.="Then, a step of your own"]]//input'))
    ).sendKeys('Paint the shirt front');
    await b.push('Add');
    await has(b, '.session', /Paint the shirt front/);
    expect(await serious(b)).toEqual([]);
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
    await has(b, '.odds', /in 100/);
  });
});

describe('out of the app', () => {
  it('a calendar file, a table and a sheet for the wall', async () => {
    await open();
    await b.push('Calendar file');
    const ics = readFileSync(await saved(b, '.ics'), 'utf8');
    expect(ics).toMatch(/^BEGIN:VCALENDAR\r\n/);
    expect(ics).toMatch(/SUMMARY:Ferryman otter is due/);
    await b.push('Table');
    expect(readFileSync(await saved(b, '.csv'), 'utf8')).toMatch(/^session,day,from/);
    await b.driver.get(`${served.url}/build/demo-ferryman-otter/sheet/days`);
    await has(b, '.sheet', /Start by[\s\S]*Shape the body/);
  });
});

describe('when it went otherwise', () => {
  it('plans the rest anew from now, and again as it was at first', async () => {
    await openBuild(b, served.url, 'bench');
    await b.find('.bench .figures');
    await b.press(Key.ENTER);
    await kept(b);
    await b.push('Plan the rest from now');
    await kept(b);
    await open();
    await has(b, 'p', /Planned anew from/);
    await b.push('The plan as it was at first');
    await has(b, 'p', /What is ticked off stays/);
    await undo();
    await undo();
    await undo();
  });
  it('a pin that cannot be is told, and undone', async () => {
    await open();
    await (await b.driver.findElement(By.xpath('//ol//button[contains(., "Shape the body")]'))).click();
    const field = await b.driver.findElement(By.xpath('//label[span[.="Pin it to"]]//input'));
    await field.click();
    await field.sendKeys(Key.chord(Key.CONTROL, 'a'), `${thursday()} 03:00`, Key.ENTER);
    await has(b, '.trouble', /“Shape the body” is pinned to Thu 03:00/);
    await undo();
    await b.find('.session');
  });
});

it('a look at a damp room tells another start, and changes nothing', async () => {
  await open();
  await b.fill('If the room goes to', '64 %');
  await b.push('What then?');
  await has(b, '.damp', /start by|no plan/);
  await has(b, '.chip', /50 % room/);
});
