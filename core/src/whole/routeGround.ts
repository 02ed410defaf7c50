import type { PartBones } from '../armature/index.ts';
import type { PartBulk } from '../bulk/index.ts';
import type { Reckoning } from '../reckoning/index.ts';
import type { ProposeGround } from '../route/index.ts';
import type { PieceContext } from './context.ts';

/** Regions of a part by the pass their clay is put on in, in order. */
function passesOf({ uses }: PartBulk): { pass: number; regions: string[] }[] {
  const byPass = new Map<number, Set<string>>();
  for (const { pass, region } of uses) {
    const regions = byPass.get(pass);
    if (regions) regions.add(region);
    else byPass.set(pass, new Set([region]));
  }
  return [...byPass].sort(([a], [b]) => a - b).map(([pass, regions]) => ({ pass, regions: [...regions] }));
}

/** What the route of a piece is proposed from and timed by: its wires, cores, passes and heats as they were reckoned. */
export function routeGround(
  { piece, own }: PieceContext,
  bulk: ReadonlyMap<string, PartBulk>,
  bones: ReadonlyMap<string, PartBones>,
  find: (part: string | null, key: string) => Reckoning | undefined,
): ProposeGround {
  const passes = new Map([...bulk].map(([part, one]) => [part, passesOf(one)]));
  return {
    piece,
    own,
    find,
    partById: new Map(piece.parts.map((part) => [part.id as string, part])),
    wires: (part) => bones.get(part)?.runs.length ?? 0,
    isClay: (part) => bulk.has(part),
    hasCore: (part) => (bulk.get(part)?.kind ?? null) !== null,
    hasPeg: (part) => bones.get(part)?.runs.some(({ ends }) => ends.some(({ pegged }) => pegged)) ?? false,
    passes: (part) => passes.get(part) ?? [],
    windowOf: (part) => {
      const heat = find(part, 'bake.temperature')?.quantity;
      return heat ? { lowC: heat.low ?? heat.value, highC: heat.high ?? heat.value } : null;
    },
  };
}
