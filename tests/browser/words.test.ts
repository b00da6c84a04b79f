import { describe, expect, it } from 'vitest';
import { By, choose, has, openBuild, PATIENCE, violations } from './driver.ts';
import { b, served } from './opened.ts';

const LENSES = ['shape', 'bones', 'paste', 'cut', 'days', 'bench', 'handover', 'log'];
const opened = (): Promise<boolean> =>
  b.driver.executeScript<boolean>(
    `return performance.getEntriesByType('resource').some((e) => /\\/de-|voice-/.test(e.name))`,
  );
async function customs(): Promise<void> {
  await b.driver.get(served.url);
  await b.find('.shelf li');
  const button = '//button[contains(., "Units, clock") or contains(., "Einheiten, Uhr")]';
  await (await b.driver.findElement(By.xpath(button))).click();
  await b.find('.customs');
}
const page = (): Promise<string> => b.driver.executeScript<string>('return document.body.innerText');
/** Behind a dialog, too. */
const says = (words: string) =>
  b.driver.wait(async () => (await page()).includes(words), PATIENCE, `Nothing says ${words}`);

describe('units, clock and language', () => {
  it('who has the customs it is written in loads no other words', async () => {
    await openBuild(b, served.url, 'shape');
    expect(await opened()).toBe(false);
  });

  it('degrees, inches and the clock of twelve hours are told everywhere and typed everywhere', async () => {
    await customs();
    for (const custom of ['Fahrenheit', 'am and pm', 'Sunday', 'inches', 'ounces']) await choose(b, custom);
    expect(await violations(b)).toEqual([]);
    for (const lens of LENSES) {
      await openBuild(b, served.url, lens);
      await b.driver.wait(async () => /\d [ap]m/.test(await b.text('.chip.due')), PATIENCE);
      expect(await page(), lens).not.toMatch(/\d °C|\d mm\b(?!²)|\d g\b(?!\/)|\b(?:1[3-9]|2[0-3]):\d\d/);
    }
    await (await b.find('.chip.room')).click();
    const field = await b.find('.ant-drawer label.quantity input');
    expect(await field.getAttribute('value')).toBe('70 °F');
    await b.fill('Temperature', '77');
    await has(b, '.chip.room', /^77 °F/);
    const days = await b.driver.executeScript<string[]>(
      `return [...document.querySelectorAll('.day > .name')].map((d) => d.textContent.trim())`,
    );
    expect([days[0], days[6]]).toEqual(['Sun', 'Sat']);
  });

  it('German is said from the shelf to the card, over a reload, and English again when it is asked for', async () => {
    await customs();
    await choose(b, 'Celsius');
    await choose(b, '24 hours');
    await choose(b, 'millimetres');
    await choose(b, 'grams');
    await choose(b, 'Deutsch');
    await says('Handbuch');
    const seen: string[] = [];
    for (const lens of LENSES) {
      await openBuild(b, served.url, lens);
      await says('Übergabe');
      seen.push(await page());
    }
    // a decimal comma, German days, nothing of how messages are written
    expect(seen.join('\n')).toMatch(/\d,\d g/);
    expect(seen.join('\n')).toMatch(/(Mo|Di|Mi|Do|Fr|Sa|So) \d/);
    expect(seen.join('\n')).not.toMatch(/\{\d\}|\$m|\[object/);
    expect(await b.driver.executeScript('return document.documentElement.lang')).toBe('de');
    await b.press('\uE009k');
    const field = await b.find('input[aria-label="Alles suchen"]');
    await field.sendKeys('Übergabe');
    await has(b, '.ant-modal li button', /^Übergabe/);
    await customs();
    expect(await violations(b)).toEqual([]);
    await choose(b, 'English');
    await choose(b, 'Monday');
    await says('Handbook');
    expect(await b.complaints()).toEqual([]);
  });
});
