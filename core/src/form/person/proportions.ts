import { handbookRow } from '../../handbook/index.ts';
import { FormError, positive } from '../errors.ts';
import type { PersonForm } from '../types.ts';

/** What a figure scale may thicken without changing the height. */
export interface Heroic {
  readonly head: number;
  readonly hands: number;
}
export const PLAIN: Heroic = { head: 1, hands: 1 };

/** Heights above the sole and lengths of a person, mm in the part's frame. */
export interface Proportions {
  readonly H: number;
  readonly head: number;
  readonly chin: number;
  readonly eyes: number;
  readonly shoulder: number;
  readonly elbow: number;
  readonly wrist: number;
  readonly hip: number;
  readonly knee: number;
  readonly ankle: number;
  readonly hand: number;
  /** What the published fractions are multiplied by, head and hands apart: H, shared out under the chin. */
  readonly body: number;
  readonly hands: number;
  readonly build: number;
}

/** Canons a maker may ask for, in heads. */
const HEADS = [2, 9] as const;
const BUILDS = [0.5, 2] as const;

const fraction = (kind: 'height' | 'length', name: string) => handbookRow(`body.${kind}.${name}`).value;

function headShare(form: PersonForm, heroic: Heroic): number {
  const usual = form.headsTall === null ? fraction('length', 'head') : 1 / form.headsTall;
  return Math.min(usual * heroic.head, 1 / HEADS[0]);
}

function check(form: PersonForm): void {
  positive('person', 'statureMm', form.statureMm);
  const { headsTall, build } = form;
  if (headsTall !== null && !(headsTall >= HEADS[0] && headsTall <= HEADS[1]))
    throw new FormError('person', 'headsTall', `${HEADS[0]} to ${HEADS[1]} heads`, headsTall);
  if (!(build >= BUILDS[0] && build <= BUILDS[1]))
    throw new FormError('person', 'build', `${BUILDS[0]} to ${BUILDS[1]}`, build);
}

/**
 * Shares a stature out: the canon sets the head, the rest keeps the published proportions among itself
 * (Drillis & Contini 1966, in Winter).
 *
 * @throws {FormError} for a stature of zero or less, a canon outside 2 to 9 heads or a build outside 0.5 to 2
 */
export function proportionsOf(form: PersonForm, heroic: Heroic): Proportions {
  check(form);
  const H = form.statureMm;
  const head = headShare(form, heroic) * H;
  const chin = H - head;
  const body = chin / fraction('height', 'chin');
  const height = (name: string) => fraction('height', name) * body;
  const eyesOverChin = (fraction('height', 'eyes') - fraction('height', 'chin')) / fraction('length', 'head');
  return {
    H,
    head,
    chin,
    eyes: chin + eyesOverChin * head,
    shoulder: height('shoulder'),
    elbow: height('elbow'),
    wrist: height('wrist'),
    hip: height('hip'),
    knee: height('knee'),
    ankle: height('ankle'),
    hand: fraction('length', 'hand') * body * heroic.hands,
    body,
    hands: heroic.hands,
    build: form.build,
  };
}
