/** Written from families.csv by npm run facts. */
export const familiesTable = `
family,members
alcohol,white-wine red-wine dry-sherry vermouth mirin rice-wine sake beer cider port brandy rum vodka whisky pastis orange-liqueur prosecco
alliums,garlic wild-garlic black-garlic onion red-onion white-onion sweet-onion pickling-onion shallot spring-onion leek chives elephant-garlic garlic-scapes peeled-garlic garlic-paste-in-a-tube banana-shallot baby-leeks calcots
bacon,smoked-bacon back-bacon pancetta
blue cheese,blue-cheese cambozola dolcelatte cabrales bleu-dauvergne shropshire-blue
bread,sourdough rye-bread flatbread baguette ciabatta focaccia naan wholemeal-bread seeded-bread white-bread gluten-free-bread pitta
browns when cut,apple pear avocado banana fennel globe-artichoke jerusalem-artichoke celeriac quince peach nectarine salsify cardoon eating-apple granny-smith cooking-apple asian-pear conference-pear
burns the mouth,chilli red-chilli green-chilli jalapeno pickled-jalapenos chilli-flakes chilli-powder dried-chillies chilli-oil chilli-crisp chilli-jam sweet-chilli-sauce cayenne harissa harissa-rose sriracha gochujang gochugaru sambal pepper-sauce hot-sauce peri-peri chipotle-paste chipotle-flakes ancho berbere jerk-seasoning cajun-seasoning hot-paprika aleppo-pepper urfa-pepper wasabi horseradish creamed-horseradish fresh-horseradish kimchi curry-paste thai-red-curry-paste thai-green-curry-paste shichimi english-mustard doubanjiang zhoug nduja scotch-bonnet birds-eye-chilli serrano-chilli poblano red-pepper-paste aji-panca aji-amarillo laksa-paste guajillo kashmiri-chilli hot-honey suya mexican-chorizo adjika
cheese,@hard-cheese @fresh-cheese @mould-ripened-cheese grated-mozzarella
chokes whole,cherry-tomato grapes olives green-olives black-olives stuffed-olives mozzarella-pearls blueberries cherries kumquat lychee gooseberries physalis baby-plum-tomatoes kalamata-olives red-grapes white-grapes sour-cherries rambutan
citrus,lemon lime orange blood-orange grapefruit pomelo satsuma clementine mandarin kumquat yuzu pink-grapefruit bitter-orange meyer-lemon key-lime finger-lime sudachi buddhas-hand
cold when bought,@milk @plant-drinks feta marinated-feta goats-cheese blue-cheese halloumi cream-cheese paneer brie camembert burrata mozzarella mozzarella-pearls ricotta cottage-cheese mascarpone quark labneh skyr taleggio queso-fresco fromage-frais clotted-cream
cold-smoked and cured fish,smoked-salmon smoked-trout fish-roe pickled-herring bottarga salmon-roe tobiko smoked-sturgeon smoked-halibut smoked-cod-roe gravlax smoked-tuna rollmops matjes surstromming
cooked starch,@rice @grains @pasta @lentils @potatoes @dried-beans-and-chickpeas split-peas
cream,cream single-cream whipping-cream half-and-half creme-fraiche soured-cream mascarpone clotted-cream
creamy by itself,yoghurt strained-yoghurt low-fat-yoghurt goats-yoghurt sheeps-yoghurt coconut-yoghurt soya-yoghurt oat-yoghurt skyr quark labneh kefir creme-fraiche soured-cream buttermilk cream single-cream whipping-cream half-and-half soya-cream oat-cream mascarpone ricotta cream-cheese vegan-cream-cheese mayonnaise vegan-mayonnaise aioli salad-cream tahini black-tahini peanut-butter almond-butter cashew-butter nut-butter avocado tofu firm-tofu feta blue-cheese goats-cheese cashews egg pasteurised-egg pasteurised-yolk
crustaceans,prawns cooked-prawns shell-on-prawns brown-shrimps crayfish lobster crab-meat tinned-crab langoustines rock-shrimp spot-prawns cooked-king-prawns king-crab dressed-crab soft-shell-crab cooked-lobster cooked-crayfish dried-shrimps seafood-mix
cultured milk,yoghurt strained-yoghurt low-fat-yoghurt goats-yoghurt sheeps-yoghurt soured-cream creme-fraiche buttermilk quark skyr labneh kefir fromage-frais
cured raw meat,cured-ham chorizo salami pancetta bresaola nduja lap-cheong saucisson coppa speck lardo iberico-ham bayonne-ham soppressata pepperoni lonza carpaccio beef-jerky smoked-venison cooking-chorizo mexican-chorizo guanciale
cut leaves,rocket lettuce little-gem cos-lettuce butterhead iceberg oak-leaf frisee lambs-lettuce mizuna batavia lollo-rosso mixed-leaves baby-spinach baby-kale watercress cress microleaves pea-shoots mustard-leaves sorrel dandelion-leaves radicchio chicory red-chard tatsoi komatsuna mibuna purslane escarole curly-endive red-gem living-lettuce herb-salad watercress-rocket-and-spinach baby-beet-leaves treviso puntarelle
dried beans and chickpeas,dried-white-beans dried-kidney-beans dried-black-beans dried-borlotti-beans dried-pinto-beans dried-black-eyed-beans dried-butter-beans dried-broad-beans dried-chickpeas dried-flageolet gigantes-beans tepary-beans dried-soya-beans pigeon-peas marrowfat-peas
eggs,egg duck-eggs quail-eggs
fish,@raw-fish @smoked-fish @preserved-fish fish-roe
flour,plain-flour self-raising-flour strong-flour wholemeal-flour rye-flour spelt-flour
fresh aromatics,@garlic @fresh-chillies basil thai-basil parsley curly-parsley coriander mint dill chives tarragon chervil ginger shallot spring-onion
fresh cheese,feta marinated-feta mozzarella mozzarella-pearls burrata ricotta cottage-cheese cream-cheese mascarpone paneer halloumi quark labneh queso-fresco fromage-frais manouri nabulsi-cheese oaxaca-cheese queso-panela bocconcini stracciatella petit-suisse garlic-and-herb-cheese cheese-curds processed-cheese labneh-balls shanklish akkawi
fresh chillies,chilli red-chilli green-chilli jalapeno scotch-bonnet birds-eye-chilli serrano-chilli poblano
fresh dairy,@cultured-milk @milk @cream @fresh-cheese @mould-ripened-cheese grated-mozzarella kaymak mexican-crema smetana filmjolk whole-milk goats-milk
fresh fish and shellfish,@raw-fish @smoked-fish prawns cooked-prawns shell-on-prawns brown-shrimps crayfish lobster crab-meat mussels clams oysters scallops squid octopus fish-roe salt-cod langoustines cockles razor-clams whelks cuttlefish baby-squid baby-octopus abalone periwinkles palourdes queen-scallops cooked-mussels seafood-mix rock-shrimp spot-prawns cooked-king-prawns king-crab dressed-crab soft-shell-crab cooked-lobster cooked-crayfish salmon-roe tobiko fish-cakes
garlic,garlic wild-garlic elephant-garlic peeled-garlic garlic-paste-in-a-tube
gelatine,gelatine marshmallow gelatine-leaves
ginger,ginger galangal fresh-turmeric
goes soft in a dressing,croutons crispy-onions pitta-chips tortilla-chips breadcrumbs fresh-breadcrumbs panko
grains,farro pearl-barley pot-barley bulgur fine-bulgur cracked-wheat freekeh wheat-berries whole-spelt rye-grains couscous giant-couscous wholewheat-couscous quinoa red-quinoa black-quinoa millet buckwheat amaranth cooked-grains teff fonio einkorn sorghum cooked-quinoa
grapefruit,grapefruit pomelo pink-grapefruit
green herbs,parsley curly-parsley chives tarragon
green peas,peas fresh-peas edamame
green vegetables,green-beans runner-beans asparagus broccoli long-stem-broccoli sugar-snap mangetout peas fresh-peas gai-lan choy-sum romanesco snake-beans wax-beans
ground nuts and seeds hold,tahini black-tahini peanut-butter almond-butter cashew-butter hazelnut-butter walnut-butter pistachio-butter nut-butter sunflower-butter pumpkin-butter cashews almonds walnuts hazelnuts pine-nuts sesame-seeds
hard cheese,parmesan pecorino gruyere emmental cheddar manchego gouda edam smoked-cheese hard-goats-cheese provolone havarti jarlsberg comte ricotta-salata cotija red-leicester double-gloucester wensleydale lancashire-cheese cheshire-cheese caerphilly monterey-jack colby grana-padano asiago fontina caciocavallo idiazabal mahon raclette-cheese appenzeller mimolette maasdam kashkaval muenster vintage-cheddar
hard nuts,walnuts hazelnuts almonds smoked-almonds pecans cashews salted-cashews pistachios peanuts salted-peanuts raw-peanuts macadamias brazil-nuts mixed-nuts candied-nuts chestnuts marcona candlenuts tamari-almonds honey-roast-peanuts trail-mix roasted-soya-beans
hard raw vegetables,carrot apple celery kohlrabi radish fennel turnip daikon
herbs lost in heat,basil thai-basil mint dill coriander
herbs,@soft-herbs @woody-herbs lemon-balm shiso
holds a dressing together,yoghurt strained-yoghurt low-fat-yoghurt goats-yoghurt sheeps-yoghurt skyr quark labneh kefir creme-fraiche soured-cream buttermilk mayonnaise vegan-mayonnaise aioli tofu cream-cheese
honey,honey set-honey honey-mustard hot-honey
hot by hand,chilli red-chilli green-chilli jalapeno pickled-jalapenos poblano scotch-bonnet birds-eye-chilli serrano-chilli
keeps pulses hard,@sour tomato cherry-tomato green-tomato tinned-tomatoes passata tomato-paste tomato-juice white-wine red-wine tamarind
kept in oil only cold,garlic wild-garlic black-garlic chilli red-chilli green-chilli jalapeno shallot basil thai-basil rosemary thyme lemon-thyme parsley curly-parsley sage fresh-oregano marjoram tarragon mint ginger roasted-peppers scotch-bonnet birds-eye-chilli serrano-chilli elephant-garlic peeled-garlic banana-shallot purple-basil
kept in salt,capers-in-salt salted-anchovies preserved-lemon salt-cod
kidney-type beans,dried-white-beans dried-kidney-beans dried-black-beans dried-borlotti-beans dried-pinto-beans dried-butter-beans adzuki-beans dried-flageolet gigantes-beans tepary-beans
lentils,green-lentils red-lentils brown-lentils black-lentils cooked-lentils tinned-lentils urad-dal moong-dal brown-masoor cooked-puy-lentils castelluccio
liver,chicken-livers duck-livers calf-liver lamb-liver chicken-liver-pate foie-gras pate
mayonnaise,mayonnaise vegan-mayonnaise aioli salad-cream
meat,@poultry @red-meat @pork
milk,milk semi-skimmed-milk skimmed-milk buttermilk kefir
minced meat,minced-beef minced-lamb minced-pork minced-chicken minced-turkey sausages merguez lamb-koftas chicken-sausages black-pudding veal-mince minced-venison minced-duck beef-burgers beef-meatballs sausage-meat italian-sausage bratwurst toulouse-sausage cooking-chorizo mexican-chorizo
miso,miso red-miso
molluscs,mussels clams oysters scallops squid octopus cockles razor-clams whelks cuttlefish baby-squid baby-octopus abalone periwinkles palourdes queen-scallops cooked-mussels smoked-mussels smoked-oysters tinned-clams seafood-mix
mould-ripened cheese,brie camembert blue-cheese goats-cheese taleggio epoisses reblochon coulommiers chevre-log cambozola dolcelatte cabrales bleu-dauvergne shropshire-blue port-salut
mushrooms,mushroom chestnut-mushroom portobello shiitake oyster-mushroom wild-mushroom enoki king-oyster maitake shimeji chanterelles porcini morels trompettes wood-ear truffle
mustards,dijon-mustard wholegrain-mustard english-mustard american-mustard honey-mustard
nightshades,tomato cherry-tomato green-tomato tomatillo aubergine potato waxy-potato new-potato floury-potato pepper red-pepper yellow-pepper orange-pepper green-pepper pointed-pepper chilli red-chilli green-chilli jalapeno plum-tomatoes vine-tomatoes baby-plum-tomatoes beef-tomatoes padron-peppers romano-peppers mini-peppers poblano scotch-bonnet birds-eye-chilli serrano-chilli garden-eggs
noodles,egg-noodles rice-noodles glass-noodles soba udon wheat-noodles somen sweet-potato-noodles fresh-noodles
nuts for a puree,cashews
nuts,walnuts hazelnuts almonds smoked-almonds flaked-almonds pecans cashews salted-cashews pistachios pine-nuts peanuts salted-peanuts raw-peanuts macadamias brazil-nuts mixed-nuts candied-nuts chestnuts marcona candlenuts tamari-almonds honey-roast-peanuts
oils,olive-oil extra-virgin-olive-oil rapeseed-oil walnut-oil hazelnut-oil sesame-oil sunflower-oil vegetable-oil corn-oil grapeseed-oil peanut-oil coconut-oil avocado-oil truffle-oil chilli-oil garlic-oil almond-oil macadamia-oil pistachio-oil pumpkin-seed-oil flaxseed-oil hemp-oil plain-sesame-oil mustard-oil palm-oil soya-oil lemon-oil smoked-oil rice-bran-oil argan-oil spring-onion-oil
onions,onion red-onion white-onion sweet-onion pickling-onion shallot banana-shallot calcots
opened and kept cold,tuna tinned-sardines tinned-mackerel tinned-salmon tinned-crab cooked-beetroot pickled-beetroot roasted-peppers artichoke-hearts sweetcorn pesto red-pesto coconut-milk coconut-cream hummus guacamole @mayonnaise refried-beans @tinned-pulses tinned-artichokes
oxalate when raw,rhubarb swiss-chard beet-leaves sorrel leaf-spinach
pasta,short-pasta long-pasta wholewheat-pasta gluten-free-pasta egg-pasta filled-pasta orzo gnocchi fregola somen sweet-potato-noodles fresh-noodles lasagne red-lentil-pasta
plant drinks,oat-milk soya-milk almond-milk coconut-drink rice-milk cashew-milk oat-cream soya-cream
plant yoghurt,coconut-yoghurt soya-yoghurt oat-yoghurt
pork,pork-fillet minced-pork pulled-pork sausages smoked-bacon back-bacon pancetta ham cured-ham chorizo salami bacon-fat lard black-pudding nduja mortadella prosciutto-cotto pork-belly pork-shoulder pork-chops pork-ribs pork-cheeks wild-boar gammon sausage-meat italian-sausage bratwurst toulouse-sausage lap-cheong cooking-chorizo mexican-chorizo andouille kielbasa frankfurters saucisson coppa speck lardo guanciale iberico-ham bayonne-ham soppressata pepperoni lonza ham-hock pork-scratchings rillettes pate cervelas
potatoes,potato waxy-potato new-potato floury-potato sweet-potato taro yam cassava-root oca
poultry,chicken-breast chicken-thigh chicken-pieces whole-chicken minced-chicken chicken-livers cooked-chicken turkey minced-turkey cooked-turkey duck-breast smoked-duck quail goose-breast duck-legs guinea-fowl chicken-sausages chicken-wings poussin chicken-skin chicken-hearts turkey-breast pheasant partridge pigeon grouse ostrich duck-livers minced-duck confit-duck foie-gras chicken-liver-pate roast-chicken smoked-chicken smoked-turkey
preserved fish,salt-cod anchovy salted-anchovies marinated-anchovies pickled-herring tuna tinned-sardines tinned-mackerel tinned-salmon bottarga rollmops matjes surstromming dried-anchovies stockfish ventresca tinned-sprats anchovy-paste smoked-cod-roe salmon-roe tobiko fish-cakes
pulses,@dried-beans-and-chickpeas @tinned-pulses @lentils split-peas mung-beans adzuki-beans lupin-beans edamame refried-beans chana-dal toor-dal
quinoa,quinoa red-quinoa black-quinoa
raw fish,cod haddock hake salmon trout mackerel sardines sea-bass sea-bream tuna-steak monkfish turbot halibut plaice sole pollock sea-trout arctic-char snapper swordfish red-mullet herring zander pike perch tilapia basa barramundi grouper lingcod rockfish catfish carp whiting coley pouting gurnard john-dory skate kingfish mahi-mahi whitebait smelt sprats sild dover-sole lemon-sole brill megrim fresh-cod-roe albacore bonito spanish-mackerel milkfish butterfish
raw molluscs,mussels clams oysters scallops cockles razor-clams periwinkles palourdes queen-scallops abalone
red meat,beef-steak roast-beef minced-beef minced-lamb lamb-steaks merguez venison rabbit lamb-koftas bresaola pastrami corned-beef veal beef-fillet beef-sirloin flank-steak ribeye beef-brisket beef-shin oxtail ox-tongue carpaccio lamb-leg lamb-shoulder lamb-chops lamb-neck mutton goat-meat bison hare kangaroo calf-liver lamb-liver lamb-kidneys veal-mince minced-venison beef-burgers beef-meatballs beef-jerky smoked-venison doner-meat haggis
rice,white-rice brown-rice red-rice black-rice wild-rice jasmine-rice sushi-rice risotto-rice cooked-rice glutinous-rice paella-rice brown-basmati poha
salty,feta marinated-feta parmesan pecorino halloumi capers capers-in-salt caperberries olives green-olives black-olives stuffed-olives anchovy salted-anchovies soy-sauce tamari dark-soy-sauce fish-sauce miso red-miso smoked-bacon back-bacon pancetta cured-ham blue-cheese preserved-lemon cotija ricotta-salata shrimp-paste bottarga
seeds,pumpkin-seeds sunflower-seeds sesame-seeds black-sesame mixed-seeds flaxseed chia poppy-seeds hemp-seeds
sesame paste,tahini black-tahini
sharp in a dressing,garlic wild-garlic chilli red-chilli green-chilli jalapeno chilli-flakes chilli-powder harissa horseradish creamed-horseradish fresh-horseradish wasabi ginger cayenne hot-sauce @mustards
smoked fish,smoked-salmon smoked-trout smoked-mackerel smoked-haddock hot-smoked-salmon kippers eel smoked-sturgeon smoked-halibut smoked-tuna gravlax
soft herbs,basil thai-basil mint dill coriander parsley curly-parsley chives chervil tarragon
sour fruit,lemon lime yuzu bottled-lemon-juice yuzu-juice verjuice
sour,@sour-fruit @vinegars moscatel-vinegar rose-vinegar beer-vinegar date-vinegar tarragon-vinegar cane-vinegar ume-vinegar lime-juice-bottled
splits when boiled,yoghurt strained-yoghurt low-fat-yoghurt goats-yoghurt sheeps-yoghurt soured-cream buttermilk quark skyr labneh kefir fromage-frais
sprouts,sprouts alfalfa-sprouts mung-sprouts radish-sprouts mixed-sprouts sprouted-chickpeas
stone fruit,peach nectarine apricot plum cherries mango avocado white-peach greengage sour-cherries pluot loquat
sturdy leaves,kale baby-kale black-kale cabbage red-cabbage savoy-cabbage pointed-cabbage chinese-cabbage chicory radicchio collard-greens turnip-tops
thins sesame paste,@cultured-milk @tinned-pulses @dried-beans-and-chickpeas water ice aubergine
tinned pulses,tinned-chickpeas tinned-white-beans tinned-black-beans tinned-lentils tinned-kidney-beans tinned-borlotti-beans tinned-pinto-beans tinned-black-eyed-beans tinned-mixed-beans tinned-butter-beans tinned-broad-beans tinned-green-lentils baked-beans jarred-white-beans
toasted nuts and seeds,walnuts hazelnuts almonds flaked-almonds pecans cashews pistachios pine-nuts peanuts raw-peanuts macadamias brazil-nuts mixed-nuts pumpkin-seeds sunflower-seeds sesame-seeds black-sesame mixed-seeds
tofu,tofu firm-tofu smoked-tofu fried-tofu marinated-tofu
tomatoes,tomato cherry-tomato green-tomato plum-tomatoes vine-tomatoes baby-plum-tomatoes beef-tomatoes
toxin when raw,@kidney-type-beans potato waxy-potato new-potato floury-potato aubergine cassava-root elderberry taro runner-beans fiddleheads
vegetables for a puree,roasted-peppers aubergine beetroot cooked-beetroot carrot squash pumpkin avocado
vinegars,red-wine-vinegar white-wine-vinegar cider-vinegar sherry-vinegar balsamic-vinegar white-balsamic rice-vinegar seasoned-rice-vinegar brown-rice-vinegar black-vinegar white-vinegar malt-vinegar raspberry-vinegar coconut-vinegar champagne-vinegar moscatel-vinegar rose-vinegar beer-vinegar date-vinegar tarragon-vinegar cane-vinegar ume-vinegar
watery vegetables,mini-cucumber cucumber courgette
woody herbs,rosemary thyme lemon-thyme sage fresh-oregano marjoram
yolk,egg duck-eggs quail-eggs pasteurised-egg pasteurised-yolk
seasoning,fine-salt coarse-salt flake-salt pink-salt black-pepper white-pepper
harmful raw,runner-beans taro cassava-root fiddleheads elderberry
in oil like herbs,tomato cherry-tomato plum-tomatoes vine-tomatoes baby-plum-tomatoes semi-dried-tomatoes aubergine courgette pepper red-pepper green-pepper yellow-pepper orange-pepper mushroom chestnut-mushroom artichoke-hearts
large predatory fish,swordfish tuna-steak kingfish spanish-mackerel
`;
