import type { CastStuff, MouldStuff } from '../../piece/index.ts';

/** What keeps a cast from its mould. */
export interface Release {
  readonly says: string;
  readonly level: 'good' | 'doubtful' | 'stop';
  /** It is a powder. */
  readonly isPowder?: true;
}

/** What is wanted between a mould and its master or its cast (common practice). */
const RELEASES: Readonly<Record<MouldStuff, Readonly<Record<CastStuff, Release>>>> = {
  putty: {
    clay: {
      says: 'starch or water; clay that is chilled first comes out straighter',
      level: 'good',
      isPowder: true,
    },
    'air-dry': { says: 'nothing: let it dry in the open before it is bent out', level: 'good' },
    resin: { says: 'nothing for a few casts; a dusting of talc saves the mould', level: 'good' },
    plaster: { says: 'wet the mould with a drop of soap in water', level: 'good' },
    putty: { says: 'putty bonds to putty: petroleum jelly all over, or another stuff', level: 'stop' },
  },
  rubber: {
    clay: {
      says: 'starch; chill it and bend the mould off, not the cast out',
      level: 'good',
      isPowder: true,
    },
    'air-dry': { says: 'nothing', level: 'good' },
    resin: { says: 'nothing for twenty casts or so; then it begins to stick', level: 'good' },
    plaster: { says: 'a drop of soap in water', level: 'good' },
    putty: { says: 'rubber bonds to mould putty: a release agent on every face, tried first', level: 'stop' },
  },
  clay: {
    clay: {
      says: 'starch or talc every time; raw clay bonds to baked clay in the oven',
      level: 'doubtful',
      isPowder: true,
    },
    'air-dry': { says: 'petroleum jelly, thin; straight sides want draft', level: 'doubtful' },
    resin: { says: 'resin bonds to baked clay: seal it and wax it, or use rubber', level: 'stop' },
    plaster: { says: 'soap it, and give it draft', level: 'doubtful' },
    putty: { says: 'starch', level: 'good' },
  },
  foil: {
    clay: { says: 'nothing: peel the foil off; what stays in the folds is picked out', level: 'good' },
    'air-dry': { says: 'nothing; it dries from one side', level: 'good' },
    resin: { says: 'it runs through pinholes: two layers, and peel it warm', level: 'doubtful' },
    plaster: { says: 'nothing: peel it off', level: 'good' },
    putty: { says: 'nothing', level: 'good' },
  },
};

/** What to put between a mould and a cast; of powder on coloured clay both schools are told. */
export function releaseFor(of: MouldStuff, casts: CastStuff, isColoured: boolean): Release {
  const one = RELEASES[of][casts];
  if (!isColoured || !one.isPowder) return one;
  return {
    says: `${one.says}. On coloured clay some use no powder but water; others brush it off before the bake`,
    level: one.level,
  };
}
