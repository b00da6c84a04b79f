/**
 * Contacts: who touches whom, found from the bodies as they stand. A patch is a vector area, cut from one skin by the depth in
 * the other: its length presses, its direction is the normal. Nothing here knows of weight, paste or rods.
 */
export { type Contact, GROUND, clearanceOf, contactsOf, contactSteps, groundSolid } from './contacts.ts';
export { SETTLE, type Solid, seenFrom, solidOf } from './solid.ts';
