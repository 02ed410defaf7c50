import {
  diagnoseJoint,
  diagnosePour,
  diagnoseSurface,
  type FinishDiagnosis,
  finishJobs,
  JOINT_TROUBLES,
  POUR_TROUBLES,
  pourCase,
  roomOf,
  SURFACE_TROUBLES,
  TROUBLE_SAYS,
  type ZoneShown,
} from '@every-inch/core/finish';
import type { Joint, Pour } from '@every-inch/core/piece';
import { useState } from 'react';
import { Choice } from '../../parts/Choice.tsx';
import { Causes, Lines } from '../../parts/Diagnosis.tsx';
import { useFigure, useFind, usePieceContext, useRouteFacts, useTold } from '../../spine/hooks.ts';
import { useOpenPiece } from '../../state/store.ts';

const HOUR_MS = 3_600_000;

function Told({ name, diagnosis }: { readonly name: string; readonly diagnosis: FinishDiagnosis }) {
  const { causes, rescue, nextTime } = diagnosis;
  return (
    <section
      aria-label={`What went wrong with ${name}`}
      className="mt-2 border-l-2 border-hair pl-3 text-[13px]"
    >
      <Causes causes={causes} />
      <Lines title="What to do with it" lines={rescue} />
      <Lines title="And next time" lines={nextTime} />
    </section>
  );
}

/** Hours since each layer of a surface was ticked on the route. */
function useSince(zones: readonly ZoneShown[], zone: string): ReadonlyMap<string, number> {
  const { steps } = useRouteFacts().route;
  return new Map(
    finishJobs(zones).flatMap(({ id, layers }) => {
      const done = steps.find((step) => step.id === id)?.done;
      if (!done) return [];
      const hours = (Date.now() - Date.parse(done)) / HOUR_MS;
      return layers.flatMap((one): [string, number][] => (one.zone === zone ? [[one.layer, hours]] : []));
    }),
  );
}

function OfSurface({ zone, zones }: { readonly zone: ZoneShown; readonly zones: readonly ZoneShown[] }) {
  const [trouble, setTrouble] = useState<(typeof SURFACE_TROUBLES)[number]>('tacky');
  const { own } = usePieceContext();
  const find = useFind();
  const sinceH = useSince(zones, zone.id);
  const unseen = zone.layers
    .map(({ id }) => id)
    .filter((id) => {
      const level = find(null, `finish.shows.${zone.id}-${id}`)?.verdict?.level;
      return level !== undefined && level !== 'good';
    });
  const diagnosis = diagnoseSurface(trouble, {
    zone,
    findings: zone.findings,
    ways: zone.ways,
    room: roomOf(own),
    own,
    sinceH,
    unseen,
  });
  return (
    <>
      <Choice
        label="The trouble"
        value={trouble}
        options={asOptions(SURFACE_TROUBLES)}
        onChoose={setTrouble}
      />
      <Told name={zone.name} diagnosis={diagnosis} />
    </>
  );
}

function OfJoint({ joint, name }: { readonly joint: Joint; readonly name: string }) {
  const [trouble, setTrouble] = useState<(typeof JOINT_TROUBLES)[number]>('let-go');
  const { own } = usePieceContext();
  const ways = useTold('finish.joints', null)?.find(({ fit }) => fit === joint.fit)?.ways ?? [];
  return (
    <>
      <Choice label="The trouble" value={trouble} options={asOptions(JOINT_TROUBLES)} onChoose={setTrouble} />
      <Told name={name} diagnosis={diagnoseJoint(trouble, { joint, ways, room: roomOf(own) })} />
    </>
  );
}

function OfPour({ pour }: { readonly pour: Pour }) {
  const [trouble, setTrouble] = useState<(typeof POUR_TROUBLES)[number]>('soft');
  const { own } = usePieceContext();
  const piece = useOpenPiece();
  const layers = useFigure(null, `pour.layers.${pour.id}`)?.quantity.value ?? 1;
  return (
    <>
      <Choice label="The trouble" value={trouble} options={asOptions(POUR_TROUBLES)} onChoose={setTrouble} />
      <Told name={pour.name} diagnosis={diagnosePour(trouble, pourCase(piece, pour, own, layers))} />
    </>
  );
}

function asOptions<T extends keyof typeof TROUBLE_SAYS>(troubles: readonly T[]) {
  return troubles.map((value) => ({ value, says: TROUBLE_SAYS[value] }));
}

interface WentWrongProps {
  readonly zones: readonly ZoneShown[];
  /** The surface that is looked at; null for none. */
  readonly picked: string | null;
}

/** What went wrong with paint, glue or a pour: causes from the record, the rescue, and the next time. */
export function WentWrong({ zones, picked }: WentWrongProps) {
  const piece = useOpenPiece();
  const joints = useTold('finish.joints', null) ?? [];
  const things = [
    ...zones.map(({ id, name }) => ({ value: `surface ${id}`, says: name })),
    ...piece.joints.flatMap(({ fit }) => {
      const shown = joints.find((one) => one.fit === fit);
      return shown ? [{ value: `joint ${fit}`, says: `the joint of ${shown.part} and ${shown.on}` }] : [];
    }),
    ...piece.pours.map(({ id, name }) => ({ value: `pour ${id}`, says: `${name}, the pour` })),
  ];
  const [chosen, setChosen] = useState<string | null>(null);
  const thing =
    things.find(({ value }) => value === chosen) ??
    things.find(({ value }) => value === `surface ${picked}`) ??
    things[0];
  if (!thing)
    return <p className="py-1 text-quiet">Nothing is painted, glued or poured yet that could go wrong.</p>;
  const [kind = '', ...rest] = thing.value.split(' ');
  const id = rest.join(' ');
  const zone = kind === 'surface' ? zones.find((one) => one.id === id) : undefined;
  const joint = kind === 'joint' ? piece.joints.find((one) => one.fit === id) : undefined;
  const pour = kind === 'pour' ? piece.pours.find((one) => one.id === id) : undefined;
  return (
    <>
      <div className="flex flex-wrap items-end gap-x-4 gap-y-2">
        <Choice label="With" value={thing.value} options={things} onChoose={setChosen} />
      </div>
      {zone && <OfSurface key={thing.value} zone={zone} zones={zones} />}
      {joint && <OfJoint key={thing.value} joint={joint} name={thing.says} />}
      {pour && <OfPour key={thing.value} pour={pour} />}
    </>
  );
}
