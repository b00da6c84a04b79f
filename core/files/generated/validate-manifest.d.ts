import type { Manifest } from '../manifest.ts';
import type { SchemaError } from '../sentences.ts';

/** Made by `npm run generate` from the records. */
export declare const validateManifest: ((data: unknown) => data is Manifest) & {
  errors?: readonly SchemaError[] | null;
};
