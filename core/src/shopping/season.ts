import type { WorkingStep } from '../amounts/index.js';
import type { LocalDate } from '../identity/index.js';
import type { Hemisphere, Ingredient } from '../larder/index.js';

const monthNames = [
  'January',
  'February',
  'March',
  'April',
  'May',
  'June',
  'July',
  'August',
  'September',
  'October',
  'November',
  'December',
];

/**
 * Season changes price, yield and quality: said where an ingredient has one and the class falls outside of
 * it. The months are those of the north; in the south they are half a year later.
 */
export function seasonStep(
  ingredient: Ingredient,
  { classDate, hemisphere }: { readonly classDate: LocalDate | null; readonly hemisphere: Hemisphere },
): WorkingStep[] {
  if (classDate === null || ingredient.seasonMonths.length === 0 || ingredient.seasonMonths.length === 12)
    return [];
  const month = Number(classDate.slice(5, 7));
  const asNorth = hemisphere === 'north' ? month : ((month + 5) % 12) + 1;
  if (ingredient.seasonMonths.includes(asNorth)) return [];
  return [
    {
      label: 'Season',
      value: `not in ${monthNames[month - 1]}`,
      note:
        'Dearer than usual, and more of it is lost: look at it ' +
        'before you buy, and take a little to spare.',
    },
  ];
}
