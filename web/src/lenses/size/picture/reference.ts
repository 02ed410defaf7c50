import type { PartFacts } from '@every-inch/core/context';
import type { Outline } from '@every-inch/core/form';
import { type Calibration, calibrationOf, PictureFaultError } from '@every-inch/core/picture';
import { newId, type Reference, type Spot, type Taking } from '@every-inch/core/piece';
import { editAt, useAppDispatch } from '../../../state/store.ts';
import type { Handle, Tool } from './tools.ts';

/** A change of what is marked on a picture. */
export function useReferenceEdit(reference: Reference) {
  const dispatch = useAppDispatch();
  return (change: Partial<Reference>, label: string) =>
    dispatch(editAt(`${label} of a picture`, ['references', reference.id], { ...reference, ...change }));
}

/** What a picture is measured by. */
export interface Calibrated {
  readonly calibration: Calibration | null;
  /** Why there is none. */
  readonly says: string | null;
}

export function calibrated(reference: Reference): Calibrated {
  try {
    return { calibration: calibrationOf(reference), says: null };
  } catch (fault) {
    if (fault instanceof PictureFaultError) return { calibration: null, says: fault.message };
    throw fault;
  }
}

/** Every spot of a picture that can be moved. */
export function handlesOf(
  reference: Reference,
  put: (change: Partial<Reference>, label: string) => void,
): Handle[] {
  const { known, square, takings } = reference;
  const moved = (spots: readonly Spot[], i: number, spot: Spot) =>
    spots.map((old, j) => (j === i ? spot : old));
  return [
    ...(known && !square
      ? known.spots.map((spot, i) => ({
          key: `known ${i}`,
          spot,
          says: `Known length, end ${i + 1}`,
          onMove: (to: Spot) =>
            put({ known: { ...known, spots: moved(known.spots, i, to) } }, 'known length'),
        }))
      : []),
    ...(square
      ? square.spots.map((spot, i) => ({
          key: `square ${i}`,
          spot,
          says: `Known rectangle, corner ${i + 1}`,
          onMove: (to: Spot) =>
            put({ square: { ...square, spots: moved(square.spots, i, to) } }, 'known rectangle'),
        }))
      : []),
    ...takings.flatMap((taking) =>
      taking.spots.map((spot, i) => ({
        key: `${taking.id} ${i}`,
        spot,
        says: `${taking.name}, spot ${i + 1}`,
        onMove: (to: Spot) =>
          put(
            {
              takings: takings.map((one) =>
                one === taking ? { ...one, spots: moved(one.spots, i, to) } : one,
              ),
            },
            taking.name,
          ),
      })),
    ),
  ];
}

/** Whether the selected part is laid over the picture, and how. */
export type Overlay = 'none' | 'front' | 'side';

/** The form laid over the picture at its size, its foot on a spot: path data, or null where it cannot be shown. */
export function overlayPath(
  { part, shape, scale }: PartFacts,
  outline: Outline,
  { shownRatio }: Reference,
  { toMm, toSpot }: Calibration,
  foot: Spot,
): string | null {
  const per = (part.sized === 'life' ? 1 : scale.ratio) / shownRatio;
  try {
    const [x0, y0] = toMm(foot);
    return outline
      .flatMap((polygon) =>
        polygon.map((ring) => {
          const spots = ring.map(([x, y]) => toSpot([x0 + x * per, y0 + (y - shape.box.min[1]) * per]));
          return `M${spots.map(({ x, y }) => `${x.toFixed(1)} ${y.toFixed(1)}`).join('L')}Z`;
        }),
      )
      .join('');
  } catch (fault) {
    if (fault instanceof PictureFaultError) return null;
    throw fault;
  }
}

const NAMES: Readonly<Record<Taking['kind'], string>> = {
  length: 'Length',
  height: 'Height',
  angle: 'Angle',
};

/** A newly set mark: a known length or rectangle to be told its size, or a measure. */
export function withMark(
  reference: Reference,
  tool: Exclude<Tool, 'look'>,
  spots: Spot[],
): Partial<Reference> {
  if (tool === 'known')
    return { known: { spots, lengthMm: reference.known?.lengthMm ?? 1000 }, square: null };
  if (tool === 'square')
    return {
      square: {
        spots,
        widthMm: reference.square?.widthMm ?? 1000,
        heightMm: reference.square?.heightMm ?? 1000,
      },
    };
  const count = reference.takings.filter(({ kind }) => kind === tool).length + 1;
  const taking: Taking = { id: newId('taking'), kind: tool, name: `${NAMES[tool]} ${count}`, spots };
  return { takings: [...reference.takings, taking] };
}
