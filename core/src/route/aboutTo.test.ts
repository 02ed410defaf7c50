import { describe, expect, it } from 'vitest';
import { lowWaterFerry } from '../demo/index.ts';
import { makeShapeStore } from '../form/index.ts';
import { DEFAULT_DECISION, DEFAULT_INSERT, type Part, type Piece, setAt } from '../piece/index.ts';
import { reckonPiece } from '../spine/index.ts';
import { ABOUT_TO, aboutTo } from './index.ts';

const NOW = '2026-11-26T10:00:00Z';
const shapes = makeShapeStore();
/** The goose by itself, its log empty. */
const goose: Piece = (() => {
  const ferry = lowWaterFerry(NOW);
  const parts = ferry.parts.filter(({ id }) => id === 'goose');
  return {
    ...ferry,
    parts,
    fits: [],
    log: [],
    decisions: [],
    found: [],
    references: [],
    zones: [],
    route: null,
  };
})();

function asked(piece: Piece) {
  const { route } = reckonPiece(piece, { shapes, workshopOwn: {}, now: NOW });
  const part = piece.parts[0] as Part;
  return { route, ask: (deed: (typeof ABOUT_TO)[number]) => aboutTo(route, part, deed) };
}
/** The goose with the first steps of its route done, up to one of a kind. */
function doneBefore(piece: Piece, kind: string): Piece {
  const { route } = asked(piece).route;
  const at = route.steps.findIndex((step) => step.kind === kind);
  const steps = route.steps.map((step, i) => (i < at ? { ...step, done: NOW } : step));
  return { ...piece, route: { ...route, steps } };
}

describe('I am about to …', () => {
  it('bake, with work in the raw clay not done: it says which, and for how long it goes in', () => {
    const { ask } = asked(goose);
    const { level, says, after } = ask('bake');
    expect(level).toBe('doubtful');
    expect(says).toMatch(/^not done yet: .*cut and bend the wire/);
    expect(after).toMatch(/min from door shut to door open; it fixes clay/);
  });

  it('bake, with all before it done: nothing stands against it but the oven nobody measured', () => {
    const { ask } = asked(doneBefore(goose, 'bake'));
    expect(ask('bake').says).not.toContain('not done yet');
    expect(ask('bake').after).toContain('then only sanding and carving change it');
  });

  it('seal before the bake is a stop, after it is not', () => {
    const raw = asked(doneBefore(goose, 'bake')).ask('cut');
    expect(raw).toMatchObject({ level: 'stop' });
    expect(raw.says).toMatch(/bake before/);
    const cured = asked(doneBefore(goose, 'seal')).ask('seal');
    expect(cured.says).not.toContain('not done yet');
    expect(cured.after).toBe('no raw clay takes on it afterwards');
  });

  it('an open decision stands against the step that closes it', () => {
    const decision = { ...DEFAULT_DECISION, id: 'held', question: 'what does it hold', closes: 'first-bake' };
    const piece = setAt(doneBefore(goose, 'bake'), ['decisions'], [decision]);
    const { level, says } = asked(piece).ask('bake');
    expect(level).not.toBe('good');
    expect(says).toMatch(/what does it hold|and \d more/);
  });

  it('glue: what must come out again is not shut in', () => {
    const insert = { ...DEFAULT_INSERT, id: 'cell', name: 'the cell', removable: true, afterBake: true };
    const { ask } = asked(setAt(goose, ['parts', 'goose', 'inserts'], [insert]));
    expect(ask('glue').after).toBe('the cell must still come out afterwards: leave a way to it');
    expect(asked(goose).ask('glue').after).toContain('try it dry first');
  });

  it('answers every deed in two lines, whatever has been done', () => {
    for (const piece of [
      goose,
      doneBefore(goose, 'skin'),
      doneBefore(goose, 'bake'),
      doneBefore(goose, 'seal'),
    ]) {
      const { ask } = asked(piece);
      for (const deed of ABOUT_TO) {
        const { says, after } = ask(deed);
        expect(says.length, deed).toBeGreaterThan(5);
        expect(after.length, deed).toBeGreaterThan(5);
        expect(`${says}${after}`).not.toMatch(/undefined|NaN/);
      }
    }
  });
});

describe('who improvises', () => {
  it('is told of no order that is behind, only of what is still ahead', () => {
    const { route } = asked(goose).route;
    const seal = route.steps.findIndex(({ kind }) => kind === 'seal');
    const bake = route.steps.findIndex(({ kind }) => kind === 'bake');
    const steps = [...route.steps];
    const [sealed] = steps.splice(seal, 1);
    steps.splice(bake, 0, sealed as (typeof steps)[number]);
    const done = steps.map((step) => ({ ...step, done: NOW }));
    const of = (work: 'plan' | 'improvise', list: typeof steps) => {
      const piece = setAt(
        { ...goose, route: { ...route, steps: list, without: null } },
        ['brief', 'schools', 'work'],
        work,
      );
      return asked(piece).route.judged.faults.length;
    };
    expect(of('plan', done)).toBeGreaterThan(0);
    expect(of('improvise', done)).toBe(0);
    expect(of('improvise', steps)).toBe(of('plan', steps));
  });
});
