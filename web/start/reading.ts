/** Whether the month is written before the day where this browser is at home. */
export const monthFirst = (): boolean => {
  const parts = new Intl.DateTimeFormat(undefined, { day: 'numeric', month: 'numeric' }).formatToParts(0);
  return parts.find((p) => p.type === 'day' || p.type === 'month')?.type === 'month';
};
