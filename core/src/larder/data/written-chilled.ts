import { writtenSection } from '../define.js';

/** Breads, crackers and crumbs. */
export const moreBakery = writtenSection(
  'bakery',
  `
naan: naan breads / naan, naan bread, naans
  | pc 2 packet 1.2 | piece=130 d.torn=0.2 y=1 | room 4 | wheat milk | 32 8 4 1
focaccia: focaccia, focaccia bread
  | 400 loaf 2.4 | piece=400 slice=50 d.cubed=0.25 y=0.98 | room 2 | wheat | 35 9 2 1.6
ciabatta: ciabatta, ciabatta loaf, ciabatta bread
  | 270 loaf 1.5 | piece=270 slice=30 d.torn=0.15 d.cubed=0.18 y=0.97 | room 2 | wheat | 36 4 2 1.2
baguette: baguette, french bread, french stick, baguettes
  | 250 stick 1.2 | piece=250 slice=12 d.torn=0.13 d.cubed=0.16 y=0.98 | room 1 | wheat | 32 1.5 2.5 1.2
wholemeal-bread: wholemeal bread / whole-wheat bread, wholewheat bread, whole wheat bread, brown bread, wholemeal loaf
  | 800 loaf 1.4 | piece=800 slice=40 d.cubed=0.2 y=0.97 | room 4 | wheat | 40 2.5 3 1
seeded-bread: seeded bread / multi-seed bread, seeded loaf, multigrain bread
  | 800 loaf 1.7 | piece=800 slice=44 d.cubed=0.2 y=0.97 | room 4 | wheat rye barley oats sesame | 37 6 3 1
brioche: brioche, brioche loaf, brioche buns
  | 400 loaf 2 | piece=400 slice=35 d.cubed=0.18 y=1 | room 4 | wheat egg milk | 24 15 12 0.9
gluten-free-bread: gluten-free bread
  | 500 loaf 3.2 | piece=500 slice=30 d.cubed=0.2 y=1 | room 3 | egg | 44 7 3 1.1
tortillas: wheat tortillas / flour tortillas, tortilla wraps, tortillas, soft tortillas, wheat wraps
  | pc 8 packet 1.5 | piece=60 y=1 | room 14 | wheat | 31 6 3 1.2
corn-tortillas: corn tortillas, soft corn tortillas, corn tortilla
  | pc 10 packet 2.2 | piece=28 y=1 | room 14 | – | 45 2 1 0.6
tortilla-chips: tortilla chips / corn chips, corn tortilla chips, nacho chips
  | 200 bag 1.4 | piece=4 handful=20 d=0.12 y=1 | room 60 | – | 2 23 1 0.9
pitta-chips: pitta chips / pita chips
  | 150 bag 2 | piece=4 handful=20 d=0.15 y=1 | room 60 | wheat | 3 16 3 1.6
crackers: plain crackers, crackers, wheat crackers, water biscuits
  | 200 packet 1 | piece=7 y=1 | room 90 | wheat | 4 12 3 1.4
rice-crackers: rice crackers | 100 packet 1.2 | piece=2 y=1 | room 90 | – | 4 4 1 1
oatcakes: oatcakes, oat cakes | 250 packet 1.2 | piece=10 y=1 | room 90 | oats | 4 18 2 1.3
crispbread: rye crispbread, crispbread, crispbreads | 200 packet 1.2 | piece=11 y=1 | room 120 | rye | 6 2 3 1
breadsticks: breadsticks / grissini, bread sticks
  | 125 packet 1 | piece=5 stalk=5 y=1 | room 90 | wheat | 5 8 3 2
croutons: croutons, crôutons, ready croutons
  | 100 bag 1.2 | handful=12 d=0.13 y=1 | room 60 | wheat | 5 18 3 1.8
fresh-breadcrumbs: fresh breadcrumbs, soft breadcrumbs, fresh white breadcrumbs, soft bread crumbs
  | 800 loaf 1.2 | handful=15 d=0.2 y=0.8 | cold 2 | wheat | 38 1.5 2 1.1
panko: panko breadcrumbs, panko, panko crumbs, japanese breadcrumbs
  | 150 packet 1.8 | handful=10 d=0.22 y=1 | room 180 | wheat | 8 3 4 1
pitta: pitta breads / pita breads, pitta, pita, pitta bread, pita bread, pittas, pitas
  | pc 6 packet 0.9 | piece=60 y=1 | room 3 | wheat | 32 2 3 1.1
white-bread: white sandwich bread, white bread, sandwich bread, white loaf, sliced white bread
  | 800 loaf 1.2 | piece=800 slice=38 d.cubed=0.2 d.torn=0.16 y=0.97 | room 4 | wheat | 37 2 3.5 1
`,
);

/** Milk, cream, cheese and what takes their place. */
export const moreDairy = writtenSection(
  'dairy and eggs',
  `
salted-butter: salted butter, slightly salted butter
  | 250 block 2.1 | knob=15 d=0.96 d.melted=0.91 y=1 | cold 30 | milk | 16 80 0.6 1.6
ghee: ghee, clarified butter | 500 jar 4.5 | d=0.9 d.melted=0.9 y=1 | room 180 | milk | 0.3 99.5 0 0
skimmed-milk: skimmed milk / skim milk, fat-free milk, nonfat milk
  | ml 500 bottle 0.7 + 1000 bottle 0.95 | d=1.03 y=1 | cold 6 | milk | 90 1 4.8 0.1
single-cream: single cream / light cream, pouring cream, coffee cream, table cream
  | ml 150 pot 0.8 + 300 pot 1.2 | d=1.01 y=1 | cold 7 | milk !cold | 74 19 2.6 0.1
whipping-cream: whipping cream / heavy cream, heavy whipping cream, cream for whipping
  | ml 150 pot 0.9 + 300 pot 1.3 | d=1 y=1 | cold 7 | milk !cold | 58 36 2.8 0.1
half-and-half: half cream / half-and-half, half and half
  | ml 250 carton 1 | d=1.02 y=1 | cold 7 | milk !cold | 80 12 4.3 0.1
mascarpone: mascarpone, mascarpone cheese
  | 250 tub 1.9 | d=0.98 y=1 | cold 7 | milk !cold | 47 44 3.5 0.1 lactic 0.3
ricotta: ricotta, ricotta cheese, fresh ricotta
  | 250 tub 1.6 | d=1 y=1 | cold 5 | milk !cold | 73 11 3 0.3 lactic 0.2
cottage-cheese: cottage cheese | 300 tub 1.3 | d=0.95 y=1 | cold 7 | milk !cold | 79 4.5 3 0.8 lactic 0.5
paneer: paneer, paneer cheese, panir | 225 block 2.2 | d.cubed=0.6 y=1 | cold 14 | milk | 52 25 2 0.1
burrata: burrata, burrata cheese
  | 150 ball 2.6 | piece=150 y=0.95 | cold 4 | milk rennet !cold !softcheese | 60 25 1 0.4
labneh: labneh, labne, lebneh, strained yoghurt cheese
  | 250 tub 2.4 | d=1.05 y=1 | cold 10 | milk !cold | 70 11 4 0.8 lactic 1
quark: quark | 250 tub 1.2 | d=1.03 y=1 | cold 10 | milk !cold | 82 0.4 4 0.1 lactic 0.8
kefir: kefir, plain kefir, milk kefir
  | ml 500 bottle 1.8 | d=1.03 y=1 | cold 10 | milk !cold | 88 3 4 0.1 lactic 0.9
skyr: skyr, plain skyr | 450 tub 1.9 | d=1.05 y=1 | cold 14 | milk !cold | 83 0.2 4 0.1 lactic 0.9
low-fat-yoghurt: low-fat yoghurt / low-fat yogurt, fat-free yoghurt, nonfat yogurt, low fat yogurt, 0% yoghurt
  | 500 pot 1.2 | d=1.04 y=1 | cold 10 | milk !cold | 86 1 6 0.2 lactic 1
sheeps-yoghurt: sheep's yoghurt / sheep's milk yogurt, sheep yoghurt
  | 400 pot 2.6 | d=1.04 y=1 | cold 10 | milk !cold | 81 6 5 0.2 lactic 1
cheddar: Cheddar / cheddar cheese, mature cheddar, extra mature cheddar, sharp cheddar, white cheddar
  | 350 block 3.2 | slice=20 d.grated=0.45 d.cubed=0.55 y=0.98 | cold 30 | milk rennet | 37 35 0.1 1.8 lactic 1
pecorino: pecorino, pecorino romano, hard sheep's cheese, hard ewe's milk cheese
  | 200 wedge 4 | d.grated=0.4 d.shaved=0.3 y=0.95 | cold 30 | milk rennet | 32 28 0.5 4
gruyere: Gruyère, gruyere, gruyère cheese
  | 200 wedge 3.4 | slice=20 d.grated=0.43 d.cubed=0.55 y=0.95 | cold 30 | milk rennet | 34 33 0.4 1.7
manchego: manchego, manchego cheese, semi-hard sheep's cheese
  | 150 wedge 3.2 | slice=15 d.shaved=0.3 d.grated=0.42 y=0.93 | cold 30 | milk rennet | 36 35 0.5 1.8
gouda: Gouda, gouda cheese
  | 200 block 2.2 | slice=20 d.grated=0.45 y=0.97 | cold 30 | milk rennet | 40 30 0.2 2
brie: brie, brie cheese
  | 200 wedge 2.4 | d.cubed=0.6 y=1 | cold 10 | milk rennet !softcheese !cold | 49 28 0.5 1.6
grated-mozzarella: firm mozzarella for grating / low-moisture mozzarella, grated mozzarella, pizza mozzarella, shredded mozzarella
  | 250 bag 2.2 | d.grated=0.4 y=1 | cold 14 | milk rennet | 48 22 1.5 1.4
mozzarella-pearls: mozzarella pearls, mini mozzarella, baby mozzarella, bocconcini
  | 150 tub 1.6 | piece=8 d=0.65 drained=0.75 y=1 | cold 10 | milk rennet !cold | 58 18 1 0.6
marinated-feta: marinated feta, feta in oil
  | 300 jar 3.5 | d=0.7 drained=0.65 y=1 | cold 30 | milk | 45 32 1 2.5 lactic 0.8
oat-milk: oat milk, oat drink, unsweetened oat milk
  | ml 1000 carton 1.6 | d=1.02 y=1 | cold 4 room 180 | oats | 90 1.5 3.5 0.1
soya-milk: soya milk / soy milk, soya drink, unsweetened soya milk, unsweetened soy milk
  | ml 1000 carton 1.4 | d=1.03 y=1 | cold 4 room 180 | soya | 92 1.8 0.5 0.1
almond-milk: almond milk, almond drink, unsweetened almond milk
  | ml 1000 carton 1.6 | d=1.01 y=1 | cold 4 room 180 | almond | 97 1.2 0.1 0.1
coconut-drink: coconut drink, coconut milk drink, coconut drinking milk
  | ml 1000 carton 1.6 | d=1.01 y=1 | cold 4 room 180 | – | 95 1 2 0.1
rice-milk: rice milk / rice drink, rice drink
  | ml 1000 carton 1.6 | d=1.02 y=1 | cold 4 room 180 | – | 89 1 7 0.1
cashew-milk: cashew milk, cashew drink
  | ml 1000 carton 2 | d=1.01 y=1 | cold 4 room 180 | cashew | 96 1.5 0.3 0.1
oat-cream: oat cream, oat single cream, oat cooking cream
  | ml 250 carton 1.2 | d=1.01 y=1 | cold 4 room 180 | oats | 80 12 4 0.1
soya-cream: soya cream / soy cream, soya cooking cream, soy cooking cream
  | ml 250 carton 1.2 | d=1.01 y=1 | cold 4 room 180 | soya | 78 15 1 0.1
coconut-yoghurt: coconut yoghurt / coconut yogurt, coconut yoghurt alternative, dairy-free coconut yoghurt
  | 400 pot 2.6 | d=1.03 y=1 | cold 10 | !cold | 80 13 3 0.1 lactic 0.5
soya-yoghurt: soya yoghurt / soy yogurt, plain soya yoghurt, unsweetened soya yoghurt
  | 500 pot 1.8 | d=1.04 y=1 | cold 10 | soya !cold | 88 2.5 0.5 0.2 lactic 0.6
oat-yoghurt: oat yoghurt / oat yogurt, plain oat yoghurt
  | 400 pot 2.4 | d=1.04 y=1 | cold 10 | oats !cold | 85 2 4 0.2 lactic 0.5
vegan-feta: vegan feta-style block, vegan feta, plant-based feta, dairy-free feta
  | 200 block 2.8 | d.crumbled=0.6 d.cubed=0.6 y=1 | cold 14 | – | 55 22 0.3 2.3
vegan-cheese: vegan hard cheese, vegan cheese, plant-based cheese, dairy-free cheese
  | 200 block 2.8 | d.grated=0.42 y=1 | cold 21 | – | 45 23 0.3 1.9
vegan-cream-cheese: vegan cream cheese, plant-based cream cheese, dairy-free cream cheese
  | 170 tub 2.4 | d=0.98 y=1 | cold 14 | – | 62 24 1 0.8
vegan-butter: plant-based spread / vegan butter, vegan spread, dairy-free spread, vegan margarine, dairy-free butter
  | 250 tub 2 | d=0.95 d.melted=0.91 y=1 | cold 60 | – | 25 72 0.3 1
firm-tofu: firm tofu, extra-firm tofu, extra firm tofu, pressed tofu
  | 300 block 2.2 | d.cubed=0.7 d.crumbled=0.6 y=0.9 | cold 14 | soya !cold | 72 9 0.6 0
smoked-tofu: smoked tofu | 225 block 2.6 | d.cubed=0.7 y=1 | cold 14 | soya !cold | 66 10 0.6 1
tempeh: tempeh | 200 block 2.8 | d.cubed=0.6 y=1 | cold 14 | soya !cold | 60 11 0.5 0
seitan: seitan, wheat gluten pieces | 200 block 3 | d.sliced=0.6 y=1 | cold 14 | wheat soya !cold | 70 2 1 1.2
quail-eggs: quail eggs, quail's eggs, quail egg
  | pc 12 box 3 | piece=11 y=0.88 scaling=whole indivisible=1 | cold 21 | egg !rawegg | 74 11 0.4 0.35
duck-eggs: duck eggs, duck egg
  | pc 6 box 2.6 | piece=75 y=0.88 scaling=whole indivisible=1 | cold 21 | egg !rawegg | 71 14 0.9 0.35
pasteurised-egg: pasteurised whole egg / pasteurized whole egg, liquid egg, pasteurised egg, pasteurized egg, pasteurised liquid egg
  | ml 500 carton 3 | d=1.03 y=1 | cold 3 | egg !cold | 76 9.5 0.4 0.35
pasteurised-yolk: pasteurised egg yolk / pasteurized egg yolk, pasteurised egg yolks, pasteurized egg yolks
  | ml 500 carton 4.5 | d=1.03 y=1 | cold 3 | egg !cold | 52 27 0.6 0.2
semi-skimmed-milk: semi-skimmed milk / reduced-fat milk, 2% milk, low-fat milk
  | ml 500 bottle 0.7 + 1000 bottle 0.95 | d=1.03 y=1 | cold 6 | milk | 89 1.8 4.8 0.1
emmental: emmental / Swiss cheese, emmental cheese, emmenthal
  | 200 wedge 2.6 | slice=20 d.grated=0.43 d.cubed=0.55 y=0.96 | cold 30 | milk rennet | 36 30 0.1 0.6
edam: edam, edam cheese | 200 block 2 | slice=20 d.grated=0.45 y=0.97 | cold 30 | milk rennet | 42 26 0.1 2.2
camembert: camembert, camembert cheese
  | 250 round 2.4 | piece=250 y=1 | cold 10 | milk rennet !softcheese !cold | 53 23 0.3 1.6
goats-yoghurt: goat's yoghurt / goat's milk yogurt, goat yoghurt, goats yoghurt
  | 400 pot 2.6 | d=1.04 y=1 | cold 10 | milk !cold | 84 5 4.2 0.2 lactic 1
margarine: margarine, baking margarine
  | 250 tub 1.2 | d=0.95 d.melted=0.91 y=1 | cold 60 | milk | 25 72 0.3 1.4
hard-goats-cheese: hard goat's cheese, aged goat's cheese, aged goat cheese, hard goat cheese
  | 150 wedge 3 | d.grated=0.42 y=0.96 | cold 30 | milk rennet | 36 34 0.1 1.8
smoked-cheese: smoked cheese, smoked cheddar
  | 150 block 2.2 | slice=20 d.grated=0.45 y=1 | cold 30 | milk rennet | 38 32 0.2 2
`,
);

/** Fish, shellfish and meat. */
export const moreFishAndMeat = writtenSection(
  'fish and meat',
  `
salt-cod: salt cod, bacalao, dried salt cod, salted cod
  | 500 pack 8 | piece=250 d.flaked=0.55 y=0.9 | cold 60 | fish | 45 1 0 18
cod: cod fillet, cod, fresh cod, cod loin, cod fillets
  | 100 loose 16 | piece=150 d.flaked=0.6 y=0.95 y.cooked=0.78 | cold 1 | fish !raw !cold | 81 0.7 0 0.2
smoked-haddock: smoked haddock
  | 100 loose 17 | piece=160 y=0.92 y.cooked=0.75 | cold 3 | fish !raw !cold | 76 0.6 0 1.9
salmon: salmon fillet, salmon, fresh salmon, salmon fillets, raw salmon
  | 100 loose 20 | piece=130 d.flaked=0.6 y=0.95 y.cooked=0.8 | cold 1 | fish !raw !cold | 65 14 0 0.1
smoked-salmon: smoked salmon, cold-smoked salmon, cold smoked salmon
  | 100 packet 4 | slice=20 y=1 | cold 7 | fish !cold | 66 10 0.3 3
hot-smoked-salmon: hot-smoked salmon, hot smoked salmon
  | 150 packet 4.5 | d.flaked=0.6 y=0.95 | cold 5 | fish !cold | 60 14 0.5 1.9
trout: trout fillet, trout, fresh trout, trout fillets, rainbow trout
  | 100 loose 16 | piece=120 y=0.95 y.cooked=0.8 | cold 1 | fish !raw !cold | 72 7 0 0.2
smoked-trout: smoked trout | 125 packet 3.6 | d.flaked=0.6 y=0.97 | cold 7 | fish !cold | 66 7 0.3 2
mackerel: fresh mackerel, mackerel, mackerel fillets, mackerel fillet
  | 100 loose 12 | piece=90 y=0.95 y.cooked=0.8 months=6-2 | cold 1 | fish !raw !cold | 64 16 0 0.2
sardines: fresh sardines, fresh sardine, whole sardines
  | 100 loose 10 | piece=60 y=0.6 months=6-10 | cold 1 | fish !raw !cold | 70 9 0 0.3
sea-bass: sea bass fillet, sea bass, bass fillet, sea bass fillets
  | 100 loose 22 | piece=100 y=0.95 y.cooked=0.8 | cold 1 | fish !raw !cold | 76 5 0 0.2
tuna-steak: tuna steak, fresh tuna, tuna steaks, raw tuna
  | 100 loose 24 | piece=130 y=0.97 y.cooked=0.8 | cold 1 | fish !raw !cold | 70 2 0 0.1
tinned-sardines: tinned sardines / canned sardines, sardines in oil, sardines in tomato sauce
  | 120 tin 1 | tin=120 d.mashed=0.95 drained=0.7 y=1 | room 700 | fish | 60 14 0 1
tinned-mackerel: tinned mackerel / canned mackerel, mackerel in oil
  | 125 tin 1.4 | tin=125 drained=0.7 y=1 | room 700 | fish | 60 16 0 0.9
tinned-salmon: tinned salmon / canned salmon
  | 213 tin 3.2 | tin=213 d.flaked=0.65 drained=0.8 y=0.95 | room 700 | fish | 69 7 0 0.9
tinned-crab: tinned crab / canned crab, tinned crab meat, canned crabmeat
  | 170 tin 3 | tin=170 drained=0.7 y=1 | room 700 | crustaceans sulphites | 79 0.7 0 1
marinated-anchovies: marinated anchovies / white anchovies, boquerones, marinated white anchovies
  | 100 tub 3 | piece=5 drained=0.7 y=1 | cold 14 | fish !cold | 65 10 0.3 2.5 acetic 1.2
salted-anchovies: salted anchovies / salt-packed anchovies, anchovies in salt, salt packed anchovies
  | 200 jar 6 | piece=12 d.chopped=0.9 y=0.6 | cold 180 | fish | 45 6 0 22
pickled-herring: pickled herring, rollmops, pickled herrings
  | 250 jar 2.4 | piece=60 drained=0.6 y=1 | cold 14 | fish sulphites !cold | 60 12 8 2.5 acetic 1.2
fish-roe: fish roe, trout roe, salmon roe | 50 jar 4 | d=1 y=1 | cold 7 | fish !cold | 65 10 0.5 4
squid: squid, fresh squid, prepared squid, baby squid, calamari
  | 100 loose 12 | piece=120 y=0.95 y.cooked=0.65 | cold 1 | molluscs !raw !cold | 79 1.4 0 0.3
octopus: cooked octopus, cooked octopus tentacles
  | 100 loose 24 | piece=250 y=1 | cold 3 | molluscs !cold | 75 1 0 0.7
mussels: mussels, fresh mussels, live mussels
  | 1000 net 5.5 | piece=15 y=0.25 y.cooked=0.25 months=9-4 | cold 1 | molluscs !raw !cold | 81 2.2 0 0.9
clams: clams, fresh clams, live clams
  | 1000 net 11 | piece=15 y=0.2 y.cooked=0.2 months=9-4 | cold 1 | molluscs !raw !cold | 82 1 0 0.9
oysters: oysters, fresh oysters
  | pc 6 box 7 | piece=90 y=0.14 months=9-4 | cold 2 | molluscs !raw !cold | 85 2 0 1
scallops: scallops, bay scallops, king scallops, sea scallops, queen scallops, scallop
  | 100 loose 38 | piece=25 y=0.97 y.cooked=0.75 | cold 1 | molluscs !raw !cold | 80 0.7 0 0.5
crab-meat: cooked crab meat / crabmeat, crab meat, white crab meat, crab, fresh crab meat, picked crab
  | 100 tub 5.5 | d=0.7 y=1 | cold 2 | crustaceans !cold | 77 2 0 1
lobster: cooked lobster, lobster, lobster tail, lobster meat
  | 100 loose 50 | piece=500 y=0.3 | cold 2 | crustaceans !cold | 77 1 0 0.8
crayfish: crayfish tails, crayfish, crawfish, crawfish tails
  | 100 tub 3.2 | piece=4 drained=0.9 y=1 | cold 3 | crustaceans sulphites !cold | 82 0.8 0 1.2
brown-shrimps: cooked brown shrimps / cooked tiny shrimp, brown shrimps, brown shrimp, potted brown shrimps
  | 90 tub 4 | handful=30 d=0.6 y=1 | cold 3 | crustaceans sulphites !cold | 78 1 0 2
cooked-prawns: cooked peeled prawns / cooked peeled shrimp, cooked prawns, cooked shrimp, cold-water prawns
  | 200 packet 3.6 | piece=8 d=0.6 y=1 | cold 2 | crustaceans sulphites !cold | 80 0.6 0 1.5
shell-on-prawns: raw shell-on prawns / shell-on shrimp, shell-on prawns, whole prawns, raw king prawns in the shell
  | 250 packet 5 | piece=20 y=0.55 y.peeled=0.55 | cold 1 | crustaceans sulphites !raw !cold | 80 0.6 0 0.7
crab-sticks: crab sticks / imitation crab, surimi, seafood sticks
  | 250 packet 1.6 | piece=16 d.shredded=0.5 y=1 | cold 5 | fish crustaceans egg wheat soya !cold | 75 1 7 1.6
chicken-thigh: boneless chicken thighs, chicken thigh, chicken thighs, chicken thigh fillets
  | 100 loose 7 | piece=100 y=0.95 y.cooked=0.7 | cold 2 | meat !raw !cold | 73 8 0 0.2
chicken-pieces: chicken on the bone / bone-in chicken pieces, chicken legs, chicken drumsticks, bone-in chicken thighs
  | 100 loose 4 | piece=150 y=0.65 y.cooked=0.5 | cold 2 | meat !raw !cold | 70 10 0 0.2
cooked-chicken: cooked chicken / rotisserie chicken, roast chicken, cooked chicken breast, leftover chicken, poached chicken
  | 100 loose 12 | d.shredded=0.5 d.diced=0.55 y=1 | cold 2 | meat !cold | 66 5 0 0.5
whole-chicken: whole chicken, raw whole chicken
  | pc 1 – 6 | piece=1600 y=0.55 y.cooked=0.45 | cold 2 | meat !raw !cold | 68 12 0 0.2
turkey: turkey breast, turkey breast steaks, turkey steaks
  | 100 loose 9 | piece=130 y=0.97 y.cooked=0.75 | cold 2 | meat !raw !cold | 75 1.5 0 0.2
cooked-turkey: cooked turkey, roast turkey, sliced turkey
  | 120 packet 2.2 | slice=25 y=1 | cold 3 | meat !cold | 72 2 1 1.5
duck-breast: duck breast, duck breasts
  | 100 loose 16 | piece=180 y=0.97 y.cooked=0.65 | cold 3 | meat !raw !cold | 60 20 0 0.2
smoked-duck: smoked duck breast, smoked duck
  | 100 packet 5 | slice=8 y=1 | cold 14 | meat !cold | 58 16 0.5 2.5
ham: cooked ham, ham, sliced ham, roast ham
  | 120 packet 2 | slice=25 d.diced=0.6 y=1 | cold 4 | pork !cold | 72 4 1 2
cured-ham: dry-cured ham / prosciutto, prosciutto, serrano ham, air-dried ham, parma ham, cured ham
  | 80 packet 2.6 | slice=13 y=1 | cold 14 | pork !cold | 55 14 0 5
chorizo: cured chorizo / Spanish chorizo, chorizo, chorizo sausage, cured chorizo sausage
  | 225 ring 2.6 | slice=5 d.diced=0.6 y=0.97 | cold 30 | pork milk !cold | 32 38 2 3.5
salami: salami, salame, sliced salami | 80 packet 1.8 | slice=6 y=1 | cold 14 | pork !cold | 35 35 1 4
pancetta: diced pancetta, pancetta, smoked pancetta, lardons, bacon lardons, cubed pancetta
  | 130 packet 2 | d.cooked=0.5 y=1 y.cooked=0.5 | cold 7 | pork !raw !cold | 55 27 0.5 3.5
back-bacon: back bacon / Canadian-style bacon, unsmoked back bacon, smoked back bacon
  | 250 packet 2.4 | slice=32 y=1 y.cooked=0.55 | cold 7 | pork !raw !cold | 64 14 0.5 3
beef-steak: beef steak, steak, sirloin steak, rump steak
  | 100 loose 22 | piece=225 y=0.95 y.cooked=0.75 | cold 3 | meat !raw !cold | 70 8 0 0.2
roast-beef: sliced roast beef, roast beef, cold roast beef
  | 100 packet 3 | slice=25 y=1 | cold 3 | meat !cold | 68 4 0.5 1.2
minced-beef: minced beef / ground beef, beef mince
  | 500 pack 4 | d.cooked=0.6 y=1 y.cooked=0.7 | cold 1 | meat !raw !cold | 66 15 0 0.2
minced-lamb: minced lamb / ground lamb, lamb mince
  | 500 pack 5.5 | y=1 y.cooked=0.7 | cold 1 | meat !raw !cold | 62 18 0 0.2
minced-pork: minced pork / ground pork, pork mince
  | 500 pack 3.6 | y=1 y.cooked=0.7 | cold 1 | pork !raw !cold | 64 16 0 0.2
minced-chicken: minced chicken / ground chicken, chicken mince
  | 500 pack 4 | y=1 y.cooked=0.72 | cold 1 | meat !raw !cold | 73 7 0 0.2
lamb-steaks: lamb leg steaks, lamb steaks
  | 100 loose 18 | piece=150 y=0.9 y.cooked=0.7 | cold 3 | meat !raw !cold | 66 14 0 0.2
pork-fillet: pork fillet / pork tenderloin
  | 100 loose 9 | piece=400 y=0.95 y.cooked=0.72 | cold 3 | pork !raw !cold | 72 6 0 0.2
sausages: pork sausages, pork sausage
  | 400 pack 3 | piece=65 y=1 y.cooked=0.8 | cold 3 | pork wheat sulphites !raw !cold | 52 22 1.5 1.6
merguez: lamb sausages, merguez, merguez sausages
  | 300 pack 4 | piece=50 y=1 y.cooked=0.78 | cold 3 | meat sulphites !raw !cold | 52 25 1 2
duck-fat: duck or goose fat, duck fat, goose fat | 320 jar 3 | d=0.9 y=1 | cold 90 | meat | 0.2 99.6 0 0
lard: lard, pork lard | 250 block 1 | d=0.92 y=1 | cold 90 | pork | 0.5 99 0 0
gelatine: leaf gelatine / sheet gelatin, gelatine leaves, gelatine, gelatin, powdered gelatine, powdered gelatin
  | 15 packet 1.6 | leaf=2 y=1 | room 700 | meat | 12 0.1 0 0.5
haddock: haddock fillet, haddock, fresh haddock, haddock fillets
  | 100 loose 16 | piece=150 d.flaked=0.6 y=0.95 y.cooked=0.78 | cold 1 | fish !raw !cold | 81 0.6 0 0.2
hake: hake fillet, hake
  | 100 loose 16 | piece=150 y=0.95 y.cooked=0.78 | cold 1 | fish !raw !cold | 80 1.5 0 0.2
sea-bream: sea bream fillet, sea bream, bream, bream fillet
  | 100 loose 20 | piece=100 y=0.95 y.cooked=0.8 | cold 1 | fish !raw !cold | 76 5 0 0.2
dashi: dashi, dashi stock, bonito stock | ml 500 pouch 2.4 | d=1 y=1 | cold 3 room 365 | fish | 98 0 0.2 0.5
minced-turkey: minced turkey / ground turkey, turkey mince
  | 500 pack 4 | y=1 y.cooked=0.72 | cold 1 | meat !raw !cold | 73 7 0 0.2
chicken-livers: chicken livers, chicken liver
  | 400 tub 2 | piece=30 y=0.9 y.cooked=0.7 | cold 1 | meat !raw !cold | 76 5 0 0.2
pulled-pork: cooked pulled pork, roast pork, cooked pork
  | 300 pack 4 | y=1 | cold 3 | pork !cold | 62 10 3 1.2
`,
);
