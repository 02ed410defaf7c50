import { useNavigate, useParams } from 'react-router';
import { lensOf } from '../lenses/index.ts';
import { HeedMark } from '../parts/HeedMark.tsx';
import { STAGES } from '../parts/stages.ts';
import { useStageHeed } from '../spine/hooks.ts';
import { useOfPiece } from '../state/store.ts';

/** Ticks of the drawn rule between two stages. */
const TICKS = 16;

function Ticks() {
  return (
    <svg
      aria-hidden
      className="absolute inset-x-0 top-0 h-5 w-full"
      viewBox={`0 0 ${STAGES.length * TICKS} 20`}
      preserveAspectRatio="none"
    >
      {Array.from({ length: STAGES.length * TICKS + 1 }, (_, i) => {
        const inStage = i % TICKS;
        const length = inStage === TICKS / 2 ? 20 : inStage % 4 === 0 ? 9 : 5;
        return (
          <line
            // biome-ignore lint/suspicious/noArrayIndexKey: ticks of a rule have no other name
            key={i}
            x1={i}
            x2={i}
            y1={0}
            y2={length}
            className="draw-hair"
            vectorEffect="non-scaling-stroke"
          />
        );
      })}
    </svg>
  );
}

function StageHeed({ lens }: { readonly lens: string }) {
  return <HeedMark heed={useStageHeed(lens)} />;
}

/** The rule along the bottom: ten stages, a pointer on the current one, a count where something wants heeding. */
export function StageRule() {
  const navigate = useNavigate();
  const { lens: current } = useParams();
  const id = useOfPiece((piece) => piece.id);
  return (
    <nav aria-label="Stages" className="relative overflow-x-auto border-t border-ink bg-paper">
      <div className="relative min-w-[860px]">
        <Ticks />
        <ol className="grid grid-cols-10">
          {STAGES.map(({ key, name, stage }) => {
            const lens = lensOf(stage) ? stage : null;
            const isCurrent = lens !== null && lens === current;
            return (
              <li key={key} className="relative">
                {isCurrent && (
                  <svg
                    aria-hidden
                    viewBox="0 0 14 10"
                    className="absolute left-1/2 top-0 h-2.5 w-3.5 -translate-x-1/2 fill-fired"
                  >
                    <path d="M0 0H14L7 10Z" />
                  </svg>
                )}
                <button
                  type="button"
                  disabled={lens === null}
                  aria-current={isCurrent ? 'page' : undefined}
                  title={lens === null ? `${name} is not here yet` : undefined}
                  className={`flex h-14 w-full items-end justify-center gap-1.5 pb-2.5 text-[14px] ${isCurrent ? 'font-semibold text-fired' : ''} ${lens === null ? 'text-quiet' : 'hover:text-fired'}`}
                  onClick={() => navigate(`/piece/${id}/${lens}`)}
                >
                  <span aria-hidden className="figure text-[11px] text-quiet">
                    {key}
                  </span>
                  {name}
                  {lens !== null && <StageHeed lens={lens} />}
                </button>
              </li>
            );
          })}
        </ol>
      </div>
    </nav>
  );
}
