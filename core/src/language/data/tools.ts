/** Written from tools.csv by npm run facts. */
export const toolsTable = `
tool,words
board and knife,wedge*
peeler,a peeler
fine grater,grater;zest
whisk,a whisk
large bowl,large bowl
jar with lid,jar;jars
strainer,sieve;strainer;colander
oven tray,tray;trays;baking sheet
citrus press,juice
serving dish,platter;platters;serving dish;serving plate;a plate;the plate;plates;big plate;large plate
saucepan,saucepan
large pot,large pan;big pan;large saucepan;big saucepan;stockpot;large pot
frying pan,skillet;wok;frying pan;dry pan;crisp the bacon;crisp the pancetta;soften the .. in
any pan,pan
stick blender,stick blender;hand blender;immersion blender
food processor,processor
jug blender,blender
`;
