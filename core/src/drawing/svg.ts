import type { Outline } from '../form/index.ts';
import type { DrawItem, Drawing, LineWeight, Material } from './types.ts';

/** Line widths, mm (ISO 128-20 series). */
export const WEIGHT_MM: Readonly<Record<LineWeight, number>> = { thick: 0.35, thin: 0.18, hair: 0.1 };

/** Wire on paper. */
export const WIRE = '#3c5f77';

/** Height of capitals in an em. */
export const CAP_HEIGHT = 0.72;

/** Fills on paper. */
export const PAPER_FILL: Readonly<Record<Material, string>> = {
  'raw-clay': '#f0d9ce',
  'cured-clay': '#d49a78',
  foil: '#d8dbdc',
  wood: '#e3cfa2',
  paper: '#ffffff',
  ink: '#000000',
  none: 'none',
};

/** Path data of an outline, y turned down. */
export function pathData(outline: Outline, heightMm: number): string {
  return outline
    .flatMap((polygon) =>
      polygon.map(
        (ring) => `M${ring.map(([x, y]) => `${x.toFixed(3)} ${(heightMm - y).toFixed(3)}`).join('L')}Z`,
      ),
    )
    .join('');
}

function escaped(text: string): string {
  return text.replace(/[&<>"]/g, (c) => `&#${c.charCodeAt(0)};`);
}

function itemSvg(item: DrawItem, heightMm: number): string {
  const stroke = (weight: LineWeight, accent = false) =>
    `stroke="${accent ? '#a8461f' : '#1b2425'}" stroke-width="${WEIGHT_MM[weight]}"`;
  switch (item.kind) {
    case 'area':
      return `<path d="${pathData(item.outline, heightMm)}" fill="${PAPER_FILL[item.material]}" fill-rule="evenodd" ${item.material === 'ink' ? '' : stroke(item.weight)}/>`;
    case 'line': {
      const points = item.points.map(([x, y]) => `${x.toFixed(3)},${(heightMm - y).toFixed(3)}`).join(' ');
      const dash = item.dashed ? ' stroke-dasharray="3 1.5"' : '';
      const line =
        item.wireMm === undefined
          ? stroke(item.weight, item.accent)
          : `stroke="${WIRE}" stroke-width="${item.wireMm}" stroke-linejoin="round" stroke-linecap="round"`;
      return `<polyline points="${points}" fill="none" ${line}${dash}/>`;
    }
    case 'circle':
      return `<circle cx="${item.at[0].toFixed(3)}" cy="${(heightMm - item.at[1]).toFixed(3)}" r="${(item.diameterMm / 2).toFixed(3)}" fill="none" ${stroke(item.weight, item.accent)}/>`;
    case 'image':
      return `<image href="${escaped(item.href)}" x="${item.at[0].toFixed(3)}" y="${(heightMm - item.at[1] - item.heightMm).toFixed(3)}" width="${item.widthMm.toFixed(3)}" height="${item.heightMm.toFixed(3)}" preserveAspectRatio="none"/>`;
    case 'text': {
      const [x, y] = [item.at[0].toFixed(3), (heightMm - item.at[1]).toFixed(3)];
      const turn = item.turned ? ` transform="rotate(${-item.turned} ${x} ${y})"` : '';
      const face = item.face === 'figures' ? 'monospace' : 'sans-serif';
      const bold = item.bold ? ' font-weight="bold"' : '';
      return `<text x="${x}" y="${y}" font-size="${(item.size / CAP_HEIGHT).toFixed(2)}" font-family="${face}" text-anchor="${item.anchor}"${bold}${turn}>${escaped(item.text)}</text>`;
    }
  }
}

/**
 * A drawing as a free-standing SVG at true size.
 *
 * @example toSvg({ widthMm: 10, heightMm: 5, items: [] }) // '<svg xmlns=… width="10mm" height="5mm" …'
 */
export function toSvg({ widthMm, heightMm, items }: Drawing): string {
  const body = items.map((item) => itemSvg(item, heightMm)).join('\n');
  return `<svg xmlns="http://www.w3.org/2000/svg" width="${widthMm}mm" height="${heightMm}mm" viewBox="0 0 ${widthMm} ${heightMm}">\n${body}\n</svg>\n`;
}
