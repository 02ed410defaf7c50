import {
  addLayer,
  coatRow,
  LAYER_COATS,
  LAYER_SAYS,
  layerOfMatter,
  layerSays,
  MATTERS,
  moveLayer,
  putLast,
  RESULT_OF,
  SETTLES_SAYS,
  type ZoneShown,
} from '@every-inch/core/finish';
import {
  COAT_HOWS,
  type CoatHow,
  type CoatId,
  type CoatLayer,
  GRAINS,
  type Grain,
  LAYER_KINDS,
  type LayerKind,
  LIMITS,
  SETTLINGS,
  typedLimits,
  type Zone,
} from '@every-inch/core/piece';
import { formatQuantity } from '@every-inch/core/reckoning';
import { ArrowDown, ArrowUp } from 'lucide-react';
import { useState } from 'react';
import { BinButton } from '../../parts/BinButton.tsx';
import { Choice } from '../../parts/Choice.tsx';
import { HowItWent } from '../../parts/HowItWent.tsx';
import { NumberField } from '../../parts/NumberField.tsx';
import { TextField } from '../../parts/TextField.tsx';
import { VerdictLine } from '../../parts/VerdictLine.tsx';
import { useFigure, usePieceContext } from '../../spine/hooks.ts';
import { editAt, useAppDispatch } from '../../state/store.ts';
import { ColourField } from './ColourField.tsx';
import { DecalFields } from './DecalFields.tsx';
import { Swatch } from './Swatch.tsx';
import { type LayersEdit, useLayersEdit } from './useZones.ts';

const HOW_SAYS: Readonly<Record<CoatHow, string>> = { brush: 'brushed', spray: 'sprayed', dab: 'dabbed' };
const HOWS = COAT_HOWS.map((value) => ({ value, says: HOW_SAYS[value] }));
const NOTHING = 'nothing';
/** Layers that nothing is laid in. */
const BARE: readonly LayerKind[] = ['texture', 'bake'];
const UNCOLOURED: readonly LayerKind[] = ['texture', 'bake', 'clean', 'wipe', 'seal', 'matt', 'gloss'];

/** Layers that have a direction: a tool is drawn, a brush is pulled, fibres lie. */
const GRAINED: readonly LayerKind[] = ['texture', 'drybrush', 'fibre'];
const ANY_WAY = 'any';
const GRAIN_SAYS: Readonly<Record<Grain, string>> = {
  down: 'downwards',
  up: 'upwards',
  back: 'from front to back',
  round: 'round it',
  out: 'out from the middle',
  cross: 'crosswise',
};
const RUNS = [
  { value: ANY_WAY, says: 'any way' } as const,
  ...GRAINS.map((value) => ({ value, says: GRAIN_SAYS[value] })),
];

const ALL_OVER = 'all';
const SETTLES = [
  { value: ALL_OVER, says: 'all over' } as const,
  ...SETTLINGS.map((value) => ({ value, says: SETTLES_SAYS[value] })),
];

interface LayerProps {
  readonly zone: ZoneShown;
  readonly layer: CoatLayer;
  readonly at: number;
  /** How many there are. */
  readonly of: number;
  readonly onLayers: LayersEdit;
}

/** How long a layer dries, and what it takes: in a few words. */
function Takes({ zone, layer }: Pick<LayerProps, 'zone' | 'layer'>) {
  const at = `${zone.id}-${layer.id}`;
  const volume = useFigure(null, `finish.volume.${at}`);
  const dries = useFigure(null, `finish.dries.${at}`);
  const hands = useFigure(null, `finish.hands.${at}`);
  const lies = useFigure(null, `finish.lies.${at}`);
  const rows = useFigure(null, `finish.rows.${at}`);
  const says = [
    rows && `${rows.quantity.value} rows from the bottom up`,
    layer.lies && lies && `${SETTLES_SAYS[layer.lies]}: ${formatQuantity(lies.quantity)}`,
    volume && `${formatQuantity(volume.quantity)}`,
    hands && `${Math.max(1, Math.round(hands.quantity.value))} min at the bench`,
    dries && dries.quantity.value >= 1 && `dries ${driesSays(dries.quantity.value)}`,
  ].filter(Boolean);
  return says.length > 0 ? <span className="text-[13px] text-quiet">{says.join(' · ')}</span> : null;
}

function driesSays(minutes: number): string {
  if (minutes < 90) return `${Math.round(minutes)} min`;
  return minutes < 48 * 60 ? `${Math.round(minutes / 60)} h` : `${Math.round(minutes / 1440)} days`;
}

/** What was found of a layer: whether it holds, and whether it is seen. */
function Found({ zone, layer, at }: Pick<LayerProps, 'zone' | 'layer' | 'at'>) {
  const seen = useFigure(null, `finish.shows.${zone.id}-${layer.id}`);
  const dries = useFigure(null, `finish.dries.${zone.id}-${layer.id}`);
  const lies = useFigure(null, `finish.lies.${zone.id}-${layer.id}`);
  const heaps = useFigure(null, `finish.heaps.${zone.id}-${layer.id}`);
  const here = zone.findings.filter((one) => one.at === at);
  const hidden = seen?.verdict && seen.verdict.level !== 'good' ? seen.verdict : null;
  return (
    <>
      {here.map((one) => (
        <div key={`${one.rule} ${one.underId}`}>
          <VerdictLine
            verdict={{
              level: one.weight === 'stop' ? 'stop' : 'doubtful',
              wording: 'state',
              says: `over ${one.under} it ${one.sees}: ${one.why} (${one.source})`,
              waysOut: [],
            }}
          />
          {!one.rule.startsWith('own:') && (
            <HowItWent of={{ rule: `${RESULT_OF}${one.rule}`, stuff: null }} />
          )}
        </div>
      ))}
      {hidden && <VerdictLine verdict={hidden} />}
      {[lies, heaps, dries].map((one) => one?.verdict && <VerdictLine key={one.key} verdict={one.verdict} />)}
    </>
  );
}

function OneLayer({ zone, layer, at, of, onLayers }: LayerProps) {
  const [isOpen, setIsOpen] = useState(false);
  const set = (change: Partial<CoatLayer>, what: string) =>
    onLayers(`${what} of ${layerSays(layer)}`, (layers) =>
      layers.map((one) => (one.id === layer.id ? { ...one, ...change } : one)),
    );
  const says = layerSays(layer);
  const look = zone.looks[at + 1];
  const isBare = BARE.includes(layer.kind);
  const coats = LAYER_COATS[layer.kind];
  const path = ['zones', zone.id, 'layers', layer.id];
  return (
    <li className="border-b border-hair py-1.5" data-layer={layer.kind}>
      <div className="flex flex-wrap items-center gap-x-3 gap-y-1">
        <span className="figure w-5 text-right text-quiet">{at + 1}</span>
        {look ? <Swatch look={look} says={`after ${says}`} /> : <span className="w-15" />}
        <button
          type="button"
          className="press-quiet min-w-32 text-left font-medium"
          aria-expanded={isOpen}
          onClick={() => setIsOpen(!isOpen)}
        >
          {says}{' '}
          {layer.of && <span className="ml-1.5 font-normal text-quiet">{coatRow(layer.of).title}</span>}
          {layer.coats > 1 && <span className="ml-1.5 font-normal text-quiet">{layer.coats} coats</span>}
        </button>
        {!UNCOLOURED.includes(layer.kind) && (
          <ColourField
            hideLabel
            label={`Colour of ${says}`}
            value={layer.colour}
            onColour={(colour) => set({ colour }, 'colour')}
          />
        )}
        <Takes zone={zone} layer={layer} />
        <span className="ml-auto flex items-center">
          <button
            type="button"
            className="press-quiet"
            aria-label={`${says} earlier`}
            disabled={at === 0}
            onClick={() => onLayers(`${says} earlier`, (layers) => moveLayer(layers, layer.id, -1))}
          >
            <ArrowUp aria-hidden className="size-4" />
          </button>
          <button
            type="button"
            className="press-quiet"
            aria-label={`${says} later`}
            disabled={at === of - 1}
            onClick={() => onLayers(`${says} later`, (layers) => moveLayer(layers, layer.id, 1))}
          >
            <ArrowDown aria-hidden className="size-4" />
          </button>
          <BinButton
            label={`leave ${says} out`}
            onPress={() =>
              onLayers(`${says} left out`, (layers) => layers.filter(({ id }) => id !== layer.id))
            }
          />
        </span>
      </div>
      {layer.note && layer.note !== says && !isOpen && (
        <p className="ml-28 text-[13px] text-quiet">{layer.note}</p>
      )}
      <div className="ml-28">
        <Found zone={zone} layer={layer} at={at} />
      </div>
      {isOpen && (
        <div className="mt-1 ml-8 flex flex-wrap items-end gap-x-4 gap-y-2 border-l-2 border-hair pl-3">
          {!isBare && (
            <>
              <Choice
                label="With"
                value={layer.of ?? NOTHING}
                options={coats.map((of) => ({
                  value: of ?? NOTHING,
                  says: of === null ? 'a tool or a dry brush' : coatRow(of).title,
                }))}
                onChoose={(of) => set({ of: of === NOTHING ? null : (of as CoatId) }, 'stuff')}
              />
              <Choice label="How" value={layer.how} options={HOWS} onChoose={(how) => set({ how }, 'way')} />
              <NumberField
                {...typedLimits(LIMITS.coatLayer.coats)}
                entry={[...path, 'coats']}
                label="Coats"
                value={layer.coats}
                className="w-12"
                onNumber={(n) => set({ coats: n }, 'coats')}
              />
              <NumberField
                {...typedLimits(LIMITS.coatLayer.thin)}
                entry={[...path, 'thin']}
                label="Thinned 1 to"
                value={layer.thin}
                className="w-12"
                onNumber={(thin) => set({ thin }, 'thinning')}
              />
              <NumberField
                {...typedLimits(LIMITS.coatLayer.filmMm)}
                entry={[...path, 'filmMm']}
                label="One coat, wet"
                value={layer.filmMm}
                placeholder="usual"
                after="mm"
                className="w-16"
                onNumber={(filmMm) => set({ filmMm }, 'thickness')}
                onEmpty={() => set({ filmMm: null }, 'thickness')}
              />
              <Choice
                label="Lies"
                value={layer.lies ?? ALL_OVER}
                options={SETTLES}
                onChoose={(lies) => set({ lies: lies === ALL_OVER ? null : lies }, 'where it lies')}
              />
              {layer.of !== null && coatRow(layer.of).fibres && (
                <NumberField
                  {...typedLimits(LIMITS.coatLayer.lengthMm)}
                  entry={[...path, 'lengthMm']}
                  label="Fibres, long"
                  value={layer.lengthMm}
                  placeholder="?"
                  after="mm"
                  className="w-16"
                  onNumber={(lengthMm) => set({ lengthMm }, 'length')}
                  onEmpty={() => set({ lengthMm: null }, 'length')}
                />
              )}
            </>
          )}
          {layer.kind === 'texture' && (
            <NumberField
              {...typedLimits(LIMITS.coatLayer.lengthMm)}
              entry={[...path, 'lengthMm']}
              label="Strokes, wide"
              value={layer.lengthMm}
              placeholder="?"
              after="mm"
              className="w-16"
              onNumber={(lengthMm) => set({ lengthMm }, 'width')}
              onEmpty={() => set({ lengthMm: null }, 'width')}
            />
          )}
          {layer.kind === 'decal' && (
            <DecalFields
              layer={layer}
              path={path}
              at={`${zone.id}-${layer.id}`}
              onDecal={(decal, what) => set({ decal }, what)}
            />
          )}
          {GRAINED.includes(layer.kind) && (
            <Choice
              label="Runs"
              value={layer.grain ?? ANY_WAY}
              options={RUNS}
              onChoose={(grain) => set({ grain: grain === ANY_WAY ? null : grain }, 'direction')}
            />
          )}
          <TextField
            label="To be minded"
            value={layer.note}
            className="w-72"
            onText={(note) => set({ note }, 'note')}
          />
        </div>
      )}
    </li>
  );
}

const KINDS = LAYER_KINDS.map((value) => ({ value, says: LAYER_SAYS[value] }));

/** The layers of one surface, from the body up, with what was found of each. */
export function Layers({ zone, record }: { readonly zone: ZoneShown; readonly record: Zone }) {
  const dispatch = useAppDispatch();
  const onLayers = useLayersEdit(zone, zone.layers);
  // What the maker has made of them is there at once; what follows from it comes behind.
  const layers = record.isOwn ? record.layers : zone.layers;
  const [kind, setKind] = useState<LayerKind>('detail');
  const [matter, setMatter] = useState('snow');
  const { scale } = usePieceContext();
  const holds = useFigure(null, `finish.holds.${zone.id}`);
  const after = zone.findings.filter(({ at }) => at >= zone.layers.length);
  return (
    <>
      {holds?.verdict && <VerdictLine verdict={holds.verdict} />}
      {layers.length === 0 ? (
        <p className="py-1 text-quiet">
          Nothing is put on it: the colour is in the clay, and it stays as it is.
        </p>
      ) : (
        <ol aria-label={`Layers of ${zone.name}`}>
          {layers.map((layer, at) => (
            <OneLayer
              key={layer.id}
              zone={zone}
              layer={layer}
              at={at}
              of={layers.length}
              onLayers={onLayers}
            />
          ))}
        </ol>
      )}
      {after.length > 1 && (
        <ul className="text-[13px] text-quiet">
          {after.map((one) => (
            <li key={`${one.rule} ${one.underId} ${one.over}`}>
              {one.over}: {one.under} {one.sees}
            </li>
          ))}
        </ul>
      )}
      <div className="mt-1 flex flex-wrap items-end gap-x-3">
        <Choice label="One more layer" value={kind} options={KINDS} onChoose={setKind} />
        <button
          type="button"
          className="press-quiet text-fired"
          onClick={() => {
            const colour = UNCOLOURED.includes(kind) ? null : (record.colour ?? '#9a9186');
            onLayers(`${LAYER_SAYS[kind]} put in`, (now) => addLayer(now, kind, colour));
          }}
        >
          + put it in
        </button>
        <Choice
          label="What settles on it"
          value={matter}
          options={MATTERS.map(({ id, says }) => ({ value: id, says }))}
          onChoose={setMatter}
        />
        <button
          type="button"
          className="press-quiet text-fired"
          onClick={() => {
            const one = MATTERS.find(({ id }) => id === matter);
            if (one)
              onLayers(`${one.says} on ${zone.name}`, (now) =>
                putLast(now, layerOfMatter(one, scale.isOpen ? null : scale.ratio), one.id),
              );
          }}
        >
          + let it settle
        </button>
        {record.isOwn && (
          <button
            type="button"
            className="press-quiet"
            onClick={() =>
              dispatch(editAt(`layers of ${zone.name} as proposed`, ['zones', zone.id, 'isOwn'], false))
            }
          >
            as they are proposed again
          </button>
        )}
      </div>
    </>
  );
}
