import { bendsOf, bonesOfPart, type PartBones } from '../armature/index.ts';
import { bearsOven, peakOf } from '../bake/index.ts';
import { type BulkFacts, bulkOfPart } from '../bulk/index.ts';
import type { Given } from '../context/index.ts';
import { jobsOfFinish } from '../finish/index.ts';
import { workOfPiece } from '../ground/index.ts';
import type { ClayPass, ProposeGround } from './proposedSteps.ts';

/** The clay of a part by the bake it goes on for, in order. */
function passesOf({ uses }: BulkFacts): ClayPass[] {
  const whole = uses.reduce((all, { volumeMm3 }) => all + volumeMm3, 0);
  const numbers = [...new Set(uses.map(({ pass }) => pass))].sort((a, b) => a - b);
  return numbers.map((pass) => {
    const own = uses.filter((use) => use.pass === pass);
    const mm3 = own.reduce((all, { volumeMm3 }) => all + volumeMm3, 0);
    return {
      pass,
      regions: [...new Set(own.map(({ region }) => region))],
      layers: [...new Set(own.flatMap(({ layer }) => (layer === '' ? [] : [layer])))],
      share: whole > 0 ? mm3 / whole : 1,
    };
  });
}

/** Of the clay of a part, the share that regions take; all of it for none. */
function shareOf({ uses }: BulkFacts, regions: readonly string[]): number {
  if (regions.length === 0) return 1;
  const sum = (some: BulkFacts['uses']) => some.reduce((all, { volumeMm3 }) => all + volumeMm3, 0);
  const whole = sum(uses);
  return whole > 0 ? sum(uses.filter(({ region }) => regions.includes(region))) / whole : 1;
}

const isPegged = ({ runs }: PartBones) => runs.some(({ ends }) => ends.some(({ pegged }) => pegged));

/** What the route is proposed from and timed by: wires, cores, passes and heats as they were reckoned. */
export function routeGround(given: Given): ProposeGround {
  const { piece, own } = given.context;
  const bulk = (part: string) => given.part(bulkOfPart, part);
  const bones = (part: string) => given.part(bonesOfPart, part);
  const passes = new Map<string, ReturnType<typeof passesOf>>();
  return {
    piece,
    own,
    find: given.find,
    partById: new Map(piece.parts.map((part) => [part.id as string, part])),
    ovenMin: () => [],
    groundJobs: given.piece(workOfPiece).jobs,
    finishJobs: given.piece(jobsOfFinish).jobs,
    wires: (part) => bones(part)?.runs.length ?? 0,
    bends: (part) => (bones(part)?.runs ?? []).reduce((sum, { path }) => sum + bendsOf(path).length, 0),
    isClay: (part) => bulk(part) !== null,
    hasCore: (part) => (bulk(part)?.kind ?? null) !== null,
    hasPeg: (part) => {
      const own = bones(part);
      return own !== null && isPegged(own);
    },
    passes: (part) => {
      const of = bulk(part);
      if (!of) return [];
      const known = passes.get(part) ?? passesOf(of);
      passes.set(part, known);
      return known;
    },
    shareOf: (part, regions) => {
      const of = bulk(part);
      return of ? shareOf(of, regions) : 1;
    },
    burn: (part, stuff) => {
      const heat = given.find(part, 'bake.temperature');
      if (!heat) return null;
      const { level, says } = bearsOven(
        stuff,
        peakOf(heat, own),
        piece.brief.schools.superglue === 'knowingly',
      );
      return level === 'stop' ? says : null;
    },
    windowOf: (part) => {
      const heat = given.find(part, 'bake.temperature')?.quantity;
      return heat ? { lowC: heat.low ?? heat.value, highC: heat.high ?? heat.value } : null;
    },
  };
}
