import type { StoresFile } from '../../stores/index.ts';
import type { SchemaError } from '../sentences.ts';

/** Made by `npm run generate` from the records. */
export declare const validateStores: ((data: unknown) => data is StoresFile) & {
  errors?: readonly SchemaError[] | null;
};
