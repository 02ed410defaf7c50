import type { Joint, JointAngles } from '@every-inch/core/form';
import type { Part } from '@every-inch/core/piece';
import { useState } from 'react';
import { Choice } from '../../parts/Choice.tsx';
import { usePartEdit } from '../../parts/usePartEdit.ts';

const AXES = [
  ['flex', 'bend'],
  ['out', 'sideways'],
  ['twist', 'twist'],
] as const;
const REST: JointAngles = { flex: 0, out: 0, twist: 0 };

/** The same joint on the other side; null for one in the middle. */
function otherSide(name: string): string | null {
  if (name.startsWith('left ')) return name.replace('left ', 'right ');
  return name.startsWith('right ') ? name.replace('right ', 'left ') : null;
}

interface JointFieldsProps {
  readonly part: Part;
  /** Turned by hand, over the pose. */
  readonly angles: Readonly<Record<string, JointAngles>>;
  /** Where the pose alone has the joints. */
  readonly posed: Readonly<Record<string, JointAngles>>;
  readonly joints: readonly Joint[];
}

/** One joint at a time, each way within its limits; what is turned by hand goes over the pose. */
export function JointFields({ part, angles, posed, joints }: JointFieldsProps) {
  const set = usePartEdit(part);
  const [name, setName] = useState(joints[0]?.name ?? '');
  const joint = joints.find((one) => one.name === name) ?? joints[0];
  if (!joint) return null;
  const now = angles[joint.name] ?? posed[joint.name] ?? REST;
  const turned = Object.keys(angles).filter((key) => joints.some((one) => one.name === key));
  const other = otherSide(joint.name);
  const put = (to: Readonly<Record<string, JointAngles>>) => set('form.angles', to, 'joints');
  return (
    <details className="mt-3">
      <summary className="heading cursor-pointer">
        Joints{turned.length > 0 ? `, ${turned.length} turned by hand` : ''}
      </summary>
      <div className="mt-1 flex flex-wrap items-end gap-x-5 gap-y-2">
        <Choice
          label="Joint"
          value={joint.name}
          options={joints.map((one) => ({
            value: one.name,
            says: angles[one.name] ? `${one.name} ·` : one.name,
          }))}
          onChoose={setName}
        />
        {AXES.map(([axis, says]) => {
          const [least, most] = joint.limits[axis];
          if (least === most) return null;
          return (
            <label key={axis} className="block">
              <span className="heading flex justify-between gap-2">
                {says} <span className="figure">{Math.round(now[axis])}°</span>
              </span>
              <input
                type="range"
                className="w-32 accent-(--fired)"
                min={least}
                max={most}
                step={1}
                value={now[axis]}
                aria-label={`${joint.name}, ${says}`}
                aria-valuetext={`${Math.round(now[axis])} degrees`}
                onChange={(event) =>
                  put({ ...angles, [joint.name]: { ...now, [axis]: Number(event.currentTarget.value) } })
                }
              />
            </label>
          );
        })}
        {other && (
          <button type="button" className="press-quiet" onClick={() => put({ ...angles, [other]: now })}>
            the other side alike
          </button>
        )}
        {turned.length > 0 && (
          <button type="button" className="press-quiet text-fired" onClick={() => put({})}>
            back to the pose
          </button>
        )}
      </div>
    </details>
  );
}
