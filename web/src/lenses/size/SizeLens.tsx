import type { PartFacts } from '@every-inch/core/context';
import { poseOf } from '@every-inch/core/form';
import type { Part } from '@every-inch/core/piece';
import { resolveScale, toReal } from '@every-inch/core/scale';
import { formatRealMetric, miniMm } from '@every-inch/core/units';
import { lazy, Suspense } from 'react';
import { FigureList } from '../../parts/FigureList.tsx';
import { FigureRow } from '../../parts/FigureRow.tsx';
import { LensLayout, Stretch } from '../../parts/LensLayout.tsx';
import { Lessons } from '../../parts/Lessons.tsx';
import { Section } from '../../parts/Sections.tsx';
import { usePartEdit } from '../../parts/usePartEdit.ts';
import { useFigure, useFigures, useFiguresOf, useFind, usePartFacts } from '../../spine/hooks.ts';
import { dialogOpened } from '../../state/sessionSlice.ts';
import { selectPart, useAppDispatch, useAppSelector, useOfPiece } from '../../state/store.ts';
import { BuiltPieces } from './BuiltPieces.tsx';
import { DrawnOutlines } from './drawn/DrawnOutlines.tsx';
import { ClothingFields } from './FormFields.tsx';
import { JointFields } from './JointFields.tsx';
import { LineUp } from './LineUp.tsx';
import { MeasureTable } from './MeasureTable.tsx';
import { Pairs } from './Pairs.tsx';
import { PanelFields } from './PanelFields.tsx';
import { PartForm } from './PartForm.tsx';
import { FormPoints } from './PointTable.tsx';
import { Variants } from './Variants.tsx';

/** A piece without parts: the one thing to do. */
function Empty() {
  const dispatch = useAppDispatch();
  return (
    <div className="mt-16 text-center">
      <p>Nothing is on the ground line yet.</p>
      <button type="button" className="press mt-3" onClick={() => dispatch(dialogOpened('add-part'))}>
        Add the first part
      </button>
      <p className="mt-3 text-quiet">
        or press <kbd className="figure">N</kbd>; <kbd className="figure">?</kbd> lists the other keys
      </p>
    </div>
  );
}

/** What is read off the bench of a part; volume, surface and centre are for those who look. */
const MATTER = ['size.height', 'size.width', 'size.depth', 'size.thickest', 'size.oven'];

function PartReckoning() {
  const part = useAppSelector(selectPart);
  const find = useFind();
  const scale = resolveScale(useOfPiece((piece) => piece.scale));
  const own = useFiguresOf('size', part?.id ?? '');
  if (!part) return null;
  const figures = [
    'usual',
    'height',
    'width',
    'depth',
    'volume',
    'surface',
    'centre',
    'thickest',
    'oven',
  ].flatMap((key) => find(part.id, `size.${key}`) ?? []);
  const made = own.filter(({ key }) => key.startsWith('made.'));
  const fits = own.filter(({ key }) => /^(fit|beside)\./.test(key));
  const reads = (mm: number) => `reads as ${formatRealMetric(toReal(miniMm(mm), scale))}`;
  return (
    <>
      <Stretch title={part.name}>
        <FigureList
          figures={figures}
          matter={MATTER}
          beside={({ key, quantity }) => ({
            also: key === 'size.height' && !scale.isOpen ? reads(quantity.value) : undefined,
          })}
        />
      </Stretch>
      {fits.length > 0 && (
        <Stretch title="Goes together">
          {fits.map((figure) => (
            <FigureRow key={figure.id} figure={figure} also={figure.verdict ? undefined : figure.note} />
          ))}
        </Stretch>
      )}
      {made.length > 0 && (
        <Stretch title="As made">
          {made.map((figure) => (
            <FigureRow key={figure.id} figure={figure} />
          ))}
        </Stretch>
      )}
    </>
  );
}

const MeasureFiles = lazy(() => import('./MeasureFiles.tsx'));
const PrintSheet = lazy(() => import('./PrintSheet.tsx'));
const FitSheet = lazy(() => import('./FitSheet.tsx'));
const SeenSheet = lazy(() => import('./SeenSheet.tsx'));
const ReadsAs = lazy(() => import('./ReadsAs.tsx'));

interface FormTablesProps {
  readonly part: Part;
  /** Null while the part cannot be built. */
  readonly context: PartFacts | undefined;
}

/** What a form is made of, where it is more than a few lengths. */
function FormTables({ part, context }: FormTablesProps) {
  const set = usePartEdit(part);
  const { form } = part;
  if (form.kind === 'built') return <BuiltPieces part={part} form={form} />;
  if (form.kind === 'panels') return <PanelFields part={part} form={form} shrink={context?.shrink ?? null} />;
  if (form.kind === 'drawn')
    return <DrawnOutlines form={form} onForm={(next, label) => set('form', next, label)} />;
  return (
    <FormPoints
      form={form}
      entry={['parts', part.id, 'form']}
      onForm={(next, label) => set('form', next, label)}
    />
  );
}

/** The selected part: what it is, its measures, and what it is made of. */
function PartSheet() {
  const part = useAppSelector(selectPart);
  const readOnly = useAppSelector((state) => state.document.readOnly);
  const context = usePartFacts(part?.id);
  const fault = useFigures((store) => store.faults.get(part?.id ?? ''));
  return (
    <fieldset disabled={readOnly} className="min-w-0">
      {part && <PartForm part={part} />}
      {part && <Variants key={`variants of ${part.id}`} part={part} />}
      {fault && (
        <p role="alert" className="mt-3 border border-wont p-2 text-wont">
          {part?.name} cannot be built: {fault}. Its other entries are kept; mend this one, or undo.
        </p>
      )}
      {context?.shape.notes?.map((note) => (
        <p key={note} className="mt-3 border-l-2 border-tight pl-2">
          {note}
        </p>
      ))}
      <div className="mt-3">{context && <MeasureTable key={context.part.id} context={context} />}</div>
      {context && (
        <Suspense>
          <MeasureFiles />
        </Suspense>
      )}
      {part && <FormTables key={`${part.id} tables`} part={part} context={context} />}
      {part && <Pairs key={`${part.id} pairs`} part={part} />}
      {part?.form.kind === 'person' && <ClothingFields part={part} form={part.form} />}
      {part && context && 'angles' in part.form && (
        <JointFields
          key={part.id}
          part={part}
          angles={part.form.angles}
          posed={poseOf(part.form)}
          joints={context.shape.joints}
        />
      )}
    </fieldset>
  );
}

/** Size: the line-up, the measures, and what was made of them. */
export default function SizeLens() {
  const isEmpty = useOfPiece((piece) => piece.parts.length === 0);
  const { isOpen } = resolveScale(useOfPiece((piece) => piece.scale));
  const scale = useFigure(null, 'size.scale');
  return (
    <LensLayout
      title="Size"
      drawing={!isEmpty && <LineUp />}
      middle={
        isEmpty ? (
          <Empty />
        ) : (
          <>
            <Section id="part" title="The part" edits={['parts']}>
              <PartSheet />
            </Section>
            <Section id="fits" title="Fits and base" startsClosed edits={['fits']}>
              <Suspense fallback={<p className="text-quiet">Opening …</p>}>
                <FitSheet />
              </Suspense>
            </Section>
            {!isOpen && (
              <Section id="reads" title="Reads as" startsClosed edits={['found']}>
                <Suspense fallback={<p className="text-quiet">Opening …</p>}>
                  <ReadsAs />
                </Suspense>
              </Section>
            )}
            <Section id="seen" title="Seen" startsClosed>
              <Suspense fallback={<p className="text-quiet">Opening …</p>}>
                <SeenSheet />
              </Suspense>
            </Section>
            <Section id="print" title="Print" startsClosed>
              <Suspense fallback={<p className="text-quiet">Opening …</p>}>
                <PrintSheet />
              </Suspense>
            </Section>
          </>
        )
      }
      reckoning={
        <>
          {scale && !isOpen && (
            <Stretch title="The piece">
              <FigureRow figure={scale} />
            </Stretch>
          )}
          <PartReckoning />
          <Lessons lens="size" />
        </>
      }
    />
  );
}
