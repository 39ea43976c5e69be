/** Written from states.csv by npm run facts. */
export const statesTable = `
state,words
again,again;once more;a second time
alight,alight;set light to;sets light to;set fire to;light it|them;burn|burns off the alcohol
bought,bought;shop;farmed;cultivated
browned dark,until brown;until dark;until well browned;until deep brown;until very brown;until dark brown;till brown;till dark;high heat
cold,cold;ice;iced;ice-cold;chilled;cooled;running water;run water
cooked,cooked
cooked in acid,ceviche*;tiradito;aguachile
cooked through,probe;thermometer;clear;no pink;not pink;not be pink;no longer pink;no trace of pink;cooked through;piping;degrees;°
cut fine,grat*;shred*;shav*;matchstick*;thin*;fine*;mandoline;ribbon*
drained,drained;colander
dry,dry;dried;towel;kitchen paper
fresh water,fresh water;change the water;new water;changed water;changes of water
hard boil,boil* .. hard;boil* .. fast;boil* .. rapidly;boil* .. vigorously;hard boil;fast boil;rapid boil;rolling boil;vigorous boil
hot,hot;boiling;simmering
hot oil,hot oil;litre oil;litre of oil;litres of oil;l oil;l of oil
lightly,lightly;once more
in salted water,salted water;salted boiling water;brine
in oil,under oil;kept in oil;keep in oil;kept in the oil;keep in the oil;cover* with oil;cover* with the oil;cover* with olive oil;cover* .. with oil;cover* .. with the oil;cover* .. with olive oil
in the hand,in the palm;in your palm;in one palm;in the hand;in your hand;in one hand;on the palm;on your palm
in water,in water;in fresh water;in plenty of water;in boiling water;in salted water;in their water;in its water
kept for months,for months;several months;# months
off the heat,off the heat;do not boil;do not let it boil;don't boil;don't let it boil;never boil;without boiling
picked in the wild,forag* mushrooms;forag* fungi;forag* leaves;forag* greens;forag* garlic;forag* herbs;forag* berries;forag* plants;hand-picked mushrooms;hand-picked fungi;hand-picked leaves;hand-picked greens;hand-picked garlic;hand-picked herbs;hand-picked berries;hand-picked plants;handpicked mushrooms;handpicked berries;handpicked herbs;wild mushrooms;wild mushroom;wild fungi;wild leaves;wild greens;wild garlic;wild herbs;wild berries;wild plants
pressed,pressed
salted,salted;salting
slowly,slow*;drop*;drip*;thin stream;stream;gradual*;bit by bit;little by little;a little at a time;steady;spoonful*;stick blender
soft,soft;softly;soft-boiled;jammy
squeezed,squeezed
steaming hot,steaming;piping;°;degrees;boil*
still hot,hot;warm;straight from the pan;straight from the pot;straight from the oven;just boiled
straight from the heat,straight from the oven;straight from the pan;straight from the grill;straight from the pot;while hot;while still hot;while very hot;while still very hot;piping hot;still hot;immediately after roasting;immediately after frying;immediately after grilling
under pressure,pressure
unpasteurised,unpasteurised;unpasteurized;raw milk;raw-milk
vented,vent*;third;lid off;lid open;lid ajar;cool*;cold;stick blender
warm,warm;warmed;lukewarm
warm glass,warm jar*;warmed jar*;heatproof jar*;sterilised jar*;sterilized jar*;hot jar*;warm glass;warmed glass;heatproof glass;warm sterilised jar*;warm clean jar*
warm water,warm water;hot water
at once,at once;straight away;immediately
cooled or served hot,cool*;cold;ice;iced;ice-cold;chill*;fridge;warm*;hot;rest;rests;rested;resting;stand*;straight away;at once;sizzling;room temperature
overnight,overnight
warm when dressed,while warm;while hot;while still warm;while still hot;while it is warm;while it is hot;while they are warm;while they are hot;while it is still warm;while they are still warm;while it is still hot;while they are still hot;still warm;warm potatoes;warm grains;warm lentils;warm beans
charred skin,burn the skin;over the flame
skin off,skin them;skin off;skins off;skin away;skins away;skin comes off;scoop*;scrape out
charred over a flame,<char> .. flame;<char> .. flames;<char> .. gas ring;<char> .. burner;<blister> .. flame;<blister> .. flames;<blister> .. gas ring;<blister> .. burner;<blacken> .. flame;<blacken> .. flames;<blacken> .. gas ring;<blacken> .. burner
frozen,frozen
thawed,thawed;defrosted;from frozen
barely cooked,rare;medium rare;medium-rare;pink;still pink;blue;barely cooked;just seared;raw inside|within;raw in the middle|centre|center;undercooked
through the middle,cooked through;no longer pink;not pink;no pink;juices run clear;well done;opaque all through
frozen before,was frozen;been frozen;previously frozen;frozen and thawed;frozen first;freeze first;sushi grade;sushi-grade;sashimi grade;sashimi-grade;frozen for # days|hours
until another day,until|till tomorrow;until|till the next day;until|till next day;until|till the morning;overnight;all day;all night
for weeks,for days|weeks|months;for a|one|# day|days|week|weeks|month|months;up to a|one|# week|weeks|month|months
washed between,wash|washed|washing|clean|cleaned|scrub|scrubbed .. between;wash|washed|clean|cleaned it|them|well first
`;
