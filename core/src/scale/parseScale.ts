import { FIGURE_HEIGHTS_MM, NAMED_SCALES } from '../handbook/index.ts';
import { resolveScale, type Scale, ScaleError } from './scale.ts';

/** A typed scale, or why it could not be read. */
export type ScaleReading =
  | { readonly ok: true; readonly scale: Scale }
  | { readonly ok: false; readonly says: string };

const WORKS = 'what works: 1:12, 1/12, 12, 28 mm, 28 mm eyes, 32 mm crown heroic';

function checked(scale: Scale): ScaleReading {
  try {
    resolveScale(scale);
    return { ok: true, scale };
  } catch (error) {
    if (error instanceof ScaleError) return { ok: false, says: `${error.message}; ${WORKS}` };
    throw error;
  }
}

/**
 * Reads a scale as typed: `1:12`, `1/12`, `12`, `28 mm`, `32 mm eyes heroic`.
 *
 * @param statureMm the person a figure height is named after, mm in life
 * @example parseScale('1:12', 1750) // { ok: true, scale: { kind: 'ratio', ratio: 12 } }
 */
export function parseScale(text: string, statureMm: number): ScaleReading {
  const typed = text.trim().toLowerCase().replace(',', '.');
  const ratio = /^(?:1\s*[:/]\s*)?(\d+(?:\.\d+)?|\.\d+)$/.exec(typed);
  if (ratio) return checked({ kind: 'ratio', ratio: Number(ratio[1]) });
  const figure = /^(\d+(?:\.\d+)?)\s*mm\b(.*)$/.exec(typed);
  if (!figure) return { ok: false, says: `“${text}” is no scale; ${WORKS}` };
  const words = (figure[2] ?? '')
    .split(/[\s,]+/)
    .filter((word) => word !== '' && word !== 'to' && word !== 'the');
  const strange = words.find((word) => !['eyes', 'eye', 'crown', 'heroic'].includes(word));
  if (strange) return { ok: false, says: `“${strange}” is not understood after the height; ${WORKS}` };
  return checked({
    kind: 'figure',
    heightMm: Number(figure[1]),
    datum: words.includes('crown') ? 'crown' : 'eyes',
    statureMm,
    heroic: words.includes('heroic'),
  });
}

/** The scales offered for choosing: named ratios, then figure heights to the eyes. */
export function offeredScales(statureMm: number): readonly Scale[] {
  const figures = FIGURE_HEIGHTS_MM.map(
    (heightMm): Scale => ({ kind: 'figure', heightMm, datum: 'eyes', statureMm, heroic: false }),
  );
  return [...NAMED_SCALES.map(({ ratio }): Scale => ({ kind: 'ratio', ratio })), ...figures];
}
