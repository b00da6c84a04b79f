/**
 * Templates: paper at true size. Lines of cut pieces and carved cakes, moved in or out by what they are for, laid on pages
 * with a bar to measure, as SVG and PDF. Nothing here knows of days or of the bench.
 */
export {
  areaOf,
  boxOf,
  leftForRight,
  offset,
  simplified,
  type PaperPoint,
  type Rings,
  healed,
} from './rings.ts';
export { USES } from './uses.ts';
export { type GirthBand, bandsOf } from './bands.ts';
export { type Carving, carvingsOf } from './carving.ts';
export { mapsPainted, sheetMapsOf, type PieceMap } from './mapped.ts';
export { coversPainted, layersPainted, type Marked } from './painted.ts';
export { templateSizes, type Template } from './template.ts';
export { hasPaper, papersTold, templatesOf } from './templates.ts';
export { facePaper, lobePaper } from './marked-papers.ts';
export { BAR, correction, isPaper, PAPERS, type PaperId } from './papers.ts';
export { type Page, pagesOf } from './pages.ts';
export { svgOf } from './svg.ts';
export { pdfOf } from './pdf.ts';
