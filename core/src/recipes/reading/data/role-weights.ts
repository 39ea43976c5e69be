/** Written from corpus/roles.txt by npm run train. */
export const roleWeightsTable = `
any|3.02 -0.87 -0.96 -1.94 -0.64 0.7 0.69
asks|-0.77 0 0.98 1.75 0 -0.98 -0.98
begins i|-0.89 -0.96 0.96 0 0.91 0 -0.02
begins it|-1.99 0.97 0 -0.99 1 1.01 0
begins my|0 0 -0.02 0 0 0 0.02
begins otherwise|-1.81 -0.74 1 2.11 -1.99 1.02 0.42
begins this|-0.93 0.99 -1.91 0 0 2.51 -0.65
begins we|0.81 -0.72 -0.96 0 0.73 0 0.15
begins with work|5.96 -0.43 -1.04 -2.13 -1.28 -1.77 0.68
begins you|1.87 0.03 1.02 -0.94 0 -1.07 -0.9
cue after work|-2.35 3.33 0 0 0 -0.88 -0.1
cue allergens|-1.99 0 2.68 -0.96 0 1.11 -0.85
cue could|-1.89 0.97 3.85 -0.94 0 -1 -1
cue drop in|0.44 0 0 0.97 -1.24 -0.17 0
cue hope|-3.79 -0.94 0 0 0 -1.68 6.41
cue i|-1.72 -0.16 1.97 0 -1.08 -0.88 1.87
cue if it|-2.8 -1 -0.04 3.83 0 0 0
cue instead|-2.95 -2.95 8.76 0 -0.97 -0.89 -1
cue keeps|-3.8 9.46 -0.99 0 -0.85 -1.91 -1.91
cue loosen|-0.9 0 -0.95 3.73 0 0 -1.88
cue made ahead|-0.93 2.73 0 0 0 -1.81 0
cue meal|-1.62 -2.88 -0.95 -0.9 5.72 0 0.63
cue mind|-2.72 -1 0 0 -1 5.39 -0.68
cue never|-3.71 -0.01 0.09 -1 0 5.56 -0.93
cue not a fan|-1 0 2.98 0 0 -0.99 -1
cue or something|1.85 0 1.96 -1 0.63 -1.84 -1.6
cue or start|-0.97 0 1.96 0 0 -0.99 0
cue question|0 -0.84 -0.99 0 0 0.14 1.68
cue serve with|-1.29 0.85 -0.98 -0.9 5.92 -0.96 -2.64
cue sometimes|-0.99 -1 2.96 0 0 -1.35 0.39
cue splits|-1.95 0 -0.95 2.9 0 0 0
cue stored|-1.88 5.57 -0.99 0 0 -1.84 -0.87
cue too|-1.74 -1 -0.99 3.72 0 0 0
cue we past|-1.83 0.1 -0.92 0 -0.25 -0.19 3.1
cue why|-0.93 0 -0.99 -1 0 3.81 -0.9
cue will look|-3.87 -0.77 -0.99 -0.99 -0.96 7.58 0
cue you will|7.45 -1.66 0 0 -1.99 -1.92 -1.88
first add|1.99 0 0 -1.99 0 0 0
first best|0 1.82 -0.96 0 0 0 -0.86
first core|-0.94 -0.81 0 0 0 1.74 0
first dice|1.77 0 0 0 0 -1.77 0
first dill|2 0 0 0 0 -2 0
first do|-0.98 0.07 0 -1 0 1.91 0
first don't|-1 0.9 0 0 0 1.02 -0.93
first for|-0.99 0 0.05 0 0.94 0 0
first from|-0.88 0 0 0 0 -0.88 1.75
first good|-0.63 0 -0.99 0 1.62 0 0
first heat|2 0 -2 0 0 0 0
first i|-0.89 -0.96 0.96 0 0.91 0 -0.02
first if|0.02 -1 -1.94 3.92 0 0 -1
first it|-1.99 0.97 0 -0.99 1 1.01 0
first keep|0.79 -0.79 0 0 0 0 0
first keeps|-1.85 1.85 0 0 0 0 0
first let|0.01 0 0 0 0 -0.69 0.68
first my|0 0 -0.02 0 0 0 0.02
first not|-0.95 0 0 0 0 0.95 0
first oil|-0.95 0 0 0 0 0.95 0
first or|-0.97 0 1.96 0 0 -0.99 0
first season|1.93 0 0 -1.93 0 0 0
first serve|1.28 0 0 0 -1.28 0 0
first should|-0.99 0 0 0.99 0 0 0
first some|0 0 0.96 0 0 -0.96 0
first store|0.86 -0.86 0 0 0 0 0
first the|-2.89 1.8 -0.7 0 -0.85 2.64 0
first this|-0.93 0.99 -1.91 0 0 2.51 -0.65
first toast|1.92 -1.92 0 0 0 0 0
first we|0.81 -0.72 -0.96 0 0.73 0 0.15
first when|1.03 0 -1.95 0.92 0 0 0
first you|1.87 0.03 1.02 -0.94 0 -1.07 -0.9
number|4.06 0.99 -2 1 -1.61 -2.19 -0.25
pair a bit|-1.81 0 -0.95 1.87 1.89 0 -1
pair a bowl|1.87 0 0 0 0 0 -1.87
pair a dry|1.92 -1.92 0 0 0 0 0
pair a good|1.87 -1 1.89 0 -1.87 -0.89 0
pair a jar|-0.98 0.98 0 0 0 0 0
pair a tray|2 0 -2 0 0 0 0
pair a week|-0.95 3.57 0 0 -0.85 -1.77 0
pair add a|0 0 -0.94 0 0.94 0 0
pair add more|-0.97 0 0 0.97 0 0 0
pair all together|1.92 0 0 0 0 -1.92 0
pair an hour|1.97 0 0 -1.97 0 0 0
pair and let|1.73 -1.73 0 0 0 0 0
pair and slice|1.99 0 0 0 -1.99 0 0
pair as you|1.88 0 0 0 0 0 -1.88
pair at once|-0.99 0 0 0.99 0 0 0
pair before the|0.86 -0.88 0 0 0 1.86 -1.85
pair bit of|-1.81 0 -0.95 1.87 1.89 0 -1
pair boil the|1.94 0 0 0 0 -1.94 0
pair but the|-0.99 0.99 0 0 0 0 0
pair cool completely|1.85 0 0 0 0 0 -1.85
pair creme fraiche|0 0 0.93 0 0 0 -0.93
pair days in|-1 1.99 -0.99 0 0 0 0
pair dice the|1.77 0 0 0 0 -1.77 0
pair do not|-0.98 0.07 0 -1 0 1.91 0
pair do the|0 1 0 0 0 -1 0
pair don't let|0 -0.98 -0.88 0 0 1.86 0
pair don't skip|0 0 0 0 0 0.93 -0.93
pair dry pan|1.92 -1.92 0 0 0 0 0
pair eggs for|1.94 0 0 0 0 -1.94 0
pair feta and|-0.99 0 0.99 0 0 0 0
pair five days|-0.98 0.98 0 0 0 0 0
pair for a|-0.99 1.81 0.05 0 0.08 -0.96 0
pair for five|-0.98 0.98 0 0 0 0 0
pair for hours|1.98 -1.98 0 0 0 0 0
pair for minutes|1.94 0 0 0 0 -1.94 0
pair for the|0.05 0 0 -1.99 0 0 1.94
pair for two|-1.85 1.85 0 0 0 0 0
pair for up|-0.95 0.95 0 0 0 0 0
pair four days|0 0.99 -0.99 0 0 0 0
pair going to|1.99 0 0 0 -1.99 0 0
pair good for|0 1.81 0 0 -0.85 -0.96 0
pair good with|-0.63 0 -0.99 0 1.62 0 0
pair half an|1.97 0 0 -1.97 0 0 0
pair half the|-0.99 0 0.99 0 0 0 0
pair heat the|2 0 -2 0 0 0 0
pair hot water|0 0 -0.95 0.95 0 0 0
pair i'd use|-0.99 0 0.99 0 0 0 0
pair if it|0 0 -0.95 0.95 0 0 0
pair if the|0 0 -0.06 0.06 0 0 0
pair if you|-2.79 1 1 0.96 0 -1.69 1.53
pair in a|3.76 -1.9 -0.94 0.95 0 0 -1.87
pair in the|0.14 0.86 0 -1.97 0 -0.69 1.65
pair instead of|0 0 0.97 0 -0.97 0 0
pair it all|1.92 0 0 0 0 -1.92 0
pair it boil|-1.82 0 0 0 0 1.82 0
pair it goes|0 0 -0.95 0.95 0 0 0
pair it in|1.87 0 0 0 0 0 -1.87
pair it is|-0.97 1.82 -0.96 0 0 0 0.12
pair it keeps|0 0.81 0 0 0 -0.81 0
pair it off|-0.96 0 0 0.96 0 0 0
pair it on|-0.97 0 0.97 0 0 0 0
pair it really|1.99 0 0 0 -1.99 -1.85 1.85
pair it will|-0.99 0.99 0 -0.99 0 0.99 0
pair it with|0 0 0.99 0 1.69 -0.99 -1.69
pair its own|-0.92 -0.96 0 0.92 0.96 0 0
pair keep for|-1.98 1.98 0 0 0 0 0
pair keep it|0 1.97 0 0 0 -1 -0.97
pair keeps for|-0.85 0.85 0 0 0 0 0
pair lemon over|1.87 0 0 0 -1.87 0 0
pair lemon zest|0 0 1 0 0 0 -1
pair let it|1.75 -1.73 0 0 0 1.82 -1.85
pair like that|-0.89 0 -1 0 1.89 0 0
pair line a|2 0 -2 0 0 0 0
pair make the|1.81 -1 0 0 0 -0.81 0
pair may be|-0.96 0 0.96 0 0 0 0
pair mins turning|1.93 0 0 0 0 0 -1.93
pair more lemon|1.93 0 0 -1.93 0 0 0
pair night before|0 1 0 0 0 -1 0
pair of lemon|1.87 0 1 0 -1.87 0 -1
pair off the|0.99 0 -1.95 0.96 0 0 0
pair on a|0 0 0 0 -0.98 0 0.98
pair on the|-1.86 0.82 0.01 0 0 1.89 -0.86
pair on toast|0 0 0 0 0.97 0 -0.97
pair onion and|1.99 0 0 0 -1.99 0 0
pair out the|-0.99 0 0.99 0 0 0 0
pair oven to|2 0 -2 0 0 0 0
pair over the|2 0 0 0 0 -2 0
pair pepper and|1.93 0 0 -1.93 0 0 0
pair serve with|1.28 0 0 0 -1.28 0 0
pair start with|1.88 0 0 0 0 0 -1.88
pair stir in|0 0 -0.95 0.95 0 0 0
pair take the|1.66 -1.66 0 0 0 0 0
pair ten minutes|0 0 -1 1 0 0 0
pair that will|-0.98 0.98 0 0 0 0 0
pair the apple|-0.93 0 0 0 0 0.93 0
pair the apples|0 -1 1.89 0 0 -0.89 0
pair the beans|0 0 -1 1 0 0 0
pair the beetroot|1.95 0 -1.95 0 0 0 0
pair the boil|1.73 -1.73 0 0 0 0 0
pair the cabbage|0 1 0 0 0 -1 0
pair the day|0 1.82 -0.96 0 0 0 -0.86
pair the dressing|0.88 -0.88 0 0 0 0 0
pair the eggs|1.94 0 0 0 0 -1.94 0
pair the feta|-0.99 0 0.99 0 0 0 0
pair the fish|1.98 -1.98 0 0 0 0 0
pair the fridge|0 0.86 0 0 0 0 -0.87
pair the garlic|-0.99 0 0.99 0 0 0 0
pair the herbs|1.85 0 0 0 0 0 -1.85
pair the last|1.99 0 0 -1.99 0 0 0
pair the leaves|0.81 -0.81 0 -1 0 1 0
pair the next|0 0 0 0 0.97 0 -0.97
pair the night|0 1 0 0 0 -1 0
pair the olives|-0.95 0 0 0 0 0.95 0
pair the onions|1.88 0 0 0 0 0 -1.88
pair the oven|3.97 0 -2 -1.97 0 0 0
pair the paste|0 0.81 0 0 0 -0.81 0
pair the rest|0 0.94 0 0 0 0 -0.94
pair the salt|0 0 -0.99 0.99 0 0.9 -0.9
pair the same|-0.96 0.96 0 0 0 0 0
pair the seeds|-0.99 0 0 0.99 0 0 0
pair the skins|1.95 0 -1.95 0 0 0 0
pair the tomatoes|1.77 0 0 0 0 -1.77 0
pair the top|2 0 0 0 0 -2 0
pair the water|0 0 0 0 0 0.9 -0.9
pair them out|-0.99 0 0 0.99 0 0 0
pair to a|-0.95 0.95 0 0 0 0 0
pair to c|2 0 -2 0 0 0 0
pair to the|1.73 -2.73 1.89 0 0 -0.89 0
pair toast the|1.92 -1.92 0 0 0.97 0 -0.97
pair too much|-0.95 0 0 0 -0.96 1.91 0
pair toss it|1.92 0 0 0 0 -1.92 0
pair two days|-0.99 1.93 0 0 0 0 -0.94
pair up to|-0.95 0.95 0 0 0 0 0
pair we did|-0.85 0 0 0 -0.96 -0.93 2.74
pair when the|1.03 0 -1.95 0.92 0 0 0
pair while you|1.81 -1.81 0 0 0 0 0
pair will keep|-0.99 0.99 0 0 0 0 0
pair with a|-0.89 0 -1 0 1.89 0 0
pair with cold|1.28 0 0 0 -1.28 0 0
pair with the|1.02 0 0 0 -0.96 0 -0.06
pair you can|0 0.05 0.95 0 0 -1 0
pair you could|0 0 0.94 -0.94 0 0 0
pair you don't|0 -0.98 -0.88 0 0 1.86 0
pair you keep|0 1 0 0 0 -1 0
pair you want|0 0 -0.99 0 0 0.99 0
short|-0.5 2.27 -0.99 -0.82 -1.62 0.71 0.95
word a|2.02 0.64 -1.98 0.97 0.99 -0.74 -1.9
word about|0 0 0 0 0 -0.99 0.99
word add|0.03 -1 1.02 -0.02 0.94 -0.96 0
word after|-3.21 3.21 0 0 0 0 0
word again|-0.99 -0.84 0 0.99 0 0 0.84
word ahead|-0.93 1.74 0 0 0 -0.81 0
word all|1.92 0 0 0 0 -1.92 0
word an|0.08 0.95 0 -1.97 0.94 0 0
word and|5.74 -1.84 -1.01 0.03 -1.05 -0.83 -1.05
word another|-0.99 0 0 1 0 0 0
word apple|-0.93 0 0 0 0 0.93 0
word apples|0 -1 1.89 0 0 -0.89 0
word are|-0.95 -1 0.89 1 0 0.06 0
word as|0.91 -0.94 0 -0.9 0.9 0.96 -0.94
word ask|0 -0.95 -0.95 0 0 0 1.9
word at|0.04 -1.98 0 0 0 1.94 0
word be|-3.83 0.93 0.96 0 0 1.94 0
word beans|1.95 0 -1 -0.95 0 0 0
word beetroot|1.95 0 -0.98 0 -0.97 0 0
word before|0.86 0.12 0 0 0 -0.88 -0.1
word best|-1 1.82 -0.96 0 0 0 0.14
word bit|-1.81 0 -0.95 1.87 1.89 0 -1
word boil|1.84 -2.71 -0.88 0 0 1.74 0
word bowl|1.87 0 -0.92 0 0 -1.35 0.4
word bread|-1 0 0 0 1 0 0
word brown|-0.96 0 0 0.96 0 0 0
word but|-1.93 0.99 0 0 -0.96 1.9 0
word c|0.07 0.19 -2 0 0 1.74 0
word cabbage|0 1 0 0 0 -1 0
word can|-0.93 0.97 0.95 0 0 -1 0
word careful|-1.83 0 0 0 0 1.83 0
word carrot|0 0 0.97 0 -0.97 0 0
word catch|-0.99 0 0 0.99 0 0 0
word check|1.89 0 0 0 0 -1.89 0
word chickpeas|1.99 0 0.99 -1.99 0 -0.99 0
word chill|5.31 -1.87 0 -1.61 0 0 -1.82
word chopped|0 -1 1 0 0 0 0
word cloth|1.81 -1.81 0 0 0 0 0
word cold|1.28 1 0 0 -1.28 -1 0
word colour|-0.96 0 -1 0 0 2.5 -0.54
word completely|1.85 0 0 0 0 0 -1.85
word cook|-0.86 0 -0.97 0 0 1.83 0
word cool|2.94 0.85 -1.95 0 0 0 -1.85
word core|-0.94 -0.81 0 0 0 1.74 0
word could|0 0 0.94 -0.94 0 0 0
word cream|-0.96 0 0.96 0 0 0 0
word creme|0 0 0.93 0 0 0 -0.93
word damp|1.81 -1.81 0 0 0 0 0
word day|-2.86 3.71 0.01 0 0 0 -0.86
word days|-4.88 7.68 -0.99 0 0 0 -1.81
word dice|1.77 0 0 0 0 -1.77 0
word did|-0.85 0 0.96 0 -0.96 -0.93 1.78
word dill|2 0 0 0 0 -2 0
word dip|0 0.99 -0.99 0 0 0 0
word do|-1.96 0.13 0.97 -1 0 0.91 0.94
word does|0 0.94 1.98 0 0 -1.93 -1
word don't|-1 -0.08 0.09 0 0 1.92 -0.93
word dress|-1.95 -0.88 0 0.97 0 1.86 0
word dressing|0.88 -0.88 0 0 0 0 0
word dry|0.94 -1.92 0 0.97 0 0 0
word each|0 0 -0.94 0 0.94 0 0
word eat|2.49 0.96 0 0 0 -1.86 -1.6
word egg|0 0 -0.94 0 0.94 0 0
word eggs|1.94 0 0 0 0 -1.94 0
word everything|0 0 0 0 0 -0.99 0.99
word feta|-0.99 0 2.65 0 0 -0.7 -0.96
word fine|0 0.94 0 0 0 0 -0.94
word first|1.66 -1.66 0 -0.99 -0.98 0.99 0.98
word fish|1.98 -1.98 0 0 0 0 0
word five|1.01 0.98 0 -1.99 0 0 0
word flatbreads|-0.63 0 0 0 0.63 0 0
word for|-1.8 2.66 1.05 -1.99 1.02 -2.9 1.95
word four|0 0.99 -0.99 0 0 0 0
word fraiche|0 0 0.93 0 0 0 -0.93
word freeze|1.98 -0.13 0 0 0 -1.84 0
word fridge|0 0.86 0 0 0 0 -0.87
word from|-1.8 0 0 0 0 0.05 1.75
word g|0 -1 0 1 0 0 0
word garlic|-0.99 0 1.96 0 0 -0.96 0
word get|1.01 0 1 -1.01 0 0 -1
word give|0 0 -1 1 0 0 0
word go|1.85 0 0 0 0 0 -1.85
word goes|0 0 -0.95 0.95 0 0 0
word going|1.03 0 0 0.96 -1.99 0 0
word good|0.24 0.81 0.91 0 -0.11 -2.68 0.83
word grilled|-1.52 0 -1 0 2.52 0 0
word had|0 0 -0.96 0 1.69 -1 0.27
word half|0.97 0 0.99 -1.97 0 0 0
word halloumi|0 0 -0.96 0 1.69 0 -0.72
word have|0 0 0.99 0 0 -0.99 0
word heat|1.04 0 -2 0.96 0 0 0
word herbs|1.85 0 0 0 0 0 -1.85
word hold|-1 1 0 0 0 0 0
word honey|-1 0 1 0 0 0 0
word hope|0 -0.94 0 0 0 0 0.94
word hot|-0.99 0 -0.95 0.95 0 0.99 0
word hour|1.97 0 0 -1.97 0 0 0
word hours|1.98 -1.98 0 0 0 0 0
word i|-0.89 -0.96 1.93 0 0.91 -1.95 0.97
word i'd|-0.99 0.81 0.99 0 0 -0.81 0
word if|-3.65 0 1.96 2.84 0 -2.67 1.53
word in|3.92 -0.08 -0.94 -1.02 -0.98 -0.69 -0.21
word instead|0 -1 1.97 0 -0.97 0 0
word into|1.99 0 0 0 0 -1.99 0
word is|0.05 1.82 -0.99 -0.02 0 -1.07 0.2
word it|-1.98 1.45 0.03 -0.01 0.69 0.08 -0.26
word it's|-1.91 0.81 0.97 0 0 0.13 0
word its|-1.9 -1.92 0 1.9 0.96 0.96 0
word jar|-0.98 1.97 -0.99 0 0 0 0
word just|1.92 0 -0.95 0.95 0 -1.92 0
word kale|0 0 0.94 -0.94 0 0 0
word keep|-1.18 4.11 0 0 0 -1.95 -0.97
word keeps|-1.85 2.66 0 0 0 -0.81 0
word know|-1.83 0 0 0 0 -0.69 2.52
word lamb|-0.63 0 0 0 0.63 0 0
word last|1.14 0 0.96 -1.99 -0.96 0 0.85
word lasts|0 0.99 -0.99 0 0 0 0
word leave|-0.99 0 0.99 0 0 0 0
word leaves|0.81 -0.81 0 -1 0 1 0
word lemon|3.8 0 1 -1.93 -1.87 0 -1
word let|-0.08 -2.71 -0.88 0 0 2.99 0.68
word like|-0.89 0 -1 0 0.92 0.96 0
word line|2 0 -2 0 0 0 0
word lovely|0 -0.96 0 0 0.96 0 0
word mackerel|-0.89 0 -1 0 1.89 0 0
word made|-0.93 2.75 -0.96 0 -0.98 0 0.12
word main|0 0 -0.94 0 0.94 0 0
word make|1.81 -1 0 0 0 -0.81 0
word maple|-1 0 1 0 0 0 0
word mash|-0.92 0 0 0.92 0 0 0
word max|-1.91 2.78 0 0 0 0 -0.87
word may|-0.96 0 0.96 0 0 0 0
word me|-1.83 0 0 0 0 3.23 -1.39
word milk|-1.79 0 0 0.83 0 1.81 -0.85
word mins|1.93 0 0 0 0 0 -1.93
word minutes|3.93 0 -1 -0.99 0 -1.94 0
word more|0.18 -1 -0.99 2.78 0 -0.98 0
word much|-0.95 -0.94 0 0 -0.96 1.91 0.94
word must|-1.88 -0.81 0 0 0 2.69 0
word my|1.99 0 -0.95 0 -1.99 -1.35 2.3
word next|-1 0 0 0 1.97 0 -0.97
word nice|0 0 1.96 0 0 -0.99 -0.97
word night|0 1 0 0 0 -1 0
word no|0 0.81 1.67 0 0 -1.51 -0.98
word not|-1.93 1.01 0 -1 0 1.92 0
word of|-0.91 0 0.99 0.97 -0.05 0 -1
word off|0.99 0 -1.95 0.96 0 0 0
word oil|0.01 0 0 0.97 -0.96 1.91 -1.93
word olives|-1.94 0 1.69 0 0 0.25 0
word on|0.07 -0.14 0.01 0 0.96 0.96 -1.86
word once|-0.99 0 0 0.99 0 0 0
word onion|1.99 0 0 0 -1.99 0 0
word onions|1.88 0 0 0 0 0 -1.88
word or|1.85 0 1.96 -1 0.63 -1.84 -1.6
word out|-0.32 -1.66 0.99 0.99 0 0.9 -0.9
word oven|3.97 0 -2 -1.97 0 0 0
word over|0.44 0 0 0.97 -1.24 -0.17 0
word overnight|3.93 -1.03 0 -1.95 0 -0.95 0
word own|-0.92 -0.96 0 0.92 0.96 0 0
word pan|0.92 -1.92 0 0 0 0.99 0
word past|0 0.97 0.94 -0.94 0 0 -0.97
word paste|0 0.81 0 0 0 -0.81 0
word pear|0 -1 1 0 0 0 0
word pears|0 -1 1.89 0 0 -0.89 0
word people|-0.94 0 0.96 0 0 -0.03 0
word pepper|1.93 0 0 -1.93 0 0 0
word place|-0.85 0.85 0 0 0 0 0
word potato|-0.97 0 0 0 0 0 0.97
word potatoes|0 0 -0.99 0.99 0 0 0
word put|0 -1 1 0 0 0 0
word re|-0.97 -0.95 0 0.97 0 0 0.95
word really|0.04 0.96 0 0 -1.99 -0.86 1.85
word recipe|-0.96 0 0 0 0 0 0.96
word rest|0 0.94 0 0 0 0 -0.94
word rinse|-0.97 0 0 0.97 0 0 0
word room|2.51 0 0 0 0 -0.91 -1.6
word salad|-0.97 0 0 0 0 -0.99 1.96
word salt|0.21 0 -0.99 0.81 0 0.87 -0.9
word salted|-0.97 0 0 0.97 0 0 0
word same|-0.96 0.96 0 0 0 0 0
word sauce|0 1.81 0 0 -0.85 -0.96 0
word season|1.93 0 0 -1.93 0 0 0
word see|-0.96 0 0 0.96 0 0 0
word seeds|0.93 -1.92 0 0.99 0 0 0
word serve|1.28 0 0 0 -1.28 0 0
word sesame|1.92 -1.92 0 -0.96 0 1.81 -0.85
word should|-0.99 0 0 0.99 0 0 0
word simmer|1.94 0 0 0 0 -1.94 0
word skins|1.95 0 -1.95 0 0 0 0
word skip|0 0 0 0 0 0.93 -0.93
word slice|1.99 0 0 0 -1.99 0 0
word sliced|1.88 0 0 0 0 0 -1.88
word so|-0.97 0 0 0 0 0 0.97
word soak|1.95 0 0 -1.95 0 0 0
word some|0 0 0.96 0 0 -0.96 0
word spoons|-0.79 0 0 0 0 0.79 0
word spring|-0.88 0 0 0 0 0 0.88
word squash|1.93 0 0 0 0 0 -1.93
word squeeze|1.87 0 0 0 -1.87 0 0
word start|0.89 0 0 0.99 0 0 -1.88
word still|0 0.94 -1 1 0 0 -0.94
word stir|0 0 -0.95 0.95 0 0 0
word stirring|1.73 -1.73 0 0 0 0 0
word store|0.86 -0.86 0 0 0 0 0
word sunday|0 0 0 0 -0.98 0 0.98
word swap|-1 -0.95 1.95 0 0 0 0
word tahini|0 0.82 0 1 -0.85 -0.96 0
word take|3.65 -1.66 0 0 -1.99 0 0
word taste|1.93 0 0 -1.93 0 0 0
word temp|2.52 -0.81 0 0 0 -0.12 -1.6
word ten|0 0 -1 1 0 0 0
word that|0.03 0.96 -0.9 -1.97 0.01 1.86 0
word that's|0 0 -0.99 0 0 -0.87 1.85
word the|3.53 -1.75 0.14 -1.04 -0.84 0.15 -0.18
word them|-0.03 0 -0.01 0.04 0 0.01 0
word there|0 0 0 0 0 0.9 -0.9
word they|1.94 0 0 0 0 -1.94 0
word thin|2.08 0 0 1.79 -1.99 0 -1.88
word this|-1.78 0.99 -1.91 0 -1.94 1.69 2.95
word three|0 0 0 0 0 -1 1
word time|-0.99 0 1.96 0 0 0 -0.96
word tip|-0.99 0 0 0.99 0 0 0
word to|2.8 -0.81 -0.11 -1.93 -0.06 0.1 0
word toast|1.92 -1.92 0 0 0.97 0 -0.97
word tofu|0 0 0.98 0 0 0 -0.98
word together|1.92 0 0 0 0 -1.92 0
word tomatoes|1.77 0 0 0 0 -1.77 0
word too|-0.95 -1 0.99 0.01 -0.96 1.91 0
word top|2 0 0 0 0 -2 0
word toss|1.92 0 0 0 0 -1.92 0
word tray|3.93 0 -2 0 0 0 -1.93
word trays|0 -0.95 0 0 0 0 0.95
word turning|1.93 0 0 0 0 0 -1.93
word two|0.12 2.79 0 -1.97 0 0 -0.94
word u|0 0 0.99 0 0 -0.99 0
word up|-0.95 0.95 0 0 0 0 0
word use|-1.99 1 3.9 -0.94 0 -0.99 -0.98
word used|0 0 0.93 0 0 0 -0.93
word using|1.95 0 0 -1.95 0 0 0
word vegan|-1.99 0 1.99 0 0 0 0
word version|-0.99 0 0.99 0 0 0 0
word w|1.93 0 0 0 0 0 -1.93
word walnuts|0 -0.95 0.95 0 0 0 0
word want|-0.96 0.96 -0.99 0 0 0.99 0
word warm|3.45 0 0 0 0 -1.86 -1.6
word was|0 0.1 -0.92 0 0 -1.35 2.18
word wash|-0.94 0 0 0 0 0.94 0
word water|-0.92 0 -0.95 1.87 0 0.9 -0.9
word we|0.81 -1.66 -0.96 0 0.73 -0.93 2.02
word week|-0.95 3.57 -0.95 0 -0.85 -1.77 0.95
word well|0 0.94 0 0 0 -0.94 0
word what|0 -0.84 -0.99 0 0 0.99 0.84
word when|1.03 0 -1.95 0.92 0 0 0
word while|3.75 -1.81 0 0 0 -1.94 0
word will|-1.98 1.98 0 -1.99 0 1.99 0
word with|2.84 0 -0.02 -0.14 1.98 -2.91 -1.75
word yoghurt|0 0 0.98 0 0 0 -0.98
word you|0.88 -2.72 1.03 0.02 0 -0.77 1.56
word your|1.03 -1 0 0 -1 0.64 0.32
word zest|0 0 1 0 0 0 -1
work add|1.99 0 0 -1.99 0 0 0
work brush|-0.95 0 0 0 0 0.95 0
work chill|1.98 -1.98 0 0 0 0 0
work cut|0.83 -0.81 0 0 0 -0.03 0
work dry heat|1.92 -1.92 0 0 0 0 0
work handle|-0.89 -1 0 0 0 1.89 0
work keep|-2.05 2.05 0 0 0 0 0
work mix|-1.79 0 0 1.79 0 0 0
work rest|0.01 0 0 0 0 -0.69 0.68
work seasoning|1.93 0 0 -1.93 0 0 0
work serve|3.27 0 0 0 -1.28 -1.99 0
work warm|2 0 -2 0 0 0 0
work whisk|-0.96 0 0.96 0 0 0 0
works 0|-4.51 -0.61 0.86 -0.14 1.7 -0.12 2.81
works 1|-0.25 1.59 -0.81 -0.85 -0.34 0.94 -0.28
works 2|4.06 -0.13 -1.01 -0.95 0 -0.12 -1.85
works 3|3.72 -1.73 0 0 -1.99 0 0
`;
