import { beastPose } from './creatures/index.ts';
import type { Pose } from './lofted/index.ts';
import { POSES } from './person/poses.ts';
import type { Form } from './types.ts';

/** Where the joints are in the pose a form names, degrees, before any is turned by hand. */
export function poseOf(form: Form): Pose {
  if (form.kind === 'person') return POSES[form.pose];
  return form.kind === 'beast' && form.withersMm > 0 ? beastPose(form) : {};
}
