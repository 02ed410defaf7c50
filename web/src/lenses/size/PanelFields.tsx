import {
  choicesOf,
  FormError,
  type Opening,
  PANEL_JOINTS,
  type PanelCut,
  type PanelsForm,
  panelCuts,
  ROOF_KINDS,
  WALL_NAMES,
  type WallName,
} from '@every-inch/core/form';
import type { Part } from '@every-inch/core/piece';
import type { DocumentPath } from '@every-inch/core/reckoning';
import { formatMiniMm, miniMm, realMm } from '@every-inch/core/units';
import { BinButton } from '../../parts/BinButton.tsx';
import { Choice } from '../../parts/Choice.tsx';
import { LengthField } from '../../parts/LengthField.tsx';
import { useLifeFormat } from '../../parts/lengths.ts';
import { type Column, Table } from '../../parts/Table.tsx';
import { usePartEdit } from '../../parts/usePartEdit.ts';

function options<T extends string>(table: Readonly<Record<T, string>>) {
  return choicesOf(table).map((value) => ({ value, says: table[value] }));
}

interface TickProps {
  readonly label: string;
  readonly isOn: boolean;
  readonly onTick: (isOn: boolean) => void;
}

function Tick({ label, isOn, onTick }: TickProps) {
  return (
    <label className="flex min-h-8 items-center gap-1">
      <input type="checkbox" checked={isOn} onChange={(event) => onTick(event.currentTarget.checked)} />
      {label}
    </label>
  );
}

const OPENING_LENGTHS = [
  ['fromLeftMm', 'from the left', 'nonNegative'],
  ['sillMm', 'above the ground', 'nonNegative'],
  ['widthMm', 'width', 'positive'],
  ['heightMm', 'height', 'positive'],
] as const;

interface OpeningsProps {
  readonly openings: readonly Opening[];
  /** Where they stand in the document. */
  readonly entry: DocumentPath;
  readonly onOpenings: (openings: readonly Opening[], label: string) => void;
}

/** Windows and doors, each by its wall as seen from outside. */
function Openings({ openings, entry, onOpenings }: OpeningsProps) {
  const format = useLifeFormat();
  const put = (at: number, next: Opening) =>
    onOpenings(
      openings.map((old, i) => (i === at ? next : old)),
      'opening',
    );
  const columns: Column<{ opening: Opening; at: number }>[] = [
    {
      id: 'wall',
      title: 'opening in',
      cell: ({ opening, at }) => (
        <Choice
          hideLabel
          label={`Wall of opening ${at + 1}`}
          value={opening.wall}
          options={options(WALL_NAMES)}
          onChoose={(wall) => put(at, { ...opening, wall })}
        />
      ),
    },
    ...OPENING_LENGTHS.map(
      ([field, says, sign]): Column<{ opening: Opening; at: number }> => ({
        id: field,
        title: says,
        holds: 'figures',
        cell: ({ opening, at }) => (
          <LengthField
            hideLabel
            label={`Opening ${at + 1}, ${says}`}
            entry={[...entry, String(at), field]}
            shown={format(realMm(opening[field]))}
            unit="mm"
            sign={sign}
            onLength={(mm) => put(at, { ...opening, [field]: mm })}
          />
        ),
      }),
    ),
    {
      id: 'change',
      title: 'change',
      isQuiet: true,
      cell: ({ at }) => (
        <BinButton
          label={`Take out opening ${at + 1}`}
          onPress={() =>
            onOpenings(
              openings.filter((_, j) => j !== at),
              'taking out an opening',
            )
          }
        />
      ),
    },
  ];
  return (
    <Table
      className="mt-1"
      label="Openings"
      rows={openings.map((opening, at) => ({ opening, at }))}
      columns={columns}
      keyOf={({ at }) => String(at)}
    />
  );
}

/** What can be cut while the form is sound; a fault is said beside the form already. */
function cutsOf(form: PanelsForm): readonly PanelCut[] {
  try {
    return panelCuts(form);
  } catch (error) {
    if (error instanceof FormError) return [];
    throw error;
  }
}

interface CutsProps {
  readonly form: PanelsForm;
  readonly shrink: number;
}

/** Every panel as it is cut, on the bench. */
function Cuts({ form, shrink }: CutsProps) {
  const mini = (mm: number) => formatMiniMm(miniMm(mm / shrink));
  const columns: Column<PanelCut>[] = [
    { id: 'panel', title: 'panel', isHead: true, cell: ({ name }) => name, sortBy: ({ name }) => name },
    {
      id: 'wide',
      title: 'wide',
      holds: 'figures',
      cell: ({ widthMm }) => mini(widthMm),
      sortBy: ({ widthMm }) => widthMm,
    },
    {
      id: 'high',
      title: 'high',
      holds: 'figures',
      cell: ({ heightMm }) => mini(heightMm),
      sortBy: ({ heightMm }) => heightMm,
    },
    {
      id: 'edges',
      title: 'edges and openings',
      className: 'text-quiet',
      cell: ({ bevels, openings }) =>
        [
          ...bevels.map(({ edge, degrees }) => `${edge} at ${Math.round(degrees * 10) / 10}°`),
          ...(openings > 0 ? [openings === 1 ? '1 opening' : `${openings} openings`] : []),
        ].join(', ') || 'square',
    },
  ];
  return (
    <>
      <h3 className="heading mt-2">Panels to cut, miniature mm, from sheet of {mini(form.thicknessMm)}</h3>
      <Table
        className="max-w-2xl"
        label="Panels to cut"
        rows={cutsOf(form)}
        columns={columns}
        keyOf={({ name }) => name}
      />
    </>
  );
}

interface PanelFieldsProps {
  readonly part: Part;
  readonly form: PanelsForm;
  /** Lengths of the form for one of the miniature; null while the part cannot be built. */
  readonly shrink: number | null;
}

/** Walls, roof, openings and joints of a thing of panels, and what is cut for it. */
export function PanelFields({ part, form, shrink }: PanelFieldsProps) {
  const set = usePartEdit(part);
  const walls = choicesOf(WALL_NAMES);
  const toggle = (wall: WallName, isOn: boolean) =>
    set(
      'form.walls',
      walls.filter((one) => (one === wall ? isOn : form.walls.includes(one))),
      'walls',
    );
  return (
    <section className="mt-3" aria-label="Walls, roof and openings">
      <div className="flex flex-wrap items-end gap-x-5 gap-y-2">
        <fieldset>
          <legend className="heading">Walls and floor</legend>
          <div className="flex flex-wrap gap-x-3">
            {walls.map((wall) => (
              <Tick
                key={wall}
                label={wall}
                isOn={form.walls.includes(wall)}
                onTick={(isOn) => toggle(wall, isOn)}
              />
            ))}
            <Tick label="floor" isOn={form.floor} onTick={(isOn) => set('form.floor', isOn, 'floor')} />
          </div>
        </fieldset>
        <Choice
          label="Roof"
          value={form.roof}
          options={options(ROOF_KINDS)}
          onChoose={(roof) => {
            const slopes = roof === 'gable' || roof === 'lean-to';
            const riseMm = slopes && form.riseMm === 0 ? form.widthMm / 4 : form.riseMm;
            set('form', { ...form, roof, riseMm }, 'roof');
          }}
        />
        <Choice
          label="Walls meet"
          value={form.joint}
          options={options(PANEL_JOINTS)}
          onChoose={(joint) => set('form.joint', joint, 'joint')}
        />
      </div>
      {form.openings.length > 0 && (
        <Openings
          openings={form.openings}
          entry={['parts', part.id, 'form', 'openings']}
          onOpenings={(openings, label) => set('form.openings', openings, label)}
        />
      )}
      <button
        type="button"
        className="press-quiet text-fired"
        onClick={() => {
          const wall = form.walls[0] ?? 'front';
          const long = wall === 'front' || wall === 'back' ? form.widthMm : form.depthMm;
          const opening: Opening = {
            wall,
            fromLeftMm: long * 0.4,
            sillMm: form.heightMm * 0.35,
            widthMm: long * 0.2,
            heightMm: form.heightMm * 0.4,
          };
          set('form.openings', [...form.openings, opening], 'an opening');
        }}
      >
        + Opening
      </button>
      {shrink !== null && <Cuts form={form} shrink={shrink} />}
    </section>
  );
}
