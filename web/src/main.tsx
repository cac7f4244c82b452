import '@fontsource-variable/lexend';
import '@fontsource/andika/400.css';
import '@fontsource/andika/700.css';
import './styles/app.scss';
import { QueryClient, QueryClientProvider } from '@tanstack/react-query';
import { StrictMode } from 'react';
import { createRoot } from 'react-dom/client';
import { BrowserRouter } from 'react-router';
import { isAway } from './api/client';
import { App } from './app/App';

/** A break of ten minutes is waited out. */
const RETRY_AFTER = 2_000;
const MOST_TIMES = 300;

// What can't be sent now is kept and sent again; what was refused is shown.
const waits = (times: number, problem: Error) => isAway(problem) && times < MOST_TIMES;
const queries = new QueryClient({
  defaultOptions: {
    queries: { retry: waits, retryDelay: RETRY_AFTER, staleTime: 5_000, refetchOnWindowFocus: true },
    mutations: { retry: waits, retryDelay: RETRY_AFTER, networkMode: 'always' },
  },
});

const root = document.getElementById('root');
if (!root) throw new Error('the page has no root');
createRoot(root).render(
  <StrictMode>
    <QueryClientProvider client={queries}>
      {/* A page changes at the press: put off, the links would lead on from the page before. */}
      <BrowserRouter useTransitions={false}>
        <App />
      </BrowserRouter>
    </QueryClientProvider>
  </StrictMode>,
);
