// @vitest-environment happy-dom
import type { BuiltForm, PanelsForm, PersonForm, TurnedForm } from '@every-inch/core/form';
import { LIMITS, type Part } from '@every-inch/core/piece';
import { act, fireEvent, screen, waitFor, within } from '@testing-library/react';
import { describe, expect, it } from 'vitest';
import { usePartFacts } from '../../spine/hooks.ts';
import { figures } from '../../spine/open.ts';
import { undone } from '../../state/documentSlice.ts';
import { store, useOfPiece } from '../../state/store.ts';
import { atBench, button, choose, ferryOf, fill, pieceNow, press, withDesk } from '../../testing/bench.tsx';
import { BuiltPieces } from './BuiltPieces.tsx';
import { ClothingFields, FormFields } from './FormFields.tsx';
import { JointFields } from './JointFields.tsx';
import { MeasureTable } from './MeasureTable.tsx';
import { Pairs } from './Pairs.tsx';
import { PanelFields } from './PanelFields.tsx';
import { FormPoints } from './PointTable.tsx';
import ReadsAs from './ReadsAs.tsx';

withDesk();

const partNow = (id: string) => pieceNow().parts.find((part) => part.id === id) ?? expect.fail(`no ${id}`);
const box = (name: string | RegExp) => screen.getByLabelText<HTMLInputElement>(name);
const undo = () => act(() => void store.dispatch(undone()));

/** The ferry with one of its parts made of another form. */
function ferryWith(id: string, form: Part['form']) {
  const piece = ferryOf(id);
  return { ...piece, parts: piece.parts.map((part) => (part.id === id ? { ...part, form } : part)) };
}
function usePartOf(id: string): Part {
  return useOfPiece((piece) => piece.parts).find((part) => part.id === id) ?? expect.fail(`no ${id}`);
}

function MeasuresOf({ id }: { readonly id: string }) {
  const context = usePartFacts(id);
  return context ? <MeasureTable context={context} /> : null;
}

describe('measures of a part', () => {
  const piece = ferryOf('ferrywoman', 'post');
  async function measures(id: string) {
    atBench(<MeasuresOf id={id} />, { piece, part: id, stage: 'size' });
    return screen.findByRole('table', { name: /^Measures of / });
  }
  const height = () => figures.find('post', 'size.height')?.quantity.value ?? Number.NaN;

  it('a length in life, in miniature or in inches is the same length: 1:12', async () => {
    await measures('post');
    const life = screen.getAllByLabelText<HTMLInputElement>(/, in life$/)[0] ?? expect.fail('no length');
    const title =
      life.getAttribute('aria-label') ?? document.querySelector(`label[for="${life.id}"]`)?.textContent ?? '';
    const name = title.replace(/, in life$/, '');
    fill(life, '1.2 m');
    // 1200 mm ÷ 12 = 100 mm; 100 mm is 3 15/16 in to the nearest 64th.
    await waitFor(() => expect(box(`${name}, miniature`).value).toBe('100.0'));
    expect(box(`${name}, in inches`).value).toBe('3 15/16');
    fill(box(`${name}, miniature`), '50');
    await waitFor(() => expect(life.value).toBe('60.0 cm'));
    fill(box(`${name}, in inches`), '2');
    // 2 in are 50.8 mm, 609.6 mm in life.
    await waitFor(() => expect(box(`${name}, miniature`).value).toBe('50.8'));
    await waitFor(() => expect(height()).toBeGreaterThan(0));
  });

  it('what cannot be read stays with the reason, and changes nothing', async () => {
    await measures('post');
    const before = partNow('post').form;
    const [life] = screen.getAllByLabelText<HTMLInputElement>(/, in life$/);
    if (!life) throw new Error('no length');
    fireEvent.change(life, { target: { value: 'as long as it wants' } });
    expect(screen.getByRole('alert').textContent).not.toBe('');
    expect(life.getAttribute('aria-invalid')).toBe('true');
    fireEvent.blur(life);
    expect(partNow('post').form).toBe(before);
    expect(life.value).toBe('as long as it wants');
    fireEvent.keyDown(life, { key: 'Escape' });
    expect(screen.queryByRole('alert')).toBeNull();
  });

  it('a length as made is entered in the log, and how far off it is stands beside it', async () => {
    const table = await measures('ferrywoman');
    const made = screen.getAllByLabelText<HTMLInputElement>(/, as made$/)[0] ?? expect.fail('no field');
    const row = made.closest('tr') ?? expect.fail('no row');
    const mini = Number(within(row).getByLabelText<HTMLInputElement>(/, miniature$/).value);
    fill(made, String(mini + 1));
    expect(pieceNow().log.at(-1)).toMatchObject({
      kind: 'measure',
      part: 'ferrywoman',
      measure: { madeMm: mini + 1 },
    });
    await waitFor(() => expect(within(row).getByText(/^\+1\.0/)).toBeTruthy());
    expect(table.textContent).toContain('not made yet');
  });

  it('a length that is held is let go again, and follows the stature', async () => {
    const held = ferryWith('ferrywoman', {
      ...(ferryOf('ferrywoman').parts[0]?.form as PersonForm),
      locked: { hip: 850 },
    } as PersonForm);
    atBench(<MeasuresOf id="ferrywoman" />, { piece: held, part: 'ferrywoman', stage: 'size' });
    const lock = await screen.findAllByLabelText(/is held: let it follow again$/);
    fireEvent.click(lock[0] as HTMLElement);
    expect((partNow('ferrywoman').form as PersonForm).locked).toEqual({});
    undo();
    expect((partNow('ferrywoman').form as PersonForm).locked).toEqual({ hip: 850 });
  });
});

function FieldsOf({ id }: { readonly id: string }) {
  return <FormFields part={usePartOf(id)} />;
}

describe('what a form is chosen as', () => {
  it('a person: heads, build and pose, each within its limits', () => {
    atBench(<FieldsOf id="ferrywoman" />, {
      piece: ferryOf('ferrywoman'),
      part: 'ferrywoman',
      stage: 'size',
    });
    const form = () => partNow('ferrywoman').form as PersonForm;
    fill(box('Heads tall'), '6');
    expect(form().headsTall).toBe(6);
    fill(box('Heads tall'), '');
    expect(form().headsTall).toBeNull();
    fill(box('Build'), String(LIMITS.personForm.build.max + 1));
    expect(screen.getByRole('alert').textContent).toBe(`at most ${LIMITS.personForm.build.max}`);
    fill(box('Build'), '1.2');
    expect(form().build).toBe(1.2);
    choose(box('Pose'), 'sitting');
    expect(form().pose).toBe('sitting');
  });

  it('a tree grows otherwise at a press, and undo brings the old one back', () => {
    const piece = ferryWith('willow', ferryOf('willow').parts[0]?.form as Part['form']);
    atBench(<FieldsOf id="willow" />, { piece, part: 'willow', stage: 'size' });
    const before = partNow('willow').form;
    press('grow another');
    expect(partNow('willow').form).not.toEqual(before);
    undo();
    expect(partNow('willow').form).toEqual(before);
    fill(box('Forks'), '2.5');
    expect(screen.getByRole('alert').textContent).toBe('a whole number is wanted here');
  });
});

function ClothesOf({ id }: { readonly id: string }) {
  const part = usePartOf(id);
  return <ClothingFields part={part} form={part.form as PersonForm} />;
}

describe('clothes', () => {
  it('a thickness may be nothing, a hem may not; emptied there is no coat', () => {
    atBench(<ClothesOf id="ferrywoman" />, {
      piece: ferryOf('ferrywoman'),
      part: 'ferrywoman',
      stage: 'size',
    });
    const clothing = () => (partNow('ferrywoman').form as PersonForm).clothing;
    fill(box('Arms'), '12 mm');
    expect(clothing().armsMm).toBe(12);
    fill(box('Arms'), '0');
    expect(clothing().armsMm).toBe(0);
    fill(box('Coat or skirt to'), '-3');
    expect(screen.getAllByRole('alert').length).toBeGreaterThan(0);
    fill(box('Coat or skirt to'), '40 cm');
    expect(clothing().hemMm).toBe(400);
    fill(box('Coat or skirt to'), '');
    expect(clothing().hemMm).toBeNull();
  });
});

function JointsOf({ id }: { readonly id: string }) {
  const part = usePartOf(id);
  const context = usePartFacts(id);
  const form = part.form as PersonForm;
  return context ? (
    <JointFields part={part} angles={form.angles} posed={{}} joints={context.shape.joints} />
  ) : null;
}

describe('joints', () => {
  it('one is turned, the other side goes alike, and the pose is one press away', async () => {
    const plain = ferryWith('ferrywoman', {
      ...(ferryOf('ferrywoman').parts[0]?.form as PersonForm),
      angles: {},
    });
    atBench(<JointsOf id="ferrywoman" />, { piece: plain, part: 'ferrywoman', stage: 'size' });
    choose(await screen.findByLabelText('Joint'), 'left elbow');
    fireEvent.change(box('left elbow, bend'), { target: { value: '40' } });
    const angles = () => (partNow('ferrywoman').form as PersonForm).angles;
    expect(angles()['left elbow']?.flex).toBe(40);
    press('the other side alike');
    expect(angles()['right elbow']).toEqual(angles()['left elbow']);
    expect(screen.getByText('Joints, 2 turned by hand')).toBeTruthy();
    press('back to the pose');
    expect(angles()).toEqual({});
  });
});

const TOWER: BuiltForm = {
  kind: 'built',
  pieces: [
    {
      name: 'shaft',
      form: { kind: 'cylinder', heightMm: 600, bottomMm: 200, topMm: 200, lying: false },
      xMm: 0,
      yMm: 0,
      zMm: 0,
      turnDeg: 0,
      tipDeg: 0,
      leanDeg: 0,
      cut: false,
    },
  ],
};

function PiecesOf({ id }: { readonly id: string }) {
  const part = usePartOf(id);
  return <BuiltPieces part={part} form={part.form as BuiltForm} />;
}

describe('a thing built up from pieces', () => {
  const pieces = () => (partNow('post').form as BuiltForm).pieces;
  const draw = () =>
    atBench(<PiecesOf id="post" />, { piece: ferryWith('post', TOWER), part: 'post', stage: 'size' });

  it('pieces are put on, doubled and taken out; the last one stays', () => {
    draw();
    expect(button('Take out shaft').disabled).toBe(true);
    press('+ ball');
    expect(pieces().map(({ form }) => form.kind)).toEqual(['cylinder', 'ball']);
    press('Duplicate shaft');
    expect(pieces().map(({ form }) => form.kind)).toEqual(['cylinder', 'cylinder', 'ball']);
    fireEvent.click(screen.getAllByLabelText('Take out shaft')[0] as HTMLElement);
    expect(pieces()).toHaveLength(2);
    undo();
    expect(pieces()).toHaveLength(3);
  });

  it('one is moved, turned, cut away and renamed where it stands', () => {
    draw();
    fill(box('shaft, up'), '-50 mm');
    fill(box('shaft, tipped, degrees'), '30');
    expect(pieces()[0]).toMatchObject({ yMm: -50, tipDeg: 30 });
    fill(box('shaft, tipped, degrees'), '400');
    expect(screen.getByRole('alert').textContent).toBe('at most 360');
    press('shaft');
    choose(screen.getByLabelText('It is'), 'cut away');
    choose(screen.getByLabelText('Lies'), 'on its side');
    fill(box('Across above'), '0');
    expect(pieces()[0]).toMatchObject({ cut: true, form: { lying: true, topMm: 0 } });
    fill(box('Piece'), 'bore');
    expect(pieces()[0]?.name).toBe('bore');
    // A piece has a name.
    fill(box('Piece'), '');
    expect(pieces()[0]?.name).toBe('bore');
  });
});

const HUT: PanelsForm = {
  kind: 'panels',
  widthMm: 1200,
  depthMm: 900,
  heightMm: 1000,
  thicknessMm: 36,
  walls: ['front', 'back', 'left', 'right'],
  floor: false,
  roof: 'none',
  riseMm: 0,
  eavesMm: 0,
  joint: 'butt',
  openings: [],
};

function PanelsOf({ id }: { readonly id: string }) {
  const part = usePartOf(id);
  return <PanelFields part={part} form={part.form as PanelsForm} shrink={12} />;
}

describe('a thing of panels', () => {
  const form = () => partNow('post').form as PanelsForm;
  const draw = () =>
    atBench(<PanelsOf id="post" />, { piece: ferryWith('post', HUT), part: 'post', stage: 'size' });
  const cut = (name: string) =>
    within(screen.getByRole('table', { name: 'Panels to cut' }))
      .getByRole('rowheader', { name })
      .closest('tr')?.textContent;

  it('panels to cut follow the walls: butted, two of them lose twice the thickness of the sheet', () => {
    draw();
    // 1200 ÷ 12 = 100 wide, 1000 ÷ 12 = 83.3 high; the sides go between front and back: (900 − 2 × 36) ÷ 12 = 69.
    expect(cut('front wall')).toContain('100.0');
    expect(cut('front wall')).toContain('83.3');
    expect(cut('left wall')).toContain('69.0');
    fireEvent.click(screen.getByLabelText('right'));
    expect(form().walls).toEqual(['front', 'back', 'left']);
    fireEvent.click(screen.getByLabelText('floor'));
    expect(form().floor).toBe(true);
  });

  it('a roof that slopes begins with a rise, and keeps the one it has', () => {
    draw();
    choose(screen.getByLabelText('Roof'), 'two slopes');
    expect(form()).toMatchObject({ roof: 'gable', riseMm: 300 });
    choose(screen.getByLabelText('Roof'), 'one slope');
    expect(form().riseMm).toBe(300);
  });

  it('an opening comes in within its wall, is moved to another, and taken out', () => {
    draw();
    press('+ Opening');
    const [opening] = form().openings;
    expect(opening).toBeDefined();
    expect((opening?.fromLeftMm ?? 0) + (opening?.widthMm ?? 0)).toBeLessThan(HUT.widthMm);
    expect((opening?.sillMm ?? 0) + (opening?.heightMm ?? 0)).toBeLessThan(HUT.heightMm);
    choose(screen.getByLabelText('Wall of opening 1'), 'left');
    fill(box('Opening 1, width'), '25 cm');
    expect(form().openings[0]).toMatchObject({ wall: 'left', widthMm: 250 });
    expect(cut('left wall')).toContain('1 opening');
    press('Take out opening 1');
    expect(form().openings).toEqual([]);
  });
});

const VASE: TurnedForm = {
  kind: 'turned',
  lying: false,
  profile: [
    { radiusMm: 0, heightMm: 0 },
    { radiusMm: 40, heightMm: 0 },
    { radiusMm: 0, heightMm: 120 },
  ],
};

function PointsOf({ id }: { readonly id: string }) {
  const part = usePartOf(id);
  const put = (form: Part['form']) =>
    store.dispatch({
      type: 'document/edited',
      payload: {
        piece: {
          ...pieceNow(),
          parts: pieceNow().parts.map((one) => (one.id === id ? { ...one, form } : one)),
        },
        label: 'points',
        merge: null,
        at: 0,
      },
    });
  return <FormPoints form={part.form} onForm={put} />;
}

describe('points of a turned form', () => {
  it('are typed, doubled and taken out, down to the fewest it is made of', () => {
    atBench(<PointsOf id="post" />, { piece: ferryWith('post', VASE), part: 'post', stage: 'size' });
    const profile = () => (partNow('post').form as TurnedForm).profile;
    const takers = () =>
      [...document.querySelectorAll('button')].filter(({ textContent }) => textContent === 'take out');
    expect(takers().every((one) => one.disabled)).toBe(true);
    // Across is typed, half of it is the radius.
    fill(box('Across at point 2'), '10 cm');
    expect(profile()[1]).toEqual({ radiusMm: 50, heightMm: 0 });
    fireEvent.click(screen.getAllByText('another after')[1] as HTMLElement);
    expect(profile()).toHaveLength(4);
    expect(profile()[2]).toEqual(profile()[1]);
    fireEvent.click(takers()[2] as HTMLElement);
    expect(profile()).toHaveLength(3);
  });
});

function PairsOf({ id }: { readonly id: string }) {
  return <Pairs part={usePartOf(id)} />;
}

describe('pairs', () => {
  it('the usual ones are offered once; measured alike they are good, a millimetre off they are not', async () => {
    atBench(<PairsOf id="ferrywoman" />, { piece: ferryOf('ferrywoman'), part: 'ferrywoman', stage: 'size' });
    const count = partNow('ferrywoman').pairs.length;
    const usual =
      [...document.querySelectorAll('button')].find(
        ({ textContent }) => textContent?.startsWith('+ ') && textContent !== '+ another pair',
      ) ?? expect.fail('no usual pair');
    const name = usual.textContent?.slice(2) ?? '';
    fireEvent.click(usual);
    expect(partNow('ferrywoman').pairs.at(-1)).toEqual({ name, leftMm: null, rightMm: null });
    expect(screen.queryByText(`+ ${name}`)).toBeNull();
    const judged = () => figures.find('ferrywoman', `pair.${count + 1}`)?.verdict?.level;
    fill(box(`${name}, left as made`), '20');
    fill(box(`${name}, right as made`), '20.1');
    await waitFor(() => expect(judged()).toBe('good'));
    fill(box(`${name}, right as made`), '22');
    await waitFor(() => expect(judged()).not.toBe('good'));
    fill(box(`${name}, right as made`), '');
    await waitFor(() => expect(judged()).toBeUndefined());
    press(`Take the pair of ${name} out`);
    expect(partNow('ferrywoman').pairs).toHaveLength(count);
  });
});

describe('what things read as', () => {
  it('a thing on the bench is so many times as large in life: 3 mm are 36 mm at 1:12', async () => {
    atBench(<ReadsAs />, { piece: ferryOf('post'), stage: 'size' });
    const there = screen.getByRole('region', { name: 'A thing on the bench' });
    await waitFor(() => expect(within(there).getByRole('status').textContent).toBe('36.0 mm'));
    fill(within(there).getByLabelText('measures'), '5 mm');
    expect(within(there).getByRole('status').textContent).toBe('60.0 mm');
  });

  it('what stands in is used at a press, renamed, measured anew and taken out', async () => {
    atBench(<ReadsAs />, { piece: { ...ferryOf('post'), found: [] }, stage: 'size' });
    const uses = await screen.findAllByRole('button', { name: /^Use .* in this piece$/ });
    fireEvent.click(uses[0] as HTMLElement);
    const [thing] = pieceNow().found;
    if (!thing) throw new Error('nothing was taken');
    expect(thing.meant).toBe('life.broom-handle');
    await waitFor(() => expect(figures.find(null, `found.${thing.id}`)?.verdict).toBeDefined());
    fill(box(`${thing.name}, size on the bench`), '40');
    await waitFor(() => expect(figures.find(null, `found.${thing.id}`)?.verdict?.level).not.toBe('good'));
    fill(box(`Name of ${thing.name}`), 'cocktail stick');
    expect(pieceNow().found[0]?.name).toBe('cocktail stick');
    press('Take cocktail stick out');
    expect(pieceNow().found).toEqual([]);
  });
});
