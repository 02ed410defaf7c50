// @vitest-environment happy-dom
import { screen, within } from '@testing-library/react';
import { describe, expect, it } from 'vitest';
import { atBench, ferryOf, withDesk } from '../../testing/bench.tsx';
import { Seams } from './Seams.tsx';

withDesk();

describe('seams, edges and gaps', () => {
  it('are summed at the heading, and each says what it is, how long, and what hides it', async () => {
    const { user } = atBench(<Seams />, { piece: ferryOf('lantern', 'crate', 'quay'), stage: 'bench' });
    await user.click(
      await screen.findByRole('button', { name: 'Seams, edges and gaps' }, { timeout: 60_000 }),
    );
    expect(screen.getByText(/^\d+ to hide, \d+ cm in all$/)).toBeTruthy();
    const table = await screen.findByRole('table', { name: 'Seams, edges and gaps' });
    const rows = within(table).getAllByRole('row').slice(1);
    const count = Number(/^\d+/.exec(screen.getByText(/to hide/).textContent ?? '')?.[0]);
    expect(rows.length).toBeGreaterThanOrEqual(count);
    for (const row of rows) {
      const [, kind, long, hide] = within(row).getAllByRole('cell');
      expect(kind?.textContent).toMatch(/^(joint|foot|cut edge|opening|hole|step|sharp edge)$/);
      expect(long?.textContent).toMatch(/ mm$/);
      expect(hide?.textContent).not.toBe('');
    }
  });

  it('of a piece without any are not on the page', async () => {
    const { container } = atBench(<Seams />, { piece: { ...ferryOf('post'), parts: [] }, stage: 'bench' });
    await new Promise((resolve) => setTimeout(resolve, 500));
    expect(container.querySelector('table')).toBeNull();
  });
});
