// @vitest-environment happy-dom
import { fireEvent, screen, waitFor, within } from '@testing-library/react';
import { describe, expect, it } from 'vitest';
import { useFigure } from '../spine/hooks.ts';
import { atBench, pieceNow, withDesk } from '../testing/bench.tsx';
import { fieldOf } from './entries.ts';
import { Working } from './Working.tsx';

withDesk();

function Shown({ part, of }: { readonly part: string | null; readonly of: string }) {
  const figure = useFigure(part, of);
  return figure ? <Working figure={figure} /> : <p>not reckoned yet</p>;
}

/** Opens the working of a figure and gives what is in it. */
async function working(part: string | null, key: string) {
  const bench = atBench(<Shown part={part} of={key} />, { stage: 'bulk' });
  const opener = await screen.findByRole('button');
  await bench.user.click(opener);
  const body = await screen.findByRole('dialog');
  await within(body).findByRole('heading');
  return { ...bench, body };
}

describe('the working of a figure', () => {
  it('shows the formula, the numbers put in, and where each came from', async () => {
    const { body } = await working('goose', 'measure.height');
    expect(body.textContent).toContain('m = L ÷ s');
    // 780 mm at 1:12, the first height of the goose in the demo.
    expect(body.textContent).toContain('78.0 cm ÷ 12 = 65.0 mm');
    expect(within(body).getByRole('button', { name: 'your entry' })).toBeTruthy();
    expect(within(body).getByRole('button', { name: /open its working/ })).toBeTruthy();
  });

  it('leads to the entry: its stage, its part and its field', async () => {
    const { body, user } = await working('goose', 'measure.height');
    await user.click(within(body).getByRole('button', { name: 'your entry' }));
    expect(screen.getByLabelText('address').textContent).toBe(
      '/piece/low-water-ferry/size parts/goose/form/heightMm',
    );
  });

  it('an own value in place of the handbook’s is taken, and the figure follows', async () => {
    const { body, user } = await working('goose', 'bulk.clay');
    const before = body.textContent;
    const own = within(body).getAllByLabelText('Your own value, for this piece')[0] as HTMLInputElement;
    await user.clear(own);
    await user.type(own, '25{Enter}');
    expect(Object.values(pieceNow().own)).toContain(25);
    await waitFor(() => expect(screen.getByRole('dialog').textContent).not.toBe(before));
  });

  it('goes on to the working of what it leans on, and back', async () => {
    const { body, user } = await working('goose', 'measure.height');
    await user.click(within(body).getByRole('button', { name: /open its working/ }));
    await waitFor(() => expect(within(body).getByRole('heading').textContent).toContain('the whole piece'));
    fireEvent.keyDown(body, { key: 'Escape' });
    await waitFor(() => expect(screen.queryByRole('dialog')).toBeNull());
  });
});

describe('the field an entry is made in', () => {
  const marks = (...entries: string[]) => {
    const root = document.createElement('div');
    root.innerHTML = entries.map((entry) => `<input data-entry="${entry}">`).join('');
    return root;
  };

  it('is the one whose mark it is, else the nearest above, else the nearest below', () => {
    const root = marks('scale', 'fits/a/opening/widthMm', 'fits/a', 'log/one');
    expect(fieldOf('fits/a/opening/widthMm', root)?.dataset.entry).toBe('fits/a/opening/widthMm');
    expect(fieldOf('fits/a/kind', root)?.dataset.entry).toBe('fits/a');
    expect(fieldOf('scale/heightMm', root)?.dataset.entry).toBe('scale');
    expect(fieldOf('log', root)?.dataset.entry).toBe('log/one');
    expect(fieldOf('oven/dialC', root)).toBeNull();
  });

  it('is not one whose name only begins alike', () => {
    expect(fieldOf('scales', marks('scale'))).toBeNull();
  });
});
