import type { PartFacts } from '../context/index.ts';
import { type PanelProof, panelProof } from '../form/index.ts';
import { figure, type Reckoning, sourced, type Term, type Verdict } from '../reckoning/index.ts';
import { BULK } from './figures.ts';
import { type Layers, layersFor, panelPieces } from './panelPieces.ts';
import { nestOnSheets, type SheetNest } from './sheetNest.ts';

/** Two edges of panels with how far they are from meeting, miniature mm. */
export interface PanelJoint {
  readonly says: string;
  readonly lengthMm: number;
  readonly offMm: number;
}

/** A ten-thousandth of a millimetre is none. */
const rounded = (mm: number) => Math.round(mm * 1e4) / 1e4;

/** Every joint of a part of panels: sides against what they should touch, and edges that should be alike. */
export function panelJoints({ sides, edges }: PanelProof, shrink: number): PanelJoint[] {
  return [
    ...sides.map(({ panel, side, meets, lengthMm, gapMm }) => ({
      says: `${panel}, ${side}, against the ${meets}`,
      lengthMm: lengthMm / shrink,
      offMm: rounded(gapMm / shrink),
    })),
    ...edges.map(({ a, b, aMm, bMm }) => ({
      says: `${a}, as long as ${b}`,
      lengthMm: aMm / shrink,
      offMm: rounded(Math.abs(aMm - bMm) / shrink),
    })),
  ];
}

function judgeGap(joints: readonly PanelJoint[], open: readonly string[], limitMm: number): Verdict {
  const gaping = joints.filter(({ offMm }) => offMm > limitMm);
  const worst = gaping.reduce<PanelJoint | null>((a, b) => (a && a.offMm >= b.offMm ? a : b), null);
  if (worst)
    return {
      level: 'stop',
      wording: 'state',
      says: `does not close: ${worst.says} is off by ${worst.offMm.toFixed(2)} mm${gaping.length > 1 ? `, and ${gaping.length - 1} more` : ''}`,
      margin: { value: limitMm - worst.offMm, unit: 'mm' },
      waysOut: [{ says: 'make the two edges alike before anything is cut' }],
    };
  const all = `closes on all ${joints.length} edges, each to ${limitMm} mm`;
  return {
    level: 'good',
    wording: 'state',
    says: open.length === 0 ? all : `${all}; left open: ${open.join(', ')}`,
    waysOut: [],
  };
}

/** The panels of all copies laid out on sheets of clay. */
export interface PanelSheets {
  readonly nest: SheetNest;
  readonly layers: Layers | null;
  readonly widthMm: number;
  readonly longestMm: number;
}

/** Lays the panels of every copy of a part out on sheets of the roller’s width; null for a form of another kind. */
export function panelSheets(context: PartFacts): PanelSheets | null {
  const { part, own, shrink } = context;
  if (part.form.kind !== 'panels') return null;
  const one = panelPieces(context);
  const copies = Math.min(part.count, MOST_COPIES);
  const pieces = Array.from({ length: copies }, () => one).flat();
  const [width, longest, gap] = [
    sourced('roller.width', own).value,
    sourced('sheet.length', own).value,
    sourced('sheet.gap', own).value,
  ];
  return {
    nest: nestOnSheets(
      pieces.map((piece) => ({ ...piece })),
      Math.max(1, width),
      Math.max(1, longest),
      Math.max(0, gap),
    ),
    layers: layersFor(own, part.form.thicknessMm / shrink),
    widthMm: width,
    longestMm: longest,
  };
}

/** More copies than this are laid out as so many sets of sheets. */
const MOST_COPIES = 40;

function reckonSheets(context: PartFacts): Reckoning[] {
  const found = panelSheets(context);
  if (!found?.layers || context.part.mix.length === 0) return [];
  const { nest, layers } = found;
  const { part, own } = context;
  const sets = Math.ceil(part.count / MOST_COPIES);
  const tooLarge = [...new Set(nest.tooLarge.map(({ name }) => name))];
  const count = (symbol: string, name: string, value: number): Term => ({
    symbol,
    name,
    quantity: { value, unit: 'count' },
    origin: { kind: 'shape', says: 'laid out by their boxes' },
  });
  return [
    figure(BULK.sheets, {
      part: part.id,
      value: nest.sheets.length * layers.count * sets,
      terms: [
        count('b', 'Sheets the panels are cut from', nest.sheets.length * sets),
        count('y', 'Layers of each', layers.count),
        sourced('roller.width', own).term('w'),
        sourced('sheet.length', own).term('l'),
      ],
      note: `Setting ${layers.setting.setting} of the roller${layers.count > 1 ? `, ${layers.count} layers laid together` : ''}: ${layers.thicknessMm.toFixed(1)} mm.`,
      verdict:
        tooLarge.length === 0
          ? undefined
          : {
              level: 'doubtful',
              wording: 'state',
              says: `larger than a sheet: ${tooLarge.join(', ')}`,
              waysOut: [
                { says: 'roll it in strips and join them on a tile, the joint under a batten' },
                { says: 'enter a longer sheet or a wider roller at the Handbook' },
              ],
            },
    }),
  ];
}

/** Whether the panels of a part close, and the sheets they are cut from; none for a form of another kind. */
export function reckonPanels(context: PartFacts): Reckoning[] {
  const { part, own, shrink } = context;
  if (part.form.kind !== 'panels') return [];
  const proof = panelProof(part.form);
  const joints = panelJoints(proof, shrink);
  const limit = sourced('panel.closes', own);
  return [
    figure(BULK.panelsGap, {
      part: part.id,
      value: Math.max(0, ...joints.map(({ offMm }) => offMm)),
      terms: [limit.term('a')],
      note: 'Looked at on the panels themselves, before their openings are cut.',
      verdict: judgeGap(joints, proof.open, limit.value),
    }),
    ...reckonSheets(context),
  ];
}
