import type { BirdBuild } from '../types.ts';

/** Proportions of a standing bird, as shares of the length of its body; angles in degrees. From memory. */
export interface BirdProportions {
  readonly depth: number;
  readonly width: number;
  /** Of the body above the level. */
  readonly pitch: number;
  readonly neck: number;
  readonly neckAngle: number;
  readonly neckRadius: number;
  readonly head: number;
  readonly bill: number;
  readonly billRadius: number;
  /** Ground to the belly’s leg joint. */
  readonly leg: number;
  readonly tail: number;
  readonly tailPitch: number;
}

export const BIRDS: Readonly<Record<BirdBuild, BirdProportions>> = {
  goose: {
    depth: 0.44,
    width: 0.4,
    pitch: 14,
    neck: 0.82,
    neckAngle: 72,
    neckRadius: 0.085,
    head: 0.13,
    bill: 0.21,
    billRadius: 0.06,
    leg: 0.47,
    tail: 0.22,
    tailPitch: 4,
  },
  gull: {
    depth: 0.4,
    width: 0.38,
    pitch: 8,
    neck: 0.2,
    neckAngle: 52,
    neckRadius: 0.13,
    head: 0.135,
    bill: 0.17,
    billRadius: 0.035,
    leg: 0.34,
    tail: 0.34,
    tailPitch: -2,
  },
  hen: {
    depth: 0.58,
    width: 0.5,
    pitch: 20,
    neck: 0.36,
    neckAngle: 72,
    neckRadius: 0.13,
    head: 0.12,
    bill: 0.1,
    billRadius: 0.04,
    leg: 0.5,
    tail: 0.42,
    tailPitch: -34,
  },
  crow: {
    depth: 0.42,
    width: 0.38,
    pitch: 26,
    neck: 0.18,
    neckAngle: 52,
    neckRadius: 0.14,
    head: 0.15,
    bill: 0.22,
    billRadius: 0.055,
    leg: 0.4,
    tail: 0.55,
    tailPitch: 20,
  },
  songbird: {
    depth: 0.56,
    width: 0.52,
    pitch: 34,
    neck: 0.14,
    neckAngle: 56,
    neckRadius: 0.19,
    head: 0.215,
    bill: 0.13,
    billRadius: 0.04,
    leg: 0.42,
    tail: 0.56,
    tailPitch: 22,
  },
  owl: {
    depth: 0.52,
    width: 0.5,
    pitch: 58,
    neck: 0.1,
    neckAngle: 84,
    neckRadius: 0.22,
    head: 0.24,
    bill: 0.07,
    billRadius: 0.05,
    leg: 0.36,
    tail: 0.1,
    tailPitch: 60,
  },
};
