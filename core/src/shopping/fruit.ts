import {
  convert,
  showNumber,
  showRational,
  toFraction,
  toNumber,
  toRational,
  type Rational,
  type WorkingStep,
} from '../amounts/index.js';
import { conversionFacts, type Ingredient } from '../larder/index.js';
import { useLabel } from './as-purchased.js';
import type { MeasuredUse } from './types.js';

/** Millilitres of juice that an orange in fillets leaves behind. An estimate. */
const juiceFromTrimmings = 20;

interface FruitNeeds {
  juiceMillilitres: ReturnType<typeof toFraction>;
  zestGrams: ReturnType<typeof toFraction>;
  /** Pieces juiced as written in pieces ("juice of 1 lime"). */
  juicedPieces: ReturnType<typeof toFraction>;
  zestedPieces: ReturnType<typeof toFraction>;
  /** Pieces sliced, cut in wedges or eaten. */
  cutPieces: ReturnType<typeof toFraction>;
  filletedPieces: ReturnType<typeof toFraction>;
  steps: WorkingStep[];
  problem: string;
}

/**
 * The fewest pieces of one fruit that cover all its uses. A piece is zested first and then used in one way:
 * juiced, cut in fillets, or sliced; so zest and flesh share a piece, juice and slices do not. Juice counts
 * at its low end.
 */
export function fruitPieces(
  uses: readonly MeasuredUse[],
  ingredient: Ingredient,
): { need: Rational; steps: WorkingStep[]; problem: string } {
  const zero = toFraction('0');
  const needs: FruitNeeds = {
    juiceMillilitres: zero,
    zestGrams: zero,
    juicedPieces: zero,
    zestedPieces: zero,
    cutPieces: zero,
    filletedPieces: zero,
    steps: [],
    problem: '',
  };
  for (const use of uses) addUse(needs, use, ingredient);
  const low = ingredient.byProducts?.juiceMillilitres?.low.value ?? 1;
  const zest = ingredient.byProducts?.zestGrams?.value ?? 1;
  const trimmings = ingredient.id === 'orange' ? needs.filletedPieces.ceil().mul(juiceFromTrimmings) : zero;
  const toSqueeze = maximum(needs.juiceMillilitres.sub(trimmings), zero);
  const juiced = toSqueeze.div(low).add(needs.juicedPieces);
  const zested = needs.zestGrams.div(toFraction(zest)).add(needs.zestedPieces);
  const flesh = juiced.ceil().add(needs.filletedPieces.ceil()).add(needs.cutPieces.ceil());
  const pieces = maximum(flesh, zested.ceil());
  return {
    need: toRational(pieces),
    steps: [...needs.steps, ...pieceSteps(needs, { juiced, zested, pieces, trimmings, low, zest })],
    problem: needs.problem,
  };
}

interface PieceFigures {
  juiced: FruitNeeds['cutPieces'];
  zested: FruitNeeds['cutPieces'];
  pieces: FruitNeeds['cutPieces'];
  trimmings: FruitNeeds['cutPieces'];
  low: number;
  zest: number;
}

function pieceSteps(needs: FruitNeeds, figures: PieceFigures): WorkingStep[] {
  const steps: WorkingStep[] = [];
  const show = (value: FruitNeeds['cutPieces']) => showNumber(toNumber(toRational(value)));
  if (figures.trimmings.compare(0) > 0)
    steps.push({ label: 'Juice left from fillets', value: `${show(figures.trimmings)} ml` });
  if (figures.juiced.compare(0) > 0)
    steps.push({
      label: `For juice, ${figures.low} ml a piece at least`,
      value: show(figures.juiced),
      note: needs.juiceMillilitres.compare(0) > 0 ? `${show(needs.juiceMillilitres)} ml in all` : undefined,
    });
  if (figures.zested.compare(0) > 0)
    steps.push({
      label: `For zest, ${figures.zest} g a piece`,
      value: show(figures.zested),
      note: 'Zested before juicing: the same pieces.',
    });
  if (needs.cutPieces.compare(0) > 0)
    steps.push({ label: 'Sliced or in wedges', value: show(needs.cutPieces) });
  if (needs.filletedPieces.compare(0) > 0)
    steps.push({ label: 'In fillets', value: show(needs.filletedPieces) });
  steps.push({ label: 'Fewest that cover all', value: show(figures.pieces) });
  return steps;
}

function addUse(needs: FruitNeeds, use: MeasuredUse, ingredient: Ingredient): void {
  const { amount } = use;
  needs.steps.push({
    label: useLabel(use),
    value: (
      `${use.count > 1 ? `${use.count} × ` : ''}${showRational(amount.high)} ` +
      `${amount.unit === 'piece' ? '' : amount.unit}${use.part.length ? ` ${use.part.join(' and ')}` : ''}`
    ).trim(),
  });
  if (amount.unit === 'piece' || amount.unit === 'slice') return addPieces(needs, use);
  const unit = use.part.includes('juice') ? 'ml' : 'g';
  const converted = convert(
    { low: amount.high, high: amount.high, unit: amount.unit },
    unit,
    conversionFacts(ingredient, use.preparation, use.size),
    use.system,
  );
  if (!converted.ok) {
    needs.problem = converted.reason;
    return;
  }
  const total = toFraction(converted.amount.high).mul(use.count);
  if (use.part.includes('juice')) needs.juiceMillilitres = needs.juiceMillilitres.add(total);
  else if (use.part.includes('zest')) needs.zestGrams = needs.zestGrams.add(total);
  else addFlesh(needs, use, ingredient, total);
}

/** Flesh by weight: fillets and slices by their share of a piece. */
function addFlesh(
  needs: FruitNeeds,
  use: MeasuredUse,
  ingredient: Ingredient,
  grams: FruitNeeds['cutPieces'],
): void {
  const fillets = use.preparation.includes('segmented');
  const share =
    ingredient.yields[fillets ? 'segmented' : 'sliced']?.value ?? ingredient.yields.usual?.value ?? 1;
  const edible = use.basis === 'edible' ? share : 1;
  const pieces = grams.div(toFraction(edible)).div(toFraction(ingredient.countGrams.piece?.value ?? 100));
  if (fillets) needs.filletedPieces = needs.filletedPieces.add(pieces);
  else needs.cutPieces = needs.cutPieces.add(pieces);
}

function addPieces(needs: FruitNeeds, use: MeasuredUse): void {
  const each = toFraction(use.amount!.high).mul(use.count);
  const pieces = use.amount!.unit === 'slice' ? each.div(8) : each;
  if (use.part.includes('zest')) needs.zestedPieces = needs.zestedPieces.add(pieces);
  if (use.part.includes('juice')) needs.juicedPieces = needs.juicedPieces.add(pieces);
  else if (use.preparation.includes('segmented')) needs.filletedPieces = needs.filletedPieces.add(pieces);
  else if (!use.part.includes('zest')) needs.cutPieces = needs.cutPieces.add(pieces);
}

function maximum(a: FruitNeeds['cutPieces'], b: FruitNeeds['cutPieces']): FruitNeeds['cutPieces'] {
  return a.compare(b) >= 0 ? a : b;
}
