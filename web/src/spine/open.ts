import { toast } from 'sonner';
import { store } from '../state/store.ts';
import { deskInWorker, SpineClient } from './client.ts';

/** The one spine of this tab. */
export const spine = new SpineClient(deskInWorker, (says) => toast(says, { duration: 12_000 }));

/** What it has told. */
export const { figures } = spine;

/**
 * Keeps the spine in step with the document from now on.
 *
 * @returns stops following
 */
export function followDocument(): () => void {
  const follow = (): void => {
    const { document: doc, workshop, session } = store.getState();
    spine.follow({ piece: doc.piece, workshopOwn: workshop.own, now: session.today });
  };
  follow();
  return store.subscribe(follow);
}
