import { strToU8, zipSync } from 'fflate';
import { svgOf, type Page } from '@core/templates/index.ts';

/** Pages as SVG files, one each, in one archive. */
export const zipOfPages = (pages: readonly Page[]): Blob => {
  const files = Object.fromEntries(pages.map((p) => [`page-${p.name}.svg`, strToU8(svgOf(p))]));
  return new Blob([zipSync(files).slice()], { type: 'application/zip' });
};
