import { angleOf, focalOf } from '@every-inch/core/ground';
import { type Backdrop, DEFAULT_BACKDROP, LIMITS, typedLimits } from '@every-inch/core/piece';
import { BinButton } from '../../parts/BinButton.tsx';
import { NumberField } from '../../parts/NumberField.tsx';
import { editAt, useAppDispatch, useOpenPiece } from '../../state/store.ts';

const FIELDS = [
  ['focalMm', 'Focal length', 'mm'],
  ['sensorMm', 'Sensor, wide', 'mm'],
  ['sensorHighMm', 'Sensor, high', 'mm'],
  ['fNumber', 'Stop, f/', undefined],
  ['fromDeg', 'Camera, from the front', '°'],
  ['awayMm', 'Camera to the middle, which is sharp', 'mm'],
  ['behindMm', 'From there to the board', 'mm'],
  ['marginPct', 'More than is seen', '%'],
  ['sheetMm', 'A sheet, wide', 'mm'],
] as const;

/** A board behind it all, as large as the camera wants it. */
export function BackdropFields() {
  const dispatch = useAppDispatch();
  const { backdrop } = useOpenPiece();
  if (!backdrop)
    return (
      <button
        type="button"
        className="press-quiet text-fired"
        onClick={() => dispatch(editAt('backdrop', ['backdrop'], DEFAULT_BACKDROP))}
      >
        + a board behind it, for a camera
      </button>
    );
  const set = (field: keyof Backdrop, value: number, label: string) =>
    dispatch(editAt(`backdrop, ${label}`, ['backdrop', field], value));
  return (
    <div className="flex flex-wrap items-end gap-x-5 gap-y-2">
      <NumberField
        label="Angle of view, across"
        min={1}
        max={170}
        value={Math.round(10 * angleOf(backdrop.sensorMm, backdrop.focalMm)) / 10}
        after="°"
        className="w-16"
        onNumber={(angle) =>
          set('focalMm', Math.round(100 * focalOf(backdrop.sensorMm, angle)) / 100, 'angle of view')
        }
      />
      {FIELDS.map(([field, label, after]) => (
        <NumberField
          key={field}
          {...typedLimits(LIMITS.backdrop[field])}
          label={label}
          entry={['backdrop', field]}
          value={backdrop[field]}
          {...(after !== undefined && { after })}
          className="w-16"
          onNumber={(value) => set(field, value, label)}
        />
      ))}
      <BinButton label="no backdrop" onPress={() => dispatch(editAt('no backdrop', ['backdrop'], null))} />
    </div>
  );
}
