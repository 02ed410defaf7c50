import type { PartContext } from '../../context/index.ts';
import { feetOf } from '../../fits/index.ts';
import type { Form, Ring } from '../../form/index.ts';
import type { Fit, Insert, Piece } from '../../piece/index.ts';
import { creasesOf } from '../../solid/index.ts';

/** What a seam is of. */
export type SeamKind = 'joint' | 'foot' | 'edge' | 'opening' | 'hole' | 'step' | 'sharp';

/** A line that shows where two things meet, where one was cut or where one was let in; lengths miniature mm. */
export interface Seam {
  readonly kind: SeamKind;
  readonly part: string;
  readonly says: string;
  readonly lengthMm: number;
  /** The region or side it is on, for whether it is seen; empty for all of the part. */
  readonly on: string;
  /** What hides it, the first first, and the volume of a fillet along it, mm³; 0 for what takes none. */
  readonly hiddenBy: readonly string[];
  readonly fillMm3: number;
}

/** What hides a seam of each kind (common practice). */
const HIDDEN_BY: Readonly<Record<SeamKind, readonly string[]>> = {
  joint: ['a fillet of liquid clay or clay', 'a strap, a cuff or hair over it', 'paint across it'],
  foot: ['earth, moss or grit up to it', 'a fillet of clay', 'a shadow painted round it'],
  edge: ['a fillet of clay', 'a trim or corner post', 'moss'],
  opening: ['a frame or sill', 'trim'],
  hole: ['a rim or bezel', 'icing or grit round it', 'a fillet of liquid clay'],
  sharp: ['rub it down with a wet finger before the bake', 'sand it after', 'a trim over it'],
  step: ['smooth it into the baked clay with liquid clay', 'texture across it', 'paint across it'],
};

/** A fillet of a radius along an inner corner leaves so much of its square (1 − π/4). */
const FILLET_SHARE = 1 - Math.PI / 4;

function around(ring: Ring): number {
  return ring.reduce((sum, [x, y], i) => {
    const [u, v] = ring[(i + 1) % ring.length] ?? [x, y];
    return sum + Math.hypot(u - x, v - y);
  }, 0);
}

function seam(of: Pick<Seam, 'kind' | 'part' | 'says' | 'lengthMm' | 'on'>, filletMm: number): Seam {
  const takes = of.kind !== 'opening' && of.kind !== 'sharp';
  return {
    ...of,
    hiddenBy: HIDDEN_BY[of.kind],
    fillMm3: takes ? of.lengthMm * FILLET_SHARE * filletMm ** 2 : 0,
  };
}

/** Where a part stands on, is pegged into or let into another. */
function ofFit(fit: Fit, contexts: ReadonlyMap<string, PartContext>, filletMm: number): Seam[] {
  const [part, on] = [contexts.get(fit.part), contexts.get(fit.on)];
  if (!part || !on) return [];
  const kinds: Partial<Record<Fit['kind'], SeamKind>> = {
    'sits-on': 'foot',
    'pegged-into': 'joint',
    'goes-into': 'joint',
  };
  const kind = kinds[fit.kind];
  if (!kind) return [];
  const lengthMm = around(feetOf(part));
  const says = `${part.part.name} ${kind === 'foot' ? 'on' : 'into'} ${on.part.name}`;
  return [seam({ kind, part: fit.part, says, lengthMm, on: '' }, filletMm)];
}

/** The corners of walls, and the rims of their windows and doors. */
function ofPanels({ part, shrink }: PartContext, filletMm: number): Seam[] {
  const { form } = part;
  if (form.kind !== 'panels') return [];
  const has = (a: string, b: string) => form.walls.includes(a as never) && form.walls.includes(b as never);
  const corners = [
    ['front', 'left'],
    ['front', 'right'],
    ['back', 'left'],
    ['back', 'right'],
  ].filter(([a = '', b = '']) => has(a, b));
  const edges = corners.map(([a = '', b = '']) =>
    seam(
      {
        kind: 'edge',
        part: part.id,
        says: `corner of ${a} and ${b}`,
        lengthMm: form.heightMm / shrink,
        on: a === 'front' ? 'front' : 'back',
      },
      filletMm,
    ),
  );
  const openings = form.openings.map(({ wall, widthMm, heightMm, sillMm }) =>
    seam(
      {
        kind: 'opening',
        part: part.id,
        says: `${sillMm === 0 ? 'door' : 'window'} in the ${wall}`,
        // A door has no lower edge.
        lengthMm: (2 * heightMm + (sillMm === 0 ? 1 : 2) * widthMm) / shrink,
        on: wall === 'front' || wall === 'back' ? wall : `${wall} side`,
      },
      filletMm,
    ),
  );
  return [...edges, ...openings];
}

/** Edges of a form that has no triangles of its own. */
function plainEdges(form: Form): number {
  switch (form.kind) {
    case 'block':
      return 4 * (form.widthMm + form.heightMm + form.depthMm);
    case 'cylinder':
      return Math.PI * (form.bottomMm + form.topMm);
    default:
      return 0;
  }
}

/** The sharp edges of a cut or cast solid: those of its triangles, or the rims of a round one. */
function ofEdges({ part, shape, shrink }: PartContext, filletMm: number): Seam[] {
  const { form } = part;
  if (form.kind === 'panels' || form.kind === 'drawn') return [];
  const mesh = shape.triangles?.();
  const lengthMm = (mesh ? creasesOf(mesh) : plainEdges(form)) / shrink;
  if (lengthMm === 0) return [];
  const says = `${form.kind === 'cylinder' ? 'rims' : 'sharp edges'} of ${part.name}`;
  return [seam({ kind: 'sharp', part: part.id, says, lengthMm, on: '' }, filletMm)];
}

/** The rim of what is let in; its length is that of its hole. */
function ofInsert(
  part: PartContext['part'],
  { name, shape, widthMm, heightMm }: Insert,
  filletMm: number,
): Seam {
  const lengthMm = shape === 'round' ? Math.PI * widthMm : 2 * (widthMm + heightMm);
  return seam({ kind: 'hole', part: part.id, says: `${name} in ${part.name}`, lengthMm, on: '' }, filletMm);
}

/** Where clay of a later bake meets baked clay: round the root of each such region. */
function ofPasses({ part, shape, shrink }: PartContext, filletMm: number): Seam[] {
  return part.regions
    .filter(({ pass }) => pass > 1)
    .flatMap(({ region, pass }) => {
      const bone = shape.bones?.find((one) => one.region === region);
      const radius = bone?.radii[0];
      if (radius === undefined) return [];
      return [
        seam(
          {
            kind: 'step',
            part: part.id,
            says: `${region} of bake ${pass} against what is baked`,
            lengthMm: (2 * Math.PI * radius) / shrink,
            on: region,
          },
          filletMm,
        ),
      ];
    });
}

/** Every seam of a piece, the longest first; copies of a part counted once. */
export function seamsOf(
  piece: Pick<Piece, 'fits'>,
  contexts: ReadonlyMap<string, PartContext>,
  filletMm: number,
): Seam[] {
  const ofParts = [...contexts.values()].flatMap((context) => [
    ...ofPanels(context, filletMm),
    ...context.part.inserts.map((insert) => ofInsert(context.part, insert, filletMm)),
    ...ofEdges(context, filletMm),
    ...ofPasses(context, filletMm),
  ]);
  return [...piece.fits.flatMap((fit) => ofFit(fit, contexts, filletMm)), ...ofParts].sort(
    (a, b) => b.lengthMm - a.lengthMm,
  );
}
