import { useState } from 'react';
import { FigureList } from '../../parts/FigureList.tsx';
import { LensLayout, Stretch } from '../../parts/LensLayout.tsx';
import { PrintTrue } from '../../parts/PrintTrue.tsx';
import { Section } from '../../parts/Sections.tsx';
import { useAsk, useFiguresOf, useTold } from '../../spine/hooks.ts';
import { selectPart, useAppSelector, useOpenPiece } from '../../state/store.ts';
import { BackdropFields } from './BackdropFields.tsx';
import { BaseFields } from './BaseFields.tsx';
import { Covers } from './Covers.tsx';
import { Eyes } from './Eyes.tsx';
import { Layouts } from './Layouts.tsx';
import { MasonryLays } from './MasonryLays.tsx';
import { PlanBoard } from './PlanBoard.tsx';
import { Pours } from './Pours.tsx';
import { Rises } from './Rises.tsx';
import { Standing } from './Standing.tsx';
import { Timbers } from './Timbers.tsx';
import { Trees } from './Trees.tsx';

/** Figures that matter most: whether it stands, what is in the way, what a pour takes. */
const MATTER = [
  'ground.weight',
  'ground.tips',
  'ground.sag',
  'ground.over',
  'ground.closest',
  'ground.slope',
  'ground.modules',
  'ground.rise-stock.*',
  'ground.hidden.*',
  'pour.volume.*',
  'pour.mix.*',
  'pour.days.*',
  'ground.rise.*',
  'foliage.all',
  'masonry.count.*',
  'timber.rise.*',
  'timber.sticks.*',
  'backdrop.width',
  'backdrop.height',
  'backdrop.blur',
  'backdrop.outside',
  'timber.gap.*',
];

/** The plan at true size, printed over as many pages as it takes. */
function PrintPlan() {
  const { name } = useOpenPiece();
  const drawing = useAsk('ground.sheet', {});
  return drawing ? <PrintTrue drawing={drawing} name={`${name}, plan`} says="Print the plan" /> : null;
}

function Reckoned() {
  const figures = useFiguresOf('ground', null);
  return figures.length > 0 ? (
    <Stretch title="The ground">
      <FigureList figures={figures} matter={MATTER} />
    </Stretch>
  ) : null;
}

/** What it stands on: laid out from above, seen from the eyes, built up, poured and laid in courses. */
export default function GroundLens() {
  const { board, stood, heaps, pours, covers } = useOpenPiece();
  const part = useAppSelector(selectPart);
  const trees = useTold('ground.foliage', null);
  const [picked, setPicked] = useState<string | null>(null);
  const hasPlan = board !== null || stood.length + heaps.length + pours.length + covers.length > 0;
  return (
    <LensLayout
      title="Ground"
      drawing={hasPlan ? <PlanBoard picked={picked} onPick={setPicked} /> : undefined}
      middle={
        <>
          <Section id="base" title="Base" edits={['board']} beside={hasPlan && <PrintPlan />}>
            <BaseFields />
          </Section>
          {board && (
            <Section id="stood" title="Standing" edits={['stood']}>
              <Standing picked={picked} onPick={setPicked} />
            </Section>
          )}
          {hasPlan && (
            <Section id="layouts" title="Layouts" edits={['layouts']}>
              <Layouts />
            </Section>
          )}
          {stood.length > 0 && (
            <Section id="eyes" title="What is seen" edits={['eyes']}>
              <Eyes picked={picked} onPick={setPicked} />
            </Section>
          )}
          <Section id="pours" title="Pours" edits={['pours']}>
            <Pours onPick={setPicked} />
          </Section>
          <Section id="rises" title="Rises" edits={['heaps']}>
            <Rises onPick={setPicked} />
          </Section>
          <Section id="covers" title="Cover" edits={['covers']}>
            <Covers onPick={setPicked} />
          </Section>
          {trees && trees.length > 0 && (
            <Section id="foliage" title="Foliage" edits={['stood.*.foliage']}>
              <Trees trees={trees} />
            </Section>
          )}
          <Section id="masonry" title="Courses" edits={['masonry']}>
            <MasonryLays part={part} />
          </Section>
          <Section id="timber" title="Sticks" edits={['timber']}>
            <Timbers />
          </Section>
          <Section id="backdrop" title="Backdrop" edits={['backdrop']}>
            <BackdropFields />
          </Section>
        </>
      }
      reckoning={<Reckoned />}
    />
  );
}
