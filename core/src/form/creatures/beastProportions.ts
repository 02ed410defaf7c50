import type { BeastBuild } from '../types.ts';

/**
 * Proportions of a four-legged animal at rest, as shares of its height at the withers; angles in degrees. From memory
 * of photographs and breed standards: starting values to measure and correct, not published figures.
 */
export interface BeastProportions {
  /** Point of shoulder to buttock. */
  readonly trunk: number;
  readonly chestDepth: number;
  readonly chestWidth: number;
  readonly loinDepth: number;
  readonly rump: number;
  readonly rumpWidth: number;
  readonly elbow: number;
  readonly carpus: number;
  readonly fetlock: number;
  readonly hip: number;
  readonly stifle: number;
  readonly hock: number;
  /** Radii of the foreleg at the elbow and of its cannon. */
  readonly foreleg: number;
  readonly cannon: number;
  readonly thigh: number;
  readonly foot: number;
  readonly neck: number;
  /** Of the neck above the level. */
  readonly neckAngle: number;
  readonly neckBase: number;
  readonly neckTop: number;
  readonly head: number;
  /** Of the face below the level. */
  readonly headAngle: number;
  readonly headDepth: number;
  readonly muzzle: number;
  readonly ear: number;
  readonly tail: number;
  readonly tailRadius: number;
  /** Of the tail below the level. */
  readonly tailAngle: number;
  /** Whether it walks on hooves: it then lies with its knees folded under. */
  readonly hoofed: boolean;
}

export const BEASTS: Readonly<Record<BeastBuild, BeastProportions>> = {
  cat: {
    trunk: 1.3,
    chestDepth: 0.42,
    chestWidth: 0.32,
    loinDepth: 0.38,
    rump: 1.02,
    rumpWidth: 0.3,
    elbow: 0.56,
    carpus: 0.2,
    fetlock: 0.1,
    hip: 0.86,
    stifle: 0.58,
    hock: 0.3,
    foreleg: 0.068,
    cannon: 0.045,
    thigh: 0.13,
    foot: 0.13,
    neck: 0.26,
    neckAngle: 42,
    neckBase: 0.15,
    neckTop: 0.12,
    head: 0.3,
    headAngle: 12,
    headDepth: 0.145,
    muzzle: 0.1,
    ear: 0.17,
    tail: 1.05,
    tailRadius: 0.045,
    tailAngle: 38,
    hoofed: false,
  },
  dog: {
    trunk: 1.04,
    chestDepth: 0.46,
    chestWidth: 0.3,
    loinDepth: 0.32,
    rump: 0.97,
    rumpWidth: 0.26,
    elbow: 0.53,
    carpus: 0.21,
    fetlock: 0.09,
    hip: 0.8,
    stifle: 0.52,
    hock: 0.27,
    foreleg: 0.06,
    cannon: 0.038,
    thigh: 0.12,
    foot: 0.13,
    neck: 0.36,
    neckAngle: 46,
    neckBase: 0.15,
    neckTop: 0.105,
    head: 0.42,
    headAngle: 14,
    headDepth: 0.105,
    muzzle: 0.06,
    ear: 0.16,
    tail: 0.55,
    tailRadius: 0.032,
    tailAngle: 52,
    hoofed: false,
  },
  hog: {
    trunk: 1.42,
    chestDepth: 0.6,
    chestWidth: 0.46,
    loinDepth: 0.56,
    rump: 1.0,
    rumpWidth: 0.44,
    elbow: 0.44,
    carpus: 0.2,
    fetlock: 0.09,
    hip: 0.74,
    stifle: 0.48,
    hock: 0.25,
    foreleg: 0.075,
    cannon: 0.042,
    thigh: 0.17,
    foot: 0.11,
    neck: 0.24,
    neckAngle: 8,
    neckBase: 0.27,
    neckTop: 0.21,
    head: 0.52,
    headAngle: 32,
    headDepth: 0.19,
    muzzle: 0.085,
    ear: 0.22,
    tail: 0.26,
    tailRadius: 0.018,
    tailAngle: 60,
    hoofed: true,
  },
  sheep: {
    trunk: 1.12,
    chestDepth: 0.58,
    chestWidth: 0.5,
    loinDepth: 0.56,
    rump: 0.99,
    rumpWidth: 0.48,
    elbow: 0.47,
    carpus: 0.24,
    fetlock: 0.09,
    hip: 0.74,
    stifle: 0.5,
    hock: 0.29,
    foreleg: 0.055,
    cannon: 0.033,
    thigh: 0.14,
    foot: 0.09,
    neck: 0.36,
    neckAngle: 46,
    neckBase: 0.2,
    neckTop: 0.135,
    head: 0.35,
    headAngle: 38,
    headDepth: 0.115,
    muzzle: 0.062,
    ear: 0.15,
    tail: 0.34,
    tailRadius: 0.05,
    tailAngle: 82,
    hoofed: true,
  },
  horse: {
    trunk: 1.02,
    chestDepth: 0.45,
    chestWidth: 0.3,
    loinDepth: 0.39,
    rump: 1.0,
    rumpWidth: 0.32,
    elbow: 0.58,
    carpus: 0.3,
    fetlock: 0.11,
    hip: 0.84,
    stifle: 0.6,
    hock: 0.38,
    foreleg: 0.066,
    cannon: 0.029,
    thigh: 0.13,
    foot: 0.1,
    neck: 0.5,
    neckAngle: 50,
    neckBase: 0.18,
    neckTop: 0.095,
    head: 0.4,
    headAngle: 52,
    headDepth: 0.108,
    muzzle: 0.058,
    ear: 0.12,
    tail: 0.58,
    tailRadius: 0.05,
    tailAngle: 76,
    hoofed: true,
  },
  deer: {
    trunk: 0.98,
    chestDepth: 0.42,
    chestWidth: 0.25,
    loinDepth: 0.34,
    rump: 1.01,
    rumpWidth: 0.26,
    elbow: 0.6,
    carpus: 0.32,
    fetlock: 0.11,
    hip: 0.84,
    stifle: 0.62,
    hock: 0.4,
    foreleg: 0.05,
    cannon: 0.022,
    thigh: 0.12,
    foot: 0.085,
    neck: 0.48,
    neckAngle: 58,
    neckBase: 0.145,
    neckTop: 0.075,
    head: 0.34,
    headAngle: 26,
    headDepth: 0.085,
    muzzle: 0.044,
    ear: 0.19,
    tail: 0.13,
    tailRadius: 0.035,
    tailAngle: 62,
    hoofed: true,
  },
  rat: {
    trunk: 2.15,
    chestDepth: 0.7,
    chestWidth: 0.62,
    loinDepth: 0.86,
    rump: 1.12,
    rumpWidth: 0.76,
    elbow: 0.4,
    carpus: 0.16,
    fetlock: 0.08,
    hip: 0.66,
    stifle: 0.46,
    hock: 0.24,
    foreleg: 0.09,
    cannon: 0.052,
    thigh: 0.24,
    foot: 0.24,
    neck: 0.34,
    neckAngle: 8,
    neckBase: 0.31,
    neckTop: 0.27,
    head: 0.78,
    headAngle: 14,
    headDepth: 0.26,
    muzzle: 0.07,
    ear: 0.3,
    tail: 2.1,
    tailRadius: 0.06,
    tailAngle: 22,
    hoofed: false,
  },
};
