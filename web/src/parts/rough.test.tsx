// @vitest-environment happy-dom
import { setAt } from '@every-inch/core/piece';
import { fireEvent, screen, waitFor } from '@testing-library/react';
import { describe, expect, it } from 'vitest';
import { figures } from '../spine/open.ts';
import { undone } from '../state/documentSlice.ts';
import { editAt, store, useOpenPiece } from '../state/store.ts';
import { atBench, ferryOf, fill, pieceNow, withDesk } from '../testing/bench.tsx';
import { LengthField } from './LengthField.tsx';
import { NumberField } from './NumberField.tsx';

withDesk();

const DIAL = ['oven', 'dialC'];
const TALL = ['parts', 'goose', 'form', 'heightMm'];
const piece = ferryOf('goose');

function Fields() {
  const { oven, parts } = useOpenPiece();
  const goose = parts.find(({ id }) => id === 'goose');
  const tall = goose?.form.kind === 'bird' ? goose.form.heightMm : 0;
  return (
    <>
      <NumberField
        label="Dial"
        entry={DIAL}
        value={oven.dialC}
        after="°C"
        min={40}
        max={250}
        onNumber={(dialC) => store.dispatch(editAt('dial', DIAL, dialC))}
        onEmpty={() => store.dispatch(editAt('dial', DIAL, null))}
      />
      <LengthField
        label="Tall"
        entry={TALL}
        shown={`${tall} mm`}
        unit="mm"
        onLength={(mm) => store.dispatch(editAt('tall', TALL, mm))}
      />
      <LengthField label="Loose" shown="" unit="mm" onLength={() => undefined} />
    </>
  );
}
const field = (label: string) => screen.getByLabelText<HTMLInputElement>(label);

describe('a field takes an amount as it is stated', () => {
  it('a range is kept as typed, reckoned with at its middle, and undone in one step', async () => {
    atBench(<Fields />, { piece });
    const before = pieceNow();
    fill(field('Tall'), '900 to 1000 mm');
    expect(pieceNow().parts[0]?.form).toMatchObject({ heightMm: 950 });
    expect(field('Tall').value).toBe('900 to 1000 mm');
    await waitFor(() => {
      const { low, high } = figures.find('goose', 'size.height')?.quantity ?? {};
      // At 1:12.
      expect(low).toBeCloseTo(75, 6);
      expect(high).toBeCloseTo(1000 / 12, 6);
    });
    store.dispatch(undone());
    expect(pieceNow().parts).toEqual(before.parts);
    expect(pieceNow().rough).toEqual([]);
  });

  it('about, a limit and Fahrenheit are read; what is exact again is rough no more', () => {
    atBench(<Fields />, { piece });
    fill(field('Dial'), '225–230 °F');
    expect(pieceNow().oven.dialC).toBeCloseTo(108.6, 1);
    expect(field('Dial').value).toBe('225–230 °F');
    fill(field('Dial'), 'about 130');
    expect(pieceNow().rough).toMatchObject([{ typed: 'about 130', low: 117, high: 143 }]);
    fill(field('Dial'), '130');
    expect(pieceNow().rough).toEqual([]);
    fill(field('Tall'), '1 m or less');
    expect(pieceNow().rough).toMatchObject([{ typed: '1 m or less', value: 1000, low: null, high: 1000 }]);
  });

  it('what can be meant in two ways is asked, and nothing is taken', () => {
    atBench(<Fields />, { piece });
    const before = pieceNow();
    for (const typed of ['5-9', '1,000']) {
      fireEvent.change(field('Tall'), { target: { value: typed } });
      fireEvent.keyDown(field('Tall'), { key: 'Enter' });
      expect(screen.getByRole('alert').textContent).toMatch(/can be meant in two ways/);
      fireEvent.keyDown(field('Tall'), { key: 'Escape' });
    }
    expect(pieceNow()).toBe(before);
  });

  it('a range whose ends cannot stand there is refused; so is a rough amount where nothing keeps it', () => {
    atBench(<Fields />, { piece });
    fill(field('Dial'), '20 to 130');
    expect(screen.getByRole('alert').textContent).toContain('20');
    fireEvent.keyDown(field('Dial'), { key: 'Escape' });
    fill(field('Loose'), '5 to 9 mm');
    expect(screen.getByRole('alert').textContent).toBe('an exact amount is wanted here');
  });

  it('when the entry is changed by other means, the field shows what it is', async () => {
    atBench(<Fields />, { piece });
    fill(field('Tall'), '900 to 1000 mm');
    store.dispatch(editAt('moved', TALL, 700));
    await waitFor(() => expect(field('Tall').value).toBe('700 mm'));
    expect(setAt(piece, TALL, 1)).not.toBe(piece);
  });
});
