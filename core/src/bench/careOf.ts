import { CARE, type CareStep } from '../handbook/index.ts';
import type { StepKind } from '../piece/index.ts';

const CARE_OF: Readonly<Partial<Record<StepKind, readonly CareStep[]>>> = {
  wire: ['blade'],
  bake: ['bake'],
  dry: ['bake'],
  small: ['bake'],
  skin: ['clay'],
  sand: ['dust', 'blade'],
  seal: ['finish'],
  coat: ['finish'],
  fix: ['finish'],
  joint: ['finish'],
  assemble: ['piece'],
};

/** The cautions of a kind of step, in short. */
export function careOf(kind: StepKind): readonly string[] {
  const steps = CARE_OF[kind] ?? [];
  return CARE.filter(({ step }) => steps.includes(step)).map(({ says }) => says);
}
