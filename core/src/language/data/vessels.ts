/** Written from vessels.csv by npm run facts. */
export const vesselsTable = `
vessel,words
board,chopping board;cutting board;board
bowl,bowl;bowls;basin
cloth,cloth;muslin;tea towel
cover,cover*;film;lid;foil
flame,flame;flames;gas ring;burner
frying pan,frying pan;skillet;wok;dry pan
glass,jar;jars;glass;jam jar
mandoline,mandoline;mandolin
mortar,mortar;pestle
oven tray,tray;trays;roasting tin;baking sheet
saucepan,pan;pans;pot;pots;saucepan;stockpot
stick blender,stick blender;hand blender;immersion blender
blender,blender;food processor
`;
