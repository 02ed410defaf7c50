import {
  ballMm,
  ballMm3,
  flatCone,
  flatConeOutline,
  nearestSetting,
  type RollerSetting,
  rollerSettings,
  sheetMm2,
  sheetsFor,
  snakeMm,
  wrapMm,
} from '@every-inch/core/bulk';
import type { Outline } from '@every-inch/core/form';
import { sourced } from '@every-inch/core/reckoning';
import { formatMiniMm, miniMm } from '@every-inch/core/units';
import { type ReactNode, useState } from 'react';
import { Choice } from '../../parts/Choice.tsx';
import { LengthField } from '../../parts/LengthField.tsx';
import { NumberField } from '../../parts/NumberField.tsx';
import { Section } from '../../parts/Sections.tsx';
import { useTold } from '../../spine/hooks.ts';
import {
  editAt,
  selectPart,
  useAppDispatch,
  useAppSelector,
  useOfPiece,
  useOpenPiece,
} from '../../state/store.ts';
import { PrintNet } from './PrintNet.tsx';

/** A rectangle as an outline, mm. */
function rectangleOutline(wide: number, tall: number): Outline {
  return [
    [
      [
        [0, 0],
        [wide, 0],
        [wide, tall],
        [0, tall],
      ],
    ],
  ];
}

const mm = (value: number) => formatMiniMm(miniMm(value));
const cm2 = (value: number) => `${(value / 100).toFixed(value < 10_000 ? 1 : 0)} cm²`;

interface RowProps {
  readonly title: string;
  readonly children: ReactNode;
  readonly result: ReactNode;
}

function Row({ title, children, result }: RowProps) {
  return (
    <li className="flex flex-wrap items-end gap-x-4 gap-y-1 border-t border-hair py-2" aria-label={title}>
      <span className="w-32 self-center font-medium">{title}</span>
      {children}
      <output className="pb-1">{result}</output>
    </li>
  );
}

interface MmProps {
  readonly label: string;
  readonly value: number;
  readonly onMm: (mm: number) => void;
  readonly sign?: 'positive' | 'nonNegative';
}

function Mm({ label, value, onMm, sign = 'positive' }: MmProps) {
  return (
    <LengthField label={label} shown={mm(value)} unit="mm" className="w-16" sign={sign} onLength={onMm} />
  );
}

/** The clay of one of a part as a ball, a snake, a sheet and as balls of a size. */
function AsShapes({
  volumeMm3,
  settings,
}: {
  readonly volumeMm3: number;
  readonly settings: readonly RollerSetting[];
}) {
  const [snake, setSnake] = useState(5);
  const [ball, setBall] = useState(10);
  const [setting, setSetting] = useState(3);
  const sheet = settings.find((one) => one.setting === setting)?.thicknessMm ?? 1;
  const area = sheetMm2(volumeMm3, sheet);
  const balls = volumeMm3 / ballMm3(ball);
  return (
    <ul className="mt-1">
      <Row title="One ball" result={`${mm(ballMm(volumeMm3))} mm across`}>
        {null}
      </Row>
      <Row title="Balls of a size" result={`${balls.toFixed(balls < 20 ? 1 : 0)} of them`}>
        <Mm label="ball, across" value={ball} onMm={setBall} />
      </Row>
      <Row title="A snake" result={`${mm(snakeMm(volumeMm3, snake))} mm long`}>
        <Mm label="snake, thick" value={snake} onMm={setSnake} />
      </Row>
      <Row title="A sheet" result={`${cm2(area)}, a square of ${mm(Math.sqrt(area))} mm`}>
        <Choice
          label="roller at"
          value={String(setting)}
          options={settings.map((one) => ({
            value: String(one.setting),
            says: `${one.setting}, ${mm(one.thicknessMm)} mm`,
          }))}
          onChoose={(value) => setSetting(Number(value))}
        />
      </Row>
    </ul>
  );
}

const FROM: Readonly<Record<RollerSetting['from'], string>> = {
  measured: 'measured',
  between: 'by those measured',
  usual: 'as usual',
};

/** The settings of the maker’s own machine; measuring a few carries the others. */
function Roller({ settings }: { readonly settings: readonly RollerSetting[] }) {
  const dispatch = useAppDispatch();
  const own = useOfPiece((piece) => piece.own);
  const put = (row: string, value: number | null) => {
    const { [row]: _, ...rest } = own;
    dispatch(editAt('roller setting', ['own'], value === null ? rest : { ...rest, [row]: value }));
  };
  return (
    <ul className="mt-1 flex flex-wrap gap-x-4 gap-y-2">
      {settings.map(({ setting, thicknessMm, from }) => (
        <li key={setting}>
          <LengthField
            label={`setting ${setting}`}
            className="w-16"
            unit="mm"
            shown={from === 'measured' ? mm(thicknessMm) : ''}
            placeholder={mm(thicknessMm)}
            onLength={(value) => put(`roller.${setting}`, value)}
            onEmpty={() => put(`roller.${setting}`, null)}
          />
          <span className="block text-[12px] text-quiet">{FROM[from]}</span>
        </li>
      ))}
    </ul>
  );
}

const WASTES = [
  { value: 'sheet.waste-cut', says: 'cut by a blade' },
  { value: 'sheet.waste-cutters', says: 'pressed out with cutters' },
] as const;

/** Pieces from a sheet, and a skirt laid flat. */
function FromSheets({
  settings,
  own,
}: {
  readonly settings: readonly RollerSetting[];
  readonly own: Readonly<Record<string, number>>;
}) {
  const [[wide, tall, count], setPiece] = useState<readonly [number, number, number]>([40, 25, 4]);
  const [thick, setThick] = useState(1.5);
  const [waste, setWaste] = useState<(typeof WASTES)[number]['value']>('sheet.waste-cut');
  const [[low, high, height], setSkirt] = useState<readonly [number, number, number]>([60, 20, 40]);
  const [[round, wrapTall, overlap], setWrap] = useState<readonly [number, number, number]>([20, 30, 0]);
  const setting = nearestSetting(settings, thick);
  const width = sourced('roller.width', own).value;
  const tears = sourced('sheet.tears', own).value;
  const share = sourced(waste, own).value / 100;
  const sheet = setting?.thicknessMm ?? thick;
  const need = sheetsFor(wide * tall * count, sheet, share, width);
  const flat = flatCone(low, high, height);
  return (
    <ul className="mt-1">
      <Row
        title="Pieces from a sheet"
        result={
          <>
            roller at {setting?.setting ?? '–'} ({mm(sheet)} mm): {mm(need.lengthMm)} mm of sheet {mm(width)}{' '}
            mm wide, {(need.volumeMm3 / 1000).toFixed(1)} cm³
            {sheet < tears && (
              <span className="text-tight">
                {' '}
                Cold or old clay tears so thin: warm and condition it first.
              </span>
            )}
          </>
        }
      >
        <Mm label="piece, wide" value={wide} onMm={(value) => setPiece([value, tall, count])} />
        <Mm label="piece, tall" value={tall} onMm={(value) => setPiece([wide, value, count])} />
        <NumberField
          label="how many"
          whole
          min={1}
          max={10_000}
          className="w-14"
          value={count}
          onNumber={(value) => setPiece([wide, tall, value])}
        />
        <Mm label="sheet, thick" value={thick} onMm={setThick} />
        <Choice label="they are" value={waste} options={WASTES} onChoose={setWaste} />
      </Row>
      <Row
        title="Wrap round"
        result={`a rectangle of ${mm(wrapMm(round, sheet, overlap))} by ${mm(wrapTall)} mm`}
      >
        <Mm label="round, across" value={round} onMm={(value) => setWrap([value, wrapTall, overlap])} />
        <Mm label="wrap, tall" value={wrapTall} onMm={(value) => setWrap([round, value, overlap])} />
        <Mm
          label="overlap"
          sign="nonNegative"
          value={overlap}
          onMm={(value) => setWrap([round, wrapTall, value])}
        />
        <PrintNet
          pieces={[
            { name: 'wrap', edges: '', outline: rectangleOutline(wrapMm(round, sheet, overlap), wrapTall) },
          ]}
          name="Wrap"
          says="Save the wrap as PDF"
        />
      </Row>
      <Row
        title="Skirt or cone"
        result={
          flat
            ? `${Math.round(flat.degrees)}° of a ring from ${mm(flat.innerMm)} to ${mm(flat.outerMm)} mm, ${cm2(flat.areaMm2)}`
            : `a rectangle of ${mm(Math.PI * low)} by ${mm(height)} mm`
        }
      >
        <Mm label="hem, across" value={low} onMm={(value) => setSkirt([value, high, height])} />
        <Mm
          label="waist, across"
          sign="nonNegative"
          value={high}
          onMm={(value) => setSkirt([low, value, height])}
        />
        <Mm label="skirt, tall" value={height} onMm={(value) => setSkirt([low, high, value])} />
        <PrintNet
          pieces={[
            {
              name: 'skirt',
              edges: '',
              outline: flat ? flatConeOutline(flat) : rectangleOutline(Math.PI * low, height),
            },
          ]}
          name="Skirt laid flat"
          says="Save the skirt as PDF"
        />
      </Row>
    </ul>
  );
}

/** Clay without a balance, the roller, and what is cut from its sheets. */
export function Sheets() {
  const part = useAppSelector(selectPart);
  const piece = useOpenPiece();
  const workshop = useAppSelector((state) => state.workshop.own);
  const own = { ...workshop, ...piece.own };
  const settings = rollerSettings(own);
  const solid = useTold('bulk.part', part?.id ?? null)?.solid;
  return (
    <>
      {part && solid && (
        <Section
          id="shapes"
          title="As balls, snakes and sheets"
          says={`Clay of one ${part.name}, as balls, snakes and sheets`}
          className="max-w-4xl"
        >
          <AsShapes volumeMm3={solid.quantity.value * 1000} settings={settings} />
        </Section>
      )}
      <Section id="roller" title="Roller and sheets" className="max-w-4xl">
        <p className="text-[13px] text-quiet">
          Roll a strip at a few settings, measure each, and the others follow. Empty it to go back.
        </p>
        <Roller settings={settings} />
        <FromSheets settings={settings} own={own} />
      </Section>
    </>
  );
}
