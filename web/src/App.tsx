import { lazy, Suspense, useState } from 'react';
import { QueryCache, QueryClient, QueryClientProvider, queryOptions, useQuery } from '@tanstack/react-query';
import { I18nProvider, RouterProvider as AriaRouter } from 'react-aria-components';
import { BrowserRouter, Navigate, Route, Routes, useHref, useNavigate } from 'react-router';
import { ThemeProvider } from 'styled-components';
import { ApiError } from './api/client.js';
import { classQuery, kitchenQuery, needsQuery, sessionQuery, stockQuery } from './api/queries.js';
import { ErrorBoundary } from './parts/ErrorBoundary.js';
import { Failed, Loading, Sheet } from './parts/states.js';
import { ToastProvider } from './parts/toasts.js';
import {
  BenchPage,
  classAt,
  ClassLayout,
  fetchPageAt,
  KitchenPage,
  LarderPage,
  PasteRecipePage,
  RecipePage,
  RecipesPage,
  stops,
  TechniquesPage,
} from './pages.js';
import { Shell } from './shell/Shell.js';
import { GlobalStyle } from './theme/GlobalStyle.js';
import { theme } from './theme/theme.js';
import { ClassesPage } from './classes/ClassesPage.js';

/** Asked for again where a session has ended over an open page. */
const SignInAgain = lazy(() => import('./sign-in/SignInAgain.js'));
const SignInPage = lazy(() => import('./sign-in/SignInPage.js'));
/** An answer that asks for a sign-in has the session asked for again, which then says so. */
function queries(): QueryClient {
  const cache = new QueryCache({
    onError: (error, query) => {
      const isSession = query.queryKey[0] === sessionQuery.queryKey[0];
      if (error instanceof ApiError && error.status === 401 && !isSession)
        void client.invalidateQueries({ queryKey: sessionQuery.queryKey });
    },
  });
  const client = new QueryClient({
    queryCache: cache,
    defaultOptions: {
      queries: {
        retry: (count, error) => !(error instanceof ApiError && error.status < 500) && count < 2,
        refetchOnWindowFocus: true,
        networkMode: 'always',
      },
      mutations: { networkMode: 'always' },
    },
  });
  return client;
}

/** The scripts of the page that was opened. */
const openedPage = queryOptions({
  queryKey: ['opened page'],
  queryFn: () => fetchPageAt(window.location.pathname).then(() => true),
  staleTime: Infinity,
});

/**
 * What the opened page will ask for is asked for at once: its script beside the session, and what a class is
 * planned from as soon as somebody is signed in.
 */
function begun(): QueryClient {
  const client = queries();
  void client.prefetchQuery(openedPage);
  const opened = classAt(window.location.pathname);
  void client.fetchQuery(sessionQuery).then(
    () => {
      if (!opened) return;
      void client.prefetchQuery(classQuery(opened.id));
      void client.prefetchQuery(stockQuery);
      void client.prefetchQuery(needsQuery);
      void client.prefetchQuery(kitchenQuery);
    },
    // The page itself says what is wrong.
    () => undefined,
  );
  return client;
}

export function App() {
  const [client] = useState(begun);
  return (
    <ThemeProvider theme={theme}>
      <GlobalStyle />
      <I18nProvider locale="en-GB">
        <QueryClientProvider client={client}>
          <BrowserRouter>
            <LinkedRouter />
          </BrowserRouter>
        </QueryClientProvider>
      </I18nProvider>
    </ThemeProvider>
  );
}

function LinkedRouter() {
  const navigate = useNavigate();
  return (
    <AriaRouter navigate={(path) => void navigate(path)} useHref={useHref}>
      <ToastProvider>
        <ErrorBoundary>
          <SignedIn />
        </ErrorBoundary>
      </ToastProvider>
    </AriaRouter>
  );
}

function SignedIn() {
  const { data: session, error, refetch } = useQuery(sessionQuery);
  const { isPending: isComing } = useQuery(openedPage);
  const isSignedOut = error instanceof ApiError && error.status === 401;
  if (session && !isComing)
    return (
      <>
        <Places />
        {isSignedOut ? (
          <Suspense>
            <SignInAgain kitchenId={session.kitchen.id} />
          </Suspense>
        ) : null}
      </>
    );
  if (isSignedOut)
    return (
      <Suspense>
        <SignInPage />
      </Suspense>
    );
  if (error)
    return (
      <Sheet>
        <Failed isPage error={error} onRetry={() => void refetch()} />
      </Sheet>
    );
  return (
    <Sheet>
      <Loading what="your kitchen" />
    </Sheet>
  );
}

function Places() {
  return (
    <Shell>
      <Suspense
        fallback={
          <Sheet>
            <Loading what="the page" />
          </Sheet>
        }
      >
        <Routes>
          <Route path="/" element={<Navigate to="/classes" replace />} />
          <Route path="/classes" element={<ClassesPage />} />
          <Route path="/classes/:classId" element={<ClassLayout />}>
            <Route index element={<Navigate to="set-up" replace />} />
            {Object.entries(stops).map(([path, Stop]) => (
              <Route key={path} path={path} element={<Stop />} />
            ))}
          </Route>
          <Route path="/kitchen" element={<KitchenPage />} />
          <Route path="/recipes" element={<RecipesPage />} />
          <Route path="/recipes/new" element={<PasteRecipePage />} />
          <Route path="/recipes/:recipeId" element={<RecipePage />} />
          <Route path="/larder" element={<LarderPage />} />
          <Route path="/larder/:ingredientId" element={<LarderPage />} />
          <Route path="/bench" element={<BenchPage />} />
          <Route path="/techniques" element={<TechniquesPage />} />
          <Route path="/techniques/:slug" element={<TechniquesPage />} />
          <Route
            path="*"
            element={
              <Sheet>
                <Failed
                  isPage
                  error={new Error('There is no page at this address. Choose a place from the bar above.')}
                />
              </Sheet>
            }
          />
        </Routes>
      </Suspense>
    </Shell>
  );
}
