/** Written from other-names.csv by npm run facts. */
export const otherNamesTable = `
food,names
beetroot,golden beetroot;candy beetroot;chioggia beetroot
black-lentils,beluga lentils;black beluga lentils
black-pepper,freshly ground pepper;freshly ground black pepper;freshly cracked pepper;cracked black pepper;ground pepper;milled pepper
blue-cheese,stilton;gorgonzola;roquefort;danish blue;blue stilton
carrot,heritage carrots;rainbow carrots
cherry-tomato,cherry tomatoes on the vine;vine cherry tomatoes
chickpea-liquid,aquafaba;chickpea water
coriander,fresh cilantro;coriander leaves;cilantro leaves
cos-lettuce,romaine hearts;cos hearts;romaine leaves
courgette,yellow courgettes;green courgettes
crayfish,crayfish tails;crawfish;crawfish tails
cucumber,english cucumber;hothouse cucumber
cured-ham,jamon;serrano ham;jamon serrano
dried-mushrooms,porcini;dried porcini;dried ceps
feta,feta-style cheese;greek feta;sheeps feta
fish-roe,tobiko;masago;trout roe;lumpfish roe;lumpfish caviar
green-lentils,puy lentils;puy-style lentils;french green lentils;speckled lentils
kale,curly kale;green kale;purple kale
mozzarella,buffalo mozzarella;mozzarella ball;mozzarella di bufala
new-potato,fingerling potatoes;ratte potatoes
parsley,flat-leaf parsley;flat leaf parsley;italian parsley;flat parsley
prawns,peeled king prawns;peeled tiger prawns
pumpkin-seeds,pepitas;hulled pumpkin seeds
radish,breakfast radishes;french breakfast radishes;pink radishes
strained-yoghurt,plain greek yoghurt;plain greek yogurt;natural greek yoghurt;full-fat greek yoghurt;greek style yoghurt;greek-style yogurt
swiss-chard,silverbeet;silver beet
tomato,vine tomatoes;tomatoes on the vine
tuna,canned tuna flakes;tuna flakes;tuna chunks
waxy-potato,charlotte potatoes
white-vinegar,distilled white vinegar;distilled vinegar;spirit vinegar
yoghurt,natural yoghurt;natural yogurt;plain yogurt;whole-milk yoghurt;dahi
`;
