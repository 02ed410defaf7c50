import { wireLines } from '@every-inch/core/armature';
import { thicknessAsk, thicknessMap } from '@every-inch/core/bulk';
import type { PieceReckoned } from '@every-inch/core/whole';

/** Cells each part is looked at with: about a millimetre at dollhouse size. */
const CELLS = 60_000;

/** How thick the clay of each part is through the solid itself, and where it is too thick or too thin. */
export function thicknessLines({ contexts, bulk, bones }: PieceReckoned, part: string | undefined): string[] {
  const lines = [...bulk].flatMap(([id, own]) => {
    const context = contexts.get(id);
    if (!context || (part !== undefined && id !== part)) return [];
    const armature = bones.get(id);
    const wires = armature ? wireLines(context, armature) : [];
    const map = thicknessMap(context.shape, { ...thicknessAsk(context, own, wires), cells: CELLS });
    if (!map) return [];
    return [
      `  ${id.padEnd(18)}thickest ${map.thickestMm.toFixed(1)} mm, right to ${map.errorMm.toFixed(1)} mm`,
      ...map.places.map(
        ({ kind, thicknessMm, region, volumeMm3 }) =>
          `    too ${kind}: ${thicknessMm.toFixed(1)} mm in the ${region}, ${(volumeMm3 / 1000).toFixed(2)} cm³`,
      ),
    ];
  });
  return lines.length === 0 ? [] : ['', 'Thickness through the solid', ...lines];
}
