/** Written from verbs.csv by npm run facts. */
export const verbsTable = `
verb,do,doing,done,kind,heat,appliance,vessel,hands,also
simmer,,,,heat,wet,hob,saucepan,free,
boil,,,,heat,wet,hob,saucepan,free,noun
parboil,,,,heat,wet,hob,saucepan,free,
poach,,,,heat,wet,hob,saucepan,free,
blanch,,,,heat,wet,hob,saucepan,free,
scald,,,,heat,wet,hob,saucepan,free,
coddle,,,,heat,wet,hob,saucepan,free,
stew,,,,heat,wet,hob,saucepan,free,noun
braise,,,,heat,wet,hob,saucepan,free,
reboil,,,,heat,wet,hob,saucepan,free,
boil down,,,,heat,wet,hob,saucepan,free,
pressure-cook,,,,heat,wet,hob,saucepan,free,
soft-boil,,,,heat,wet,hob,saucepan,free,
hard-boil,,,,heat,wet,hob,saucepan,free,
bubble,,,,heat,wet,hob,saucepan,free,
reduce,,,,heat,wet,hob,saucepan,free,
steam,,,,heat,wet,hob,steamer,free,noun
fry,,,,heat,fat,hob,frying pan,stay,noun
deep-fry,,,,heat,fat,hob,frying pan,stay,
stir-fry,,,,heat,fat,hob,frying pan,stay,
pan-fry,,,,heat,fat,hob,frying pan,stay,
shallow-fry,,,,heat,fat,hob,frying pan,stay,
flash-fry,,,,heat,fat,hob,frying pan,stay,
saute,sautes,sauteing,sauteed,heat,fat,hob,frying pan,stay,
sear,,,,heat,fat,hob,frying pan,stay,noun
brown,,,,heat,fat,hob,frying pan,stay,adjective
sweat,,,,heat,fat,hob,frying pan,free,noun
caramelise,caramelize caramelizes,caramelizing,caramelized,heat,fat,hob,frying pan,free,
wilt,wilts,wilting,wilted,heat,fat,hob,frying pan,stay,
crisp,,,,heat,fat,hob,frying pan,free,adjective
scramble,,,,heat,fat,hob,frying pan,stay,noun
render,,,,heat,fat,hob,frying pan,free,
pan-roast,,,,heat,fat,hob,frying pan,free,
pan-sear,,,,heat,fat,hob,frying pan,stay,
frizzle,,,,heat,fat,hob,frying pan,stay,
sizzle,,,,heat,fat,hob,frying pan,free,
confit,,,,heat,fat,hob,saucepan,free,noun
toast,,,,heat,dry,hob,frying pan,stay,noun
dry-fry,,,,heat,dry,hob,frying pan,stay,
dry-roast,,,,heat,dry,hob,frying pan,stay,
dry-toast,,,,heat,dry,hob,frying pan,stay,
roast,,,,heat,dry,oven,oven tray,free,noun
bake,,,,heat,dry,oven,oven tray,free,noun
broil,,,,heat,dry,oven,oven tray,free,
oven-roast,,,,heat,dry,oven,oven tray,free,
slow-roast,,,,heat,dry,oven,oven tray,free,
oven-bake,,,,heat,dry,oven,oven tray,free,
pot-roast,,,,heat,dry,oven,oven tray,free,
gratinate,,,,heat,dry,oven,oven tray,free,
air-fry,,,,heat,dry,oven,oven tray,free,
reroast,,,,heat,dry,oven,oven tray,free,
rebake,,,,heat,dry,oven,oven tray,free,
griddle,,,,heat,dry,griddle,,,noun
barbecue,barbecues barbeque bbq,barbecuing,barbecued barbequed,heat,dry,griddle,,,noun
char-grill,,,,heat,dry,griddle,,,
chargrill,,,,heat,dry,griddle,,,
braai,,,,heat,dry,griddle,,,
spit-roast,,,,heat,dry,griddle,,,
char,,,,heat,dry,,,free,noun
blister,,,,heat,dry,,,,noun
scorch,,,,heat,dry,,,,
blacken,,,,heat,dry,,,,
singe,,,,heat,dry,,,,
blowtorch,,,,heat,dry,,,,
grill,,,,heat,dry,,,,noun
microwave,,,,heat,dry,microwave,,free,noun
cook,,,,heat,any,,,free,noun
smoke,,,,heat,any,,,free,noun
hot-smoke,,,,heat,any,,,free,
soften,,,,heat,any,,,free,
melt,,,,heat,any,,,free,
reheat,,,,heat,any,,,free,
re-heat,,,,heat,any,,,free,
temper,,,,heat,fat,hob,,free,
warm,,,,warm,any,,,,adjective
heat,,,,warm,any,,,,noun
preheat,,,,warm,any,,,,
pre-heat,,,,warm,any,,,,
thaw,,,,left,,,,free,noun
defrost,,,,left,,,,free,noun
leave,,leaving,left,left,,,,free,
rest,,,,left,,,,free,noun
stand,,standing,stood,left,,,,free,noun
sit,,sitting,sat,left,,,,free,
soak,,,,left,,,,free,noun
steep,,,,left,,,,free,
infuse,,,,left,,,,free,
macerate,,,,left,,,,free,
marinate,,,,left,,,,free,
marinade,,,,left,,,,free,noun
brine,,,,left,,,,free,noun
cure,,,,left,,,,free,noun
pickle,,,,left,,,,free,noun
prove,,,,left,,,,free,
proof,,,,left,,,,free,noun
ferment,,,,left,,,,free,noun
cool,,,,left,,,,free,adjective
drain,,,,left,,,,free,noun
strain,,,,left,,,,free,noun
set aside,,,,left,,,,free,
bloom,,,,left,,,,free,noun
hydrate,,,,left,,,,free,
rehydrate,,,,left,,,,free,
stand aside,,,,left,,,,free,
let,lets,letting,,left,,,,free,
dry,dries,drying,dried,left,,,,free,adjective
air-dry,,,,left,,,,free,
chill,,,,left,,fridge,,free,noun
refrigerate,,,,left,,fridge,,free,
freeze,,freezing,froze frozen,left,,,,free,
pop,,,,work,,,,,
refresh,,,,work,,,,,
whisk,,,,work,,,,stay,noun
stir,,,,work,,,,stay,noun
knead,,,,work,,,,stay,
massage,,,,work,,,,stay,
toss,,,,work,,,,stay,noun
beat,,,beaten,work,,,,stay,
shake,,,shook shaken,work,,,,stay,noun
chop,,,,work,,,,stay,noun
mash,,,,work,,,,stay,noun
rub,,,,work,,,,stay,noun
pound,,,,work,,,,stay,noun
grind,,grinding,ground,work,,,,stay,
squeeze,,,,work,,,,stay,noun
mix,,,,work,,,,,noun
fold,,,,work,,,,,noun
combine,,,,work,,,,,
cream,,,,work,,,,stay,noun
whip,,,,work,,,,stay,noun
peel,,,,work,,,,stay,noun
cut,,cutting,,work,,,,,noun
slice,,,,work,,,,stay,noun
dice,,,,work,,,,stay,noun
cube,,,,work,,,,,noun
mince,,,,work,,,,,noun
shred,,,,work,,,,,noun
shave,,,,work,,,,,noun
grate,,,,work,,,,stay,
halve,,,,work,,,,,
quarter,,,,work,,,,,noun
core,,,,work,,,,,noun
seed,,,,work,,,,,noun
deseed,,,,work,,,,,
de-seed,,,,work,,,,,
pit,,,,work,,,,,noun
stone,,,,work,,,,,noun
hull,,,,work,,,,,noun
trim,,,,work,,,,,noun
top,,,,work,,,,,noun
tail,,,,work,,,,,noun
snip,,,,work,,,,,
tear,,tearing,tore torn,work,,,,,
crumble,,,,work,,,,,noun
flake,,,,work,,,,,noun
break,,breaking,broke broken,work,,,,,
crush,,,,work,,,,,noun
bash,,,,work,,,,,
bruise,,,,work,,,,,
smash,,,,work,,,,,
press,,,,work,,,,,noun
juice,,,,work,,,,,noun
zest,,,,work,,,,,noun
segment,,,,work,,,,,noun
fillet,,,,work,,,,,noun
bone,,,,work,,,,,noun
debone,,,,work,,,,,
de-bone,,,,work,,,,,
skin,,,,work,,,,,noun
butterfly,,,,work,,,,,
score,,,,work,,,,,
prick,,,,work,,,,,
pierce,,,,work,,,,,
strip,,,,work,,,,,noun
pick,,,,work,,,,,noun
pluck,,,,work,,,,,
separate,,,,work,,,,,
open,,,,work,,,,,adjective
shell,,,,work,,,,stay,noun
shuck,,,,work,,,,stay,
pod,,,,work,,,,stay,noun
string,,,,work,,,,,noun
devein,,,,work,,,,,
de-vein,,,,work,,,,,
scrub,,,,work,,,,stay,
scrape,,,,work,,,,,
rinse,,,,work,,,,,noun
wash,,,,work,,,,,noun
spin,,spinning,spun,work,,,,,noun
pat,,,,work,,,,,noun
dab,,,,work,,,,,
blot,,,,work,,,,,
wipe,,,,work,,,,,
dust,,,,work,,,,,noun
flour,,,,work,,,,,noun
coat,,,,work,,,,,noun
crumb,,,,work,,,,,noun
dip,,,,work,,,,,noun
dredge,,,,work,,,,,
roll,,,,work,,,,stay,noun
shape,,,,work,,,,stay,noun
form,,,,work,,,,,noun
press out,,,,work,,,,,
stuff,,,,work,,,,,noun
fill,,,,work,,,,,noun
line,,,,work,,,,,noun
grease,,,,work,,,,,noun
oil,,,,work,,,,,noun
butter,,,,work,,,,,noun
brush,,,,work,,,,,noun
baste,,,,work,,,,,
glaze,,,,work,,,,,noun
paint,,,,work,,,,,
drizzle,,,,work,,,,,noun
sprinkle,,,,work,,,,,noun
scatter,,,,work,,,,,
strew,,,,work,,,,,
garnish,,,,work,,,,,noun
dress,,,,work,,,,,noun
season,,,,work,,,,,noun
salt,,,,work,,,,,noun
pepper,,,,work,,,,,noun
taste,,,,work,,,,,noun
adjust,,,,work,,,,,
balance,,,,work,,,,,noun
correct,,,,work,,,,,
arrange,,,,work,,,,,
lay,,laying,laid,work,,,,,
layer,,,,work,,,,,noun
spread,,,,work,,,,,noun
smear,,,,work,,,,,noun
dollop,,,,work,,,,,noun
spoon,,,,work,,,,,noun
ladle,,,,work,,,,,noun
pour,,,,work,,,,,noun
tip,,,,work,,,,,noun
pile,,,,work,,,,,noun
plate,,,,work,,,,,noun
serve,,,,work,,,,,
divide,,,,work,,,,,
share,,,,work,,,,,noun
portion,,,,work,,,,,noun
label,,,,work,,,,,noun
pack,,,,work,,,,,noun
wrap,,,,work,,,,,noun
cover,,,,left,,,,free,noun
seal,,,,work,,,,,noun
lid,,,,work,,,,,noun
turn,,,,work,,,,,noun
flip,,,,work,,,,,noun
lift,,,,work,,,,,noun
transfer,,,,work,,,,,noun
remove,,,,work,,,,,
take,,taking,took taken,work,,,,,
put,,putting,,work,,,,,
place,,,,work,,,,,noun
set,,setting,,work,,,,,noun
add,,,,work,,,,,
stir in,,,,work,,,,,
stir through,,,,work,,,,,
work in,,,,work,,,,,
sift,,,,work,,,,,
sieve,,,,work,,,,,noun
measure,,,,work,,,,,noun
weigh,,,,work,,,,,
count,,,,work,,,,,noun
skewer,,,,work,,,,,noun
thread,,,,work,,,,stay,noun
tie,,,,work,,,,,noun
roll up,,,,work,,,,,
unroll,,,,work,,,,,
thin,,,,work,,,,,adjective
loosen,,,,work,,,,,
thicken,,,,work,,,,,
emulsify,,,,work,,,,,
bind,,binding,bound,work,,,,,
swirl,,,,work,,,,,noun
dissolve,,,,work,,,,,
sweeten,,,,work,,,,,
sharpen,,,,work,,,,,
chiffonade,,,,work,,,,,noun
julienne,,,,work,,,,,noun
spiralise,spiralize,,,work,,,,,
mandolin,,,,work,,,,,
crack,,,,work,,,,,noun
whizz up,,,,work,,,,,
pinch,,,,work,,,,,noun
twist,,,,work,,,,,noun
pull,,,,work,,,,,noun
push,,,,work,,,,,noun
rake,,,,work,,,,,noun
fluff,,,,work,,,,,noun
fork,,,,work,,,,,noun
clean,,,,work,,,,,adjective
dry off,,,,work,,,,,
check,,,,work,,,,,noun
watch,,,,work,,,,,noun
hold,,holding,held,work,,,,,noun
keep,,keeping,kept,work,,,,,
move,,,,work,,,,stay,noun
carry,,,,work,,,,,
bring,,bringing,brought,work,,,,,
reserve,,,,work,,,,,noun
save,,,,work,,,,,noun
discard,,,,work,,,,,
throw away,,,,work,,,,,
skim,,,,work,,,,,
strain off,,,,work,,,,,
sour,,,,work,,,,,noun
decorate,,,,work,,,,,
finish,,,,work,,,,,noun
blend,,,,work,,blender,,stay,noun
blitz,,,,work,,blender,,stay,noun
liquidise,liquidize,liquidizing,liquidized,work,,blender,,stay,
whizz,whiz,whizzing,whizzed,work,,blender,,stay,
puree,purees,pureeing,pureed,work,,blender,,stay,noun
`;
