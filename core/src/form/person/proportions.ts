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
  const { head } = form.locked;
  if (head !== undefined) return head / form.statureMm;
  const usual = form.headsTall === null ? fraction('length', 'head') : 1 / form.headsTall;
  return Math.min(usual * heroic.head, 1 / HEADS[0]);
}

function check(form: PersonForm): void {
  positive('person', 'statureMm', form.statureMm);
  const { headsTall, build, statureMm } = form;
  if (headsTall !== null && !(headsTall >= HEADS[0] && headsTall <= HEADS[1]))
    throw new FormError('person', 'headsTall', `${HEADS[0]} to ${HEADS[1]} heads`, headsTall);
  if (!(build >= BUILDS[0] && build <= BUILDS[1]))
    throw new FormError('person', 'build', `${BUILDS[0]} to ${BUILDS[1]}`, build);
  const { head } = form.locked;
  if (head !== undefined && !(head >= statureMm / HEADS[1] && head <= statureMm / HEADS[0]))
    throw new FormError('person', 'locked.head', `a ninth to a half of the height, ${statureMm} mm`, head);
}

/** Heights must come in their order, or the limbs between them would have no length. */
function checkOrder(heights: readonly (readonly [name: string, mm: number])[]): void {
  heights.forEach(([name, mm], i) => {
    const next = heights[i + 1];
    if (next && !(mm > 0 && mm < next[1]))
      throw new FormError(
        'person',
        `locked.${name}`,
        `a height under that of the ${next[0]}, ${next[1]} mm`,
        mm,
      );
  });
}

/** The heights of a person: what is held stays, the rest keeps its share of what is left between. */
function heightsOf({ locked }: PersonForm, body: number, chin: number) {
  const usual = (name: string) => fraction('height', name) * body;
  const ankle = usual('ankle');
  const hip = locked.hip ?? usual('hip');
  const knee = locked.knee ?? ankle + ((usual('knee') - ankle) * (hip - ankle)) / (usual('hip') - ankle);
  const shoulder = locked.shoulder ?? usual('shoulder');
  const elbow = locked.elbow ?? shoulder - (usual('shoulder') - usual('elbow'));
  const wrist = elbow - (usual('elbow') - usual('wrist'));
  checkOrder([
    ['ankle', ankle],
    ['knee', knee],
    ['hip', hip],
    ['shoulder', shoulder],
    ['chin', chin],
  ]);
  checkOrder([
    ['wrist', wrist],
    ['elbow', elbow],
    ['shoulder', shoulder],
  ]);
  return { ankle, knee, hip, wrist, elbow, shoulder };
}

/**
 * Shares a stature out: the canon sets the head, the rest keeps the published proportions among itself
 * (Drillis & Contini 1966, in Winter).
 *
 * @throws {FormError} for a stature of zero or less, a canon outside 2 to 9 heads, a build outside 0.5 to 2, or held
 *   lengths that leave no room for others
 */
export function proportionsOf(form: PersonForm, heroic: Heroic): Proportions {
  check(form);
  const H = form.statureMm;
  const head = headShare(form, heroic) * H;
  const chin = H - head;
  const body = chin / fraction('height', 'chin');
  const eyesOverChin = (fraction('height', 'eyes') - fraction('height', 'chin')) / fraction('length', 'head');
  const usualHand = fraction('length', 'hand') * body;
  const hand = form.locked.hand ?? usualHand * heroic.hands;
  return {
    H,
    head,
    chin,
    eyes: chin + eyesOverChin * head,
    ...heightsOf(form, body, chin),
    hand,
    body,
    hands: hand / usualHand,
    build: form.build,
  };
}

/** Height of a place of the trunk or neck that is usually at a share of the body: it goes with hip, shoulder and chin. */
export function trunkHeight({ body, hip, shoulder, chin }: Proportions, share: number): number {
  const anchors = [
    [fraction('height', 'hip'), hip],
    [fraction('height', 'shoulder'), shoulder],
    [fraction('height', 'chin'), chin],
  ] as const;
  const [first, second, third] = anchors;
  if (share <= first[0]) return first[1] - (first[0] - share) * body;
  const [from, to] = share <= second[0] ? [first, second] : [second, third];
  return from[1] + ((share - from[0]) * (to[1] - from[1])) / (to[0] - from[0]);
}
