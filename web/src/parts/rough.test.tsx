// @vitest-environment happy-dom
import { setAt } from '@every-inch/core/piece';
import { fireEvent, screen, waitFor } from '@testing-library/react';
import { useState } from 'react';
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
  const [loose, setLoose] = useState(3);
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
      <LengthField
        label="Tall, at 1:12"
        entry={TALL}
        entryTimes={12}
        shown={`${tall / 12} mm`}
        unit="mm"
        onLength={(mm) => store.dispatch(editAt('tall', TALL, mm * 12))}
      />
      <LengthField label="Loose" shown={`${loose} mm`} unit="mm" onLength={setLoose} />
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

  it('a range whose ends cannot stand there is refused', () => {
    atBench(<Fields />, { piece });
    fill(field('Dial'), '20 to 130');
    expect(screen.getByRole('alert').textContent).toContain('20');
  });

  it('what is only asked is kept as typed while it stands, and says what is reckoned with', () => {
    atBench(<Fields />, { piece });
    fill(field('Loose'), '5 to 9 mm');
    expect(field('Loose').value).toBe('5 to 9 mm');
    expect(field('Loose').title).toBe('reckoned with 7 mm');
    fill(field('Loose'), '4');
    expect([field('Loose').value, field('Loose').title]).toEqual(['4 mm', '']);
  });

  it('an amount typed in another frame carries its range into the entry, in the figures of that frame', async () => {
    atBench(<Fields />, { piece });
    fill(field('Tall, at 1:12'), '75 to 80 mm');
    expect(pieceNow().rough).toMatchObject([{ typed: '900 to 960', value: 930, low: 900, high: 960 }]);
    expect(field('Tall, at 1:12').value).toBe('75 to 80 mm');
    expect(field('Tall').value).toBe('900 to 960');
    await waitFor(() => {
      const { low, high } = figures.find('goose', 'size.height')?.quantity ?? {};
      expect([low, high].map((mm) => mm?.toFixed(6))).toEqual(['75.000000', '80.000000']);
    });
    fill(field('Tall, at 1:12'), '70 or more');
    expect(pieceNow().rough).toMatchObject([{ typed: '840 or more', low: 840, high: null }]);
  });

  it('when the entry is changed by other means, the field shows what it is', async () => {
    atBench(<Fields />, { piece });
    fill(field('Tall'), '900 to 1000 mm');
    store.dispatch(editAt('moved', TALL, 700));
    await waitFor(() => expect(field('Tall').value).toBe('700 mm'));
    expect(setAt(piece, TALL, 1)).not.toBe(piece);
  });
});
