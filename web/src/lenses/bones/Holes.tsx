import { HOLE_FITS, type HoleFit, holeFor, inchDrills } from '@every-inch/core/armature';
import type { PartFacts } from '@every-inch/core/context';
import { formatMiniMm, miniMm, parseLength } from '@every-inch/core/units';
import { useState } from 'react';
import { Choice } from '../../parts/Choice.tsx';
import { LengthField } from '../../parts/LengthField.tsx';
import { Section } from '../../parts/Sections.tsx';
import { TextField } from '../../parts/TextField.tsx';
import { editAt, useAppDispatch, useOfPiece } from '../../state/store.ts';

const SAYS: Readonly<Record<HoleFit, string>> = {
  glued: 'glued: a little room',
  free: 'goes free, comes out again',
  press: 'pressed into foam or soft stuff',
};

/** Most drills that are taken from one line of typing. */
const MOST = 200;

/** Drills out of a typed list; the ones that cannot be read come back as they are. */
function drillsOf(text: string): { readonly drills: number[]; readonly odd: string[] } {
  const drills: number[] = [];
  const odd: string[] = [];
  for (const word of text.split(/[,;]/).map((one) => one.trim())) {
    if (word === '') continue;
    const parsed = parseLength(word, { unit: 'mm' });
    if (parsed.ok && parsed.lengthMm >= 0.1 && parsed.lengthMm <= 50)
      drills.push(Math.round(parsed.lengthMm * 1000) / 1000);
    else odd.push(word);
  }
  return { drills: [...new Set(drills)].sort((a, b) => a - b).slice(0, MOST), odd };
}

/** The fraction of an inch that a drill is, where it is one. */
function fractionOf(mm: number): string {
  const parts = Math.round((mm / 25.4) * 64);
  if (parts === 0 || Math.abs((parts * 25.4) / 64 - mm) > 0.01) return '';
  let [top, bottom] = [parts, 64];
  while (top % 2 === 0) [top, bottom] = [top / 2, bottom / 2];
  return ` (${top}/${bottom} in)`;
}

function Drills() {
  const dispatch = useAppDispatch();
  const drills = useOfPiece((piece) => piece.drills);
  const [text, setText] = useState<string | null>(null);
  const put = (list: readonly number[]) => dispatch(editAt('drills that are owned', ['drills'], list));
  const odd = text === null ? [] : drillsOf(text).odd;
  return (
    <div className="mt-1 flex flex-wrap items-end gap-x-3">
      <div className="w-96 max-w-full">
        <TextField
          label="Drills owned, mm or inch"
          placeholder="every tenth of a millimetre; or 0.8, 1.2, 1/16 in"
          value={text ?? drills.join(', ')}
          onText={(value) => {
            setText(value);
            put(drillsOf(value).drills);
          }}
        />
      </div>
      <button
        type="button"
        className="press-quiet text-fired"
        onClick={() => {
          setText(null);
          put(inchDrills());
        }}
      >
        sixty-fourths of an inch
      </button>
      {drills.length > 0 && (
        <button
          type="button"
          className="press-quiet text-fired"
          onClick={() => {
            setText(null);
            put([]);
          }}
        >
          every tenth again
        </button>
      )}
      {odd.length > 0 && (
        <p role="alert" className="text-[13px] text-wont">
          “{odd[0]}” is no drill; what works: 1.2 or 1/16 in, from 0.1 to 50 mm
        </p>
      )}
    </div>
  );
}

/** The hole for any peg: which drill, how tight, and how much tape. */
export function Holes({ any }: { readonly any: PartFacts | undefined }) {
  const drills = useOfPiece((piece) => piece.drills);
  const [pegMm, setPegMm] = useState(0.6);
  const [fit, setFit] = useState<HoleFit>('free');
  const hole = holeFor(pegMm, fit, drills, any?.own ?? {});
  return (
    <Section id="holes" title="Holes for pegs" edits={['drills']} className="max-w-4xl">
      <Drills />
      <div className="mt-2 flex flex-wrap items-end gap-x-4 gap-y-1">
        <LengthField
          label="Wire, dowel or tube"
          className="w-20"
          shown={formatMiniMm(miniMm(pegMm))}
          unit="mm"
          onLength={(mm) => setPegMm(Math.min(50, mm))}
        />
        <Choice
          label="It is"
          value={fit}
          options={HOLE_FITS.map((value) => ({ value, says: SAYS[value] }))}
          onChoose={setFit}
        />
        <output className="pb-1">
          {hole.isMissing ? (
            <span className="text-wont">
              no drill for {formatMiniMm(miniMm(hole.wantedMm))} mm: the nearest is {hole.drillMm} mm
            </span>
          ) : (
            <>
              drill{' '}
              <span className="figure">
                {hole.drillMm} mm{fractionOf(hole.drillMm)}
              </span>
              {hole.tapeLayers > 0 &&
                `, with ${hole.tapeLayers} ${hole.tapeLayers === 1 ? 'layer' : 'layers'} of tape round it`}
            </>
          )}
        </output>
        <span className="pb-1 text-[12.5px] text-quiet">Start smaller, and try it in a scrap.</span>
      </div>
    </Section>
  );
}
