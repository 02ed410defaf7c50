import type { Part, Way } from '@every-inch/core/piece';
import { costFor, minutesFor, type SetFacts, type WayRates } from '@every-inch/core/repeats';
import { lazy, Suspense, useState } from 'react';
import { Section } from '../../parts/Sections.tsx';
import { type Column, Table } from '../../parts/Table.tsx';
import { usePartEdit } from '../../parts/usePartEdit.ts';
import { useOpenPiece } from '../../state/store.ts';

const WaysChart = lazy(() => import('./WaysChart.tsx'));

/** Minutes as hours where there are many. */
export function timeSays(minutes: number): string {
  return minutes < 90 ? `${Math.max(1, Math.round(minutes))} min` : `${(minutes / 60).toFixed(1)} h`;
}

/** Sizes of batches, equal ones together. */
function batchesSay(sizes: readonly number[]): string {
  const [small = 0] = sizes;
  const large = sizes.at(-1) ?? small;
  const smalls = sizes.filter((one) => one === small).length;
  if (small === large) return `${sizes.length} of ${small}`;
  return `${smalls} of ${small}, then ${sizes.length - smalls} of ${large}`;
}

interface WaysProps {
  readonly part: Part;
  readonly facts: SetFacts;
  /** How many are made. */
  readonly n: number;
}

/** Ways of making a set side by side, for the number that is made; the chosen one is remembered. */
export function Ways({ part, facts, n }: WaysProps) {
  const set = usePartEdit(part);
  const { currency } = useOpenPiece().brief;
  const [of, setOf] = useState<'hours' | 'money'>('hours');
  const chosen = part.repeat?.way ?? 'hand';
  const choose = (way: Way) => set('repeat.way', way, 'way it is made');
  const rows = facts.ways;
  const pace = (one: WayRates) => (one.way === chosen ? facts.learned.factor : 1);
  const columns: Column<WayRates>[] = [
    {
      id: 'way',
      title: 'way',
      isHead: true,
      cell: (one) => (
        <label className="flex items-center gap-1.5">
          <input
            type="radio"
            name="way"
            checked={one.way === chosen}
            disabled={one.wont !== null}
            onChange={() => choose(one.way)}
          />
          {one.says}
        </label>
      ),
    },
    {
      id: 'time',
      title: `for ${n}`,
      holds: 'figures',
      className: 'whitespace-nowrap',
      cell: (one) => (one.wont ? '–' : timeSays(minutesFor(one, n, pace(one)))),
      sortBy: (one) => minutesFor(one, n),
    },
    {
      id: 'wait',
      title: 'wait',
      holds: 'figures',
      className: 'whitespace-nowrap',
      cell: (one) => (one.waitMin === 0 || one.wont ? '–' : timeSays(one.waitMin)),
    },
    {
      id: 'cost',
      title: 'costs',
      holds: 'figures',
      className: 'whitespace-nowrap',
      cell: (one) => (one.wont || costFor(one, n) === 0 ? '–' : `${currency} ${costFor(one, n).toFixed(2)}`),
      sortBy: (one) => costFor(one, n),
    },
    {
      id: 'pays',
      title: 'quicker from',
      holds: 'figures',
      className: 'whitespace-nowrap',
      cell: (one) => (one.way === 'hand' || one.wont ? '–' : (facts.paysFrom[one.way] ?? 'never')),
    },
    { id: 'alike', title: 'come out', cell: (one) => one.wont ?? `${one.alike}; ${one.detail}` },
  ];
  return (
    <Section
      id="ways"
      title="Which way"
      edits={['parts.*.repeat.way']}
      beside={<span className="text-quiet">{rows.find(({ way }) => way === chosen)?.says}</span>}
    >
      <Table label="Ways of making it" rows={rows} columns={columns} keyOf={({ way }) => way} isWide />
      <p className="mt-1 text-[13px] text-quiet">
        {facts.learned.pieces === 0
          ? 'Rates are the handbook’s; a tally puts your own in their place.'
          : `Your pace: ${facts.learned.factor.toFixed(2)} of the handbook’s minutes, by ${facts.learned.pieces} tallied.`}
      </p>
      {facts.batches && facts.batches.sizes.length > 1 && (
        <p className="mt-1 text-[14px]">
          <span className="heading">In batches</span>{' '}
          <span className="figure">{batchesSay(facts.batches.sizes)}</span>, each batch through one step
          before the next step: keep the best of the first as the pattern that all others are laid beside, and
          put the first ones {facts.batches.firstTo}.
        </p>
      )}
      <fieldset className="mt-2 flex gap-1">
        <legend className="sr-only">What is drawn against the number</legend>
        {(['hours', 'money'] as const).map((what) => (
          <button
            key={what}
            type="button"
            className={`press-quiet ${of === what ? 'font-semibold' : ''}`}
            aria-pressed={of === what}
            onClick={() => setOf(what)}
          >
            {what}
          </button>
        ))}
      </fieldset>
      <Suspense fallback={null}>
        <WaysChart ways={rows} n={n} of={of} currency={currency} chosen={chosen} />
      </Suspense>
    </Section>
  );
}
