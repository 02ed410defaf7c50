/** Several pages may be open, each with a cursor in a field: a reading goes to the one that was last looked at. */
const KEY = 'takes readings';
const me = Math.random().toString(36).slice(2);

function claim(): void {
  try {
    localStorage.setItem(KEY, me);
  } catch {
    // Without storage there is no telling pages apart: each takes what comes.
  }
}

/** Claims readings for this page whenever it is looked at; returns how to stop. */
export function claimReadings(): () => void {
  if (document.hasFocus()) claim();
  window.addEventListener('focus', claim);
  window.addEventListener('focusin', claim);
  return () => {
    window.removeEventListener('focus', claim);
    window.removeEventListener('focusin', claim);
  };
}

/** Whether readings are this page’s. */
export function takesReadings(): boolean {
  try {
    return (localStorage.getItem(KEY) ?? me) === me;
  } catch {
    return true;
  }
}
