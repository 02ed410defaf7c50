import { computed, type ReadonlySignal } from '@preact/signals-core';
import { heroicOf, type PartContext, type PieceContext, reckonScale } from '../context/index.ts';
import { FormError, type Shape, type ShapeStore } from '../form/index.ts';
import { resolveScale } from '../scale/index.ts';
import type { WatchedGround } from './document.ts';
import { TrackedMap } from './trackedMap.ts';

const says = (error: unknown) => (error instanceof Error ? error.message : String(error));

/** The solid of a part, or why there is none. */
type Built = Shape | FormError;

interface PartCell {
  readonly context: PartContext;
  readonly built: ReadonlySignal<Built>;
}

/** A list that stays the same as long as it says the same. */
function steadyList(list: () => readonly string[]): ReadonlySignal<readonly string[]> {
  let before: readonly string[] = [];
  return computed(() => {
    const now = list();
    if (now.length !== before.length || now.some((id, i) => id !== before[i])) before = now;
    return before;
  });
}

/** What reckoners are given of a piece and its parts. */
export interface Contexts {
  readonly context: PieceContext;
  readonly contexts: ReadonlyMap<string, PartContext>;
  readonly faults: ReadonlyMap<string, string>;
}

/** The contexts of a watched piece: they last as long as their parts and follow every change. */
export function watchContexts(ground: WatchedGround, shapes: ShapeStore): Contexts {
  const { piece, own, now, partIds } = ground;
  const scale = computed(() => resolveScale(piece.scale));
  const figure = computed(() => reckonScale(piece.scale, scale.value));
  const head = computed(() => (scale.value.heroic ? heroicOf(true, own).head : null));
  const hands = computed(() => (scale.value.heroic ? heroicOf(true, own).hands : null));
  const heroic = computed(() =>
    head.value === null || hands.value === null
      ? heroicOf(false, own)
      : { head: head.value, hands: hands.value },
  );
  const whole: PieceContext = {
    piece,
    own,
    get scale() {
      return scale.value;
    },
    get scaleFigure() {
      return figure.value;
    },
    get now() {
      return now.value;
    },
  };
  const ofWhole = Object.getOwnPropertyDescriptors(whole);
  const cells = new Map<string, PartCell>();

  function cellOf(id: string): PartCell | undefined {
    const part = ground.part(id);
    const known = cells.get(id);
    // A part that went and came back by undo is watched anew.
    if (known?.context.part === part) return known;
    if (!part) {
      cells.delete(id);
      return undefined;
    }
    const built = computed((): Built => {
      try {
        return shapes.shapeOf(part.form, heroic.value);
      } catch (error) {
        if (error instanceof FormError) return error;
        return new FormError(part.form.kind, 'its sizes', 'a body that can be built', says(error));
      }
    });
    const ofPart = {
      part,
      get shape() {
        const shape = built.value;
        if (shape instanceof FormError) throw shape;
        return shape;
      },
      get shrink() {
        return part.sized === 'life' ? scale.value.ratio : 1;
      },
    };
    // What is read of the whole piece is followed here as it is there.
    const context: PartContext = Object.defineProperties(ofPart, ofWhole) as typeof ofPart & PieceContext;
    const cell = { context, built };
    cells.set(id, cell);
    return cell;
  }

  const there = computed(() => new Set(partIds.value));
  const builtOf = (id: string): Built | undefined =>
    // Reading which parts there are makes a part that goes or comes known to whoever asked for it.
    there.value.has(id) ? cellOf(id)?.built.value : undefined;
  const isSound = (built: Built | undefined) => built !== undefined && !(built instanceof FormError);
  const sound = steadyList(() => partIds.value.filter((id) => isSound(builtOf(id))));
  const faulty = steadyList(() => partIds.value.filter((id) => builtOf(id) instanceof FormError));
  return {
    context: whole,
    contexts: new TrackedMap(
      () => sound.value,
      (id) => (isSound(builtOf(id)) ? cellOf(id)?.context : undefined),
    ),
    faults: new TrackedMap(
      () => faulty.value,
      (id) => {
        const built = builtOf(id);
        return built instanceof FormError ? built.message : undefined;
      },
    ),
  };
}
