import type { BuiltForm, BuiltPiece, PlainForm } from '@every-inch/core/form';
import type { Part } from '@every-inch/core/piece';
import type { DocumentPath } from '@every-inch/core/reckoning';
import { realMm } from '@every-inch/core/units';
import { Copy } from 'lucide-react';
import { useState } from 'react';
import { BinButton } from '../../parts/BinButton.tsx';
import { Choice } from '../../parts/Choice.tsx';
import { LengthField } from '../../parts/LengthField.tsx';
import { useLifeFormat } from '../../parts/lengths.ts';
import { NumberField } from '../../parts/NumberField.tsx';
import { type Column, Table } from '../../parts/Table.tsx';
import { TextField } from '../../parts/TextField.tsx';
import { usePartEdit } from '../../parts/usePartEdit.ts';
import { FormPoints } from './PointTable.tsx';
import { PLAIN_KINDS, plainForm, plainLengths } from './plainForms.ts';

const PLACES = [
  ['xMm', 'to the right'],
  ['yMm', 'up'],
  ['zMm', 'towards you'],
] as const;
const TURNS = [
  ['turnDeg', 'turned'],
  ['tipDeg', 'tipped'],
  ['leanDeg', 'leaned'],
] as const;

/** A piece at its place among the others. */
interface Placed {
  readonly piece: BuiltPiece;
  readonly at: number;
}

interface PieceFormProps {
  readonly piece: BuiltPiece;
  readonly onPiece: (piece: BuiltPiece) => void;
  /** Where its form stands in the document. */
  readonly entry: DocumentPath;
}

/** The form of the piece that is open. */
function PieceForm({ piece, onPiece, entry }: PieceFormProps) {
  const format = useLifeFormat();
  const { form } = piece;
  const setForm = (next: PlainForm) => onPiece({ ...piece, form: next });
  return (
    <div className="mt-2 border-l-2 border-fired pl-3">
      <div className="flex flex-wrap items-end gap-x-4 gap-y-2">
        <TextField
          label="Piece"
          className="w-36"
          value={piece.name}
          onText={(text) => text !== '' && onPiece({ ...piece, name: text.slice(0, 200) })}
        />
        {plainLengths(form).map(({ field, title, lengthMm }) => (
          <LengthField
            key={field}
            label={title}
            entry={[...entry, field]}
            shown={format(realMm(lengthMm))}
            unit="mm"
            sign={field === 'topMm' ? 'nonNegative' : 'positive'}
            className="w-22"
            onLength={(mm) => setForm({ ...form, [field]: mm } as PlainForm)}
          />
        ))}
        {'lying' in form && (
          <Choice
            label="Lies"
            value={form.lying ? 'lying' : 'standing'}
            options={[
              { value: 'standing', says: form.kind === 'ring' ? 'on edge' : 'upright' },
              { value: 'lying', says: form.kind === 'ring' ? 'flat' : 'on its side' },
            ]}
            onChoose={(value) => setForm({ ...form, lying: value === 'lying' })}
          />
        )}
        <Choice
          label="It is"
          value={piece.cut ? 'cut' : 'added'}
          options={[
            { value: 'added', says: 'added' },
            { value: 'cut', says: 'cut away' },
          ]}
          onChoose={(value) => onPiece({ ...piece, cut: value === 'cut' })}
        />
      </div>
      <FormPoints form={form} onForm={setForm} entry={entry} />
    </div>
  );
}

interface BuiltPiecesProps {
  readonly part: Part;
  readonly form: BuiltForm;
}

/** What a built-up thing is made of: every piece with its place, its turn and its own form. */
export function BuiltPieces({ part, form: { pieces } }: BuiltPiecesProps) {
  const format = useLifeFormat();
  const set = usePartEdit(part);
  const [open, setOpen] = useState<number | null>(null);
  const entry = ['parts', part.id, 'form', 'pieces'];
  const put = (next: readonly BuiltPiece[], label: string) => set('form.pieces', next, label);
  const change = (at: number) => (piece: BuiltPiece) =>
    put(
      pieces.map((old, i) => (i === at ? piece : old)),
      piece.name,
    );
  const shown = open === null ? undefined : pieces[open];
  const copy = ({ piece, at }: Placed): void => {
    put([...pieces.slice(0, at + 1), piece, ...pieces.slice(at + 1)], `another ${piece.name}`);
    setOpen(at + 1);
  };
  const takeOut = ({ piece, at }: Placed): void => {
    put(
      pieces.filter((_, j) => j !== at),
      `taking out ${piece.name}`,
    );
    setOpen(null);
  };
  const columns: Column<Placed>[] = [
    {
      id: 'piece',
      title: 'piece',
      className: 'max-w-40',
      cell: ({ piece, at }) => (
        <button
          type="button"
          className="press-quiet block w-full truncate text-left text-fired"
          aria-expanded={open === at}
          title={piece.name}
          onClick={() => setOpen(open === at ? null : at)}
        >
          {piece.name}
          {piece.cut && <span className="text-quiet"> (cut away)</span>}
        </button>
      ),
    },
    ...PLACES.map(
      ([field, says]): Column<Placed> => ({
        id: field,
        title: says,
        holds: 'figures',
        cell: ({ piece, at }) => (
          <LengthField
            hideLabel
            label={`${piece.name}, ${says}`}
            entry={[...entry, String(at), field]}
            shown={format(realMm(piece[field]))}
            unit="mm"
            sign="any"
            className="w-22"
            onLength={(mm) => change(at)({ ...piece, [field]: mm })}
          />
        ),
      }),
    ),
    ...TURNS.map(
      ([field, says]): Column<Placed> => ({
        id: field,
        title: says,
        holds: 'figures',
        canHide: true,
        cell: ({ piece, at }) => (
          <NumberField
            hideLabel
            label={`${piece.name}, ${says}, degrees`}
            entry={[...entry, String(at), field]}
            value={piece[field]}
            min={-360}
            max={360}
            className="w-14"
            after="°"
            onNumber={(degrees) => change(at)({ ...piece, [field]: degrees })}
          />
        ),
      }),
    ),
    {
      id: 'change',
      title: 'change',
      isQuiet: true,
      className: 'whitespace-nowrap',
      cell: (placed) => (
        <>
          <button
            type="button"
            className="size-7 text-quiet hover:text-ink"
            aria-label={`Duplicate ${placed.piece.name}`}
            onClick={() => copy(placed)}
          >
            <Copy className="mx-auto size-3.5" />
          </button>
          <BinButton
            label={`Take out ${placed.piece.name}`}
            disabled={pieces.length === 1}
            onPress={() => takeOut(placed)}
          />
        </>
      ),
    },
  ];
  return (
    <section className="mt-3" aria-label="Pieces it is built up from">
      <h3 className="heading">
        Built up from {pieces.length} pieces; the middle of each one’s foot, in life
      </h3>
      <Table
        className="mt-1"
        label="Pieces it is built up from"
        rows={pieces.map((piece, at) => ({ piece, at }))}
        columns={columns}
        keyOf={({ at }) => String(at)}
        rowClass={({ at }) => (open === at ? 'bg-panel' : '')}
        isWide
      />
      {shown && open !== null && (
        <PieceForm key={open} piece={shown} entry={[...entry, String(open), 'form']} onPiece={change(open)} />
      )}
      <div className="mt-1 flex flex-wrap gap-x-3">
        {PLAIN_KINDS.map(([kind, says]) => (
          <button
            key={kind}
            type="button"
            className="press-quiet text-fired"
            onClick={() => {
              put([...pieces, plainForm(kind, pieces)], `a ${says}`);
              setOpen(pieces.length);
            }}
          >
            + {says}
          </button>
        ))}
      </div>
    </section>
  );
}
