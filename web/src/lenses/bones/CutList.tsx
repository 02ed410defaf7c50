import {
  boughtBy,
  type Cut,
  type CutList as CutListOf,
  type CutPlan,
  cutSays,
  logCut,
} from '@every-inch/core/armature';
import { METALS } from '@every-inch/core/handbook';
import { LIMITS, newId, typedLimits, type WireStock } from '@every-inch/core/piece';
import type { ShownFigure } from '@every-inch/core/reckoning';
import { sourced } from '@every-inch/core/reckoning';
import { formatMiniMm, miniMm } from '@every-inch/core/units';
import { toast } from 'sonner';
import { BinButton } from '../../parts/BinButton.tsx';
import { Choice } from '../../parts/Choice.tsx';
import { FigureRow } from '../../parts/FigureRow.tsx';
import { LengthField } from '../../parts/LengthField.tsx';
import { NumberField } from '../../parts/NumberField.tsx';
import { Section } from '../../parts/Sections.tsx';
import { useFiguresOf, useIsSettled, usePieceContext, useTold } from '../../spine/hooks.ts';
import { undone } from '../../state/documentSlice.ts';
import { edit, editAt, useAppDispatch, useOfPiece } from '../../state/store.ts';
import { CutSheet } from './SavedPages.tsx';

interface BarProps {
  readonly cut: Cut;
  readonly plan: CutPlan;
  readonly longest: number;
}

/** One length of stock with what is cut from it. */
function Bar({ cut, plan, longest }: BarProps) {
  const { stockMm, pieces } = cut;
  const lengths = pieces.map((i) => plan.pieces[i]);
  let at = 0;
  return (
    <li className="py-0.5">
      <div className="flex items-center gap-2">
        <span className="figure w-16 shrink-0 text-right">{formatMiniMm(miniMm(stockMm))}</span>
        <svg
          className="h-5 flex-1"
          viewBox={`0 0 ${longest} 20`}
          preserveAspectRatio="none"
          role="img"
          aria-label={`Cut from ${formatMiniMm(miniMm(stockMm))} mm: ${cutSays(cut, plan)}`}
        >
          <rect
            width={stockMm}
            height="20"
            className="fill-paper stroke-ink"
            vectorEffect="non-scaling-stroke"
          />
          {lengths.map((one, i) => {
            const x = at;
            at += one?.lengthMm ?? 0;
            return (
              <rect
                // biome-ignore lint/suspicious/noArrayIndexKey: pieces along a bar are known by their place
                key={i}
                x={x}
                y="2"
                width={one?.lengthMm ?? 0}
                height="16"
                className="fill-wire/60 stroke-ink"
                vectorEffect="non-scaling-stroke"
              />
            );
          })}
        </svg>
      </div>
      <p className="ml-18 text-[12.5px] text-quiet" aria-hidden>
        {cutSays(cut, plan)}
      </p>
    </li>
  );
}

function Plan({ plan, figure }: { readonly plan: CutPlan; readonly figure: ShownFigure | undefined }) {
  const dispatch = useAppDispatch();
  const { own } = usePieceContext();
  const { nesting, metal, diameterMm, pieces } = plan;
  const longest = Math.max(1, ...nesting.cuts.map(({ stockMm }) => stockMm));
  const name = `${diameterMm} mm ${metal}`;
  const log = () => {
    dispatch(edit(`cut ${name}`, (piece) => logCut(piece, plan, own, new Date().toISOString())));
    toast(`${name}: the cut is in the log, offcuts are in stock`, {
      action: { label: 'Undo', onClick: () => dispatch(undone()) },
    });
  };
  return (
    <section aria-label={`Cut from ${name}`} className="mt-2">
      <div className="flex flex-wrap items-start gap-x-3">
        <div className="min-w-72 flex-1">{figure && <FigureRow figure={figure} />}</div>
        <button type="button" className="press-quiet text-fired" onClick={log}>
          It is cut
        </button>
      </div>
      <p className="text-[13px] text-quiet">
        {pieces.length} {pieces.length === 1 ? 'length' : 'lengths'} from {nesting.cuts.length}{' '}
        {nesting.cuts.length === 1 ? 'piece' : 'pieces'}
      </p>
      <ol>
        {nesting.cuts.map((cut, i) => (
          // biome-ignore lint/suspicious/noArrayIndexKey: bars are known by their place
          <Bar key={i} cut={cut} plan={plan} longest={longest} />
        ))}
      </ol>
    </section>
  );
}

function StockRow({ stock }: { readonly stock: WireStock }) {
  const dispatch = useAppDispatch();
  const name = `${stock.diameterMm} mm ${stock.metal}`;
  const set = (change: Partial<WireStock>) =>
    dispatch(editAt(`stock of ${name}`, ['wireStock', stock.id], { ...stock, ...change }));
  return (
    <li className="flex flex-wrap items-center gap-3 border-t border-hair py-1">
      <Choice
        hideLabel
        label="Metal in stock"
        value={stock.metal}
        options={METALS.map((value) => ({ value, says: value }))}
        onChoose={(metal) => set({ metal })}
      />
      <LengthField
        hideLabel
        label={`${name}, thickness`}
        entry={['wireStock', stock.id, 'diameterMm']}
        className="w-16"
        shown={String(stock.diameterMm)}
        unit="mm"
        onLength={(mm) => set({ diameterMm: Math.max(0.1, Math.min(12, mm)) })}
      />
      <span className="text-quiet">mm,</span>
      <LengthField
        hideLabel
        label={`${name}, length`}
        entry={['wireStock', stock.id, 'lengthMm']}
        className="w-20"
        shown={formatMiniMm(miniMm(stock.lengthMm))}
        unit="mm"
        onLength={(lengthMm) => set({ lengthMm })}
      />
      <NumberField
        {...typedLimits(LIMITS.wireStock.count)}
        hideLabel
        label={`${name}, how many`}
        entry={['wireStock', stock.id, 'count']}
        className="w-14"
        value={stock.count}
        after="pieces"
        onNumber={(count) => set({ count })}
      />
      <BinButton
        label={`Take ${name} out of stock`}
        onPress={() =>
          dispatch(
            edit(`take ${name} out of stock`, (piece) => ({
              ...piece,
              wireStock: piece.wireStock.filter(({ id }) => id !== stock.id),
            })),
          )
        }
      />
    </li>
  );
}

const NO_CUTS: Pick<CutListOf, 'plans' | 'faults'> = { plans: [], faults: [] };

/** How long the wire comes that is bought: bars to a length, coils beyond. */
function Bought() {
  const dispatch = useAppDispatch();
  const { own } = usePieceContext();
  const mm = sourced('cut.bar', own).value;
  const set = (value: number) => dispatch(editAt('length of bought wire', ['own', 'cut.bar'], value));
  return (
    <div className="flex flex-wrap items-center gap-2">
      <span>What is missing is bought by the {boughtBy(mm)} of</span>
      <LengthField
        hideLabel
        label="Length that wire is bought in"
        entry={['own', 'cut.bar']}
        className="w-20"
        shown={formatMiniMm(miniMm(mm))}
        unit="mm"
        onLength={set}
      />
      <span className="text-quiet">mm</span>
      {[1000, 10_000].map((usual) => (
        <button
          key={usual}
          type="button"
          className="press-quiet"
          disabled={mm === usual}
          onClick={() => set(usual)}
        >
          a {boughtBy(usual)} of {usual / 1000} m
        </button>
      ))}
    </div>
  );
}

/** What is cut for all parts, drawn on its stock, and what is in stock. */
export function CutList() {
  const dispatch = useAppDispatch();
  const wireStock = useOfPiece((piece) => piece.wireStock);
  const { plans, faults } = useTold('bones.cuts', null) ?? NO_CUTS;
  const figures = useFiguresOf('bones', null);
  const isSettled = useIsSettled('bones');
  const add = () =>
    dispatch(
      edit('wire in stock', (piece) => ({
        ...piece,
        wireStock: [
          ...piece.wireStock,
          { id: newId('wire'), metal: 'aluminium', diameterMm: 1, lengthMm: 300, count: 1 },
        ],
      })),
    );
  return (
    <Section
      id="cut-list"
      title="Cut list"
      says="Cut list of the whole piece"
      edits={['wireStock', 'wireSold']}
      className="max-w-4xl"
    >
      {plans.length + faults.length === 0 && (
        <p className="text-quiet">{isSettled ? 'No part wants a wire.' : 'Reckoning the cuts …'}</p>
      )}
      {faults.map(({ metal, diameterMm, says }) => (
        <p key={`${metal} ${diameterMm}`} role="alert" className="text-wont">
          {says}
        </p>
      ))}
      {plans.map((plan, i) => (
        <Plan key={`${plan.metal} ${plan.diameterMm}`} plan={plan} figure={figures[i]} />
      ))}
      {plans.length > 0 && <CutSheet />}
      <h4 className="mt-4 font-medium">Wire in stock</h4>
      <p className="text-[13px] text-quiet">Remainders are used up first.</p>
      <Bought />
      <ul>
        {wireStock.map((stock) => (
          <StockRow key={stock.id} stock={stock} />
        ))}
      </ul>
      <button type="button" className="press-quiet text-fired" onClick={add}>
        + Wire in stock
      </button>
    </Section>
  );
}
