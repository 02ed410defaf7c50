// @vitest-environment happy-dom
import { cleanup, fireEvent, render, screen, within } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { useState } from 'react';
import { afterEach, describe, expect, it } from 'vitest';
import { type Column, Table } from './Table.tsx';

afterEach(cleanup);

interface Peg {
  readonly name: string;
  readonly longMm: number;
}

const PEGS: readonly Peg[] = [
  { name: 'knee', longMm: 9 },
  { name: 'ankle', longMm: 12.5 },
  { name: 'hip', longMm: 9 },
];
const COLUMNS: readonly Column<Peg>[] = [
  { id: 'name', title: 'peg', isHead: true, cell: ({ name }) => name, sortBy: ({ name }) => name },
  {
    id: 'long',
    title: 'long, mm',
    holds: 'figures',
    canHide: true,
    cell: ({ longMm }) => longMm.toFixed(1),
    sortBy: ({ longMm }) => longMm,
  },
  {
    id: 'bin',
    title: 'change',
    isQuiet: true,
    cell: ({ name }) => <button type="button">bin {name}</button>,
  },
];
const draw = (columns = COLUMNS) =>
  render(<Table label="Pegs" rows={PEGS} columns={columns} keyOf={({ name }) => name} />);
const heads = () => screen.getAllByRole('rowheader').map(({ textContent }) => textContent);

/** A table whose names are fields. */
function Editor() {
  const [rows, setRows] = useState(PEGS);
  const columns: Column<Peg & { readonly at: number }>[] = [
    {
      id: 'name',
      title: 'peg',
      cell: ({ name, at }) => (
        <input
          aria-label={`peg ${at}`}
          value={name}
          onChange={(event) =>
            setRows(rows.map((old, i) => (i === at ? { ...old, name: event.target.value } : old)))
          }
        />
      ),
    },
  ];
  return (
    <Table
      label="Pegs"
      rows={rows.map((peg, at) => ({ ...peg, at }))}
      columns={columns}
      keyOf={({ at }) => String(at)}
    />
  );
}

describe('a table', () => {
  it('is named, and every cell says its heading for where the table is folded', () => {
    draw();
    const table = screen.getByRole('table', { name: 'Pegs' });
    expect(
      within(table)
        .getAllByRole('columnheader')
        .map(({ textContent }) => textContent),
    ).toEqual(['peg', 'long, mm', 'change']);
    const [cell, bin] = within(table).getAllByRole('cell');
    expect(cell?.dataset.title).toBe('long, mm');
    // A column of buttons needs no heading before them.
    expect(bin?.dataset.title).toBeUndefined();
  });

  it('stands in the order it was given until a heading is pressed: up, down, and back', () => {
    draw();
    const press = () => fireEvent.click(screen.getByRole('button', { name: 'peg' }));
    expect(heads()).toEqual(['knee', 'ankle', 'hip']);
    press();
    expect(heads()).toEqual(['ankle', 'hip', 'knee']);
    expect(screen.getByRole('columnheader', { name: 'peg' }).getAttribute('aria-sort')).toBe('ascending');
    press();
    expect(heads()).toEqual(['knee', 'hip', 'ankle']);
    expect(screen.getByRole('columnheader', { name: 'peg' }).getAttribute('aria-sort')).toBe('descending');
    press();
    expect(heads()).toEqual(['knee', 'ankle', 'hip']);
    expect(screen.getByRole('columnheader', { name: 'peg' }).hasAttribute('aria-sort')).toBe(false);
  });

  it('orders figures by their size and not by their digits; what is alike keeps its place', () => {
    draw();
    fireEvent.click(screen.getByRole('button', { name: 'long, mm' }));
    fireEvent.click(screen.getByRole('button', { name: 'long, mm' }));
    const order = heads();
    // Largest or smallest first: 12.5 stands beyond both that are 9, and they keep their order.
    expect([
      ['ankle', 'knee', 'hip'],
      ['knee', 'hip', 'ankle'],
    ]).toContainEqual(order);
  });

  it('a column without an order of its own has no button', () => {
    draw();
    expect(screen.queryByRole('button', { name: 'change' })).toBeNull();
  });

  it('columns can be put away and brought back, by keys', async () => {
    draw();
    const user = userEvent.setup();
    await user.click(screen.getByRole('button', { name: 'what is shown' }));
    const item = await screen.findByRole('menuitemcheckbox', { name: 'long, mm' });
    expect(item.getAttribute('aria-checked')).toBe('true');
    item.focus();
    await user.keyboard('{Enter}');
    expect(document.querySelector('[data-title="long, mm"]')).toBeNull();
    // It stays open, for the next.
    await user.keyboard('{Enter}');
    expect(document.querySelectorAll('[data-title="long, mm"]')).toHaveLength(PEGS.length);
  });

  it('what belongs to a row stands below it over the whole width', () => {
    render(
      <Table
        label="Pegs"
        rows={PEGS}
        columns={COLUMNS}
        keyOf={({ name }) => name}
        below={({ name }) => name === 'ankle' && <p>drilled</p>}
      />,
    );
    const below = screen.getByText('drilled').closest('td');
    expect(below?.getAttribute('colspan')).toBe('3');
    expect(below?.closest('tr')?.previousElementSibling?.textContent).toContain('ankle');
    expect(document.querySelectorAll('.table-below')).toHaveLength(1);
  });

  it('a field keeps the cursor while its row changes under it', async () => {
    render(<Editor />);
    const user = userEvent.setup();
    const field = screen.getByLabelText<HTMLInputElement>('peg 1');
    await user.click(field);
    await user.keyboard(', left');
    expect(field.value).toBe('ankle, left');
    expect(document.activeElement).toBe(field);
  });
});
