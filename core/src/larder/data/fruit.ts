import { defineSection } from '../define.js';

/** Fruit. Juice is what one medium piece gives, low and high; zest in grams. */
export const fruit = defineSection('fruit', [
  { id: 'lemon', uk: 'lemon', also: ['lemons', 'unwaxed lemon', 'unwaxed lemons'], unit: 'piece', packs: [[1, '']], count: { piece: 110 }, juice: [35, 45], zest: 6, density: { juiced: 1.03, zested: 0.4 }, yields: { usual: 1, segmented: 0.52, sliced: 0.9 }, keeps: { room: 7, cold: 21 } },
  { id: 'lime', uk: 'lime', also: ['limes'], unit: 'piece', packs: [[1, '']], count: { piece: 70 }, juice: [20, 30], zest: 4, density: { juiced: 1.03, zested: 0.4 }, yields: { usual: 1, segmented: 0.52 }, keeps: { room: 7, cold: 21 } },
  { id: 'orange', uk: 'orange', also: ['oranges', 'navel orange', 'blood orange', 'blood oranges'], unit: 'piece', packs: [[1, '']], count: { piece: 200 }, juice: [70, 80], zest: 10, density: { juiced: 1.04, zested: 0.4, segmented: 0.75 }, yields: { usual: 0.7, sliced: 0.7, peeled: 0.7, segmented: 0.52 }, keeps: { room: 10, cold: 21 } },
  { id: 'grapefruit', uk: 'grapefruit', also: ['pink grapefruit'], unit: 'piece', packs: [[1, '']], count: { piece: 380 }, juice: [150, 170], zest: 12, density: { juiced: 1.04, segmented: 0.9 }, yields: { usual: 0.7, segmented: 0.5 }, keeps: { room: 10, cold: 21 } },
  { id: 'apple', uk: 'crisp apple', us: 'crisp apple', also: ['apple', 'apples', 'eating apple', 'tart apple'], unit: 'piece', packs: [[1, '']], count: { piece: 170 }, density: { diced: 0.5, grated: 0.6, sliced: 0.46, matchsticks: 0.45 }, yields: { usual: 0.9, cored: 0.9, peeled: 0.8 }, keeps: { cool: 14, cold: 30 } },
  { id: 'pear', uk: 'pear', also: ['pears', 'firm pear', 'ripe pear'], unit: 'piece', packs: [[1, '']], count: { piece: 180 }, density: { diced: 0.6, sliced: 0.56 }, yields: { usual: 0.9, cored: 0.9 }, ripens: 3, keeps: { room: 4, cold: 10 } },
  { id: 'mango', uk: 'mango', also: ['mangoes', 'mangos'], unit: 'piece', packs: [[1, '']], count: { piece: 350 }, density: { diced: 0.7 }, yields: { usual: 0.65 }, ripens: 3, keeps: { room: 4, cold: 5 } },
  { id: 'pomegranate', uk: 'pomegranate', also: ['pomegranates', 'pomegranate seeds'], unit: 'piece', packs: [[1, '']], count: { piece: 280 }, density: { plain: 0.7 }, yields: { usual: 0.56, seeded: 0.56 }, keeps: { cool: 14, cold: 30 } },
  { id: 'grapes', uk: 'seedless grapes', also: ['grapes'], packs: [[500, 'punnet']], handful: 80, density: { whole: 0.64, halved: 0.64 }, yields: { usual: 0.95 }, keeps: { cold: 7 } },
  { id: 'strawberry', uk: 'strawberries', also: ['strawberry'], packs: [[250, 'punnet']], count: { piece: 15 }, density: { sliced: 0.7, whole: 0.6 }, yields: { usual: 0.9 }, keeps: { cold: 3 } },
  { id: 'fig', uk: 'figs', also: ['fig', 'fresh figs'], unit: 'piece', packs: [[1, '']], count: { piece: 50 }, density: {}, yields: { usual: 0.97 }, keeps: { cold: 3 } },
  { id: 'peach', uk: 'peach', also: ['peaches', 'nectarine', 'nectarines'], unit: 'piece', packs: [[1, '']], count: { piece: 150 }, density: { sliced: 0.65, diced: 0.65 }, yields: { usual: 0.85 }, ripens: 2, keeps: { room: 3, cold: 5 } },
  { id: 'watermelon', uk: 'watermelon', packs: [[500, 'loose']], density: { cubed: 0.64, diced: 0.64 }, yields: { usual: 0.6 }, keeps: { cold: 4 } },
  { id: 'dates', uk: 'soft dates', us: 'soft dates', also: ['dates', 'pitted dates'], packs: [[200, 'packet']], count: { piece: 16 }, density: { chopped: 0.62 }, yields: { usual: 0.9 }, keeps: { room: 60 } },
  { id: 'raisins', uk: 'raisins', also: ['sultanas', 'golden raisins'], packs: [[250, 'packet']], handful: 40, density: { plain: 0.64 }, yields: {}, keeps: { room: 180 } },
  { id: 'dried-cranberries', uk: 'dried cranberries', packs: [[150, 'packet']], handful: 30, density: { plain: 0.5 }, yields: {}, keeps: { room: 180 } },
]);
