import {
  DEFAULT_FIT,
  FIT_KINDS,
  type Fit,
  type FitKind,
  type FitOpening,
  newId,
  OPENING_SHAPES,
  type OpeningShape,
  type PartId,
} from '@every-inch/core/piece';
import { formatMiniMm, miniMm, realMm } from '@every-inch/core/units';
import { useAsk, useFigure } from '../spine/hooks.ts';
import {
  edit,
  editAt,
  selectPart,
  useAppDispatch,
  useAppSelector,
  useOfPiece,
  useOpenPiece,
} from '../state/store.ts';
import { BinButton } from './BinButton.tsx';
import { Choice } from './Choice.tsx';
import { LengthField } from './LengthField.tsx';
import { useLifeFormat } from './lengths.ts';
import { VerdictLine } from './VerdictLine.tsx';
import { Working } from './Working.tsx';

/** How each kind of fit is said, between the names of its two parts. */
export const FIT_SAYS: Readonly<Record<FitKind, string>> = {
  'sits-on': 'sits on',
  rides: 'rides',
  'passes-under': 'passes under',
  'goes-into': 'goes into',
  'pegged-into': 'is pegged into',
  covers: 'covers',
  'held-by': 'is held by',
  beside: 'stands beside',
};
const SHAPE_SAYS: Readonly<Record<OpeningShape, string>> = {
  square: 'square',
  arched: 'arched',
  round: 'round',
};
const WITH_OPENING: readonly FitKind[] = ['passes-under', 'goes-into', 'pegged-into', 'covers'];
const MEASURED: Readonly<Partial<Record<FitKind, string>>> = {
  'sits-on': 'feet measured across',
  'goes-into': 'measured across',
  'pegged-into': 'measured across',
  'held-by': 'measured across',
};

interface OpeningProps {
  readonly fit: Fit;
  readonly label: string;
  readonly onOpening: (opening: FitOpening | null) => void;
}

/** The clear opening, typed in the frame of the part that has it. */
function OpeningFields({ fit, label, onOpening }: OpeningProps) {
  const format = useLifeFormat();
  const piece = useOpenPiece();
  const owner = piece.parts.find(({ id }) => id === (fit.kind === 'covers' ? fit.part : fit.on));
  const isLife = owner?.sized === 'life';
  const shown = (mm: number | undefined) =>
    mm === undefined ? '' : isLife ? format(realMm(mm)) : formatMiniMm(miniMm(mm));
  const { opening } = fit;
  const set = (change: Partial<FitOpening>) => {
    const start: FitOpening = opening ?? { shape: 'square', widthMm: 0, heightMm: 0 };
    const next = { ...start, ...change };
    // A first length stands for both until the other is entered.
    const [widthMm, heightMm] = [next.widthMm || next.heightMm, next.heightMm || next.widthMm];
    if (widthMm > 0) onOpening({ ...next, widthMm, heightMm });
  };
  return (
    <span className="flex items-end gap-2">
      <Choice
        label="opening"
        value={opening?.shape ?? 'square'}
        options={OPENING_SHAPES.map((value) => ({ value, says: SHAPE_SAYS[value] }))}
        onChoose={(shape) => set({ shape })}
      />
      <LengthField
        label={isLife ? 'wide, in life' : 'wide, mm'}
        entry={['fits', fit.id, 'opening', 'widthMm']}
        shown={shown(opening?.widthMm)}
        placeholder="its own"
        unit="mm"
        className="w-20"
        onLength={(widthMm) => set(opening?.shape === 'round' ? { widthMm, heightMm: widthMm } : { widthMm })}
        onEmpty={() => onOpening(null)}
      />
      {opening?.shape !== 'round' && (
        <LengthField
          label="high"
          entry={['fits', fit.id, 'opening', 'heightMm']}
          shown={shown(opening?.heightMm)}
          placeholder="its own"
          unit="mm"
          className="w-20"
          onLength={(heightMm) => set({ heightMm })}
        />
      )}
      <span className="sr-only">{label}</span>
    </span>
  );
}

function FitRow({ fit }: { readonly fit: Fit }) {
  const dispatch = useAppDispatch();
  const piece = useOpenPiece();
  const name = (id: PartId) => piece.parts.find((part) => part.id === id)?.name ?? '?';
  const says = `${name(fit.part)} ${FIT_SAYS[fit.kind]} ${name(fit.on)}`;
  const judged = useFigure(fit.part, `fit.${fit.id}`);
  const beside = useFigure(fit.part, `beside.${fit.id}`);
  const figure = judged ?? beside;
  const why = useAsk('fits.why-unjudged', figure ? null : { id: fit.id });
  const set = (change: Partial<Fit>) =>
    dispatch(editAt(`fit: ${says}`, ['fits', fit.id], { ...fit, ...change }));
  const parts = piece.parts.map((part) => ({ value: part.id, says: part.name }));
  const measured = MEASURED[fit.kind];
  return (
    <li className="border-t border-hair py-2" aria-label={says}>
      <div className="flex items-end gap-2">
        <div className="flex min-w-0 flex-wrap items-end gap-x-2 gap-y-1">
          <Choice
            hideLabel
            label="Part"
            className="max-w-44"
            value={fit.part}
            options={parts}
            onChoose={(part) => set({ part })}
          />
          <Choice
            hideLabel
            label="How it goes"
            value={fit.kind}
            options={FIT_KINDS.map((value) => ({ value, says: FIT_SAYS[value] }))}
            onChoose={(kind) => set({ kind })}
          />
          <Choice
            hideLabel
            label="Other part"
            className="max-w-44"
            value={fit.on}
            options={parts}
            onChoose={(on) => set({ on })}
          />
          {WITH_OPENING.includes(fit.kind) && (
            <OpeningFields fit={fit} label={says} onOpening={(opening) => set({ opening })} />
          )}
          {measured && (
            <LengthField
              label={`${measured}, mm`}
              entry={['fits', fit.id, 'madeMm']}
              shown={fit.madeMm === null ? '' : formatMiniMm(miniMm(fit.madeMm))}
              placeholder="—"
              unit="mm"
              className="w-20"
              onLength={(madeMm) => set({ madeMm })}
              onEmpty={() => set({ madeMm: null })}
            />
          )}
        </div>
        <span className="ml-auto self-start">
          <BinButton
            label={`Take out: ${says}`}
            onPress={() =>
              dispatch(
                edit(`take out: ${says}`, (old) => ({
                  ...old,
                  fits: old.fits.filter(({ id }) => id !== fit.id),
                })),
              )
            }
          />
        </span>
      </div>
      <div className="mt-1 flex items-start text-[13px]">
        {figure && <Working figure={figure} />}
        {figure?.verdict && <VerdictLine verdict={figure.verdict} />}
        {figure && !figure.verdict && <span>{figure.note}</span>}
        {why && <span className="text-quiet">— {why}</span>}
      </div>
    </li>
  );
}

/** What goes on, in, under or beside what, and whether it does. */
export function Fits() {
  const dispatch = useAppDispatch();
  const fits = useOfPiece((piece) => piece.fits);
  const parts = useOfPiece((piece) => piece.parts);
  const part = useAppSelector(selectPart);
  const add = () =>
    dispatch(
      edit('a fit', (piece) => {
        const one = part ?? piece.parts[0];
        const other =
          piece.parts.find(({ id }) => id === one?.parent) ?? piece.parts.find(({ id }) => id !== one?.id);
        if (!one || !other) return piece;
        const fit: Fit = { ...DEFAULT_FIT, id: newId('fit'), kind: 'sits-on', part: one.id, on: other.id };
        return { ...piece, fits: [...piece.fits, fit] };
      }),
    );
  return (
    <section aria-label="How parts go together">
      <h3 className="font-semibold">How parts go together</h3>
      <p className="text-[13px] text-quiet">
        Held against each other by their outlines and solids; a link is drawn beside the two in the tray.
      </p>
      <ul className="mt-1">
        {fits.map((fit) => (
          <FitRow key={fit.id} fit={fit} />
        ))}
      </ul>
      <button type="button" className="press-quiet text-fired" disabled={parts.length < 2} onClick={add}>
        + A fit{part && parts.length > 1 ? ` of ${part.name}` : ''}
      </button>
      {parts.length < 2 && <span className="text-[13px] text-quiet">two parts are wanted for one</span>}
    </section>
  );
}
