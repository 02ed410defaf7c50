import { handbookRow, ROLLER_SETTINGS } from '../handbook/index.ts';
import type { OwnValues } from '../reckoning/index.ts';

/** A setting of a roller with the sheet it makes. */
export interface RollerSetting {
  readonly setting: number;
  readonly thicknessMm: number;
  /** Measured on the maker’s own machine, or taken from the measured ones beside it, or as machines usually are. */
  readonly from: 'measured' | 'between' | 'usual';
}

const usual = (setting: number) => handbookRow(`roller.${setting}`).value;

/**
 * What each setting of the maker’s own machine makes: measured ones as they are; between two of them, and beyond the last, as
 * much off the usual as those beside it (in proportion).
 */
export function rollerSettings(own: OwnValues): RollerSetting[] {
  const measured = ROLLER_SETTINGS.flatMap((setting) => {
    const mm = own[`roller.${setting}`];
    return mm !== undefined && mm > 0 ? [{ setting, ratio: mm / usual(setting) }] : [];
  });
  return ROLLER_SETTINGS.map((setting): RollerSetting => {
    const here = measured.find((one) => one.setting === setting);
    if (here) return { setting, thicknessMm: here.ratio * usual(setting), from: 'measured' };
    const before = measured.filter((one) => one.setting < setting).at(-1);
    const after = measured.find((one) => one.setting > setting);
    const [a, b] = [before ?? after, after ?? before];
    if (!a || !b) return { setting, thicknessMm: usual(setting), from: 'usual' };
    const t = a.setting === b.setting ? 0 : (setting - a.setting) / (b.setting - a.setting);
    return { setting, thicknessMm: (a.ratio + (b.ratio - a.ratio) * t) * usual(setting), from: 'between' };
  });
}

/** The setting whose sheet comes nearest to a thickness. */
export function nearestSetting(
  settings: readonly RollerSetting[],
  thicknessMm: number,
): RollerSetting | null {
  return settings.reduce<RollerSetting | null>(
    (a, b) =>
      a && Math.abs(Math.log(a.thicknessMm / thicknessMm)) <= Math.abs(Math.log(b.thicknessMm / thicknessMm))
        ? a
        : b,
    null,
  );
}

/** Sheets that an area takes. */
export interface SheetsNeeded {
  /** With what is lost between the pieces that are cut, mm². */
  readonly areaMm2: number;
  /** Length of a sheet as wide as the machine, mm. */
  readonly lengthMm: number;
  readonly volumeMm3: number;
}

/**
 * What is rolled out for pieces of an area.
 *
 * @param wasteShare lost between the pieces, 0 to less than 1
 * @param widthMm width of the machine
 */
export function sheetsFor(
  areaMm2: number,
  thicknessMm: number,
  wasteShare: number,
  widthMm: number,
): SheetsNeeded {
  const all = areaMm2 / (1 - Math.min(0.95, Math.max(0, wasteShare)));
  return { areaMm2: all, lengthMm: all / widthMm, volumeMm3: all * thicknessMm };
}
