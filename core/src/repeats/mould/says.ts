import type { CastStuff, MouldStuff } from '../../piece/index.ts';

/** What moulds are made of, in words. */
export const MOULD_STUFF_SAYS: Readonly<Record<MouldStuff, string>> = {
  putty: 'two-part mould putty',
  rubber: 'pouring rubber',
  clay: 'baked clay',
  foil: 'foil',
};

/** What is cast in them, in words. */
export const CAST_STUFF_SAYS: Readonly<Record<CastStuff, string>> = {
  clay: 'polymer clay',
  'air-dry': 'air-dry clay',
  resin: 'resin',
  plaster: 'plaster',
  putty: 'putty',
};
