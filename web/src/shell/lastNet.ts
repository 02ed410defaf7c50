import { toast } from 'sonner';
import { sayUnkept } from '../storage/keeping.ts';

function isOfStorage(error: unknown): boolean {
  return error instanceof DOMException && ['QuotaExceededError', 'InvalidStateError'].includes(error.name);
}

/** Says what went wrong where nobody waited for it: nothing fails without a word. */
export function spreadLastNet(): void {
  window.addEventListener('unhandledrejection', ({ reason }) => {
    if (isOfStorage(reason)) sayUnkept(reason);
    const says = reason instanceof Error ? reason.message : String(reason);
    toast.error(`Something did not work: ${says}. What you typed is kept.`, { duration: 20_000 });
  });
}
