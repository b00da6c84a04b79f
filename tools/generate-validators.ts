// Compiles the build schema to plain code, so that the browser checks files without evaluating strings.
import { mkdirSync, readFileSync, rmSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { Ajv2020 } from 'ajv/dist/2020.js';
import standaloneModule from 'ajv/dist/standalone/index.js';
import { build } from 'rolldown';
import { buildSchema } from '../core/files/schema.ts';
import { storesSchema } from '../core/files/stores-schema.ts';

// both packages are CommonJS; the default may sit one level down
const standalone = ((standaloneModule as unknown as { default?: unknown }).default ?? standaloneModule) as (
  ajv: Ajv2020,
  refs: Record<string, string>,
) => string;

/** The validator as a dependency-free module. */
export async function validatorSource(): Promise<string> {
  const ajv = new Ajv2020({
    code: { source: true, esm: true, lines: true },
    allErrors: false,
    schemas: [buildSchema, storesSchema],
  });
  const raw = join(tmpdir(), `validate-build-${process.pid}.mjs`);
  const out = join(tmpdir(), `validate-build-${process.pid}.out.mjs`);
  writeFileSync(raw, standalone(ajv, { validateBuild: 'build', validateStores: 'stores' }));
  // standalone code still requires a helper of its maker: bundle it in
  await build({
    input: raw,
    platform: 'neutral',
    logLevel: 'silent',
    resolve: { mainFields: ['main'], modules: [join(import.meta.dirname, '../node_modules')] },
    output: { file: out, format: 'esm' },
  });
  // comments name temporary files, and the helper names where it came from: neither belongs in the project
  const source = readFileSync(out, 'utf8')
    .replace(/^\s*\/\/.*$\n/gm, '')
    .replace(/^.*\.code = "require.*$\n/gm, '');
  rmSync(raw);
  rmSync(out);
  return source;
}

export const GENERATED = join(import.meta.dirname, '../core/files/generated');

if (process.argv[1] === import.meta.filename) {
  mkdirSync(GENERATED, { recursive: true });
  writeFileSync(join(GENERATED, 'validate-build.js'), await validatorSource());
  writeFileSync(
    join(GENERATED, 'validate-build.d.ts'),
    `/** Made by \`npm run generate\` from core/files/schema.ts. */
export declare const validateBuild: ((data: unknown) => boolean) & { errors?: readonly unknown[] | null };
export declare const validateStores: ((data: unknown) => boolean) & { errors?: readonly unknown[] | null };
`,
  );
}
