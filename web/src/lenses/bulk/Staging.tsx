import { otherSide, type RegionMap, regionGroups, regionsUnder, regionsWith } from '@every-inch/core/bulk';
import type { PartFacts } from '@every-inch/core/context';
import { type ClayLayer, DEFAULT_LAYER, LIMITS, newId, typedLimits } from '@every-inch/core/piece';
import { useState } from 'react';
import { NumberField } from '../../parts/NumberField.tsx';
import { Section } from '../../parts/Sections.tsx';
import { TextField } from '../../parts/TextField.tsx';
import { useAsk } from '../../spine/hooks.ts';
import { editAt, useAppDispatch } from '../../state/store.ts';
import { Mix } from './Mix.tsx';

/** What the pointer puts on: clay for a bake, or a layer over what is baked. */
type Brush = { readonly pass: number } | { readonly layer: string };

/** Bakes that are offered as brushes before any is used. */
const FIRST_BAKES = 2;
/** Shades of the clay from the first bake to the last: what goes on first has been baked most. */
const SHADES = [100, 52, 16, 0];
const shadeOf = (pass: number) =>
  `color-mix(in srgb, var(--cured) ${SHADES[Math.min(pass, SHADES.length) - 1]}%, var(--raw))`;

interface StagedProps {
  readonly context: PartFacts;
  readonly names: readonly string[];
}

function useStaging({ context: { part }, names }: StagedProps) {
  const dispatch = useAppDispatch();
  const setLayers = (layers: readonly ClayLayer[], label: string) =>
    dispatch(editAt(label, ['parts', part.id, 'layers'], layers));
  return {
    setLayers,
    change: (id: string, to: Partial<ClayLayer>, label: string) =>
      setLayers(
        part.layers.map((one) => (one.id === id ? { ...one, ...to } : one)),
        label,
      ),
    paint: (brush: Brush, regions: readonly string[]) => {
      if ('pass' in brush) {
        const value = regionsWith(part.regions, regions, { pass: brush.pass });
        dispatch(editAt(`bake that ${part.name} goes on for`, ['parts', part.id, 'regions'], value));
        return;
      }
      const layer = part.layers.find(({ id }) => id === brush.layer);
      if (!layer) return;
      // Over all of it, a press begins with what is pressed; else it puts on or takes off.
      const now = layer.regions.length === 0 ? [] : regionsUnder(layer, names);
      const isOn = regions.every((name) => now.includes(name));
      const next = isOn ? now.filter((name) => !regions.includes(name)) : [...now, ...regions];
      setLayers(
        part.layers.map((one) => (one === layer ? { ...one, regions: [...new Set(next)] } : one)),
        `where ${layer.name} goes`,
      );
    },
  };
}

interface MapProps {
  readonly map: RegionMap;
  readonly label: string;
  readonly fillOf: (region: string) => string;
  readonly saysOf: (region: string) => string;
  readonly onPress: (region: string) => void;
}

/** One view of the part, each region to be pressed; dragged over, what the pointer comes to is put on too. */
function Painted({ map, label, fillOf, saysOf, onPress }: MapProps) {
  const { across, up, regions } = map;
  return (
    <svg
      viewBox={`0 0 ${across} ${up}`}
      role="img"
      aria-label={label}
      className="max-h-72 min-w-0 flex-1 touch-none"
      style={{ aspectRatio: `${across} / ${up}` }}
    >
      {regions.map(({ region, runs }) => (
        <path
          key={region}
          data-region={region}
          d={runs.map(([x, y, n]) => `M${x} ${y}h${n}v1.02h${-n}z`).join('')}
          fill={fillOf(region)}
          className="cursor-pointer hover:opacity-75"
          // The groups and the fields of each region do the same by keyboard.
          onPointerDown={(event) => {
            event.currentTarget.releasePointerCapture(event.pointerId);
            onPress(region);
          }}
          onPointerEnter={(event) => event.buttons === 1 && onPress(region)}
        >
          <title>
            {region}: {saysOf(region)}
          </title>
        </path>
      ))}
      {regions.map(({ region, at: [x, y] }) => (
        <text
          key={region}
          x={x}
          y={y + 1.6}
          textAnchor="middle"
          fontSize="5"
          fontFamily="var(--font-mono)"
          fill="var(--ink)"
          className="pointer-events-none"
        >
          {saysOf(region)}
        </text>
      ))}
    </svg>
  );
}

interface LayerRowProps {
  /** Id of the part it goes over. */
  readonly part: string;
  readonly layer: ClayLayer;
  readonly isBrush: boolean;
  readonly onBrush: () => void;
  readonly onChange: (change: Partial<ClayLayer>, label: string) => void;
  readonly onRemove: () => void;
}

/** A layer over what is baked: how thick, of what clay, for which bake, and where. */
function LayerRow({ part, layer, isBrush, onBrush, onChange, onRemove }: LayerRowProps) {
  const { name, thicknessMm, mix, pass, regions } = layer;
  return (
    <li className="flex flex-wrap items-end gap-x-3 gap-y-1 border-t border-hair py-1.5">
      <TextField
        label="Layer"
        className="w-32"
        value={name}
        onText={(text) => text.trim() !== '' && onChange({ name: text.slice(0, 200) }, 'name of the layer')}
      />
      <NumberField
        {...typedLimits(LIMITS.clayLayer.thicknessMm)}
        label={`${name}, thick`}
        entry={['parts', part, 'layers', layer.id, 'thicknessMm']}
        value={thicknessMm}
        after="mm"
        className="w-14"
        onNumber={(value) => onChange({ thicknessMm: value }, `thickness of ${name}`)}
      />
      <NumberField
        {...typedLimits(LIMITS.clayLayer.pass)}
        label={`${name}, goes on for bake`}
        value={pass}
        className="w-12"
        onNumber={(value) => onChange({ pass: value }, `bake ${name} goes on for`)}
      />
      <Mix
        label={`${name}, of`}
        mix={mix}
        without="the part’s clay"
        onMix={(to) => onChange({ mix: to }, `clay of ${name}`)}
      />
      <button
        type="button"
        aria-pressed={isBrush}
        className={`press ${isBrush ? 'font-semibold' : ''}`}
        onClick={onBrush}
      >
        {regions.length === 0 ? 'over all of it' : `over ${regions.join(', ')}`}
      </button>
      <button type="button" className="press-quiet text-wont" onClick={onRemove}>
        Remove
      </button>
    </li>
  );
}

/** What goes on for which bake, painted on the part, and the clays that go over what is baked. */
export function Staging({ context }: { readonly context: PartFacts }) {
  return (
    <Section
      id="staging"
      title="Which bake it goes on for"
      says={`Which bake each of ${context.part.name} goes on for`}
      edits={['parts.*.layers']}
    >
      <Stages context={context} />
    </Section>
  );
}

function Stages({ context }: { readonly context: PartFacts }) {
  const { part } = context;
  const maps = useAsk('bulk.region-map', { part: part.id });
  const names = [...new Set(maps?.flatMap(({ regions }) => regions.map(({ region }) => region)) ?? [])];
  const { paint, change, setLayers } = useStaging({ context, names });
  const [brush, setBrush] = useState<Brush>({ pass: 2 });
  const [isBoth, setBoth] = useState(true);
  const passOf = (name: string) => part.regions.find(({ region }) => region === name)?.pass ?? 1;
  const last = Math.max(
    FIRST_BAKES,
    ...part.regions.map(({ pass }) => pass),
    ...part.layers.map((l) => l.pass),
  );
  const layer = 'layer' in brush ? part.layers.find(({ id }) => id === brush.layer) : undefined;
  const isUnder = (name: string) => layer !== undefined && regionsUnder(layer, [name]).length > 0;
  const put = (regions: readonly string[]) => {
    const both = isBoth
      ? regions.flatMap((name) => [name, ...names.filter((one) => one === otherSide(name))])
      : regions;
    paint(brush, [...new Set(both)]);
  };
  return (
    <>
      {names.length > 1 && (
        <>
          <fieldset className="mt-1 flex flex-wrap items-center gap-1">
            <legend className="sr-only">What a press puts on</legend>
            {Array.from({ length: last + 1 }, (_, i) => i + 1).map((pass) => {
              const isHere = 'pass' in brush && brush.pass === pass;
              return (
                <button
                  key={pass}
                  type="button"
                  aria-pressed={isHere}
                  className={`press ${isHere ? 'font-semibold outline-2 outline-fired' : ''}`}
                  onClick={() => setBrush({ pass })}
                >
                  <span
                    aria-hidden
                    className="mr-1 inline-block size-3 border border-ink"
                    style={{ background: shadeOf(pass) }}
                  />
                  bake {pass}
                </button>
              );
            })}
            <label className="ml-2 inline-flex items-center gap-1.5 text-[14px]">
              <input type="checkbox" checked={isBoth} onChange={() => setBoth(!isBoth)} />
              both sides alike
            </label>
          </fieldset>
          <p className="mt-1 text-[13px] text-quiet">
            {layer
              ? `Press where ${layer.name} goes over it.`
              : `Press what goes on for ${'pass' in brush ? `bake ${brush.pass}` : 'it'}, or a group of it.`}
          </p>
          <div className="mt-1 flex items-end gap-4">
            {maps?.map((map, i) => (
              <Painted
                key={map.view}
                map={map}
                label={`${part.name} by bake${i === 0 ? '' : ', turned by a quarter'}`}
                fillOf={(name) =>
                  isUnder(name) ? 'color-mix(in srgb, var(--fired) 45%, var(--paper))' : shadeOf(passOf(name))
                }
                saysOf={(name) => String(passOf(name))}
                onPress={(name) => put([name])}
              />
            ))}
          </div>
          <fieldset className="mt-1 flex flex-wrap items-center gap-1 text-[14px]">
            <legend className="sr-only">Groups of regions</legend>
            {regionGroups(names).map(({ name, regions }) => (
              <button key={name} type="button" className="press" onClick={() => put(regions)}>
                {name}
              </button>
            ))}
          </fieldset>
        </>
      )}
      {part.layers.length > 0 && (
        <ul aria-label="Clays over what is baked" className="mt-2">
          {part.layers.map((one) => (
            <LayerRow
              part={part.id}
              key={one.id}
              layer={one}
              isBrush={layer === one}
              onBrush={() => setBrush(layer === one ? { pass: 1 } : { layer: one.id })}
              onChange={(to, label) => change(one.id, to, label)}
              onRemove={() =>
                setLayers(
                  part.layers.filter(({ id }) => id !== one.id),
                  `${one.name} of ${part.name}`,
                )
              }
            />
          ))}
        </ul>
      )}
      <button
        type="button"
        className="press-quiet mt-1 text-fired"
        onClick={() => {
          const pass =
            Math.max(1, ...part.regions.map((one) => one.pass), ...part.layers.map((l) => l.pass)) + 1;
          const id = newId('layer');
          setLayers([...part.layers, { ...DEFAULT_LAYER, id, pass }], `second clay over ${part.name}`);
          setBrush({ layer: id });
        }}
      >
        + another clay over the baked first
      </button>
    </>
  );
}
