/** Written from suggested.csv by npm run facts. */
export const suggestedTable = `
technique,words,not,example
matchsticks,matchstick*;julienne*,,Cut the carrots into matchsticks.
mayonnaise,make ... mayonnaise;<whisk> ... mayonnaise;<stir> up .. mayonnaise;yolk* ... oil;oil ... yolk*,,Make the mayonnaise.
absorb-grains,<pour|soak|cover|cook|steep|fluff> ... bulgur|bulgar|bulghur|couscous;bulgur|bulgar|bulghur|couscous ... <pour|soak|cover|cook|steep|fluff>;bulgur|bulgar|bulghur|couscous ... swell*;water ... bulgur|bulgar|bulghur|couscous,cooked bulgur|bulgar|bulghur|couscous,Pour boiling water over the bulgur.
cook-pasta,<boil> ... pasta;<cook> ... pasta;<simmer> ... pasta;<boil> ... orzo;<cook> ... orzo;<boil> ... noodles;<cook> ... noodles;<simmer> ... noodles;<boil> ... spaghetti;<cook> ... spaghetti;<boil> ... penne;<cook> ... penne;<boil> ... macaroni;<cook> ... macaroni;<boil> ... fusilli;<cook> ... fusilli,,Cook the pasta until just done.
cook-rice,<boil> ... rice;<cook> ... rice;<simmer> ... rice;<steam> ... rice;<rinse> ... rice,rice vinegar;rice wine;rice noodle*;rice paper,Boil the rice for 12 minutes.
mortar-and-bloom,mortar;pestle;<pound>;<bloom> ... spice*;spice* ... <bloom>,,Pound the cumin in a mortar.
strain-yoghurt,<strain> ... yoghurt;<strain> ... yogurt;<hang> ... yoghurt;<hang> ... yogurt;yoghurt ... <strain>;yogurt ... <strain>;yoghurt ... <hang>;yogurt ... <hang>;yoghurt ... cloth;yogurt ... cloth,,Strain the yoghurt through a cloth.
pit-olives,<pit> ... olive*;<stone> ... olive*,,Pit the olives.
warm-dressing,<warm> ... dressing ... pan;pan ... dressing,,Warm the dressing in a pan.
croutons,<bake|toast|fry|roast> ... crouton*;crouton* ... <bake|toast|fry|roast>;make ... crouton*,,Bake the croutons until crisp.
infused-oil,<infuse>;infused;herb oil;garlic oil;chilli oil;basil oil,,Infuse the oil with the rosemary.
poach-chicken,<poach> ... chicken;chicken ... <poach>,,Poach the chicken breasts.
peel-roast-beetroot,<peel> ... beet*;<rub> ... beet*;slip* ... beet*;beet* ... <peel>;beet* ... skin off;beet* ... skins off;beet* ... <rub>,,Rub the skins off the beetroot.
ribbons,chiffonade*;ribbon*,,Cut the basil into ribbons.
derib-kale,<derib>;<de-rib>;strip the kale;kale ... stem*;kale ... rib*,,De-rib the kale and rub it with salt.
core-pepper,<core> ... pepper*;pepper* ... <core>;pepper* ... seed*,,Core the pepper and cut it in strips.
grate-ginger,<grate|peel|mince|chop> ... ginger;ginger ... <grate|peel|mince>,,Peel the ginger and grate it.
mince-garlic-ginger,mince;minced,,Add the minced garlic.
strip-herbs,<strip> ... thyme;<strip> ... rosemary;<strip> ... herb*;<pick> ... leaves;<pick> ... herbs,,Pick the leaves from the thyme.
celery-strings,celery ... <peel>;celery ... string*;<peel> ... celery;string* ... celery,,Peel the strings from the celery.
seed-pomegranate,pomegranate*,pomegranate molasses;pomegranate juice;pomegranate seeds;pomegranate syrup,Take the pomegranate apart over water.
peel-tomatoes,<scald> ... tomato*;<skin> ... tomato*;<peel> ... tomato*,,Scald the tomatoes and slip the skins off.
slice-citrus,<slice> ... orange*;<slice> ... lemon*;<slice> ... grapefruit*;<slice> ... lime*,,Slice the oranges in rounds.
soften-onion,<soften> ... onion*;<sweat> ... onion*;onion* ... <soften>;onion* ... soft,,Soften the onion over low heat.
wilt-greens,<wilt>,,Wilt the spinach in a hot pan.
crisp-tender,<blanch>;crisp-tender;beans ... crisp,,Blanch the green beans.
sear,<sear>;<brown> ... meat;<brown> ... chicken;<brown> ... lamb;<brown> ... beef,,Sear the tuna on all sides.
poach-fish,<poach>,chicken,Poach the salmon off the heat.
crisp-bacon,<fry|crisp|cook|grill|bake|render|brown> ... bacon|pancetta|lardons;bacon|pancetta|lardons ... <fry|crisp|cook|grill|bake|render|brown>,crisp|crispy|cooked|fried|grilled bacon|pancetta|lardons,Fry the bacon until crisp.
fry-cheese,<fry|grill|griddle|sear|brown|cook> ... halloumi;halloumi ... <fry|grill|griddle|sear|brown|cook>;<fry> ... cheese,grilled|fried|griddled halloumi,Fry the halloumi until brown.
rinse-capers,<rinse> ... caper*;<rinse> ... anchov*,,Rinse the capers well.
stick-blend,stick blender;immersion blender;hand blender,,Emulsify it with a stick blender.
mend-split,it|sauce|dressing|mayonnaise|mayo|emulsion|mixture|has split|splits|splitting;curdle*,,"If it splits, start with a spoon of mustard."
fruit-reduction,<reduce> ... juice;<reduce> ... syrup;reduction,,Boil the juice down to a reduction.
layer,<layer>;layered,,Layer the salad in a glass bowl.
bring-back,out of the cold;out of the fridge;room temperature,,Bring it back to room temperature.
thicken-thin-dip,<thicken>;thin it;thin the dip,,Thicken the dip with more feta.
open-cos,base ... cos;base ... romaine;base ... lettuce;base ... head;cos ... base,,Cut the base out of the cos.
shave,<shave>,,Shave the fennel with a peeler.
zest-before-juicing,zest,,Zest the lemon before anything else.
fillet-citrus,<segment> ... orange*;<segment> ... grapefruit*;<segment> ... lemon*;<segment> ... citrus;<fillet> ... orange*;<fillet> ... grapefruit*;<fillet> ... lemon*;<fillet> ... citrus;orange* ... <segment>;orange* ... <fillet>;grapefruit* ... <segment>;grapefruit* ... <fillet>,,Fillet the oranges over a bowl.
juice-citrus,juice,tomato juice;apple juice;pomegranate juice;carrot juice;cooking juice;roasting juice;pan juice;its juice;their juice;own juice;the meat juice;juice of the tomato*;juice from the tomato*;juice of tomato*;juice from the meat;juice of the beetroot,Juice two limes.
open-avocado,avocado*,,Halve the avocado and lift out the stone.
soak-and-cook-pulses,soak,,Soak the beans in cold water.
drain-tins,<drain> ... tin*;<drain> ... can;<drain> ... cans;<drain> ... chickpea*;<drain> ... bean*;<drain> ... lentil*;<rinse> ... tin*;<rinse> ... can;<rinse> ... cans;<rinse> ... chickpea*;<rinse> ... bean*;<rinse> ... lentil*,soak;soaked;boil;dried;overnight;fresh water,Drain and rinse the tin of chickpeas.
cook-grains,<cook|boil|simmer|steam|rinse> ... farro|barley|bulgur|quinoa|rice|couscous|freekeh|spelt|millet|buckwheat;farro|barley|bulgur|quinoa|rice|couscous|freekeh|spelt|millet|buckwheat ... <cook|boil|simmer|steam|rinse>,cooked|boiled|steamed farro|barley|bulgur|quinoa|rice|couscous|freekeh|spelt|millet|buckwheat;rice vinegar;rice wine;rice noodle*;rice paper,Cook the farro until tender.
boil-potatoes,<boil|cook|simmer|steam> ... potato*;potato* ... <boil|cook|simmer|steam>,boiled|cooked|steamed potato*;boiled|cooked|steamed new potato*,Cook the potatoes from cold.
toast-nuts-seeds,<toast> ... nut*;<toast> ... seed*;<toast> ... spice*;<toast> ... walnut*;<toast> ... hazelnut*;<toast> ... almond*;<toast> ... cumin;<toast> ... caraway;<toast> ... peanut*;<toast> ... pecan*;<toast> ... cashew*;<toast> ... pistachio*,,Toast the walnuts in a dry pan.
toast-bread,<toast|grill|bake|warm|griddle> ... bread|breads|flatbread|flatbreads|pitta|pittas|pita|sourdough|ciabatta|baguette;bread|breads|flatbread|flatbreads|pitta|pittas|pita|sourdough|ciabatta|baguette ... <toast|grill|bake|warm|griddle>,toasted bread|breads|flatbread|flatbreads|pitta|pittas|pita|sourdough|ciabatta|baguette,Toast the bread until it snaps.
char-steam-peel,<char>;<blister>;<blacken>;blistered,,Char the aubergine over a flame.
roast-vegetables,<roast>,,Roast the carrots in one layer.
garlic-paste,garlic ... paste;garlic ... salt,,Crush the garlic to a paste with salt.
shake-dressing,<shake>,,Shake the dressing in a jar.
whisk-dressing,<whisk>,,Whisk in the oil in a thread.
blend-dip,<blend*>,,Blend the beans until smooth.
quick-pickle,<pickle>;<macerate>,,Pickle the onion for ten minutes.
salt-and-blot,<salt> ... cucumber*;<salt> ... cabbage*;<salt> ... courgette*;<salt> ... aubergine*,,Salt the cucumber and leave it in a strainer.
derib-kale,<massage>,,Massage the kale with the oil.
toss,toss,,Toss the leaves with the dressing.
fold,<fold>,,Fold the yoghurt through gently.
wash-and-dry-leaves,<wash> ... leaves;<rinse> ... leaves;<dry> ... leaves;<wash> ... lettuce;<rinse> ... lettuce;<dry> ... lettuce;<wash> ... rocket;<rinse> ... rocket;<dry> ... rocket;<wash> ... herbs;<rinse> ... herbs;<dry> ... herbs;<wash> ... spinach;<rinse> ... spinach,,Wash and dry the lettuce leaves.
boil-eggs,<boil|peel|shell|cook|simmer> ... egg|eggs;egg|eggs ... <boil|peel|shell|cook|simmer>,,Peel the eggs under water.
taste-and-adjust,<taste>,,"Taste, and write down what it wants."
dice,<dice>;<cube>;<chop>,,Dice the onion and the carrot.
shred,<shred>,,Shred the cabbage as fine as you can.
slice,<slice>,,Slice the shallots thinly.
garnish,<garnish>;<scatter>;<serve>,,Scatter the herbs over the top.
chill-and-store,<chill>;<refrigerate>;fridge,,Chill the dip for an hour.
grate,<grate>,,Grate the carrots.
peel,<peel>,,Peel the carrots.
seed,seed the;<deseed>;<de-seed>;scrape out the seeds,,Seed the cucumbers.
cut-in-pieces,<halve>;<quarter>;in wedges;into wedges,,Halve the figs.
tear-and-crumble,<tear>;<crumble>;<flake>,,Crumble the feta.
mash,<mash>;<crush>,,Mash the peas.
fry,<fry>,,Fry the mushrooms.
mix,<mix>;<stir>;<combine>,,Mix the yoghurt and herbs.
arrange,<arrange>;<lay>;<spread>,,Spread the labneh on a plate.
`;
