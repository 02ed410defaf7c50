import { CARE } from '@every-inch/core/handbook';
import { FigureRow } from '../../parts/FigureRow.tsx';
import { LensLayout, Stretch } from '../../parts/LensLayout.tsx';
import { useFiguresOf } from '../../spine/hooks.ts';
import { Aids } from './Aids.tsx';
import { AskFirst } from './AskFirst.tsx';
import { BenchSheet } from './BenchSheet.tsx';
import { Days } from './days/Days.tsx';
import { Hours } from './days/Hours.tsx';
import { Orders } from './days/Orders.tsx';
import { Together } from './days/Together.tsx';
import { Handling } from './Handling.tsx';
import { LayOutList } from './LayOutList.tsx';
import { Now } from './now/Now.tsx';
import { RescueList } from './RescueList.tsx';
import { RouteList } from './RouteList.tsx';
import { Seams } from './Seams.tsx';
import { StoreAndCarry } from './StoreAndCarry.tsx';

/** Bench: the route of the piece, and the sheet to print and keep beside the clay. */
export default function BenchLens() {
  const figures = useFiguresOf('bench', null);
  return (
    <LensLayout
      title="Bench"
      middle={
        <>
          <Days />
          <Together />
          <Hours />
          <Orders />
          <AskFirst />
          <RouteList />
          <Aids />
          <LayOutList />
          <Seams />
          <RescueList />
          <BenchSheet />
        </>
      }
      reckoning={
        <>
          <Now />
          <Stretch title="The route">
            {figures.map((figure) => (
              <FigureRow key={figure.id} figure={figure} />
            ))}
            {figures.length === 0 && <p className="text-quiet">No step yet.</p>}
          </Stretch>
          <Handling />
          <StoreAndCarry />
          <Stretch title="Care">
            <ul className="list-disc space-y-1 pl-4 text-[13px]">
              {CARE.map(({ says: care }) => (
                <li key={care}>{care}</li>
              ))}
            </ul>
          </Stretch>
        </>
      }
    />
  );
}
