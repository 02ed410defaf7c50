import { describe, expect, it } from 'vitest';
import { CURED_WORKS, DEFAULT_STEP, type RouteStep } from '../../piece/index.ts';
import { AGENT_ROWS, heedAgent } from './agents.ts';
import { heedCuredWork, type WorkedPlace } from './curedWork.ts';
import { heedDryPass, heedWash } from './dryPass.ts';

const step = (over: Partial<RouteStep>): RouteStep => ({
  ...DEFAULT_STEP,
  id: 's',
  title: 'it',
  parts: [],
  regions: [],
  needs: [],
  ...over,
});
const cured = (over: Partial<RouteStep>) => step({ kind: 'sand', ...over });
const ARM: WorkedPlace = { thickMm: 6, skinMm: 2.25, wireMm: 1.5, pegMm: 1.5, clearanceMm: 0.2 };
const BLOCK: WorkedPlace = { thickMm: 30, skinMm: null, wireMm: null, pegMm: null, clearanceMm: 0.2 };
const worst = (found: readonly { readonly level: string; readonly says: string }[]) =>
  found.map(({ level, says }) => `${level}: ${says}`);

describe('work on cured clay', () => {
  it('a hole leaves a wall of half of what is not drilled away; a thin wall and a wire in the way are told', () => {
    const found = worst(heedCuredWork(cured({ work: 'drill', sizeMm: 4 }), [], ARM, {}));
    expect(found[0]).toBe(
      'doubtful: 1.0 mm of clay is left round the hole, 1.5 mm is wanted: it may break out',
    );
    expect(found[1]).toBe('doubtful: a wire of 1.5 mm runs there, 2.3 mm under the surface');
    expect(found[2]).toMatch(/^doubtful: 2.5 mm wider than what goes in/);
    expect(worst(heedCuredWork(cured({ work: 'drill', sizeMm: 8 }), [], ARM, {}))[0]).toMatch(
      /^stop: .*wider than the 6.0 mm there/,
    );
    expect(
      heedCuredWork(cured({ work: 'drill', sizeMm: 2 }), [], BLOCK, {}).every(
        ({ level }) => level === 'good',
      ),
    ).toBe(true);
  });

  it('a hole drilled too large offers shim, putty and a thicker pin', () => {
    const over = heedCuredWork(cured({ work: 'drill', sizeMm: 2.5 }), [], { ...BLOCK, pegMm: 1.5 }, {});
    const ways = over.flatMap(({ waysOut }) => waysOut.map(({ says }) => says)).join(' | ');
    expect(ways).toMatch(/as a shim/);
    expect(ways).toMatch(/putty/);
    expect(ways).toMatch(/take a pin of 2.3 mm/);
  });

  it('thin cured clay is cut and filed without a mark; thick clay chips', () => {
    const thin = { ...BLOCK, thickMm: 3 };
    expect(
      heedCuredWork(cured({ work: 'snip', sizeMm: 1 }), [], thin, {}).every(({ level }) => level === 'good'),
    ).toBe(true);
    expect(
      heedCuredWork(cured({ work: 'file', sizeMm: 0.3 }), [], thin, {}).every(
        ({ level }) => level === 'good',
      ),
    ).toBe(true);
    expect(heedCuredWork(cured({ work: 'snip', sizeMm: 3 }), [], thin, {})[0]?.level).toBe('doubtful');
    expect(heedCuredWork(cured({ work: 'cut', sizeMm: 3 }), [], thin, {})[0]?.level).toBe('good');
  });

  it('carving through the clay to its core is a stop', () => {
    const found = heedCuredWork(cured({ work: 'carve', sizeMm: 3 }), [], { ...BLOCK, skinMm: 2.5 }, {});
    expect(found[0]).toMatchObject({
      level: 'stop',
      says: '3.0 mm goes through the 2.5 mm of clay to what is under it',
    });
  });

  it('a gap filled with clay wants a bake behind it', () => {
    const fill = cured({ work: 'fill', sizeMm: 2 });
    expect(heedCuredWork(fill, [], BLOCK, {})[0]?.level).toBe('doubtful');
    expect(heedCuredWork(fill, [step({ kind: 'bake' })], BLOCK, {})[0]).toMatchObject({
      level: 'good',
      says: 'clay pressed in, or putty; the next bake cures it',
    });
  });

  it('every work has its caution, and other steps have none', () => {
    for (const work of CURED_WORKS)
      expect(heedCuredWork(cured({ work }), [], BLOCK, {}).at(-1)?.says).not.toBe('');
    expect(heedCuredWork(step({ kind: 'skin' }), [], BLOCK, {})).toEqual([]);
  });

  it('the maker’s own values win', () => {
    const one = cured({ work: 'drill', sizeMm: 4 });
    expect(heedCuredWork(one, [], { ...BLOCK, thickMm: 6 }, { 'cured.wall': 0.8 })[0]?.level).toBe('good');
  });
});

describe('what smoothing leaves', () => {
  const DARK = { name: 'Black clay', colour: '#221f1f' };
  const PALE = { name: 'Flesh clay', colour: '#f0d8c8' };
  const clean = (over: Partial<RouteStep>) => step({ kind: 'clean', ...over });

  it('alcohol that has not dried is a fire in the oven; left to dry it is no stop', () => {
    const bake = [step({ kind: 'bake' })];
    const soon = heedAgent(clean({ agent: 'alcohol', waitMin: 5 }), bake, [PALE], {});
    expect(soon[0]).toMatchObject({ level: 'stop' });
    expect(soon[0]?.says).toContain('fire');
    for (const waitMin of [null, 30])
      expect(
        heedAgent(clean({ agent: 'alcohol', waitMin }), bake, [PALE], {}).some(
          ({ level }) => level === 'stop',
        ),
      ).toBe(false);
  });

  it('starch marks dark clay and not pale', () => {
    expect(heedAgent(clean({ agent: 'starch' }), [], [DARK, PALE], {})[0]?.says).toBe(
      'starch leaves a white bloom on dark clay: Black clay',
    );
    expect(heedAgent(clean({ agent: 'starch' }), [], [PALE], {}).every(({ level }) => level === 'good')).toBe(
      true,
    );
  });

  it('paint does not hold over oil', () => {
    const after = [step({ kind: 'bake' }), step({ kind: 'coat', title: 'paint it' })];
    expect(heedAgent(clean({ agent: 'oil' }), after, [PALE], {})[0]?.says).toBe(
      'paint and glue do not hold over oil: “paint it”',
    );
    expect(
      heedAgent(clean({ agent: 'gloves' }), after, [PALE], {}).every(({ level }) => level === 'good'),
    ).toBe(true);
  });

  it('a dry hand has nothing to heed, and every agent says what is to be heeded', () => {
    expect(heedAgent(clean({ agent: null }), [], [PALE], {})).toEqual([]);
    for (const { heed, title } of Object.values(AGENT_ROWS))
      expect(`${title} ${heed}`.length).toBeGreaterThan(15);
  });
});

describe('a low pass to dry', () => {
  const dry = (over: Partial<RouteStep> = {}) => step({ kind: 'dry', ...over });

  it('is judged at its own heat: paint, sealer and printed plastic that no bake bears go through 50 °C', () => {
    for (const stuff of ['acrylic', 'sealer', 'varnish', 'foam', 'kit-plastic', 'superglue'] as const)
      expect(
        heedDryPass(dry(), [stuff], false, { 'oven.swing': 5 }).every(({ level }) => level === 'good'),
      ).toBe(true);
    const hot = heedDryPass(dry({ dialC: 75 }), ['kit-plastic', 'hot-glue'], false, { 'oven.swing': 5 });
    expect(hot.filter(({ level }) => level !== 'good').map(({ says }) => says.split(':')[0])).toEqual([
      'kit plastic',
      'hot glue',
    ]);
    expect(hot[1]?.waysOut[0]?.says).toBe('set it no higher than 55 °C');
  });

  it('a heat that sets clay is no low pass', () => {
    expect(heedDryPass(dry({ dialC: 95 }), [], false, {})[0]?.says).toBe(
      '95 °C begins to set raw clay and to blister what dries',
    );
  });
});

describe('a wash over paint', () => {
  const coat = (leaves: RouteStep['leaves']) => step({ kind: 'coat', title: `coat of ${leaves}`, leaves });
  const wash = coat('wash');
  const NEVER = { good: 0, bad: 0 };

  it('that nothing seals is to be checked; sealed, or on bare baked clay, it passes without a mark', () => {
    expect(heedWash(wash, [coat('acrylic')], NEVER)[0]).toMatchObject({
      level: 'doubtful',
      says: 'a wash lifts “coat of acrylic” where nothing seals it',
    });
    expect(heedWash(wash, [coat('acrylic'), step({ kind: 'seal' })], NEVER)).toEqual([]);
    expect(heedWash(wash, [step({ kind: 'bake' })], NEVER)).toEqual([]);
    expect(heedWash(wash, [coat('wash')], NEVER)).toEqual([]);
  });

  it('moves by how it went: well, it is no matter; badly, it stops', () => {
    expect(heedWash(wash, [coat('acrylic')], { good: 2, bad: 0 })).toEqual([]);
    expect(heedWash(wash, [coat('acrylic')], { good: 0, bad: 1 })[0]).toMatchObject({
      level: 'stop',
      says: 'a wash lifts “coat of acrylic” where nothing seals it; it went badly once for you',
    });
  });
});
