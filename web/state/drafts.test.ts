import { expect, it } from 'vitest';
import { draftOf, dropDraft } from './drafts.ts';

it('is there again when the form is drawn again, apart from others, and gone once it was taken', () => {
  const fresh = () => ({ title: '' });
  draftOf('own a', fresh).title = 'Paint the shirt front';
  expect(draftOf('own a', fresh).title).toBe('Paint the shirt front');
  expect(draftOf('own b', fresh).title).toBe('');
  dropDraft('own a');
  expect(draftOf('own a', fresh).title).toBe('');
});
