/**
 * Distance to a bar between two balls, its radius going evenly from the one to the other (Quilez, round cone); exact.
 *
 * @param out from the bar’s axis, mm
 * @param along the axis from the first ball’s centre, mm
 * @param apart of the two centres, more than the difference of the radii
 */
export function roundCone(out: number, along: number, apart: number, r1: number, r2: number): number {
  const sine = (r1 - r2) / apart;
  const cosine = Math.sqrt(1 - sine * sine);
  const place = cosine * along - sine * out;
  if (place < 0) return Math.sqrt(out * out + along * along) - r1;
  if (place > cosine * apart) return Math.sqrt(out * out + (along - apart) ** 2) - r2;
  return out * cosine + along * sine - r1;
}
