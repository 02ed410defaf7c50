import { type CSSProperties, type ReactNode, useCallback, useState } from 'react';
import { useParams } from 'react-router';
import { useIsBehind, useIsSettled } from '../spine/hooks.ts';
import { Breakdowns } from './Breakdowns.tsx';
import { FirstLook } from './FirstLook.tsx';
import { useLensKey } from './keys.ts';
import { Sections } from './Sections.tsx';

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

/** Room of a drawing above the fields that make it, and where it fills the middle. */
const ROOM = 'min(300px, 37vh)';
const FILLED = 'calc(100dvh - 178px - var(--strip, 0px))';

interface LayoutProps {
  readonly title: string;
  /** The thing itself, which stays in sight above the sections; a lens without one is all sections. */
  readonly drawing?: ReactNode;
  readonly middle: ReactNode;
  readonly reckoning: ReactNode;
}

/** A lens: its drawing, its sections, and the reckoning at the right. */
export function LensLayout({ title, drawing, middle, reckoning }: LayoutProps) {
  const { lens = '' } = useParams();
  const isSettled = useIsSettled(lens);
  const [fills, setFills] = useState(false);
  const toggle = useCallback(() => setFills((now) => !now), []);
  useLensKey('f', toggle);
  return (
    <div className="grid min-h-0 grid-cols-[minmax(0,1fr)_290px] max-lg:grid-cols-[minmax(0,1fr)_250px] max-md:flex max-md:flex-col">
      <main aria-label={title} className="relative flex min-h-0 min-w-0 flex-col max-md:contents">
        <h2 className="sr-only">{title}</h2>
        {drawing && (
          <div
            className="relative shrink-0 border-b border-hair px-4 pt-2 pb-1 max-md:order-1 max-md:border-0"
            style={{ '--room': fills ? FILLED : ROOM } as CSSProperties}
          >
            {drawing}
            <button
              type="button"
              className={`press-quiet absolute right-0 z-30 bg-bench pr-4 text-[12.5px] text-quiet max-md:hidden ${fills ? 'bottom-1' : 'top-full mt-0.5'}`}
              aria-pressed={fills}
              onClick={toggle}
            >
              {fills ? 'back beside its fields' : 'fill the middle'} <kbd className="figure">F</kbd>
            </button>
          </div>
        )}
        <div
          className={`relative min-h-0 flex-1 overflow-y-auto px-4 pb-4 max-md:order-3 max-md:overflow-visible ${drawing && fills ? 'hidden' : ''}`}
        >
          <Sections of={lens}>{middle}</Sections>
        </div>
      </main>
      <aside
        // biome-ignore lint/a11y/noNoninteractiveTabindex: a panel that scrolls must be reachable by keyboard
        tabIndex={0}
        aria-label="Reckoning"
        aria-busy={!isSettled}
        // On a phone the reckoning stands under the thing it is of; where there is none, under what is done here.
        className={`relative min-h-0 overflow-y-auto border-l border-hair bg-panel max-md:border-l-0 max-md:border-y ${drawing ? 'max-md:order-2' : 'max-md:order-4'}`}
      >
        <Behind />
        <FirstLook />
        <Breakdowns />
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
