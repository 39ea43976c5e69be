import { defineSection, label, standard } from '../define.js';

/** Tins and jars. A tin's size is its net weight; the drained share says how much of it is food. */
export const tinsAndJars = defineSection('tins and jars', [
  { id: 'tinned-chickpeas', uk: 'tinned chickpeas', us: 'canned garbanzo beans', also: ['chickpeas', 'garbanzo beans', 'canned chickpeas', 'chickpea', 'cooked chickpeas'], packs: [[400, 'tin']], count: { tin: label(400), jar: label(700) }, density: { drained: 0.68, cooked: 0.68 }, drained: 0.6, yields: {}, leaves: [['chickpea-liquid', 'drained', 0.38]], keeps: { room: 700 } },
  { id: 'tinned-white-beans', uk: 'tinned white beans', us: 'canned white beans', also: ['white beans', 'cannellini beans', 'butter beans', 'canned cannellini beans', 'tinned cannellini beans'], packs: [[400, 'tin']], count: { tin: label(400), jar: label(700) }, density: { drained: 0.72, cooked: 0.72 }, drained: 0.6, yields: {}, keeps: { room: 700 } },
  { id: 'tinned-black-beans', uk: 'tinned black beans', us: 'canned black beans', also: ['black beans'], packs: [[400, 'tin']], count: { tin: label(400) }, density: { drained: 0.72, cooked: 0.72 }, drained: 0.6, yields: {}, keeps: { room: 700 } },
  { id: 'tinned-lentils', uk: 'tinned green lentils', us: 'canned lentils', also: ['tinned lentils'], packs: [[400, 'tin']], count: { tin: label(400) }, density: { drained: 0.75 }, drained: 0.6, yields: {}, keeps: { room: 700 } },
  { id: 'sweetcorn', uk: 'tinned sweetcorn', us: 'canned corn', also: ['sweetcorn', 'corn', 'corn kernels'], packs: [[200, 'tin'], [325, 'tin']], count: { tin: label(325) }, density: { drained: 0.65, plain: 0.65 }, drained: 0.83, yields: {}, keeps: { room: 700 } },
  { id: 'tuna', uk: 'tinned tuna', us: 'canned tuna', also: ['tuna'], packs: [[145, 'tin']], count: { tin: label(145) }, density: { drained: 0.65 }, drained: 0.72, yields: {}, keeps: { room: 700 }, allergens: ['fish'] },
  { id: 'tinned-tomatoes', uk: 'tinned tomatoes', us: 'canned tomatoes', also: ['crushed tomatoes'], packs: [[400, 'tin']], count: { tin: label(400) }, density: { plain: 1.03 }, yields: {}, keeps: { room: 700 } },
  { id: 'anchovy', uk: 'anchovy fillets', also: ['anchovies', 'anchovy'], packs: [[50, 'tin'], [100, 'jar']], count: { piece: 4, tin: label(50), jar: label(100) }, density: { chopped: 1 }, drained: 0.6, yields: {}, leaves: [['anchovy-oil', 'drained', 0.35]], keeps: { room: 365 }, allergens: ['fish'], scaling: 'startLow' },
  { id: 'olives', uk: 'black olives', also: ['olives', 'green olives', 'pitted olives'], packs: [[340, 'jar']], count: { piece: 4, jar: label(340) }, handful: 40, density: { whole: 0.57, chopped: 0.6, sliced: 0.57 }, drained: 0.5, yields: { pitted: 0.8 }, leaves: [['pickle-brine', 'drained', 0.45]], keeps: { room: 365 } },
  { id: 'capers', uk: 'capers in brine', us: 'capers in brine', also: ['capers'], packs: [[100, 'jar']], count: { jar: label(100) }, density: { plain: 0.6, drained: 0.6, rinsed: 0.6, chopped: 0.65 }, drained: 0.6, yields: {}, leaves: [['pickle-brine', 'drained', 0.35]], keeps: { room: 365 } },
  { id: 'gherkins', uk: 'gherkins', us: 'dill pickles', also: ['gherkin', 'pickles', 'cornichons'], packs: [[350, 'jar']], count: { piece: 15, jar: label(350) }, density: { chopped: 0.6, sliced: 0.6 }, drained: 0.55, yields: {}, leaves: [['pickle-brine', 'drained', 0.42]], keeps: { room: 365 } },
  { id: 'roasted-peppers', uk: 'roasted peppers in a jar', also: ['roasted peppers', 'jarred peppers', 'jarred red peppers'], packs: [[450, 'jar']], count: { jar: label(450), piece: 60 }, density: { chopped: 0.9 }, drained: 0.7, yields: {}, keeps: { room: 365 } },
  { id: 'sun-dried-tomatoes', uk: 'sun-dried tomatoes in oil', us: 'sun-dried tomatoes in oil', also: ['sun-dried tomatoes', 'sundried tomatoes'], packs: [[280, 'jar']], count: { jar: label(280) }, density: { chopped: 0.6 }, drained: 0.55, yields: {}, leaves: [['tomato-oil', 'drained', 0.4]], keeps: { room: 365 }, allergens: ['sulphites'] },
  { id: 'dijon-mustard', uk: 'Dijon mustard', also: ['dijon mustard', 'mustard', 'smooth mustard'], packs: [[185, 'jar']], density: { plain: 1.05 }, yields: {}, keeps: { cold: 180 }, allergens: ['mustard', 'sulphites'] },
  { id: 'wholegrain-mustard', uk: 'wholegrain mustard', us: 'whole-grain mustard', also: ['grainy mustard'], packs: [[185, 'jar']], density: { plain: 1.03 }, yields: {}, keeps: { cold: 180 }, allergens: ['mustard', 'sulphites'] },
  { id: 'mayonnaise', uk: 'mayonnaise', also: ['mayo'], packs: [[400, 'jar']], density: { plain: 0.93 }, yields: {}, keeps: { cold: 60 }, allergens: ['egg', 'mustard'] },
  { id: 'tahini', uk: 'tahini', also: ['sesame paste'], packs: [[300, 'jar']], density: { plain: 1.01 }, yields: {}, keeps: { room: 180 }, allergens: ['sesame'] },
  { id: 'peanut-butter', uk: 'peanut butter', packs: [[340, 'jar']], density: { plain: 1.08 }, yields: {}, keeps: { room: 180 }, allergens: ['peanut'] },
  { id: 'harissa', uk: 'chilli paste', us: 'chile paste', also: ['harissa'], packs: [[90, 'jar']], density: { plain: 1.05 }, yields: {}, keeps: { cold: 60 }, scaling: 'startLow' },
  { id: 'miso', uk: 'white miso', also: ['miso', 'miso paste'], packs: [[300, 'tub']], density: { plain: 1.15 }, yields: {}, keeps: { cold: 180 }, allergens: ['soya', 'barley'] },
  { id: 'horseradish', uk: 'grated horseradish', also: ['horseradish', 'creamed horseradish'], packs: [[150, 'jar']], density: { plain: 1.0 }, yields: {}, keeps: { cold: 60 }, allergens: ['sulphites'], scaling: 'startLow' },
]);

/** Oils, vinegars and bottled liquids. */
export const oilsAndVinegars = defineSection('oils and vinegars', [
  { id: 'olive-oil', uk: 'olive oil', also: ['oil'], unit: 'ml', packs: [[500, 'bottle'], [1000, 'bottle']], density: { plain: standard(0.91) }, yields: {}, keeps: { room: 300 } },
  { id: 'extra-virgin-olive-oil', uk: 'extra virgin olive oil', us: 'extra-virgin olive oil', also: ['fruity olive oil', 'evoo'], unit: 'ml', packs: [[500, 'bottle'], [750, 'bottle']], density: { plain: standard(0.91) }, yields: {}, keeps: { room: 300 } },
  { id: 'rapeseed-oil', uk: 'rapeseed oil', us: 'canola oil', also: ['neutral oil', 'vegetable oil', 'sunflower oil'], unit: 'ml', packs: [[500, 'bottle'], [1000, 'bottle']], density: { plain: standard(0.92) }, yields: {}, keeps: { room: 300 } },
  { id: 'walnut-oil', uk: 'walnut oil', unit: 'ml', packs: [[250, 'bottle']], density: { plain: standard(0.92) }, yields: {}, keeps: { cool: 90 }, allergens: ['walnut'] },
  { id: 'hazelnut-oil', uk: 'hazelnut oil', unit: 'ml', packs: [[250, 'bottle']], density: { plain: standard(0.92) }, yields: {}, keeps: { cool: 90 }, allergens: ['hazelnut'] },
  { id: 'sesame-oil', uk: 'toasted sesame oil', also: ['sesame oil'], unit: 'ml', packs: [[150, 'bottle']], density: { plain: standard(0.92) }, yields: {}, keeps: { room: 180 }, allergens: ['sesame'] },
  { id: 'red-wine-vinegar', uk: 'red wine vinegar', unit: 'ml', packs: [[350, 'bottle']], density: { plain: 1.01 }, yields: {}, keeps: { room: 700 }, allergens: ['sulphites'], scaling: 'startLow' },
  { id: 'white-wine-vinegar', uk: 'white wine vinegar', also: ['vinegar'], unit: 'ml', packs: [[350, 'bottle']], density: { plain: 1.01 }, yields: {}, keeps: { room: 700 }, allergens: ['sulphites'], scaling: 'startLow' },
  { id: 'cider-vinegar', uk: 'cider vinegar', us: 'apple cider vinegar', also: ['cider vinegar'], unit: 'ml', packs: [[350, 'bottle'], [500, 'bottle']], density: { plain: 1.01 }, yields: {}, keeps: { room: 700 }, scaling: 'startLow', allergens: ['sulphites'] },
  { id: 'sherry-vinegar', uk: 'sherry vinegar', unit: 'ml', packs: [[250, 'bottle']], density: { plain: 1.01 }, yields: {}, keeps: { room: 700 }, allergens: ['sulphites'], scaling: 'startLow' },
  { id: 'balsamic-vinegar', uk: 'balsamic vinegar', unit: 'ml', packs: [[250, 'bottle']], density: { plain: 1.08 }, yields: {}, keeps: { room: 700 }, allergens: ['sulphites'], scaling: 'startLow' },
  { id: 'rice-vinegar', uk: 'rice vinegar', unit: 'ml', packs: [[150, 'bottle'], [300, 'bottle']], density: { plain: 1.01 }, yields: {}, keeps: { room: 700 }, scaling: 'startLow' },
  { id: 'soy-sauce', uk: 'soy sauce', unit: 'ml', packs: [[150, 'bottle'], [250, 'bottle']], density: { plain: 1.13 }, yields: {}, keeps: { room: 300 }, allergens: ['soya', 'wheat'], scaling: 'startLow' },
  { id: 'fish-sauce', uk: 'fish sauce', unit: 'ml', packs: [[200, 'bottle']], density: { plain: 1.2 }, yields: {}, keeps: { room: 300 }, allergens: ['fish'], scaling: 'startLow' },
  { id: 'pomegranate-molasses', uk: 'pomegranate molasses', unit: 'ml', packs: [[200, 'bottle']], density: { plain: 1.35 }, yields: {}, keeps: { room: 300 } },
  { id: 'hot-sauce', uk: 'hot chilli sauce', us: 'hot sauce', also: ['chilli sauce'], unit: 'ml', packs: [[150, 'bottle']], density: { plain: 1.02 }, yields: {}, keeps: { room: 300 }, scaling: 'startLow' },
  { id: 'vegetable-stock', uk: 'vegetable stock', us: 'vegetable broth', also: ['stock'], unit: 'ml', packs: [[500, 'pouch']], density: { plain: 1.0 }, yields: {}, keeps: { cold: 3 }, allergens: ['celery'] },
]);

/** Grains, pulses and pasta, dry. */
export const grainsAndPulses = defineSection('grains and pulses', [
  { id: 'dried-white-beans', uk: 'dried white beans', also: ['dried cannellini beans', 'dried butter beans', 'dry white beans'], packs: [[500, 'bag']], density: { plain: 0.8, cooked: 0.72 }, dryToCooked: 2.3, yields: {}, keeps: { room: 365 } },
  { id: 'dried-chickpeas', uk: 'dried chickpeas', us: 'dried garbanzo beans', also: ['dry chickpeas'], packs: [[500, 'bag']], density: { plain: 0.8, cooked: 0.68 }, dryToCooked: 2.3, yields: {}, keeps: { room: 365 } },
  { id: 'green-lentils', uk: 'small green lentils', us: 'small green lentils', also: ['lentils', 'green lentils', 'dark green lentils', 'dried lentils'], packs: [[500, 'bag']], density: { plain: 0.82, cooked: 0.75 }, dryToCooked: 2.4, yields: {}, keeps: { room: 365 } },
  { id: 'farro', uk: 'pearled farro', also: ['farro', 'pearled spelt', 'spelt'], packs: [[500, 'bag']], density: { plain: 0.76, cooked: 0.7 }, dryToCooked: 2.4, yields: {}, keeps: { room: 365 }, allergens: ['wheat'] },
  { id: 'pearl-barley', uk: 'pearl barley', also: ['barley'], packs: [[500, 'bag']], density: { plain: 0.8, cooked: 0.7 }, dryToCooked: 2.8, yields: {}, keeps: { room: 365 }, allergens: ['barley'] },
  { id: 'bulgur', uk: 'bulgur wheat', us: 'bulgur', also: ['bulgur', 'fine bulgur', 'coarse bulgur'], packs: [[500, 'bag']], density: { plain: 0.75, cooked: 0.72 }, dryToCooked: 2.9, yields: {}, keeps: { room: 365 }, allergens: ['wheat'] },
  { id: 'couscous', uk: 'couscous', packs: [[500, 'bag']], density: { plain: 0.72, cooked: 0.65 }, dryToCooked: 2.4, yields: {}, keeps: { room: 365 }, allergens: ['wheat'] },
  { id: 'quinoa', uk: 'quinoa', packs: [[300, 'bag']], density: { plain: 0.72, cooked: 0.74 }, dryToCooked: 3, yields: {}, keeps: { room: 365 } },
  { id: 'white-rice', uk: 'white rice', also: ['rice', 'long-grain rice', 'basmati rice'], packs: [[500, 'bag'], [1000, 'bag']], density: { plain: 0.8, cooked: 0.67 }, dryToCooked: 2.6, yields: {}, keeps: { room: 365 } },
  { id: 'short-pasta', uk: 'short pasta', also: ['pasta'], packs: [[500, 'bag']], density: { plain: 0.42 }, dryToCooked: 2.2, yields: {}, keeps: { room: 365 }, allergens: ['wheat'] },
]);

/** Nuts and seeds, shelled. */
export const nutsAndSeeds = defineSection('nuts and seeds', [
  { id: 'walnuts', uk: 'walnut halves', also: ['walnuts', 'walnut pieces', 'walnut'], packs: [[100, 'bag'], [200, 'bag']], handful: 30, density: { whole: 0.42, chopped: 0.5, toasted: 0.42 }, yields: {}, keeps: { cool: 60 }, allergens: ['walnut'] },
  { id: 'hazelnuts', uk: 'hazelnuts', also: ['hazelnut'], packs: [[100, 'bag'], [200, 'bag']], handful: 30, density: { whole: 0.57, chopped: 0.5 }, yields: { peeled: 0.95 }, keeps: { cool: 60 }, allergens: ['hazelnut'] },
  { id: 'almonds', uk: 'almonds', also: ['whole almonds', 'flaked almonds', 'slivered almonds'], packs: [[100, 'bag'], [200, 'bag']], handful: 30, density: { whole: 0.6, sliced: 0.4, chopped: 0.5 }, yields: {}, keeps: { cool: 90 }, allergens: ['almond'] },
  { id: 'pecans', uk: 'pecan halves', also: ['pecans'], packs: [[100, 'bag']], handful: 30, density: { whole: 0.42, chopped: 0.46 }, yields: {}, keeps: { cool: 60 }, allergens: ['pecan'] },
  { id: 'cashews', uk: 'cashew nuts', us: 'cashews', also: ['cashews'], packs: [[100, 'bag']], handful: 30, density: { whole: 0.57, chopped: 0.5 }, yields: {}, keeps: { cool: 90 }, allergens: ['cashew'] },
  { id: 'pistachios', uk: 'shelled pistachios', also: ['pistachios'], packs: [[100, 'bag']], handful: 30, density: { whole: 0.52, chopped: 0.5 }, yields: {}, keeps: { cool: 90 }, allergens: ['pistachio'] },
  { id: 'pine-nuts', uk: 'pine nuts', packs: [[50, 'bag'], [100, 'bag']], handful: 30, density: { whole: 0.57 }, yields: {}, keeps: { cold: 60 }, allergens: ['pine nut'] },
  { id: 'peanuts', uk: 'roasted peanuts', also: ['peanuts'], packs: [[200, 'bag']], handful: 30, density: { whole: 0.6, chopped: 0.55 }, yields: {}, keeps: { cool: 90 }, allergens: ['peanut'] },
  { id: 'pumpkin-seeds', uk: 'pumpkin seeds', also: ['pepitas'], packs: [[100, 'bag']], handful: 30, density: { plain: 0.55 }, yields: {}, keeps: { cool: 120 } },
  { id: 'sunflower-seeds', uk: 'sunflower seeds', packs: [[100, 'bag']], handful: 30, density: { plain: 0.58 }, yields: {}, keeps: { cool: 120 } },
  { id: 'sesame-seeds', uk: 'sesame seeds', packs: [[100, 'bag']], density: { plain: 0.6 }, yields: {}, keeps: { cool: 180 }, allergens: ['sesame'] },
]);

/** Salt, spices and dried seasonings. */
export const spices = defineSection('spices and seasoning', [
  { id: 'fine-salt', uk: 'fine salt', also: ['salt', 'table salt', 'fine sea salt'], packs: [[500, 'tub']], density: { plain: 1.2 }, yields: {}, keeps: { room: 999 }, scaling: 'startLow' },
  { id: 'coarse-salt', uk: 'coarse salt', us: 'coarse salt', also: ['kosher salt', 'coarse sea salt'], packs: [[500, 'tub']], density: { plain: 1.0 }, yields: {}, keeps: { room: 999 }, scaling: 'startLow' },
  { id: 'flake-salt', uk: 'light flake salt', us: 'light flake salt', also: ['flaky sea salt', 'flaked sea salt', 'flaky salt', 'sea salt flakes', 'flake salt'], packs: [[250, 'box']], density: { plain: 0.6 }, yields: {}, keeps: { room: 999 }, scaling: 'startLow' },
  { id: 'black-pepper', uk: 'black pepper', also: ['ground black pepper', 'freshly ground black pepper', 'peppercorns', 'black peppercorns'], packs: [[50, 'jar']], density: { plain: 0.5, ground: 0.45 }, yields: {}, keeps: { room: 365 }, scaling: 'startLow' },
  { id: 'cumin-seeds', uk: 'cumin seeds', also: ['cumin seed'], packs: [[40, 'jar']], density: { plain: 0.43 }, yields: {}, keeps: { room: 365 } },
  { id: 'ground-cumin', uk: 'ground cumin', also: ['cumin'], packs: [[40, 'jar']], density: { plain: 0.42 }, yields: {}, keeps: { room: 180 } },
  { id: 'coriander-seeds', uk: 'coriander seeds', also: ['coriander seed'], packs: [[30, 'jar']], density: { plain: 0.33 }, yields: {}, keeps: { room: 365 } },
  { id: 'caraway-seeds', uk: 'caraway seeds', also: ['caraway'], packs: [[40, 'jar']], density: { plain: 0.45 }, yields: {}, keeps: { room: 365 } },
  { id: 'fennel-seeds', uk: 'fennel seeds', also: ['fennel seed'], packs: [[40, 'jar']], density: { plain: 0.4 }, yields: {}, keeps: { room: 365 } },
  { id: 'smoked-paprika', uk: 'smoked paprika', packs: [[40, 'jar']], density: { plain: 0.46 }, yields: {}, keeps: { room: 180 } },
  { id: 'paprika', uk: 'sweet paprika', also: ['paprika'], packs: [[40, 'jar']], density: { plain: 0.46 }, yields: {}, keeps: { room: 180 } },
  { id: 'chilli-flakes', uk: 'chilli flakes', us: 'red pepper flakes', also: ['dried chilli flakes', 'crushed red pepper', 'chile flakes'], packs: [[30, 'jar']], density: { plain: 0.36 }, yields: {}, keeps: { room: 365 }, scaling: 'startLow' },
  { id: 'sumac', uk: 'sumac', packs: [[40, 'jar']], density: { plain: 0.6 }, yields: {}, keeps: { room: 365 } },
  { id: 'turmeric', uk: 'ground turmeric', also: ['turmeric'], packs: [[40, 'jar']], density: { plain: 0.6 }, yields: {}, keeps: { room: 365 } },
  { id: 'dried-oregano', uk: 'dried oregano', also: ['oregano'], packs: [[15, 'jar']], density: { plain: 0.2 }, yields: {}, keeps: { room: 365 } },
  { id: 'dried-mint', uk: 'dried mint', packs: [[15, 'jar']], density: { plain: 0.2 }, yields: {}, keeps: { room: 365 } },
  { id: 'granulated-garlic', uk: 'granulated garlic', also: ['garlic granules', 'garlic powder'], packs: [[50, 'jar']], density: { plain: 0.65 }, yields: {}, keeps: { room: 365 } },
  { id: 'bay-leaf', uk: 'bay leaves', also: ['bay leaf', 'bay'], unit: 'piece', packs: [[20, 'packet']], count: { leaf: 0.3, piece: 0.3 }, density: {}, yields: {}, keeps: { room: 365 }, scaling: 'perVessel' },
]);

/** Sugar, honey, flour and other baking goods. */
export const baking = defineSection('baking and sweet', [
  { id: 'honey', uk: 'clear honey', us: 'honey', also: ['honey', 'runny honey'], packs: [[340, 'jar']], density: { plain: standard(1.42) }, yields: {}, keeps: { room: 700 }, scaling: 'startLow' },
  { id: 'maple-syrup', uk: 'maple syrup', unit: 'ml', packs: [[250, 'bottle']], density: { plain: standard(1.32) }, yields: {}, keeps: { room: 180 }, scaling: 'startLow' },
  { id: 'caster-sugar', uk: 'caster sugar', us: 'superfine sugar', also: ['sugar', 'white sugar', 'granulated sugar'], packs: [[500, 'bag']], density: { plain: 0.85 }, yields: {}, keeps: { room: 999 }, scaling: 'startLow' },
  { id: 'brown-sugar', uk: 'soft brown sugar', us: 'brown sugar', packs: [[500, 'bag']], density: { plain: 0.9, packed: 0.93 }, yields: {}, keeps: { room: 365 }, scaling: 'startLow' },
  { id: 'plain-flour', uk: 'plain flour', us: 'all-purpose flour', also: ['flour'], packs: [[500, 'bag'], [1500, 'bag']], density: { plain: 0.53 }, yields: {}, keeps: { room: 180 }, allergens: ['wheat'] },
  { id: 'cornflour', uk: 'cornflour', us: 'cornstarch', packs: [[250, 'packet']], density: { plain: 0.54 }, yields: {}, keeps: { room: 365 } },
]);

/** What draining a tin or jar leaves. It is not sold by itself: it comes out of what is opened. */
export const drainings = defineSection('tins and jars', [
  { id: 'chickpea-liquid', uk: 'liquid of tinned chickpeas', also: ['chickpea liquid', 'chickpea water', 'liquid from the chickpeas'], unit: 'ml', packs: [], density: { plain: 1.02 }, yields: {}, keeps: { cold: 3 } },
  { id: 'pickle-brine', uk: 'brine from the jar', also: ['brine', 'pickle brine', 'pickling liquid', 'pickling liquor', 'caper brine', 'gherkin brine', 'olive brine'], unit: 'ml', packs: [], density: { plain: 1.04 }, yields: {}, keeps: { cold: 14 }, scaling: 'startLow' },
  { id: 'tomato-oil', uk: 'oil from sun-dried tomatoes', also: ['sun-dried tomato oil', 'oil from the tomatoes'], unit: 'ml', packs: [], density: { plain: 0.92 }, yields: {}, keeps: { cold: 4 } },
  { id: 'anchovy-oil', uk: 'oil from anchovies', also: ['anchovy oil', 'oil from the anchovies'], unit: 'ml', packs: [], density: { plain: 0.92 }, yields: {}, keeps: { cold: 4 }, allergens: ['fish'] },
]);

/** What comes from the tap and is never bought. */
export const water = defineSection('other', [
  { id: 'water', uk: 'water', also: ['cold water', 'boiling water', 'warm water', 'ice water', 'hot water'], unit: 'ml', packs: [], density: { plain: standard(1) }, yields: {}, keeps: { room: 999 } },
  { id: 'ice', uk: 'ice', also: ['ice cubes'], packs: [[1000, 'bag']], count: { piece: 25 }, handful: 75, density: { plain: 0.55 }, yields: {}, keeps: {} },
]);
