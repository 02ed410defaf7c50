import { missingFrom, putOn, sideSeen, stoodAt } from '@every-inch/core/ground';
import { LIMITS, type Stood, typedLimits } from '@every-inch/core/piece';
import { toast } from 'sonner';
import { BinButton } from '../../parts/BinButton.tsx';
import { NumberField } from '../../parts/NumberField.tsx';
import { type Column, Table } from '../../parts/Table.tsx';
import { TextField } from '../../parts/TextField.tsx';
import { useTold } from '../../spine/hooks.ts';
import { edit, editAt, useAppDispatch, useOpenPiece } from '../../state/store.ts';
import { usePlan } from './useGround.ts';

/** Room that is left about a thing that is put on, mm. */
const ROOM = 6;

interface StandingProps {
  readonly picked: string | null;
  readonly onPick: (id: string) => void;
}

/** What is not on the base yet, to be put there. */
function Missing() {
  const dispatch = useAppDispatch();
  const piece = useOpenPiece();
  const { prints, counts, ring } = usePlan();
  const missing = missingFrom(piece, prints, counts);
  if (!ring || missing.length === 0) return null;
  const put = (parts: readonly string[], label: string) => {
    const found = putOn(piece, prints, ring, parts, ROOM);
    const added = found.piece.stood.slice(piece.stood.length);
    if (added.length > 0) dispatch(edit(label, (now) => ({ ...now, stood: [...now.stood, ...added] })));
    const without = [...new Set(found.without)];
    if (without.length > 0)
      toast.error(`No free place for ${without.join(', ')}: a larger base, or move something.`);
  };
  const byPart = [...new Set(missing)];
  return (
    <div className="mb-2">
      <p className="text-[13px] text-quiet">Not on the base:</p>
      <ul className="flex flex-wrap gap-x-4">
        {byPart.map((part) => {
          const n = missing.filter((one) => one === part).length;
          const name = prints.find((one) => one.part === part)?.name ?? part;
          return (
            <li key={part}>
              <button
                type="button"
                className="press-quiet text-fired"
                onClick={() => put([part], `${name} on the base`)}
              >
                + {name}
                {n > 1 && <span className="text-quiet"> · {n} left</span>}
              </button>
            </li>
          );
        })}
        {missing.length > 1 && (
          <li>
            <button
              type="button"
              className="press-quiet text-fired"
              onClick={() => put(missing, 'all on the base')}
            >
              all {missing.length}
            </button>
          </li>
        )}
      </ul>
    </div>
  );
}

/** Everything that stands on the base, with its place as numbers. */
export function Standing({ picked, onPick }: StandingProps) {
  const dispatch = useAppDispatch();
  const { stood, parts, eyes } = useOpenPiece();
  const sights = useTold('ground.sight', null);
  const nameOf = ({ part }: Stood) => parts.find(({ id }) => id === part)?.name ?? part;
  const set = (id: string, field: 'xMm' | 'yMm' | 'turnDeg') => (value: number) =>
    dispatch(
      edit('place on the plan', (piece) => stoodAt(piece, id, { [field]: value }), `stood/${id}/${field}`),
    );
  const place = (field: 'xMm' | 'yMm' | 'turnDeg', title: string): Column<Stood> => ({
    id: field,
    title,
    holds: 'figures',
    cell: (one) => (
      <NumberField
        {...typedLimits(LIMITS.stood[field])}
        hideLabel
        label={`${title} of ${nameOf(one)}`}
        entry={['stood', one.id, field]}
        value={Math.round(one[field] * 10) / 10}
        className="w-16"
        onNumber={set(one.id, field)}
      />
    ),
  });
  const columns: Column<Stood>[] = [
    {
      id: 'name',
      title: 'what',
      isHead: true,
      cell: (one) => (
        <button
          type="button"
          className="press-quiet max-w-48 truncate text-left text-fired"
          aria-current={one.id === picked ? 'true' : undefined}
          onClick={() => onPick(one.id)}
        >
          {nameOf(one)}
        </button>
      ),
    },
    place('xMm', 'right, mm'),
    place('yMm', 'back, mm'),
    place('turnDeg', 'turned, °'),
    {
      id: 'group',
      title: 'goes with',
      cell: (one) => (
        <TextField
          hideLabel
          label={`group of ${nameOf(one)}`}
          entry={['stood', one.id, 'group']}
          value={one.group}
          placeholder="alone"
          className="w-24"
          onText={(group) =>
            dispatch(
              editAt(`group of ${nameOf(one)}`, ['stood', one.id, 'group'], group.trim().slice(0, 200)),
            )
          }
        />
      ),
    },
    ...eyes.map(
      ({ id, name, fromDeg }): Column<Stood> => ({
        id: `eye-${id}`,
        title: `seen from ${name}`,
        holds: 'figures',
        cell: (one) => {
          const row = sights?.find(({ eye }) => eye === id)?.rows.find((seen) => seen.id === one.id);
          return row ? `${Math.round(row.seenPct)} %, ${sideSeen({ fromDeg }, one.turnDeg)}` : '–';
        },
      }),
    ),
    {
      id: 'off',
      title: '',
      cell: (one) => (
        <BinButton
          label={`take ${nameOf(one)} off the base`}
          onPress={() =>
            dispatch(
              edit('taken off the plan', (piece) => ({
                ...piece,
                stood: piece.stood.filter(({ id }) => id !== one.id),
              })),
            )
          }
        />
      ),
    },
  ];
  return (
    <>
      <Missing />
      {stood.length > 0 && (
        <Table label="What stands on the base" rows={stood} columns={columns} keyOf={({ id }) => id} isWide />
      )}
    </>
  );
}
