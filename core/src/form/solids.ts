/**
 * Closed forms of simple solids (any handbook of mensuration, e.g. Bronshtein & Semendyayev, section 3.3).
 * Lengths in mm, results in mm³ and mm².
 */

/** 4/3 π r³. */
export function ballVolume(radius: number): number {
  return (4 / 3) * Math.PI * radius ** 3;
}

/** Frustum of a cone: π h (r₁² + r₁ r₂ + r₂²) / 3. */
export function frustumVolume(r1: number, r2: number, height: number): number {
  return (Math.PI * height * (r1 * r1 + r1 * r2 + r2 * r2)) / 3;
}

/** Slanted side of a frustum: π (r₁ + r₂) √(h² + (r₁ − r₂)²). */
export function frustumSide(r1: number, r2: number, height: number): number {
  return Math.PI * (r1 + r2) * Math.hypot(height, r1 - r2);
}

/** Cap of a ball: π c² (3 r − c) / 3, c its height. */
export function capVolume(radius: number, cap: number): number {
  return (Math.PI * cap * cap * (3 * radius - cap)) / 3;
}

/** Curved side of a cap: 2 π r c. */
export function capSide(radius: number, cap: number): number {
  return 2 * Math.PI * radius * cap;
}

/** Ring of tube radius r round a circle of radius R: 2 π² R r² (Pappus). */
export function ringVolume(R: number, r: number): number {
  return 2 * Math.PI ** 2 * R * r * r;
}

/** Surface of a ring: 4 π² R r (Pappus). */
export function ringArea(R: number, r: number): number {
  return 4 * Math.PI ** 2 * R * r;
}

/** Volume and surface of a bar with round ends of radii r1 and r2, their centres a length apart. */
export function roundBar(r1: number, r2: number, apart: number): { volume: number; area: number } {
  // The side touches both balls on circles tilted by asin((r1 − r2) / apart).
  const sine = (r1 - r2) / apart;
  const cosine = Math.sqrt(1 - sine * sine);
  const height = apart + (r2 - r1) * sine;
  const low = r1 * (1 + sine);
  const high = r2 * (1 - sine);
  return {
    volume: frustumVolume(r1 * cosine, r2 * cosine, height) + capVolume(r1, low) + capVolume(r2, high),
    area: frustumSide(r1 * cosine, r2 * cosine, height) + capSide(r1, low) + capSide(r2, high),
  };
}
