import { coilMm, domeRibMm, hoopMm, jointGapMm, largestBend, wrapMm } from '@every-inch/core/armature';
import { formatMiniMm, miniMm } from '@every-inch/core/units';
import { type ReactNode, useState } from 'react';
import { LengthField } from '../../parts/LengthField.tsx';
import { inches } from '../../parts/lengths.ts';
import { NumberField } from '../../parts/NumberField.tsx';
import { Section } from '../../parts/Sections.tsx';

interface RowProps {
  readonly title: string;
  readonly formula: string;
  readonly children: ReactNode;
  readonly result: ReactNode;
}

function Row({ title, formula, children, result }: RowProps) {
  return (
    <li className="flex flex-wrap items-end gap-x-4 gap-y-1 border-t border-hair py-2" aria-label={title}>
      <span className="w-32 self-center font-medium">{title}</span>
      {children}
      <output className="figure pb-1">{result}</output>
      <span className="pb-1 text-[12.5px] text-quiet">{formula}</span>
    </li>
  );
}

function Mm({
  label,
  value,
  onMm,
}: {
  readonly label: string;
  readonly value: number;
  readonly onMm: (mm: number) => void;
}) {
  return (
    <LengthField
      label={label}
      shown={formatMiniMm(miniMm(value))}
      unit="mm"
      className="w-16"
      onLength={onMm}
    />
  );
}

function length(mm: number): string {
  return `${formatMiniMm(miniMm(mm))} mm · ${inches(miniMm(mm))} in`;
}

function Hoop() {
  const [across, setAcross] = useState(40);
  return (
    <Row
      title="Hoop, half dome"
      formula="π D; a rib over the top π D ÷ 2"
      result={`${length(hoopMm(across))}; rib ${length(domeRibMm(across))}`}
    >
      <Mm label="across" value={across} onMm={setAcross} />
    </Row>
  );
}

function Coil() {
  const [core, setCore] = useState(8);
  const [wire, setWire] = useState(1);
  const [turns, setTurns] = useState(6);
  const [pitch, setPitch] = useState(3);
  return (
    <Row
      title="Coil round a core"
      formula="N √((π (D + d))² + p²)"
      result={length(coilMm(core, wire, turns, pitch))}
    >
      <Mm label="core" value={core} onMm={setCore} />
      <Mm label="wire" value={wire} onMm={setWire} />
      <NumberField label="turns" min={0.25} max={1000} className="w-14" value={turns} onNumber={setTurns} />
      <Mm label="apart" value={pitch} onMm={setPitch} />
    </Row>
  );
}

function Wrap() {
  const [core, setCore] = useState(6);
  const [clay, setClay] = useState(2);
  return (
    <Row
      title="Clay wrap"
      formula="π (D + t), as wide as the core is long"
      result={length(wrapMm(core, clay))}
    >
      <Mm label="core" value={core} onMm={setCore} />
      <Mm label="clay" value={clay} onMm={setClay} />
    </Row>
  );
}

function Gap() {
  const [limb, setLimb] = useState(6);
  const [degrees, setDegrees] = useState(90);
  const [gap, setGap] = useState(4);
  return (
    <Row
      title="Joint to bend later"
      formula="gap = limb × tan(θ ÷ 2); bend it once: wire bent to and fro breaks"
      result={`leave ${length(jointGapMm(limb, degrees))}; ${formatMiniMm(miniMm(gap))} mm let it go ${Math.round(largestBend(limb, gap))}°`}
    >
      <Mm label="limb" value={limb} onMm={setLimb} />
      <NumberField
        label="to bend"
        min={1}
        max={170}
        className="w-14"
        value={degrees}
        after="°"
        onNumber={setDegrees}
      />
      <Mm label="gap there is" value={gap} onMm={setGap} />
    </Row>
  );
}

/** Lengths of hoops, coils and wraps, and the gap for a joint that is bent later. */
export function PlainShapes() {
  return (
    <Section id="shapes" title="Hoops, coils, wraps and gaps" className="max-w-4xl">
      <ul className="mt-1">
        <Hoop />
        <Coil />
        <Wrap />
        <Gap />
      </ul>
    </Section>
  );
}
