import { practice, type Row, remembered } from '../../sources/index.ts';

/** Settings of a roller, the thickest first. */
export const ROLLER_SETTINGS = [1, 2, 3, 4, 5, 6, 7, 8, 9] as const;

/** Sheet that each setting makes, mm: machines differ, so each is to be measured. */
const USUAL_MM: readonly number[] = [3, 2.5, 2, 1.6, 1.3, 1, 0.8, 0.6, 0.4];

/** Rolling out and cutting sheets. */
export const SHEET_RULES: readonly Row[] = [
  ...ROLLER_SETTINGS.map((setting, i) =>
    remembered(`roller.${setting}`, `Sheet from setting ${setting} of the roller`, USUAL_MM[i] ?? 1, 'mm'),
  ),
  practice('roller.width', 'Width of the roller', 150, 'mm'),
  practice('sheet.length', 'Longest sheet that is handled whole', 300, 'mm'),
  practice('sheet.gap', 'Room left for the blade between pieces', 1, 'mm'),
  practice('panel.closes', 'Edges of panels this alike are taken to close', 0.1, 'mm'),
  practice('sheet.tears', 'A cold or old sheet tears under this', 0.8, 'mm'),
  practice('sheet.waste-cut', 'Clay lost when pieces are cut from a sheet', 20, '%'),
  practice('sheet.waste-cutters', 'Clay lost when cutters are pressed into a sheet', 35, '%'),
];
