import { DEFAULT_REPEAT, type Part } from '@every-inch/core/piece';
import { SET_STARTS, withSet } from '@every-inch/core/repeats';
import { askOnce, usePartFacts, useRatio } from '../../spine/hooks.ts';
import { selected } from '../../state/sessionSlice.ts';
import { edit, editAt, useAppDispatch } from '../../state/store.ts';

/** Begins a set: of something usual on the part, or of the part itself. */
export function AddSet({ part }: { readonly part: Part }) {
  const dispatch = useAppDispatch();
  const ratio = useRatio();
  const box = usePartFacts(part.id)?.shape.box;
  const hostMm = box ? Math.max(...[0, 1, 2].map((k) => (box.max[k] ?? 0) - (box.min[k] ?? 0))) : Infinity;
  const begin = async (id: string) => {
    const start = SET_STARTS.find((one) => one.id === id);
    if (!start) return;
    const wanted = start.rule.kind === 'along' || start.rule.kind === 'round' ? 'line' : 'face';
    const places = await askOnce('repeats.places-of', { part: part.id });
    const on = places.find(({ kind }) => kind === wanted)?.key ?? 'own';
    let made = '';
    dispatch(
      edit(`${start.name} on ${part.name}`, (piece) => {
        const next = withSet(piece, part, start, { on, hostMm, ratio });
        made = next.id;
        return next.piece;
      }),
    );
    dispatch(selected(made));
  };
  return (
    <div className="mt-2">
      <p className="text-[13px] text-quiet">Put many of something on {part.name}:</p>
      <ul className="flex flex-wrap gap-x-4">
        {SET_STARTS.map(({ id, name }) => (
          <li key={id}>
            <button type="button" className="press-quiet text-fired" onClick={() => void begin(id)}>
              + {name}
            </button>
          </li>
        ))}
      </ul>
      {!part.repeat && (
        <button
          type="button"
          className="press-quiet text-fired"
          onClick={() =>
            dispatch(
              editAt(`${part.name} as a set`, ['parts', part.id, 'repeat'], {
                ...DEFAULT_REPEAT,
                n: part.count,
                sparePct: part.count === 1 ? null : 0,
              }),
            )
          }
        >
          Make many of {part.name} itself
        </button>
      )}
    </div>
  );
}
