import { handbookRow, NAMED_SCALES } from '../handbook/index.ts';
import { type MiniMm, miniMm, type RealMm, realMm } from '../units/index.ts';

/** Where a figure height is measured to. */
export type Datum = 'eyes' | 'crown';

/** 1:N, with N at least 0.1. */
export interface RatioScale {
  readonly kind: 'ratio';
  readonly ratio: number;
}

/** “28 mm”: the height of a person, to the eyes or the crown; not a ratio until a stature is given. */
export interface FigureScale {
  readonly kind: 'figure';
  /** Miniature height of the person, mm. */
  readonly heightMm: number;
  readonly datum: Datum;
  /** The person in life, mm. */
  readonly statureMm: number;
  /** Head and hands thickened, height kept. */
  readonly heroic: boolean;
}

/** Not settled yet: everything is as large as it is on the bench. */
export interface OpenScale {
  readonly kind: 'open';
}

/** Taken from one thing: what it is on the bench, and what it stands for. */
export interface ThingScale {
  readonly kind: 'thing';
  readonly name: string;
  /** On the bench, mm. */
  readonly benchMm: number;
  /** What it stands for in life, mm. */
  readonly lifeMm: number;
}

export type Scale = RatioScale | FigureScale | OpenScale | ThingScale;

/** The one ratio to work with, and the range that the name alone would allow. */
export interface ResolvedScale {
  /** Life ÷ miniature. */
  readonly ratio: number;
  readonly low: number;
  readonly high: number;
  readonly heroic: boolean;
  /** Not settled yet: nothing is read as a size in life. */
  readonly isOpen: boolean;
  /** `1:12` or `32 mm to the eyes`. */
  readonly label: string;
  /** What the trade calls it, or an empty string. */
  readonly says: string;
}

/** Statures between which a figure height leaves the ratio open, relative to the stated one. */
const STATURE_SPREAD = [1.65 / 1.75, 1.85 / 1.75] as const;
/** A scale within this share of a named one is called by its name (1:87 and 1:87.1). */
const NAME_SHARE = 0.003;

/**
 * Thrown when a scale is not one a piece can be made in.
 *
 * @example new ScaleError('scale.ratio', 0).message
 */
export class ScaleError extends RangeError {
  override readonly name = 'ScaleError';
  constructor(
    readonly code: 'scale.ratio' | 'scale.height' | 'scale.stature',
    readonly found: number,
  ) {
    super(`${SCALE_WANTS[code]}, got ${found}`);
  }
}
const SCALE_WANTS = {
  'scale.ratio': 'a ratio 1:N wants N of at least 0.1',
  'scale.height': 'a height on the bench wants to be over 0 mm',
  'scale.stature': 'a size in life wants to be over 0 mm',
} as const;

function formatRatio(ratio: number): string {
  return `1:${Number(ratio.toFixed(ratio < 10 ? 2 : 1))}`;
}

/** What the trade calls a ratio, or an empty string. */
export function nameOfRatio(ratio: number): string {
  return NAMED_SCALES.find((scale) => Math.abs(scale.ratio / ratio - 1) < NAME_SHARE)?.says ?? '';
}

function datumShare(datum: Datum): number {
  return datum === 'eyes' ? handbookRow('body.height.eyes').value : 1;
}

function resolveFigure(scale: FigureScale): ResolvedScale {
  if (!(scale.heightMm > 0)) throw new ScaleError('scale.height', scale.heightMm);
  if (!(scale.statureMm > 0)) throw new ScaleError('scale.stature', scale.statureMm);
  const ratio = (scale.statureMm * datumShare(scale.datum)) / scale.heightMm;
  const eyes = (scale.statureMm * datumShare('eyes')) / scale.heightMm;
  const crown = scale.statureMm / scale.heightMm;
  return {
    ratio,
    low: eyes * STATURE_SPREAD[0],
    high: crown * STATURE_SPREAD[1],
    heroic: scale.heroic,
    isOpen: false,
    label: `${Number(scale.heightMm.toFixed(1))} mm to the ${scale.datum}`,
    says: `works as ${formatRatio(ratio)}${scale.heroic ? ', heroic' : ''}`,
  };
}

/** Lengths of an open scale are those on the bench. */
const OPEN: ResolvedScale = {
  ratio: 1,
  low: 1,
  high: 1,
  heroic: false,
  isOpen: true,
  label: 'open scale',
  says: 'sizes are those on the bench',
};

function resolveThing({ name, benchMm, lifeMm }: ThingScale): ResolvedScale {
  if (!(benchMm > 0)) throw new ScaleError('scale.height', benchMm);
  if (!(lifeMm > 0)) throw new ScaleError('scale.stature', lifeMm);
  return { ...resolveRatio({ kind: 'ratio', ratio: lifeMm / benchMm }), says: `by the ${name}` };
}

/**
 * The working ratio of a scale. A figure height resolves as stature × (0.936 to the eyes, 1 to the crown) ÷ height;
 * its range covers both datums and statures of 1.65 to 1.85 m when 1.75 m is stated. A thing’s is what it stands for ÷ what
 * it is; an open one is 1.
 *
 * @throws {ScaleError} for a ratio under 0.1, or a height or stature of zero or less
 * @example resolveScale({ kind: 'figure', heightMm: 28, datum: 'eyes', statureMm: 1750, heroic: false }).ratio // 58.5
 */
export function resolveScale(scale: Scale): ResolvedScale {
  switch (scale.kind) {
    case 'figure':
      return resolveFigure(scale);
    case 'thing':
      return resolveThing(scale);
    case 'open':
      return OPEN;
    case 'ratio':
      return resolveRatio(scale);
  }
}

function resolveRatio(scale: RatioScale): ResolvedScale {
  if (!(scale.ratio >= 0.1) || !Number.isFinite(scale.ratio))
    throw new ScaleError('scale.ratio', scale.ratio);
  const { ratio } = scale;
  return {
    ratio,
    low: ratio,
    high: ratio,
    heroic: false,
    isOpen: false,
    label: formatRatio(ratio),
    says: nameOfRatio(ratio),
  };
}

/**
 * Life to miniature.
 *
 * @example toMiniature(realMm(400), resolveScale({ kind: 'ratio', ratio: 12 })) // 33.3 mm: a fox at the shoulder
 */
export function toMiniature(length: RealMm, scale: ResolvedScale): MiniMm {
  return miniMm(length / scale.ratio);
}

/**
 * What a miniature length reads as in life.
 *
 * @example toReal(miniMm(76), resolveScale({ kind: 'ratio', ratio: 12 })) // 912 mm: too high for a stool
 */
export function toReal(length: MiniMm, scale: ResolvedScale): RealMm {
  return realMm(length * scale.ratio);
}

/** The least and most a life length can come to when the scale's name leaves the ratio open. */
export function miniatureRange(length: RealMm, scale: ResolvedScale): readonly [MiniMm, MiniMm] {
  return [miniMm(length / scale.high), miniMm(length / scale.low)];
}
