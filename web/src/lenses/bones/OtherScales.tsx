import type { PartFacts } from '@every-inch/core/context';
import type { Scale } from '@every-inch/core/scale';
import { formatMiniMm, miniMm } from '@every-inch/core/units';
import { useAsk } from '../../spine/hooks.ts';
import { editAt, useAppDispatch } from '../../state/store.ts';

const ratio = (n: number): Scale => ({ kind: 'ratio', ratio: n });
const figure = (heightMm: number): Scale => ({
  kind: 'figure',
  heightMm,
  datum: 'eyes',
  statureMm: 1750,
  heroic: false,
});
/** Scales an armature is looked at in: dolls, film, dollhouse, half of that, and two tables. */
const SCALES: readonly Scale[] = [ratio(6), ratio(10), ratio(12), ratio(24), figure(32), figure(28)];

const mm = (value: number) => formatMiniMm(miniMm(value));

function sayScale(scale: Scale): string {
  return scale.kind === 'ratio' ? `1:${scale.ratio}` : `${scale.heightMm} mm to the eyes`;
}

/** The same armature at the scales in use, each with the wire advised there. */
export function OtherScales({ context }: { readonly context: PartFacts }) {
  const dispatch = useAppDispatch();
  const found = useAsk('bones.at-scales', { part: context.part.id, scales: SCALES }) ?? [];
  return (
    <div className="relative overflow-x-auto">
      <table className="mt-2 w-full max-w-4xl [&_td]:pl-3 [&_th:not(:first-child)]:pl-3">
        <thead>
          <tr className="heading border-b border-ink text-right">
            <th className="text-left font-semibold">at</th>
            <th className="text-left font-semibold">wire</th>
            <th className="font-semibold">high, mm</th>
            <th className="font-semibold">drill, mm</th>
            <th className="font-semibold">wire for all, m</th>
            <th className="text-left font-semibold">passes</th>
            <th />
          </tr>
        </thead>
        <tbody>
          {found.map(({ scale, wireSays, heightMm, drillMm, wireMm, fails }) => {
            return (
              <tr key={sayScale(scale)} className="border-b border-hair text-right">
                <th scope="row" className="py-1 text-left font-normal">
                  {sayScale(scale)}
                </th>
                <td className="text-left">{wireSays}</td>
                <td className="figure">{mm(heightMm)}</td>
                <td className="figure">{mm(drillMm)}</td>
                <td className="figure">{(wireMm / 1000).toFixed(2)}</td>
                <td className="text-left text-[13px]">{fails ?? 'every check'}</td>
                <td>
                  <button
                    type="button"
                    className="press-quiet text-fired"
                    onClick={() => dispatch(editAt('scale of the piece', ['scale'], scale))}
                  >
                    take this scale
                  </button>
                </td>
              </tr>
            );
          })}
        </tbody>
      </table>
    </div>
  );
}
