import { describe, expect, it } from 'vitest';
import { lowWaterFerry } from '../demo/index.ts';
import { makeShapeStore } from '../form/index.ts';
import { setAt } from '../piece/index.ts';
import { validateBook } from '../reckoning/index.ts';
import { reckonPiece } from '../whole/index.ts';
import { auditPart } from './index.ts';

const NOW = '2026-11-26T10:00:00Z';
const shapes = makeShapeStore();
const reckon = (piece: ReturnType<typeof lowWaterFerry>) => {
  const found = reckonPiece(piece, { shapes, workshopOwn: {}, now: NOW });
  validateBook(found.book);
  return found;
};
const ferry = lowWaterFerry(NOW);

function audit(piece: ReturnType<typeof lowWaterFerry>, id: string, peakC = 145) {
  const { contexts, bulk } = reckon(piece);
  const [context, own] = [contexts.get(id), bulk.get(id)];
  if (!context || !own) throw new Error(`${id} is not of clay`);
  return auditPart(context, own, peakC);
}

describe('before the oven', () => {
  it('kit plastic softens at 80 to 100 °C (common practice): it must not go in; put in after the bake it may wait', () => {
    const [worst] = audit(ferry, 'lantern');
    expect(worst).toMatchObject({ level: 'stop', what: 'clear chimney' });
    const { book } = reckon(ferry);
    const verdict = book.get('lantern/bake.audit')?.verdict;
    expect(verdict?.level).toBe('stop');
    const change = verdict?.waysOut[0]?.change;
    if (!change) throw new Error('no way out');
    const mended = setAt(ferry, change.path, change.value);
    expect(audit(mended, 'lantern').filter(({ level }) => level === 'stop')).toEqual([]);
    expect(reckon(mended).book.get('lantern/bake.audit')?.quantity.value).toBe(0);
  });

  it('a wooden oar in her hand bears it, dry; of printed plastic it does not, of nothing said it is asked', () => {
    const of = (stuff: string | null) =>
      audit(setAt(ferry, ['parts', 'oar', 'stuff'], stuff), 'ferrywoman').find(({ what }) => what === 'Oar');
    expect(of('wood')?.level).toBe('doubtful');
    expect(of('wire')?.level).toBe('good');
    expect(of('print')).toMatchObject({ level: 'stop' });
    expect(of('print')?.waysOut[0]).toMatchObject({
      says: 'put Oar on after the bake',
      change: { path: ['parts', 'oar', 'afterBake'], value: true },
    });
    expect(of(null)?.level).toBe('doubtful');
  });

  it('superglue is warned of, not forbidden: one school bakes it', () => {
    const glued = setAt(ferry, ['parts', 'oar', 'stuff'], 'superglue');
    expect(audit(glued, 'ferrywoman').find(({ what }) => what === 'Oar')?.level).toBe('doubtful');
  });

  it('a heat under what it softens at is borne: foam in a plate warmer of 50 °C', () => {
    const foam = setAt(ferry, ['parts', 'oar', 'stuff'], 'foam');
    expect(audit(foam, 'ferrywoman', 50).find(({ what }) => what === 'Oar')?.level).toBe('good');
    expect(audit(foam, 'ferrywoman', 130).find(({ what }) => what === 'Oar')?.level).toBe('stop');
  });

  it('a wooden core has to be dry; thin clay browns early', () => {
    const wood = setAt(ferry, ['parts', 'post', 'core', 'kind'], 'wood');
    expect(audit(wood, 'post').map(({ what }) => what)).toContain('wood core');
    expect(
      audit(ferry, 'mug')
        .map(({ says }) => says)
        .join(),
    ).toContain('browns early');
  });
});
