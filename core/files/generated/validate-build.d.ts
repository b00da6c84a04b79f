import type { Build } from '../../record/index.ts';
import type { SchemaError } from '../sentences.ts';

/** Made by `npm run generate` from the records. */
export declare const validateBuild: ((data: unknown) => data is Build) & {
  errors?: readonly SchemaError[] | null;
};
