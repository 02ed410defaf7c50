import { sheetsDrawing } from '@every-inch/core/bench';
import { panelJoints, panelPieces, panelSheets, sizeOf } from '@every-inch/core/bulk';
import type { PartFacts } from '@every-inch/core/context';
import { panelProof } from '@every-inch/core/form';
import { sourced } from '@every-inch/core/reckoning';
import { formatMiniMm, miniMm } from '@every-inch/core/units';
import { useMemo } from 'react';
import { DrawingView } from '../../parts/DrawingView.tsx';
import { Section } from '../../parts/Sections.tsx';
import { PrintNet } from './PrintNet.tsx';

const mm = (value: number) => formatMiniMm(miniMm(value));

/** Every edge that must meet another, with how far it is off. */
function Joints({ context }: { readonly context: PartFacts }) {
  const { part, shrink, own } = context;
  if (part.form.kind !== 'panels') return null;
  const proof = panelProof(part.form);
  const limit = sourced('panel.closes', own).value;
  const joints = panelJoints(proof, shrink);
  return (
    <details>
      <summary className="cursor-pointer text-[13px]">
        {joints.length} edges that must meet
        {proof.open.length > 0 && `; left open: ${proof.open.join(', ')}`}
      </summary>
      <ul className="mt-1 columns-[300px] gap-6 text-[13px]">
        {joints.map(({ says, lengthMm, offMm }) => (
          <li key={says} className="flex justify-between gap-3 border-b border-hair py-0.5">
            <span>{says}</span>
            <span className={`figure whitespace-nowrap ${offMm > limit ? 'text-wont' : 'text-quiet'}`}>
              {mm(lengthMm)}, off {offMm.toFixed(2)} mm
            </span>
          </li>
        ))}
      </ul>
    </details>
  );
}

/** Walls, floor and roof as they are cut, on sheets of the maker’s roller, and the proof that they close. */
export default function Panels({ context }: { readonly context: PartFacts }) {
  const { part } = context;
  const pieces = useMemo(() => panelPieces(context), [context]);
  const found = useMemo(() => panelSheets(context), [context]);
  const drawing = useMemo(() => (found ? sheetsDrawing(found.nest.sheets) : null), [found]);
  if (!found || !drawing) return null;
  const { nest, layers, widthMm } = found;
  return (
    <Section
      id="panels"
      title="Panels"
      says={`Panels of ${part.name}, cut from sheets`}
      beside={<PrintNet pieces={pieces} name={`${part.name}, panels`} says="Save the net as PDF" />}
    >
      <p className="text-[13px] text-quiet">
        {nest.sheets.length} {nest.sheets.length === 1 ? 'sheet' : 'sheets'} {mm(widthMm)} mm wide
        {layers &&
          `, setting ${layers.setting.setting} of the roller${layers.count > 1 ? `, ${layers.count} layers each` : ''}: ${mm(layers.thicknessMm)} mm`}
        . Outer faces; an edge that is not square is named on its panel.
      </p>
      {nest.sheets.length > 0 && (
        <DrawingView
          drawing={drawing}
          label={`Panels of ${part.name} on sheets`}
          className="mt-2 max-h-80 w-full"
        />
      )}
      {nest.tooLarge.length > 0 && (
        <p className="text-[13px] text-tight">
          Larger than a sheet:{' '}
          {nest.tooLarge.map((piece) => `${piece.name} (${sizeOf(piece).map(mm).join(' × ')})`).join(', ')}.
          Roll it in strips and join them on a tile.
        </p>
      )}
      <Joints context={context} />
    </Section>
  );
}
