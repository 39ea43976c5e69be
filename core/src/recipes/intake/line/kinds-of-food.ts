import type { Section } from '../../../larder/index.js';

/**
 * Heads of names that the larder may not have, by the section that such a food stands in: an eel is no tofu,
 * however both are smoked. They say nothing about what the food is, only where its like is looked for.
 */
const heads: Readonly<Partial<Record<Section, string>>> = {
  'fish and meat': `eel bloater kipper bream pollock pollack plaice sole turbot brill monkfish snapper tilapia
    catfish pike perch carp sturgeon char herring sprat whitebait anchovy skate ray halibut coley ling gurnard
    mullet grouper swordfish marlin lobster langoustine crayfish cockle clam whelk winkle oyster octopus
    cuttlefish venison goose rabbit hare pheasant partridge pigeon quail guinea veal mutton kid tongue liver
    kidney heart tripe oxtail brisket biltong jerky pastrami bresaola salami saucisson mortadella pepperoni`,
  'dairy and eggs': `cheese curd quark kefir skyr cream yoghurt yogurt butter milk egg custard`,
  fruit: `berry berries currant gooseberry quince medlar persimmon guava lychee rambutan passionfruit
    tamarillo
    starfruit pomelo tangerine clementine mandarin apricot damson greengage cherry melon plantain`,
  vegetables: `squash gourd marrow yam taro cassava salsify scorzonera cardoon kohlrabi okra chayote romanesco
    mushroom truffle radish turnip potato onion shallot leek bean pea pepper`,
  'salad and herbs': `cress lettuce leaf leaves greens sorrel purslane mizuna tatsoi lovage chervil borage
    hyssop savory burnet nasturtium flowers`,
  'nuts and seeds': `nut nuts seed seeds kernel`,
  'grains and pulses': `grain rice wheat barley rye millet sorghum teff amaranth flour noodle noodles pasta
    lentil pulse`,
  bakery: `bread loaf bun roll flatbread crispbread biscuit`,
  'oils and vinegars': `oil vinegar`,
};

const sectionOf = new Map(
  Object.entries(heads).flatMap(([section, words]) =>
    words.split(/\s+/).map((word) => [word, section as Section] as const),
  ),
);

/** The section in which the like of a food is looked for, by the words of its name; null where none says. */
export function sectionOfName(words: readonly string[]): Section | null {
  for (const word of [...words].reverse()) {
    const section = sectionOf.get(word) ?? sectionOf.get(word.replace(/s$/, ''));
    if (section) return section;
  }
  return null;
}
