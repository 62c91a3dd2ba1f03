import '@fontsource/barlow/400.css';
import '@fontsource/barlow/600.css';
import '@fontsource/barlow-semi-condensed/500.css';
import '@fontsource/barlow-semi-condensed/600.css';
import './shared/ui/tokens.css';
import { QueryCache, QueryClient, QueryClientProvider } from '@tanstack/react-query';
import { setNonce } from 'get-nonce';
import { StrictMode } from 'react';
import { createRoot } from 'react-dom/client';
import { RouterProvider } from 'react-router';
import { router } from './app/router';
import { layBy } from './app/offline';
import { ProblemError } from './shared/api';

// Dialogs add a style element for scroll locking; the page's policy only lets it through with the nonce the server put here.
setNonce(document.querySelector('meta[name="csp-nonce"]')?.getAttribute('content') ?? '');

const queries: QueryClient = new QueryClient({
  queryCache: new QueryCache({
    onError: (error, query) => {
      // The session ended while the notebook was open: the door is shown, and what was typed waits behind it.
      if (error instanceof ProblemError && error.problem.status === 401 && query.queryKey[0] !== 'session')
        void queries.refetchQueries({ queryKey: ['session'] });
    },
  }),
  defaultOptions: {
    queries: {
      // A browser that thinks it is offline may be wrong; asking tells at once, waiting tells nothing.
      networkMode: 'always',
      staleTime: 10_000,
      // Storage that is away comes back: ask again. A refusal stays a refusal.
      retry: (count, error) => count < 4 && (!(error instanceof ProblemError) || error.problem.status >= 502),
      retryDelay: (count) => Math.min(1000 * 2 ** count, 8000),
    },
    mutations: { retry: false, networkMode: 'always' },
  },
});

const root = document.getElementById('root');
if (root) {
  createRoot(root).render(
    <StrictMode>
      <QueryClientProvider client={queries}>
        <RouterProvider router={router} />
      </QueryClientProvider>
    </StrictMode>,
  );
}

// After the page is there: it needs none of this to work.
window.addEventListener('load', () => {
  layBy().catch(() => {
    // A device that keeps nothing by works with a network only; the next visit tries again.
  });
});
