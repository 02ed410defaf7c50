import { changeZone, withSpots } from '@every-inch/core/finish';
import { CARE } from '@every-inch/core/handbook';
import type { PartId, Zone } from '@every-inch/core/piece';
import { lazy, Suspense, useState } from 'react';
import { FigureList } from '../../parts/FigureList.tsx';
import { LensLayout, Stretch } from '../../parts/LensLayout.tsx';
import { Section } from '../../parts/Sections.tsx';
import { useFiguresOf, usePartFacts } from '../../spine/hooks.ts';
import { selected } from '../../state/sessionSlice.ts';
import { edit, selectPart, useAppDispatch, useAppSelector, useOpenPiece } from '../../state/store.ts';
import { Colours } from './Colours.tsx';
import { Joints } from './Joints.tsx';
import { Layers } from './Layers.tsx';
import { MixTwo } from './MixTwo.tsx';
import { OwnRules } from './OwnRules.tsx';
import { Surfaces } from './Surfaces.tsx';
import { useZones } from './useZones.ts';
import { WentWrong } from './WentWrong.tsx';
import { ZoneFields } from './ZoneFields.tsx';

const PaintedForm = lazy(() => import('./PaintedForm.tsx'));

/** Figures that matter most: how long it is, and what there is to take. */
const MATTER = ['finish.work', 'finish.take.*', 'finish.waits.*'];

function Reckoned() {
  const figures = useFiguresOf('finish', null);
  return figures.length > 0 ? (
    <Stretch title="The finish">
      <FigureList figures={figures} matter={MATTER} />
    </Stretch>
  ) : null;
}

function Cautions() {
  return (
    <ul className="text-[13px] text-quiet">
      {CARE.filter(({ step }) => step === 'finish').map(({ says }) => (
        <li key={says}>{says}</li>
      ))}
    </ul>
  );
}

/** Layers that hold, and how they will look. */
export default function FinishLens() {
  const dispatch = useAppDispatch();
  const piece = useOpenPiece();
  const selectedPart = useAppSelector(selectPart);
  const zones = useZones();
  const [chosen, setChosen] = useState<string | null>(null);
  const partId: PartId | null = selectedPart?.id ?? piece.parts[0]?.id ?? null;
  // A surface of another part gives way to the part that is looked at now.
  const isHere = ({ part }: Zone) => part === null || part === partId;
  const record =
    piece.zones.find((zone) => zone.id === chosen && isHere(zone)) ??
    piece.zones.find(({ part }) => part === partId);
  const shown = zones.find(({ id }) => id === record?.id);
  const pick = (id: string, part: PartId | null) => {
    setChosen(id);
    if (part) dispatch(selected(part));
  };
  const facts = usePartFacts(partId);
  return (
    <LensLayout
      title="Finish"
      drawing={
        facts && (
          <Suspense fallback={<p className="p-4 text-quiet">Opening the view in space …</p>}>
            <PaintedForm
              context={facts}
              zones={zones}
              records={piece.zones}
              picked={record?.id ?? null}
              onDabs={(spots) => {
                if (record)
                  dispatch(
                    edit(`${record.name} painted on`, (now) =>
                      changeZone(now, record.id, (zone) => withSpots(zone, spots)),
                    ),
                  );
              }}
            />
          </Suspense>
        )
      }
      middle={
        <>
          <Section id="surfaces" title="Surfaces" edits={['zones']}>
            <Surfaces zones={zones} picked={record?.id ?? null} onPick={pick} part={partId} />
          </Section>
          {record && (
            <Section
              id="surface"
              title="Where and what"
              says={`${record.name}: where, and what it becomes`}
              edits={['zones.*']}
            >
              <ZoneFields zone={record} />
              {record.spots.length > 0 && (
                <button
                  type="button"
                  className="press-quiet"
                  onClick={() =>
                    dispatch(
                      edit(`${record.name} no longer painted on`, (now) =>
                        changeZone(now, record.id, (zone) => ({ ...zone, spots: [] })),
                      ),
                    )
                  }
                >
                  take the {record.spots.length} dabs off
                </button>
              )}
            </Section>
          )}
          {record && shown && (
            <Section id="layers" title="Layers" says={`${record.name}: layers`} edits={['zones.*.layers']}>
              <Layers zone={shown} record={record} />
              <Cautions />
            </Section>
          )}
          <Section id="joints" title="Joints" edits={['joints']}>
            <Joints />
          </Section>
          <Section id="colours" title="Colours" edits={['pots', 'paintMixes']}>
            <Colours target={record?.colour ?? '#a07850'} name={record?.name ?? 'a colour'} />
          </Section>
          <Section id="mixing" title="Mix two, or a paste" startsClosed>
            <MixTwo />
          </Section>
          <Section id="wrong" title="What went wrong" startsClosed>
            <WentWrong zones={zones} picked={record?.id ?? null} />
          </Section>
          <Section id="rules" title="Your own rules" edits={['coatRules']} startsClosed>
            <OwnRules />
          </Section>
        </>
      }
      reckoning={<Reckoned />}
    />
  );
}
