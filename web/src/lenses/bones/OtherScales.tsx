import type { PartFacts } from '@every-inch/core/context';
import { resolveScale, type Scale } from '@every-inch/core/scale';
import { formatMiniMm, miniMm } from '@every-inch/core/units';
import { type Column, Table } from '../../parts/Table.tsx';
import { type Answered, useAsk } from '../../spine/hooks.ts';
import { editAt, useAppDispatch } from '../../state/store.ts';

const ratio = (n: number): Scale => ({ kind: 'ratio', ratio: n });
const figure = (heightMm: number): Scale => ({
  kind: 'figure',
  heightMm,
  datum: 'eyes',
  statureMm: 1750,
  heroic: false,
});
/** Scales an armature is looked at in: dolls, film, dollhouse, half of that, and two tables. */
const SCALES: readonly Scale[] = [ratio(6), ratio(10), ratio(12), ratio(24), figure(32), figure(28)];

const mm = (value: number) => formatMiniMm(miniMm(value));

const sayScale = (scale: Scale): string => resolveScale(scale).label;

/** The armature at one scale. */
type AtScale = Answered<'bones.at-scales'>[number];

function TakeScale({ scale }: { readonly scale: Scale }) {
  const dispatch = useAppDispatch();
  return (
    <button
      type="button"
      className="press-quiet text-fired"
      onClick={() => dispatch(editAt('scale of the piece', ['scale'], scale))}
    >
      take this scale
    </button>
  );
}

const COLUMNS: readonly Column<AtScale>[] = [
  { id: 'at', title: 'at', isHead: true, cell: ({ scale }) => sayScale(scale) },
  { id: 'wire', title: 'wire', cell: ({ wireSays }) => wireSays },
  {
    id: 'high',
    title: 'high, mm',
    holds: 'figures',
    cell: ({ heightMm }) => mm(heightMm),
    sortBy: ({ heightMm }) => heightMm,
  },
  { id: 'drill', title: 'drill, mm', holds: 'figures', canHide: true, cell: ({ drillMm }) => mm(drillMm) },
  {
    id: 'all',
    title: 'wire for all, m',
    holds: 'figures',
    canHide: true,
    cell: ({ wireMm }) => (wireMm / 1000).toFixed(2),
    sortBy: ({ wireMm }) => wireMm,
  },
  { id: 'passes', title: 'passes', className: 'text-[13px]', cell: ({ fails }) => fails ?? 'every check' },
  { id: 'take', title: 'take it', isQuiet: true, cell: ({ scale }) => <TakeScale scale={scale} /> },
];

/** The same armature at the scales in use, each with the wire advised there. */
export function OtherScales({ context }: { readonly context: PartFacts }) {
  const found = useAsk('bones.at-scales', { part: context.part.id, scales: SCALES }) ?? [];
  return (
    <Table
      className="mt-2 max-w-4xl"
      label={`Armature of ${context.part.name} at other scales`}
      rows={found}
      columns={COLUMNS}
      keyOf={({ scale }) => sayScale(scale)}
      isWide
    />
  );
}
