import { toFraction, toRational, type Rational, unitKind, unitSize } from '../../../amounts/index.js';
import { verbsSaid } from '../../../language/index.js';
import { findIngredient, type Larder, standardLarder } from '../../../larder/index.js';
import type { RecipeComponent, StepUse } from '../../types.js';
import { sayings } from '../sayings.js';
import { readAmount } from '../line/amount.js';
import { plainSpelling } from '../line/numbers.js';
import { kindsSaid } from './food-kinds.js';
import { linesMeant } from './lines-meant.js';
import { ofTheStep } from './named-alike.js';
import { LineMentions, type NamedLine } from './mentions.js';

const shares: Readonly<Record<string, Rational>> = {
  half: '1/2',
  '½': '1/2',
  'a third': '1/3',
  'one third': '1/3',
  '⅓': '1/3',
  'two thirds': '2/3',
  '⅔': '2/3',
  'a quarter': '1/4',
  'one quarter': '1/4',
  '¼': '1/4',
  'three quarters': '3/4',
  '¾': '3/4',
  // Starting estimates, to be mended by the instructor.
  'most of': '3/4',
  'some of': '1/2',
  some: '1/4',
  'a little': '1/4',
  'a splash of': '1/4',
  'a drizzle of': '1/4',
};
const aLittle = /^(?:some|a (?:little|splash of|drizzle of))$/;
const heldWords = 'keep|keeping|reserve|reserving|hold|holding|set aside';
const shareBefore = new RegExp(
  String.raw`\b(?<held>${heldWords})?\b[^.;,]{0,12}?` +
    // "A pound and a half of beans" is all of them.
    String.raw`(?<!(?:pound|kilo|kg|lb|pint|litre|liter|cup|spoon|tsp|tbsp) and (?:a )?)` +
    String.raw`(?<share>${Object.keys(shares).join('|')})` +
    String.raw`(?: of)?(?: the| your| this)?(?: [\w-]+)?\s*$`,
  'i',
);
const restBefore =
  /\b(?:(?:rest|last) of(?: the)?|remaining|reserved|other half of(?: the)?)(?: [\w-]+)?\s*$/i;

/** What is only tasted for is put in before. */
const tasteFor = /\btaste (?:it )?for [^.;]*/gi;

interface LinkOptions {
  readonly larder?: Larder | undefined;
  readonly components?: readonly RecipeComponent[] | undefined;
  /** Of lines that are told behind work: the first step that can mean them by "everything". */
  readonly toldFrom?: ReadonlyMap<string, number> | undefined;
}

/**
 * Which lines each step uses, and which share of them. A step that names a share ("half the oil", "the rest
 * of the herbs") uses that; the first other step that names a line uses what is left of it; later mentions
 * mean what was made of it. "Everything" and "all the ingredients" stand for all lines not used yet; a
 * dressing that is whisked by its name alone for all of its lines.
 */
export function linkLines(
  texts: readonly string[],
  lines: readonly NamedLine[],
  { larder = standardLarder, components = [], toldFrom = new Map() }: LinkOptions = {},
): StepUse[][] {
  const mentions = new LineMentions(lines, larder);
  const byId = new Map(lines.map((line) => [line.id, line]));
  const left = new Map(lines.map((line) => [line.id, toFraction('1')]));
  const reserved = reservedLines(texts, lines, components);
  const namedIn = texts.map((text) =>
    withoutReserved(mentions.in(text.replace(tasteFor, '')), reserved, componentSaid(text, components)),
  );
  const toldJustBefore = (index: number) => lines.filter(({ id }) => toldFrom.get(id) === index);
  return texts.map((text, index) => {
    const named = ofTheStep(new Map(namedIn[index]), text, { byId, larder });
    const isNamedAgain = (line: string) => namedIn.slice(index + 1).some((later) => later.has(line));
    const isTold = (line: string) => (toldFrom.get(line) ?? 0) <= index;
    const excepted = mentions.in(exceptIn(text));
    for (const line of excepted.keys()) named.delete(line);
    // What a later step takes by its name for the first time is still to come: "tear over the basil".
    const isFree = (line: string) =>
      !named.has(line) && !excepted.has(line) && isTold(line) && left.get(line)!.compare(1) === 0;
    const there = named.size > 0 ? [] : index === 0 ? lines : toldJustBefore(index);
    for (const { id, isSure } of linesMeant(text, lines, there))
      if (isFree(id) && (isSure || !isNamedAgain(id))) named.set(id, 0);
    // "Get 200 g feta and 150 g yoghurt. Put them in the processor": nothing else is in hand yet.
    const isThem = toldFrom.size > 0 && meansThem(text, named);
    const toldNow = index === 0 ? lines.filter(({ id }) => !toldFrom.get(id)) : toldJustBefore(index);
    // "About a kilo of potatoes. Boil them": what was told last is meant.
    if (isThem && toldNow.length === 1 && isFree(toldNow[0]!.id)) named.set(toldNow[0]!.id, 0);
    const all = [...linesOfAll(text, lines, components), ...(index === 0 && isThem ? lines : [])];
    for (const { id } of all) if (isFree(id) && !isNamedAgain(id)) named.set(id, 0);
    for (const { id } of linesOfPartMade(text, lines, components, left))
      if (!named.has(id) && !excepted.has(id) && !isNamedAgain(id)) named.set(id, 0);
    for (const [line, at] of linesOfKinds(text, lines, { larder, components }))
      if (isFree(line) && (!isNamedAgain(line) || cutsFood(text))) named.set(line, at);
    for (const [line, at] of sharesOfEach(text, lines, larder)) if (!named.has(line)) named.set(line, at);
    return [...named].flatMap(([line, at]): StepUse[] => {
      const rest = left.get(line)!;
      const wanted =
        shareOfAmount(text.slice(0, at), byId.get(line)!) ??
        shareSaid(text.slice(0, at), rest, isNamedAgain(line));
      const share = wanted.compare(rest) > 0 ? rest : wanted;
      if (share.compare(0) <= 0) return [];
      left.set(line, rest.sub(share));
      return [{ line, share: toRational(share) }];
    });
  });
}

/** Whether "them" stands before any food that a step names itself. */
function meansThem(text: string, named: ReadonlyMap<string, number>): boolean {
  const at = /\bthem\b/i.exec(text)?.index ?? Infinity;
  return at < Math.min(...named.values(), text.length);
}

/** What "everything" stands for: of the part that a step says it is about, or of all. */
function linesOfAll(
  text: string,
  lines: readonly NamedLine[],
  components: readonly RecipeComponent[],
): readonly NamedLine[] {
  if (!meansAll(text)) return [];
  const own = componentSaid(text, components);
  return lines.filter(({ componentId }) => own === null || componentId === own.id);
}

const meansAll = sayings.has('all of it');
const makesPart = sayings.has('part made');
const saysWholePart = sayings.has('whole part');
const partNames = ['dressing', 'vinaigrette', 'dip'] as const;

/** "Stir the paste ingredients together", "everything for the crumble". */
function saysAllOf(text: string, part: string): boolean {
  const name = part.toLowerCase().replace(/^(?:for )?(?:the |an? )?/, '');
  const plain = text.toLowerCase();
  return [`${name} ingredients`, `ingredients for the ${name}`, `everything for the ${name}`].some((each) =>
    plain.includes(each),
  );
}

/** Lines of a dressing or dip that is made by its name alone, of which nothing was taken before. */
function linesOfPartMade(
  text: string,
  lines: readonly NamedLine[],
  components: readonly RecipeComponent[],
  left: ReadonlyMap<string, ReturnType<typeof toFraction>>,
): readonly NamedLine[] {
  const named = makesPart(text) ? partNames.find((each) => text.toLowerCase().includes(each)) : undefined;
  const said = named === 'vinaigrette' ? 'dressing' : named;
  const bySame = components.filter(({ role }) => role === said);
  const parts = bySame.length === 1 ? bySame : components.filter(({ name }) => saysAllOf(text, name));
  if (parts.length !== 1) return [];
  const own = lines.filter(({ componentId }) => componentId === parts[0]!.id);
  return own.every(({ id }) => left.get(id)!.compare(1) === 0) ? own : [];
}

/** Lines of parts of which a step says that all of it goes in: "Dressing: shake everything in a jar". */
function reservedLines(
  texts: readonly string[],
  lines: readonly NamedLine[],
  components: readonly RecipeComponent[],
): ReadonlyMap<string, string> {
  const whole = texts.filter(saysWholePart).flatMap((text) => componentSaid(text, components)?.id ?? []);
  return new Map(
    lines.flatMap(({ id, componentId = '' }) =>
      whole.includes(componentId) ? [[id, componentId] as const] : [],
    ),
  );
}

/** The oil of a dressing is not that of the tray, unless the step is of the dressing. */
function withoutReserved(
  named: Map<string, number>,
  reserved: ReadonlyMap<string, string>,
  own: RecipeComponent | null,
): Map<string, number> {
  return new Map([...named].filter(([line]) => !reserved.has(line) || reserved.get(line) === own?.id));
}

/** The part that a step says it is about at its beginning: "Dressing: shake everything in a jar". */
export function componentSaid(text: string, components: readonly RecipeComponent[]): RecipeComponent | null {
  const said = /^(?:for |to make )?(?:the )?([a-z][a-z' -]{2,30})[:,]/i.exec(text)?.[1]?.toLowerCase();
  return components.find(({ name, role }) => said === name.toLowerCase() || said === role) ?? null;
}

/** "Everything but the chips", "all the ingredients except the nuts and the dill": what is left out. */
export function exceptIn(text: string): string {
  const found = exceptFor.exec(text);
  if (!found) return '';
  const rest = /^[^.;(]*/.exec(text.slice(found.index + found[0].length))![0];
  const place = goesWhere.exec(rest)?.index ?? rest.length;
  const next = verbsSaid(rest).find(({ at, form }) => form === 'do' && afterComma.test(rest.slice(0, at)));
  const work = next ? rest.slice(0, next.at).lastIndexOf(',') : rest.length;
  return rest.slice(0, Math.min(place, work));
}

const exceptFor = /\b(?:everything|all(?: [a-z ]{0,24}?)?)\b(?: but| except(?: for)?| apart from)/i;
const goesWhere = / (?:in|into|with|together)\b/i;
const afterComma = /, (?:and |then )?$/i;

/** What is cut or washed together is named alone later. */
export const cutsFood = (text: string) => verbsSaid(text).some(({ verb }) => kindsOfWorkOnAll.has(verb.act));
const kindsOfWorkOnAll: ReadonlySet<string> = new Set(['cut', 'peel', 'wash', 'clean']);

/** A kind in the name of another thing: "herb dressing", "nut oil". */
const inName =
  /^ (?:oils?|dressing|vinaigrette|sauce|salad|butter|mixture|mix|stock|water|paste|pur[eé]e|crumbs?)\b/i;

/** "Cut the vegetables", "add the herbs", "the cheese": lines of a kind that a step names as a whole. */
function linesOfKinds(
  text: string,
  lines: readonly NamedLine[],
  { larder = standardLarder, components = [] }: LinkOptions,
): (readonly [string, number])[] {
  const own = componentSaid(text, components);
  const apart = new Set(
    components.filter(({ role }) => role === 'dressing' || role === 'dip').map(({ id }) => id),
  );
  const isMeant = ({ componentId = '' }: NamedLine) =>
    own ? componentId === own.id : components.length === apart.size || !apart.has(componentId);
  return kindsSaid(text)
    .filter(({ isEvery, to }) => !isEvery && !inName.test(text.slice(to)))
    .flatMap(({ has, at, to }) => {
      const said = text.slice(at, to).toLowerCase();
      // "The beans" are those that a line calls so, whatever other pulses there are.
      if (lines.some(({ name }) => name.toLowerCase().includes(said))) return [];
      return lines
        .filter((line) => line.amount && isMeant(line) && has(findIngredient(larder, line.ingredient)))
        .map((line) => [line.id, at] as const);
    });
}

/** "Some of each vegetable", "the rest of the herbs": a share of every line of the kind, with its place. */
function sharesOfEach(
  text: string,
  lines: readonly NamedLine[],
  larder: Larder,
): (readonly [string, number])[] {
  const [kind] = kindsSaid(text);
  if (!kind) return [];
  const { at, has } = kind;
  const before = text.slice(0, at);
  if (!(restBefore.test(before) || (shareBefore.test(before) && /\b(?:each|all|every|the)\b/i.test(before))))
    return [];
  return lines.flatMap((line) => {
    return has(findIngredient(larder, line.ingredient)) && line.amount ? [[line.id, at] as const] : [];
  });
}

const amountBefore =
  /((?:\d+ )?(?:\d+\/\d+|\d+(?:\.\d+)?|[½¼¾⅓⅔]) ?[a-z]+)\.? (?:of )?(?:the |your )?(?:[\w-]+ )?$/i;

/** "2 tbsp of the oil", of 3: two thirds. Null where no amount is said, or all of it and more. */
function shareOfAmount(before: string, { amount, unit }: NamedLine): ReturnType<typeof toFraction> | null {
  const said = amountBefore.exec(before)?.[1];
  const read = said && amount && unit ? readAmount(plainSpelling(said), { system: 'metric' }) : null;
  if (!read?.unitWritten || !unit || !amount) return null;
  const [one, whole] = [unitSize(read.amount.unit, 'metric'), unitSize(unit, 'metric')];
  if (!one || !whole || unitKind(read.amount.unit) !== unitKind(unit)) return null;
  const share = toFraction(read.amount.low)
    .mul(toFraction(one))
    .div(toFraction(amount.low).mul(toFraction(whole)));
  return share.compare(1) < 0 ? share : null;
}

function shareSaid(
  before: string,
  rest: ReturnType<typeof toFraction>,
  isNamedAgain: boolean,
): ReturnType<typeof toFraction> {
  if (restBefore.test(before)) return rest;
  const match = shareBefore.exec(before);
  if (!match) return rest;
  const said = match.groups!.share!.toLowerCase();
  // "A little oil" is all of it where nothing else takes the rest.
  if (aLittle.test(said) && !isNamedAgain) return rest;
  if (!match.groups!.held) return toFraction(shares[said]!);
  // Some that is kept back for the top is less than some that goes in.
  return toFraction('1').sub(toFraction(said === 'some of' ? shares['a little']! : shares[said]!));
}
