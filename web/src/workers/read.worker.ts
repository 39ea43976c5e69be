import {
  type KitchenFacts,
  larderOf,
  readRecipe,
  type ReadRecipeOptions,
  readKitchenCsv,
  readLarderCsv,
  readRecipeFile,
  readRosterCsv,
  readStockCsv,
  type LarderEntry,
  type MeasureSystem,
} from '@fornax/core';
import { expose } from 'comlink';
import { v7 as uuid } from 'uuid';

type Entries = readonly LarderEntry[];
/** How a text is read, and what a person said of it. */
type Said = Pick<ReadRecipeOptions, 'system' | 'answers' | 'roles'>;

/** All that reads what people paste or what files hold: of somebody else's making, and so at a distance. */
const worker = {
  recipe: (text: string, said: Said, entries: Entries) =>
    readRecipe(text, { ...said, larder: larderOf(entries) }),
  recipeFile: (text: string, system: MeasureSystem, entries: Entries) =>
    readRecipeFile(text, { system, larder: larderOf(entries) }),
  stock: (text: string, entries: Entries) => readStockCsv(text, larderOf(entries)),
  larder: (text: string, entries: Entries, currency: string) =>
    readLarderCsv(text, larderOf(entries), entries, currency),
  kitchen: (text: string, kitchen: Pick<KitchenFacts, 'tools' | 'vessels'>) => readKitchenCsv(text, kitchen),
  roster: (text: string) => readRosterCsv(text, uuid),
};

export type ReadWorker = typeof worker;

expose(worker);
