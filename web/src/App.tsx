import { lazy, Suspense, useState } from 'react';
import { QueryCache, QueryClient, QueryClientProvider, useQuery } from '@tanstack/react-query';
import { I18nProvider, RouterProvider as AriaRouter } from 'react-aria-components';
import { BrowserRouter, Navigate, Route, Routes, useHref, useNavigate } from 'react-router';
import { ThemeProvider } from 'styled-components';
import { ApiError } from './api/client.js';
import { sessionQuery } from './api/queries.js';
import { ErrorBoundary } from './parts/ErrorBoundary.js';
import { Failed, Loading, Sheet } from './parts/states.js';
import { ToastProvider } from './parts/toasts.js';
import { Shell } from './shell/Shell.js';
import { GlobalStyle } from './theme/GlobalStyle.js';
import { theme } from './theme/theme.js';
import { ClassesPage } from './classes/ClassesPage.js';

/** Asked for again where a session has ended over an open page. */
const SignInAgain = lazy(() => import('./sign-in/SignInAgain.js'));
const SignInPage = lazy(() => import('./sign-in/SignInPage.js'));
const stops = {
  'set-up': () => import('./set-up/SetUpPage.js'),
  portion: () => import('./portions/PortionPage.js'),
  shop: () => import('./shopping/ShopPage.js'),
  pack: () => import('./kit/PackPage.js'),
  time: () => import('./timeline/TimePage.js'),
  cards: () => import('./cards/CardsPage.js'),
  labels: () => import('./cards/LabelsPage.js'),
};
/** A class is planned before its stop is drawn: the script of the stop comes meanwhile. */
const ClassLayout = lazy(() => {
  const stop = window.location.pathname.split('/')[3] ?? 'set-up';
  if (stop in stops) void stops[stop as keyof typeof stops]().catch(() => undefined);
  return import('./classes/ClassLayout.js');
});
const SetUpPage = lazy(stops['set-up']);
const PortionPage = lazy(stops.portion);
const ShopPage = lazy(stops.shop);
const PackPage = lazy(stops.pack);
const TimePage = lazy(stops.time);
const CardsPage = lazy(stops.cards);
const LabelsPage = lazy(stops.labels);
const KitchenPage = lazy(() => import('./kitchen/KitchenPage.js'));
const RecipesPage = lazy(() => import('./recipes/RecipesPage.js'));
const RecipePage = lazy(() => import('./recipes/RecipePage.js'));
const PasteRecipePage = lazy(() => import('./recipes/PasteRecipePage.js'));
const LarderPage = lazy(() => import('./larder/LarderPage.js'));
const BenchPage = lazy(() => import('./bench/BenchPage.js'));
const TechniquesPage = lazy(() => import('./techniques/TechniquesPage.js'));

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

export function App() {
  const [client] = useState(queries);
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
  const isSignedOut = error instanceof ApiError && error.status === 401;
  if (session)
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
            <Route path="set-up" element={<SetUpPage />} />
            <Route path="portion" element={<PortionPage />} />
            <Route path="shop" element={<ShopPage />} />
            <Route path="pack" element={<PackPage />} />
            <Route path="time" element={<TimePage />} />
            <Route path="cards" element={<CardsPage />} />
            <Route path="labels" element={<LabelsPage />} />
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
