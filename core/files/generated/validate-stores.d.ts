/** Made by `npm run generate` from the schemas in core/files. */
export declare const validateStores: ((data: unknown) => boolean) & { errors?: readonly unknown[] | null };
