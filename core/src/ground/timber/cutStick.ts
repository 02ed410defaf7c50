import { braceIn } from './framedOf.ts';

/** How a stick meets what it is cut for; sizes in mm. */
export type StickCut =
  /** One side of a frame: inside length, and the corner it makes at both ends. */
  | { readonly kind: 'mitre'; readonly insideMm: number; readonly cornerDeg: number }
  /** From corner to corner of a frame, inside. */
  | { readonly kind: 'brace'; readonly wideMm: number; readonly highMm: number }
  /** Leaning, its foot cut flat to the ground and its head against a wall: how high and how far out. */
  | { readonly kind: 'heel'; readonly highMm: number; readonly outMm: number };

/** A stick as it is marked and cut. */
export interface CutStick {
  /** Of each cut, from straight across, °. */
  readonly footDeg: number;
  readonly headDeg: number;
  /** From tip to tip along it, and along its shorter side. */
  readonly longMm: number;
  readonly shortMm: number;
  /** What it is sawn off at first, with the allowance at both ends. */
  readonly blankMm: number;
}

const DEG = Math.PI / 180;

/**
 * Angles and lengths of a stick that is not cut straight across.
 *
 * A mitre is half of what the corner lacks of straight on: 90° − corner ÷ 2, and lengthens the outer side by t ÷ tan(corner ÷ 2)
 * at each end. A brace is cut flush with the uprights, both cuts the same way. A leaning stick has its foot cut at its lean, and
 * its head, against the wall, at what is left of a right angle.
 *
 * @param thickMm how thick it is across the cut
 * @param trimMm left on at each end to be sanded away
 * @returns null where it does not fit
 * @example cutStick({ kind: 'mitre', insideMm: 100, cornerDeg: 90 }, 5, 0) // 45°, 110 mm outside
 */
export function cutStick(cut: StickCut, thickMm: number, trimMm: number): CutStick | null {
  const made = (footDeg: number, headDeg: number, longMm: number, shortMm: number): CutStick | null =>
    shortMm > 0 && [footDeg, headDeg].every((deg) => deg >= 0 && deg < 90)
      ? { footDeg, headDeg, longMm, shortMm, blankMm: longMm + 2 * trimMm }
      : null;
  switch (cut.kind) {
    case 'mitre': {
      if (!(cut.cornerDeg > 0 && cut.cornerDeg <= 180)) return null;
      const angle = 90 - cut.cornerDeg / 2;
      const more = thickMm * Math.tan(angle * DEG);
      return made(angle, angle, cut.insideMm + 2 * more, cut.insideMm);
    }
    case 'brace': {
      const brace = braceIn(cut.wideMm, cut.highMm, thickMm);
      if (!brace) return null;
      // Both cuts the same way: each side is as long, and the tips are a thickness apart.
      const side = cut.wideMm / Math.cos(brace.angleDeg * DEG);
      return made(brace.angleDeg, brace.angleDeg, brace.lengthMm, side);
    }
    case 'heel': {
      const long = Math.hypot(cut.highMm, cut.outMm);
      if (!(long > 0)) return null;
      const lean = Math.atan2(cut.outMm, cut.highMm) / DEG;
      const lost = thickMm * (Math.tan(lean * DEG) + 1 / Math.tan(Math.max(lean, 1e-9) * DEG));
      return made(lean, 90 - lean, long, long - lost);
    }
  }
}
