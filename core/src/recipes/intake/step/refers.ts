/** What the words of a step say about where it stands among the others. */

/** It goes on with what is in hand: "add the garlic", "drain", "fold in the herbs". */
const goesOn =
  /^(?:then |now |next,? |gently |carefully |finally,? |once \w+,? )*(?:add|stir (?:in|through)|fold (?:in|through)|mix (?:in|through)|whisk in|beat in|blend in|tip in|pour in|throw in|work in|season(?! the)|taste|return|remove|turn|flip|continue|keep|reduce|loosen|thin|adjust|cover|seal|shake (?:again|well)|squeeze (?:out|dry|it|them)|(?:bring|let)(?: it| them| back| up| come)* to room temp(?:erature)?|take (?:it|them) out|(?:tear|scatter|drop|crumble|grate|squeeze|chop) (?:in|through)|(?:mash|blend|toss|mix|dress|serve|top|stir|whisk|combine|finish|cover|fill|loosen|brush|rub|crush|coat|beat|peel|cook|simmer|process)(?: [a-z]+ly| coarsely)? (?:with|while|until|again|well|together))\b/i;

/** Something is put together of what was made, or finished with what is left. */
const assembles =
  /\b(?:serve|plate up|plate with|assemble|arrange|layer|garnish|finish(?: with)?|(?:top|dress|toss|coat) (?:it|them|everything|well|gently|together|with)|to serve)\b/i;

/** Something goes over or into what is not named. */
const impliedObject =
  /\b(?:pour|spoon|drizzle|scatter|sprinkle|strew|crumble|grate|tear|shave|squeeze)\b[^.;]{0,60}\b(?:over|on top|over the top|through)(?=\s*(?:[.,;]|and\b|then\b|before\b|$))|\b(?:tear|scatter|crumble|grate|shave|strew|sprinkle|pour|drizzle|squeeze|spoon) over\b|\band (?:toss|dress|fold|mix|stir)(?=\s*(?:[.,;]|to coat|well|gently|together|$))|\b(?:fold|stir|mix|beat|whisk|toss) (?:it|them) (?:in|through)\b|(?:^|[.;] )(?:toss|mix|combine|dress|stir|serve)(?: well| gently| together| to coat)?(?=[.;,]|$)/i;

const meansAll =
  /\b(?:everything|all (?:of )?(?:it|them|together)|all (?:of )?the (?:other )?(?:ingredients|components|parts)|all (?=with\b|together\b)|both|the lot|the rest of the (?:salad|ingredients))\b/i;

const standsBeside =
  /^(?:meanwhile|in the meantime|at the same time|while (?:that|it|they|the|this)\b|separately|in (?:a|another) (?:separate|second|small|different))/i;

/** "It", "them": what the step before has made, unless this step has named it itself. */
const pronoun = /\b(?:it|them|they|these|this)\b/i;

export const refersTo = {
  /** The step goes on with what is in hand. */
  whatIsInHand: (text: string) => goesOn.test(text),
  all: (text: string) => meansAll.test(text),
  anUnnamedDish: (text: string) => impliedObject.test(text),
  aFinishedDish: (text: string) => assembles.test(text),
  nothingBefore: (text: string) => standsBeside.test(text),
  /** Whether a pronoun stands before any food that the step names by itself. */
  itBefore: (text: string, firstNamedAt: number) => {
    const found = pronoun.exec(text);
    return found !== null && found.index < firstNamedAt;
  },
};

/** Vessels that are named again where one goes on in them. */
const vessels =
  /\b(?:same|that|the|back (?:in|into|to) the|to the|wiped?(?: out)? (?:the|same)) (?:same |hot |wiped |empty |large |big |small |frying )*(pan|frying pan|pot|saucepan|bowl|tray|jar|blender|processor|griddle|dish|platter)\b/gi;

/** The vessels that a step takes up again, in one word each. */
export function vesselsAgain(text: string): string[] {
  return [...text.matchAll(vessels)].map((match) => kindOfVessel(match[1]!));
}

/** The vessels that a step has something in, in one word each. */
export function vesselsIn(text: string): string[] {
  const named = [
    ...text.matchAll(
      /\b(?:frying pan|saucepan|pan|pot|bowl|tray|jar|blender|processor|griddle|dish|platter)\b/gi,
    ),
  ].map((match) => kindOfVessel(match[0]));
  if (/\b(?:fry|sear|sauté|saute|boil|simmer|toast)\b/i.test(text)) named.push('pan');
  if (/\b(?:blend|blitz|whizz|purée|puree)\b/i.test(text)) named.push('blender');
  if (/\b(?:toss|mix|combine|whisk|stir)\b/i.test(text)) named.push('bowl');
  return named;
}

function kindOfVessel(word: string): string {
  const plain = word.toLowerCase();
  if (/pan|pot/.test(plain)) return 'pan';
  return plain === 'processor' ? 'blender' : plain;
}

/**
 * Only heats what the next step takes: "heat the oil in a frying pan", "bring a pan of water to the boil".
 */
export function onlyHeats(text: string): boolean {
  return (
    /^(?:pre-?heat|heat|warm|melt|bring)\b/i.test(text) &&
    !/[.;]\s+\S/.test(text) &&
    !/\b(?:add|fry|cook|toast|stir|until)\b/i.test(text)
  );
}

/** Words that stand behind "the" without being anything that was made. */
const noThings = new Set(
  (
    'oven fridge refrigerator freezer heat boil water top side sides bottom middle end table night ' +
    'day time rest other others same class salt pepper pan pot bowl tray jar blender processor dish ' +
    'platter board lid edges edge base centre center minute minutes hour hours first last whole half ' +
    'remaining large small fine coarse back way taste tin tins packet instructions knife fork spoon ' +
    'whisk grill griddle hob surface colour color texture size residual best least most meantime room ' +
    'air with and then from into over onto until the for its but all one two dry hot raw own lot cut ' +
    'let put few not oil out while plus some each them when that this those these there their which ' +
    'through about after before off'
  ).split(' '),
);

/** What is only ever made, with or without "the": "toss noodles and dressing". */
const onlyMade =
  /\b(?:dressing|vinaigrette|sauce|marinade|brine|syrup|pickle|crumbs|croutons|paste|pesto|salsa|purée|puree)\b/g;

/** "Dress them warm": with the dressing, unless it is said with what. */
const dressesWithIt = /\bdress\b(?![^.;]*\bwith\b)/i;

/** The things that a step speaks of as known: "the dressing", "the toasted crumbs". */
export function thingsNamed(text: string): string[] {
  const made = [...text.toLowerCase().matchAll(onlyMade)].map((match) => plainNoun(match[0]));
  const dressing = dressesWithIt.test(text) ? ['dressing'] : [];
  return [...new Set([...made, ...dressing, ...knownThings(text)])];
}

function knownThings(text: string): string[] {
  return [...text.toLowerCase().matchAll(/\b(?:the|your|that|those|these)\s+((?:[a-zà-ÿ'-]+[ ,]*){1,4})/g)]
    .flatMap((match) => match[1]!.split(/[ ,]+/))
    .filter((word) => word.length > 2 && !noThings.has(word) && !/(?:ing|ed|ly|er|est)$/.test(word))
    .map(plainNoun);
}

/** The nouns of a step, as another may speak of them. */
export function wordsOf(text: string): Set<string> {
  return new Set([...text.toLowerCase().matchAll(/[a-zà-ÿ'-]{3,}/g)].map((match) => plainNoun(match[0])));
}

function plainNoun(word: string): string {
  return word.replace(/(?:(?<=[^s])s|(?<=(?:sh|ch|x|o))es)$/, '');
}

/** What things are made by, where the step that makes them does not name them. */
const makers: readonly (readonly [thing: RegExp, how: RegExp])[] = [
  [/^(?:dressing|vinaigrette)$/, /\b(?:whisk|shake|blend|stir|mix|emulsif)/i],
  [/^sauce$/, /\b(?:whisk|shake|blend|blitz|stir|mix|simmer)/i],
  [/^(?:marinade|brine|syrup|glaze)$/, /\b(?:whisk|stir|mix|simmer|dissolve|boil|warm)/i],
  [
    /^(?:dip|purée|puree|hummus|pesto|salsa|paste|mash)$/,
    /\b(?:blend|blitz|mash|beat|crush|pound|process|whizz|stir|mix)/i,
  ],
  [/^(?:crumb|crouton|crisp|chip|cracker|topping)$/, /\b(?:toast|fry|bake|roast|tear|blitz|crisp)/i],
  [/^(?:pickle|quick-pickle)$/, /\b(?:pickl|vinegar|brine)/i],
  [/^(?:fat|dripping|rendering)$/, /\b(?:fry|crisp|render|bacon)/i],
  [/^(?:liquid|juice|liquor)$/, /\b(?:pickl|soak|poach|simmer|boil|juice|squeeze|drain|steep|macerat|salt)/i],
  [/^(?:salad|leave|green|slaw)$/, /\b(?:toss|wash|tear|shred|mix|combine)/i],
  [/^(?:mixture|mix)$/, /\b(?:mix|stir|whisk|combine|blend|beat|mash|toss)/i],
];

/** Whether a step may make a thing that it does not name. */
export function mayMake(text: string, thing: string): boolean {
  return makers.some(([name, how]) => name.test(thing) && how.test(text));
}
