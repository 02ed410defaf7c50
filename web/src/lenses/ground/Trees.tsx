import { foliageHours, proposeFoliage, type Tree } from '@every-inch/core/ground';
import { FOLIAGES, type Foliage } from '@every-inch/core/piece';
import { useMemo, useState } from 'react';
import { Choice } from '../../parts/Choice.tsx';
import { NumberField } from '../../parts/NumberField.tsx';
import { type Column, Table } from '../../parts/Table.tsx';
import { edit, editAt, useAppDispatch, useAppSelector, useOpenPiece } from '../../state/store.ts';

const SAYS: Readonly<Record<Foliage, string>> = {
  none: 'bare',
  twig: 'fine twigs',
  moss: 'moss',
  fibre: 'teased fibre',
  leaf: 'punched leaves',
  tuft: 'bought tufts',
};
/** How each looks, and what it bears. */
const LOOK: Readonly<Record<Foliage, string>> = {
  none: '',
  twig: 'the finest, hides no wire, breaks when it is knocked',
  moss: 'coarser, hides the wire, bears handling',
  fibre: 'airy, hides little, catches on sleeves',
  leaf: 'single leaves to be seen, hides no wire',
  tuft: 'even, hides the wire, all alike',
};
const OPTIONS = FOLIAGES.map((value) => ({ value, says: SAYS[value] }));
/** Hours that are offered to begin with. */
const HOURS = 12;

/** How the trees are filled: good where it is seen, quick behind, within the hours there are. */
export function Trees({ trees }: { readonly trees: readonly Tree[] }) {
  const dispatch = useAppDispatch();
  const { own: pieceOwn } = useOpenPiece();
  const workshopOwn = useAppSelector((state) => state.workshop.own);
  const own = useMemo(() => ({ ...workshopOwn, ...pieceOwn }), [workshopOwn, pieceOwn]);
  const [hours, setHours] = useState(HOURS);
  const proposal = useMemo(() => proposeFoliage(trees, hours, own), [trees, hours, own]);
  const isTaken = trees.every(({ id, foliage }) => proposal.foliage.get(id) === foliage);
  const take = () =>
    dispatch(
      edit('foliage by what is seen', (piece) => ({
        ...piece,
        stood: piece.stood.map((one) => ({ ...one, foliage: proposal.foliage.get(one.id) ?? one.foliage })),
      })),
    );
  const columns: Column<Tree>[] = [
    { id: 'name', title: 'tree', isHead: true, cell: ({ name }) => name },
    { id: 'seen', title: 'seen', holds: 'figures', cell: ({ seenPct }) => `${Math.round(seenPct)} %` },
    {
      id: 'way',
      title: 'filled with',
      cell: ({ id, name, foliage }) => (
        <Choice
          hideLabel
          label={`Foliage of ${name}`}
          value={foliage}
          options={OPTIONS}
          onChoose={(way) => dispatch(editAt(`foliage of ${name}`, ['stood', id, 'foliage'], way))}
        />
      ),
    },
    {
      id: 'hours',
      title: 'hours',
      holds: 'figures',
      cell: ({ foliage, heightMm }) => foliageHours(foliage, heightMm, own).toFixed(1),
    },
    { id: 'look', title: 'looks', cell: ({ foliage }) => LOOK[foliage] },
  ];
  const well = [...proposal.foliage.values()].filter((way) => way === 'twig').length;
  return (
    <>
      <Table label="Foliage of the trees" rows={trees} columns={columns} keyOf={({ id }) => id} isWide />
      <div className="mt-2 flex flex-wrap items-end gap-x-4 gap-y-1">
        <NumberField
          min={0}
          max={10_000}
          label="Within"
          value={hours}
          after="h"
          className="w-16"
          onNumber={setHours}
        />
        <p className="text-[14px]">
          {well} of {trees.length} in fine twigs where it is seen, moss behind:{' '}
          <span className="figure">{proposal.hours.toFixed(1)} h</span>
        </p>
        <button type="button" className="press" disabled={isTaken} onClick={take}>
          Take it
        </button>
      </div>
    </>
  );
}
