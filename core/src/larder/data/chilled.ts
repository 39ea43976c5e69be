import { defineSection, standard } from '../define.js';

/** Dairy and eggs. */
export const dairyAndEggs = defineSection('dairy and eggs', [
  { id: 'egg', uk: 'eggs', also: ['egg', 'egg yolk', 'egg yolks', 'egg white', 'egg whites'], unit: 'piece', packs: [[6, 'box'], [12, 'box']], count: { piece: 58 }, density: { beaten: 1.03 }, yields: { usual: 0.88 }, keeps: { cold: 21 }, allergens: ['egg'], scaling: 'whole', indivisible: true },
  { id: 'butter', uk: 'unsalted butter', also: ['butter'], packs: [[250, 'block']], density: { plain: 0.96, melted: 0.91 }, yields: {}, keeps: { cold: 30 }, allergens: ['milk'] },
  { id: 'buttermilk', uk: 'buttermilk', unit: 'ml', packs: [[300, 'pot'], [500, 'carton']], density: { plain: 1.03 }, yields: {}, keeps: { cold: 7 }, allergens: ['milk'] },
  { id: 'milk', uk: 'milk', also: ['whole milk'], unit: 'ml', packs: [[500, 'bottle'], [1000, 'bottle']], density: { plain: standard(1.03) }, yields: {}, keeps: { cold: 6 }, allergens: ['milk'] },
  { id: 'cream', uk: 'double cream', us: 'heavy cream', also: ['cream', 'whipping cream'], unit: 'ml', packs: [[150, 'pot'], [300, 'pot']], density: { plain: 1.0 }, yields: {}, keeps: { cold: 7 }, allergens: ['milk'] },
  { id: 'creme-fraiche', uk: 'crème fraîche', also: ['creme fraiche'], packs: [[200, 'pot'], [300, 'pot']], density: { plain: 1.0 }, yields: {}, keeps: { cold: 10 }, allergens: ['milk'] },
  { id: 'soured-cream', uk: 'soured cream', us: 'sour cream', packs: [[150, 'pot'], [300, 'pot']], density: { plain: 1.0 }, yields: {}, keeps: { cold: 10 }, allergens: ['milk'] },
  { id: 'yoghurt', uk: 'plain yoghurt', us: 'plain yogurt', also: ['yoghurt', 'yogurt', 'natural yoghurt', 'whole-milk yoghurt'], packs: [[150, 'pot'], [500, 'pot']], density: { plain: 1.04 }, yields: {}, keeps: { cold: 10 }, allergens: ['milk'] },
  { id: 'strained-yoghurt', uk: 'Greek-style yoghurt', us: 'Greek-style yogurt', also: ['strained yoghurt', 'greek yoghurt', 'greek yogurt', 'thick yoghurt', 'greek-style yogurt'], packs: [[200, 'pot'], [500, 'pot']], density: { plain: 1.05 }, yields: {}, keeps: { cold: 10 }, allergens: ['milk'] },
  { id: 'cream-cheese', uk: 'cream cheese', also: ['soft cheese'], packs: [[200, 'tub']], density: { plain: 0.98 }, yields: {}, keeps: { cold: 14 }, allergens: ['milk'] },
  { id: 'feta', uk: 'feta', also: ['feta cheese'], packs: [[200, 'block']], density: { crumbled: 0.6, cubed: 0.6 }, yields: {}, keeps: { cold: 21 }, allergens: ['milk'] },
  { id: 'parmesan', uk: 'hard grating cheese', us: 'hard grating cheese', also: ['parmesan', 'hard cheese'], packs: [[200, 'wedge']], density: { grated: 0.4, shaved: 0.3 }, yields: { usual: 0.95 }, keeps: { cold: 30 }, allergens: ['milk'] },
  { id: 'goats-cheese', uk: "goat's cheese", us: 'goat cheese', also: ['goats cheese', 'soft goat cheese'], packs: [[100, 'log'], [150, 'log']], density: { crumbled: 0.55 }, yields: {}, keeps: { cold: 14 }, allergens: ['milk'] },
  { id: 'blue-cheese', uk: 'blue cheese', packs: [[150, 'wedge']], density: { crumbled: 0.56 }, yields: { usual: 0.97 }, keeps: { cold: 14 }, allergens: ['milk'] },
  { id: 'halloumi', uk: 'frying cheese', also: ['halloumi', 'grilling cheese'], packs: [[225, 'block']], density: { cubed: 0.6 }, yields: {}, keeps: { cold: 60 }, allergens: ['milk'] },
  { id: 'mozzarella', uk: 'fresh mozzarella', also: ['mozzarella'], packs: [[125, 'ball']], count: { piece: 125 }, density: { torn: 0.7, diced: 0.7 }, yields: {}, keeps: { cold: 10 }, allergens: ['milk'] },
  { id: 'tofu', uk: 'silken tofu', also: ['tofu'], packs: [[300, 'block']], density: { plain: 1.03, cubed: 0.75 }, yields: { usual: 0.95 }, keeps: { cold: 14 }, allergens: ['soya'] },
]);

/** Bread and flatbread. */
export const bakery = defineSection('bakery', [
  { id: 'flatbread', uk: 'flatbreads', also: ['flatbread', 'pitta', 'pitta breads', 'pita', 'pita breads'], unit: 'piece', packs: [[6, 'packet']], count: { piece: 60 }, density: {}, yields: {}, keeps: { room: 3 }, allergens: ['wheat'] },
  { id: 'sourdough', uk: 'country bread', us: 'country bread', also: ['bread', 'stale bread', 'sourdough', 'white bread', 'crusty bread'], packs: [[800, 'loaf']], count: { slice: 45, piece: 800 }, density: { cubed: 0.18, torn: 0.15 }, yields: { usual: 0.95 }, keeps: { room: 3 }, allergens: ['wheat'] },
  { id: 'rye-bread', uk: 'rye bread', packs: [[500, 'loaf']], count: { slice: 40 }, density: {}, yields: {}, keeps: { room: 5 }, allergens: ['rye', 'wheat'] },
  { id: 'breadcrumbs', uk: 'dry breadcrumbs', also: ['breadcrumbs', 'bread crumbs'], packs: [[200, 'packet']], density: { plain: 0.42 }, yields: {}, keeps: { room: 90 }, allergens: ['wheat'] },
]);

/** Fish, shellfish and meat. */
export const fishAndMeat = defineSection('fish and meat', [
  { id: 'smoked-bacon', uk: 'streaky bacon', us: 'bacon', packs: [[200, 'packet']], count: { slice: 20 }, density: {}, yields: { cooked: 0.35 }, leaves: [['bacon-fat', 'cooked', 0.25]], keeps: { cold: 7 } },
  { id: 'bacon-fat', uk: 'bacon fat', also: ['rendered bacon fat', 'bacon dripping', 'rendered fat'], unit: 'ml', packs: [], density: { plain: 0.9 }, yields: {}, keeps: { cold: 14 } },
  { id: 'prawns', uk: 'prawns, peeled', us: 'shrimp, peeled', also: ['prawns', 'shrimp', 'prawn', 'peeled prawns'], packs: [[150, 'packet'], [300, 'packet']], count: { piece: 12 }, density: {}, yields: {}, keeps: { cold: 1 }, allergens: ['crustaceans', 'sulphites'] },
  { id: 'smoked-mackerel', uk: 'smoked mackerel', packs: [[200, 'packet']], density: {}, yields: { usual: 0.92 }, keeps: { cold: 5 }, allergens: ['fish'] },
  { id: 'chicken-breast', uk: 'chicken breast', also: ['chicken'], packs: [[100, 'loose']], count: { piece: 170 }, density: {}, yields: { cooked: 0.75 }, keeps: { cold: 2 } },
]);
