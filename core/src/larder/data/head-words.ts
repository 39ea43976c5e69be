/** Written from head-words.csv by npm run facts. */
export const headWordsTable = `
word,is,families,allergens,eaten by,raw
fish,a fish,fish;raw fish,fish,neither,yes
zander,a fish,fish;raw fish,fish,neither,yes
pike,a fish,fish;raw fish,fish,neither,yes
perch,a fish,fish;raw fish,fish,neither,yes
tilapia,a fish,fish;raw fish,fish,neither,yes
basa,a fish,fish;raw fish,fish,neither,yes
pangasius,a fish,fish;raw fish,fish,neither,yes
barramundi,a fish,fish;raw fish,fish,neither,yes
grouper,a fish,fish;raw fish,fish,neither,yes
lingcod,a fish,fish;raw fish,fish,neither,yes
rockfish,a fish,fish;raw fish,fish,neither,yes
catfish,a fish,fish;raw fish,fish,neither,yes
carp,a fish,fish;raw fish,fish,neither,yes
whiting,a fish,fish;raw fish,fish,neither,yes
coley,a fish,fish;raw fish,fish,neither,yes
gurnard,a fish,fish;raw fish,fish,neither,yes
skate,a fish,fish;raw fish,fish,neither,yes
kingfish,a fish,fish;raw fish,fish,neither,yes
amberjack,a fish,fish;raw fish,fish,neither,yes
yellowtail,a fish,fish;raw fish,fish,neither,yes
whitebait,a fish,fish;raw fish,fish,neither,yes
sprats,a fish,fish;raw fish,fish,neither,yes
sprat,a fish,fish;raw fish,fish,neither,yes
tuna,a fish,fish;raw fish,fish,neither,yes
salmon,a fish,fish;raw fish,fish,neither,yes
cod,a fish,fish;raw fish,fish,neither,yes
trout,a fish,fish;raw fish,fish,neither,yes
mackerel,a fish,fish;raw fish,fish,neither,yes
herring,a fish,fish;raw fish,fish,neither,yes
eel,a fish,fish;raw fish,fish,neither,yes
anchovies,a fish,preserved fish,fish,neither,no
roe,fish roe,preserved fish,fish,neither,no
caviar,fish roe,preserved fish,fish,neither,no
shellfish,a shellfish,crustaceans;molluscs,crustaceans;molluscs,neither,yes
prawn,a crustacean,crustaceans,crustaceans,neither,yes
prawns,a crustacean,crustaceans,crustaceans,neither,yes
shrimp,a crustacean,crustaceans,crustaceans,neither,yes
shrimps,a crustacean,crustaceans,crustaceans,neither,yes
crab,a crustacean,crustaceans,crustaceans,neither,yes
lobster,a crustacean,crustaceans,crustaceans,neither,yes
clam,a mollusc,molluscs,molluscs,neither,yes
clams,a mollusc,molluscs,molluscs,neither,yes
mussel,a mollusc,molluscs,molluscs,neither,yes
mussels,a mollusc,molluscs,molluscs,neither,yes
oyster,a mollusc,molluscs;raw molluscs,molluscs,neither,yes
oysters,a mollusc,molluscs;raw molluscs,molluscs,neither,yes
squid,a mollusc,molluscs,molluscs,neither,yes
snails,a mollusc,molluscs,molluscs,neither,yes
abalone,a mollusc,molluscs,molluscs,neither,yes
chicken,poultry,poultry,,neither,yes
poussin,poultry,poultry,,neither,yes
turkey,poultry,poultry,,neither,yes
duck,poultry,poultry,,neither,yes
goose,poultry,poultry,,neither,yes
pigeon,poultry,poultry,,neither,yes
pheasant,poultry,poultry,,neither,yes
partridge,poultry,poultry,,neither,yes
grouse,poultry,poultry,,neither,yes
ostrich,poultry,poultry,,neither,yes
wings,poultry,poultry,,neither,yes
beef,meat,red meat,,neither,yes
veal,meat,red meat,,neither,yes
lamb,meat,red meat,,neither,yes
mutton,meat,red meat,,neither,yes
hogget,meat,red meat,,neither,yes
goat,meat,red meat,,neither,yes
kid,meat,red meat,,neither,yes
boar,meat,pork,,neither,yes
venison,meat,red meat,,neither,yes
hare,meat,red meat,,neither,yes
bison,meat,red meat,,neither,yes
kangaroo,meat,red meat,,neither,yes
steak,meat,red meat,,neither,yes
steaks,meat,red meat,,neither,yes
brisket,meat,red meat,,neither,yes
oxtail,meat,red meat,,neither,yes
mince,minced meat,minced meat,,neither,yes
meatballs,minced meat,minced meat,,neither,yes
burger,minced meat,minced meat,,neither,yes
burgers,minced meat,minced meat,,neither,yes
pork,pork,pork,,neither,yes
sausage,a sausage,minced meat;pork,,neither,yes
sausages,a sausage,minced meat;pork,,neither,yes
ham,ham,pork,,neither,no
bacon,bacon,pork;bacon,,neither,yes
gammon,ham,pork,,neither,no
salami,a cured sausage,cured raw meat;pork,,neither,no
saucisson,a cured sausage,cured raw meat;pork,,neither,no
liver,liver,liver,,neither,yes
livers,liver,liver,,neither,yes
pate,a pâté,liver,,neither,no
cheese,a cheese,cheese,milk,vegetarians,no
cheddar,a cheese,cheese,milk,vegetarians,no
brie,a soft cheese,cheese;mould-ripened cheese,milk,vegetarians,no
roquefort,a blue cheese,blue cheese;mould-ripened cheese,milk,vegetarians,no
cream,a cream,cream,milk,vegetarians,no
milk,a milk,milk,milk,vegetarians,no
yoghurt,a yoghurt,cultured milk;fresh dairy,milk,vegetarians,no
yogurt,a yoghurt,cultured milk;fresh dairy,milk,vegetarians,no
butter,a butter,,milk,vegetarians,no
curd,a curd,fresh dairy,milk,vegetarians,no
egg,an egg,eggs,egg,vegetarians,no
eggs,an egg,eggs,egg,vegetarians,no
mayonnaise,a mayonnaise,mayonnaise,egg,vegetarians,no
bread,a bread,bread,wheat,not known,no
bun,a bread,bread,wheat,not known,no
buns,a bread,bread,wheat,not known,no
rolls,a bread,bread,wheat,not known,no
toast,a bread,bread,wheat,not known,no
crackers,a bread,bread,wheat,not known,no
biscuits,a biscuit,,wheat,not known,no
flour,a flour,flour,wheat,vegans,no
noodles,noodles,pasta,wheat;egg,not known,no
pasta,a pasta,pasta,wheat,not known,no
macaroni,a pasta,pasta,wheat,not known,no
wheat,a grain,grains,wheat,vegans,no
barley,a grain,grains,barley,vegans,no
grain,a grain,grains,,vegans,no
grains,a grain,grains,,vegans,no
rice,a rice,rice,,vegans,no
beans,beans,pulses;kidney-type beans,,vegans,no
bean,beans,pulses;kidney-type beans,,vegans,no
lentils,lentils,lentils,,vegans,no
peas,peas,pulses,,vegans,no
dal,a pulse,pulses,,vegans,no
nuts,nuts,nuts;hard nuts,almond;hazelnut;walnut;pecan;cashew;pistachio;brazil nut;macadamia nut,vegans,no
nut,nuts,nuts;hard nuts,almond;hazelnut;walnut;pecan;cashew;pistachio;brazil nut;macadamia nut,vegans,no
brittle,a brittle,nuts,almond;hazelnut;peanut,not known,no
praline,a praline,nuts,almond;hazelnut,not known,no
marzipan,an almond paste,nuts,almond,not known,no
peanuts,peanuts,nuts;hard nuts,peanut,vegans,no
seeds,seeds,seeds,sesame,vegans,no
sesame,sesame,seeds,sesame,vegans,no
tofu,tofu,tofu,soya,vegans,no
soy,soya,,soya,vegans,no
soya,soya,,soya,vegans,no
miso,a miso,miso,soya,vegans,no
mustard,a mustard,mustards,mustard,vegans,no
celery,celery,,celery,vegans,no
wine,a wine,alcohol,sulphites,not known,no
beer,a beer,alcohol,barley,not known,no
ale,a beer,alcohol,barley,not known,no
rum,a spirit,alcohol,,vegans,no
brandy,a spirit,alcohol,,vegans,no
whisky,a spirit,alcohol,,vegans,no
vodka,a spirit,alcohol,,vegans,no
gin,a spirit,alcohol,,vegans,no
tequila,a spirit,alcohol,,vegans,no
liqueur,a liqueur,alcohol,,not known,no
port,a fortified wine,alcohol,sulphites,not known,no
honey,a honey,honey,,vegetarians,no
gelatine,gelatine,gelatine,,neither,no
gelatin,gelatine,gelatine,,neither,no
sprouts,sprouts,sprouts,,vegans,no
mushroom,a mushroom,mushrooms,,vegans,no
mushrooms,a mushroom,mushrooms,,vegans,no
onion,an onion,onions;alliums,,vegans,no
onions,an onion,onions;alliums,,vegans,no
garlic,a garlic,garlic;alliums,,vegans,no
chilli,a chilli,burns the mouth;nightshades,,vegans,no
chillies,a chilli,burns the mouth;nightshades,,vegans,no
chile,a chilli,burns the mouth;nightshades,,vegans,no
chiles,a chilli,burns the mouth;nightshades,,vegans,no
pepper,a pepper,nightshades,,vegans,no
peppers,a pepper,nightshades,,vegans,no
tomato,a tomato,tomatoes;nightshades,,vegans,no
tomatoes,a tomato,tomatoes;nightshades,,vegans,no
potato,a potato,potatoes;nightshades,,vegans,no
potatoes,a potato,potatoes;nightshades,,vegans,no
cabbage,a cabbage,sturdy leaves,,vegans,no
lettuce,a lettuce,cut leaves,,vegans,no
leaves,leaves,cut leaves,,vegans,no
greens,leaves,cut leaves,,vegans,no
grapes,grapes,chokes whole,,vegans,no
olives,olives,chokes whole;salty,,vegans,no
oil,an oil,oils,,vegans,no
vinegar,a vinegar,vinegars,sulphites,vegans,no
lemon,a citrus fruit,citrus,,vegans,no
lime,a citrus fruit,citrus,,vegans,no
orange,a citrus fruit,citrus,,vegans,no
`;
