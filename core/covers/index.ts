/**
 * Covers: what a rolled sheet does over a body, how large it has to be rolled, how much of it stays and where it is thinnest.
 * What a paste takes before it tears or folds is one table. Nothing here knows of days.
 */
export { gatheredOver } from './gathered.ts';
export { rolledOf, type Rolled } from './rolled.ts';
export { takesOf, type Takes } from './takes.ts';
