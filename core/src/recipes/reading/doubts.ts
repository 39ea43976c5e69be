import { isPlural } from '../../words/index.js';
import {
  conversionFacts,
  findIngredient,
  type Larder,
  presumedOf,
  standardLarder,
} from '../../larder/index.js';
import { candidatesOf } from '../intake/line/names.js';
import { isOnlyFoodOpen } from '../intake/line/which-food.js';
import { groupWordsOf } from '../intake/line/free-choice.js';
import { sentencesOf } from '../intake/text/sentences.js';
import { looseEnds } from '../loose-ends.js';
import { jobTitle } from '../say/job-names.js';
import type { Recipe, RecipeLine } from '../types.js';
import type { Aside } from './asides.js';
import { type Candidate, type Doubt, doubtId, harms } from './doubt.js';
import { nearRole } from './roles.js';
import { guessServings, type ServingsGuess } from './servings-guess.js';

interface Asked {
  readonly recipe: Recipe;
  /** Place among the recipes of the text. */
  readonly index: number;
  readonly isServesSaid: boolean;
  readonly asides: readonly Aside[];
  /** Steps that their writer numbered, or that a person said are steps. */
  readonly isSureStep: (text: string) => boolean;
  readonly larder?: Larder;
}

/** What could matter of one recipe and is not sure, in the order of its text. */
export function doubtsOf(asked: Asked): Doubt[] {
  return [
    ...aboutServings(asked),
    ...aboutFoods(asked),
    ...aboutAmounts(asked),
    ...aboutUnlisted(asked),
    ...aboutUnused(asked),
    ...aboutRoles(asked),
  ];
}

const steps = [-4, -2, 0, 2, 4];

function aboutServings({ recipe, index, isServesSaid, larder }: Asked): Doubt[] {
  if (isServesSaid || recipe.lines.length === 0) return [];
  const guess = guessServings(recipe, larder);
  const near = steps.map((more) => recipe.serves + more).filter((each) => each > 0);
  return [
    {
      id: doubtId('serves', String(index)),
      about: { recipe: index },
      question: `The text does not say for how many this is. ${saidOfGuess(guess)}`,
      guess: String(recipe.serves),
      candidates: near.map((each) => ({ value: String(each), label: String(each) })),
      harm: harms.servings,
    },
  ];
}

function saidOfGuess(guess: ServingsGuess | null): string {
  if (!guess) return 'For how many is it?';
  const { grams, gramsAHead, serves } = guess;
  return `Its food weighs about ${grams} g: at ${gramsAHead} g a head it is for about ${serves}.`;
}

/** More of one kind is no recipe, or one that nobody answers for. */
const mostOfKind = 25;

function aboutFoods({ recipe, index, larder = standardLarder }: Asked): Doubt[] {
  return recipe.lines
    .filter(isOpen)
    .slice(0, mostOfKind)
    .map((line) => {
      const candidates = candidatesOf(line.name, larder).map((id) => candidateOf(id, larder));
      const presumed = presumedOf(line.name);
      const probably = presumed ? `: probably ${presumed.is}` : '';
      const isShared = line.unread.includes('several things');
      return {
        id: doubtId('food', line.text),
        about: { recipe: index, line: line.id, words: line.text },
        question: isShared
          ? `Which food is “${line.name}”?`
          : `“${line.name}” is not in the larder${probably}. Is it one of these?`,
        guess: '',
        candidates,
        harm: isShared ? harms.whichFood : harms.unknownFood,
      };
    });
}

function isOpen(line: RecipeLine): boolean {
  return (
    line.ingredient === null && line.name !== '' && isOnlyFoodOpen(line) && groupWordsOf(line.note) === ''
  );
}

function candidateOf(id: string, larder: Larder): Candidate {
  return { value: id, label: findIngredient(larder, id)!.names.uk };
}

const seasoned = new Set([
  'spices and seasoning',
  'salad and herbs',
  'oils and vinegars',
  'baking and sweet',
]);

const howMuch = (name: string) =>
  isPlural(name)
    ? `How many ${name} go in? The text names no amount.`
    : `How much ${name} goes in? The text names no amount.`;

/** Food that was shown or named and not measured, where more than a pinch of it must be meant. */
function aboutAmounts({ recipe, index, larder = standardLarder }: Asked): Doubt[] {
  return recipe.lines
    .filter(({ unread, optional, ingredient }) => {
      const section = findIngredient(larder, ingredient)?.section;
      return (
        unread.startsWith('no amount is written') &&
        !optional &&
        section !== undefined &&
        !seasoned.has(section)
      );
    })
    .map((line) => ({
      id: doubtId('amount', line.text),
      about: { recipe: index, line: line.id, words: line.text },
      question: howMuch(line.name),
      guess: '',
      candidates: amountsFor(line, larder),
      harm: harms.amount,
    }));
}

/** A piece or two of what is bought by the piece, else grams. */
function amountsFor({ ingredient }: RecipeLine, larder: Larder): Candidate[] {
  const pieces = conversionFacts(findIngredient(larder, ingredient), []).gramsPerCount?.piece;
  const said = pieces ? ['1', '2', '4'] : ['50 g', '100 g', '250 g'];
  return said.map((each) => ({ value: each, label: each }));
}

function aboutUnlisted({ recipe, index, larder }: Asked): Doubt[] {
  return looseEnds(recipe, larder).unlisted.map((name) => ({
    id: doubtId('unlisted', name),
    about: { recipe: index, words: name },
    question: `The steps speak of ${name}, which no line lists. Is it an ingredient?`,
    guess: 'no',
    candidates: [
      { value: 'add', label: `Add ${name}` },
      { value: 'no', label: 'No, leave it' },
    ],
    harm: harms.unlisted,
  }));
}

const mostSteps = 5;

function aboutUnused({ recipe, index, larder }: Asked): Doubt[] {
  const names = new Set(looseEnds(recipe, larder).unused);
  return recipe.lines
    .filter((line) => names.has(line.name || line.text))
    .slice(0, mostOfKind)
    .map((line) => ({
      id: doubtId('unused', line.text),
      about: { recipe: index, line: line.id, words: line.text },
      question: `No step uses the ${line.name.toLowerCase()}. Where does it go?`,
      guess: '',
      candidates: recipe.steps
        .filter(({ proposed }) => !proposed)
        .slice(-mostSteps)
        .map((step) => ({ value: step.text, label: jobTitle(step, recipe) })),
      harm: harms.unused,
    }));
}

const rowRoleOf = { step: 'step', way: 'way' } as const;
const labels = { step: 'Work', way: 'Another way', note: 'A remark', nothing: 'Leave it out' } as const;

function aboutRoles({ recipe, index, asides, isSureStep }: Asked): Doubt[] {
  const sentences = recipe.steps.flatMap((step) =>
    step.proposed || isSureStep(step.text)
      ? []
      : sentencesOf(step.text).map((words) => ({ words, step: step.id as string | undefined })),
  );
  const told = asides.map(({ text }) => ({ words: text, step: undefined }));
  return [...sentences, ...told].flatMap(({ words, step }) => {
    const read = nearRole(words);
    if (!read || isSureStep(words)) return [];
    const asRow = (role: string) => rowRoleOf[role as keyof typeof rowRoleOf] ?? 'note';
    const values = [...new Set([asRow(read.role), asRow(read.other), 'nothing' as const])];
    return [
      {
        id: doubtId('role', words),
        about: { recipe: index, ...(step !== undefined && { step }), words },
        question: `Is this work, or said beside it: “${words}”`,
        guess: asRow(read.role),
        candidates: values.map((value) => ({ value, label: labels[value] })),
        harm: harms.role,
      },
    ];
  });
}
