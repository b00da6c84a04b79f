import { onBeforeUnmount, onMounted } from 'vue';

export interface Shortcut {
  readonly keys: string;
  readonly says: string;
  readonly run: (e: KeyboardEvent) => void;
}

const FIELDS =
  'input:not([type="radio"], [type="checkbox"]), textarea, select, [contenteditable="true"], .ant-select, .ant-picker';

/** Is the key meant for what has the focus? A row of choices takes the arrows and nothing else. */
export const typing = (e: Pick<KeyboardEvent, 'key' | 'target'>): boolean => {
  const el = e.target as HTMLElement | null;
  if (el?.closest('input[type="radio"]')) return e.key.startsWith('Arrow');
  return !!el?.closest(FIELDS);
};

/** The name of a key press as written in the list: `Ctrl Shift Z`, `[`, `Delete`. */
export function keyName(e: KeyboardEvent): string {
  const key = e.key.length === 1 ? e.key.toUpperCase() : e.key;
  const parts: string[] = [];
  if (e.ctrlKey || e.metaKey) parts.push('Ctrl');
  if (e.altKey) parts.push('Alt');
  // the shift that makes a sign is part of the sign
  if (e.shiftKey && (e.key.length > 1 || /[a-z]/i.test(e.key))) parts.push('Shift');
  return [...parts, key].join(' ');
}

/** Keys of the workshop; they rest while something is typed or a dialog is open, but for those with Ctrl. */
export function useShortcuts(list: () => readonly Shortcut[]): void {
  const press = (e: KeyboardEvent): void => {
    if (
      e.defaultPrevented ||
      (typing(e) && !(e.ctrlKey || e.metaKey)) ||
      (typing(e) && e.key.toLowerCase() === 'z')
    )
      return;
    if (document.querySelector('.ant-modal-wrap:not([style*="display: none"])')) return;
    const name = keyName(e);
    const found = list().find((s) => s.keys.split(' or ').includes(name));
    if (!found) return;
    e.preventDefault();
    found.run(e);
  };
  onMounted(() => window.addEventListener('keydown', press));
  onBeforeUnmount(() => window.removeEventListener('keydown', press));
}
