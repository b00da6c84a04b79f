/**
 * Files: the open format, `.spindle.json`. Reading checks shape, sense and version before anything is used; older
 * versions are brought forward by migrations; writing is plain, ordered, readable JSON.
 */
export * from './read.ts';
export * from './write.ts';
export * from './solid-files.ts';
export * from './migrations.ts';
export * from './backup.ts';
