import { cutStick, type StickCut } from '@every-inch/core/ground';
import { useState } from 'react';
import { Choice } from '../parts/Choice.tsx';
import { NumberField } from '../parts/NumberField.tsx';

type Kind = StickCut['kind'];

const KINDS: readonly { readonly value: Kind; readonly says: string }[] = [
  { value: 'mitre', says: 'side of a frame' },
  { value: 'brace', says: 'brace in a frame' },
  { value: 'heel', says: 'leaning on a wall' },
];
/** What the two sizes of each are. */
const SIZES: Readonly<Record<Kind, readonly [string, string]>> = {
  mitre: ['Inside length, mm', 'Corner, °'],
  brace: ['Inside width, mm', 'Inside height, mm'],
  heel: ['Up the wall, mm', 'Out from it, mm'],
};
const USUAL: Readonly<Record<Kind, readonly [number, number]>> = {
  mitre: [60, 90],
  brace: [60, 40],
  heel: [80, 30],
};
const MOST_MM = 10_000;
const LEAST_MM = 0.1;

function cutOf(kind: Kind, a: number, b: number): StickCut {
  switch (kind) {
    case 'mitre':
      return { kind, insideMm: a, cornerDeg: b };
    case 'brace':
      return { kind, wideMm: a, highMm: b };
    case 'heel':
      return { kind, highMm: a, outMm: b };
  }
}

const mm = (value: number) => `${value.toFixed(1)} mm`;
const deg = (value: number) => `${value.toFixed(1)}°`;

/** Angles and lengths of a stick that is not cut straight across, without a piece. */
export function CutStickCalculator() {
  const [kind, setKind] = useState<Kind>('mitre');
  const [sizes, setSizes] = useState(USUAL);
  const [thickMm, setThickMm] = useState(4);
  const [trimMm, setTrimMm] = useState(1);
  const [a, b] = sizes[kind];
  const set = (next: readonly [number, number]) => setSizes({ ...sizes, [kind]: next });
  const found = cutStick(cutOf(kind, a, b), thickMm, trimMm);
  const most = kind === 'mitre' ? 180 : MOST_MM;
  return (
    <section className="mb-6 border-b border-ink pb-4">
      <h2 className="font-semibold">Cut a stick</h2>
      <div className="mt-2 flex flex-wrap items-end gap-5">
        <Choice label="It is a" value={kind} options={KINDS} onChoose={setKind} />
        <NumberField
          label={SIZES[kind][0]}
          min={LEAST_MM}
          max={MOST_MM}
          value={a}
          onNumber={(value) => set([value, b])}
        />
        <NumberField
          label={SIZES[kind][1]}
          min={LEAST_MM}
          max={most}
          value={b}
          onNumber={(value) => set([a, value])}
        />
        <NumberField label="Thick, mm" min={LEAST_MM} max={MOST_MM} value={thickMm} onNumber={setThickMm} />
        <NumberField label="Left on at each end, mm" min={0} max={100} value={trimMm} onNumber={setTrimMm} />
      </div>
      <output className="figure mt-3 block text-fired">
        {found
          ? `saw it off at ${mm(found.blankMm)}; foot ${deg(found.footDeg)}, head ${deg(found.headDeg)} from straight across; ${mm(found.longMm)} from tip to tip, ${mm(found.shortMm)} along the short side`
          : 'It does not go in: the stick is too thick for the room.'}
      </output>
    </section>
  );
}
