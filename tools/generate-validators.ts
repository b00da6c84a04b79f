// Compiles the build schema to plain code, so that the browser checks files without evaluating strings.
import { mkdirSync, readFileSync, rmSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { Ajv2020 } from 'ajv/dist/2020.js';
import standaloneModule from 'ajv/dist/standalone/index.js';
import { build } from 'rolldown';
import { buildSchema, manifestSchema, storesSchema } from '../core/files/schema.ts';
import { hoisted } from './hoist.ts';

// both packages are CommonJS; the default may sit one level down
const standalone = ((standaloneModule as unknown as { default?: unknown }).default ?? standaloneModule) as (
  ajv: Ajv2020,
  refs: Record<string, string>,
) => string;

/** The records that are checked, each in a module of its own so that a page loads only what it needs. */
export const VALIDATORS = {
  validateBuild: 'build',
  validateStores: 'stores',
  validateManifest: 'manifest',
} as const;
export type ValidatorName = keyof typeof VALIDATORS;

/** What each has found when it says yes, and the module that knows it. */
const FOUND: Readonly<Record<ValidatorName, readonly [type: string, module: string]>> = {
  validateBuild: ['Build', '../../record/index.ts'],
  validateStores: ['StoresFile', '../../stores/index.ts'],
  validateManifest: ['Manifest', '../manifest.ts'],
};

export const validatorFile = (name: ValidatorName): string => `validate-${VALIDATORS[name]}`;

/** The validator as a dependency-free module. */
export async function validatorSource(name: ValidatorName = 'validateBuild'): Promise<string> {
  const ajv = new Ajv2020({
    code: { source: true, esm: true, lines: true },
    allErrors: false,
    // what is wrong is said in our own sentences
    messages: false,
    // a part that is written once is compiled once
    inlineRefs: false,
    schemas: [hoisted(buildSchema), hoisted(storesSchema), hoisted(manifestSchema)],
  });
  const raw = join(tmpdir(), `${validatorFile(name)}-${process.pid}.mjs`);
  const out = join(tmpdir(), `${validatorFile(name)}-${process.pid}.out.mjs`);
  writeFileSync(raw, standalone(ajv, { [name]: VALIDATORS[name] }));
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
    .replace(/^.*\.code = "require.*$\n/gm, '')
    // where in the schema it says so is of no use to anybody
    .replace(/schemaPath: ?"[^"]*",?\s*/g, '')
    // nobody reads it, and half of it would be indentation
    .replace(/^[\t ]+/gm, '');
  rmSync(raw);
  rmSync(out);
  return source;
}

export const GENERATED = join(import.meta.dirname, '../core/files/generated');

if (process.argv[1] === import.meta.filename) {
  mkdirSync(GENERATED, { recursive: true });
  for (const name of Object.keys(VALIDATORS) as ValidatorName[]) {
    const file = validatorFile(name);
    const [found, module] = FOUND[name];
    writeFileSync(join(GENERATED, `${file}.js`), await validatorSource(name));
    writeFileSync(
      join(GENERATED, `${file}.d.ts`),
      `import type { ${found} } from '${module}';
import type { SchemaError } from '../sentences.ts';

/** Made by \`npm run generate\` from the records. */
export declare const ${name}: ((data: unknown) => data is ${found}) & {
  errors?: readonly SchemaError[] | null;
};
`,
    );
  }
}
