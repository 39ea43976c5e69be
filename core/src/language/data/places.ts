/** Written from places.csv by npm run facts. */
export const placesTable = `
place,words
cupboard,room temperature;cupboard;larder;shelf;windowsill;dark place
counter,counter;worktop;sink;warm place;on the side
fridge,fridge;refrigerator;cold room
freezer,freezer
ice water,ice water;iced water;ice bath;bowl of ice
over food,over;onto
`;
