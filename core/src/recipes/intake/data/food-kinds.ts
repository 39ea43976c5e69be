/** Written from food-kinds.csv by npm run facts. */
export const foodKindsTable = `
words,sections,families
vegetable;vegetables;veg;veggies,vegetables,cut leaves;sturdy leaves
herb;herbs,,herbs
nut;nuts,,nuts
seed;seeds,,seeds
fruit;fruits,fruit,
spice;spices,spices and seasoning,
seasoning;seasonings,,seasoning
cheese;cheeses,,cheese
leaves;salad leaves;greens;leafy greens,,cut leaves;sturdy leaves
bean;beans;pulses,,pulses
grain;grains,,grains;rice
mushroom;mushrooms,,mushrooms
fish,,fish
meat,,meat
seafood;shellfish,,crustaceans;molluscs
citrus,,citrus
alliums;onions,,onions
ingredient;ingredients,*,
`;
