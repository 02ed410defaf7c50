// @vitest-environment happy-dom
import { lowWaterFerry } from '@every-inch/core/demo';
import { screen, waitFor, within } from '@testing-library/react';
import { describe, expect, it, vi } from 'vitest';
import { figures, spine } from '../spine/open.ts';
import { undone } from '../state/documentSlice.ts';
import { store } from '../state/store.ts';
import { atBench, choose, fill, NOW, pieceNow, press, withDesk } from '../testing/bench.tsx';
import { Additions } from './brief/Additions.tsx';
import { ClayChooser } from './brief/ClayChooser.tsx';
import { Features } from './brief/Features.tsx';
import { Inserts } from './bulk/Inserts.tsx';
import LogLens from './log/LogLens.tsx';
import { RecordForm } from './log/RecordForms.tsx';

withDesk();

const ferry = lowWaterFerry(NOW);
const reckoned = (stage: string) =>
  waitFor(() => expect(figures.isSettled(stage, spine.revision)).toBe(true));
const partNow = (id: string) => {
  const part = pieceNow().parts.find((one) => one.id === id);
  if (!part) throw new Error(`no ${id}`);
  return part;
};

describe('features to count', () => {
  const row = (name: string) =>
    screen.getByDisplayValue(name).closest('li') ?? expect.fail(`no row of ${name}`);

  it('are counted up to what is wanted and not beyond, and down to nothing', async () => {
    const { user } = atBench(<Features />, { part: 'ferrywoman' });
    const buttons = within(row('coat buttons'));
    const [more, less] = ['more', 'less'].map((way) =>
      buttons.getByRole('button', { name: `One of coat buttons ${way}` }),
    );
    const made = () => partNow('ferrywoman').features.find(({ name }) => name === 'coat buttons')?.made;
    expect(made()).toBe(4);
    await user.click(more as HTMLElement);
    await user.click(more as HTMLElement);
    expect([made(), more?.hasAttribute('disabled')]).toEqual([6, true]);
    expect(buttons.getByText('all there')).toBeTruthy();
    for (let i = 0; i < 6; i += 1) await user.click(less as HTMLElement);
    expect([made(), less?.hasAttribute('disabled')]).toEqual([0, true]);
  });

  it('are baked ahead or of a face because it is ticked, whatever they are called', async () => {
    const { user } = atBench(<Features />, { part: 'ferrywoman' });
    await user.click(screen.getByRole('checkbox', { name: 'ears, baked ahead' }));
    await user.click(screen.getByRole('checkbox', { name: 'eyes, of a face' }));
    const of = (name: string) => partNow('ferrywoman').features.find((one) => one.name === name);
    expect([of('ears')?.ahead, of('eyes')?.facial]).toEqual([true, false]);
  });

  it('what a form usually has is offered until it is there', async () => {
    const { user } = atBench(<Features />, { part: 'goose' });
    await user.click(screen.getByRole('button', { name: /What it usually has/ }));
    expect(partNow('goose').features.map(({ name, wanted }) => [name, wanted])).toEqual([
      ['eyes', 2],
      ['wings', 2],
      ['toes', 8],
    ]);
    expect(screen.queryByRole('button', { name: /What it usually has/ })).toBeNull();
  });

  it('a row taken out comes back with undo', async () => {
    const { user } = atBench(<Features />, { part: 'ferrywoman' });
    const before = partNow('ferrywoman').features;
    await user.click(screen.getByRole('button', { name: 'Take out ears' }));
    expect(partNow('ferrywoman').features).toHaveLength(before.length - 1);
    store.dispatch(undone());
    expect(partNow('ferrywoman').features).toEqual(before);
  });
});

describe('which clay', () => {
  it('what is asked for moves the advice, and the advice is taken at one press', async () => {
    const { user } = atBench(<ClayChooser />, { part: 'post' });
    const first = async () => (await screen.findAllByRole('listitem'))[0]?.textContent ?? '';
    await waitFor(async () => expect(await first()).not.toBe(''));
    await user.click(screen.getByRole('checkbox', { name: 'stone or brick' }));
    expect(partNow('post').wishes).toEqual(['masonry']);
    await waitFor(async () => expect(await first()).toMatch(/stone-effect/i));
    const [use] = within((await screen.findAllByRole('listitem'))[0] as HTMLElement).getAllByRole('button');
    await user.click(use as HTMLElement);
    const [share] = partNow('post').mix;
    expect(pieceNow().clays.find(({ id }) => id === share?.clay)?.family).toBe('stone-effect');
    // The clay that is in stock is taken, not another of its kind.
    expect(pieceNow().clays).toHaveLength(ferry.clays.length);
  });
});

describe('a wish that comes late', () => {
  it('is written down with what it takes, and its days follow from the hours', async () => {
    const { user } = atBench(<Additions />);
    await reckoned('brief');
    await user.click(screen.getByRole('button', { name: /wish|addition/i }));
    const hours = screen.getByLabelText('New wish, hours at the bench') as HTMLInputElement;
    await user.clear(hours);
    await user.type(hours, '6{Enter}');
    const added = pieceNow().additions.at(-1);
    expect(added).toMatchObject({ name: 'New wish', hours: 6, accepted: false });
    await waitFor(() =>
      expect(figures.find(null, `addition.${added?.id}`)?.quantity.value).toBeGreaterThan(0),
    );
  });
});

describe('what is let in', () => {
  it('is known by its name and its lengths, and each can be emptied of nothing', async () => {
    const lantern = ferry.parts.find(({ id }) => id === 'lantern');
    if (!lantern) throw new Error('no lantern');
    const { user } = atBench(<Inserts part={lantern} />, { part: 'lantern' });
    const row = screen.getByRole('listitem', { name: 'lamp cell' });
    const deep = within(row).getByLabelText('deep') as HTMLInputElement;
    await user.clear(deep);
    await user.tab();
    expect(partNow('lantern').inserts[0]?.depthMm).toBe(lantern.inserts[0]?.depthMm);
    await user.clear(deep);
    await user.type(deep, '3 mm{Enter}');
    expect(partNow('lantern').inserts[0]?.depthMm).toBe(3);
  });
});

describe('the log', () => {
  it('a measure is recorded with one press once it has a length, and says what is wanting until then', async () => {
    const onDone = vi.fn();
    const { user } = atBench(<RecordForm kind="measure" onDone={onDone} />, { part: 'goose' });
    await reckoned('log');
    await user.click(screen.getByRole('button', { name: /record/i }));
    expect((await screen.findByRole('alert')).textContent).toBe('Enter the length as made.');
    expect(screen.getByLabelText('As made').getAttribute('aria-invalid')).toBe('true');
    expect(onDone).not.toHaveBeenCalled();
    await user.type(screen.getByLabelText('As made'), '64.2{Enter}');
    await user.click(screen.getByRole('button', { name: /record/i }));
    await waitFor(() => expect(onDone).toHaveBeenCalled());
    expect(pieceNow().log.at(-1)).toMatchObject({
      kind: 'measure',
      part: 'goose',
      measure: { madeMm: 64.2 },
      bake: null,
    });
  });

  it('a note wants a line or a picture, a measure a part, a bake its heat: each is said at its field', async () => {
    const refused = async (kind: 'note' | 'measure' | 'bake', field: string) => {
      const drawn = atBench(<RecordForm kind={kind} onDone={expect.fail} />);
      if (kind === 'bake') fill(screen.getByLabelText(field), '');
      if (kind === 'measure') choose(screen.getByLabelText(field), 'the whole piece');
      press('Record it');
      const [alert] = await screen.findAllByRole('alert');
      expect(screen.getByLabelText(field).getAttribute('aria-describedby'), kind).toBe(alert?.id);
      drawn.unmount();
      return alert?.textContent;
    };
    expect(await refused('note', 'Note')).toBe('Write a line or add a picture.');
    expect(await refused('bake', 'Heat, by the thermometer')).toBe('Enter the heat.');
    expect(await refused('measure', 'Part')).toBe('Choose the part that was measured.');
    expect(pieceNow().log).toEqual(ferry.log);
  });

  it('a bake begins with what the card asks for, and is held against it', async () => {
    const { user } = atBench(<LogLens />, { part: 'goose', stage: 'log' });
    await reckoned('bake');
    await user.click(screen.getByRole('button', { name: 'Record a bake' }));
    const form = screen.getByRole('form', { name: 'Record a bake' });
    const heat = within(form).getByLabelText('Heat, by the thermometer') as HTMLInputElement;
    expect(Number(heat.value)).toBe(figures.find('goose', 'bake.temperature')?.quantity.value);
    await user.clear(heat);
    await user.type(heat, '90{Enter}');
    await user.click(within(form).getByRole('button', { name: /^Record/ }));
    await waitFor(() => expect(pieceNow().log).toHaveLength(ferry.log.length + 1));
    const entry = pieceNow().log.at(-1);
    expect(entry?.bake).toMatchObject({ temperatureC: 90, outcome: 'good' });
    await waitFor(() => expect(figures.find('goose', `log.heat.${entry?.id}`)?.quantity.value).toBeDefined());
    const row = document.querySelector<HTMLElement>(`[data-entry="log/${entry?.id}"]`);
    await user.click(within(row as HTMLElement).getByRole('button', { name: 'Remove' }));
    expect(pieceNow().log).toHaveLength(ferry.log.length);
  });

  it('nothing of it can be changed where another tab edits the piece', async () => {
    atBench(<LogLens />, { stage: 'log', readOnly: true });
    for (const kind of ['bake', 'measure', 'note'])
      expect(screen.getByRole('button', { name: `Record a ${kind}` }).hasAttribute('disabled')).toBe(true);
    for (const remove of screen.queryAllByRole('button', { name: 'Remove' }))
      expect(remove.hasAttribute('disabled')).toBe(true);
  });
});
