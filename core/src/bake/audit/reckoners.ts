import { bulkOfPart } from '../../bulk/index.ts';
import { partReckoner } from '../../context/index.ts';
import { routeOfPiece } from '../../route/index.ts';
import { BAKE } from '../figures.ts';
import { bakesOfRoute } from '../plan/index.ts';
import { peakOf } from '../stuffInOven.ts';
import { auditsOf, reckonAudit } from './audit.ts';

/** What was found before every bake of a part. */
export const auditOfPart = partReckoner(
  'bake.audit',
  [BAKE.audit],
  (given, context) => {
    const { id } = context.part;
    const [bulk, heat] = [given.part(bulkOfPart, id), given.find(id, 'bake.temperature')];
    if (!bulk || !heat) return null;
    const standing = given.find(id, 'bones.stands')?.verdict?.level;
    const audits = auditsOf(
      {
        context,
        bulk,
        route: given.piece(routeOfPiece),
        peakC: peakOf(heat, context.own),
        stands: standing === undefined ? null : standing !== 'stop',
      },
      given.piece(bakesOfRoute).byPart.get(id) ?? [],
    );
    return { figures: reckonAudit(context, heat, audits), audits };
  },
  ({ audits }) => audits,
);
