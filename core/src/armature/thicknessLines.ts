import { bulkOfPart, thicknessAsk, thicknessMap } from '../bulk/index.ts';
import type { Given } from '../context/index.ts';
import { bonesOfPart } from './reckoners.ts';
import { wireLines } from './wireLines.ts';

/** Cells each part is looked at with: about a millimetre at dollhouse size. */
const CELLS = 60_000;

/** How thick the clay of each part is through the solid itself, and where it is too thick or too thin. */
export function thicknessLines(given: Given, part: string | undefined): string[] {
  const lines = [...given.parts(bulkOfPart)].flatMap(([id, own]) => {
    const context = given.contexts.get(id);
    if (!context || (part !== undefined && id !== part)) return [];
    const armature = given.part(bonesOfPart, id);
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
