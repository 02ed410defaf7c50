import { METALS, type Metal, stuffRow } from '../../handbook/index.ts';
import { type Reckoning, sourced, type Verdict, type WayOut } from '../../reckoning/index.ts';
import { type Advice, adviseWire, failuresOf, LEG_SAFETY, sagAllowed } from '../advise.ts';
import {
  type ArmatureFrame,
  type Cover,
  heldThings,
  leastCover,
  legBuckles,
  pushMoment,
  rawLimbs,
  touchOf,
  wireOf,
} from '../checks.ts';
import { coverRow, coverWanted } from '../cover.ts';
import { BONES } from '../figures.ts';
import { bundleMm, strengthOf, type Wire } from '../wire.ts';
import { type Ask, boneFigure, mm, shaped, wireSays } from './ask.ts';

/** Wires that would do in place of one that does not: of the same metal, then of the others. */
export function betterWires(frame: ArmatureFrame, wire: Wire): WayOut[] {
  const { context } = frame;
  const metals: Metal[] = [wire.metal, ...METALS.filter((metal) => metal !== wire.metal)];
  return metals
    .flatMap((metal): WayOut[] => {
      const advice = adviseWire(frame, metal);
      return advice?.passes
        ? [
            {
              says: `take ${wireSays(advice.wire)}`,
              change: { path: ['parts', context.part.id, 'wire'], value: advice.wire },
            },
          ]
        : [];
    })
    .slice(0, 2);
}

/** A tree whose roots are too thin for its wires can do without wires in them. */
function withoutRoots({ context }: Ask): WayOut[] {
  const { form, branches, id } = context.part;
  return form.kind === 'tree' && branches.roots && !branches.folded && form.rootsMm > 0
    ? [
        {
          says: 'leave the roots without wire and peg the bundle',
          change: { path: ['parts', id, 'branches', 'roots'], value: false },
        },
      ]
    : [];
}

/** Nothing of the metal can be had: what is reckoned with in the meantime. */
function noneToBeHad({ wire }: Ask): Verdict {
  return {
    level: 'stop',
    wording: 'state',
    says: `no ${wire.metal} wire is in stock; ${wireSays(wire)} is reckoned with`,
    waysOut: [
      { says: 'take wire as it is sold by the millimetre', change: { path: ['wireSold'], value: 'metric' } },
      { says: 'put what there is into stock, under the cut list, or choose another metal' },
    ],
  };
}

/** The wire that is taken, and whether it passes every check. */
export function wireFigure(ask: Ask, advice: Advice | null): Reckoning {
  const { context, wire } = ask;
  const fails = failuresOf(ask, wire);
  const chosen = context.part.wire !== null;
  let verdict: Verdict =
    fails.length === 0
      ? { level: 'good', wording: 'state', says: wireSays(wire), waysOut: [] }
      : {
          level: 'stop',
          wording: 'state',
          says: `${wireSays(wire)}: ${fails.slice(0, 2).join('; ')}`,
          waysOut: [
            ...ask.better(),
            ...withoutRoots(ask),
            { says: 'support it in the oven, bring the limb nearer to the body, or make it stouter' },
          ],
        };
  const isMissing = advice === null && !chosen;
  if (isMissing) verdict = noneToBeHad(ask);
  const thinner = advice?.thinner;
  return boneFigure(
    ask,
    BONES.wire,
    bundleMm(wire),
    [shaped('d', 'Wire', wire.diameterMm, 'mm'), shaped('n', 'Strands', wire.strands, 'count')],
    {
      title: chosen ? 'Wire, as chosen' : 'Wire, as advised',
      verdict,
      ...(thinner && thinner.fails.length > 0
        ? { note: `The next thinner, ${wireSays(thinner.wire)}: ${thinner.fails[0]}.` }
        : {}),
    },
  );
}

/** What to do where the clay does not hide the wire. */
function barer({ coverMm, where }: Cover): string {
  return coverMm < 0
    ? `the ${where} is thinner than the wire: leave the clay off there and paint the bare wire, or do without a wire`
    : 'take a thinner wire of a stronger metal, or make the limb stouter';
}

/** Whether the clay hides the wire everywhere. */
export function coverFigure(ask: Ask): Reckoning[] {
  const cover = leastCover(ask, ask.wire, coverWanted(ask.context));
  if (!cover) return [];
  const margin = { value: cover.coverMm - cover.wantedMm, unit: 'mm' } as const;
  const says = `${mm(Math.max(0, cover.coverMm))} mm of clay over the wire at the ${cover.where}`;
  const isHidden = margin.value >= 0;
  // A limb too thin for it has what can be had; the handbook wants more, and that is said.
  const wanted = coverWanted(ask.context);
  const isThin = isHidden && cover.coverMm < wanted;
  return [
    boneFigure(
      ask,
      BONES.cover,
      cover.coverMm,
      [
        shaped('r', `Depth of the clay at the ${cover.where}`, cover.coverMm + cover.wireMm / 2, 'mm'),
        shaped('b', 'Width of the wire or bundle', cover.wireMm, 'mm'),
        sourced(coverRow(ask.context), ask.context.own).term('c'),
      ],
      {
        verdict: {
          level: isThin ? 'doubtful' : isHidden ? 'good' : 'stop',
          wording: 'state',
          says: isThin
            ? `${says}, ${mm(wanted)} mm are wanted: sanded or worn there, the wire shows`
            : isHidden
              ? says
              : `${says}: ${mm(margin.value)} mm too little`,
          margin,
          waysOut: isThin
            ? [{ says: `make the ${cover.where} stouter, or keep sandpaper and fingers off it` }]
            : isHidden
              ? []
              : [{ says: barer(cover) }],
        },
      },
    ),
  ];
}

/** What a part holds and what each of it is of, as it is said in a working. */
function heldSays({ context, contexts }: Ask): string {
  return heldThings(context, contexts)
    .map(({ of: { part } }) => {
      if (part.mix.length > 0) return `${part.name}, of clay`;
      return part.stuff
        ? `${part.name}, ${stuffRow(part.stuff).title}`
        : `${part.name}, taken as wood: not said`;
    })
    .join('; ');
}

/** How the worst limb sags raw. */
export function sagFigure(ask: Ask): Reckoning[] {
  const allowance = sagAllowed(ask.context);
  const rated = rawLimbs(ask, ask.wire).map((one) => ({
    ...one,
    allowed: allowance(one.lengthMm),
  }));
  const worst = rated.reduce<(typeof rated)[number] | null>(
    (a, b) => (a && a.sagMm / a.allowed >= b.sagMm / b.allowed ? a : b),
    null,
  );
  if (!worst) return [];
  const { sagMm, limb, spareNmm, momentNmm, allowed } = worst;
  const strength = strengthOf(wireOf(worst.run, ask.wire), ask.context.own);
  const bends = spareNmm < 0;
  const isGood = !bends && sagMm <= allowed;
  const held = ask.heldN;
  return [
    boneFigure(
      ask,
      BONES.sag,
      Math.round(sagMm * 1000) / 1000,
      [
        ...strength.terms,
        shaped('M', 'Largest moment, of raw clay, wire and what is held', momentNmm, 'N·mm'),
        ...(held > 0 ? [shaped('F', `Weight of what it holds: ${heldSays(ask)}`, held, 'N')] : []),
      ],
      {
        title: `Raw: the ${limb.name} sags`,
        formula: `δ = ∫ M m ÷ E I ds along the limb${held > 0 ? ', with F held' : ''}; stays bent where M reaches σ π d³ ÷ 32`,
        verdict: {
          level: isGood ? 'good' : 'stop',
          wording: 'state',
          says: bends
            ? `the wire gives way: ${(-spareNmm).toFixed(1)} N·mm more than it bears`
            : `${mm(sagMm)} mm at its tip, ${mm(allowed)} mm are not seen`,
          margin: { value: allowed - sagMm, unit: 'mm' },
          waysOut: isGood ? [] : [...ask.better(), { says: 'prop it while it is raw and in the oven' }],
        },
        note: 'Clay carries nothing until it is cured: the wire alone bears it, limbs taken as round.',
      },
    ),
  ];
}

/** What a limb bears, as a maker would put it. */
function bearsSays(bearsN: number, pushN: number, playN: number): string {
  return bearsN < pushN ? 'bends at a touch' : bearsN < playN ? 'bears careful handling' : 'bears play';
}

/** A hand on the longest limb: what wire and cured clay bear of it, and the wire alone while it is raw. */
export function handledFigure(ask: Ask): Reckoning[] {
  const push = pushMoment(ask);
  const touch = touchOf(ask, ask.wire);
  if (!push || !touch) return [];
  const { yieldMoment } = strengthOf(wireOf(push.run, ask.wire), ask.context.own);
  const of = (row: string) => sourced(row, ask.context.own).value;
  const isGood = touch.bearsN >= touch.wantedN;
  const bears = `cured, the ${touch.limb.name} ${bearsSays(touch.bearsN, of('wire.push'), of('wire.play'))}`;
  return [
    boneFigure(
      ask,
      BONES.handled,
      push.momentNmm,
      [
        sourced('wire.push', ask.context.own).term('P'),
        shaped('L', `Length of the ${push.limb.name}`, push.lengthMm, 'mm'),
        shaped('Y', 'Moment at which the wire stays bent', yieldMoment, 'N·mm'),
        shaped('B', 'Moment that the cured clay is trusted with', touch.clayNmm, 'N·mm'),
      ],
      {
        title: `A finger’s push on the ${push.limb.name}`,
        verdict: {
          level: isGood ? 'good' : 'doubtful',
          wording: 'state',
          says: isGood
            ? bears
            : `${bears}: ${touch.bearsN.toFixed(1)} N of the ${touch.wantedN} N it is to bear`,
          margin: { value: touch.bearsN - touch.wantedN, unit: 'N' },
          waysOut: isGood
            ? []
            : [
                { says: 'hold it by its base or block, never by the limb' },
                { says: `make the ${touch.limb.name} shorter or stouter, or lay it against the body` },
              ],
        },
        note:
          push.momentNmm <= yieldMoment
            ? 'The wire alone stands a finger; cured clay adds to it.'
            : 'Before the bake a finger bends it: hold the work by its peg. Cured clay adds to it.',
      },
    ),
  ];
}

/** Legs, or a trunk, as columns. */
export function legFigure(ask: Ask): Reckoning[] {
  const column = legBuckles(ask, ask.wire);
  if (!column) return [];
  const { bucklesN, bearsN, lengthMm, wires, k } = column;
  const stiffness = wires * strengthOf(column.wire, ask.context.own).stiffness;
  const safety = bucklesN / bearsN;
  const isTrunk = k === 2;
  const isGood = safety >= LEG_SAFETY;
  return [
    boneFigure(
      ask,
      BONES.legs,
      bucklesN,
      [
        shaped(
          'S',
          wires > 1 ? `Stiffness E I of its ${wires} wires, N·mm²` : 'Stiffness E I of the wire, N·mm²',
          stiffness,
          '',
        ),
        shaped(
          'k',
          isTrunk ? 'Length counted for, free above (Euler)' : 'Length counted for, held above (Euler)',
          k,
          '',
        ),
        shaped('L', `Length of the ${column.name}`, lengthMm, 'mm'),
        shaped('W', isTrunk ? 'Raw clay on it' : 'Raw clay on one leg', bearsN, 'N'),
      ],
      {
        title: isTrunk
          ? 'Trunk: what it bears before it buckles'
          : `Legs: what the ${column.name} bears before it buckles`,
        verdict: {
          level: isGood ? 'good' : 'stop',
          wording: 'state',
          says: `${safety >= 100 ? 'over a hundred' : safety.toFixed(1)} times what stands on it`,
          waysOut: isGood ? [] : ask.better(),
        },
        note: isTrunk
          ? 'Held in the ground, free above; wires of a bundle bear side by side.'
          : 'Pegged below and held by the body above.',
      },
    ),
  ];
}
