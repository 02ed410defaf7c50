import { type Band, placeAxial } from './axial.ts';
import { FormError } from './errors.ts';
import { polygonOf, rightHalf, unite } from './outline.ts';
import { frustumSide, frustumVolume } from './solids.ts';
import { coreOfTurned, largestBallOfTurned } from './turnedField.ts';
import type { FormMeasure, Outline, ProfilePoint, Ring, Shape, TurnedForm, Vec2 } from './types.ts';

function crosses(a: Vec2, b: Vec2, c: Vec2, d: Vec2): boolean {
  const side = (p: Vec2, q: Vec2, r: Vec2) =>
    Math.sign((q[0] - p[0]) * (r[1] - p[1]) - (q[1] - p[1]) * (r[0] - p[0]));
  return side(a, b, c) * side(a, b, d) < 0 && side(c, d, a) * side(c, d, b) < 0;
}

function checkProfile(profile: readonly ProfilePoint[]): Ring {
  if (profile.length < 3) throw new FormError('turned', 'profile', 'three points or more', profile.length);
  profile.forEach(({ radiusMm, heightMm }, i) => {
    if (!(radiusMm >= 0) || !Number.isFinite(radiusMm))
      throw new FormError('turned', `profile[${i}].radiusMm`, 'a length of 0 or more', radiusMm);
    if (!Number.isFinite(heightMm))
      throw new FormError('turned', `profile[${i}].heightMm`, 'a length', heightMm);
  });
  const lowest = Math.min(...profile.map((point) => point.heightMm));
  const ring = profile.map(({ radiusMm, heightMm }): Vec2 => [radiusMm, heightMm - lowest]);
  ring.forEach((a, i) => {
    for (let j = i + 2; j < ring.length; j += 1) {
      const [b, c, d] = [ring[(i + 1) % ring.length], ring[j], ring[(j + 1) % ring.length]];
      if (b && c && d && crosses(a, b, c, d))
        throw new FormError(
          'turned',
          'profile',
          'a line that does not cross itself',
          `a crossing at point ${i + 1}`,
        );
    }
  });
  return ring;
}

/** Volume and surface by the theorems of Pappus, edge by edge; edges on the axis count for nothing. */
function spin(ring: Ring): { volume: number; area: number } {
  let [volume, area] = [0, 0];
  ring.forEach(([r1, y1], i) => {
    const [r2, y2] = ring[(i + 1) % ring.length] ?? [0, 0];
    volume += Math.sign(y2 - y1) * frustumVolume(r1, r2, Math.abs(y2 - y1));
    area += frustumSide(r1, r2, y2 - y1);
  });
  return { volume: Math.abs(volume), area };
}

/** Volume that a section of both sides sweeps: its right half spun once round. */
function sweptVolume(section: Outline): number {
  return rightHalf(section)
    .flatMap((polygon) => polygon.map((ring, i) => (i === 0 ? 1 : -1) * spin(ring).volume))
    .reduce((a, b) => a + b, 0);
}

function bandsOf(ring: Ring): Band[] {
  return ring.map(([r1, y1], i) => {
    const [r2, y2] = ring[(i + 1) % ring.length] ?? [r1, y1];
    return { r1, y1, r2, y2, ends: 'discs' };
  });
}

/** What is seen from the side: each edge sweeps a band across the axis. */
function seenFromSide(ring: Ring): Outline {
  const bands = ring.flatMap(([r1, y1], i): Ring[] => {
    const [r2, y2] = ring[(i + 1) % ring.length] ?? [0, 0];
    if (Math.abs(y1 - y2) < 1e-6) return [];
    return [
      [
        [-r1, y1],
        [r1, y1],
        [r2, y2],
        [-r2, y2],
      ],
    ];
  });
  return unite(bands);
}

/** The profile and its mirror image; one ring when the profile closes on the axis. */
function bothSides(ring: Ring): Outline {
  const mirrored = ring.map(([r, y]): Vec2 => [-r, y]);
  const closesOnAxis = ring[0]?.[0] === 0 && ring.at(-1)?.[0] === 0;
  if (closesOnAxis) return polygonOf([...ring, ...mirrored.slice(1, -1).reverse()]);
  return [[ring], [mirrored]];
}

function measuresOf(ring: Ring): FormMeasure[] {
  const height = Math.max(...ring.map(([, y]) => y));
  const widest = ring.reduce((a, b) => (b[0] > a[0] ? b : a));
  return [
    {
      key: 'height',
      title: 'Height',
      lengthMm: height,
      field: 'height',
      handbookRow: null,
      from: [0, 0],
      to: [0, height],
    },
    {
      key: 'widest',
      title: 'Across the widest',
      lengthMm: 2 * widest[0],
      field: 'widest',
      handbookRow: null,
      from: [-widest[0], widest[1]],
      to: [widest[0], widest[1]],
    },
  ];
}

/**
 * A profile spun round the y axis. Give it in order, either closed or starting and ending at radius 0.
 *
 * @throws {FormError} for fewer than three points, a negative radius, a line that crosses itself or encloses nothing
 */
export function turnedShape(form: TurnedForm): Shape {
  const ring = checkProfile(form.profile);
  const { volume, area } = spin(ring);
  if (!(volume > 0)) throw new FormError('turned', 'profile', 'a line that encloses something', 'a flat one');
  const thickest = largestBallOfTurned(bothSides(ring));
  return placeAxial(
    {
      heightMm: Math.max(...ring.map(([, y]) => y)),
      radiusMm: Math.max(...ring.map(([r]) => r)),
      volumeMm3: volume,
      areaMm2: area,
      error: 0,
      thickest,
      measures: measuresOf(ring),
      distance: null,
      bands: bandsOf(ring),
      profile: () => seenFromSide(ring),
      section: () => bothSides(ring),
      core: ({ skinMm, leastMm }) => coreOfTurned(bothSides(ring), thickest, skinMm, leastMm, sweptVolume),
    },
    form.lying,
  );
}
