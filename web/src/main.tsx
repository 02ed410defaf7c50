import { createRoot } from 'react-dom/client';
import { Provider } from 'react-redux';
import { RouterProvider } from 'react-router';
import './app.css';
import { router } from './routes.tsx';
import { spreadLastNet } from './shell/lastNet.ts';
import { store } from './state/store.ts';
import { startKeeping } from './storage/keeper.ts';

spreadLastNet();
startKeeping();
// Fetched once the page stands; in development there is nothing to be kept.
if (import.meta.env.PROD)
  window.addEventListener('load', () => {
    import('./shell/offline.ts').then(({ keepApplication }) => keepApplication()).catch(() => undefined);
  });
const root = document.getElementById('root');
if (root)
  createRoot(root).render(
    <Provider store={store}>
      <RouterProvider router={router} />
    </Provider>,
  );
