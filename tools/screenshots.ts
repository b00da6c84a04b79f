// npm run screenshots: one current picture of each main view, from the demonstration builds, into docs/screenshots.
import { mkdirSync, writeFileSync } from 'node:fs';
import { join } from 'node:path';
import { LENSES } from '../web/lenses/lenses.ts';
import { By, choose, Key, openBrowser, openVariation, serve } from '../tests/browser/driver.ts';

const out = process.argv[2] ?? join(import.meta.dirname, '../docs/screenshots');
const only = process.argv[3];
mkdirSync(out, { recursive: true });
const served = await serve();
const b = await openBrowser();
const settle = (ms = 900) => b.driver.sleep(ms);
const shot = async (name: string) => {
  if (only && !name.includes(only)) return;
  writeFileSync(join(out, `${name}.png`), Buffer.from(await b.driver.takeScreenshot(), 'base64'));
  console.log(name);
};
/** What is said on the start page: a Saturday that is always ahead. */
const saturday = new Date(Date.now() + (((13 - new Date().getDay()) % 7) + 7) * 86_400_000);
const SAID = {
  start: 'sitting',
  varied: {},
  size: 180,
  due: `${saturday.toISOString().slice(0, 10)}T15:00`,
  eaters: { who: 'children', avoid: ['nuts'], fate: 'eaten' },
  room: { temperature: 19, humidity: 65, air: 0.1 },
};
const select = async (name: string) =>
  (
    await b.driver.findElement(
      By.xpath(`//button[contains(@class,"line")][contains(normalize-space(.), "${name}")]`),
    )
  ).click();

await b.driver.get(served.url);
await b.find('.shelf li:nth-child(13)');
// as it looks to whoever has been here before
await b.driver.executeAsyncScript(
  `const [lenses, done] = arguments; const asked = indexedDB.open('elm-spindle');
   asked.onsuccess = () => { const t = asked.result.transaction('settings', 'readwrite');
     for (const lens of lenses) t.objectStore('settings').put({ key: 'hint:' + lens, value: 9 });
     t.oncomplete = () => { asked.result.close(); done(); }; };`,
  LENSES.map((l) => l.name),
);
// until how each stands is known
await settle(20_000);
await shot('shelf');
await b.driver.get(`${served.url}/start`);
await b.driver.executeScript('sessionStorage.setItem("said", arguments[0])', JSON.stringify(SAID));
await b.driver.navigate().refresh();
await b.find('.sentence');
await settle(5000);
await shot('start');
await b.driver.get(`${served.url}/build/demo-ferryman-otter/shape`);
await b.find('.stage');
await settle();
await select('Head');
await settle();
await shot('shape-piece');
await choose(b, 'Front');
await b.driver.get(`${served.url}/build/demo-ferryman-otter/bones`);
await b.find('.panel .rods > li');
await settle();
await select('Lantern arm');
await b.find('li.open .button.main');
await settle();
await shot('bones');
await choose(b, 'Who carries whom');
await settle();
await shot('carried');
await b.driver.get(`${served.url}/build/demo-ferryman-otter/paste`);
await b.find('.batches');
await settle();
await select('Figure paste 70:30');
// until the days are planned
await settle(6000);
await shot('paste');
await choose(b, 'Colours');
await settle();
await shot('colours');
await b.driver.get(`${served.url}/stores?of=demo`);
await b.find('.line');
await settle();
await shot('stores');
await b.driver.get(`${served.url}/build/demo-sixty-acorn-sweets/paste`);
await choose(b, 'Portions');
await settle(2500);
await shot('portions');
await b.driver.get(`${served.url}/build/demo-savoy-cabbage/paste`);
await choose(b, 'Cake');
// until the days are planned
await settle(6000);
await shot('cake');
await b.driver.get(`${served.url}/build/demo-savoy-cabbage/cut`);
await b.find('.pages img');
await choose(b, 'Carving');
await settle(2500);
await shot('cut');
await b.driver.get(`${served.url}/build/demo-ferryman-otter/days`);
await b.find('.session');
await settle(3500);
const strip = await b.find('.strip');
const box = await strip.getRect();
await b.driver
  .actions()
  .move({ origin: strip, x: Math.round(box.width * 0.2), y: 0 })
  .click()
  .perform();
await settle();
await shot('days');
await choose(b, 'Firming');
await (await b.driver.findElement(By.xpath('//*[contains(@class,"bead")][contains(., "Body")]'))).click();
await settle(2500);
await shot('firming');
for (const [after, said] of [
  ['2 h', 'Just firm now'],
  ['50 min', 'Not yet'],
] as const) {
  await b.fill('After shaping', after);
  await b.push(said);
  await settle();
}
await b.driver.get(`${served.url}/build/demo-ferryman-otter/log`);
await b.find('.looks');
await settle(2500);
await shot('log');
await b.driver.get(`${served.url}/build/demo-ferryman-otter/handover`);
await b.driver.wait(async () => (await b.text('h1')).includes('won’t hold'), 60_000);
await settle(6000);
await shot('handover');
await b.driver.get(`${served.url}/build/demo-ferryman-otter/bench`);
await b.find('.bench .where');
for (let i = 0; i < 14; i++) await b.press(Key.ENTER);
// until the rest is planned anew
await settle(5000);
await shot('bench');
await openVariation(b, served.url, 'days', ['demo-one-legged-heron', 'Gilded wet']);
await b.find('.way');
await settle();
await shot('ways-out');
await openVariation(b, served.url, 'days', ['demo-one-legged-heron', 'On a threaded rod']);
await b.find('.session');
await settle(3500);
await choose(b, 'Joins');
await settle();
await (
  await b.driver.findElement(
    By.xpath('//*[contains(@class,"chart")]//button[contains(@class,"name")][normalize-space(.)="Reed"]'),
  )
).click();
await settle();
await shot('joins');
await b.driver.get(`${served.url}/build/demo-one-legged-heron/shape`);
await choose(b, 'Turn');
await settle(2500);
await shot('turn');
const wrong = await b.complaints();
if (wrong.length) console.log('console:', wrong);
await b.close();
await served.close();
