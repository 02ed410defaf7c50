import { ballShape } from './ball.ts';
import { blockShape } from './block.ts';
import { cylinderShape } from './cylinder.ts';
import { type Heroic, PLAIN, personShape } from './person/index.ts';
import { ringShape } from './ring.ts';
import { rodShape } from './rod.ts';
import { turnedShape } from './turned.ts';
import type { Form, Outline, Shape, View } from './types.ts';

/**
 * The solid that follows from a form, in the part's own frame.
 *
 * @throws {FormError} naming the field that cannot be built from
 * @example shapeOf({ kind: 'ball', diameterMm: 40 }).volumeMm3 // 33510
 */
export function shapeOf(form: Form, heroic: Heroic = PLAIN): Shape {
  switch (form.kind) {
    case 'person':
      return personShape(form, heroic);
    case 'ball':
      return ballShape(form);
    case 'rod':
      return rodShape(form);
    case 'block':
      return blockShape(form);
    case 'cylinder':
      return cylinderShape(form);
    case 'ring':
      return ringShape(form);
    case 'turned':
      return turnedShape(form);
  }
}

/** Remembers what was built from each form object; forms are never changed in place. */
export interface ShapeStore {
  shapeOf(form: Form, heroic?: Heroic): Shape;
}

function once<T>(make: () => T): () => T {
  let made: { value: T } | null = null;
  return () => {
    made ??= { value: make() };
    return made.value;
  };
}

/** A shape whose outlines and cores are drawn once and kept. */
function lazily(shape: Shape): Shape {
  const outlines: Record<View, () => Outline> = {
    front: once(() => shape.outline('front')),
    side: once(() => shape.outline('side')),
  };
  return { ...shape, outline: (view) => outlines[view](), section: once(() => shape.section()) };
}

/** A store for one user of the core; drop it to forget. */
export function makeShapeStore(): ShapeStore {
  const plain = new WeakMap<Form, Shape>();
  const thickened = new WeakMap<Form, Shape>();
  return {
    shapeOf(form, heroic = PLAIN) {
      const store = heroic.head === 1 && heroic.hands === 1 ? plain : thickened;
      const kept = store.get(form);
      if (kept) return kept;
      const made = lazily(shapeOf(form, heroic));
      store.set(form, made);
      return made;
    },
  };
}
