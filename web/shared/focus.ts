/** The row of a list that stands for the part of the figure a card is about; undefined outside such a list. */
const rowOf = (el: Element): HTMLElement | null | undefined =>
  el.closest('li')?.querySelector<HTMLElement>('[data-edits]');

/** What lies over the page and holds the field, so that Escape still closes it. */
const layerOf = (el: Element): HTMLElement | null =>
  el.closest<HTMLElement>('.ant-drawer[tabindex], .ant-modal-wrap[tabindex]');

/** Leave a field with Enter: on to the row it belongs to, so that the keys of the workshop go on from there. */
export function leaveField(e: KeyboardEvent): void {
  const field = e.target as HTMLElement;
  const row = rowOf(field) ?? layerOf(field);
  if (!row) return field.blur();
  // the key that leaves the field is not to press the row
  e.preventDefault();
  row.focus({ preventScroll: true });
}

/** The row that is open in the panel takes the focus: after something was added there. */
export const focusOpenRow = (): void =>
  document.querySelector<HTMLElement>('.panel li.open [data-edits]')?.focus({ preventScroll: true });
