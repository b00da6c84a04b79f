/** What checks a build and reads it from a file, fetched when something is first read: the shelf is drawn without it. */
export const reading = () => import('./checks.ts');
