/** A local time, or an instant in this place's own, as people say it: `Sat 12 Dec, 15:00`. */
export function dueWords(local: string): string {
  const d = new Date(local);
  if (Number.isNaN(d.getTime())) return local.replace('T', ' ');
  return new Intl.DateTimeFormat('en-GB', {
    weekday: 'short',
    day: 'numeric',
    month: 'short',
    hour: '2-digit',
    minute: '2-digit',
  }).format(d);
}
