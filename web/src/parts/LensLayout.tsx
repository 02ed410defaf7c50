import type { ReactNode } from 'react';
import { useParams } from 'react-router';
import { useIsBehind } from '../spine/hooks.ts';

/** Says that what is shown is still of the state before the last change. */
function Behind() {
  const { lens = '' } = useParams();
  const isBehind = useIsBehind(lens);
  return (
    isBehind && (
      <p
        role="status"
        className="sticky top-0 z-20 border-b border-hair bg-panel px-3.5 py-1 text-[12.5px] text-tight"
      >
        reckoning …
      </p>
    )
  );
}

/** A lens: the middle, and the reckoning at the right. */
export function LensLayout({
  title,
  middle,
  reckoning,
}: {
  readonly title: string;
  readonly middle: ReactNode;
  readonly reckoning: ReactNode;
}) {
  return (
    <div className="grid min-h-0 grid-cols-[minmax(0,1fr)_290px] max-lg:grid-cols-[minmax(0,1fr)_250px] max-md:grid-cols-1">
      <main aria-label={title} className="relative min-h-0 min-w-0 overflow-y-auto px-4 py-3">
        <h2 className="sr-only">{title}</h2>
        {middle}
      </main>
      <aside
        // biome-ignore lint/a11y/noNoninteractiveTabindex: a panel that scrolls must be reachable by keyboard
        tabIndex={0}
        aria-label="Reckoning"
        className="relative min-h-0 overflow-y-auto border-l border-hair bg-panel max-md:border-l-0 max-md:border-t"
      >
        <Behind />
        {reckoning}
      </aside>
    </div>
  );
}

/** A titled stretch of the reckoning panel. */
export function Stretch({ title, children }: { readonly title: string; readonly children: ReactNode }) {
  return (
    <section className="border-b border-hair px-3.5 py-2.5">
      <h3 className="heading mb-1 break-words">{title}</h3>
      {children}
    </section>
  );
}
