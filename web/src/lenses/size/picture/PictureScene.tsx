import type { Reference, Spot } from '@every-inch/core/piece';
import { formatQuantity } from '@every-inch/core/reckoning';
import { realMm } from '@every-inch/core/units';
import { useState } from 'react';
import { AddReference } from '../../../parts/AddReference.tsx';
import { Choice } from '../../../parts/Choice.tsx';
import { useLifeFormat } from '../../../parts/lengths.ts';
import { usePicture } from '../../../parts/usePicture.ts';
import { useAsk, useFind, usePartFacts } from '../../../spine/hooks.ts';
import { selectPart, useAppSelector, useOfPiece } from '../../../state/store.ts';
import { Mark } from './Mark.tsx';
import { PictureBoard } from './PictureBoard.tsx';
import { PicturePanel } from './PicturePanel.tsx';
import { calibrated, handlesOf, type Overlay, overlayPath, useReferenceEdit, withMark } from './reference.ts';
import { type Handle, TOOLS, type Tool } from './tools.ts';

function Measuring({ reference, onGone }: { readonly reference: Reference; readonly onGone: () => void }) {
  const address = usePicture(reference.id);
  const put = useReferenceEdit(reference);
  const format = useLifeFormat();
  const part = useAppSelector(selectPart);
  const readOnly = useAppSelector((state) => state.document.readOnly);
  const find = useFind();
  const [tool, setTool] = useState<Tool>('look');
  const [spots, setSpots] = useState<readonly Spot[]>([]);
  const [overlay, setOverlay] = useState<Overlay>('none');
  const [foot, setFoot] = useState<Spot>(
    () =>
      reference.takings.find(({ kind }) => kind === 'height')?.spots[0] ?? {
        x: reference.widthPx / 2,
        y: reference.heightPx * 0.8,
      },
  );
  const context = usePartFacts(part?.id);
  const outline = useAsk(
    'size.outline',
    part && overlay !== 'none' ? { part: part.id, view: overlay } : null,
  );
  const { calibration } = calibrated(reference);
  const choose = (next: Tool): void => {
    setTool(next);
    setSpots([]);
  };
  const set = (spot: Spot): void => {
    if (tool === 'look') return;
    const next = [...spots, spot];
    if (next.length < TOOLS[tool].spots) {
      setSpots(next);
      return;
    }
    put(withMark(reference, tool, next), TOOLS[tool].says.toLowerCase());
    choose('look');
  };
  const laid =
    outline && calibration && context ? overlayPath(context, outline, reference, calibration, foot) : null;
  const handles: Handle[] = readOnly ? [] : handlesOf(reference, put);
  if (laid) handles.push({ key: 'foot', spot: foot, says: 'Foot of the form laid over', onMove: setFoot });
  const { known, square, takings, shownRatio } = reference;
  const size = (mm: number) => format(realMm(mm * shownRatio));
  return (
    <div className="flex size-full gap-3 max-md:h-auto max-md:flex-col">
      <div className="relative min-w-0 flex-1 max-md:h-80 max-md:flex-none">
        {address ? (
          <PictureBoard
            address={address}
            widthPx={reference.widthPx}
            heightPx={reference.heightPx}
            label={reference.caption || 'Picture to measure on'}
            isSetting={tool !== 'look'}
            onSpot={set}
            onCancel={() => choose('look')}
            handles={handles}
          >
            {(per) => (
              <>
                {laid && (
                  <path
                    d={laid}
                    fillRule="evenodd"
                    className="pointer-events-none fill-wire/20 stroke-wire"
                    strokeWidth={1.6 * per}
                  />
                )}
                {known && !square && (
                  <Mark isKnown spots={known.spots} per={per} says={size(known.lengthMm)} />
                )}
                {square && (
                  <Mark
                    isKnown
                    isClosed
                    spots={square.spots}
                    per={per}
                    says={`${size(square.widthMm)} × ${size(square.heightMm)}`}
                  />
                )}
                {takings.map((taking) => {
                  const figure = find(null, `taking.${taking.id}`) ?? find(null, `angle.${taking.id}`);
                  return (
                    <Mark
                      key={taking.id}
                      spots={taking.spots}
                      per={per}
                      says={figure ? formatQuantity(figure.quantity) : ''}
                    />
                  );
                })}
                {spots.length > 0 && <Mark isKnown spots={spots} per={per} says="" />}
                {spots.map(({ x, y }) => (
                  <circle key={`${x} ${y}`} cx={x} cy={y} r={3 * per} className="fill-fired" />
                ))}
              </>
            )}
          </PictureBoard>
        ) : (
          <p className="p-4 text-quiet">
            This picture is not in this browser. Its marks are kept; bring the file in again from an archive
            with pictures.
          </p>
        )}
        <p
          role="status"
          className="pointer-events-none absolute inset-x-0 bottom-0 bg-paper/85 px-2 py-0.5 text-[13px]"
        >
          {tool === 'look'
            ? 'Drag or use arrows to move, wheel or + − to look closer; choose at the side what to set.'
            : `${TOOLS[tool].says}: ${TOOLS[tool].asks[spots.length] ?? ''}. Escape leaves it.`}
        </p>
      </div>
      <fieldset disabled={readOnly} className="contents">
        <PicturePanel
          reference={reference}
          context={context}
          tool={tool}
          onTool={choose}
          overlay={overlay}
          onOverlay={setOverlay}
          onGone={onGone}
        />
      </fieldset>
    </div>
  );
}

/** Proportions taken off a photo, a sketch or somebody’s miniature. */
export default function PictureScene() {
  const references = useOfPiece((piece) => piece.references);
  const part = useAppSelector(selectPart);
  const [chosen, setChosen] = useState<string | null>(null);
  const reference =
    references.find(({ id }) => id === chosen) ??
    references.find((one) => one.part === part?.id) ??
    references[0];
  return (
    <div className="flex size-full flex-col">
      <div className="mb-1 flex flex-wrap items-end gap-3">
        {references.length > 0 && (
          <Choice
            hideLabel
            label="Picture"
            className="max-w-72"
            value={reference?.id ?? ''}
            options={references.map(({ id, caption }, i) => ({
              value: id as string,
              says: caption || `Picture ${i + 1}`,
            }))}
            onChoose={setChosen}
          />
        )}
        <AddReference onAdded={setChosen} />
      </div>
      {reference ? (
        <div className="min-h-0 flex-1">
          <Measuring key={reference.id} reference={reference} onGone={() => setChosen(null)} />
        </div>
      ) : (
        <p className="mt-6 text-quiet">
          Bring in a photo, a sketch or a picture of a miniature. Mark one length you know, or a rectangle
          where it was taken aslant, and measure the rest.
        </p>
      )}
    </div>
  );
}
