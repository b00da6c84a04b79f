import { readFileSync } from 'node:fs';
import { PDFDocument } from 'pdf-lib';
import { unzipSync } from 'fflate';
import { describe, expect, it } from 'vitest';
import { PATIENCE, By, choose, chooseFrom, has, openBuild, saved, violations } from './driver.ts';
import { b, served } from './opened.ts';

const pages = async () => (await b.driver.findElements(By.css('.pages img'))).length;
const pagesAre = (wanted: (n: number) => boolean) =>
  b.driver.wait(async () => wanted(await pages()), PATIENCE);

describe('paper at true size', () => {
  it('is found for what is cut and carved, and saved as the very pages that are seen', async () => {
    await openBuild(b, served.url, 'shape', 'demo-savoy-cabbage');
    await b.find('.stage .body');
    // the key of the lens
    await b.press('4');
    await has(b, 'h1', /templates on .* pages of A4, at true size/);
    await has(b, '.list li', /Heart, front.*carve to here, \d+ mm in/s);
    await pagesAre((n) => n > 3);
    const seen = await pages();
    await b.push('Save as PDF');
    const pdf = await PDFDocument.load(readFileSync(await saved(b, '-templates.pdf')));
    expect(pdf.getPageCount()).toBe(seen);
    // A4 in points, ISO 216 and 72 to the inch
    expect(pdf.getPage(0).getWidth()).toBeCloseTo((210 * 72) / 25.4, 3);
    await b.push('Save as SVG');
    const files = unzipSync(readFileSync(await saved(b, '-templates.zip')));
    expect(Object.keys(files)).toHaveLength(seen);
    expect(new TextDecoder().decode(files['page-1.svg'])).toMatch(/width="210mm"/);
    expect(await violations(b)).toEqual([]);
  });

  it('takes less on larger paper, leaves out what is not wanted, and is true to a printer that is not', async () => {
    const before = await pages();
    await chooseFrom(b, 'Paper', 'A3');
    await pagesAre((n) => n > 0 && n < before);
    const larger = await pages();
    await (await b.find('.list input[type="checkbox"]')).click();
    await pagesAre((n) => n <= larger);
    await b.fill('The bar measures', '60 mm');
    await has(b, '.trouble', /measured between 80 and 120 mm/);
    await b.fill('The bar measures', '97 mm');
    await pagesAre((n) => n > 0);
    // kept for the next time
    await openBuild(b, served.url, 'cut', 'demo-ferryman-otter');
    await has(b, 'h1', /of A3, at true size/);
    await b.fill('The bar measures', '100 mm');
  });

  it('says whether a strip meets, and gives any piece the line that is asked for, until it is taken back', async () => {
    await has(b, '.first .more', /short of meeting round the body/);
    await (await b.find('[data-bead="head"]')).click();
    await chooseFrom(b, 'Paper for the head', 'inlay');
    await has(b, '.list li', /Head, front.*window as drawn/s);
    await (await b.find('button[aria-label="Undo"]')).click();
    await b.driver.wait(async () => !(await b.text('.list')).includes('Head, front'), PATIENCE);
    await choose(b, 'Side');
  });
});

describe('covers, layers and counts', () => {
  it('a cover is painted on the figure, and a round that is too small is told', async () => {
    await openBuild(b, served.url, 'cut', 'demo-donkey-with-panniers');
    await choose(b, 'Covers');
    await has(b, 'h1', /Two covers, the largest from a sheet of 21/);
    await b.find('.stage .marked .gathers');
    await (await b.find('.rolled button')).click();
    await b.fill('With a round of', '150 mm');
    await has(b, '.rolled [role=status]', /too small/);
    await chooseFrom(b, 'Covered with', 'draped');
    await has(b, '.rolled li', /draped, trimmed at the foot/);
    await (await b.find('button[aria-label="Undo"]')).click();
    await has(b, '.rolled li', /gathered underneath/);
    expect(await violations(b)).toEqual([]);
  });

  it('a cake is told layer by layer, and drawn so; leaving the view clears the figure', async () => {
    await openBuild(b, served.url, 'cut', 'demo-savoy-cabbage');
    await choose(b, 'Carving');
    await has(b, 'h1', /Four layers to carve/);
    await b.find('.stage .marked .layer');
    expect(await violations(b)).toEqual([]);
    await choose(b, 'Counts');
    await b.driver.wait(
      async () => (await b.driver.findElements(By.css('.stage .marked'))).length === 0,
      PATIENCE,
    );
  });

  it('a face made for a head lies on the pages', async () => {
    await b.push('Put it in the plan');
    await has(b, '.said', /is in the plan, right after shaping/);
    await b.push('Paper to prick through');
    await choose(b, 'Templates');
    await has(b, '.list', /, face/);
    expect(await violations(b)).toEqual([]);
  });

  it('a band is cut to meet by one press', async () => {
    await openBuild(b, served.url, 'cut', 'demo-ferryman-otter');
    await choose(b, 'Covers');
    await b.push('Scarf round the body');
    await has(b, '.rolled', /short of meeting round the body/);
    await b.push('Let it meet');
    await has(b, '.rolled', /It meets round the body with 3 mm over/);
    await (await b.find('button[aria-label="Undo"]')).click();
    await has(b, '.rolled', /short of meeting/);
  });
});
