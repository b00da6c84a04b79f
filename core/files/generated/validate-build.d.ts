/** Made by `npm run generate` from core/files/schema.ts. */
export declare const validateBuild: ((data: unknown) => boolean) & { errors?: readonly unknown[] | null };
export declare const validateStores: ((data: unknown) => boolean) & { errors?: readonly unknown[] | null };
