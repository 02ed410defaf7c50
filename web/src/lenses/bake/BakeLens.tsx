import type { BulkFacts } from '@every-inch/core/bulk';
import type { PartFacts } from '@every-inch/core/context';
import { CARE } from '@every-inch/core/handbook';
import { lazy, Suspense } from 'react';
import { Link } from 'react-router';
import { FigureList } from '../../parts/FigureList.tsx';
import { LensLayout, Stretch } from '../../parts/LensLayout.tsx';
import { Lessons } from '../../parts/Lessons.tsx';
import { OUTCOME_SAYS } from '../../parts/outcomes.ts';
import { Section } from '../../parts/Sections.tsx';
import { useFiguresOf, usePartFacts, usePlan, useTold } from '../../spine/hooks.ts';
import { selectPart, useAppSelector, useOpenPiece } from '../../state/store.ts';
import { Audit } from './Audit.tsx';
import { Bakes } from './Bakes.tsx';
import { LiveBake } from './LiveBake.tsx';

/** Figures of a part that matter before the oven. */
const MATTER = ['bake.minutes', 'bake.temperature', 'bake.audit', 'bake.hold', 'bake.overhang'];

const Doctor = lazy(() => import('../../parts/Doctor.tsx'));
const SimulatedBake = lazy(() => import('./SimulatedBake.tsx'));

/** The last bake of the part that did not come out well, and what the doctor says of it. */
function PastTrouble({ context, bulk }: { readonly context: PartFacts; readonly bulk: BulkFacts }) {
  const { part, piece } = context;
  const entry = piece.log.findLast((one) => one.part === part.id && one.bake && one.bake.outcome !== 'good');
  if (!entry?.bake) return null;
  return (
    <Section
      id="trouble"
      title="A bake that went wrong"
      says={`${entry.at.slice(0, 10)}: ${part.name} ${OUTCOME_SAYS[entry.bake.outcome]}`}
    >
      <Suspense fallback={null}>
        <Doctor context={context} bulk={bulk} record={entry.bake} />
      </Suspense>
    </Section>
  );
}

/** Bake: the bakes of the route with their minutes, and what heat does in the part that is looked at. */
export default function BakeLens() {
  const part = useAppSelector(selectPart);
  const piece = useOpenPiece();
  const bakes = usePlan();
  const context = usePartFacts(part?.id);
  const ownBulk = useTold('bulk.part', part?.id ?? null);
  const own = useFiguresOf('bake', part?.id ?? '');
  return (
    <LensLayout
      title="Bake"
      middle={
        <>
          <LiveBake />
          {bakes === null ? (
            <p className="text-quiet">Working the bakes through …</p>
          ) : bakes.length > 0 ? (
            // The load that a part is shown in is chosen anew with every part.
            <Bakes key={part?.id} bakes={bakes} />
          ) : (
            <p className="text-quiet">
              Nothing here is baked: no part is of a clay that goes in the oven. Add one at Size, or choose
              its clay at Bulk.
            </p>
          )}
          {context && ownBulk && <Audit part={context.part} />}
          {context && ownBulk && <PastTrouble context={context} bulk={ownBulk} />}
          {context && ownBulk && (
            <Suspense fallback={<p className="p-4 text-quiet">Looking into the oven …</p>}>
              <SimulatedBake key={context.part.id} context={context} bulk={ownBulk} />
            </Suspense>
          )}
          <p className="mt-3">
            <Link to={`/piece/${piece.id}/log`} className="text-fired underline underline-offset-2">
              Record a bake in the log
            </Link>
          </p>
        </>
      }
      reckoning={
        <>
          {part && own.length > 0 && (
            <Stretch title={`${part.name}, by itself`}>
              <FigureList figures={own} matter={MATTER} />
            </Stretch>
          )}
          <Lessons lens="bake" />
          <Stretch title="Care">
            <ul className="list-disc space-y-1 pl-4 text-[13px]">
              {CARE.filter(({ step }) => step === 'bake' || step === 'clay').map(({ says }) => (
                <li key={says}>{says}</li>
              ))}
            </ul>
          </Stretch>
        </>
      }
    />
  );
}
