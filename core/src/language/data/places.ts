/** Written from places.csv by npm run facts. */
export const placesTable = `
place,words
cupboard,room temperature;ambient temperature;unrefrigerated;cupboard;larder;pantry;on the|a shelf;shelves;windowsill;dark place
counter,counter;countertop;worktop;kitchen table;sink;warm place;on the side
left out,leave|left|leaving|sit|sits|sitting|stand|stands|standing|stay|stays out;leave it|them|this|that out;stays|stay|left|leave warm|hot
kept warm,keep|keeps|kept|keeping it|them? warm|hot;keep|kept .. warm|hot;hold|held warm|hot;holding warm
fridge,fridge;refrigerator;cold room
freezer,freezer
ice water,ice water;iced water;ice bath;bowl of ice
over food,over;onto
`;
