/** Written from verbs.csv by npm run facts. */
export const verbsTable = `
verb,do,doing,done,kind,act,heat,appliance,vessel,tool,hands,also,state,technique,rate,named
simmer,,,,heat,wet heat,wet,hob,saucepan,,free,,cooked,,,
boil,,,,heat,wet heat,wet,hob,saucepan,,free,noun,cooked,,,
parboil,,,,heat,wet heat,wet,hob,saucepan,,free,,cooked,,,
poach,,,,heat,wet heat,wet,hob,saucepan,,free,,cooked,poach-fish,,
blanch,,,,heat,wet heat,wet,hob,saucepan,,free,,cooked,crisp-tender,,
scald,,,,heat,wet heat,wet,hob,saucepan,,free,,cooked,,,
coddle,,,,heat,wet heat,wet,hob,saucepan,,free,,cooked,,,
stew,,,,heat,wet heat,wet,hob,saucepan,,free,noun,cooked,,,
braise,,,,heat,wet heat,wet,hob,saucepan,,free,,cooked,,,
reboil,,,,heat,wet heat,wet,hob,saucepan,,free,,cooked,,,
boil down,,,,heat,wet heat,wet,hob,saucepan,,free,,cooked,,,
pressure-cook,,,,heat,wet heat,wet,hob,saucepan,,free,,cooked,,,
soft-boil,,,,heat,wet heat,wet,hob,saucepan,,free,,cooked,,,
hard-boil,,,,heat,wet heat,wet,hob,saucepan,,free,,cooked,,,
bubble,,,,heat,wet heat,wet,hob,saucepan,,free,,cooked,,,
reduce,,,,heat,wet heat,wet,hob,saucepan,,free,,cooked,,,
steam,,,,heat,wet heat,wet,hob,steamer,,free,noun,cooked,,,
fry,,,,heat,fry,fat,hob,frying pan,,stay,noun,cooked,fry,fry,to fry
deep-fry,,,,heat,fry,fat,hob,frying pan,,stay,,cooked,fry,fry,to fry
stir-fry,,,,heat,fry,fat,hob,frying pan,,stay,,cooked,fry,fry,to fry
pan-fry,,,,heat,fry,fat,hob,frying pan,,stay,,cooked,fry,fry,to fry
shallow-fry,,,,heat,fry,fat,hob,frying pan,,stay,,cooked,fry,fry,to fry
flash-fry,,,,heat,fry,fat,hob,frying pan,,stay,,cooked,,fry,to fry
saute,sautes sautee,sauteing,sauteed,heat,fry,fat,hob,frying pan,,stay,,cooked,fry,fry,to fry
sear,,,,heat,fry,fat,hob,frying pan,,stay,noun,cooked,sear,fry,to fry
brown,,,,heat,fry,fat,hob,frying pan,,stay,adjective,cooked,,fry,to fry
sweat,,,,heat,cook gently,fat,hob,frying pan,,free,noun,cooked,soften-onion,soften-onion,to soften
caramelise,caramelize caramelizes,caramelizing,caramelized,heat,cook gently,fat,hob,frying pan,,free,,cooked,,,
wilt,wilts,wilting,wilted,heat,cook gently,fat,hob,frying pan,,stay,,cooked,wilt-greens,,
crisp,,,,heat,fry,fat,hob,frying pan,,free,adjective,cooked,,,
scramble,,,,heat,cook gently,fat,hob,frying pan,,stay,noun,cooked,,,
render,,,,heat,cook gently,fat,hob,frying pan,,free,,cooked,,,
pan-roast,,,,heat,fry,fat,hob,frying pan,,free,,cooked,,,
pan-sear,,,,heat,fry,fat,hob,frying pan,,stay,,cooked,,fry,to fry
frizzle,,,,heat,fry,fat,hob,frying pan,,stay,,cooked,,,
sizzle,,,,heat,fry,fat,hob,frying pan,,free,,cooked,,,
confit,,,,heat,cook gently,fat,hob,saucepan,,free,noun,cooked,,,
toast,,,,heat,dry heat,dry,hob,frying pan,,stay,noun,cooked,toast-nuts-seeds,toast-nuts-seeds,to toast
dry-fry,,,,heat,dry heat,dry,hob,frying pan,,stay,,cooked,,,
dry-roast,,,,heat,dry heat,dry,hob,frying pan,,stay,,cooked,,,
dry-toast,,,,heat,dry heat,dry,hob,frying pan,,stay,,cooked,,,
roast,,,,heat,dry heat,dry,oven,oven tray,,free,noun,cooked,roast-vegetables,,
bake,,,,heat,dry heat,dry,oven,oven tray,,free,noun,cooked,,,
broil,,,,heat,dry heat,dry,oven,oven tray,,free,,cooked,,,
oven-roast,,,,heat,dry heat,dry,oven,oven tray,,free,,cooked,,,
slow-roast,,,,heat,dry heat,dry,oven,oven tray,,free,,cooked,,,
oven-bake,,,,heat,dry heat,dry,oven,oven tray,,free,,cooked,,,
pot-roast,,,,heat,dry heat,dry,oven,oven tray,,free,,cooked,,,
gratinate,,,,heat,dry heat,dry,oven,oven tray,,free,,cooked,,,
air-fry,,,,heat,dry heat,dry,oven,oven tray,,free,,cooked,,,
reroast,,,,heat,dry heat,dry,oven,oven tray,,free,,cooked,,,
rebake,,,,heat,dry heat,dry,oven,oven tray,,free,,cooked,,,
griddle,,,,heat,dry heat,dry,griddle,,,,noun,cooked,,fry,to fry
barbecue,barbecues barbeque bbq,barbecuing,barbecued barbequed,heat,dry heat,dry,griddle,,,,noun,cooked,,,
char-grill,,,,heat,dry heat,dry,griddle,,,,,cooked,,,
chargrill,,,,heat,dry heat,dry,griddle,,,,,cooked,,,
braai,,,,heat,dry heat,dry,griddle,,,,,cooked,,,
spit-roast,,,,heat,dry heat,dry,griddle,,,,,cooked,,,
char,,,,heat,dry heat,dry,,,,free,noun,cooked,char-steam-peel,char-steam-peel,charred
blister,,,,heat,dry heat,dry,,,,,noun,cooked,char-steam-peel,char-steam-peel,charred
scorch,,,,heat,dry heat,dry,,,,,,cooked,,,
blacken,,,,heat,dry heat,dry,,,,,,cooked,char-steam-peel,char-steam-peel,charred
singe,,,,heat,dry heat,dry,,,,,,cooked,,,
blowtorch,,,,heat,dry heat,dry,,,,,,cooked,,,
grill,,,,heat,dry heat,dry,,,,,noun,cooked,,,
microwave,,,,heat,dry heat,dry,microwave,,,free,noun,cooked,,,
cook,,,,heat,heat,any,,,,free,noun,cooked,,,
smoke,,,,heat,heat,any,,,,free,noun,cooked,,,
hot-smoke,,,,heat,heat,any,,,,free,,cooked,,,
soften,,,,heat,heat,any,,,,free,,cooked,soften-onion,soften-onion,to soften
melt,,,,heat,heat,any,,,,free,,cooked,,,
reheat,,,,heat,heat,any,,,,free,,cooked,,,
re-heat,,,,heat,heat,any,,,,free,,cooked,,,
temper,,,,heat,cook gently,fat,hob,,,free,,cooked,,,
warm,,,,warm,warm,any,,,,,adjective,,,,
heat,,,,warm,warm,any,,,,,noun,,,,
preheat,,,,warm,warm,any,,,,,,,,,
pre-heat,,,,warm,warm,any,,,,,,,,,
thaw,,,,left,thaw,,,,,free,noun,,,,
defrost,,,,left,thaw,,,,,free,noun,,,,
leave,,leaving,left,left,rest,,,,,free,,,,,
rest,,,,left,rest,,,,,free,noun,,,,
stand,,standing,stood,left,rest,,,,,free,noun,,,,
sit,,sitting,sat,left,rest,,,,,free,,,,,
soak,,,,left,soak,,,,,free,noun,soaked,soak-and-cook-pulses,,
steep,,,,left,steep,,,,,free,,,,,
infuse,,,,left,steep,,,,,free,,,,,
macerate,,,,left,marinate,,,,,free,,,quick-pickle,,
marinate,,,,left,marinate,,,,,free,,,,,
marinade,,,,left,marinate,,,,,free,noun,,,,
brine,,,,left,marinate,,,,,free,food,salted,,,
cure,,,,left,marinate,,,,,free,noun,,,,
pickle,,,,left,marinate,,,,,free,noun,pickled,quick-pickle,,
prove,,,,left,ferment,,,,,free,,,,,
proof,,,,left,ferment,,,,,free,noun,,,,
ferment,,,,left,ferment,,,,,free,noun,,,,
cool,,,,left,cool,,,,,free,adjective,cold,,,
hang,,hanging,hung,left,drain,,,,,free,,drained,,,
drain,,,,left,drain,,,,strainer,free,noun,drained,,drain-tins,drained
strain,,,,left,drain,,,,strainer,free,noun,drained,,,
set aside,,,,left,rest,,,,,free,,,,,
bloom,,,,left,soak,,,,,free,noun,,,,
hydrate,,,,left,soak,,,,,free,,soaked,,,
rehydrate,,,,left,soak,,,,,free,,soaked,,,
stand aside,,,,left,rest,,,,,free,,,,,
let,lets,letting,,left,rest,,,,,free,,,,,
dry,dries,drying,dried,left,dry,,,,,free,adjective,dry,,,
air-dry,,,,left,dry,,,,,free,,dry,,,
chill,,,,left,chill,,fridge,,,free,noun,cold,chill-and-store,,
refrigerate,,,,left,chill,,fridge,,,free,,cold,chill-and-store,,
freeze,,freezing,froze frozen,left,chill,,,,,free,,frozen,,,
pop,,,,work,handle,,,,,,,,,,
refresh,,,,work,cool,,,,,,,cold,,,
whisk,,,,work,whisk,,,,whisk,stay,noun,,whisk-dressing,whisk-dressing,to whisk
stir,,,,work,mix,,,,,stay,noun,,mix,mix,to mix
knead,,,,work,mix,,,,,stay,,,,,
massage,,,,work,mix,,,,,stay,,,derib-kale,,
toss,,,,work,toss,,,,large bowl,stay,noun,,toss,toss,to toss
beat,,,beaten,work,whisk,,,,,stay,,,,mix,to mix
shake,,,shook shaken,work,mix,,,,jar with lid,stay,noun,,shake-dressing,shake-dressing,to shake
chop,,,,work,cut,,,,board and knife,stay,noun,cut,dice,dice,chopped
mash,,,,work,crush,,,,,stay,noun,,mash,mash,mashed
rub,,,,work,mix,,,,,stay,noun,,,,
pound,,,,work,crush,,,,,stay,noun,,,mince-garlic-ginger,crushed
grind,,grinding,ground,work,crush,,,,,stay,,,,,
squeeze,,,,work,squeeze,,,,,stay,noun,squeezed,,juice-citrus,squeezed
mix,,,,work,mix,,,,large bowl,,noun,,mix,mix,to mix
fold,,,,work,mix,,,,large bowl,,noun,,fold,fold,to fold in
combine,,,,work,mix,,,,large bowl,,,,mix,mix,to mix
cream,,,,work,whisk,,,,,stay,food,,,,
whip,,,,work,whisk,,,,,stay,noun,,,,
peel,,,,work,peel,,,,board and knife;peeler,stay,noun,,peel,peel,peeled
cut,,cutting,,work,cut,,,,board and knife,,noun,cut,cut-in-pieces,cut-in-pieces,cut
slice,,,,work,cut,,,,board and knife,stay,food,cut,slice,slice,sliced
dice,,,,work,cut,,,,board and knife,stay,noun,cut,dice,dice,diced
cube,,,,work,cut,,,,board and knife,,food,cut,dice,dice,diced
mince,,,,work,cut,,,,board and knife,,food,cut,mince-garlic-ginger,mince-garlic-ginger,crushed
shred,,,,work,cut,,,,board and knife,,noun,cut,shred,shred,shredded
shave,,,,work,cut,,,,peeler,,noun,cut,shave,shave,shaved
grate,,,,work,cut,,,,fine grater,stay,,cut,grate,grate,grated
halve,,,,work,cut,,,,board and knife,,,cut,cut-in-pieces,cut-in-pieces,cut
quarter,,,,work,cut,,,,board and knife,,noun,cut,cut-in-pieces,cut-in-pieces,cut
core,,,,work,cut,,,,board and knife,,food,cut,,core-pepper,cored
derib,,,,work,cut,,,,board and knife,,,cut,derib-kale,derib-kale,stripped of their ribs
de-rib,,,,work,cut,,,,board and knife,,,cut,derib-kale,derib-kale,stripped of their ribs
seed,,,,work,stone,,,,,,food,,seed,seed,seeded
deseed,,,,work,stone,,,,,,,,seed,seed,seeded
de-seed,,,,work,stone,,,,,,,,seed,seed,seeded
pit,,,,work,stone,,,,,,food,,,,
stone,,,,work,stone,,,,,,food,,,,
hull,,,,work,peel,,,,,,noun,,,,
trim,,,,work,cut,,,,board and knife,,noun,cut,,,
top,,,,work,finish,,,,,,noun,,,garnish,to finish
tail,,,,work,pick,,,,,,noun,,,,
snip,,,,work,cut,,,,,,,cut,,,
tear,,tearing,tore torn,work,tear,,,,,,,,tear-and-crumble,tear-and-crumble,in pieces
crumble,,,,work,tear,,,,,,noun,,tear-and-crumble,tear-and-crumble,in pieces
flake,,,,work,tear,,,,,,food,,tear-and-crumble,tear-and-crumble,in pieces
break,,breaking,broke broken,work,tear,,,,,,,,tear-and-crumble,tear-and-crumble,in pieces
crush,,,,work,crush,,,,,,noun,,mash,mince-garlic-ginger,crushed
bash,,,,work,crush,,,,,,,,,,
bruise,,,,work,crush,,,,,,,,,,
smash,,,,work,crush,,,,,,,,,,
press,,,,work,crush,,,,,,noun,squeezed,,,
juice,,,,work,squeeze,,,,citrus press,,food,,juice-citrus,juice-citrus,squeezed
zest,,,,work,zest,,,,fine grater,,food,,zest-before-juicing,zest-before-juicing,zested
segment,,,,work,cut,,,,board and knife,,food,cut,fillet-citrus,fillet-citrus,in fillets
fillet,,,,work,cut,,,,board and knife,,food,cut,fillet-citrus,fillet-citrus,in fillets
bone,,,,work,stone,,,,,,food,,,,
debone,,,,work,stone,,,,,,,,,,
de-bone,,,,work,stone,,,,,,,,,,
skin,,,,work,peel,,,,,,food,,,,
butterfly,,,,work,cut,,,,board and knife,,,cut,,,
score,,,,work,cut,,,,board and knife,,,cut,,,
prick,,,,work,handle,,,,,,,,,,
pierce,,,,work,handle,,,,,,,,,,
strip,,,,work,pick,,,,,,noun,,strip-herbs,strip-herbs,picked
pick,,,,work,pick,,,,,,noun,,strip-herbs,strip-herbs,picked
pluck,,,,work,pick,,,,,,,,,strip-herbs,picked
separate,,,,work,pick,,,,,,,,,wash-and-dry-leaves,washed and dried
open,,,,work,handle,,,,,,adjective,,,open-avocado,opened
shell,,,,work,peel,,,,,stay,food,,,,
shuck,,,,work,peel,,,,,stay,,,,,
pod,,,,work,peel,,,,,stay,food,,,,
string,,,,work,stone,,,,,,food,,,,
devein,,,,work,stone,,,,,,,,,,
de-vein,,,,work,stone,,,,,,,,,,
scrub,,,,work,wash,,,,,stay,,washed,,,
scrape,,,,work,clean,,,,,,,,,,
rinse,,,,work,wash,,,,strainer,,noun,washed,,drain-tins,drained
wash,,,,work,wash,,,,,,noun,washed,,wash-and-dry-leaves,washed and dried
spin,,spinning,spun,work,dry,,,,,,noun,dry,,,
pat,,,,work,dry,,,,,,noun,dry,,,
dab,,,,work,dry,,,,,,,dry,,,
blot,,,,work,dry,,,,,,,dry,,,
wipe,,,,work,clean,,,,,,,,,,
dust,,,,work,finish,,,,,,food,,,,
flour,,,,work,coat,,,,,,food,coated,,,
coat,,,,work,coat,,,,,,noun,coated,,,
crumb,,,,work,coat,,,,,,food,coated,,,
dip,,,,work,coat,,,,,,food,,,,
dredge,,,,work,coat,,,,,,,coated,,,
roll,,,,work,arrange,,,,,stay,noun,,,,
shape,,,,work,arrange,,,,,stay,noun,,,,
form,,,,work,arrange,,,,,,noun,,,,
press out,,,,work,crush,,,,,,,squeezed,,,
stuff,,,,work,arrange,,,,,,noun,,,,
fill,,,,work,arrange,,,,,,noun,,,,
line,,,,work,brush,,,,,,noun,,,,
grease,,,,work,brush,,,,,,noun,,,,
oil,,,,work,brush,,,,,,food,,,,
butter,,,,work,brush,,,,,,food,,,,
brush,,,,work,brush,,,,,,noun,,,,
baste,,,,work,brush,,,,,,,,,,
glaze,,,,work,finish,,,,,,food,,,,
paint,,,,work,brush,,,,,,,,,,
drizzle,,,,work,finish,,,,,,noun,,,garnish,to finish
sprinkle,,,,work,finish,,,,,,noun,,,garnish,to finish
scatter,,,,work,finish,,,,,,,,garnish,garnish,to finish
strew,,,,work,finish,,,,,,,,,garnish,to finish
garnish,,,,work,finish,,,,,,noun,,garnish,garnish,to finish
dress,,,,work,toss,,,,,,noun,,toss,toss,to toss
season,,,,work,seasoning,,,,,,noun,,taste-and-adjust,taste-and-adjust,to taste and season
salt,,,,work,seasoning,,,,,,food,salted,,,
pepper,,,,work,seasoning,,,,,,food,,,,
taste,,,,work,taste,,,,,,noun,,taste-and-adjust,taste-and-adjust,to taste and season
adjust,,,,work,seasoning,,,,,,,,taste-and-adjust,taste-and-adjust,to taste and season
balance,,,,work,seasoning,,,,,,noun,,,,
correct,,,,work,seasoning,,,,,,,,,,
arrange,,,,work,arrange,,,,,,,,arrange,arrange,to lay out
assemble,,,,work,arrange,,,,,,,,arrange,arrange,to lay out
lay,,laying,laid,work,arrange,,,,,,,,arrange,arrange,to lay out
layer,,,,work,arrange,,,,,,noun,,layer,layer,to layer
spread,,,,work,arrange,,,,,,noun,,arrange,arrange,to lay out
smear,,,,work,brush,,,,,,noun,,,,
dollop,,,,work,finish,,,,,,noun,,,,
spoon,,,,work,spoon,,,,,,noun,,,arrange,to lay out
ladle,,,,work,pour,,,,,,noun,,,,
pour,,,,work,pour,,,,,,,,,,
tip,,,,work,pour,,,,,,noun,,,,
pile,,,,work,arrange,,,,,,noun,,,arrange,to lay out
plate,,,,work,arrange,,,,serving dish,,noun,,,arrange,to lay out
serve,,,,work,serve,,,,serving dish,,,,garnish,,
divide,,,,work,serve,,,,,,,,,,
share,,,,work,serve,,,,,,noun,,,,
portion,,,,work,serve,,,,,,noun,,,,
label,,,,work,pack,,,,,,noun,,,,
pack,,,,work,pack,,,,,,noun,,,,
wrap,,,,work,pack,,,,,,noun,,,,
cover,,,,left,pack,,,,,free,noun,,,,
seal,,,,work,pack,,,,,,noun,,,,
lid,,,,work,pack,,,,,,noun,,,,
turn,,,,work,handle,,,,,,noun,,,,
flip,,,,work,handle,,,,,,noun,,,,
lift,,,,work,handle,,,,,,noun,,,,
transfer,,,,work,handle,,,,,,noun,,,,
remove,,,,work,handle,,,,,,,,,,
take,,taking,took taken,work,handle,,,,,,,,,,
put,,putting,,work,handle,,,,,,,,,,
place,,,,work,handle,,,,,,noun,,,,
set,,setting,,work,handle,,,,,,noun,,,,
drop,,,,work,add,,,,,,noun,,,,
return,,,,work,add,,,,,,noun,,,,
add,,,,work,add,,,,,,,,,,
stir in,,,,work,mix,,,,,,,,,mix,to mix
stir through,,,,work,mix,,,,,,,,,mix,to mix
work in,,,,work,mix,,,,,,,,,,
sift,,,,work,measure,,,,,,,,,,
sieve,,,,work,measure,,,,strainer,,noun,,,,
measure,,,,work,measure,,,,,,noun,,,,
weigh,,,,work,measure,,,,,,,,,,
count,,,,work,measure,,,,,,noun,,,,
skewer,,,,work,arrange,,,,,,noun,,,,
thread,,,,work,arrange,,,,,stay,noun,,,,
tie,,,,work,arrange,,,,,,noun,,,,
roll up,,,,work,arrange,,,,,,,,,,
unroll,,,,work,handle,,,,,,,,,,
thin,,,,work,mix,,,,,,adjective,,thicken-thin-dip,,
loosen,,,,work,mix,,,,,,,,,,
thicken,,,,work,mix,,,,,,,,thicken-thin-dip,,
emulsify,,,,work,whisk,,,,,,,,,,
bind,,binding,bound,work,mix,,,,,,,,,,
swirl,,,,work,mix,,,,,,noun,,,,
dissolve,,,,work,mix,,,,,,,,,,
sweeten,,,,work,seasoning,,,,,,,,,,
sharpen,,,,work,seasoning,,,,,,,,,,
chiffonade,,,,work,cut,,,,board and knife,,noun,cut,ribbons,slice,in ribbons
julienne,,,,work,cut,,,,board and knife,,noun,cut,matchsticks,dice,in matchsticks
spiralise,spiralize,,,work,cut,,,,,,,cut,,,
mandolin,,,,work,cut,,,,,,,cut,,,
crack,,,,work,tear,,,,,,noun,,,,
whizz up,,,,work,blend,,,,,,,,,blend-dip,to blend
pinch,,,,work,tear,,,,,,noun,,,,
twist,,,,work,tear,,,,,,noun,,,,
pull,,,,work,tear,,,,,,noun,,,,
push,,,,work,handle,,,,,,noun,,,,
rake,,,,work,tear,,,,,,noun,,,,
fluff,,,,work,tear,,,,,,noun,,,,
fork,,,,work,tear,,,,,,noun,,,,
clean,,,,work,clean,,,,,,adjective,,,,
dry off,,,,work,dry,,,,,,,dry,,,
check,,,,work,taste,,,,,,noun,,,,
watch,,,,work,handle,,,,,,noun,,,,
hold,,holding,held,work,keep,,,,,,noun,,,,
keep,,keeping,kept,work,keep,,,,,,,,,,
move,,,,work,handle,,,,,stay,noun,,,,
carry,,,,work,handle,,,,,,,,,,
bring,,bringing,brought,work,handle,,,,,,,,,,
reserve,,,,work,keep,,,,,,noun,,,,
save,,,,work,keep,,,,,,noun,,,,
discard,,,,work,discard,,,,,,,,,,
throw away,,,,work,discard,,,,,,,,,,
skim,,,,work,drain,,,,,,,,,,
strain off,,,,work,drain,,,,strainer,,,drained,,,
sour,,,,work,seasoning,,,,,,noun,,,,
decorate,,,,work,finish,,,,,,,,,,
finish,,,,work,finish,,,,,,noun,,,garnish,to finish
blend,,,,work,blend,,blender,,,stay,noun,,blend-dip,blend-dip,to blend
blitz,,,,work,blend,,blender,,,stay,noun,,blend-dip,blend-dip,to blend
liquidise,liquidize,liquidizing,liquidized,work,blend,,blender,,,stay,,,blend-dip,blend-dip,to blend
whizz,whiz,whizzing,whizzed,work,blend,,blender,,,stay,,,blend-dip,blend-dip,to blend
puree,purees,pureeing,pureed,work,blend,,blender,,,stay,noun,,blend-dip,blend-dip,to blend
desalt,,,,left,soak,,,,,free,,soaked,,,
process,,,,work,blend,,blender,,,stay,noun,,blend-dip,blend-dip,to blend
carve,,,,work,cut,,,,board and knife,,,cut,,,
wring,,,,work,squeeze,,,,,,,squeezed,,,
throw,,,thrown,work,discard,,,,,,,,,,
pour off,,,,work,discard,,,,,,,,,,
pour away,,,,work,discard,,,,,,,,,,
tip away,,,,work,discard,,,,,,,,,,
flambe,,flambeing,flambeed,work,ignite,,,,,,,,,,
ignite,,,,work,ignite,,,,,,,,,,
submerge,,,,work,handle,,,,,,,,,,
chuck,,,,work,handle,,,,,,,,,,
bung,,,,work,handle,,,,,,,,,,
dump,,,,work,pour,,,,,,,,,,
plonk,,,,work,handle,,,,,,,,,,
shove,,,,work,handle,,,,,,,,,,
lob,,,,work,handle,,,,,,,,,,
sling,,,slung,work,handle,,,,,,,,,,
slosh,,,,work,pour,,,,,,,,,,
stick,,sticking,stuck,work,handle,,,,,,noun,,,,
zap,,,,heat,dry heat,dry,microwave,,,free,,cooked,,,
nuke,,,,heat,dry heat,dry,microwave,,,free,,cooked,,,
rip,,,,work,tear,,,,,,,,tear-and-crumble,tear-and-crumble,in pieces
dunk,,,,work,coat,,,,,,,,,,
tumble,,,,work,toss,,,,large bowl,stay,noun,,toss,toss,to toss
scrunch,,,,work,mix,,,,,stay,,,derib-kale,,
squish,,,,work,crush,,,,,,,,,,
scoop,,,,work,handle,,,,,,noun,,,,
hollow,,,,work,cut,,,,,,adjective,,,,
slit,,slitting,,work,cut,,,,,,noun,,,,
plump,,,,left,soak,,,,,free,adjective,soaked,,,
muddle,,,,work,crush,,,,,stay,noun,,,,
drape,,,,work,arrange,,,,,,,,,,
tuck,,,,work,arrange,,,,,,,,,,
nestle,,,,work,arrange,,,,,,,,,,
shower,,,,work,finish,,,,,,noun,,garnish,garnish,to finish
moisten,,,,work,mix,,,,,,,,,,
dampen,,,,work,handle,,,,,,,,,,
slacken,,,,work,mix,,,,,,,,,,
pare,,,,work,peel,,,,board and knife;peeler,stay,,,peel,peel,peeled
destem,,,,work,pick,,,,,,,,strip-herbs,strip-herbs,picked
ribbon,,,,work,cut,,,,,stay,noun,cut,slice,slice,sliced
hack,,,,work,cut,,,,,stay,noun,cut,,,
uncover,,,,work,handle,,,,,,,,,,
stream,,,,work,pour,,,,,,noun,,,,
dribble,,,,work,pour,,,,,,noun,,,,
trickle,,,,work,pour,,,,,,noun,,,,
swish,,,,work,wash,,,,,,noun,,,,
agitate,,,,work,mix,,,,,stay,,,,,
stab,,,,work,handle,,,,,,noun,,,,
poke,,,,work,handle,,,,,,noun,,,,
stack,,,,work,arrange,,,,,,noun,,,,
incorporate,,,,work,mix,,,,,,,,,,
fling,,,flung,work,add,,,,,,,,,,
buzz,,,,work,blend,,blender,,,stay,noun,,blend-dip,blend-dip,to blend
`;
