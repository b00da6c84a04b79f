import { expose } from 'comlink';
import latin from '@fontsource/atkinson-hyperlegible-next/files/atkinson-hyperlegible-next-latin-400-normal.woff?url';
import more from '@fontsource/atkinson-hyperlegible-next/files/atkinson-hyperlegible-next-latin-ext-400-normal.woff?url';
import {
  pdfOf,
  sheetMapsOf,
  templatesOf,
  type Page,
  type PieceMap,
  type Template,
} from '@core/templates/index.ts';
import { mixesFor, type BatchMixes } from '@core/paste-list/index.ts';
import type { Build } from '@core/record/index.ts';

const fontFrom = async (url: string) => new Uint8Array(await (await fetch(url)).arrayBuffer());

const api = {
  templates: (build: Build): readonly Template[] => templatesOf(build),
  maps: (build: Build): readonly PieceMap[] => sheetMapsOf(build),
  mixes: (of: Parameters<typeof mixesFor>): BatchMixes => mixesFor(...of),

  /** Pages as a PDF; `progress` is told the share of pages that are drawn. */
  async pdf(pages: readonly Page[], title: string, progress: (share: number) => void): Promise<Uint8Array> {
    return pdfOf(pages, title, await Promise.all([latin, more].map(fontFrom)), progress);
  },
};

export type PagesApi = typeof api;

expose(api);
