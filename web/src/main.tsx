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
const root = document.getElementById('root');
if (root)
  createRoot(root).render(
    <Provider store={store}>
      <RouterProvider router={router} />
    </Provider>,
  );
