/** Written from food-kinds.csv by npm run facts. */
export const foodKindsTable = `
words,sections
vegetable;vegetables;veg;veggies,vegetables;salad and herbs
herb;herbs,salad and herbs
nut;nuts;seeds,nuts and seeds
fruit;fruits,fruit
spices,spices and seasoning
ingredient;ingredients,*
`;
