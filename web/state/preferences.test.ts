import 'fake-indexeddb/auto';
import { createPinia, setActivePinia } from 'pinia';
import { beforeEach, expect, it, vi } from 'vitest';
import { writeSetting } from '../storage/settings.ts';
import { usePreferences } from './preferences.ts';

beforeEach(() => setActivePinia(createPinia()));

it('who took the units before they were read from the store sees what was chosen, then and later', async () => {
  await writeSetting('shown', { mass: 'oz', length: 'mm' });
  const { shown } = usePreferences();
  expect(shown.mass).toBe('g');
  await vi.waitFor(() => expect(shown.mass).toBe('oz'));
  usePreferences().shown.length = 'in';
  expect(shown.length).toBe('in');
});
