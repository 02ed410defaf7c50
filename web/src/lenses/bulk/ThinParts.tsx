import type { PartFacts } from '@every-inch/core/context';
import { formatMiniMm, miniMm } from '@every-inch/core/units';
import { Section } from '../../parts/Sections.tsx';
import { useTold } from '../../spine/hooks.ts';

const mm = (value: number) => formatMiniMm(miniMm(value));

/** Slender lengths of a part, the weakest first, with what breaks each at its tip. */
export function ThinParts({ context }: { readonly context: PartFacts }) {
  const limbs = useTold('bones.thin', context.part.id) ?? [];
  if (limbs.length === 0) return null;
  return (
    <Section id="thin" title="Thin parts" says="Thin and protruding" className="max-w-2xl">
      <table className="mt-1 w-full">
        <thead>
          <tr className="heading border-b border-ink text-right">
            <th className="py-1 text-left font-semibold">length</th>
            <th className="px-2 font-semibold">long</th>
            <th className="px-2 font-semibold">thin</th>
            <th className="px-2 font-semibold">clay breaks at</th>
            <th className="px-2 text-left font-semibold">borne by</th>
          </tr>
        </thead>
        <tbody>
          {limbs.map(({ region, lengthMm, thickMm, bearsN, wired }) => (
            <tr key={region} className="border-b border-hair">
              <th scope="row" className="py-1 text-left font-normal">
                {region}
              </th>
              <td className="figure px-2 text-right">{mm(lengthMm)} mm</td>
              <td className="figure px-2 text-right">{mm(thickMm)} mm</td>
              <td className="figure px-2 text-right">{bearsN.toFixed(bearsN < 10 ? 1 : 0)} N</td>
              <td className="px-2 text-quiet">{wired ? 'wire' : 'clay alone'}</td>
            </tr>
          ))}
        </tbody>
      </table>
    </Section>
  );
}
