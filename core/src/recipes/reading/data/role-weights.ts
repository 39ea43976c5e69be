/** Written from corpus/roles.txt by npm run train. */
export const roleWeightsTable = `
any|2.15 -0.3 -0.21 -1.91 -0.42 1.41 -0.72
asks|0 0 1.95 0.94 0 -1.93 -0.96
begins i|-0.98 -0.02 0.86 -0.89 1.89 0 -0.85
begins it|-1.99 0.97 0 -0.99 1 1.01 0
begins my|0 0 0.08 0 0 0 -0.08
begins otherwise|-1.32 -1.56 0.13 1.95 -1.46 0.38 1.89
begins this|0 0.99 -0.93 0 -0.99 2.57 -1.64
begins we|0.23 -0.15 0 0 0.83 -0.51 -0.41
begins with work|7.11 -1.5 -1.04 -1.04 -1.69 -2.19 0.35
begins you|0.48 0.98 0.68 -0.94 0 -1.2 0
calls|-1.99 0 0 0 0 1 0.99
cue after work|-2.56 3 0 0 0 -1.02 0.58
cue allergens|-1.99 0 1.99 -0.96 0 1.68 -0.72
cue could|-1.2 1 3.14 -0.94 0 -1 -1
cue drop in|2.94 -2.53 -1.99 1.71 1.17 -1.3 0
cue hope|-3.46 -0.96 0 0 -0.99 -2.48 7.89
cue i|-2.42 -0.05 1.49 -0.89 -1.09 0.22 2.75
cue if it|-2.92 -1 -0.7 5.49 -0.87 0 0
cue instead|-4.99 -2 9.25 -0.98 -0.28 0 -1
cue keeps|-5.37 9.92 0 0 -0.16 -1.67 -2.72
cue loosen|-1.44 0 -1.45 2.89 0 0 0
cue made ahead|0 2.89 -0.94 0 0 -1 -0.95
cue meal|-2.19 -0.96 1.08 -1.39 4.76 0 -1.29
cue mind|-2.69 -1 0 0 -1 5.81 -1.12
cue never|-4.63 0.34 0.04 -0.01 0 5.89 -1.63
cue no x|0 0 1.95 0 0 -0.99 -0.96
cue not a fan|-1 0 3.96 -0.98 0 -0.99 -1
cue or something|1.28 -0.04 1.47 -1.42 0.29 0.01 -1.6
cue or start|0 0 2.27 -0.42 -0.87 -0.99 0
cue question|-1.73 -0.96 -0.99 0 0 1.16 2.52
cue serve with|-2.88 0 -1.48 0 7.09 -1.02 -1.71
cue sometimes|-1 -1 3.3 0 0 -0.79 -0.51
cue splits|-3.44 0 -0.95 4.39 0 0 0
cue stored|-1.47 6.42 -0.93 0 -0.99 -3.04 0
cue too|-1.71 -1 -0.99 3.64 0 0.05 0
cue until|1.7 -0.74 0 0 0 -0.96 0
cue we past|-1.9 -0.15 -0.07 0 -0.85 -0.17 3.15
cue why|0.4 0 -0.99 -1 0 3.44 -1.85
cue will look|-4.47 1 -0.99 -0.99 -0.96 7.38 -0.97
cue you will|6.34 0 -0.5 0 -1.99 -1.92 -1.92
first add|1.99 0 0 -1.99 0 0 0
first all|1.7 -1.7 0 0 0 0 0
first best|-1.77 3.65 0 0 0 -0.97 -0.91
first bring|1.51 0 0 0 0 -1.51 0
first can|0 -0.01 0 0 0 0 0.01
first chill|1.52 -1.52 0 0 0 0 0
first core|-1.53 0 0 0 0 1.53 0
first dill|2 0 0 0 0 -2 0
first do|-0.98 0.18 0 -1 0 1.8 0
first don't|-1 1.83 -0.93 0 0 0.78 -0.69
first dress|0.01 -0.01 0 0 0 0 0
first eat|1.82 -0.23 0 0 0 0 -1.6
first everything|1.89 0 0 0 0 0 -1.89
first for|-1.92 0 0.99 0 0.94 0 0
first from|-1.93 0 -0.98 0 0 0 2.91
first good|0 0 -0.8 0 1.01 -0.21 0
first grate|1.79 0 0 0 0 -1.79 0
first heat|2 0 -2 0 0 0 0
first herbs|1.03 0 -0.85 0 0 -0.18 0
first i|-0.98 -0.02 0.86 -0.89 1.89 0 -0.85
first if|0.54 -1 -1.94 4.44 0 -1.05 -1
first in|1.35 0 0 0 0 -1.35 0
first it|-1.99 0.97 0 -0.99 1 1.01 0
first it'll|0 0.96 0 0 0 0.01 -0.97
first it's|-0.84 -0.95 0 0 1.79 0 0
first keeps|-2.57 2.57 0 0 0 0 0
first let|1.46 -1.78 0 0 0 -1.19 1.51
first lovely|-1.59 0 0 0 1.59 0 0
first my|0 0 0.08 0 0 0 -0.08
first no|0 0 1.95 0 0 -0.99 -0.96
first not|-0.95 0.94 0 0 0 0.95 -0.94
first oil|-0.95 0 0 0 0 0.95 0
first or|0 0 2.27 -0.42 -0.87 -0.99 0
first pairs|-0.35 0 0 0 0.35 0 0
first say|-0.96 0 0 0 0 0 0.96
first serve|1.69 0 0 0 -1.69 0 0
first should|-0.99 0 0 0.99 0 0 0
first some|0 0 0.96 0 0 -0.96 0
first store|0.01 -0.01 0 0 0 0 0
first that's|-0.9 0 0 0 0 -0.08 0.98
first the|-0.93 0 0 0 -0.96 2.95 -1.06
first this|0 0.99 -0.93 0 -0.99 2.57 -1.64
first too|0 0 0 0.94 0 -0.94 0
first we|0.23 -0.15 0 0 0.83 -0.51 -0.41
first when|0.94 0 -1.74 1.72 -0.92 0 0
first you|0.48 0.98 0.68 -0.94 0 -1.2 0
long|1.19 0 0 0 0 -1.19 0
number|1.72 1.1 -0.33 0.02 -1.53 -2.31 1.33
pair a bit|-0.79 0 -0.95 1.78 0.96 0 -1
pair a bowl|3.7 -1.88 0 0 0 -1.83 0
pair a good|2.69 -1 1.89 -1.97 -1.61 0 0
pair a jar|-0.98 0.98 0 0 0 0 0
pair a large|1.51 0 0 0 0 -1.51 0
pair a plate|1.9 -1.9 0 0 0 0 0
pair a tray|2 0 -2 0 0 0 0
pair a week|-1.8 3.69 -0.94 0 -0.96 0 0
pair add a|-0.94 0 0 0.94 0.94 -0.94 0
pair add more|0 0 -0.97 0.97 0 0 0
pair all together|1.92 0 0 0 0 -1.92 0
pair an hour|3.49 -0.55 0 0 0 -0.97 -1.97
pair and bring|-1.95 0 0 0 0 0 1.95
pair and oil|1.83 -1.83 0 0 0 0 0
pair and serve|-1.82 1.82 0 0 0 0 0
pair and slice|1.99 0 0 0 -1.99 0 0
pair and the|-0.95 0 0 0 0 0 0.95
pair as you|0.5 0 -0.5 0 0 0 0
pair at c|0 0 0.98 -0.98 0 0 0
pair at once|-0.99 0 0 0.99 0 0 0
pair at the|2.81 0 -0.85 0 0 -1.96 0
pair before the|-0.98 -0.53 0 0 0 1.52 0
pair before you|1.52 -1.52 0 0 0 0 0
pair best eaten|-0.96 1.93 0 0 0 -0.97 0
pair bit of|-0.79 0 -0.95 1.78 0.96 0 -1
pair bring the|-0.96 0 0 0 0 0 0.96
pair but the|-0.99 0.99 0 0 0 0 0
pair cold water|1.85 0 0 0 0 -1.85 0
pair cover with|1.16 0 0 0 0 0 -1.16
pair creme fraiche|0 0 0.93 0 0 0 -0.93
pair cut it|-0.98 0 0 0 0 0.98 0
pair days in|-1 1.99 0 0 -0.99 0 0
pair do not|-0.98 0.18 0 -1 0 1.8 0
pair do the|0 1 0 0 0 -1 0
pair don't let|-0.75 -0.98 0 0 0 1.73 0
pair don't skip|0 0 0 0 0 0.69 -0.69
pair dressing on|-1.38 0 0 0 0 2.35 -0.97
pair dressing over|1.68 0 0 0 0 -1.68 0
pair everything together|1.89 0 0 0 0 0 -1.89
pair feta and|-0.99 0 0.99 0 0 0 0
pair five days|-0.98 0.98 0 0 0 0 0
pair five minutes|1.99 0 0 -1.99 0 0 0
pair for a|-1.92 0.96 0.99 0 -0.02 0 0
pair for five|-0.98 0.98 0 0 0 0 0
pair for hours|1.98 -1.98 0 0 0 0 0
pair for min|1.58 -1.58 0 0 0 0 0
pair for the|1.99 0 0 -1.99 0 -0.96 0.96
pair for two|0.4 0.79 0 0 0 -1.19 0
pair for up|-1.8 1.8 0 0 0 0 0
pair four days|0 0.99 0 0 -0.99 0 0
pair going to|1.99 0 0 0 -1.99 0 0
pair good for|0 0.96 0 0 -0.96 0 0
pair good with|0 0 -0.8 0 0.8 0 0
pair grate the|1.79 0 0 0 0 -1.79 0
pair half an|1.97 0 0 0 0 0 -1.97
pair half the|-1 0 1 0 0 0 0
pair heat the|2 0 -2 0 0 0 0
pair hot water|0 0 -0.95 0.95 0 0 0
pair hour before|1.52 -1.52 0 0 0 0 0
pair i'd use|-1 0 1.45 0 0 0 -0.45
pair if it|-0.99 0 -0.95 1.94 0 0 0
pair if the|0 0 -0.06 0.06 0 0 0
pair if you|-2.98 1 1.97 0.5 0 -1 0.51
pair in a|2.95 -1.14 0.05 0.95 -0.99 -1.83 0
pair in the|1.69 0.88 0 0 0 -1.19 -1.37
pair in with|3.26 0 0 -1.92 0 -1.35 0
pair instead of|0 0 0.28 0 -0.28 0 0
pair into the|1.58 -1.58 0 0 0 0 0
pair it all|1.92 0 0 0 0 -1.92 0
pair it boil|-0.6 -1.78 0 0 0 2.38 0
pair it goes|0 0 -0.95 0.95 0 0 0
pair it in|5.41 -3.58 0 0 0 -1.83 0
pair it is|-0.96 0.96 0 0 0 0 0
pair it keeps|0 0.94 -0.94 0 0 0 0
pair it off|-1.47 0 0 1.47 0 0 0
pair it on|0 0 1.28 -0.42 -0.87 0 0
pair it really|1.99 0 0 0 -1.99 -1.64 1.64
pair it sit|1.19 0 0 0 0 -1.19 0
pair it wants|-1 0 0 0 1 0 0
pair it was|0 0.81 0 0 0 0 -0.81
pair it will|-0.99 0.99 0 -0.99 0 0.99 0
pair it with|-1.69 0 2.61 0 0.92 -0.99 -0.86
pair its own|-0.79 -0.96 0 1.72 0.04 0 0
pair juice and|1.83 -1.83 0 0 0 0 0
pair keep for|-1.98 1.98 0 0 0 0 0
pair keep it|0 1.97 0 0 0 -1 -0.97
pair keeps for|-1.57 1.57 0 0 0 0 0
pair last of|-0.59 0 0 0 0.59 0 0
pair leave to|1.78 -1.78 0 0 0 0 0
pair lemon juice|1.83 -1.83 0 0 0 0 0
pair lemon over|1.61 0 0 0 -1.61 0 0
pair lemon zest|0 0 1 0 0 0 -1
pair let it|0.59 -1.78 0 0 0 1.19 0
pair like that|0 0 -1 -0.89 1.89 0 0
pair line a|2 0 -2 0 0 0 0
pair lovely with|-0.59 0 0 0 0.59 0 0
pair make the|1.81 -0.87 -0.94 0 0 0 0
pair may be|-0.96 0 0.96 0 0 0 0
pair mins turning|1.93 0 0 0 0 0 -1.93
pair minutes then|1.78 -1.78 0 0 0 0 0
pair next day|-0.84 0.02 0 0 1.79 -0.96 0
pair nice with|0 0 0.28 0 -0.28 0 0
pair night before|0 1 0 0 0 -1 0
pair of dressing|0 0.97 0 0 0 -0.97 0
pair of lemon|1.61 0 1 0 -1.61 0 -1
pair of the|-0.59 0 0 0 0.59 0 0
pair off the|2.18 0 -1.74 -0.45 0 0 0
pair on a|-0.98 0 0 0 0 0 0.98
pair on the|-1.38 -0.03 1.28 -0.42 -0.87 1.42 0
pair onion and|1.99 0 0 0 -1.99 0 0
pair or it|-1.82 1.82 0 0 0 0 0
pair or the|-0.35 0 0 -1 0.35 1 0
pair out the|-0.99 0 0.99 0 0 0 0
pair oven to|2 0 -2 0 0 0 0
pair over the|2 0 0 0 0 -2 0
pair pairs with|-0.35 0 0 0 0.35 0 0
pair peppers at|0 0 0.98 -0.98 0 0 0
pair roast the|0 0 0.98 -0.98 0 0 0
pair salted water|1.51 0 0 0 0 -1.51 0
pair seeds on|1.9 -1.9 0 0 0 0 0
pair serve with|1.69 0 0 0 -1.69 0 0
pair start with|-0.49 0 -0.5 0.99 0 0 0
pair stir in|0 0 -0.95 0.95 0 0 0
pair take the|1.92 0 0 0 0 0 -1.92
pair ten minutes|0 0 -1 1 0 0 0
pair that will|-0.98 0.98 0 0 0 0 0
pair the apple|0 0 0 0 0 0.93 -0.93
pair the apples|0.9 -1 1.89 0 0 -1.79 0
pair the beans|0 0 -1 1 0 0 0
pair the beetroot|1.74 0 -1.74 0 0 0 0
pair the boil|1.51 0 0 0 0 -1.51 0
pair the butter|1.92 0 0 -1.92 0 0 0
pair the cabbage|0 1 0 0 0 -1 0
pair the chickpeas|1.35 0 0 0 0 -1.35 0
pair the day|-0.96 1.91 0 0 0 0 -0.95
pair the dressing|-0.46 -1.81 0 0 0 3.24 -0.97
pair the feta|-0.99 0 0.99 0 0 0 0
pair the fish|1.98 -1.98 0 0 0 0 0
pair the fridge|0.33 0.86 0 0 0 -1.19 0
pair the garlic|-1 0 1 0 0 0 0
pair the heat|1.79 0 0 -0.45 0 -1.35 0
pair the herbs|1.87 0 0 0 0 -1.87 0
pair the last|1.4 0 0 -1.99 0.59 0 0
pair the leaves|-0.07 -0.81 0 -1 0 1.89 0
pair the next|-0.84 0.02 0 0 1.79 -0.96 0
pair the night|0 1 0 0 0 -1 0
pair the oil|-0.9 0 0 0 0 1.56 -0.66
pair the olives|-0.95 0 0 0 0 0.95 0
pair the onions|0.5 0 -0.5 0 0 0 0
pair the oven|5.55 -1.58 -2 0 0 0 -1.97
pair the paste|0 0.94 -0.94 0 0 0 0
pair the peppers|0 0 0.98 -0.98 0 0 0
pair the rest|0 0.81 0 0 0 0 -0.81
pair the salt|-0.79 0 -0.99 0.99 0 1.72 -0.93
pair the same|-0.96 0.96 0 0 0 0 0
pair the seeds|0.91 -1.9 0 0.99 0 0 0
pair the skins|1.74 0 -1.74 0 0 0 0
pair the top|2 0 0 0 0 -2 0
pair the water|-0.79 0 0 0 0 1.72 -0.93
pair them out|-0.99 0 0 0.99 0 0 0
pair then leave|1.78 -1.78 0 0 0 0 0
pair then the|1.87 0 0 0 0 -1.87 0
pair to a|0.1 -0.1 0 0 0 0 0
pair to c|2 0 -2 0 0 0 0
pair to cool|1.78 -1.78 0 0 0 0 0
pair to the|0.62 -1 1.89 0 0 -1.51 0
pair too much|-0.95 0 0 0 -0.96 1.91 0
pair toss it|1.92 0 0 0 0 -1.92 0
pair two days|-0.99 1.8 0 0 0 0 -0.81
pair two hours|1.19 0 0 0 0 -1.19 0
pair up to|-1.8 1.8 0 0 0 0 0
pair we did|-0.93 -0.96 0 0 -0.85 -0.51 3.25
pair when the|0.94 0 -1.74 1.72 -0.92 0 0
pair while you|1.81 -1.81 0 0 0 0 0
pair will keep|-0.99 0.99 0 0 0 0 0
pair with a|-2.77 0 -1 0.1 1.89 1.79 0
pair with cold|-1.69 0 0 0 1.69 0 0
pair with lemon|1.83 -1.83 0 0 0 0 0
pair with the|1.43 -0.96 -0.5 -1.92 0.09 0.5 1.35
pair within an|0 0.97 0 0 0 -0.97 0
pair you can|-0.24 1 0.24 0 0 -1 0
pair you could|0 0 0.94 -0.94 0 0 0
pair you don't|-0.75 -0.98 0 0 0 1.73 0
pair you have|0 0 0.98 -0.98 0 0 0
pair you keep|0 1 0 0 0 -1 0
pair you want|0 0 -0.99 0 0 0.99 0
short|0.21 0.52 0.77 -0.96 -1.47 0.33 0.6
word a|1.88 -1.31 -0.99 1.73 -0.7 0.35 -0.96
word about|0 0 0 0 -0.99 -0.64 1.63
word add|-0.85 -1 1.89 0.92 0.94 -1.9 0
word after|-2.16 3.1 0 0 0 -0.95 0
word again|-0.99 0 0 0.99 0 -0.95 0.95
word ahead|0 0.94 -0.94 0 0 0 0
word all|2.68 -1.7 0 0 0 -1.92 0.95
word an|0.76 1.25 0 0 1.74 -1.78 -1.97
word anchovies|0 0 0.96 0 0 0 -0.96
word and|2.72 -0.22 -1.01 0.72 -1.99 -2.31 2.09
word another|-1 0 0 1 0 0 0
word apple|0 0 0 0 0 0.93 -0.93
word apples|0.9 -1 1.89 0 0 -1.79 0
word are|-1.84 -1 0.89 1 0 0.95 0
word as|0.5 -0.96 -0.5 0 0 0.96 0
word ask|0 0 -0.84 -0.71 0 0 1.56
word at|2.85 -1.98 0.58 -0.98 0 -0.03 -0.45
word avocado|-0.98 0 0 0 0 0.98 0
word away|-0.99 0 0 0.99 0 0 0
word back|0.39 0 0 0 0 -1.35 0.96
word be|-2.9 0 0.96 0 0 2.92 -0.97
word beans|3 0 -1 -0.95 0 -1.05 0
word beetroot|1.74 0 -1.45 0 -0.28 0 0
word before|-0.4 -0.1 0 0 0 -0.08 0.58
word best|-2.77 3.65 0 0 0 -0.97 0.09
word bit|-0.79 0 -0.95 1.78 0.96 0 -1
word boil|0.16 -2.76 0 0 0 2.6 0
word bowl|3.7 -1.88 -0.93 0 0 -2.62 1.72
word bread|0.9 0 0 0 1 0 -1.89
word bring|-0.44 0 0 0 0 -1.51 1.95
word brown|-2.45 0 0 1.47 0 0.98 0
word bruise|-1.79 0 0 -1 0 2.78 0
word but|-1.91 1.96 0 0 -0.96 1.85 -0.94
word butter|1.92 0 0 -1.92 0 0 0
word c|-0.53 1 -1.02 -0.98 0 1.53 0
word cabbage|0 1 0 0 0 -1 0
word can|-0.24 0.99 0.24 0 0 -1 0.01
word capers|-0.91 0 1.87 0 0 0 -0.96
word careful|-0.93 0 0 0 0 2.04 -1.12
word carrot|0 0 0.28 0 -0.28 0 0
word catch|-0.99 0 0 0.99 0 0 0
word check|1.9 -1.9 0 0 0 0 0
word cheese|1.87 0 0 0 0 -1.87 0
word chicken|0 0 -0.8 0 1.79 0 -0.99
word chickpeas|3.34 0 0.99 -1.99 0 -2.33 0
word children|-0.93 0 -0.84 0 0 -0.46 2.24
word chill|4.79 -1.52 0 0 0 -1.4 -1.87
word chopped|0 -1 1 0 0 0 0
word cloth|1.81 -1.81 0 0 0 0 0
word cold|1.85 1 -0.8 0 0.8 -2.85 0
word colour|0 -0.96 -1 0 0 2.4 -0.44
word cook|-0.52 0 0 -0.86 0 1.38 0
word cool|1.94 -0.2 -1.74 0 0 0 0
word core|-1.53 0 0 0 0 1.53 0
word could|0 0 0.94 -0.94 0 0 0
word cover|1.16 0 0 0 0 0 -1.16
word cream|-0.96 0 1.95 0 0 -0.99 0
word creme|0 0 0.93 0 0 0 -0.93
word cut|-0.98 0 0 0 0 0.98 0
word damp|1.81 -1.81 0 0 0 0 0
word day|-2.76 2.89 1.28 -0.42 0.92 -0.96 -0.95
word days|-4.82 6.62 0 0 -0.99 0 -0.81
word did|-0.93 -0.96 0.86 0 -0.85 -0.51 2.4
word dill|2 0 0 0 0 -2 0
word dip|0 0.03 0 0 -0.99 0 0.96
word dish|-0.96 0 0 0 0 0 0.96
word do|-0.98 1.18 1.28 -1.42 -0.87 0.81 0
word does|0 0.94 2.76 0 -0.77 -1.93 -1
word don't|-2.73 0.85 0.04 0.99 0 1.55 -0.69
word done|-0.94 0 0 0 0 -0.59 1.53
word dress|-2.68 -0.55 0 1.71 0 1.52 0
word dressing|1.22 -0.84 0 0 0 0.59 -0.97
word dry|0 0 -0.97 0.97 0 0 0
word each|0.26 0 0 0 0.94 -1.19 0
word eat|2.38 -0.78 0 0 0 0 -1.6
word eaten|-0.96 1.93 0 0 0 -0.97 0
word egg|-2.62 0 0 0 2.62 0 0
word everything|1.89 0 0 0 -0.99 -0.64 -0.26
word feta|-0.99 0 1.84 0 0 0 -0.86
word fine|0 0.81 0 0 0 0 -0.81
word first|0.14 1.72 0 -0.99 0 0.99 -1.86
word fish|1.98 -1.98 -0.8 0 0.8 0 0
word five|1.01 0.98 0 -1.99 0 0 0
word flatbreads|-0.99 0 0 0 0.99 0 0
word for|0.01 0.95 0.42 -1.99 1.66 -2.16 1.11
word four|0 0.99 0 0 -0.99 0 0
word fraiche|0 0 0.93 0 0 0 -0.93
word freeze|1.98 0.79 -0.93 0 0 -1.84 0
word fresh|-0.99 0 0 0.99 0 0 0
word fridge|0.33 0.86 0 0 0 -1.19 0
word from|-2.86 0 -0.98 0 0 0.47 3.38
word g|1.16 -1 0 1 0 0 -1.16
word garlic|-1 0 1.96 0 0 -0.96 0
word get|1.69 0 1 1.47 0 -1.19 -2.97
word give|1.97 0 -1 -0.97 0 0 0
word go|-1.38 0 0 0 0 2.35 -0.97
word goes|-0.98 0.96 -0.95 0.95 0.99 0.02 -0.99
word going|0.52 0 0 1.47 -1.99 0 0
word good|1.69 -0.04 1.09 -1.97 -0.56 -0.21 0
word grate|1.79 0 0 0 0 -1.79 0
word great|-0.84 -0.95 0 0 1.79 0 0
word grill|0 0 0.98 -0.98 0 0 0
word grilled|0 0 -1.8 -0.89 2.69 0 0
word had|0 0 0 0 0 -1 1
word half|-0.66 1.63 1 0 0 0 -1.97
word have|-1.69 0 1.96 -0.98 1.69 -0.99 0
word heat|3.79 0 -2 -0.45 0 -1.35 0
word herbs|2.9 0 -0.85 0 0 -2.05 0
word hold|-1 1 0 0 0 0 0
word honey|-1 0 1 0 0 0 0
word hope|-0.95 0 0 0 0 0 0.95
word hot|-1 0 -0.95 0.95 0 1 0
word hour|1.05 2.8 0 0 0 -0.97 -2.88
word hours|3.17 -1.98 0 0 0 -1.19 0
word i|-0.98 -0.02 1.82 -0.89 0.9 -1.61 0.78
word i'd|-1 0.94 0.51 0 0 0 -0.45
word if|-2.92 0 2.27 4.03 -0.87 -3.03 0.51
word in|5.13 1.54 -0.94 -0.97 -0.99 -4.37 0.59
word instead|0 -1 2.26 -0.98 -0.28 0 0
word into|3.58 -1.58 0 0 0 -1.99 0
word is|-1.77 0.96 0.96 0.78 -2.68 0.09 1.66
word it|-0.56 0.48 1.18 -0.91 -0.95 -0.14 0.89
word it'll|0 0.96 0 0 0 0.01 -0.97
word it's|-1.75 -0.01 0.35 -0.42 0.92 1.85 -0.94
word its|-1.69 -1.92 -0.97 2.69 0.04 2.52 -0.66
word jar|-0.98 1.97 0 0 -0.99 0 0
word juice|1.83 -1.83 0 0 0 0 0
word just|1.92 0 -0.95 0.95 0 -1.92 0
word kale|0 0 0.94 -0.94 0 0 0
word keep|-1.98 5.63 0 0 0 -2.67 -0.97
word keeps|-2.57 3.51 -0.94 0 0 0 0
word knife|-1.79 0 0 0 0 1.79 0
word know|-0.32 0 0 0 0 -1.19 1.51
word large|1.51 0 0 0 0 -1.51 0
word last|4.3 -0.96 -1.13 -1.99 -0.26 0.47 -0.42
word lasts|0 0.99 0 0 -0.99 0 0
word leave|0.79 -1.78 0.99 0 0 0 0
word leaves|1.91 -0.81 -1.99 -1 0 1.89 0
word lemon|3.45 -1.83 1 0 -1.61 0 -1
word lentils|1.85 0 0 0 0 -1.85 0
word let|-1.67 -2.76 0 0 0 2.91 1.51
word like|0 0 -1 -0.89 0.92 0.96 0
word line|2 0 -2 0 0 0 0
word love|0 0 0 0 -0.99 -0.64 1.63
word lovely|-1.59 -0.96 0 0 2.55 0 0
word mackerel|0 0 -1 -0.89 1.89 0 0
word made|-1.94 0.96 0 0 0 0 0.98
word main|-0.94 0 0 0 0.94 0 0
word make|1.81 0.08 -0.94 0 0 0 -0.95
word maple|-1 0 1 0 0 0 0
word mash|-0.79 0 0 1.72 -0.92 0 0
word max|-1.84 1.84 0 0 0 0 0
word may|-0.96 0 0.96 0 0 0 0
word me|-2.45 -0.96 0 0 0 2.62 0.79
word milk|-0.95 0 0 -0.01 0 1.68 -0.72
word min|1.61 0.24 0 0 0 -1.85 0
word mins|1.93 0 0 0 0 0 -1.93
word minutes|3.77 -1.78 -1 -0.99 0 0 0
word more|0 -1 -1.96 2.96 0 0 0
word mother|-0.96 0 0.93 0 0 0 0.03
word much|-0.95 0 0 0 -0.96 1.91 0
word must|-2.48 0 0 0 0 2.48 0
word my|1.99 0 -0.84 0 -1.99 -0.79 1.64
word next|-1.84 0.02 0 0 2.78 -0.96 0
word nice|0 0 2.04 0 -1.06 -0.99 0
word night|0 1 0 0 0 -1 0
word no|0 0.94 1.99 -0.98 0 -0.99 -0.96
word not|-2.82 2.05 0 -1 0 2.7 -0.94
word nuts|0 0 0.45 0 0 0 -0.45
word of|3.44 -0.73 0.62 2.3 -1.21 -3.42 -1
word off|2.18 0 -1.74 -0.45 0 0 0
word oil|1.92 -1.83 -0.97 0.97 -0.96 3.47 -2.59
word olives|-1.94 0 0.99 0 0 0.95 0
word on|0.98 -2.9 0.44 -0.42 0.31 1.59 0
word once|0.91 -1.9 0 0.99 0 0 0
word one|0 0.94 0 0 0 -0.88 -0.06
word onion|1.99 0 0 0 -1.99 0 0
word onions|0.5 0 -0.5 0 0 0 0
word or|1.28 -0.04 1.47 -1.42 0.29 0.01 -1.6
word out|0.83 0 0.99 0.99 0 0.04 -2.85
word oven|5.55 -1.58 -2 0 0 0 -1.97
word over|1.36 -0.95 -1.99 1.71 1.17 -1.3 0
word overnight|4.98 -1.27 0 -1.95 0 -1.76 0
word own|-0.79 -0.96 0 1.72 0.04 0 0
word pairs|-0.35 0 0 0 0.35 0 0
word pan|0.51 0 0 0 0 -0.51 0
word past|0 0.97 0.94 -0.94 0 0 -0.97
word paste|0 0.94 -0.94 0 0 0 0
word pear|0 -1 1 0 0 0 0
word pears|-0.89 -1 1.89 0 0 0 0
word people|-0.91 0 0.96 0 0 0.89 -0.94
word peppers|0 0 0.98 -0.98 0 0 0
word place|-1.57 1.57 0 0 0 0 0
word plate|3.06 -1.9 0 0 0 0 -1.16
word platter|1.68 0 0 0 0 -1.68 0
word potatoes|0 0 -0.99 0.99 0 0 0
word put|0 -1 1 0 0 0 0
word re|-1.71 0 0 1 0 0 0.71
word really|0.04 0.96 0 0 -1.99 -0.64 1.64
word recipe|0 -0.96 0 0 0 -0.96 1.92
word rest|0 0.81 0 0 0 0 -0.81
word rice|-0.84 -0.95 0 0 1.79 0 0
word rinse|-1.71 0 0 1.71 0 0 0
word roast|-0.59 0 0.98 -0.98 1.58 0 -0.99
word room|2.51 -1.86 0 0 0 0.95 -1.6
word salad|0 0 0 0 -0.99 -0.64 1.63
word salt|-1.74 0 -0.99 0.99 0 2.67 -0.93
word salted|-0.2 0 0 1.71 0 -1.51 0
word same|-0.96 0.96 0 0 0 0 0
word sauce|0 0.96 0 0 -0.96 0 0
word say|-1.87 0 0 0 0 1.85 0.02
word see|-2.47 0 0 1.47 0 0 0.99
word seeds|2.9 -1.9 -1.99 0.99 0 0 0
word serve|-0.13 1.82 0 0 -1.69 0 0
word sesame|0 0 0 -0.96 0 1.68 -0.72
word should|-1.87 0 0 0.99 0 0.89 0
word simmer|1.85 0 0 0 0 -1.85 0
word sit|1.19 0 0 0 0 -1.19 0
word skins|1.74 0 -1.74 0 0 0 0
word skip|0 0 0 0 0 0.69 -0.69
word slice|1.99 0 0 0 -1.99 0 0
word sliced|0.5 0 -0.5 0 0 0 0
word smooth|1.7 -1.7 0 0 0 0 0
word so|0.21 0 0 0 0 -0.21 0
word soak|3 0 0 -1.95 0 -1.05 0
word some|0 0 0.96 0 0 -0.96 0
word spoons|0 -0.69 0 0 0 0.69 0
word spring|0 0 -0.98 0 0 0 0.98
word squash|1.93 0 0 0 0 0 -1.93
word squeeze|1.61 0 0 0 -1.61 0 0
word start|-1.47 0 -0.5 1.97 0 0 0
word still|0 0.81 -1 1 0 0 -0.81
word stir|1.97 0 -0.95 -1.02 0 0 0
word store|0.01 -0.01 0 0 0 0 0
word straight|1.68 0 0 0 0 -1.68 0
word sugar|0 0 0 0.94 0 -0.94 0
word sunday|-1.97 0 0 0 0 0 1.97
word swap|-1.24 0 1.24 0 0 0 0
word tahini|0 -0.04 0 1 -0.96 0 0
word take|3.91 0 0 0 -1.99 0 -1.92
word taste|1.97 0 0 -1.97 0 0 0
word tbsp|-0.91 0 0.91 0 0 0 0
word temp|1.93 -1.86 0 0 0 1.53 -1.6
word ten|0 0 -1 1 0 0 0
word that|0.89 0 0.29 -1.31 -0.59 0.85 -0.13
word that's|-0.9 0 -0.99 0 0 0.91 0.98
word the|3 -0.61 -0.68 -1.08 -0.87 0.37 -0.13
word them|0.13 0 -0.01 0.04 0 -0.15 0
word then|3.64 -1.78 0 0 0 -1.87 0
word there|-0.79 0 0 0 0 1.72 -0.93
word they|-1.38 0 0 0 0 2.35 -0.97
word thin|1.54 0 -0.5 0.95 -1.99 0 0
word this|-1.91 0.03 -0.93 0 -1.84 2.15 2.5
word three|0 0 0 0 0 -1 1
word till|1.7 -0.74 0 0 0 -0.96 0
word time|-1 0 1.85 0 0 0 -0.86
word tip|0.91 -1.9 0 0.99 0 0 0
word to|2.83 -1.92 -0.11 0 0.75 -2.51 0.96
word together|3.82 0 0 0 0 -1.92 -1.89
word too|-0.95 -1 1.76 0.95 -1.52 0.76 0
word top|2 0 0 0 0 -2 0
word toss|1.92 0 0 0 0 -1.92 0
word tray|3.93 0 -2 0 0 0 -1.93
word trays|0 0 0 -0.71 0 0 0.71
word turning|1.93 0 0 0 0 0 -1.93
word two|2.37 1.6 0 0 0 -1.19 -2.78
word u|0 -0.96 0.99 0 0 -0.99 0.96
word up|-0.64 1.8 0 0 0 0 -1.16
word use|-1.99 1 3.37 -0.94 0 -0.99 -0.45
word used|0 0 0.93 0 0 0 -0.93
word using|3 0 0 -1.95 0 -1.05 0
word vegan|-1.99 0 1.99 0 0 0 0
word version|-0.99 0 0.99 0 0 0 0
word w|1.93 0 0 0 0 0 -1.93
word walnuts|-0.24 0 0.24 0 0 0 0
word want|-0.96 0.96 -0.99 0 0 0.99 0
word wants|-1 0 0 0 1 0 0
word warm|4.15 -1.86 0 0 -0.7 0 -1.6
word was|0 0.81 -0.93 0 0 -1.74 1.86
word wash|-0.91 0 0 0 0 1.85 -0.94
word water|1.77 0 -0.95 2.67 -0.92 -1.64 -0.93
word we|-0.69 -0.15 0 0 0.83 -0.51 0.52
word week|-1.8 3.69 -1.78 0 -0.96 0 0.84
word well|-0.95 0.94 0 0 0.99 -0.94 -0.04
word what|0 0 -0.99 0 0 0.04 0.95
word when|0.94 0 -1.74 1.72 -0.92 0 0
word while|1.81 -1.81 0 0 0 0 0
word will|-1.98 1.98 0 -1.99 0 1.99 0
word with|2.64 -2.8 0.6 -0.87 2.71 -0.63 -1.65
word within|-4.45 5.42 0 0 0 -0.97 0
word yoghurt|0 0 0.99 0 0 -0.99 0
word you|-0.17 -2.35 1.67 -0.44 0 -0.21 1.51
word you're|-0.95 0 0 0 0 0 0.95
word your|-0.8 -1 0 0 -1 0.84 1.96
word zest|0 0 1 0 0 0 -1
work add|1.99 0 0 -1.99 0 0 0
work arrange|1.16 0 0 0 0 0 -1.16
work brush|-0.95 0 0 0 0 0.95 0
work chill|3.5 -3.5 0 0 0 0 0
work cut|0.26 0 0 0 0 -0.26 0
work handle|-0.26 -1 0 0 0 1.26 0
work keep|-3.57 3.57 0 0 0 0 0
work mix|-0.95 0 0 0.95 0 0 0
work rest|1.46 -1.78 0 0 0 -1.19 1.51
work serve|3.68 0 0 0 -1.69 -1.99 0
work toss|0.01 -0.01 0 0 0 0 0
work warm|2 0 -2 0 0 0 0
work whisk|-0.96 0 0.96 0 0 0 0
works 0|-2.2 -1.07 -0.22 -1.65 2.33 0.13 2.68
works 1|-0.68 2.03 0.05 -0.01 -0.75 1.61 -2.24
works 2|1.26 0.51 -0.03 -0.26 0 -0.32 -1.16
works 3|3.77 -1.78 0 0 -1.99 0 0
`;
