import {
  type Course,
  type Curve,
  courseOf,
  crossesItself,
  type Divided,
  divided,
  spacingDrawing,
  spacingStrip,
} from '@every-inch/core/repeats';
import { formatMiniMm, miniMm } from '@every-inch/core/units';
import { useMemo, useState } from 'react';
import { Choice } from '../../parts/Choice.tsx';
import { DrawingView } from '../../parts/DrawingView.tsx';
import { LengthField } from '../../parts/LengthField.tsx';
import { NumberField } from '../../parts/NumberField.tsx';
import { PrintTrue } from '../../parts/PrintTrue.tsx';
import { Section } from '../../parts/Sections.tsx';
import { type Column, Table } from '../../parts/Table.tsx';
import { useAsk, usePartFacts } from '../../spine/hooks.ts';
import { selectPart, useAppSelector } from '../../state/store.ts';
import { ClearOf } from './ClearOf.tsx';

/** What is asked: a line, and how it is divided. */
interface Asked {
  readonly curve: Curve;
  readonly by: 'length' | 'angle';
  readonly n: number | null;
  readonly pitchMm: number | null;
  readonly firstMm: number;
  readonly endMm: number;
  readonly rows: 1 | 2;
  /** Round the selected part at this height over its foot, miniature mm; null for a line of its own. */
  readonly roundAtMm: number | null;
}

const PLAIN = { by: 'length', n: 8, pitchMm: null, firstMm: 0, endMm: 0, rows: 1, roundAtMm: null } as const;
const asked = (curve: Curve, over: Partial<Asked> = {}): Asked => ({ ...PLAIN, curve, ...over });

/** Things that are often divided, to begin with. */
const EXAMPLES: readonly { readonly says: string; readonly ask: Asked }[] = [
  { says: 'compass rose', ask: asked({ kind: 'circle', acrossMm: 40 }, { n: 32 }) },
  { says: 'numerals of a clock', ask: asked({ kind: 'circle', acrossMm: 30 }, { n: 12 }) },
  { says: 'flutes of a column', ask: asked({ kind: 'circle', acrossMm: 18 }, { n: 20 }) },
  { says: 'eight legs', ask: asked({ kind: 'ellipse', widthMm: 24, heightMm: 18 }, { n: 8, by: 'angle' }) },
  { says: 'stitches', ask: asked({ kind: 'line', lengthMm: 80 }, { n: null, pitchMm: 4, endMm: 2 }) },
  { says: 'holes in two rows', ask: asked({ kind: 'line', lengthMm: 60 }, { n: 9, endMm: 5, rows: 2 }) },
  { says: 'checker floor, one side', ask: asked({ kind: 'line', lengthMm: 120 }, { n: 9 }) },
  {
    says: 'rings of a horn',
    ask: asked({ kind: 'spiral', bottomMm: 12, topMm: 2, heightMm: 40, turns: 5 }, { n: 24 }),
  },
  { says: 'round a heart', ask: asked({ kind: 'heart', widthMm: 40, heightMm: 36 }, { n: 20 }) },
];

const KINDS: readonly { readonly value: Curve['kind']; readonly says: string; readonly begin: Curve }[] = [
  { value: 'circle', says: 'a circle', begin: { kind: 'circle', acrossMm: 40 } },
  { value: 'line', says: 'a straight line', begin: { kind: 'line', lengthMm: 80 } },
  { value: 'arc', says: 'an arc', begin: { kind: 'arc', acrossMm: 40, degrees: 120 } },
  { value: 'ellipse', says: 'an ellipse', begin: { kind: 'ellipse', widthMm: 60, heightMm: 35 } },
  { value: 'polygon', says: 'a polygon', begin: { kind: 'polygon', acrossMm: 40, sides: 6 } },
  { value: 'heart', says: 'a heart', begin: { kind: 'heart', widthMm: 40, heightMm: 36 } },
  {
    value: 'spiral',
    says: 'a spiral round a cone',
    begin: { kind: 'spiral', bottomMm: 12, topMm: 2, heightMm: 40, turns: 5 },
  },
];

const SIZE_SAYS: Readonly<Record<string, string>> = {
  acrossMm: 'across',
  lengthMm: 'long',
  widthMm: 'wide',
  heightMm: 'high',
  bottomMm: 'across at its foot',
  topMm: 'across at its top',
};
const COUNT_SAYS: Readonly<Record<string, string>> = {
  degrees: 'degrees of it',
  sides: 'sides',
  turns: 'turns',
};
const MOST: Readonly<Record<string, number>> = { degrees: 360, sides: 360, turns: 60 };

const mm = (value: number) => formatMiniMm(miniMm(value));

interface Mark {
  readonly number: number;
  readonly row: 1 | 2;
  readonly alongMm: number;
  readonly degrees: number;
  readonly chordMm: number | null;
}

const COLUMNS: readonly Column<Mark>[] = [
  {
    id: 'number',
    title: 'mark',
    isHead: true,
    cell: ({ number, row }) => `${number}${row === 2 ? ', second row' : ''}`,
  },
  { id: 'along', title: 'along the line, mm', holds: 'figures', cell: ({ alongMm }) => mm(alongMm) },
  {
    id: 'chord',
    title: 'straight from the last, mm',
    holds: 'figures',
    cell: ({ chordMm }) => (chordMm === null ? '–' : mm(chordMm)),
  },
  {
    id: 'angle',
    title: 'from the top, clockwise',
    holds: 'figures',
    cell: ({ degrees }) => `${degrees.toFixed(1)}°`,
  },
];

type Outcome = { readonly course: Course; readonly found: Divided } | { readonly says: string };

function work(ask: Asked): Outcome {
  try {
    const course = courseOf(ask.curve);
    if (ask.curve.kind === 'outline' && crossesItself(course))
      return { says: 'the outline crosses itself: draw it anew' };
    return { course, found: divided(course, ask) };
  } catch (error) {
    if (!(error instanceof RangeError)) throw error;
    return { says: error.message };
  }
}

interface FieldsProps {
  readonly ask: Asked;
  readonly onAsk: (ask: Asked) => void;
}

/** The selected part, where a line can be led round it level; null for any other. */
function useRoundPart(heightMm: number | null) {
  const part = useAppSelector(selectPart);
  return useAsk('repeats.round-at', part ? { part: part.id, heightMm: heightMm ?? 0 } : null) ?? null;
}

/** The line and its sizes. */
function LineFields({ ask, onAsk }: FieldsProps) {
  const part = useAppSelector(selectPart);
  const facts = usePartFacts(part?.id);
  const { curve } = ask;
  const outline =
    facts && facts.part.form.kind === 'extruded'
      ? facts.part.form.points.map(({ xMm, yMm }) => [xMm / facts.shrink, yMm / facts.shrink] as const)
      : null;
  const round = useRoundPart(ask.roundAtMm);
  const options = [
    ...KINDS.map(({ value, says }) => ({ value, says })),
    ...(round ? [{ value: 'round' as const, says: `round ${part?.name ?? 'the part'} at a height` }] : []),
    ...(outline || curve.kind === 'outline'
      ? [{ value: 'outline' as const, says: `the outline of ${part?.name ?? 'the part'}` }]
      : []),
  ];
  const choose = (kind: Curve['kind'] | 'round') => {
    if (kind === 'round') {
      onAsk({ ...ask, curve: { kind: 'circle', acrossMm: 1 }, roundAtMm: round ? round.highMm / 2 : 0 });
      return;
    }
    const begin = KINDS.find(({ value }) => value === kind)?.begin;
    if (kind === 'outline' && outline)
      onAsk({ ...ask, roundAtMm: null, curve: { kind, points: outline, isClosed: true } });
    else if (begin) onAsk({ ...ask, roundAtMm: null, curve: begin });
  };
  const sizes = Object.entries(curve).filter((one): one is [string, number] => typeof one[1] === 'number');
  const put = (field: string, value: number) =>
    onAsk({ ...ask, curve: { ...curve, [field]: value } as Curve });
  return (
    <>
      <Choice
        label="Divide"
        value={ask.roundAtMm === null ? curve.kind : 'round'}
        options={options}
        onChoose={choose}
      />
      {ask.roundAtMm !== null && round && (
        <LengthField
          label="over its foot"
          className="w-18"
          shown={mm(ask.roundAtMm)}
          unit="mm"
          sign="nonNegative"
          onLength={(height) => onAsk({ ...ask, roundAtMm: Math.min(round.highMm, height) })}
        />
      )}
      {(ask.roundAtMm === null ? sizes : []).map(([field, value]) =>
        SIZE_SAYS[field] ? (
          <LengthField
            key={field}
            label={SIZE_SAYS[field] ?? field}
            className="w-18"
            shown={mm(value)}
            unit="mm"
            sign={field === 'topMm' ? 'nonNegative' : 'positive'}
            onLength={(length) => put(field, length)}
          />
        ) : (
          <NumberField
            key={field}
            label={COUNT_SAYS[field] ?? field}
            className="w-14"
            value={value}
            min={field === 'sides' ? 3 : 0.1}
            max={MOST[field] ?? 360}
            whole={field === 'sides'}
            onNumber={(number) => put(field, number)}
          />
        ),
      )}
    </>
  );
}

function StepFields({ ask, onAsk }: FieldsProps) {
  const isOpen = ask.curve.kind === 'line' || ask.curve.kind === 'arc' || ask.curve.kind === 'spiral';
  return (
    <>
      <NumberField
        label="into how many"
        className="w-14"
        whole
        min={1}
        max={2000}
        value={ask.n}
        placeholder="by the step"
        onNumber={(n) => onAsk({ ...ask, n, pitchMm: null })}
      />
      <LengthField
        label="or one to the next"
        className="w-26"
        shown={ask.pitchMm === null ? '' : mm(ask.pitchMm)}
        placeholder="by how many"
        unit="mm"
        onLength={(pitchMm) => onAsk({ ...ask, pitchMm, n: null })}
      />
      <LengthField
        label="the first lies at"
        className="w-16"
        sign="nonNegative"
        shown={mm(ask.firstMm)}
        unit="mm"
        onLength={(firstMm) => onAsk({ ...ask, firstMm })}
      />
      {isOpen ? (
        <LengthField
          label="free at both ends"
          className="w-16"
          sign="nonNegative"
          shown={mm(ask.endMm)}
          unit="mm"
          onLength={(endMm) => onAsk({ ...ask, endMm })}
        />
      ) : (
        <Choice
          label="equal"
          value={ask.by}
          options={[
            { value: 'length', says: 'lengths of the line' },
            { value: 'angle', says: 'angles from its middle' },
          ]}
          onChoose={(by) => onAsk({ ...ask, by })}
        />
      )}
      <Choice
        label="rows"
        value={String(ask.rows)}
        options={[
          { value: '1', says: 'one' },
          { value: '2', says: 'two, set off by half' },
        ]}
        onChoose={(rows) => onAsk({ ...ask, rows: rows === '2' ? 2 : 1 })}
      />
    </>
  );
}

/** Divides any line equally: a list of distances, and a protractor or a strip to print at true size. */
export function Spacing() {
  const [ask, setAsk] = useState<Asked>(() => asked({ kind: 'circle', acrossMm: 40 }, { n: 12 }));
  const round = useRoundPart(ask.roundAtMm);
  const across = ask.roundAtMm === null ? null : (round?.acrossMm ?? 0);
  const outcome = useMemo(
    () => work(across === null ? ask : { ...ask, curve: { kind: 'circle', acrossMm: across } }),
    [ask, across],
  );
  const found = 'says' in outcome ? null : outcome;
  const marks = found?.found.marks.map((one, i): Mark => ({ number: i + 1, ...one })) ?? [];
  return (
    <Section id="spacing" title="Even spacing">
      <p className="flex flex-wrap items-baseline gap-x-3 text-[13px]">
        <span className="text-quiet">such as</span>
        {EXAMPLES.map(({ says, ask: example }) => (
          <button key={says} type="button" className="press-quiet text-fired" onClick={() => setAsk(example)}>
            {says}
          </button>
        ))}
      </p>
      <div className="mt-1 flex flex-wrap items-end gap-x-4 gap-y-2">
        <LineFields ask={ask} onAsk={setAsk} />
        <StepFields ask={ask} onAsk={setAsk} />
      </div>
      {'says' in outcome && (
        <p role="alert" className="mt-2 text-wont">
          {outcome.says}
        </p>
      )}
      {found && (
        <>
          <p className="mt-2">
            <span className="figure">{mm(found.found.lengthMm)} mm</span> long, {marks.length} marks,{' '}
            <span className="figure">{mm(found.found.pitchMm)} mm</span> from one to the next
          </p>
          <ClearOf
            ask={ask}
            course={found.course}
            found={found.found}
            onFirst={(firstMm) => setAsk({ ...ask, firstMm })}
          />
          <div className="mt-1 flex flex-wrap gap-6">
            <DrawingView
              drawing={spacingDrawing(found.course, found.found)}
              label="The line with its marks"
              className="h-64 max-w-full min-w-64 flex-1"
            />
            <section
              aria-label="Distances of the marks"
              className="max-h-64 w-96 max-w-full overflow-y-auto"
              // biome-ignore lint/a11y/noNoninteractiveTabindex: a list that scrolls must be reachable by keyboard
              tabIndex={0}
            >
              <Table label="Marks" rows={marks} columns={COLUMNS} keyOf={({ number }) => String(number)} />
            </section>
          </div>
          <p className="mt-2 flex flex-wrap items-center gap-x-4 gap-y-2">
            <PrintTrue
              drawing={spacingDrawing(found.course, found.found)}
              name="Marks"
              says="Print the line with its marks"
            />
            <PrintTrue
              drawing={spacingStrip(found.found)}
              name="Strip of marks"
              says="Print a strip to wrap or lay along"
            />
          </p>
        </>
      )}
    </Section>
  );
}
