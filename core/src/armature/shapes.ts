/** Lengths of plain wire shapes and of the clay round them (geometry; the names are the trade’s). */

/**
 * Wire for a hoop, to the middle of the wire.
 *
 * @example hoopMm(100).toFixed(1) // '314.2'
 */
export function hoopMm(acrossMm: number): number {
  return Math.PI * acrossMm;
}

/** Wire for one rib of a half dome, from foot to foot over its top. */
export function domeRibMm(acrossMm: number): number {
  return (Math.PI * acrossMm) / 2;
}

/**
 * Wire coiled round a core (helix through the middle of the wire): N·√((π(D + d))² + p²).
 *
 * @param coreMm across the core
 * @param wireMm across the wire
 * @param turns how often it goes round
 * @param pitchMm along the core for each turn
 */
export function coilMm(coreMm: number, wireMm: number, turns: number, pitchMm: number): number {
  return turns * Math.hypot(Math.PI * (coreMm + wireMm), pitchMm);
}

/** Sheet of clay wrapped round a core: its length, to the middle of the clay; its width is the length of the core. */
export function wrapMm(coreMm: number, clayMm: number): number {
  return Math.PI * (coreMm + clayMm);
}

/**
 * Bare wire to leave between two limbs of a straight-posed figure, so that the joint can be bent so far later: the edges of
 * the limbs meet when 2 r tan(θ ÷ 2) is used up, r half the thickness of the limb.
 *
 * @param limbMm thickness of the limb at the joint
 */
export function jointGapMm(limbMm: number, degrees: number): number {
  return limbMm * Math.tan((degrees * Math.PI) / 360);
}

/** How far a joint can be bent before the limbs meet, degrees: the gap read the other way. */
export function largestBend(limbMm: number, gapMm: number): number {
  return (2 * Math.atan2(gapMm, limbMm) * 180) / Math.PI;
}
