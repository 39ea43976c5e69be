import { type ComponentType, use } from 'react';

interface Script {
  readonly default: ComponentType;
}

/** A page whose script comes when it is first asked for. */
export interface Page {
  (): React.JSX.Element;
  /** Asks for its script, once; a script that did not come is asked for again. */
  fetch: () => Promise<Script>;
}

/**
 * A page as a component. Once its script is here it is drawn at once: React's own lazy parts first show what
 * stands in their place, and that stays for 300 ms however soon they come.
 */
function page(load: () => Promise<Script>): Page {
  let coming: Promise<Script> | null = null;
  let here: Script | null = null;
  const fetch = () => {
    coming ??= load().then(
      (script) => (here = script),
      (error: unknown) => {
        coming = null;
        throw error;
      },
    );
    return coming;
  };
  const Drawn = () => {
    const Whole = (here ?? use(fetch())).default;
    return <Whole />;
  };
  return Object.assign(Drawn, { fetch });
}

export const ClassLayout = page(() => import('./classes/ClassLayout.js'));
export const KitchenPage = page(() => import('./kitchen/KitchenPage.js'));
export const RecipesPage = page(() => import('./recipes/RecipesPage.js'));
export const RecipePage = page(() => import('./recipes/RecipePage.js'));
export const PasteRecipePage = page(() => import('./recipes/PasteRecipePage.js'));
export const LarderPage = page(() => import('./larder/LarderPage.js'));
export const BenchPage = page(() => import('./bench/BenchPage.js'));
export const TechniquesPage = page(() => import('./techniques/TechniquesPage.js'));

/** The stops of a class, and its papers, by their addresses. */
export const stops: Readonly<Record<string, Page>> = {
  'set-up': page(() => import('./set-up/SetUpPage.js')),
  portion: page(() => import('./portions/PortionPage.js')),
  shop: page(() => import('./shopping/ShopPage.js')),
  pack: page(() => import('./kit/PackPage.js')),
  time: page(() => import('./timeline/TimePage.js')),
  cards: page(() => import('./cards/CardsPage.js')),
  labels: page(() => import('./cards/LabelsPage.js')),
};

const places: Readonly<Record<string, Page>> = {
  kitchen: KitchenPage,
  recipes: RecipesPage,
  larder: LarderPage,
  bench: BenchPage,
  techniques: TechniquesPage,
};

/** The class that an address is in, with its stop; null where it is in none. */
export function classAt(path: string): { readonly id: string; readonly stop: string } | null {
  const [, place, id, stop = 'set-up'] = path.split('/');
  return place === 'classes' && id ? { id, stop } : null;
}

/** Asks for the scripts of the page at an address; resolves as they are here, or as it is known that not. */
export async function fetchPageAt(path: string): Promise<void> {
  const ofClass = classAt(path);
  const [, place = '', below] = path.split('/');
  const wanted = ofClass
    ? [ClassLayout, stops[ofClass.stop]]
    : place === 'recipes' && below
      ? [below === 'new' ? PasteRecipePage : RecipePage]
      : [places[place]];
  // A class is planned in a thread of its own, which takes as long to begin as the page.
  if (ofClass) void import('./workers/plan-worker.js').then(({ planWorker }) => planWorker()).catch(nothing);
  await Promise.all(wanted.map((each) => each?.fetch().catch(nothing)));
}

const nothing = () => undefined;
