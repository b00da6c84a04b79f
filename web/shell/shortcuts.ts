import { onBeforeUnmount, onMounted } from 'vue';

export interface Shortcut {
  readonly keys: string;
  /** It changes the figure: only while the stage, a bead or a row of a list has the focus. */
  readonly edits?: true;
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

/** What lies over the page and takes every key: a dialog, a drawer, an open list of choices, a calendar, a menu. */
const OVER = [
  'dialog[open]',
  '.ant-modal-wrap:not([style*="display: none"])',
  '.ant-drawer-open',
  '.ant-select-dropdown:not(.ant-select-dropdown-hidden)',
  '.ant-picker-dropdown:not(.ant-picker-dropdown-hidden)',
  '.ant-dropdown:not(.ant-dropdown-hidden)',
].join();

/** Marked on what edits by key. */
export const EDITS = '[data-edits]';

/** Whether a key that changes the figure is meant for it: what has the focus stands for a part of the figure. */
export const onFigure = (target: EventTarget | null): boolean =>
  !!(target as HTMLElement | null)?.closest(EDITS);

/**
 * Keys of the workshop; they rest while something is typed or something lies over the page. Those that change the figure act
 * only where the figure has the focus, so that elsewhere arrows scroll and no slip of a key takes anything away.
 */
export function useShortcuts(list: () => readonly Shortcut[]): void {
  const press = (e: KeyboardEvent): void => {
    if (
      e.defaultPrevented ||
      (typing(e) && !(e.ctrlKey || e.metaKey)) ||
      (typing(e) && e.key.toLowerCase() === 'z')
    )
      return;
    if (document.querySelector(OVER)) return;
    const name = keyName(e);
    const found = list().find((s) => s.keys.split(' or ').includes(name));
    if (!found || (found.edits && !onFigure(e.target))) return;
    e.preventDefault();
    found.run(e);
  };
  onMounted(() => window.addEventListener('keydown', press));
  onBeforeUnmount(() => window.removeEventListener('keydown', press));
}
