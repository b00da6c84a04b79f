import { RODS } from '../bones/index.ts';
import { FINISHES } from '../finish/index.ts';
import { QUESTIONS } from '../firming/index.ts';
import { GLUES, JOBS, MATERIAL_IDS } from '../pastes/index.ts';
import type { field } from '../quantity/index.ts';
import { buildRecord, REMADE } from '../record/index.ts';
import { storesRecord } from '../stores/index.ts';
import { manifestRecord } from './manifest.ts';
import { CAUSES, MENDS, TROUBLES } from '../trouble/index.ts';

const IN_CATALOGUES: Readonly<Record<field.Catalogue, readonly string[]>> = {
  materials: MATERIAL_IDS,
  jobs: JOBS.map((j) => j.id),
  glues: GLUES.map((g) => g.id),
  rods: RODS.map((r) => r.id),
  questions: QUESTIONS,
  finishes: FINISHES.map((f) => f.id),
  troubles: TROUBLES.map((t) => t.id),
  causes: CAUSES.map((c) => c.id),
  mends: [...MENDS.map((m) => m.id), REMADE],
};

const isCatalogue = (x: unknown): x is field.Catalogue => typeof x === 'string' && x in IN_CATALOGUES;

/** The same definition with every field that points into a catalogue taking exactly the ids that are in it. */
export function withCatalogues(schema: unknown): unknown {
  if (Array.isArray(schema)) return schema.map(withCatalogues);
  if (typeof schema !== 'object' || schema === null) return schema;
  return Object.fromEntries(
    Object.entries(schema).flatMap(([key, value]: [string, unknown]) =>
      key === 'catalogue' && isCatalogue(value)
        ? [['enum', [...IN_CATALOGUES[value]]]]
        : [[key, withCatalogues(value)]],
    ),
  );
}

/** A JSON Schema (draft 2020-12) of a record. */
const schemaOf = ($id: string, title: string, record: object): Readonly<Record<string, unknown>> => ({
  $schema: 'https://json-schema.org/draft/2020-12/schema',
  $id,
  title,
  ...(withCatalogues(record) as object),
});

/** Of a build: from the same record the edits ask, and the same catalogues the app offers. */
export const buildSchema = schemaOf('build', 'Elm Spindle build', buildRecord);

/** Of the stores. */
export const storesSchema = schemaOf('stores', 'Elm Spindle stores', storesRecord);

/** Of the list in a backup. */
export const manifestSchema = schemaOf('manifest', 'Elm Spindle backup', manifestRecord);
