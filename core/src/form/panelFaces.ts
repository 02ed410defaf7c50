import { groundedPanels } from './panels.ts';
import type { PanelsForm, Vec3 } from './types.ts';
import { cross, dot, plus, times } from './vectors.ts';

/** Where the outer face of a panel is in space: what is told on the face is told from here. */
export interface PanelFace {
  readonly name: string;
  readonly at: Vec3;
  /** Along the face as it is drawn, and up it. */
  readonly along: Vec3;
  readonly up: Vec3;
  readonly out: Vec3;
}

/**
 * The outer faces of the panels where they stand, in the frame of the faces that {@link panelCuts} gives.
 *
 * @throws {FormError} naming the field
 */
export function panelFaces(form: PanelsForm): PanelFace[] {
  return groundedPanels(form).map(({ name, face, thicknessMm, place }): PanelFace => {
    const isSlab = name.endsWith('roof') && form.roof !== 'flat';
    if (!isSlab) {
      const isWall = name.endsWith('wall');
      const out = isWall && dot(place.at, place.z) < 0 ? times(place.z, -1) : place.z;
      return { name, at: plus(place.at, times(out, thicknessMm / 2)), along: place.x, up: place.y, out };
    }
    // A slab is drawn in section: underside from eave to ridge, then its upper side back.
    const [low, high, , outer] = face[0]?.[0] ?? [];
    if (!low || !high || !outer) return { name, at: place.at, along: place.z, up: place.y, out: place.y };
    const long = Math.hypot(high[0] - low[0], high[1] - low[1]);
    const up: Vec3 = [(high[0] - low[0]) / long, (high[1] - low[1]) / long, 0];
    const thick = Math.hypot(outer[0] - low[0], outer[1] - low[1]);
    const out: Vec3 = [(outer[0] - low[0]) / thick, (outer[1] - low[1]) / thick, 0];
    const along = cross(up, out);
    const eave: Vec3 = [outer[0], outer[1], 0];
    return { name, at: plus(plus(place.at, eave), times(along, -thicknessMm / 2)), along, up, out };
  });
}
