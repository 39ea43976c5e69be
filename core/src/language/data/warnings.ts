/** Written from warnings.csv by npm run facts. */
export const warningsTable = `
warning,words
spits,oil spits
sleeves,sleeves;hair tied back
blades,blade*;unplug*
guard,guard
handles,handle*;oven glove*;dry cloth
steam,steam
boiling water,boiling water;tip it away
knife,knife;knives;fingertips;curl*
grater,grater
knuckles,knuckle*
tight lid,lid tight;lid is tight;cloth round
floor,floor
`;
