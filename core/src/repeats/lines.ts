import type { Given } from '../context/index.ts';
import { setOfPart } from './reckoners.ts';

const n = (value: number) => value.toLocaleString('en');

/** Sets as the command line prints them: one a line. */
export function setLines(given: Given, only: string | undefined): readonly string[] {
  return given.context.piece.parts.flatMap(({ id, name }): string[] => {
    if (only !== undefined && id !== only) return [];
    const found = given.part(setOfPart, id);
    if (!found) return [];
    const { set, paysFrom, ways } = found.facts;
    if ('says' in set) return [`${name}: ${set.says}`];
    const where = set.place ? ` ${set.place.kind === 'line' ? 'along' : 'over'} ${set.place.says}` : '';
    const paying = ways
      .filter(({ way }) => typeof paysFrom[way] === 'number')
      .map(({ way, says }) => `${says} from ${n(paysFrom[way] ?? 0)}`);
    return [
      `${name}: ${n(set.needed)} needed${where}, ${n(set.spares)} to spare, ${n(set.make)} to make`,
      ...(paying.length > 0 ? [`  pays: ${paying.join(', ')}`] : []),
    ];
  });
}
