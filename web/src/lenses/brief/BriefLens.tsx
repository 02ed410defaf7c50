import {
  type Brief,
  LIMITS,
  PURPOSES,
  type Purpose,
  typedLimits,
  VIEWPOINTS,
  type Viewpoint,
} from '@every-inch/core/piece';
import { resolveScale } from '@every-inch/core/scale';
import { Choice } from '../../parts/Choice.tsx';
import { FigureList } from '../../parts/FigureList.tsx';
import { FigureRow } from '../../parts/FigureRow.tsx';
import { Fits } from '../../parts/Fits.tsx';
import { LensLayout, Stretch } from '../../parts/LensLayout.tsx';
import { Lessons } from '../../parts/Lessons.tsx';
import { NumberField } from '../../parts/NumberField.tsx';
import { Section } from '../../parts/Sections.tsx';
import { TextField } from '../../parts/TextField.tsx';
import { useFigure, useFiguresOf } from '../../spine/hooks.ts';
import { editAt, useAppDispatch, useAppSelector, useOfPiece, useOpenPiece } from '../../state/store.ts';
import { Additions } from './Additions.tsx';
import { ClayChooser } from './ClayChooser.tsx';
import { Decisions } from './Decisions.tsx';
import { Features } from './Features.tsx';
import { References } from './References.tsx';
import { SCHOOLS } from './schools.ts';

const PURPOSE_SAYS: Record<Purpose, string> = {
  display: 'display',
  handled: 'handled at the table',
  filmed: 'filmed',
  worn: 'worn',
  given: 'given away',
};
const VIEWPOINT_SAYS: Record<Viewpoint, string> = {
  'all-round': 'from all round',
  front: 'from the front',
  above: 'from above',
  camera: 'through a camera',
};

function useBriefEdit() {
  const dispatch = useAppDispatch();
  return <K extends keyof Brief>(field: K, value: Brief[K], label: string) =>
    dispatch(editAt(label, ['brief', field], value));
}

function Fields() {
  const brief = useOfPiece((piece) => piece.brief);
  const set = useBriefEdit();
  return (
    <div className="flex flex-wrap gap-x-6 gap-y-3">
      <Choice
        label="What it is for"
        value={brief.purpose}
        options={PURPOSES.map((value) => ({ value, says: PURPOSE_SAYS[value] }))}
        onChoose={(value) => set('purpose', value, 'what it is for')}
      />
      <Choice
        label="Seen"
        value={brief.seenFrom}
        options={VIEWPOINTS.map((value) => ({ value, says: VIEWPOINT_SAYS[value] }))}
        onChoose={(value) => set('seenFrom', value, 'where it is seen from')}
      />
      <TextField
        label="Who handles it"
        className="w-44"
        value={brief.handledBy}
        onText={(text) => set('handledBy', text, 'who handles it')}
      />
      <TextField
        label="Due"
        type="date"
        className="w-36"
        value={brief.due ?? ''}
        onText={(text) => set('due', text === '' ? null : text, 'the day it is due')}
      />
      <NumberField
        {...typedLimits(LIMITS.brief.hoursPerDay)}
        entry={['brief', 'hoursPerDay']}
        label="Bench hours a day"
        value={brief.hoursPerDay}
        onNumber={(value) => set('hoursPerDay', value, 'hours a day')}
        onEmpty={() => set('hoursPerDay', null, 'hours a day')}
        after="h"
      />
      <NumberField
        {...typedLimits(LIMITS.brief.budget)}
        entry={['brief', 'budget']}
        label="Budget"
        value={brief.budget}
        onNumber={(value) => set('budget', value, 'budget')}
        onEmpty={() => set('budget', null, 'budget')}
        after={brief.currency}
      />
      <TextField
        label="Currency"
        className="w-16"
        value={brief.currency}
        onText={(text) => set('currency', text.slice(0, 8), 'currency')}
      />
    </div>
  );
}

function SchoolChoices() {
  const dispatch = useAppDispatch();
  const schools = useOfPiece((piece) => piece.brief.schools);
  return (
    <Section id="schools" title="Ways of working" edits={['brief.schools']}>
      <p className="text-[13px] text-quiet">Where makers disagree. Both ways work; each costs something.</p>
      {SCHOOLS.map(({ key, title, ways }) => (
        <fieldset
          key={key}
          className="grid grid-cols-[9rem_1fr] gap-x-3 border-t border-hair py-2 max-md:grid-cols-1"
        >
          <legend className="contents">
            <span className="heading pt-0.5">{title}</span>
          </legend>
          <div>
            {ways.map(({ value, says, costs }) => (
              <label key={value} className="flex items-baseline gap-2 py-0.5">
                <input
                  type="radio"
                  name={key}
                  checked={schools[key] === value}
                  onChange={() => dispatch(editAt(`${title}: ${says}`, ['brief', 'schools', key], value))}
                />
                <span className={schools[key] === value ? 'font-medium' : ''}>{says}</span>
                <span className="text-[13px] text-quiet">{costs}</span>
              </label>
            ))}
          </div>
        </fieldset>
      ))}
    </Section>
  );
}

/** Brief: what it is for, by when, for how much, and which school. */
export default function BriefLens() {
  const piece = useOpenPiece();
  const set = useBriefEdit();
  const readOnly = useAppSelector((state) => state.document.readOnly);

  const { label, says } = resolveScale(piece.scale);
  const figures = useFiguresOf('brief', null);
  const scale = useFigure(null, 'size.scale');
  const cost = useFigure(null, 'bulk.cost');
  return (
    <LensLayout
      title="Brief"
      middle={
        <fieldset disabled={readOnly} className="min-w-0 max-w-4xl">
          <Section id="brief" title="The brief" edits={['brief', 'name']}>
            <TextField
              long
              label="What is to be made"
              value={piece.brief.note}
              placeholder="One or two lines: the subject, the moment, what must be seen."
              onText={(text) => set('note', text, 'what is to be made')}
            />
            <div className="mt-3">
              <Fields />
            </div>
          </Section>
          <References />
          <Features />
          <Section id="fits" title="Fits" edits={['fits']}>
            <Fits />
          </Section>
          <Decisions />
          <Additions />
          <ClayChooser />
          <SchoolChoices />
        </fieldset>
      }
      reckoning={
        <>
          <Stretch title="The piece">
            {scale && <FigureRow figure={scale} also={[label, says].filter(Boolean).join(', ')} />}
            <FigureList
              figures={figures.filter(({ key }) => !/^(addition|decision)\./.test(key))}
              matter={['brief.*', 'route.hands']}
            />
            {cost && <FigureRow figure={cost} after={piece.brief.currency} />}
            {!piece.brief.due && (
              <p className="text-[13px] text-quiet">Enter the day it is due to see the hours left.</p>
            )}
          </Stretch>
          <Lessons lens="brief" />
        </>
      }
    />
  );
}
