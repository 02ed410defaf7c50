import { ballMm, claySharesOf } from '@every-inch/core/bulk';
import { colourApart, mixedColour, nearestMixes, stepsTowards } from '@every-inch/core/colour';
import type { PartFacts } from '@every-inch/core/context';
import type { Clay, MixShare } from '@every-inch/core/piece';
import { formatMiniMm, miniMm } from '@every-inch/core/units';
import { useId, useMemo, useState } from 'react';
import { Choice } from '../../parts/Choice.tsx';
import { apartSays, ColourPatch } from '../../parts/ColourPatch.tsx';
import { Section } from '../../parts/Sections.tsx';
import { useFigure } from '../../spine/hooks.ts';
import { editAt, useAppDispatch, useOfPiece } from '../../state/store.ts';

/** Steps towards another clay, each of so many parts of it more. */
const STEPS = 5;
const EACH = 0.5;
/** Mixes that are offered for a colour. */
const OFFERED = 3;

const mm = (value: number) => formatMiniMm(miniMm(value));

/** The clays of a mix as the piece has them, with their shares. */
function namedShares(context: PartFacts) {
  return claySharesOf(context).flatMap(({ clay: { id }, share, densityGCm3 }) => {
    const clay = context.piece.clays.find((one) => one.id === id);
    return clay ? [{ clay, share, densityGCm3 }] : [];
  });
}

/** What is weighed or rolled of each clay of a mix, for all of a part; how much is left open until it is reckoned. */
function Shares({ context, grams }: { readonly context: PartFacts; readonly grams: number | undefined }) {
  const shares = namedShares(context);
  const mean = shares.reduce((sum, { share, densityGCm3 }) => sum + share * densityGCm3, 0);
  return (
    <ul className="mt-1">
      {shares.map(({ clay, share, densityGCm3 }, i) => {
        const mass = grams === undefined || mean <= 0 ? undefined : (grams * share * densityGCm3) / mean;
        return (
          <li
            // biome-ignore lint/suspicious/noArrayIndexKey: the clays of a mix are known by their place
            key={i}
            className="flex flex-wrap items-center gap-x-3 border-t border-hair py-1"
          >
            <ColourPatch colour={clay.colour} says={`colour of ${clay.name}`} />
            <span className="min-w-40 flex-1">{clay.name}</span>
            <span className="figure">
              {context.part.mix[i]?.parts ?? 1} {context.part.mix[i]?.parts === 1 ? 'part' : 'parts'}
            </span>
            <span className="figure w-20 text-right">{mass?.toFixed(1) ?? '…'} g</span>
            <span className="figure w-44 text-right">
              ball of {mass === undefined ? '…' : mm(ballMm((mass / densityGCm3) * 1000))} mm
            </span>
          </li>
        );
      })}
    </ul>
  );
}

/** The mix with more and more of another clay in it. */
function Steps({ colour, clays }: { readonly colour: string; readonly clays: readonly Clay[] }) {
  const [id, setId] = useState<string>(clays[0]?.id ?? '');
  const other = clays.find((clay) => clay.id === id) ?? clays[0];
  if (!other) return null;
  return (
    <div className="mt-3 flex flex-wrap items-end gap-x-4 gap-y-2">
      <Choice
        label="Steps towards"
        value={other.id}
        options={clays.map((clay) => ({ value: clay.id as string, says: clay.name }))}
        onChoose={setId}
      />
      <ol className="flex flex-wrap gap-2" aria-label={`Steps towards ${other.name}`}>
        {stepsTowards(colour, other.colour, STEPS, EACH).map(({ parts, colour: step }) => (
          <li key={parts} className="text-center">
            <ColourPatch colour={step} says={`1 of the mix to ${parts} of ${other.name}, about ${step}`} />
            <span className="figure block text-[12px]">1 : {parts}</span>
          </li>
        ))}
      </ol>
    </div>
  );
}

/** Mixes of the piece’s clays that come near to a colour, such as that of an earlier batch. */
function Match({ context, colour }: { readonly context: PartFacts; readonly colour: string }) {
  const dispatch = useAppDispatch();
  const clays = useOfPiece((piece) => piece.clays);
  const { part } = context;
  const id = useId();
  const [target, setTarget] = useState(colour);
  const found = useMemo(
    () =>
      nearestMixes(
        target,
        clays.map((clay) => clay.colour),
        OFFERED,
      ),
    [target, clays],
  );
  const take = (parts: readonly number[]) => {
    const mix = parts.flatMap((n, i): MixShare[] => {
      const clay = clays[i];
      return clay && n > 0 ? [{ clay: clay.id, parts: n }] : [];
    });
    dispatch(editAt(`clay of ${part.name}`, ['parts', part.id, 'mix'], mix));
  };
  return (
    <div className="mt-3">
      <label htmlFor={id} className="flex items-center gap-2">
        A colour to match
        <input
          id={id}
          type="color"
          value={target}
          onChange={(event) => setTarget(event.currentTarget.value)}
        />
        <span className="text-[13px] text-quiet">
          this mix is {apartSays(colourApart(target, colour))} from it
        </span>
      </label>
      <ol aria-label="Mixes near it" className="mt-1">
        {found.map(({ parts, colour: made, apart }) => {
          const says = parts.flatMap((n, i) => (n > 0 ? `${n} ${clays[i]?.name ?? ''}` : [])).join(' + ');
          return (
            <li key={says} className="flex flex-wrap items-center gap-x-3 border-t border-hair py-1">
              <ColourPatch colour={made} says={`about ${made}`} />
              <span className="min-w-40 flex-1">{says}</span>
              <span className="text-[13px] text-quiet">
                {apartSays(apart)} <span className="figure">(ΔE {apart.toFixed(1)})</span>
              </span>
              <button type="button" className="press-quiet text-fired" onClick={() => take(parts)}>
                take this mix
              </button>
            </li>
          );
        })}
      </ol>
    </div>
  );
}

/** Colour of a part’s clay: what goes into the mix, what it will look like, steps from it and mixes to match. */
export default function Colours({ context }: { readonly context: PartFacts }) {
  const clays = useOfPiece((piece) => piece.clays);
  const { part } = context;
  const taken = useFigure(part.id, 'bulk.clay');
  const shares = namedShares(context);
  if (shares.length === 0) return null;
  const colour = mixedColour(shares.map(({ clay, share }) => ({ colour: clay.colour, parts: share })));
  const grams = taken?.quantity.value;
  return (
    <Section id="colours" title="Colours" says={`Colours of ${part.name}`} className="max-w-4xl">
      <p className="mt-1 flex flex-wrap items-center gap-x-3">
        <ColourPatch colour={colour} says={`${part.name} will be about ${colour}`} />
        <span>
          about <span className="figure">{colour}</span>
        </span>
        <span className="text-[13px] text-quiet">
          A guess by the colours of the raw clays: mix a pea of it and bake a swatch.
        </span>
      </p>
      <Shares context={context} grams={grams} />
      <Steps colour={colour} clays={clays} />
      <Match key={part.id} context={context} colour={colour} />
    </Section>
  );
}
