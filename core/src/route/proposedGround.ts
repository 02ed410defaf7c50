import type { GroundJob } from '../ground/index.ts';
import type { Part, RouteStep } from '../piece/index.ts';
import { type ProposeGround, step } from './proposedSteps.ts';

/** A job of the ground as a step; what it waits for is only what is to be done at all. */
function asStep(job: GroundJob, ids: ReadonlySet<string>): RouteStep {
  const kind = job.places ? 'assemble' : job.due === 'raw' ? 'detail' : 'other';
  return step(job.id, kind, job.title, {
    parts: [...job.parts],
    needs: job.needs.filter((id) => ids.has(id)),
  });
}

function steps({ groundJobs }: ProposeGround, wanted: (job: GroundJob) => boolean): RouteStep[] {
  const ids = new Set(groundJobs.map(({ id }) => id));
  return groundJobs.filter(wanted).map((job) => asStep(job, ids));
}

/** Courses that are scored in a part while its clay is raw. */
export function scoredIn(part: Part, ground: ProposeGround): RouteStep[] {
  return part.state === 'planned' || part.state === 'raw'
    ? steps(ground, ({ due, parts }) => due === 'raw' && parts.includes(part.id))
    : [];
}

/** The base and what is built up on it: for the hands while something bakes, or before. */
export function groundBuilt(ground: ProposeGround): RouteStep[] {
  return steps(ground, ({ due }) => due === 'built');
}

/** What stands is put in its place, covered round, and the water poured last. */
export function groundFinished(ground: ProposeGround): RouteStep[] {
  return steps(ground, ({ due }) => due === 'after');
}
