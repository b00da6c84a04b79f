/** What checks a build: the schema's validators are by far the largest part of it. */
export { keepable, readBuild, readRecord } from '@core/files/index.ts';
