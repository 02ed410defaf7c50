import { type CSSProperties, lazy, Suspense, useEffect } from 'react';
import { createBrowserRouter, Link, Outlet, useRouteError } from 'react-router';
import { Toaster } from 'sonner';
import Shelf from './shelf/Shelf.tsx';
import { ClockStrip, useStripPx } from './shell/ClockStrip.tsx';
import { MixClocks } from './shell/MixClocks.tsx';
import { useTheme } from './shell/useTheme.ts';
import { pieceStore } from './storage/keeper.ts';
import { sayUnkept } from './storage/keeping.ts';

const PiecePage = lazy(() => import('./shell/PiecePage.tsx'));
const Handbook = lazy(() => import('./handbook/Handbook.tsx'));
const InstrumentsPage = lazy(() => import('./instrumentsPage/InstrumentsPage.tsx'));
const Licences = lazy(() => import('./shell/Licences.tsx'));
const WorkshopPage = lazy(() => import('./workshop/WorkshopPage.tsx'));

function Root() {
  const theme = useTheme();
  const stripPx = useStripPx();
  // The settings, and with them the clocks, are opened whatever page it is.
  useEffect(() => void pieceStore().catch(sayUnkept), []);
  return (
    <div style={{ '--strip': `${stripPx}px` } as CSSProperties}>
      <ClockStrip />
      <MixClocks />
      <Suspense fallback={<p className="p-4 text-quiet">Opening …</p>}>
        <Outlet />
      </Suspense>
      <Toaster
        theme={theme}
        position="bottom-center"
        offset={72}
        toastOptions={{
          style: {
            borderRadius: 0,
            boxShadow: 'none',
            border: '1px solid var(--ink)',
            background: 'var(--paper)',
            color: 'var(--ink)',
            fontFamily: 'var(--font-sans)',
          },
        }}
      />
    </div>
  );
}

function NotFound() {
  return (
    <main className="p-8">
      <h1 className="font-semibold">Nothing is kept under this address</h1>
      <Link to="/" className="press mt-4 inline-block">
        To the Shelf
      </Link>
    </main>
  );
}

/** The last net: the piece is kept, so the page can be opened again. */
function Broken() {
  const error = useRouteError();
  return (
    <main className="p-8">
      <h1 className="font-semibold">Something in this page broke</h1>
      <p className="mt-2 max-w-prose">
        Your piece is kept up to the last second. Open it again; if it breaks at the same place, export it
        from the Shelf.
      </p>
      <pre className="figure mt-3 max-w-full overflow-auto bg-panel p-2">
        {error instanceof Error ? error.message : String(error)}
      </pre>
      <a href="/" className="press mt-4 inline-block">
        To the Shelf
      </a>
    </main>
  );
}

export const router = createBrowserRouter([
  {
    path: '/',
    element: <Root />,
    errorElement: <Broken />,
    children: [
      { index: true, element: <Shelf /> },
      { path: 'piece/:id/:lens?', element: <PiecePage /> },
      { path: 'handbook', element: <Handbook /> },
      { path: 'instruments', element: <InstrumentsPage /> },
      { path: 'notices', element: <Licences /> },
      { path: 'workshop', element: <WorkshopPage /> },
      { path: '*', element: <NotFound /> },
    ],
  },
]);
