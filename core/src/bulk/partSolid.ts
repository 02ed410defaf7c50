import type { PartContext } from '../context/index.ts';
import { type Core, type InnerBall, type Shape, scaledAsk } from '../form/index.ts';
import type { CoreKind } from '../handbook/index.ts';
import { coreAskOf, coreKindOf } from './coreOf.ts';
import { layerVolumes, thickestAtOnce } from './layers.ts';

/** What a part is of inside: its core, and the clay of every region. */
export interface PartSolid {
  /** What the core is made of, where there is room for one; null without. */
  readonly kind: CoreKind | null;
  /** The core looked for, in the part’s own frame; null when none is wanted. */
  readonly core: Core | null;
  /** Miniature mm³. */
  readonly coreMm3: number;
  readonly clayMm3: number;
  readonly clayByRegion: ReadonlyMap<string, number>;
  /** What of it goes on in layers over what is baked: by layer and region. */
  readonly layers: ReadonlyMap<string, ReadonlyMap<string, number>>;
  /** The largest ball of clay that one bake has to cure; the part’s own frame. */
  readonly thickest: InnerBall;
}

/** Volume of every region, together the whole; the part’s own frame. */
export function regionVolumes(shape: Shape): ReadonlyMap<string, number> {
  const { byRegion, volumeMm3, regions } = shape;
  const sum = byRegion ? [...byRegion.values()].reduce((a, b) => a + b, 0) : 0;
  if (!byRegion || !(sum > 0)) return new Map([[regions[0] ?? '', volumeMm3]]);
  // Summed on another grid than the whole is: they come to it within its error.
  return new Map([...byRegion].map(([name, volume]) => [name, (volume / sum) * volumeMm3]));
}

/** The core a part gets and the clay that is left. */
export function partSolid(context: PartContext): PartSolid {
  const { shape, shrink } = context;
  const ask = coreAskOf(context);
  const core = ask && shape.core(scaledAsk(ask, shrink));
  const per = shrink ** 3;
  const whole = new Map([...regionVolumes(shape)].map(([name, volume]) => [name, volume / per]));
  const clayByRegion = new Map(
    [...whole].map(([name, volume]) => {
      const inner = Math.min(volume, (core?.byRegion.get(name) ?? 0) / per);
      return [name, volume - inner] as const;
    }),
  );
  return {
    kind: core && core.volumeMm3 > 0 ? coreKindOf(context) : null,
    core,
    coreMm3: (core?.volumeMm3 ?? 0) / per,
    clayMm3: [...clayByRegion.values()].reduce((a, b) => a + b, 0),
    clayByRegion,
    layers: layerVolumes(context, clayByRegion, whole),
    thickest: thickestAtOnce(context, core),
  };
}
