import type { Given } from '../../context/index.ts';
import { findingSays, jobsOfFinish, zonesOfPiece } from '../../finish/index.ts';
import type { RouteStep } from '../../piece/index.ts';
import type { Finding } from './finding.ts';

/** Layers of a step that may not hold, as they were judged on their surfaces, with the ways out. */
export function heedLayers(given: Given, step: RouteStep): Finding[] {
  const job = given.piece(jobsOfFinish).jobs.find(({ id }) => id === step.id);
  if (!job) return [];
  const { zones } = given.piece(zonesOfPiece);
  return job.layers.flatMap(({ zone, layer }) => {
    const own = zones.find(({ id }) => id === zone);
    const at = own?.layers.findIndex(({ id }) => id === layer) ?? -1;
    return (own?.findings ?? [])
      .filter((finding) => finding.at === at)
      .map(
        (finding): Finding => ({
          level: finding.weight === 'stop' ? 'stop' : 'doubtful',
          says: `${own?.name}: ${findingSays(finding)}`,
          waysOut: (own?.ways ?? []).map(({ says }) => ({ says })),
        }),
      );
  });
}
