/** Written from corpus/roles.txt by npm run train. */
export const roleWeightsTable = `
any|2.21 -0.04 -0.58 -1.97 -0.65 0.98 0.05
asks|-0.96 -0.9 0.9 2.5 0 -0.97 -0.57
begins i|0 -1 0.06 -0.69 1.68 0 -0.06
begins it|-1.99 0.98 0 0 1 0.01 0
begins my|-0.99 0 0.84 0 0 0 0.14
begins otherwise|-0.31 -1.66 1.15 1.5 -1.22 -0.19 0.73
begins that|0 0 0 0 0.95 0 -0.95
begins this|-0.94 0.98 -0.66 0 -0.98 2.34 -0.74
begins we|0.89 0.31 0 0 0.61 -0.88 -0.93
begins with work|6.31 -0.49 -2 -1.82 -1.75 -1.03 0.77
begins you|0.14 0.84 0.03 -0.96 0 -0.13 0.08
cue after work|-2.49 2.55 0 0 0 -0.24 0.18
cue allergens|-1.97 0 2.1 -0.92 0 1.87 -1.08
cue could|-1.89 0.95 3.9 -0.96 0 -1 -1
cue drop in|3 -2.82 -1.99 1.85 0.91 -0.94 0
cue hope|-2.97 0 -0.88 0 0 -1.95 5.8
cue i|-2.02 -0.08 1.63 -1.62 -0.31 0.08 2.32
cue if it|-2 -1 -0.98 5.68 -0.95 -0.75 0
cue instead|-4.71 -2.99 10.42 -0.96 -0.77 0 -1
cue keeps|-5.69 8.82 -0.97 0 -0.07 -1.26 -0.83
cue loosen|-1.74 0 -1.92 3.67 0 0 0
cue made ahead|-1.85 3.84 0 0 0 -1 -0.99
cue meal|-1.12 -2.62 0.94 0 4.54 -1.96 0.22
cue mind|-0.87 -1 0 0 -1.96 4.76 -0.94
cue never|-1.93 -0.13 0.32 -1.18 0 3.81 -0.89
cue not a fan|-1.95 0 2.95 0 0 0 -1
cue or something|0.07 1.69 0.02 -1 0.01 -0.79 0
cue or start|-0.95 0 1.9 0 -0.95 0 0
cue question|-1.58 0 -1.85 -0.99 0 0.82 3.6
cue serve with|-4.02 0.27 0.77 0 6.1 -0.93 -2.19
cue sometimes|-1 -1 3.81 0 0 -0.76 -1.06
cue splits|-0.08 0 -0.95 4.45 -1.75 -1.67 0
cue stored|-1.77 6.54 0 0 -0.98 -2.84 -0.95
cue too|-2.81 -1.97 0 5.35 0 0 -0.57
cue until|1.85 -0.04 -0.97 0 0 0 -0.83
cue we past|-3.78 0.96 -0.61 -0.99 -0.05 0.5 3.95
cue why|0.32 -1.93 -1.93 -1 0 5.29 -0.76
cue will look|-4.85 0.85 -0.97 0 0 6.67 -1.7
cue you will|5.77 0 -1.92 0 -1.99 0 -1.85
first add|1.99 0 0 -1.99 0 0 0
first all|1.85 -1.85 0 0 0 0 0
first best|-2.02 2.95 0 0 0 0 -0.93
first boil|1.76 -1.76 0 0 0 0 0
first can|0 0.99 -0.88 0 0 0 -0.11
first chop|1.89 0 0 0 0 -1.89 0
first core|-1.87 0 0 0 0 1.87 0
first dill|2 0 0 0 0 -2 0
first do|0 -0.11 0 -1 0 1.1 0
first don't|-1 0.89 -0.95 0 0 1.95 -0.89
first dress|0.17 1.69 0 0 0 -1.86 0
first eat|1.93 1.74 -1.88 0 0 -1.79 0
first everything|3.31 0 0 0 -1.35 -1.96 0
first for|-0.98 0 0.02 0 0.96 0 0
first from|-0.84 0 0 0 0 -0.75 1.59
first good|-0.97 0 0 0 1.9 -0.93 0
first heat|2 0 -2 0 0 0 0
first herbs|0.11 0 0 0 -0.27 0.16 0
first i|0 -1 0.06 -0.69 1.68 0 -0.06
first if|-0.03 -1 -0.95 4.65 0 -1.67 -1
first in|1.97 -1.97 0 0 0 0 0
first it|-1.99 0.98 0 0 1 0.01 0
first it'll|0 0.83 0 0 0 0 -0.83
first it's|-0.98 -0.85 0 0 1.83 0 0
first keep|0.37 -0.37 0 0 0 0 0
first keeps|-1.92 1.92 0 0 0 0 0
first let|1.16 -1.93 0 0 0 0 0.77
first lovely|-1.91 0 0 0 1.91 0 0
first my|-0.99 0 0.84 0 0 0 0.14
first not|-0.99 0 0 0 0 0.99 0
first oil|-0.98 0 0 0 0 0.98 0
first or|-0.95 0 1.9 0 -0.95 0 0
first pairs|-0.96 0 0 0 0.96 0 0
first season|1.67 0 0 -1.67 0 0 0
first should|-0.84 0 0 0.84 0 0 0
first some|0 0 1.27 -0.93 0 -0.35 0
first store|1.02 -0.03 0 0 0 -0.99 0
first that|0 0 0 0 0.95 0 -0.95
first that's|-0.71 0 0 0 0 -0.1 0.81
first the|-0.35 -0.05 -0.96 0 -0.92 2.29 0
first this|-0.94 0.98 -0.66 0 -0.98 2.34 -0.74
first too|-0.96 0 0 0.96 0 0 0
first we|0.89 0.31 0 0 0.61 -0.88 -0.93
first when|-0.02 0 0 0.02 0 0 0
first you|0.14 0.84 0.03 -0.96 0 -0.13 0.08
long|1.93 -1.93 0 0 0 0 0
number|3.98 0.81 -1.03 1.94 -1.87 -3.85 0.03
pair a bit|-1.82 0 0 1.14 1.68 0 -1
pair a bowl|1.83 0 0 0 0 0 -1.83
pair a good|3.05 -1 1.82 -1.95 -1.92 0 0
pair a jar|-0.97 0.97 0 0 0 0 0
pair a plate|1.71 0 0 0 0 -1.71 0
pair a time|1.97 -1.97 0 0 0 0 0
pair a tray|2 0 -2 0 0 0 0
pair a week|-1.77 3.68 0 0 -0.92 -0.99 0
pair add a|-0.96 0 -0.96 0.96 0.96 0 0
pair add more|0 0 -0.95 0.95 0 0 0
pair an egg|0 0 0 0 0.95 0 -0.95
pair an hour|1.68 -1.68 0 0 0 0 0
pair and a|0 -0.65 0 0 0.65 0 0
pair and blend|-0.99 0 0 0.99 0 0 0
pair and leave|1.86 0 0 0 0 -1.86 0
pair and let|0.37 -0.37 0 0 0 0 0
pair and serve|0.06 1.69 0 0 -1.75 0 0
pair and slice|1.99 0 0 0 -1.99 0 0
pair and the|-0.86 0 0 0 0 0 0.86
pair and vinegar|1.86 0 0 0 0 -1.86 0
pair as well|-0.95 0 0.95 0 0 0 0
pair as you|1.92 0 -1.92 0 0 0 0
pair at a|1.97 -1.97 0 0 0 0 0
pair at c|-0.95 0 0.95 0 0 0 0
pair at once|-0.84 0 0 0.84 0 0 0
pair at the|1.94 0 0 0 0 -1.94 0
pair before the|0.35 -1.36 0 0 0 1.36 -0.35
pair best eaten|0 0.93 0 0 0 0 -0.93
pair bit of|-1.82 0 0 1.14 1.68 0 -1
pair blend again|-0.99 0 0 0.99 0 0 0
pair boiling water|0 0 -0.95 0.95 0 0 0
pair but the|-0.99 0.99 0 0 0 0 0
pair chop the|1.89 0 0 0 0 -1.89 0
pair cold water|3.2 0 0 0 0 -3.2 0
pair cool completely|0.35 0 0 0 0 0 -0.35
pair cover with|1.97 -1.97 0 0 0 0 0
pair creme fraiche|0 0 1.65 0 0 0 -1.65
pair days in|-1 1.98 0 0 -0.98 0 0
pair do not|0 -0.11 0 -1 0 1.1 0
pair do the|0 1 0 0 0 -1 0
pair don't skip|0 0 -0.95 0 0 1.84 -0.89
pair dress the|1.86 0 0 0 0 -1.86 0
pair dressing on|-0.9 0 0 0 -0.95 1.84 0
pair dressing over|1.7 0 0 0 0 -1.7 0
pair everything together|3.31 0 0 0 -1.35 -1.96 0
pair feta and|-0.98 0 0.98 0 0 0 0
pair fine as|-0.95 0 0.95 0 0 0 0
pair five days|-0.97 0.97 0 0 0 0 0
pair five minutes|1.99 0 0 -1.99 0 0 0
pair for a|-0.98 0.92 0.02 0 0.04 0 0
pair for five|-0.97 0.97 0 0 0 0 0
pair for hour|1.86 0 0 0 0 -1.86 0
pair for min|1.76 -1.76 0 0 0 0 0
pair for the|1.04 0 0 -1.99 0 0 0.95
pair for two|0.01 -0.01 0 0 0 0 0
pair for up|-0.86 1.85 0 0 0 -0.99 0
pair four days|0 0.98 0 0 -0.98 0 0
pair garlic oil|1.86 0 0 0 0 -1.86 0
pair going to|1.99 0 0 0 -1.99 0 0
pair good for|0 0.92 0 0 -0.92 0 0
pair good with|-0.97 0 0 0 0.97 0 0
pair half an|1.68 -1.68 0 0 0 0 0
pair half the|-1 0 1 0 0 0 0
pair heat the|2 0 -2 0 0 0 0
pair i'd use|-1 0 1 0 0 0 0
pair if it|-0.99 0 0 1.73 0 -0.75 0
pair if the|0 0 -0.04 0.04 0 0 0
pair if you|-2.07 1.97 0.98 0.93 0 -1.92 0.12
pair in a|1.81 -0.01 1 0 -0.98 0 -1.83
pair in the|0.41 -0.58 0 0 0 0 0.17
pair instead of|0 0 0.77 0 -0.77 0 0
pair it boil|-2.76 0 0 0 0 2.76 0
pair it goes|0 0 0 0 0 -0.97 0.97
pair it in|3.67 -1.85 0 0 0 0 -1.83
pair it is|-0.95 0.93 0 0 0 0 0.02
pair it keeps|-0.91 0.91 0 0 0 0 0
pair it off|0 0 0 0.93 0 -0.93 0
pair it on|0 0 0.95 0 -0.95 0 0
pair it really|1.99 0 0 0 -1.99 -1.7 1.7
pair it sit|1.93 -1.93 0 0 0 0 0
pair it wants|-1 0 0 0 1 0 0
pair it will|-0.99 0.02 0 0 0 0.98 0
pair it with|0 -0.65 1.81 0 1.53 0 -2.68
pair its own|-1.82 0 0 1.82 0 0 0
pair keep for|-1.97 1.97 0 0 0 0 0
pair keep it|0 1 0 0 0 -1 0
pair keeps for|-0.92 0.92 0 0 0 0 0
pair last of|-0.92 0 0 0 0.92 0 0
pair leave for|1.86 0 0 0 0 -1.86 0
pair lemon over|1.92 0 0 0 -1.92 0 0
pair lemon zest|0 0 1 0 0 0 -1
pair let it|-0.1 -2.3 0 0 0 2.76 -0.35
pair like that|0 0 -1 -0.69 1.68 0 0
pair line a|2 0 -2 0 0 0 0
pair lovely with|-0.92 0 0 0 0.92 0 0
pair make the|0.96 -0.96 0 0 0 0 0
pair mins turning|1.5 0 0 0 0 0 -1.5
pair more lemon|1.67 0 0 -1.67 0 0 0
pair next day|-0.98 -0.02 0 0 1.83 0 -0.83
pair nice with|0 0 0.77 0 -0.77 0 0
pair night before|0 1 0 0 0 -1 0
pair of lemon|1.92 0 1 0 -1.92 0 -1
pair of the|-0.92 0 0 0 0.92 0 0
pair off the|1.81 0 0 -0.88 0 -0.93 0
pair oil a|1.97 -1.97 0 0 0 0 0
pair oil and|1.86 0 0 0 0 -1.86 0
pair on a|-0.96 0 -0.77 0 0.96 0 0.77
pair on the|-0.87 -0.07 0.95 0 -0.95 1.86 -0.93
pair on toast|0 0 0 0 0.95 0 -0.95
pair onion and|1.99 0 0 0 -1.99 0 0
pair or it|-1.69 1.69 0 0 0 0 0
pair or the|-0.96 0 0 -1 0.96 1 0
pair out the|-0.98 0 0.02 0 0 0.95 0
pair oven to|2 0 -2 0 0 0 0
pair over the|2 0 0 0 0 -2 0
pair pairs with|-0.96 0 0 0 0.96 0 0
pair pepper and|1.67 0 0 -1.67 0 0 0
pair peppers at|-0.95 0 0.95 0 0 0 0
pair roast the|-0.95 0 0.95 0 0 0 0
pair seeds on|1.71 0 0 0 0 -1.71 0
pair serve with|1.75 0 0 0 -1.75 0 0
pair start with|1.92 0 -1.92 0.75 0 -0.75 0
pair sweet potato|1.76 -1.76 0 0 0 0 0
pair take the|1.85 0 0 0 0 0 -1.85
pair ten minutes|0 0 -1 1 0 0 0
pair that will|-0.97 0.97 0 0 0 0 0
pair the apple|-0.94 0 0 0 0 0.94 0
pair the apples|-0.82 -1 1.82 0 0 0 0
pair the beans|0 0 -1 1 0 0 0
pair the beetroot|1.81 0 0 -1.81 0 0 0
pair the boil|0.37 -0.37 0 0 0 0 0
pair the cabbage|0 1 0 0 0 -1 0
pair the day|0 1.91 0 0 0 0 -1.91
pair the dressing|0.04 -0.94 0 0 -0.95 1.84 0
pair the eggs|1.33 0 0 0 0 -1.33 0
pair the feta|-0.98 0 0.98 0 0 0 0
pair the fridge|0.03 0.92 0 0 0 0 -0.95
pair the garlic|-1 0 1 0 0 0 0
pair the heat|0 0 0 0.93 0 -0.93 0
pair the herbs|2.27 -1.92 0 0 0 0 -0.35
pair the last|1.07 0 0 -1.99 0.92 0 0
pair the leaves|0.88 -0.88 0 -1 0 1 0
pair the next|-0.98 -0.02 0 0 1.83 0 -0.83
pair the night|0 1 0 0 0 -1 0
pair the nuts|0 0.97 -0.97 0 0 0 0
pair the oil|1.26 -1.97 0 0 0 1.6 -0.89
pair the olives|-0.99 0 0 0 0 0.99 0
pair the onions|1.92 0 -1.92 0 0 0 0
pair the oven|3.68 -1.68 -2 0 0 0 0
pair the parsley|1.89 0 0 0 0 -1.89 0
pair the paste|-0.91 0.91 0 0 0 0 0
pair the peppers|0.91 0 0.95 0 0 -1.86 0
pair the rest|-0.96 0.96 0 0 0 0 0
pair the salt|-0.66 0 0 0 0 1.42 -0.76
pair the same|-0.83 0.83 0 0 0 0 0
pair the seeds|0.87 0 0 0.84 0 -1.71 0
pair the skins|1.81 0 0 -1.81 0 0 0
pair the top|2 0 0 0 0 -2 0
pair the water|-0.66 0 -0.95 0 0 2.38 -0.76
pair them out|-0.84 0 0 0.84 0 0 0
pair then the|1.92 -1.92 0 0 0 0 0
pair to a|0.86 1.85 0 0 0 -2.7 0
pair to c|2 0 -2 0 0 0 0
pair to the|-0.45 -1.37 1.82 0 0 0 0
pair toast with|0 0 0 0 0.95 0 -0.95
pair too much|-0.99 0 0 0 0 0.99 0
pair two days|-1.96 1.96 0 0 0 0 0
pair two hours|1.93 -1.93 0 0 0 0 0
pair up to|-0.86 1.85 0 0 0 -0.99 0
pair vinegar and|1.86 0 0 0 0 -1.86 0
pair we did|-0.94 0 0 0 -0.93 -0.88 2.74
pair when the|-0.02 0 0 0.02 0 0 0
pair while you|1.88 -1.88 0 0 0 0 0
pair will keep|-0.99 0.99 0 0 0 0 0
pair with a|-1.83 0 -1 0.06 1.42 1.35 0
pair with an|0 0 0 0 0.95 0 -0.95
pair with chips|-0.97 0 0 0 0.97 0 0
pair with cold|0 -0.65 0 0 0.65 0 0
pair with lime|0 0 0.96 -0.96 0 0 0
pair with the|0.9 0 -1.92 0 -1.74 0.97 1.8
pair you can|0 0.01 0.99 0 0 -1 0
pair you could|-0.95 0 1.91 -0.96 0 0 0
pair you have|-0.95 0 0.95 0 0 0 0
pair you keep|1.97 0 -0.97 0 0 -1 0
pair you want|0 0 -0.97 0 0 1.84 -0.87
short|-0.14 0.37 -0.83 -0.24 -1.38 0.14 2.08
word a|1.27 0.08 -0.91 0.9 0.17 0.54 -2.05
word about|0 0 0 0 0 -0.98 0.98
word add|-1.9 -1 1.3 0.98 0.96 -0.35 0
word after|-1.93 1.93 0 0 0 0 0
word again|-1.83 0 0 0.85 0 0 0.99
word ahead|-1.85 1.85 0 0 0 0 0
word all|0.99 -1.85 0 0 0 0 0.86
word an|-0.13 0.16 0 0 1.91 -0.99 -0.95
word and|3.53 1.43 -1.02 0.07 -2.3 -1.86 0.16
word another|-1 0 0 1 0 0 0
word apart|0 0.97 -0.97 0 0 0 0
word apple|-0.94 0 0 0 0 0.94 0
word apples|-0.82 -1 1.82 0 0 0 0
word are|-1.81 -1 0.82 1 0 0.99 0
word as|0.05 0 -0.97 0 0 0.93 0
word ask|-0.99 0 -0.81 0 0 0 1.8
word at|1.13 -2.94 0.95 0.84 0 0.02 0
word away|0 0 0 0.75 0 -0.75 0
word be|-2.92 0.94 0 0 -0.96 2.94 0
word beans|1.9 0 -1 -0.9 0 0 0
word beat|0 0 -0.95 0.95 0 0 0
word beetroot|1.81 0 0.77 -1.81 -0.77 0 0
word before|-0.56 0.62 0 0 0 -0.24 0.18
word best|-3.02 2.95 0 0 0 0 0.07
word bit|-1.82 0 0 1.14 1.68 0 -1
word blend|-0.99 0 0 0.99 0 0 0
word boil|-0.62 -2.14 0 0 0 2.76 0
word boiling|0 0 -0.95 0.95 0 0 0
word bowl|1.83 0 -0.66 0 0 -0.76 -0.4
word bread|2.31 0 0 0 -0.35 -1.96 0
word brown|0 0 0 0.93 0 -0.06 -0.87
word bruise|-1.83 0 0 -1 -0.27 3.1 0
word but|-0.99 0.91 0 0 0 0.91 -0.83
word c|-1.82 1 -1.05 0 0 1.87 0
word cabbage|0 1 0 0 0 -1 0
word can|-0.94 1.94 0.11 0 0 -1 -0.11
word capers|-0.96 0 0.96 0 0 0 0
word careful|0 0 0 0 -0.96 1.9 -0.94
word carrot|0 0 0.77 0 -0.77 0 0
word catch|-0.84 0 0 0.84 0 0 0
word cheese|1.92 -1.92 0 0 0 0 0
word chickpeas|1.99 0 0 -1.99 0 0 0
word chill|4.33 -1.56 0 -0.85 0 -1.92 0
word chips|-0.97 0 0 0 0.97 0 0
word chop|1.89 0 0 0 0 -1.89 0
word chopped|0 -1 1 0 0 0 0
word cloth|1.88 -1.88 0 0 0 0 0
word cold|3.2 0.34 0 0 0.65 -4.2 0
word colour|-0.93 0 -1 0 0 2.43 -0.51
word completely|0.35 0 0 0 0 0 -0.35
word cook|-0.54 0 0 -0.77 0 2.26 -0.95
word cool|1.24 0.92 0 -1.81 0 0 -0.35
word core|-1.87 0 0 0 0 1.87 0
word could|-0.95 0 1.91 -0.96 0 0 0
word cover|1.97 -1.97 0 0 0 0 0
word creme|0 0 1.65 0 0 0 -1.65
word damp|1.88 -1.88 0 0 0 0 0
word day|-2.75 3.67 0.95 0 0.88 0 -2.75
word days|-4.83 6.76 0 0 -0.98 0 -0.95
word did|-0.94 0 0.83 0 -0.93 -0.88 1.91
word dill|2 0 0 0 0 -2 0
word dip|1.75 0.98 -0.88 0 -2.72 0 0.88
word do|0 0.89 0.95 -1 -0.95 0.11 0
word does|0 0.96 1.97 0 0 -0.96 -1.97
word don't|-1 0.89 0.32 -0.18 0 0.86 -0.89
word done|-0.91 0 0 0 0 -0.6 1.52
word dress|-1.68 0.33 0 1.85 0 -0.5 0
word dressing|1.74 -0.94 0 0 -0.95 0.14 0
word dry|0 0 -0.95 0.95 0 0 0
word each|1.93 -1.93 -0.96 0 0.96 0 0
word eat|1.1 2.57 -1.88 0 0 -1.79 0
word eaten|0 0.93 0 0 0 0 -0.93
word egg|0 -0.65 -0.96 0 2.56 0 -0.95
word eggs|1.33 0 0 0 0 -1.33 0
word everything|3.31 0 0 0 -1.35 -2.94 0.98
word feta|-0.98 0 2.77 0 0 0 -1.79
word fine|-1.91 0.96 0.95 0 0 0 0
word first|-0.17 1.05 -0.77 0 0 0.98 -1.08
word five|1.02 0.97 0 -1.99 0 0 0
word flatbreads|-0.99 0 0 0 0.99 0 0
word for|-0.11 0.98 0.31 -1.99 1.34 -2.85 2.32
word four|0 0.98 0 0 -0.98 0 0
word fraiche|0 0 1.65 0 0 0 -1.65
word freeze|0 1.85 0 0 0 -1.85 0
word fresh|0 0 0 0.75 0 -0.75 0
word fridge|0.03 0.92 0 0 0 0 -0.95
word from|-1.78 0 0 0 0 0.19 1.59
word g|1.97 -2.96 0 1 0 0 0
word garlic|0.87 0 2.27 -0.93 0 -2.21 0
word get|3.61 -3.61 1 0.93 0 -0.93 -1
word give|1.95 0 -1 -0.95 0 0 0
word go|-0.55 0 0 0 -0.95 1.84 -0.35
word goes|1.97 -1.14 0 0 0 -0.97 0.14
word going|1.99 0 0 0.93 -1.99 -0.93 0
word good|0.16 -0.08 1.82 -1.95 0.06 -0.93 0.92
word great|-0.98 -0.85 0 0 2.62 0 -0.79
word grill|-0.95 0 0.95 0 0 0 0
word grilled|0 0 -1 -0.69 1.68 0 0
word had|0 0 0 0 0.88 -1 0.12
word half|-1.05 0.06 1 0 0 0 0
word halloumi|0 0 0 0 0.88 0 -0.88
word have|-0.95 -0.65 0.95 0 0.65 0 0
word heat|2 0 -2 0.93 0 -0.93 0
word herbs|2.38 -1.92 0 0 -0.27 0.16 -0.35
word hold|-1 1 0 0 0 0 0
word honey|-1 0 1 0 0 0 0
word hope|-0.86 0 0 0 0 0 0.86
word hot|-1 0 0 0 -0.96 1.96 0
word hour|-0.21 2.08 0 0 0 -1.86 0
word hours|1.93 -1.93 0 0 0 0 0
word i|0 -1 1.33 -1.62 1.68 -1.32 0.92
word i'd|-1.91 0.91 1 0 0 0 0
word if|-2.32 0.97 0.99 3.86 -0.95 -2.67 0.12
word in|2.85 -0.72 -0.72 0.95 -0.98 -0.99 -0.4
word instead|-0.95 -1 2.72 0 -0.77 0 0
word into|1.99 0 0 0 0 -1.99 0
word is|-2.49 0.93 1.94 -0.95 -0.01 1.41 -0.83
word it|-3.02 1.7 1.96 -1.24 -0.41 0.57 0.44
word it'll|0 0.83 0 0 0 0 -0.83
word it's|-1.9 -0.85 0.95 0 0.88 0.91 0
word its|-2.53 0 -0.95 2.77 0 1.6 -0.89
word jar|-0.97 1.95 0 0 -0.98 0 0
word kale|0 0 0.96 -0.96 0 0 0
word keep|0.38 3.68 -0.97 0 0 -2.26 -0.83
word keeps|-2.84 2.84 0 0 0 0 0
word knife|-1.83 0 0 0 -0.27 2.1 0
word know|0.81 -1.93 0 0 0 0 1.12
word last|6.38 0 -1.16 -1.99 -1.36 -2.84 0.97
word lasts|0 1.95 -0.97 0 -0.98 0 0
word leave|0.89 0 0.98 0 0 -1.86 0
word leaves|2.87 -0.88 -1.99 -1 0 1 0
word lemon|3.59 0 1 -1.67 -1.92 0 -1
word lentils|1.87 0 0 0 0 -1.87 0
word let|-1.22 -2.3 0 0 0 2.76 0.77
word like|0 0 -1 -0.69 1.68 0 0
word lime|0 0 0.96 -0.96 0 0 0
word line|2 0 -2 0 0 0 0
word lovely|-1.91 0 0 0 1.91 0 0
word mackerel|0 0 -1 -0.69 1.68 0 0
word made|-0.94 1.87 -0.77 0 0 0 -0.15
word main|0 0 -0.96 0 0.96 0 0
word make|0.96 0.02 0 0 0 0 -0.99
word maple|-1 0 1 0 0 0 0
word mash|-1.82 0 0 1.82 0 0 0
word max|-0.9 1.85 0 0 0 0 -0.95
word me|-1.12 0 -0.88 0 0 2.16 -0.16
word milk|-1.84 0 -0.83 0.91 0 1.87 -0.12
word min|1.94 -0.07 0 0 0 -1.87 0
word mins|1.5 0 0 0 0 0 -1.5
word minutes|3.32 0 -1 -0.99 0 -1.33 0
word more|1.67 -1 -0.95 1.82 0 -0.97 -0.57
word much|-0.99 0 0 0 0 0.99 0
word must|-2.86 0 0 0 0 2.86 0
word my|1.01 0 0.18 0 -1.99 -0.76 1.57
word next|-1.98 -0.02 0 0 2.83 0 -0.83
word nice|0 0 1.74 0 -0.77 0 -0.97
word night|0 1 0 0 0 -1 0
word no|-1.87 0.01 2.82 0 0 0 -0.96
word not|-0.99 0.86 0 -1 0 1.99 -0.87
word nuts|0 0.97 -0.97 0 0 0 0
word of|0.06 -1.85 1.72 2.1 -1.04 0 -1
word off|1.81 0 0 -0.88 0 -0.93 0
word oil|3.64 -1.97 -0.95 0.95 0 0.72 -2.39
word olives|-1.96 0 1.94 0 0 0.99 -0.96
word on|1.49 -0.07 0.18 0 0.95 -0.88 -1.67
word once|0.87 0 0 0.84 0 -1.71 0
word onion|1.99 0 0 0 -1.99 0 0
word onions|1.92 0 -1.92 0 0 0 0
word or|0.07 1.69 0.02 -1 0.01 -0.79 0
word out|1.07 0 0.02 0.84 0 0.67 -2.61
word oven|3.68 -1.68 -2 0 0 0 0
word over|1.03 -0.85 -1.99 1.85 0.91 -0.94 0
word overnight|1.9 1.26 0 -1.9 0 -1.26 0
word own|-1.82 0 0 1.82 0 0 0
word pairs|-0.96 0 0 0 0.96 0 0
word pan|-1 0 0 0 0 1 0
word parsley|1.89 0 0 0 0 -1.89 0
word past|0 0 0.96 -0.96 0 0 0
word paste|-0.91 0.91 0 0 0 0 0
word pear|0 -1 1 0 0 0 0
word pears|-0.82 -1 1.82 0 0 0 0
word peel|1.33 0 0 0 0 -1.33 0
word people|0 -0.91 1.27 -0.93 0 0.57 0
word pepper|1.67 0 0 -1.67 0 0 0
word peppers|0.91 0 0.95 0 0 -1.86 0
word place|-0.92 0.92 0 0 0 0 0
word plate|3.68 -1.97 0 0 0 -1.71 0
word platter|1.7 0 0 0 0 -1.7 0
word potato|0.81 -1.76 0 0 0 0 0.95
word put|0 -1 1 0 0 0 0
word re|-1.85 0 0 1.85 0 0 0
word really|0.17 0.83 0 0 -1.99 -0.7 1.7
word recipe|0 0 -0.88 0 0 0 0.88
word rest|-0.96 0.96 0 0 0 0 0
word rice|-0.98 -0.85 0 0 1.83 0 0
word rinse|-1.85 0 0 1.85 0 0 0
word roast|-1.87 0 0.95 0 0.92 0 0
word room|2.68 0 -1.88 0 0 -0.8 0
word salad|-0.95 0 0 0 0 -0.98 1.93
word salt|0.02 0 0 -0.13 0 1.44 -1.33
word salted|-1.85 0 0 1.85 0 0 0
word same|-0.83 0.83 0 0 0 0 0
word sauce|0 0.92 0 0 -0.92 0 0
word season|1.67 0 0 -1.67 0 0 0
word see|0 0 0 0.93 0 -0.93 0
word seeds|2.86 0 -1.99 0.84 0 -1.71 0
word serve|0.06 1.69 0 0 -1.75 0 0
word sesame|0 0 -0.83 -0.92 0 1.87 -0.12
word should|-0.84 0 0 0.84 0 0 0
word simmer|1.87 0 0 0 0 -1.87 0
word sit|1.93 -1.93 0 0 0 0 0
word skins|1.81 0 0 -1.81 0 0 0
word skip|0 0 -0.95 0 0 1.84 -0.89
word slice|1.99 0 0 0 -1.99 0 0
word sliced|1.92 0 -1.92 0 0 0 0
word smooth|1.85 -1.85 0 0 0 0 0
word so|0.98 -1.93 0 0 0 0 0.95
word soak|1.9 0 0 -1.9 0 0 0
word some|0 0 1.27 -0.93 0 -0.35 0
word splits|-0.99 0 0 0.99 0 0 0
word spoons|-0.94 0 0 0 0 0.94 0
word spring|-0.84 0 0 0 0 0 0.84
word squash|1.5 0 0 0 0 0 -1.5
word squeeze|1.92 0 0 0 -1.92 0 0
word start|1.08 0 -1.92 1.59 0 -0.75 0
word steam|-0.95 0 0.95 0 -0.96 0.96 0
word still|-0.96 0.96 -1 1 0 0 0
word stir|1.95 0 0 -1.95 0 0 0
word stirring|0.37 -0.37 0 0 0 0 0
word store|1.02 -0.03 0 0 0 -0.99 0
word straight|1.7 0 0 0 0 -1.7 0
word sugar|-0.96 0 0 0.96 0 0 0
word sunday|0 0 -0.77 0 0 0 0.77
word swap|-1 -0.99 1.99 0 0 0 0
word sweet|1.76 -1.76 0 0 0 0 0
word tahini|0 -0.07 0 1 -0.92 0 0
word take|3.84 0 0 0 -1.99 0 -1.85
word taste|3.61 0 0 -3.61 0 0 0
word tbsp|-0.96 0 0.01 0.95 0 0 0
word temp|1.8 0 -1.88 0 0 0.09 0
word ten|0 0 -1 1 0 0 0
word that|1.8 0.12 -0.92 -0.69 -0.24 0 -0.07
word that's|-1.66 0 -0.03 0 0 0.87 0.81
word the|2.7 0.1 -0.04 -1.17 -2.75 1.31 -0.16
word them|0.86 0 -0.05 -0.06 -1.75 1.87 -0.87
word then|1.92 -1.92 0 0 0 0 0
word there|-0.66 0 0 0 0 1.42 -0.76
word they|-0.9 0 0 0 -0.95 1.84 0
word thin|2.08 0 -1.92 1.84 -1.99 0 0
word this|-1.85 0.98 -1.44 0 -1.9 1.75 2.47
word three|0 0 0 0 0 -1 1
word till|1.85 -1.01 0 0 0 0 -0.83
word time|0.97 -1.97 1.83 0 0 0 -0.83
word tip|0.87 0 0 0.84 0 -1.71 0
word to|4.21 -0.63 -0.18 -1.67 -0.03 -1.71 0
word toast|0 0 0 0 0.95 0 -0.95
word tofu|0 -0.9 0.9 0 0 0 0
word together|3.31 0 0 0 -1.35 -1.96 0
word too|-1.95 -1.97 1.94 1 0.93 1.03 -0.97
word top|2 0 0 0 0 -2 0
word tray|3.5 0 -2 0 0 0 -1.5
word turning|1.5 0 0 0 0 0 -1.5
word two|0.73 -0.73 0 0 0 0 0
word u|0 0 -0.88 0 0 0 0.88
word until|0 0.97 -0.97 0 0 0 0
word up|2.86 -0.12 0 0 -1.75 -0.99 0
word use|-1.99 0.09 2.86 -0.96 0 0 0
word used|0 0 1.65 0 0 0 -1.65
word using|1.9 0 0 -1.9 0 0 0
word vegan|-1.97 0 1.97 0 0 0 0
word version|-0.98 0 0.98 0 0 0 0
word vinegar|1.86 0 0 0 0 -1.86 0
word w|1.5 0 0 0 0 0 -1.5
word walnuts|0 -0.99 0.99 0 0 0 0
word want|-0.83 0.83 -0.97 0 0 1.84 -0.87
word wants|-1 0 0 0 1 0 0
word warm|2.67 0 -1.88 0 0.99 -1.79 0
word was|-0.96 0.96 -0.66 -0.99 0 -0.76 2.41
word wash|0 -0.91 0 0 0 0.91 0
word water|0.71 0 -1.9 2.77 0 -0.83 -0.76
word we|-0.05 0.31 0 0 0.61 -0.88 0.01
word week|-2.76 3.68 -0.81 0 -0.92 -0.99 1.8
word well|-1.8 0.96 0.95 0 0 -0.96 0.86
word what|0 0 -0.97 -0.99 0 0.97 0.99
word when|-0.02 0 0 0.02 0 0 0
word while|1.88 -1.88 0 0 0 0 0
word whisking|1.97 -1.97 0 0 0 0 0
word will|-1.97 0.99 0 -1 0 1.97 0
word with|1.75 -2.62 0.62 -0.73 2.35 0.46 -1.83
word within|-4.43 4.43 0 0 0 0 0
word works|0 0 0.96 -0.96 0 0 0
word yoghurt|0 -0.9 0.9 0 0 0 0
word you|0.97 -2.03 0.98 -0.04 0 -0.08 0.2
word you're|-0.86 0 0 0 0 0 0.86
word your|-0.87 -1 0 0 -1 1.86 1
word zest|0 0 1 0 0 0 -1
work add|1.99 0 0 -1.99 0 0 0
work arrange|1.97 -1.97 0 0 0 0 0
work brush|-0.98 0 0 0 0 0.98 0
work cut|0.02 0 0 0 0 -0.02 0
work handle|-0.87 -1 0 0 0 1.86 0
work keep|-2.54 2.54 0 0 0 0 0
work mix|-1.84 0 0 1.84 0 0 0
work rest|1.16 -1.93 0 0 0 0 0.77
work seasoning|1.67 0 0 -1.67 0 0 0
work serve|1.99 0 0 0 0 -1.99 0
work tear|1.75 0 0 0 -1.75 0 0
work toss|0.17 1.69 0 0 0 -1.86 0
work warm|2 0 -2 0 0 0 0
work wet heat|1.76 -1.76 0 0 0 0 0
works 0|-3.67 -0.54 -0.86 -1.04 2.4 0.8 2.91
works 1|-0.54 1.16 0.35 -0.9 0.69 1.75 -2.51
works 2|4.06 -0.29 -0.07 -0.03 -1.75 -1.57 -0.35
works 3|2.37 -0.37 0 0 -1.99 0 0
`;
