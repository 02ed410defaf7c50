import {
  picturePages,
  type SquaredPicture,
  type TemplateAsk,
  type TemplateView,
} from '@every-inch/core/bench';
import { type Drawing, PAPERS, type Paper, TilingError, toSvg } from '@every-inch/core/drawing';
import { PictureFaultError } from '@every-inch/core/picture';
import type { Reference } from '@every-inch/core/piece';
import { resolveScale } from '@every-inch/core/scale';
import { useEffect, useMemo, useState } from 'react';
import { Choice } from '../../parts/Choice.tsx';
import { NumberField } from '../../parts/NumberField.tsx';
import { PagesView } from '../../parts/PagesView.tsx';
import { savePagesPdf } from '../../parts/savePages.ts';
import { askOnce, useAsk, useRatio } from '../../spine/hooks.ts';
import { selectPart, useAppDispatch, useAppSelector, useOfPiece, useOpenPiece } from '../../state/store.ts';
import { workshopChanged } from '../../state/workshopSlice.ts';
import { save } from '../../storage/shelf.ts';
import { squarePicture } from './picture/squarePicture.ts';

const VIEWS: readonly (readonly [TemplateView, string])[] = [
  ['front', 'front'],
  ['side', 'side'],
  ['top', 'above'],
  ['panels', 'panels'],
  ['oven', 'oven floor'],
];

/** A reference squared for printing, or why it is not there. */
function useSquared(reference: Reference | undefined): {
  readonly picture: SquaredPicture | null;
  readonly fault: string | null;
} {
  const ratio = useRatio();
  const [found, setFound] = useState<{ picture: SquaredPicture | null; fault: string | null }>({
    picture: null,
    fault: null,
  });
  useEffect(() => {
    let gone = false;
    setFound({ picture: null, fault: null });
    if (!reference) return undefined;
    squarePicture(reference, ratio).then(
      (picture) =>
        !gone && setFound({ picture, fault: picture ? null : 'this picture is not in this browser' }),
      (error: unknown) => {
        if (!(error instanceof PictureFaultError)) throw error;
        if (!gone) setFound({ picture: null, fault: error.message });
      },
    );
    return () => {
      gone = true;
    };
  }, [reference, ratio]);
  return found;
}

/** Stands for the selected part among the pictures. */
const PART = 'the part';

/** Pages, or why there are none. */
function usePages(
  ask: Omit<TemplateAsk, 'paper' | 'ruleMeasuredMm'>,
  reference: Reference | undefined,
): {
  readonly pages: readonly Drawing[];
  readonly says: string | null;
  /** As the piece and the settings are when they are saved, whatever is on screen. */
  readonly toSave: () => Promise<readonly Drawing[]>;
} {
  const piece = useOpenPiece();
  const part = useAppSelector(selectPart);
  const { paper, ruleMeasuredMm } = useAppSelector((state) => state.workshop);
  const today = useAppSelector((state) => state.session.today);
  const scale = resolveScale(piece.scale);
  const { picture, fault } = useSquared(reference);
  const label = `${piece.name} · ${part?.name ?? ''} · ${scale.label} · ${today.slice(0, 10)}`;
  const whole = useMemo(() => ({ ...ask, paper, ruleMeasuredMm }), [ask, paper, ruleMeasuredMm]);
  const asked = part && !reference ? { part: part.id as string, label, asked: whole } : null;
  const ofPart = useAsk('bench.templates', asked);
  const ofPicture = useMemo(() => {
    if (!picture) return { pages: [], says: fault };
    try {
      return { pages: picturePages(picture, whole, label), says: null };
    } catch (error) {
      if (error instanceof TilingError || error instanceof RangeError)
        return { pages: [], says: error.message };
      throw error;
    }
  }, [picture, fault, whole, label]);
  return {
    ...(reference ? ofPicture : (ofPart ?? NO_PAGES)),
    toSave: async () => (asked ? (await askOnce('bench.templates', asked)).pages : ofPicture.pages),
  };
}

const NO_PAGES: { readonly pages: readonly Drawing[]; readonly says: string | null } = {
  pages: [],
  says: null,
};

interface FilesProps {
  readonly isEmpty: boolean;
  readonly toSave: () => Promise<readonly Drawing[]>;
  readonly name: string;
}

function Files({ isEmpty, toSave, name }: FilesProps) {
  const paper = useAppSelector((state) => state.workshop.paper);
  const savePdf = async () => savePagesPdf(await toSave(), paper, `${name} templates`);
  const saveSvg = async () =>
    (await toSave()).forEach((page, i) => {
      save(new File([toSvg(page)], `${name} template ${i + 1}.svg`, { type: 'image/svg+xml' }));
    });
  return (
    <span className="ml-auto flex gap-2">
      <button type="button" className="press" disabled={isEmpty} onClick={() => void savePdf()}>
        Save templates as PDF
      </button>
      <button type="button" className="press" disabled={isEmpty} onClick={() => void saveSvg()}>
        as SVG
      </button>
    </span>
  );
}

/** Templates of the selected part at exact size, to cut along or to hold against. */
export default function PrintSheet() {
  const dispatch = useAppDispatch();
  const part = useAppSelector(selectPart);
  const { paper, ruleMeasuredMm } = useAppSelector((state) => state.workshop);
  const [views, setViews] = useState<readonly TemplateView[]>(['front']);
  const [isPaired, setIsPaired] = useState(false);
  const [copies, setCopies] = useState(1);
  const offered = VIEWS.filter(([view]) => view !== 'panels' || part?.form.kind === 'panels');
  const ask = useMemo(() => ({ views, isPaired, copies }), [views, isPaired, copies]);
  const references = useOfPiece((piece) => piece.references);
  const [of, setOf] = useState(PART);
  const reference = references.find(({ id }) => id === of);
  const { pages, says, toSave } = usePages(ask, reference);
  if (!part) return <p className="text-quiet">Choose a part first.</p>;
  return (
    <section aria-label="Templates">
      <div className="flex flex-wrap items-end gap-x-5 gap-y-2">
        {references.length > 0 && (
          <Choice
            label="Of"
            className="max-w-44"
            value={reference ? of : PART}
            options={[
              { value: PART, says: part.name },
              ...references.map(({ id, caption }, i) => ({
                value: id as string,
                says: caption || `Picture ${i + 1}`,
              })),
            ]}
            onChoose={setOf}
          />
        )}
        <fieldset disabled={reference !== undefined} className={reference ? 'hidden' : ''}>
          <legend className="heading">Seen from</legend>
          <div className="flex gap-3">
            {offered.map(([view, name]) => (
              <label key={view} className="flex min-h-8 items-center gap-1">
                <input
                  type="checkbox"
                  checked={views.includes(view)}
                  onChange={(event) => {
                    const isOn = event.currentTarget.checked;
                    setViews(
                      VIEWS.map(([one]) => one).filter((one) => (one === view ? isOn : views.includes(one))),
                    );
                  }}
                />
                {name}
              </label>
            ))}
          </div>
        </fieldset>
        <label className="flex min-h-8 items-center gap-1">
          <input
            type="checkbox"
            checked={isPaired}
            onChange={(event) => setIsPaired(event.currentTarget.checked)}
          />
          mirrored pair
        </label>
        <NumberField
          label="Copies"
          value={copies}
          min={1}
          max={200}
          whole
          className="w-14"
          onNumber={setCopies}
        />
        <Choice
          label="Paper"
          value={paper}
          options={(Object.keys(PAPERS) as Paper[]).map((value) => ({ value, says: value }))}
          onChoose={(value) => dispatch(workshopChanged({ paper: value }))}
        />
        <NumberField
          label="The 100 mm rule came out as"
          value={ruleMeasuredMm}
          min={80}
          max={120}
          after="mm"
          className="w-16"
          onNumber={(value) => dispatch(workshopChanged({ ruleMeasuredMm: value }))}
        />
        <Files isEmpty={pages.length === 0} toSave={toSave} name={part.name} />
      </div>
      {says && (
        <p role="alert" className="mt-2 border border-wont p-2 text-wont">
          {says}
        </p>
      )}
      {ruleMeasuredMm !== 100 && (
        <p className="mt-2 text-[13px] text-quiet">
          Drawn {ruleMeasuredMm < 100 ? 'larger' : 'smaller'} to make up for the printer; the rule must now
          come out as 100 mm.
        </p>
      )}
      <div className="mt-3">
        <PagesView pages={pages} of="templates" />
      </div>
    </section>
  );
}
