import { describe, expect, it } from 'vitest';
import { PATIENCE, By, choose, has, kept, Key, openBuild, violations, until } from './driver.ts';
import { b, served } from './opened.ts';

const firming = async (piece: string, id?: string) => {
  await openBuild(b, served.url, 'days', id);
  await choose(b, 'Firming');
  await (await has(b, '.bead', piece))!.click();
};
const undo = async () => {
  await b.press(Key.chord(Key.CONTROL, 'z'));
  await kept(b);
};

describe('how a piece firms', () => {
  it('is drawn and told for what is asked of it, and opens to its sum', async () => {
    await firming('Body');
    await has(b, '.asked', /firm enough to pick up[\s\S]*min/);
    await has(b, '.asked', /bends without cracking until/);
    await b.find('.plot .main-svg');
    await (await b.find('.asked tbody tr:nth-child(4) button')).click();
    await has(b, 'body', /drying worked out layer by layer/);
    await b.press(Key.ESCAPE);
    expect(await violations(b)).toEqual([]);
  });

  it('asks what if at once and changes nothing until it is said so', async () => {
    await firming('Body');
    const humidity = await b.find('[role="slider"][aria-label="Humidity"]');
    await humidity.click();
    for (let k = 0; k < 12; k++) await humidity.sendKeys(Key.ARROW_RIGHT);
    await has(b, '.asked th', 'if so');
    await has(b, '.what .is', '62 %');
    await has(b, '.chips, .rail, header', /50 % room/);
    await b.push('Make the room so');
    await has(b, '.chips, .rail, header', /62 % room/);
    await undo();
    await has(b, '.chips, .rail, header', /50 % room/);
  });

  it('says what buys the most time, and lies first where it is put', async () => {
    await firming('Body');
    await has(b, '.levers', /sooner/);
    await b.push('for two hours');
    await has(b, '.rests', /in a drying box/);
    await kept(b);
    await undo();
    expect(await b.driver.findElements(By.css('.rests'))).toHaveLength(0);
  });

  it('says sticky and no time where the room is too damp', async () => {
    await firming('Body');
    await (await b.find('button[aria-label*="oom"], .chip')).click();
    await b.fill('Humidity', '140');
    await has(b, 'body', /still counts/);
    await b.fill('Humidity', '88');
    await b.press(Key.ESCAPE);
    await has(b, '.trouble', /sticky/);
    await has(b, '.asked', /never in this room/);
    await undo();
  });
});

describe('the log', () => {
  it('learns from a look, shows what that changes, and forgets it again', async () => {
    await firming('Body');
    await b.fill('After shaping', '4 h');
    await b.push('Just firm now');
    await kept(b);
    await b.driver.get(`${served.url}/build/demo-ferryman-otter/log`);
    await has(b, '.looks', /Body[\s\S]*after shaping/);
    await has(b, 'h1', /slower in this kitchen/);
    await has(b, 'table', /as learned[\s\S]*Head/);
    expect(await violations(b)).toEqual([]);
    // another build learns from it when asked
    await b.driver.get(`${served.url}/build/demo-one-legged-heron/log`);
    await b.push('Learn from the look of other builds');
    await has(b, '.looks', /Ferryman otter/);
    await kept(b);
    await b.driver.get(`${served.url}/build/demo-ferryman-otter/log`);
    await (await b.find('button[aria-label="Forget the look at Body"]')).click();
    await has(b, 'p', /Nothing seen yet/);
    await kept(b);
  });

  it('a new build starts from what the others saw', async () => {
    await b.driver.get(served.url);
    await b.push('New build');
    await b.push('with an empty board');
    // what the others taught is worked out before the new build opens
    await b.driver.wait(until.urlMatches(/\/build\/.+\/shape/), PATIENCE);
    const url = await b.driver.getCurrentUrl();
    await b.driver.get(url.replace(/\/shape.*/, '/log'));
    await has(b, '.looks', /Ferryman otter/);
  });
});
