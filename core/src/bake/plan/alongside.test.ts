import { describe, expect, it } from 'vitest';
import { demoPart, ofClay } from '../../demo/entries.ts';
import { lowWaterFerry } from '../../demo/index.ts';
import { makeShapeStore } from '../../form/index.ts';
import { DEFAULT_FEATURE, type Part, type Piece } from '../../piece/index.ts';
import { reckonPiece } from '../../spine/index.ts';
import { alongsideAsk } from './alongside.ts';
import { planOfPiece } from './reckoners.ts';

const NOW = '2026-05-01T09:00:00Z';
const shapes = makeShapeStore();

function ball(id: string, diameterMm: number, over: Partial<Part> = {}): Part {
  return demoPart(
    id,
    id,
    { kind: 'ball', diameterMm },
    {
      ...ofClay('neutral'),
      sized: 'miniature',
      core: { kind: 'none', skinMm: null, packed: 'balled' },
      ...over,
    },
  );
}

/** What goes along with the load that takes a part, by the kind of it. */
function along(parts: Part[], of: string) {
  const piece: Piece = { ...lowWaterFerry(NOW), parts, fits: [], log: [] };
  const { given } = reckonPiece(piece, { shapes, workshopOwn: {}, now: NOW });
  const load = given
    .piece(planOfPiece)
    .bakes.flatMap(({ loads }) => loads)
    .find((one) => one.parts.some(({ part }) => part === of));
  if (!load) throw new Error('no load');
  return { load, found: alongsideAsk.answer(given, { load: load.id }), clays: piece.clays };
}

describe('what could go into a load alongside', () => {
  it('names the clay that is out, up to the thickness that its packet cures in those minutes', () => {
    const { load, found, clays } = along([ball('bead', 12)], 'bead');
    const clay = found.find(({ kind }) => kind === 'clay');
    // By the packet: its longest minutes for each 6 mm.
    const packet = clays.find(({ id }) => clay?.kind === 'clay' && id === clay.clay)?.packet;
    expect(clay).toMatchObject({ thickMm: (load.minutes * 6) / (packet?.highMinutes ?? 20) });
    expect(found.filter(({ kind }) => kind === 'clay')).toHaveLength(1);
  });

  it('names small things of the same clay that are not all made, and none of another', () => {
    const eyes = { ...DEFAULT_FEATURE, name: 'eyes', wanted: 6, made: 2, ahead: true };
    const parts = [
      ball('bead', 12, { features: [eyes] }),
      ball('other', 12, { ...ofClay('ochre'), features: [{ ...eyes, name: 'teeth' }] }),
      ball('done', 12, { features: [{ ...eyes, name: 'claws', made: 6 }] }),
    ];
    const { found, load } = along(parts, 'bead');
    const spares = found.filter(({ kind }) => kind === 'spare').map(({ name }) => name);
    expect(spares).toContain('eyes');
    expect(spares).not.toContain('claws');
    if (!load.parts.some(({ part }) => part === 'other')) expect(spares).not.toContain('teeth');
  });

  it('is nothing for a load that is not there', () => {
    const piece = lowWaterFerry(NOW);
    const { given } = reckonPiece(piece, { shapes, workshopOwn: {}, now: NOW });
    expect(alongsideAsk.answer(given, { load: 'none' })).toEqual([]);
  });
});
