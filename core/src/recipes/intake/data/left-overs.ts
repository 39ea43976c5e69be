/** Written from left-overs.csv by npm run facts. */
export const leftOversTable = `
product,ml,of,words
soaking-liquid,150,,soaking liquid|liquids|liquor|water
cooking-liquid,100,chickpea-liquid,pasta|cooking|boiling|poaching|bean|blanching|starchy cooking? liquid|liquids|liquor|water
pickle-brine,60,pickle-brine,pickling|pickle? brine|brines;pickling liquid|liquor;pickle juice
pan-fat,30,bacon-fat,bacon|rendered|pan|duck|chicken? fat|fats|dripping|drippings
pan-juices,30,,pan|roasting|cooking|resting|tray|tomato|meat? juice|juices
pan-oil,45,anchovy-oil;tomato-oil,roasting|frying|cooking|poaching|garlic|anchovy|shallot|chilli? oil|oils
cooking-liquid,100,chickpea-liquid,liquid|liquids|liquor|water|waters
`;
