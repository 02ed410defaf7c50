import { handbookRow, ownLimits } from '@every-inch/core/handbook';
import {
  formatRange,
  formatTerm,
  formulaWithNumbers,
  type Reckoning,
  type ReckoningId,
  type ShownFigure,
  type Term,
} from '@every-inch/core/reckoning';
import type { Opened } from '@every-inch/core/spine';
import { Popover } from 'radix-ui';
import { useState } from 'react';
import { useAsk } from '../spine/hooks.ts';
import { editAt, useAppDispatch, useOpenPiece } from '../state/store.ts';
import { useOpenEntry } from './entries.ts';
import { NumberField } from './NumberField.tsx';
import { VerdictLine } from './VerdictLine.tsx';

/** The maker’s own value in place of the handbook’s. */
function OwnValue({ row }: { readonly row: string }) {
  const piece = useOpenPiece();
  const dispatch = useAppDispatch();
  const own = piece.own[row] ?? null;
  const set = (value: number | null): void => {
    const { [row]: _, ...rest } = piece.own;
    dispatch(
      editAt(
        `own value: ${handbookRow(row).title}`,
        ['own'],
        value === null ? rest : { ...rest, [row]: value },
      ),
    );
  };
  return (
    <div className="mt-1">
      <NumberField
        label="Your own value, for this piece"
        entry={['own', row]}
        value={own}
        placeholder={String(handbookRow(row).value)}
        {...ownLimits(handbookRow(row))}
        onNumber={set}
        onEmpty={() => set(null)}
        after={handbookRow(row).unit}
      />
    </div>
  );
}

function OriginLine({ term, onOpen }: { readonly term: Term; readonly onOpen: (id: ReckoningId) => void }) {
  const openEntry = useOpenEntry();
  const { origin } = term;
  switch (origin.kind) {
    case 'entry':
      return (
        <button
          type="button"
          className="text-left underline underline-offset-2"
          onClick={() => openEntry(origin.path)}
        >
          {origin.isCatalogue ? 'from the catalogue: change it' : 'your entry'}
        </button>
      );
    case 'own':
      return (
        <>
          your own value
          <OwnValue row={origin.row} />
        </>
      );
    case 'handbook':
      return (
        <>
          handbook, {origin.standing}
          {origin.standing === 'published' && `: ${origin.source}`}
          {origin.own && <OwnValue row={origin.row} />}
        </>
      );
    case 'shape':
      return <>{origin.says}</>;
    case 'reckoning':
      return (
        <button
          type="button"
          className="text-left text-fired underline underline-offset-2"
          onClick={() => onOpen(origin.id)}
        >
          reckoned: open its working
        </button>
      );
  }
}

function TermRow({ term, onOpen }: { readonly term: Term; readonly onOpen: (id: ReckoningId) => void }) {
  const range = formatRange(term.quantity);
  return (
    <div className="grid grid-cols-[2rem_1fr_auto] gap-x-2 border-t border-hair py-1.5">
      <dt className="figure font-bold">{term.symbol}</dt>
      <dd>
        {term.name}
        <div className="text-[12.5px] text-quiet">
          <OriginLine term={term} onOpen={onOpen} />
        </div>
      </dd>
      <dd className="figure text-right">
        {formatTerm(term)}
        {range && <div className="text-quiet">{range}</div>}
      </dd>
    </div>
  );
}

interface BodyProps {
  readonly opened: Opened;
  readonly onOpen: (id: ReckoningId) => void;
}

function WorkingBody({ opened: { figure, users }, onOpen }: BodyProps) {
  const piece = useOpenPiece();
  const partName = (id: string | null) =>
    piece.parts.find((part) => part.id === id)?.name ?? 'the whole piece';
  const range = formatRange(figure.quantity);
  return (
    <>
      <h3 className="font-semibold">
        {figure.title} <span className="font-normal text-quiet">· {partName(figure.part)}</span>
      </h3>
      <p className="figure mt-2 bg-panel px-2 py-1">{figure.formula}</p>
      <p className="figure mt-1 px-2">{formulaWithNumbers(figure)}</p>
      {range && <p className="mt-1 px-2 text-quiet">range {range}</p>}
      <dl className="mt-2">
        {figure.terms.map((term) => (
          <TermRow key={`${term.symbol} ${term.name}`} term={term} onOpen={onOpen} />
        ))}
      </dl>
      {figure.note && (
        <p className="mt-1 border-t border-hair pt-1.5 text-[13px] text-quiet">{figure.note}</p>
      )}
      {figure.verdict && (
        <div className="mt-1 border-t border-hair pt-1.5">
          <VerdictLine verdict={figure.verdict} />
        </div>
      )}
      {users.length > 0 && (
        <div className="mt-1 border-t border-hair pt-1.5 text-[13px]">
          <span className="text-quiet">What depends on it: </span>
          {users.slice(0, MOST_USERS).map((user, i) => (
            <span key={user.id}>
              {i > 0 && ', '}
              <button type="button" className="underline underline-offset-2" onClick={() => onOpen(user.id)}>
                {user.title}
                {user.part !== figure.part && ` (${partName(user.part)})`}
              </button>
            </span>
          ))}
          {users.length > MOST_USERS && ` and ${users.length - MOST_USERS} more`}
        </div>
      )}
    </>
  );
}

/** So many of those that lean on a figure are named. */
const MOST_USERS = 12;

/** What is in the popover: the working of one figure, and of those it leans on as they are opened. */
function Inside({ figure }: { readonly figure: ShownFigure | Reckoning }) {
  const [trail, setTrail] = useState<readonly ReckoningId[]>([]);
  const last = trail.at(-1);
  // A figure of the piece is fetched with its working when it is opened, and kept up to date while it is open.
  const isAtHand = last === undefined && 'terms' in figure;
  const fetched = useAsk('spine.working', isAtHand ? null : { id: last ?? figure.id });
  const opened = isAtHand ? { figure, users: [] } : fetched;
  return (
    <Popover.Content
      side="left"
      align="start"
      collisionPadding={12}
      className="z-50 max-h-[min(34rem,80vh)] w-[min(25rem,calc(100vw-24px))] overflow-y-auto border border-ink bg-paper p-3 text-[13.5px]"
      aria-label={`Working of ${opened?.figure.title ?? figure.title}`}
    >
      {last !== undefined && (
        <button
          type="button"
          className="press-quiet -ml-1.5 mb-1 text-fired"
          onClick={() => setTrail(trail.slice(0, -1))}
        >
          ← back
        </button>
      )}
      {opened ? (
        <WorkingBody opened={opened} onOpen={(id) => setTrail([...trail, id])} />
      ) : (
        <p className="text-quiet">Opening …</p>
      )}
      <Popover.Arrow className="fill-ink" />
    </Popover.Content>
  );
}

/** ∴: opens a figure to its formula, what was put in, where that came from and what depends on it. */
export function Working({ figure }: { readonly figure: ShownFigure | Reckoning }) {
  return (
    <Popover.Root>
      <Popover.Trigger
        className="figure size-7 shrink-0 text-quiet hover:text-fired"
        aria-label={`Show the working of ${figure.title}`}
        title="Show the working"
      >
        ∴
      </Popover.Trigger>
      <Popover.Portal>
        <Inside figure={figure} />
      </Popover.Portal>
    </Popover.Root>
  );
}
