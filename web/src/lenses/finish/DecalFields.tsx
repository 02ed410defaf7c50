import { type CoatLayer, DEFAULT_DECAL, type Decal, LIMITS, typedLimits } from '@every-inch/core/piece';
import { useState } from 'react';
import { FigureRow } from '../../parts/FigureRow.tsx';
import { NumberField } from '../../parts/NumberField.tsx';
import { PrintButton } from '../../parts/PrintButton.tsx';
import { TextField } from '../../parts/TextField.tsx';
import { useFigure } from '../../spine/hooks.ts';
import { decalPages } from './decalPages.ts';

interface DecalFieldsProps {
  readonly layer: CoatLayer;
  readonly path: readonly string[];
  /** Key of its figures. */
  readonly at: string;
  readonly onDecal: (decal: Decal, what: string) => void;
}

/** Most of one decal that are printed at once. */
const MOST_COPIES = 60;

/** What is printed for a decal: its words or its checks, at the size it is put on. */
export function DecalFields({ layer, path, at, onDecal }: DecalFieldsProps) {
  const decal = layer.decal ?? DEFAULT_DECAL;
  const letters = useFigure(null, `finish.letters.${at}`);
  const [copies, setCopies] = useState(1);
  const set = (change: Partial<Decal>, what: string) => onDecal({ ...decal, ...change }, what);
  const number = (field: 'wideMm' | 'highMm' | 'checks', label: string, after?: string) => (
    <NumberField
      {...typedLimits(LIMITS.decal[field])}
      entry={[...path, 'decal', field]}
      label={label}
      value={decal[field]}
      {...(after && { after })}
      className="w-14"
      onNumber={(value) => set({ [field]: value }, 'size')}
    />
  );
  return (
    <>
      <TextField
        label="It says"
        placeholder="FERRY / 2 pence"
        value={decal.words}
        className="w-48"
        onText={(words) => set({ words }, 'words')}
      />
      {number('wideMm', 'Wide', 'mm')}
      {number('highMm', 'High', 'mm')}
      {number('checks', 'Checks across')}
      <NumberField
        whole
        min={1}
        max={MOST_COPIES}
        label="Copies"
        value={copies}
        className="w-12"
        onNumber={setCopies}
      />
      <PrintButton
        name={`decal ${decal.words || 'of checks'}`.slice(0, 60)}
        says="Print it"
        disabled={layer.decal === null}
        pagesOf={(ask, label) =>
          decalPages(
            decal,
            { colour: layer.colour, copies, lettersMm: letters?.quantity.value ?? 0 },
            ask,
            label,
          )
        }
      />
      {letters && <FigureRow figure={letters} />}
    </>
  );
}
