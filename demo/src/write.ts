import {
  lineOf,
  parseIngredientLine,
  type ComponentRole,
  type DishKind,
  type MeasureSystem,
  type Portion,
  type Rational,
  type Recipe,
  type RecipeStep,
  type StepPlace,
  withMeasuredAcid,
} from '@fornax/core';

/** A recipe as a person writes it: lines as text, steps with only what they need. */
export interface WrittenRecipe {
  readonly key: string;
  readonly title: string;
  readonly kind: DishKind;
  readonly serves: number;
  readonly portion: Portion;
  readonly system?: MeasureSystem;
  readonly leastBatch?: Rational;
  readonly story: string;
  /** Notes to self, never printed on a card. */
  readonly notes?: string;
  /** `made` names another recipe of the demo by its key, and how many batches of it. */
  readonly components: readonly {
    readonly name: string;
    readonly role: ComponentRole;
    readonly lines: readonly string[];
    readonly made?: { readonly by: string; readonly batches: Rational };
  }[];
  readonly choices?: Recipe['choices'];
  readonly steps: readonly WrittenStep[];
}

interface WrittenStep {
  readonly text: string;
  /** Number of the component, from 1. */
  readonly of: number;
  readonly hands: number;
  readonly wait?: readonly [number, number];
  readonly until?: string;
  readonly place: StepPlace;
  readonly on?: readonly [NonNullable<RecipeStep['occupies']>['appliance'], string];
  readonly tools?: readonly string[];
  /** Numbers of the lines used, counted through all components from 1. */
  readonly uses?: readonly number[];
  /** Numbers of the steps before; the one above where absent. */
  readonly after?: readonly number[];
  readonly holds?: number;
  readonly techniques?: readonly string[];
  readonly note?: string;
  /** The way of a choice that the step belongs to. */
  readonly when?: RecipeStep['when'];
  readonly show?: number;
}

/** Reads the written lines the way pasted ones are read. */
export function writeRecipe(written: WrittenRecipe): Recipe {
  const system = written.system ?? 'metric';
  const components = written.components.map(({ name, role, made }, index) => ({
    id: `c${index + 1}`,
    name,
    role,
    ...(made ? { recipe: { recipeId: made.by, batches: made.batches } } : {}),
  }));
  const texts = written.components.flatMap(({ lines }, index) =>
    lines.map((text) => ({ text, component: `c${index + 1}` })),
  );
  return {
    title: written.title,
    kind: written.kind,
    serves: written.serves,
    portion: written.portion,
    system,
    leastBatch: written.leastBatch ?? '1/4',
    story: written.story,
    source: 'House recipe',
    credit: '',
    permission: 'Written for this kitchen',
    notes: written.notes ?? '',
    choices: written.choices ?? [],
    components,
    lines: withMeasuredAcid(
      texts.map(({ text, component }, index) =>
        lineOf(parseIngredientLine(text, { system }), index, component),
      ),
    ),
    steps: written.steps.map(writeStep),
  };
}

function writeStep(step: WrittenStep, index: number): RecipeStep {
  return {
    id: `s${index + 1}`,
    componentId: `c${step.of}`,
    text: step.text,
    handsOnMinutes: step.hands,
    waitMinutes: step.wait ? { low: step.wait[0], high: step.wait[1] } : null,
    until: step.until ?? '',
    place: step.place,
    occupies: step.on ? { appliance: step.on[0], setting: step.on[1] } : null,
    tools: step.tools ?? [],
    uses: (step.uses ?? []).map((line) => ({ line: `l${line}`, share: '1' })),
    after: (step.after ?? (index > 0 ? [index] : [])).map((before) => `s${before}`),
    holdMinutes: step.holds ?? null,
    techniques: step.techniques ?? [],
    techniqueNote: step.note ?? '',
    demonstrateMinutes: step.show ?? 0,
    ...(step.when ? { when: step.when } : {}),
  };
}
