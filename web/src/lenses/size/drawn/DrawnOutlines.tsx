import { DRAWN_EDGES, type DrawnForm, mirroredPoints, type PlanePoint } from '@every-inch/core/form';
import { NoEdgeError } from '@every-inch/core/picture';
import { realMm } from '@every-inch/core/units';
import { useEffect, useId, useState } from 'react';
import { toast } from 'sonner';
import { Choice } from '../../../parts/Choice.tsx';
import { LengthField } from '../../../parts/LengthField.tsx';
import { useLifeFormat } from '../../../parts/lengths.ts';
import { asOutline, fromPicture, fromSvg, OutlineFileError } from '../../../parts/outlineIn.ts';
import { OutlineBoard } from './OutlineBoard.tsx';

type ViewName = 'front' | 'side' | 'top';
const VIEWS: readonly { readonly view: ViewName; readonly title: string }[] = [
  { view: 'front', title: 'from the front' },
  { view: 'side', title: 'from the side' },
  { view: 'top', title: 'from above' },
];
/** Largest file an outline is taken from, bytes. */
const LARGEST = 12_000_000;

const spanOf = (values: readonly number[]) => Math.max(...values) - Math.min(...values);
const wide = (points: readonly PlanePoint[]) => spanOf(points.map(({ xMm }) => xMm));
const high = (points: readonly PlanePoint[]) => spanOf(points.map(({ yMm }) => yMm));

/** A box to begin a view from: as high, wide and deep as the others have it. */
function begun(form: DrawnForm, view: ViewName): PlanePoint[] {
  const deep = form.side.length > 0 ? wide(form.side) : form.depthMm;
  const [w, h] = view === 'side' ? [deep, high(form.front)] : [wide(form.front), deep];
  return Array.from({ length: 16 }, (_, i) => {
    const turn = (2 * Math.PI * i) / 16;
    return { xMm: (w / 2) * Math.sin(turn), yMm: (h / 2) * (1 - Math.cos(turn)) };
  });
}

interface FileProps {
  readonly says: string;
  readonly accept: string;
  readonly label: string;
  readonly onFile: (file: File) => void;
}

function FilePress({ says, accept, label, onFile }: FileProps) {
  const id = useId();
  return (
    <span className="relative inline-block focus-within:outline-2 focus-within:outline-fired">
      <label htmlFor={id} className="press-quiet inline-block cursor-pointer text-fired">
        {says}
      </label>
      <input
        id={id}
        type="file"
        aria-label={label}
        accept={accept}
        className="absolute inset-0 size-full cursor-pointer opacity-0"
        onChange={(event) => {
          const [file] = event.currentTarget.files ?? [];
          event.currentTarget.value = '';
          if (file) onFile(file);
        }}
      />
    </span>
  );
}

interface ViewProps {
  readonly form: DrawnForm;
  readonly view: ViewName;
  readonly title: string;
  readonly onForm: (form: DrawnForm, label: string) => void;
}

/** One view with its board, and the ways an outline comes onto it. */
function OneView({ form, view, title, onForm }: ViewProps) {
  const [isDrawing, setDrawing] = useState(false);
  const [under, setUnder] = useState<string | null>(null);
  const points = form[view];
  useEffect(() => () => void (under && URL.revokeObjectURL(under)), [under]);
  const put = (next: readonly PlanePoint[], label: string) => {
    setDrawing(false);
    onForm({ ...form, [view]: next }, label);
  };
  if (points.length === 0)
    return (
      <figure className="min-w-56 flex-1">
        <figcaption className="heading">{title}</figcaption>
        <button
          type="button"
          className="press-quiet mt-1 text-fired"
          onClick={() => put(begun(form, view), `outline ${title}`)}
        >
          + Draw it {title}
        </button>
      </figure>
    );
  // A stroke or a picture is as high as the front, or as this view was; its proportions are its own.
  const highMm = high(view === 'side' ? form.front : points);
  const asHigh = (next: readonly PlanePoint[]) =>
    asOutline(
      next.map(({ xMm, yMm }) => ({ x: xMm, y: yMm })),
      highMm,
    );
  const take = async (file: File): Promise<void> => {
    try {
      if (file.size > LARGEST) throw new OutlineFileError('it has more than 12 MB');
      const isSvg = file.type === 'image/svg+xml' || file.name.toLowerCase().endsWith('.svg');
      const places = isSvg ? fromSvg(await file.text()) : await fromPicture(file);
      put(asOutline(places, highMm), `outline ${title} from ${file.name}`);
    } catch (error) {
      const isKnown = error instanceof OutlineFileError || error instanceof NoEdgeError;
      toast.error(`“${file.name}”: ${isKnown ? error.message : 'no picture that this browser can read'}`);
    }
  };
  return (
    <figure className="min-w-56 flex-1">
      <figcaption className="heading">{title}</figcaption>
      <OutlineBoard
        title={title}
        points={points}
        under={under}
        isDrawing={isDrawing}
        onPoints={(next) => put(next, `outline ${title}`)}
        onStroke={(next) => put(asHigh(next), `outline ${title}`)}
      />
      <div className="mt-1 flex flex-wrap items-baseline gap-x-3 gap-y-1 text-[14px]">
        <button
          type="button"
          className="press-quiet text-fired"
          aria-pressed={isDrawing}
          aria-label={`Draw anew ${title}`}
          onClick={() => setDrawing(!isDrawing)}
        >
          {isDrawing ? 'pull once round it …' : 'draw anew'}
        </button>
        <button
          type="button"
          className="press-quiet text-fired"
          aria-label={`Make it alike left and right ${title}`}
          onClick={() => put(mirroredPoints(points), `both halves ${title}`)}
        >
          both halves alike
        </button>
        <FilePress
          says="from a file"
          label={`Take it off a picture or an SVG ${title}`}
          accept="image/*,.svg"
          onFile={(file) => void take(file)}
        />
        {under ? (
          <button type="button" className="press-quiet" onClick={() => setUnder(null)}>
            picture away
          </button>
        ) : (
          <FilePress
            says="trace over a picture"
            label={`Trace over a picture ${title}`}
            accept="image/*"
            onFile={(file) => setUnder(URL.createObjectURL(file))}
          />
        )}
        {view !== 'front' && (
          <button
            type="button"
            className="press-quiet"
            aria-label={`Do without it ${title}`}
            onClick={() => put([], `no outline ${title}`)}
          >
            do without
          </button>
        )}
      </div>
    </figure>
  );
}

interface OutlinesProps {
  readonly form: DrawnForm;
  readonly onForm: (form: DrawnForm, label: string) => void;
}

/** A body by its own drawing: from the front, from the side, and where it helps from above. */
export function DrawnOutlines({ form, onForm }: OutlinesProps) {
  const format = useLifeFormat();
  return (
    <section aria-label="Own drawing" className="mt-3">
      <p className="text-[13px] text-quiet">
        Pull a place, press the line for one more, Delete takes it out. What no outline shows is rounded.
      </p>
      <div className="mt-1 flex flex-wrap gap-4">
        {VIEWS.map(({ view, title }) => (
          <OneView key={view} {...{ form, view, title, onForm }} />
        ))}
      </div>
      <div className="mt-2 flex flex-wrap items-end gap-4">
        <Choice
          label="Between the outlines it is"
          value={form.edge}
          options={Object.entries(DRAWN_EDGES).map(([value, says]) => ({
            value: value as DrawnForm['edge'],
            says,
          }))}
          onChoose={(edge) => onForm({ ...form, edge }, 'roundness')}
        />
        {form.side.length === 0 && (
          <LengthField
            label="Depth, without a view from the side"
            shown={format(realMm(form.depthMm))}
            unit="mm"
            onLength={(depthMm) => onForm({ ...form, depthMm }, 'depth')}
          />
        )}
      </div>
    </section>
  );
}
