import { STUFFS } from '@every-inch/core/handbook';
import {
  LIMITS,
  RELATION_KINDS,
  type RelationKind,
  type RouteStep,
  STEP_KINDS,
  type StepKind,
  typedLimits,
} from '@every-inch/core/piece';
import {
  addRelation,
  addStep,
  changeStep,
  legalRange,
  mergeWithNext,
  RELATION_SAYS,
  removeStep,
  STEP_TITLES,
  splitStep,
} from '@every-inch/core/route';
import { useState } from 'react';
import { Choice } from '../../parts/Choice.tsx';
import { NumberField } from '../../parts/NumberField.tsx';
import { TextField } from '../../parts/TextField.tsx';
import { useRouteEdit } from '../../parts/useRouteEdit.ts';
import { Working } from '../../parts/Working.tsx';
import { useAllFacts, useAsk, useRouteFacts, useToldOfAll } from '../../spine/hooks.ts';
import { useOpenPiece } from '../../state/store.ts';
import { StepHeed } from './StepHeed.tsx';

const KINDS = STEP_KINDS.map((value) => ({ value, says: STEP_TITLES[value] }));
/** A plain need beside the relations. */
const NEEDS = 'needs';
const RELATIONS = [
  { value: NEEDS, says: 'can only come after' } as const,
  ...RELATION_KINDS.map((value) => ({ value, says: RELATION_SAYS[value] })),
];
const NOTHING = 'nothing';
const LEAVES = [
  { value: NOTHING, says: 'nothing but clay' },
  ...STUFFS.map(({ id, title }) => ({ value: id as string, says: title })),
];
const WAYS = [
  { value: 'set' as const, says: 'only sets' },
  { value: 'full' as const, says: 'cures in full' },
  { value: 'ahead' as const, says: 'small parts, ahead' },
];

/** How the step bears on others: what is said, and one more to say. */
function Relations({ step }: { readonly step: RouteStep }) {
  const change = useRouteEdit();
  const { route } = useRouteFacts();
  const [kind, setKind] = useState<RelationKind | typeof NEEDS>(NEEDS);
  const others = route.steps
    .filter(({ id }) => id !== step.id)
    .map(({ id, title }) => ({ value: id, says: title }));
  const [other, setOther] = useState('');
  const chosen = others.some(({ value }) => value === other) ? other : (others[0]?.value ?? '');
  const titles = new Map(route.steps.map(({ id, title }) => [id, title]));
  const own = route.relations.filter(({ first, second }) => first === step.id || second === step.id);
  return (
    <div className="mt-2">
      <ul className="text-[13px]">
        {step.needs.map((id) => (
          <li key={id} className="flex items-baseline gap-2">
            <span>can only come after “{titles.get(id)}”</span>
            <button
              type="button"
              className="press-quiet text-wont"
              aria-label={`Take out: comes after ${titles.get(id)}`}
              onClick={() =>
                change(`needs of ${step.title}`, (old) =>
                  changeStep(old, step.id, { needs: step.needs.filter((need) => need !== id) }),
                )
              }
            >
              take out
            </button>
          </li>
        ))}
        {own.map((relation) => (
          <li key={relation.id} className="flex items-baseline gap-2">
            <span>
              “{titles.get(relation.first)}” {RELATION_SAYS[relation.kind]} “{titles.get(relation.second)}”
            </span>
            <button
              type="button"
              className="press-quiet text-wont"
              aria-label={`Take out: ${titles.get(relation.first)} ${RELATION_SAYS[relation.kind]} ${titles.get(relation.second)}`}
              onClick={() =>
                change('take out a relation of steps', (old) => ({
                  ...old,
                  relations: old.relations.filter(({ id }) => id !== relation.id),
                }))
              }
            >
              take out
            </button>
          </li>
        ))}
      </ul>
      {others.length > 0 && (
        <div className="flex flex-wrap items-end gap-2">
          <Choice label="This step" value={kind} options={RELATIONS} onChoose={setKind} />
          <Choice label="this one" className="max-w-64" value={chosen} options={others} onChoose={setOther} />
          <button
            type="button"
            className="press-quiet text-fired"
            onClick={() =>
              change(`what ${step.title} bears on`, (old) =>
                kind === NEEDS
                  ? changeStep(old, step.id, { needs: [...new Set([...step.needs, chosen])] })
                  : addRelation(old, kind, step.id, chosen),
              )
            }
          >
            + Say so
          </button>
        </div>
      )}
    </div>
  );
}

interface RegionsProps {
  readonly step: RouteStep;
  readonly onRegions: (regions: string[]) => void;
}

/** Regions of the one part a step is done to; none for all of it. */
function Regions({ step, onRegions }: RegionsProps) {
  const contexts = useAllFacts();
  const [part = '', ...more] = step.parts;
  // A region may be of several lengths of the form, each under its name.
  const regions = more.length === 0 ? [...new Set(contexts.get(part)?.shape.regions ?? [])] : [];
  if (regions.length < 2) return null;
  return (
    <fieldset className="mt-2">
      <legend className="heading">On {step.regions.length === 0 ? 'all of it' : 'these regions'}</legend>
      <div className="flex max-h-24 flex-wrap gap-x-4 overflow-y-auto">
        {regions.map((region) => (
          <label key={region} className="flex min-h-7 items-center gap-1 text-[13px]">
            <input
              type="checkbox"
              checked={step.regions.includes(region)}
              onChange={({ currentTarget: { checked } }) =>
                onRegions(checked ? [...step.regions, region] : step.regions.filter((one) => one !== region))
              }
            />
            {region}
          </label>
        ))}
      </div>
    </fieldset>
  );
}

/** What can be put on or in by a step: things that are not of clay, and what is let into its parts. */
function useThings(step: RouteStep) {
  const piece = useOpenPiece();
  const bulk = useToldOfAll('bulk.part');
  return [
    { value: NOTHING, says: 'nothing' },
    ...piece.parts
      .filter(({ id }) => !bulk.has(id))
      .map(({ id, name }) => ({ value: id as string, says: name })),
    ...piece.parts
      .filter(({ id }) => step.parts.includes(id))
      .flatMap(({ inserts }) => inserts.map(({ id, name }) => ({ value: id, says: name }))),
  ];
}

/** One step opened: what it is, its parts, its minutes, what it leaves on them, and what it bears on. */
export function StepEditor({ step }: { readonly step: RouteStep }) {
  const change = useRouteEdit();
  const piece = useOpenPiece();
  const { times, route } = useRouteFacts();
  const worked = useAsk('route.step-time', { step: step.id });
  const time = times.get(step.id);
  const [from, to] = legalRange(
    route,
    route.steps.findIndex(({ id }) => id === step.id),
  );
  const things = useThings(step);
  const [kind, setKind] = useState<StepKind>('other');
  const set = (label: string, values: Partial<RouteStep>) =>
    change(`${label} of ${step.title}`, (old) => changeStep(old, step.id, values));
  const type = (label: string, values: Partial<RouteStep>) =>
    change(
      `${label} of ${step.title}`,
      (old) => changeStep(old, step.id, values),
      `${label} of step ${step.id}`,
    );
  const minutes = (value: number | undefined) => (value === undefined ? '' : String(Math.round(value)));
  return (
    <div className="border-t border-hair bg-panel px-2 pt-2 pb-3">
      <div className="flex flex-wrap items-end gap-x-5 gap-y-2">
        <TextField
          label="Step"
          className="w-72 max-w-full"
          value={step.title}
          onText={(title) => title.trim() !== '' && type('name', { title, own: true })}
        />
        <Choice
          label="It is"
          value={step.kind}
          options={KINDS}
          onChoose={(value) => set('kind', { kind: value })}
        />
        {step.kind === 'dry' && (
          <NumberField
            {...typedLimits(LIMITS.routeStep.dialC)}
            label="Dial of the low pass"
            entry={['route', 'steps', step.id, 'dialC']}
            value={step.dialC}
            after="°C"
            className="w-16"
            onNumber={(dialC) => type('dial', { dialC })}
            onEmpty={() => type('dial', { dialC: null })}
          />
        )}
        {step.kind === 'bake' && (
          <Choice label="The bake" value={step.way} options={WAYS} onChoose={(way) => set('way', { way })} />
        )}
        <span className="inline-flex items-end">
          <NumberField
            {...typedLimits(LIMITS.routeStep.handsMin)}
            entry={['route', 'steps', step.id, 'handsMin']}
            label="At the bench"
            value={step.handsMin}
            placeholder={minutes(time?.handsMin)}
            after="min"
            onNumber={(handsMin) => type('minutes', { handsMin })}
            onEmpty={() => type('minutes', { handsMin: null })}
          />
          {worked && <Working figure={worked.hands} />}
        </span>
        <span className="inline-flex items-end">
          <NumberField
            {...typedLimits(LIMITS.routeStep.waitMin)}
            entry={['route', 'steps', step.id, 'waitMin']}
            label="Waiting"
            value={step.waitMin}
            placeholder={minutes(time?.waitMin)}
            after="min"
            onNumber={(waitMin) => type('waiting', { waitMin })}
            onEmpty={() => type('waiting', { waitMin: null })}
          />
          {worked && <Working figure={worked.wait} />}
        </span>
        <Choice
          label="It puts on or in"
          className="max-w-44"
          value={things.some(({ value }) => value === step.thing) ? step.thing : NOTHING}
          options={things}
          onChoose={(value) => set('thing', { thing: value === NOTHING ? '' : value, own: true })}
        />
        <Choice
          label="Glue or stuff left on the part"
          className="max-w-44"
          value={step.leaves ?? NOTHING}
          options={LEAVES}
          onChoose={(value) => set('stuff', { leaves: STUFFS.find(({ id }) => id === value)?.id ?? null })}
        />
      </div>
      <StepHeed step={step} onStep={set} />
      <fieldset className="mt-2">
        <legend className="heading">Done to {step.parts.length === 0 && '(everything)'}</legend>
        <div className="flex max-h-28 flex-wrap gap-x-4 overflow-y-auto">
          {piece.parts.map(({ id, name }) => (
            <label key={id} className="flex min-h-7 items-center gap-1 text-[13px]">
              <input
                type="checkbox"
                checked={step.parts.includes(id)}
                onChange={({ currentTarget: { checked } }) =>
                  set('parts', {
                    own: true,
                    parts: checked ? [...step.parts, id] : step.parts.filter((one) => one !== id),
                  })
                }
              />
              {name}
            </label>
          ))}
        </div>
      </fieldset>
      <Regions step={step} onRegions={(regions) => set('regions', { own: true, regions })} />
      <Relations step={step} />
      {from <= to && (
        <p className="mt-2 text-[13px] text-quiet">
          By what it needs and what needs it, it may stand at places {from + 1} to {to + 1}.
        </p>
      )}
      <div className="mt-2 flex flex-wrap items-end gap-2 border-t border-hair pt-2">
        <button
          type="button"
          className="press-quiet text-fired"
          onClick={() =>
            change(`split ${step.title}`, (old) =>
              splitStep(old, step.id, {
                handsMin: time?.handsMin ?? 0,
                waitMin: time?.waitMin ?? 0,
              }),
            )
          }
        >
          Split in two
        </button>
        <button
          type="button"
          className="press-quiet text-fired"
          onClick={() => change(`merge ${step.title} with the next`, (old) => mergeWithNext(old, step.id))}
        >
          Merge with the next
        </button>
        <Choice label="Add behind it" value={kind} options={KINDS} onChoose={setKind} />
        <button
          type="button"
          className="press-quiet text-fired"
          onClick={() =>
            change(`add a step behind ${step.title}`, (old) => addStep(old, kind, step.id).route)
          }
        >
          + Add
        </button>
        <button
          type="button"
          className="press-quiet ml-auto text-wont"
          onClick={() => change(`take out ${step.title}`, (old) => removeStep(old, step.id))}
        >
          Take it out
        </button>
      </div>
    </div>
  );
}
