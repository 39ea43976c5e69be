import type { Workings } from '../amounts/index.js';
import { cacheByOwner } from '../identity/index.js';
import type { Larder } from '../larder/index.js';
import type { Recipe, RecipeComponent } from '../recipes/index.js';
import { listed } from '../words/index.js';
import { linesAsMade } from './as-made.js';
import { balanceDressing } from './balance.js';
import { baseOf, type DressedBase } from './base-of.js';
import { diluted, dilutionOf } from './dilution.js';
import { dressingMethodOf } from './method.js';
import { saltInPlaces } from './salt-places.js';
import type { Balance } from './types.js';

/** A figure that is said of a dressing, with how it came about. */
export interface ToldFigure {
  readonly id: 'balance' | 'salt' | 'thinned' | 'serves';
  readonly text: string;
  readonly workings: Workings;
}

export interface ToldPart {
  readonly figure: ToldFigure;
  readonly remedies: readonly string[];
}

interface SaltPart extends ToldPart {
  readonly isSalty: boolean;
}

interface AsWritten {
  readonly balance: Balance;
  /** What it dresses; null of a dip, and where nothing is weighed. */
  readonly base: DressedBase | null;
  /** The salt of the finished dish, and what wet food makes of the dressing; null where it is not told. */
  readonly salt: SaltPart | null;
  readonly thinned: ToldPart | null;
}

/** A dressing or dip for the recipe as written: what most edits of a class leave as it is. */
export function asWritten(recipe: Recipe, component: RecipeComponent, larder: Larder): AsWritten {
  return remembered(component, [recipe.lines, recipe.steps, recipe.components, larder], () => {
    const balance = balanceDressing(linesAsMade(recipe, component.id), larder, {
      method: dressingMethodOf(recipe, component.id),
      system: recipe.system,
    });
    const base = component.role === 'dressing' ? baseOf(recipe, larder) : null;
    const told = { recipe, larder, balance };
    return { balance, base, salt: base && saltOf(told), thinned: base && thinnedOf(told) };
  });
}

const remembered = cacheByOwner<RecipeComponent, AsWritten>();

interface Written {
  readonly recipe: Recipe;
  readonly larder: Larder;
  readonly balance: Balance;
}

/** The salt of the finished dish, by where it comes from. */
function saltOf({ recipe, larder }: Written): SaltPart | null {
  const salt = saltInPlaces(recipe, larder);
  if (!salt) return null;
  return {
    figure: {
      id: 'salt',
      text: `salt of the dish ${oneDecimal(salt.percent)} %`,
      workings: salt.workings,
    },
    remedies: salt.remedies,
    isSalty: salt.percent > salt.window[1],
  };
}

/** What wet food makes of it; null where it brings little. */
function thinnedOf({ recipe, larder, balance }: Written): ToldPart | null {
  const dilution = dilutionOf(recipe, larder);
  const isLittle = dilution.millilitres < balance.grams * leastThinned;
  if (isLittle || balance.salt < leastSalt) return null;
  const { salt, workings } = diluted(balance, dilution);
  const names = listed(
    dilution.lines.map(({ name, what }) => `${name} ${what}`),
    2,
  );
  return {
    figure: { id: 'thinned', text: `thinned to ${oneDecimal(salt * 100)} % salt by ${names}`, workings },
    remedies: [],
  };
}

/** Less liquid than this share of the dressing is not worth a word. */
const leastThinned = 0.1;
/** Of a dressing without salt it is not said how little is left of it. */
const leastSalt = 0.002;

/** "1.9", and "2" for 2.0. */
export const oneDecimal = (value: number) => String(Math.round(value * 10) / 10);
