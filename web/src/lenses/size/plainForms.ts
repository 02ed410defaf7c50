import type { BuiltPiece, PlainForm } from '@every-inch/core/form';

type PlainKind = PlainForm['kind'];

/** Forms that a piece can be added as, with their names. */
export const PLAIN_KINDS: readonly (readonly [kind: PlainKind, says: string])[] = [
  ['block', 'block'],
  ['cylinder', 'cylinder or cone'],
  ['rod', 'rod'],
  ['ball', 'ball'],
  ['ring', 'ring'],
  ['wedge', 'wedge'],
  ['turned', 'turned'],
  ['extruded', 'cut-out'],
  ['tube', 'bent bar'],
];

/** Lengths of a plain form that are typed, with their names. */
const LENGTHS: Readonly<Record<PlainKind, readonly (readonly [field: string, title: string])[]>> = {
  ball: [['diameterMm', 'Diameter']],
  rod: [
    ['lengthMm', 'Length'],
    ['startMm', 'At the foot'],
    ['endMm', 'At the tip'],
  ],
  block: [
    ['widthMm', 'Width'],
    ['heightMm', 'Height'],
    ['depthMm', 'Depth'],
  ],
  wedge: [
    ['widthMm', 'Width'],
    ['heightMm', 'Height'],
    ['depthMm', 'Depth'],
  ],
  cylinder: [
    ['heightMm', 'Height'],
    ['bottomMm', 'Across below'],
    ['topMm', 'Across above'],
  ],
  ring: [
    ['acrossMm', 'Across'],
    ['thicknessMm', 'Thickness'],
  ],
  turned: [],
  extruded: [['depthMm', 'Thickness']],
  tube: [
    ['thicknessMm', 'Thickness'],
    ['endMm', 'At its end'],
  ],
};

/** The lengths of a plain form, mm. */
export function plainLengths(form: PlainForm) {
  const held = form as unknown as Readonly<Record<string, number>>;
  return LENGTHS[form.kind].map(([field, title]) => ({ field, title, lengthMm: held[field] ?? 0 }));
}

/** A form of a kind, as large as a part of a thing of such a size. */
function sizedForm(kind: PlainKind, mm: number): PlainForm {
  switch (kind) {
    case 'ball':
      return { kind, diameterMm: mm };
    case 'rod':
      return { kind, lengthMm: 3 * mm, startMm: mm / 3, endMm: mm / 3, lying: false };
    case 'block':
    case 'wedge':
      return { kind, widthMm: mm, heightMm: mm, depthMm: mm };
    case 'cylinder':
      return { kind, heightMm: mm, bottomMm: mm, topMm: mm, lying: false };
    case 'ring':
      return { kind, acrossMm: 2 * mm, thicknessMm: mm / 3, lying: true };
    case 'turned':
      return {
        kind,
        lying: false,
        profile: [
          { radiusMm: 0, heightMm: 0 },
          { radiusMm: mm / 2, heightMm: 0 },
          { radiusMm: mm / 3, heightMm: mm },
          { radiusMm: 0, heightMm: mm },
        ],
      };
    case 'extruded':
      return {
        kind,
        depthMm: mm / 4,
        points: [
          { xMm: -mm, yMm: 0 },
          { xMm: mm, yMm: 0 },
          { xMm: 0, yMm: mm },
        ],
      };
    case 'tube':
      return {
        kind,
        thicknessMm: mm / 4,
        endMm: mm / 4,
        points: [
          { xMm: 0, yMm: 0, zMm: 0 },
          { xMm: 0, yMm: mm, zMm: 0 },
          { xMm: mm, yMm: mm, zMm: 0 },
        ],
      };
  }
}

/** Longest length among the fields of a form and its points. */
function largest(form: PlainForm): number {
  return Math.max(...plainLengths(form).map(({ lengthMm }) => lengthMm), 1);
}

/** A new piece that stands before the others, about a third of the largest of them. */
export function plainForm(kind: PlainKind, beside: readonly BuiltPiece[]): BuiltPiece {
  const mm = Math.max(1, Math.round(Math.max(30, ...beside.map(({ form }) => largest(form))) / 3));
  const name = PLAIN_KINDS.find(([one]) => one === kind)?.[1] ?? kind;
  const taken = beside.filter((piece) => piece.name.startsWith(name)).length;
  return {
    name: taken > 0 ? `${name} ${taken + 1}` : name,
    form: sizedForm(kind, mm),
    xMm: 0,
    yMm: 0,
    zMm: 0,
    turnDeg: 0,
    tipDeg: 0,
    leanDeg: 0,
    cut: false,
  };
}
