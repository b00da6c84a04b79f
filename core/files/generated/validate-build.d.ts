/** Made by `npm run generate` from the schemas in core/files. */
export declare const validateBuild: ((data: unknown) => boolean) & { errors?: readonly unknown[] | null };
