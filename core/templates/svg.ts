import type { Mark, Page } from './pages.ts';
import { INK, STROKES } from './strokes.ts';

const escaped = (text: string): string => text.replace(/[&<>"']/g, (c) => `&#${c.charCodeAt(0)};`);
const n = (x: number): string => String(Math.round(x * 1000) / 1000);

function markup(mark: Mark): string {
  if (mark.kind === 'words')
    return `<text x="${n(mark.at[0])}" y="${n(mark.at[1])}" font-size="${n(mark.size)}"${mark.middle ? ' text-anchor="middle"' : ''}>${escaped(mark.text)}</text>`;
  const { width, dash, colour } = STROKES[mark.tone];
  const way = mark.points.map(([x, y]) => `${n(x)} ${n(y)}`).join('L');
  return `<path d="M${way}${mark.closed ? 'Z' : ''}" stroke="${colour}" stroke-width="${width}"${dash.length ? ` stroke-dasharray="${dash.join(' ')}"` : ''}/>`;
}

/** A page as an SVG file at true size: one unit is a millimetre. */
export const svgOf = (page: Page): string =>
  `<svg xmlns="http://www.w3.org/2000/svg" width="${n(page.wide)}mm" height="${n(page.tall)}mm" viewBox="0 0 ${n(page.wide)} ${n(page.tall)}" fill="none" stroke-linejoin="round"><g fill="none">${page.marks.filter((m) => m.kind === 'line').map(markup).join('')}</g><g fill="${INK}" font-family="Atkinson Hyperlegible Next, sans-serif">${page.marks.filter((m) => m.kind === 'words').map(markup).join('')}</g></svg>
`; // prettier-ignore
