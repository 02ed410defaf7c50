import { roomKnown } from '../state/sessionSlice.ts';
import { store } from '../state/store.ts';

/** Room is short when there is less than this, MB, or a tenth of what there was. */
const SHORT_MB = 100;
const SHORT_SHARE = 0.1;
const MB = 1024 * 1024;

/** Room that is left, MB; null while there is enough, or where the browser does not say. */
async function shortRoomMb(): Promise<number | null> {
  const { quota, usage } = (await navigator.storage?.estimate?.()) ?? {};
  if (quota === undefined || usage === undefined) return null;
  const left = Math.max(0, quota - usage);
  return left < SHORT_MB * MB || left < SHORT_SHARE * quota ? Math.round(left / MB) : null;
}

let isAsked = false;

/** Asks the browser once not to clear what is kept, and looks how much room there is. */
export async function lookAfterRoom(): Promise<void> {
  let { persisted } = store.getState().session;
  if (!isAsked && navigator.storage?.persist) {
    isAsked = true;
    persisted = (await navigator.storage.persisted()) || (await navigator.storage.persist());
  }
  store.dispatch(roomKnown({ persisted, roomLeftMb: await shortRoomMb() }));
}
