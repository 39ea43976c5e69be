/** Written from verbs.csv by npm run facts. */
export const verbsTable = `
verb,do,doing,done,kind,act,heat,appliance,vessel,hands,also,state,technique
simmer,,,,heat,wet heat,wet,hob,saucepan,free,,cooked,
boil,,,,heat,wet heat,wet,hob,saucepan,free,noun,cooked,
parboil,,,,heat,wet heat,wet,hob,saucepan,free,,cooked,
poach,,,,heat,wet heat,wet,hob,saucepan,free,,cooked,poach-fish
blanch,,,,heat,wet heat,wet,hob,saucepan,free,,cooked,crisp-tender
scald,,,,heat,wet heat,wet,hob,saucepan,free,,cooked,
coddle,,,,heat,wet heat,wet,hob,saucepan,free,,cooked,
stew,,,,heat,wet heat,wet,hob,saucepan,free,noun,cooked,
braise,,,,heat,wet heat,wet,hob,saucepan,free,,cooked,
reboil,,,,heat,wet heat,wet,hob,saucepan,free,,cooked,
boil down,,,,heat,wet heat,wet,hob,saucepan,free,,cooked,
pressure-cook,,,,heat,wet heat,wet,hob,saucepan,free,,cooked,
soft-boil,,,,heat,wet heat,wet,hob,saucepan,free,,cooked,
hard-boil,,,,heat,wet heat,wet,hob,saucepan,free,,cooked,
bubble,,,,heat,wet heat,wet,hob,saucepan,free,,cooked,
reduce,,,,heat,wet heat,wet,hob,saucepan,free,,cooked,
steam,,,,heat,wet heat,wet,hob,steamer,free,noun,cooked,
fry,,,,heat,fry,fat,hob,frying pan,stay,noun,cooked,fry
deep-fry,,,,heat,fry,fat,hob,frying pan,stay,,cooked,fry
stir-fry,,,,heat,fry,fat,hob,frying pan,stay,,cooked,fry
pan-fry,,,,heat,fry,fat,hob,frying pan,stay,,cooked,fry
shallow-fry,,,,heat,fry,fat,hob,frying pan,stay,,cooked,fry
flash-fry,,,,heat,fry,fat,hob,frying pan,stay,,cooked,
saute,sautes sautee,sauteing,sauteed,heat,fry,fat,hob,frying pan,stay,,cooked,fry
sear,,,,heat,fry,fat,hob,frying pan,stay,noun,cooked,sear
brown,,,,heat,fry,fat,hob,frying pan,stay,adjective,cooked,
sweat,,,,heat,cook gently,fat,hob,frying pan,free,noun,cooked,soften-onion
caramelise,caramelize caramelizes,caramelizing,caramelized,heat,cook gently,fat,hob,frying pan,free,,cooked,
wilt,wilts,wilting,wilted,heat,cook gently,fat,hob,frying pan,stay,,cooked,wilt-greens
crisp,,,,heat,fry,fat,hob,frying pan,free,adjective,cooked,
scramble,,,,heat,cook gently,fat,hob,frying pan,stay,noun,cooked,
render,,,,heat,cook gently,fat,hob,frying pan,free,,cooked,
pan-roast,,,,heat,fry,fat,hob,frying pan,free,,cooked,
pan-sear,,,,heat,fry,fat,hob,frying pan,stay,,cooked,
frizzle,,,,heat,fry,fat,hob,frying pan,stay,,cooked,
sizzle,,,,heat,fry,fat,hob,frying pan,free,,cooked,
confit,,,,heat,cook gently,fat,hob,saucepan,free,noun,cooked,
toast,,,,heat,dry heat,dry,hob,frying pan,stay,noun,cooked,toast-nuts-seeds
dry-fry,,,,heat,dry heat,dry,hob,frying pan,stay,,cooked,
dry-roast,,,,heat,dry heat,dry,hob,frying pan,stay,,cooked,
dry-toast,,,,heat,dry heat,dry,hob,frying pan,stay,,cooked,
roast,,,,heat,dry heat,dry,oven,oven tray,free,noun,cooked,roast-vegetables
bake,,,,heat,dry heat,dry,oven,oven tray,free,noun,cooked,
broil,,,,heat,dry heat,dry,oven,oven tray,free,,cooked,
oven-roast,,,,heat,dry heat,dry,oven,oven tray,free,,cooked,
slow-roast,,,,heat,dry heat,dry,oven,oven tray,free,,cooked,
oven-bake,,,,heat,dry heat,dry,oven,oven tray,free,,cooked,
pot-roast,,,,heat,dry heat,dry,oven,oven tray,free,,cooked,
gratinate,,,,heat,dry heat,dry,oven,oven tray,free,,cooked,
air-fry,,,,heat,dry heat,dry,oven,oven tray,free,,cooked,
reroast,,,,heat,dry heat,dry,oven,oven tray,free,,cooked,
rebake,,,,heat,dry heat,dry,oven,oven tray,free,,cooked,
griddle,,,,heat,dry heat,dry,griddle,,,noun,cooked,
barbecue,barbecues barbeque bbq,barbecuing,barbecued barbequed,heat,dry heat,dry,griddle,,,noun,cooked,
char-grill,,,,heat,dry heat,dry,griddle,,,,cooked,
chargrill,,,,heat,dry heat,dry,griddle,,,,cooked,
braai,,,,heat,dry heat,dry,griddle,,,,cooked,
spit-roast,,,,heat,dry heat,dry,griddle,,,,cooked,
char,,,,heat,dry heat,dry,,,free,noun,cooked,char-steam-peel
blister,,,,heat,dry heat,dry,,,,noun,cooked,char-steam-peel
scorch,,,,heat,dry heat,dry,,,,,cooked,
blacken,,,,heat,dry heat,dry,,,,,cooked,char-steam-peel
singe,,,,heat,dry heat,dry,,,,,cooked,
blowtorch,,,,heat,dry heat,dry,,,,,cooked,
grill,,,,heat,dry heat,dry,,,,noun,cooked,
microwave,,,,heat,dry heat,dry,microwave,,free,noun,cooked,
cook,,,,heat,heat,any,,,free,noun,cooked,
smoke,,,,heat,heat,any,,,free,noun,cooked,
hot-smoke,,,,heat,heat,any,,,free,,cooked,
soften,,,,heat,heat,any,,,free,,cooked,soften-onion
melt,,,,heat,heat,any,,,free,,cooked,
reheat,,,,heat,heat,any,,,free,,cooked,
re-heat,,,,heat,heat,any,,,free,,cooked,
temper,,,,heat,cook gently,fat,hob,,free,,cooked,
warm,,,,warm,warm,any,,,,adjective,,
heat,,,,warm,warm,any,,,,noun,,
preheat,,,,warm,warm,any,,,,,,
pre-heat,,,,warm,warm,any,,,,,,
thaw,,,,left,thaw,,,,free,noun,,
defrost,,,,left,thaw,,,,free,noun,,
leave,,leaving,left,left,rest,,,,free,,,
rest,,,,left,rest,,,,free,noun,,
stand,,standing,stood,left,rest,,,,free,noun,,
sit,,sitting,sat,left,rest,,,,free,,,
soak,,,,left,soak,,,,free,noun,soaked,soak-and-cook-pulses
steep,,,,left,steep,,,,free,,,
infuse,,,,left,steep,,,,free,,,
macerate,,,,left,marinate,,,,free,,,quick-pickle
marinate,,,,left,marinate,,,,free,,,
marinade,,,,left,marinate,,,,free,noun,,
brine,,,,left,marinate,,,,free,food,salted,
cure,,,,left,marinate,,,,free,noun,,
pickle,,,,left,marinate,,,,free,noun,pickled,quick-pickle
prove,,,,left,ferment,,,,free,,,
proof,,,,left,ferment,,,,free,noun,,
ferment,,,,left,ferment,,,,free,noun,,
cool,,,,left,cool,,,,free,adjective,cold,
drain,,,,left,drain,,,,free,noun,drained,
strain,,,,left,drain,,,,free,noun,drained,
set aside,,,,left,rest,,,,free,,,
bloom,,,,left,soak,,,,free,noun,,
hydrate,,,,left,soak,,,,free,,soaked,
rehydrate,,,,left,soak,,,,free,,soaked,
stand aside,,,,left,rest,,,,free,,,
let,lets,letting,,left,rest,,,,free,,,
dry,dries,drying,dried,left,dry,,,,free,adjective,dry,
air-dry,,,,left,dry,,,,free,,dry,
chill,,,,left,chill,,fridge,,free,noun,cold,chill-and-store
refrigerate,,,,left,chill,,fridge,,free,,cold,chill-and-store
freeze,,freezing,froze frozen,left,chill,,,,free,,frozen,
pop,,,,work,handle,,,,,,,
refresh,,,,work,cool,,,,,,cold,
whisk,,,,work,whisk,,,,stay,noun,,whisk-dressing
stir,,,,work,mix,,,,stay,noun,,mix
knead,,,,work,mix,,,,stay,,,
massage,,,,work,mix,,,,stay,,,derib-kale
toss,,,,work,toss,,,,stay,noun,,toss
beat,,,beaten,work,whisk,,,,stay,,,
shake,,,shook shaken,work,mix,,,,stay,noun,,shake-dressing
chop,,,,work,cut,,,,stay,noun,cut,dice
mash,,,,work,crush,,,,stay,noun,,mash
rub,,,,work,mix,,,,stay,noun,,
pound,,,,work,crush,,,,stay,noun,,
grind,,grinding,ground,work,crush,,,,stay,,,
squeeze,,,,work,squeeze,,,,stay,noun,squeezed,
mix,,,,work,mix,,,,,noun,,mix
fold,,,,work,mix,,,,,noun,,fold
combine,,,,work,mix,,,,,,,mix
cream,,,,work,whisk,,,,stay,food,,
whip,,,,work,whisk,,,,stay,noun,,
peel,,,,work,peel,,,,stay,noun,,peel
cut,,cutting,,work,cut,,,,,noun,cut,cut-in-pieces
slice,,,,work,cut,,,,stay,food,cut,slice
dice,,,,work,cut,,,,stay,noun,cut,dice
cube,,,,work,cut,,,,,food,cut,dice
mince,,,,work,cut,,,,,noun,cut,mince-garlic-ginger
shred,,,,work,cut,,,,,noun,cut,shred
shave,,,,work,cut,,,,,noun,cut,shave
grate,,,,work,cut,,,,stay,,cut,grate
halve,,,,work,cut,,,,,,cut,cut-in-pieces
quarter,,,,work,cut,,,,,noun,cut,cut-in-pieces
core,,,,work,cut,,,,,food,cut,
seed,,,,work,stone,,,,,food,,seed
deseed,,,,work,stone,,,,,,,seed
de-seed,,,,work,stone,,,,,,,seed
pit,,,,work,stone,,,,,food,,
stone,,,,work,stone,,,,,food,,
hull,,,,work,peel,,,,,noun,,
trim,,,,work,cut,,,,,noun,cut,
top,,,,work,finish,,,,,noun,,
tail,,,,work,pick,,,,,noun,,
snip,,,,work,cut,,,,,,cut,
tear,,tearing,tore torn,work,tear,,,,,,,tear-and-crumble
crumble,,,,work,tear,,,,,noun,,tear-and-crumble
flake,,,,work,tear,,,,,noun,,tear-and-crumble
break,,breaking,broke broken,work,tear,,,,,,,tear-and-crumble
crush,,,,work,crush,,,,,noun,,mash
bash,,,,work,crush,,,,,,,
bruise,,,,work,crush,,,,,,,
smash,,,,work,crush,,,,,,,
press,,,,work,crush,,,,,noun,squeezed,
juice,,,,work,squeeze,,,,,food,,juice-citrus
zest,,,,work,zest,,,,,food,,zest-before-juicing
segment,,,,work,cut,,,,,noun,cut,fillet-citrus
fillet,,,,work,cut,,,,,food,cut,fillet-citrus
bone,,,,work,stone,,,,,food,,
debone,,,,work,stone,,,,,,,
de-bone,,,,work,stone,,,,,,,
skin,,,,work,peel,,,,,food,,
butterfly,,,,work,cut,,,,,,cut,
score,,,,work,cut,,,,,,cut,
prick,,,,work,handle,,,,,,,
pierce,,,,work,handle,,,,,,,
strip,,,,work,pick,,,,,noun,,strip-herbs
pick,,,,work,pick,,,,,noun,,strip-herbs
pluck,,,,work,pick,,,,,,,
separate,,,,work,pick,,,,,,,
open,,,,work,handle,,,,,adjective,,
shell,,,,work,peel,,,,stay,food,,
shuck,,,,work,peel,,,,stay,,,
pod,,,,work,peel,,,,stay,food,,
string,,,,work,stone,,,,,food,,
devein,,,,work,stone,,,,,,,
de-vein,,,,work,stone,,,,,,,
scrub,,,,work,wash,,,,stay,,washed,
scrape,,,,work,clean,,,,,,,
rinse,,,,work,wash,,,,,noun,washed,
wash,,,,work,wash,,,,,noun,washed,
spin,,spinning,spun,work,dry,,,,,noun,dry,
pat,,,,work,dry,,,,,noun,dry,
dab,,,,work,dry,,,,,,dry,
blot,,,,work,dry,,,,,,dry,
wipe,,,,work,clean,,,,,,,
dust,,,,work,finish,,,,,food,,
flour,,,,work,coat,,,,,food,coated,
coat,,,,work,coat,,,,,noun,coated,
crumb,,,,work,coat,,,,,food,coated,
dip,,,,work,coat,,,,,food,,
dredge,,,,work,coat,,,,,,coated,
roll,,,,work,arrange,,,,stay,noun,,
shape,,,,work,arrange,,,,stay,noun,,
form,,,,work,arrange,,,,,noun,,
press out,,,,work,crush,,,,,,squeezed,
stuff,,,,work,arrange,,,,,noun,,
fill,,,,work,arrange,,,,,noun,,
line,,,,work,brush,,,,,noun,,
grease,,,,work,brush,,,,,noun,,
oil,,,,work,brush,,,,,food,,
butter,,,,work,brush,,,,,food,,
brush,,,,work,brush,,,,,noun,,
baste,,,,work,brush,,,,,,,
glaze,,,,work,finish,,,,,food,,
paint,,,,work,brush,,,,,,,
drizzle,,,,work,finish,,,,,noun,,
sprinkle,,,,work,finish,,,,,noun,,
scatter,,,,work,finish,,,,,,,garnish
strew,,,,work,finish,,,,,,,
garnish,,,,work,finish,,,,,noun,,garnish
dress,,,,work,toss,,,,,noun,,toss
season,,,,work,seasoning,,,,,noun,,taste-and-adjust
salt,,,,work,seasoning,,,,,food,salted,
pepper,,,,work,seasoning,,,,,food,,
taste,,,,work,taste,,,,,noun,,taste-and-adjust
adjust,,,,work,seasoning,,,,,,,taste-and-adjust
balance,,,,work,seasoning,,,,,noun,,
correct,,,,work,seasoning,,,,,,,
arrange,,,,work,arrange,,,,,,,arrange
lay,,laying,laid,work,arrange,,,,,,,arrange
layer,,,,work,arrange,,,,,noun,,layer
spread,,,,work,arrange,,,,,noun,,arrange
smear,,,,work,brush,,,,,noun,,
dollop,,,,work,finish,,,,,noun,,
spoon,,,,work,spoon,,,,,noun,,
ladle,,,,work,pour,,,,,noun,,
pour,,,,work,pour,,,,,,,
tip,,,,work,pour,,,,,noun,,
pile,,,,work,arrange,,,,,noun,,
plate,,,,work,arrange,,,,,noun,,
serve,,,,work,serve,,,,,,,garnish
divide,,,,work,serve,,,,,,,
share,,,,work,serve,,,,,noun,,
portion,,,,work,serve,,,,,noun,,
label,,,,work,pack,,,,,noun,,
pack,,,,work,pack,,,,,noun,,
wrap,,,,work,pack,,,,,noun,,
cover,,,,left,pack,,,,free,noun,,
seal,,,,work,pack,,,,,noun,,
lid,,,,work,pack,,,,,noun,,
turn,,,,work,handle,,,,,noun,,
flip,,,,work,handle,,,,,noun,,
lift,,,,work,handle,,,,,noun,,
transfer,,,,work,handle,,,,,noun,,
remove,,,,work,handle,,,,,,,
take,,taking,took taken,work,handle,,,,,,,
put,,putting,,work,handle,,,,,,,
place,,,,work,handle,,,,,noun,,
set,,setting,,work,handle,,,,,noun,,
add,,,,work,add,,,,,,,
stir in,,,,work,mix,,,,,,,
stir through,,,,work,mix,,,,,,,
work in,,,,work,mix,,,,,,,
sift,,,,work,measure,,,,,,,
sieve,,,,work,measure,,,,,noun,,
measure,,,,work,measure,,,,,noun,,
weigh,,,,work,measure,,,,,,,
count,,,,work,measure,,,,,noun,,
skewer,,,,work,arrange,,,,,noun,,
thread,,,,work,arrange,,,,stay,noun,,
tie,,,,work,arrange,,,,,noun,,
roll up,,,,work,arrange,,,,,,,
unroll,,,,work,handle,,,,,,,
thin,,,,work,mix,,,,,adjective,,thicken-thin-dip
loosen,,,,work,mix,,,,,,,
thicken,,,,work,mix,,,,,,,thicken-thin-dip
emulsify,,,,work,whisk,,,,,,,
bind,,binding,bound,work,mix,,,,,,,
swirl,,,,work,mix,,,,,noun,,
dissolve,,,,work,mix,,,,,,,
sweeten,,,,work,seasoning,,,,,,,
sharpen,,,,work,seasoning,,,,,,,
chiffonade,,,,work,cut,,,,,noun,cut,ribbons
julienne,,,,work,cut,,,,,noun,cut,matchsticks
spiralise,spiralize,,,work,cut,,,,,,cut,
mandolin,,,,work,cut,,,,,,cut,
crack,,,,work,tear,,,,,noun,,
whizz up,,,,work,blend,,,,,,,
pinch,,,,work,tear,,,,,noun,,
twist,,,,work,tear,,,,,noun,,
pull,,,,work,tear,,,,,noun,,
push,,,,work,handle,,,,,noun,,
rake,,,,work,tear,,,,,noun,,
fluff,,,,work,tear,,,,,noun,,
fork,,,,work,tear,,,,,noun,,
clean,,,,work,clean,,,,,adjective,,
dry off,,,,work,dry,,,,,,dry,
check,,,,work,taste,,,,,noun,,
watch,,,,work,handle,,,,,noun,,
hold,,holding,held,work,keep,,,,,noun,,
keep,,keeping,kept,work,keep,,,,,,,
move,,,,work,handle,,,,stay,noun,,
carry,,,,work,handle,,,,,,,
bring,,bringing,brought,work,handle,,,,,,,
reserve,,,,work,keep,,,,,noun,,
save,,,,work,keep,,,,,noun,,
discard,,,,work,discard,,,,,,,
throw away,,,,work,discard,,,,,,,
skim,,,,work,drain,,,,,,,
strain off,,,,work,drain,,,,,,drained,
sour,,,,work,seasoning,,,,,noun,,
decorate,,,,work,finish,,,,,,,
finish,,,,work,finish,,,,,noun,,
blend,,,,work,blend,,blender,,stay,noun,,blend-dip
blitz,,,,work,blend,,blender,,stay,noun,,blend-dip
liquidise,liquidize,liquidizing,liquidized,work,blend,,blender,,stay,,,blend-dip
whizz,whiz,whizzing,whizzed,work,blend,,blender,,stay,,,blend-dip
puree,purees,pureeing,pureed,work,blend,,blender,,stay,noun,,blend-dip
desalt,,,,left,soak,,,,free,,soaked,
process,,,,work,blend,,blender,,stay,noun,,blend-dip
carve,,,,work,cut,,,,,,cut,
wring,,,,work,squeeze,,,,,,squeezed,
throw,,,thrown,work,discard,,,,,,,
pour off,,,,work,discard,,,,,,,
pour away,,,,work,discard,,,,,,,
tip away,,,,work,discard,,,,,,,
flambe,,flambeing,flambeed,work,ignite,,,,,,,
ignite,,,,work,ignite,,,,,,,
submerge,,,,work,handle,,,,,,,
`;
