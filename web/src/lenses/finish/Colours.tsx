import { colourApart, lightnessOf } from '@every-inch/core/colour';
import {
  COATS,
  coatRow,
  colourOfMix,
  ladder,
  matchesOf,
  nextBatch,
  partsOfShare,
  takesOf,
  withMix,
  withoutPot,
  withPot,
} from '@every-inch/core/finish';
import type { CoatId, PaintMix, PaintPot, PotPart } from '@every-inch/core/piece';
import { sourced } from '@every-inch/core/reckoning';
import { useMemo, useState } from 'react';
import { BinButton } from '../../parts/BinButton.tsx';
import { Choice } from '../../parts/Choice.tsx';
import { apartSays, ColourPatch } from '../../parts/ColourPatch.tsx';
import { NumberField } from '../../parts/NumberField.tsx';
import { TextField } from '../../parts/TextField.tsx';
import { usePieceContext } from '../../spine/hooks.ts';
import { edit, editAt, useAppDispatch, useOpenPiece } from '../../state/store.ts';
import { ColourField } from './ColourField.tsx';
import { SpotOfPicture } from './SpotOfPicture.tsx';

/** Mixes that are offered for a colour. */
const OFFERED = 3;
/** What is mixed of a colour where no amount is told, cm³. */
const USUAL_CM3 = 1;
const OF = COATS.filter(({ family }) =>
  ['paint', 'spirit', 'oil', 'powder', 'alcohol', 'thinned'].includes(family),
).map(({ id, title }) => ({ value: id, says: title }));

const potOf = (pots: readonly PaintPot[], id: string) => pots.find((one) => one.id === id);

/** Parts of a mix in words, with drops of each for so much of it. */
function useMixSays(): (parts: readonly PotPart[], cm3: number) => string {
  const { pots } = useOpenPiece();
  const drop = sourced('finish.drop', usePieceContext().own).value;
  return (parts, cm3) =>
    parts.length === 0
      ? 'no pots: they were put away'
      : takesOf(parts, cm3)
          .map(({ id, cm3: some }, i) => {
            const n = parts[i]?.parts ?? 0;
            const drops = Math.max(1, Math.round(some / drop));
            return `${n} ${potOf(pots, id)?.name ?? 'a pot that is gone'} (${drops} drops)`;
          })
          .join(' · ');
}

function Pots() {
  const dispatch = useAppDispatch();
  const { pots } = useOpenPiece();
  return (
    <>
      {pots.length > 0 && (
        <ul aria-label="Your paints">
          {pots.map((pot) => (
            <li key={pot.id} className="flex flex-wrap items-center gap-x-3 border-b border-hair py-1">
              <ColourField
                hideLabel
                label={`Colour of ${pot.name}`}
                value={pot.colour}
                onColour={(colour) =>
                  dispatch(editAt(`colour of ${pot.name}`, ['pots', pot.id, 'colour'], colour))
                }
              />
              <TextField
                hideLabel
                label="Name of the paint"
                value={pot.name}
                className="w-40"
                onText={(name) =>
                  dispatch(editAt('name of a paint', ['pots', pot.id, 'name'], name.trim() || pot.name))
                }
              />
              <Choice
                hideLabel
                label={`What ${pot.name} is`}
                value={pot.of}
                options={
                  OF.some(({ value }) => value === pot.of)
                    ? OF
                    : [...OF, { value: pot.of, says: coatRow(pot.of).title }]
                }
                onChoose={(of: CoatId) =>
                  dispatch(editAt(`stuff of ${pot.name}`, ['pots', pot.id, 'of'], of))
                }
              />
              <span className="ml-auto">
                <BinButton
                  label={`put ${pot.name} away`}
                  onPress={() => dispatch(edit(`${pot.name} put away`, (piece) => withoutPot(piece, pot.id)))}
                />
              </span>
            </li>
          ))}
        </ul>
      )}
      <button
        type="button"
        className="press-quiet text-fired"
        onClick={() =>
          dispatch(edit('a paint', (piece) => withPot(piece, { name: `paint ${piece.pots.length + 1}` })))
        }
      >
        + a paint you have
      </button>
    </>
  );
}

interface MatchProps {
  /** A colour to begin with: that of the surface that is looked at. */
  readonly target: string;
  readonly name: string;
}

/** A colour mixed from the paints there are. */
function Match({ target: usual, name }: MatchProps) {
  const dispatch = useAppDispatch();
  const { pots } = useOpenPiece();
  const [own, setOwn] = useState<string | null>(null);
  const [isOfPicture, setIsOfPicture] = useState(false);
  const [cm3, setCm3] = useState(USUAL_CM3);
  const target = own ?? usual;
  const matches = useMemo(() => matchesOf(target, pots, OFFERED), [target, pots]);
  const says = useMixSays();
  return (
    <>
      <div className="flex flex-wrap items-end gap-x-4 gap-y-1">
        <ColourField label="A colour to mix" value={target} onColour={setOwn} />
        <NumberField
          min={0.05}
          max={1000}
          label="How much of it"
          value={cm3}
          after="ml"
          className="w-14"
          onNumber={setCm3}
        />
        <button
          type="button"
          className="press-quiet"
          aria-expanded={isOfPicture}
          onClick={() => setIsOfPicture(!isOfPicture)}
        >
          from a spot of a picture
        </button>
      </div>
      {isOfPicture && <SpotOfPicture onColour={setOwn} />}
      {pots.length === 0 ? (
        <p className="py-1 text-quiet">Put in the paints you have: mixes are made of those.</p>
      ) : (
        <ol aria-label="Mixes that come near">
          {matches.map(({ parts, colour, apart }) => (
            <li
              key={parts.map(({ id, parts: n }) => `${n} ${id}`).join()}
              className="flex flex-wrap items-center gap-x-3 border-b border-hair py-1 text-[13px]"
            >
              <span className="flex">
                <ColourPatch colour={target} says={`wanted ${target}`} />
                <ColourPatch colour={colour} says={`mixed ${colour}`} />
              </span>
              <span className="min-w-48 flex-1">{says(parts, cm3)}</span>
              <span className="text-quiet">
                {apartSays(apart)}, ΔE00 {apart.toFixed(1)}
              </span>
              <button
                type="button"
                className="press-quiet text-fired"
                onClick={() =>
                  dispatch(
                    edit(`a card for ${name}`, (piece) =>
                      withMix(piece, { name, colour: target, parts: [...parts] }),
                    ),
                  )
                }
              >
                keep as a card
              </button>
            </li>
          ))}
        </ol>
      )}
    </>
  );
}

/** How light something came out beside what was wanted, in words. */
function cameOutSays(wanted: string, made: string): string {
  const lighter = lightnessOf(made) - lightnessOf(wanted);
  const apart = colourApart(wanted, made);
  const by =
    Math.abs(lighter) < 1
      ? 'as light as wanted'
      : `${Math.abs(lighter).toFixed(0)} of L* too ${lighter > 0 ? 'light' : 'dark'}`;
  return `${by}, ${apartSays(apart)}`;
}

function Card({ mix }: { readonly mix: PaintMix }) {
  const dispatch = useAppDispatch();
  const { pots } = useOpenPiece();
  const says = useMixSays();
  const next = useMemo(() => nextBatch(mix, pots), [mix, pots]);
  const meant = colourOfMix(pots, mix.parts);
  const title = `${mix.name}, batch ${mix.version}`;
  const path = ['paintMixes', mix.id];
  return (
    <li className="border-b border-hair py-1.5 text-[13px]">
      <div className="flex flex-wrap items-center gap-x-3 gap-y-1">
        <span className="flex">
          <ColourPatch colour={mix.colour} says={`wanted ${mix.colour}`} />
          {meant && <ColourPatch colour={meant} says={`reckoned ${meant}`} />}
          {mix.made && <ColourPatch colour={mix.made} says={`made ${mix.made}`} />}
        </span>
        <span className="font-medium">{title}</span>
        <span className="min-w-48 flex-1">{says(mix.parts, USUAL_CM3)}</span>
        <ColourField
          label="Came out as"
          value={mix.made}
          onColour={(made) => dispatch(editAt(`colour of ${title}`, [...path, 'made'], made))}
        />
        <BinButton
          label={`throw ${title} away`}
          onPress={() =>
            dispatch(
              edit(`${title} thrown away`, (piece) => ({
                ...piece,
                paintMixes: piece.paintMixes.filter(({ id }) => id !== mix.id),
              })),
            )
          }
        />
      </div>
      {mix.made && <p className="text-quiet">{cameOutSays(mix.colour, mix.made)}</p>}
      <div className="flex flex-wrap items-end gap-x-3">
        <TextField
          hideLabel
          label={`To be minded of ${title}`}
          placeholder="what to mind the next time"
          value={mix.note}
          className="w-64"
          onText={(note) => dispatch(editAt(`note of ${title}`, [...path, 'note'], note))}
        />
        {next && (
          <button
            type="button"
            className="press-quiet text-fired"
            onClick={() =>
              dispatch(
                edit(`the next batch of ${mix.name}`, (piece) =>
                  withMix(piece, { name: mix.name, colour: mix.colour, parts: [...next.parts] }),
                ),
              )
            }
          >
            the next batch: {says(next.parts, USUAL_CM3)}
          </button>
        )}
      </div>
    </li>
  );
}

/** Equal steps from one colour to another, such as toast from pale to dark. */
function Ladder() {
  const [from, setFrom] = useState('#f0dcae');
  const [to, setTo] = useState('#5c3317');
  const [steps, setSteps] = useState(5);
  const rungs = useMemo(() => ladder(from, to, steps), [from, to, steps]);
  return (
    <>
      <div className="flex flex-wrap items-end gap-x-4">
        <ColourField label="From" value={from} onColour={setFrom} />
        <ColourField label="to" value={to} onColour={setTo} />
        <NumberField
          whole
          min={2}
          max={12}
          label="in steps"
          value={steps}
          className="w-12"
          onNumber={setSteps}
        />
      </div>
      <ol aria-label="Steps from light to dark" className="mt-1 flex flex-wrap gap-2 text-[13px]">
        {rungs.map(({ colour, share, light }, i) => {
          const [a, b] = partsOfShare(share);
          return (
            // biome-ignore lint/suspicious/noArrayIndexKey: steps are known by their place
            <li key={i} className="flex flex-col items-center">
              <ColourPatch colour={colour} says={`step ${i + 1}: ${colour}`} />
              <span className="figure">
                {a} : {b}
              </span>
              <span className="figure text-quiet">L* {light.toFixed(0)}</span>
            </li>
          );
        })}
      </ol>
    </>
  );
}

/** Paints there are, colours mixed from them, cards of what was mixed, and ladders of equal steps. */
export function Colours({ target, name }: MatchProps) {
  const { paintMixes } = useOpenPiece();
  return (
    <>
      <Pots />
      <h4 className="heading mt-2">Mix a colour</h4>
      <Match key={`${name} ${target}`} target={target} name={name} />
      {paintMixes.length > 0 && (
        <>
          <h4 className="heading mt-2">Cards</h4>
          <ul aria-label="Cards of what was mixed">
            {paintMixes.map((mix) => (
              <Card key={mix.id} mix={mix} />
            ))}
          </ul>
        </>
      )}
      <h4 className="heading mt-2">From light to dark in equal steps</h4>
      <Ladder />
    </>
  );
}
