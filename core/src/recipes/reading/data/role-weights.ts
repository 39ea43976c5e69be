/** Written from corpus/roles.txt by npm run train. */
export const roleWeightsTable = `
any|2.4 -1.15 -0.03 -1.01 -2.87 2.67 0
asks|-0.98 0 2.59 0.94 0 -1.93 -0.61
begins i|-1.53 -0.02 0.11 0 0.02 1.5 -0.08
begins it|-1.99 -0.02 0 0 1 0.12 0.89
begins my|-0.93 0 0.93 0 0 0 0
begins otherwise|0.17 -0.91 0.95 0.97 -1.2 -0.89 0.91
begins that|0 0 0 0 -0.02 0.99 -0.97
begins this|-0.93 0.01 0 0 0 2.41 -1.49
begins we|0 0.12 -0.96 0 0.73 -0.85 0.97
begins with work|9.56 -1.24 -1.04 -1.04 -3.4 -2.6 -0.23
begins you|0.27 0.92 -0.03 -0.94 0 0.76 -0.99
calls|-2.97 0 0 0 0 1.43 1.54
cue after work|-0.05 0.6 0 0 0 -0.33 -0.21
cue allergens|-2.84 0 0.39 0 -2.7 6.13 -0.97
cue could|-1.95 0.01 4.83 -0.94 0 -0.01 -1.95
cue drop in|3.39 -1.21 -1.99 0.16 1.75 -0.13 -1.97
cue edited|-0.95 0 0 0 0 -0.92 1.87
cue hope|-2.88 0 -0.96 0 -0.62 -1.98 6.44
cue i|-4.12 -0.02 2.04 0 -1.97 0.12 3.96
cue if it|-3.9 -1 0.81 4.95 -0.87 0 0
cue instead|-3.73 -2 9.92 0 -0.97 -1.27 -1.95
cue keeps|-6.3 10.93 0 0 0.25 -1.81 -3.07
cue loosen|-0.06 0 0 1.94 0 0 -1.88
cue made ahead|-0.37 2.21 0 0 0 -1 -0.84
cue meal|-1.05 -1.79 -1.26 0 6.07 -1.58 -0.38
cue mind|-3.72 -1 0 0 -1 7.41 -1.7
cue never|-2.88 0.97 -0.02 -0.01 0 3.86 -1.91
cue no x|-0.98 0 2.59 0 0 -0.99 -0.61
cue not a fan|-1 0 2.98 0 0 -0.99 -1
cue of the year|-0.95 -0.99 0 0 0 -0.89 2.83
cue or something|-1.1 1.15 1.56 -1 -0.62 0.01 0
cue or start|0 0 1.85 0 -0.87 -0.99 0
cue question|0 0 -0.96 0 0 -0.69 1.65
cue secret|0 -0.98 0 0 -0.99 2.41 -0.44
cue serve with|-1.56 0.96 -1.83 -0.85 7.09 -0.72 -3.1
cue shown on|-3.43 0 0 0 0 3.43 0
cue sometimes|-1.92 -1 4.74 0 0 -1.01 -0.81
cue splits|-2.83 0 0 2.83 0 0 0
cue stored|-2.02 5.61 0 0 0 -1.84 -1.75
cue too|-1.84 -1 -0.99 4.76 0 0.05 -0.99
cue until|1.7 -0.74 0 0 0 -0.96 0
cue we past|-3.32 0.12 0.09 0 -0.25 0.19 3.17
cue why|0.19 -1.67 -0.95 -1 0 3.43 0
cue will look|-1 -0.77 -1.92 0 0 5.53 -1.84
cue you will|5.24 0 -1.92 0 -1.99 0.55 -1.88
first add|1.99 0 0 -1.99 0 0 0
first all|1.7 -1.7 0 0 0 0 0
first allergens|0 0 0 0 -0.93 0.93 0
first best|-1.3 0.96 0 0 0 1.3 -0.96
first bring|1.96 0 0 0 0 0 -1.96
first can|-1.24 1.21 -1.25 0 1.17 0 0.12
first check|1.61 0 0 0 0 -1.61 0
first core|-1.74 0 0 0 0 1.74 0
first dice|0.91 0 0 0 0 -0.91 0
first dill|2 0 0 0 0 -2 0
first discard|-0.82 0.82 0 0 0 0 0
first do|0 0.84 0 -1 0 1.14 -0.98
first don't|-1 0.9 0 0 0 1.02 -0.93
first dress|-0.36 0.36 0 0 0 0 0
first dressing|3.54 0 0 0 0 -1.57 -1.97
first drink|-0.22 0 0 0 0.32 -0.99 0.9
first eat|2.73 0.04 0 0 -1.86 0 -0.91
first edit|-0.95 0 0 0 0 0 0.95
first everything|1.89 0 0 0 -1.89 0 0
first for|-0.94 0 0 0 0.94 0 0
first from|-0.98 0 0 0 0 -0.84 1.82
first good|0 0 -0.99 0 1.91 -0.92 0
first heat|2 0 -2 0 0 0 0
first herbs|0.77 0 0 0 0 0.98 -1.75
first hold|-1 1 0 0 0 0 0
first i|-1.53 -0.02 0.11 0 0.02 1.5 -0.08
first if|0.4 -1 -0.99 3.85 0 -1.26 -1
first it|-1.99 -0.02 0 0 1 0.12 0.89
first it'll|0 0.96 -0.97 0 0 0.01 0
first it's|0 -1.21 0 -0.85 2.06 0 0
first keeps|-2.72 2.72 0 0 0 0 0
first let|1.29 -1.67 0 0 0 -1.35 1.72
first lovely|-1.93 0 0 0 1.93 0 0
first may|0 0 -0.99 0 0 0.99 0
first my|-0.93 0 0.93 0 0 0 0
first nice|0 0 0 0 0.96 -0.96 0
first no|-0.98 0 2.59 0 0 -0.99 -0.61
first not|-0.95 0 0 0 0 0.95 0
first oil|-0.84 0 0 0 0 0.84 0
first once|1.9 0 0 0 0 -1.9 0
first or|0 0 1.85 0 -0.87 -0.99 0
first pairs|-0.93 0 0 0 0.93 0 0
first portion|-0.51 0 0 0 0 0.51 0
first presentation|0.04 0 0 0 0 -0.04 0
first rinse|1.68 -1.68 0 0 0 0 0
first roast|1.79 -1.79 0 0 0 0 0
first say|-0.96 0 0 0 0 0 0.96
first season|1.89 0 0 0 0 -1.89 0
first serve|1.54 0 0 0 -1.54 0 0
first should|-0.99 0 0 0.99 0 0 0
first slice|1.77 0 0 0 0 -1.77 0
first some|0 0 0.96 0 0 -0.96 0
first store|0.06 1.8 0 0 0 -1.85 0
first suitable|0 0 -0.85 0 0.66 1.16 -0.97
first taste|1.96 0 0 0 0 -1.96 0
first that|0 0 0 0 -0.02 0.99 -0.97
first that's|0 0 0 -0.92 0 -0.03 0.95
first the|-2.33 0 -0.95 0 -0.96 5.05 -0.8
first this|-0.93 0.01 0 0 0 2.41 -1.49
first too|0 0 0 0.94 0 -0.94 0
first use|0 0.99 0 0 0 0 -0.99
first we|0 0.12 -0.96 0 0.73 -0.85 0.97
first when|0.81 0 -1.74 1.72 0 -0.79 0
first you|0.27 0.92 -0.03 -0.94 0 0.76 -0.99
long|1.11 -2.66 0.99 0 0 0.55 0
number|0.19 2.25 -2 1 -1.53 -0.31 0.4
pair a bit|-0.92 0 0 0.87 1.85 -0.79 -1
pair a cool|-0.83 0.83 0 0 0 0 0
pair a glass|-0.22 0 0 0 1.74 0 -1.52
pair a good|1.64 -1 1.79 -1.97 -0.45 0 0
pair a jar|1.57 0 0 0 0 -1.57 0
pair a paste|0 -0.77 -0.99 0 0 1.76 0
pair a plate|1.9 0 0 0 0 -1.9 0
pair a tray|2 0 -2 0 0 0 0
pair a week|-1.8 2.76 0 0 -0.96 0 0
pair add a|-0.94 0 0 0.94 0.94 -0.94 0
pair add more|-0.97 0 0 0.97 0 0 0
pair all together|1.92 0 -1.92 0 0 0 0
pair an egg|0 0 0 0 0.97 0 -0.97
pair an hour|1.97 0 0 0 0 -1.97 0
pair and bring|-2.94 0 0 0 0 0 2.94
pair and chop|1.79 -1.79 0 0 0 0 0
pair and drain|1.68 -1.68 0 0 0 0 0
pair and it|0 -0.64 0 0 0 -0.97 1.61
pair and oil|1.96 0 0 0 0 0 -1.96
pair and serve|-2.96 2.96 0 0 0 0 0
pair and slice|1.99 0 0 0 -1.99 0 0
pair and spoon|1.42 0 0 0 0 -1.42 0
pair and the|0.06 0 0 0 0 -0.91 0.84
pair as you|1.88 0 0 0 0 0 -1.88
pair at c|1.79 -1.79 0 0 0 0 0
pair at once|-0.99 0 0 0.99 0 0 0
pair at the|2.56 0 0 0 0 -0.8 -1.75
pair before the|-1.3 0 0 0 0 2.28 -0.98
pair best eaten|0 0.96 0 0 0 0 -0.96
pair bit of|-0.92 0 0 0.87 1.85 -0.79 -1
pair bring the|0.02 0 0 0 0 0 -0.02
pair but not|0 0 -0.95 0 0 0.95 0
pair but the|-1 1 0 0 0 0 0
pair but then|0 -0.99 0.99 0 0 0 0
pair c for|1.79 -1.79 0 0 0 0 0
pair cold water|1.8 -1.8 0 0 0 0 0
pair creme fraiche|-0.93 0 0.93 0 0 0 0
pair cut it|-0.98 0 0 0 0 0.98 0
pair days in|-1.89 2.88 0 0 0 0 -0.99
pair dice the|0.91 0 0 0 0 -0.91 0
pair discard after|-0.82 0.82 0 0 0 0 0
pair do it|0 0 0.87 0 -0.87 0 0
pair do not|0 0.84 0 -1 0 1.14 -0.98
pair do the|0 1 0 0 0 -1 0
pair don't skip|0 0 0 0 0 0.93 -0.93
pair dress it|2.65 -0.75 0 0 0 0 -1.89
pair dressing on|-0.26 0 0 0 0 2.22 -1.97
pair dressing over|1.68 0 0 -1.68 0 0 0
pair everything in|1.57 0 0 0 0 -1.57 0
pair everything together|1.89 0 0 0 -1.89 0 0
pair five minutes|1.99 0 0 -1.99 0 0 0
pair for a|-0.94 0.96 0 0 -0.02 0 0
pair for minutes|1.79 -1.79 0 0 0 0 0
pair for the|0.15 0 0 -1.99 0 0 1.84
pair for two|1.19 0.16 0 0 0 -1.35 0
pair for up|-1.8 1.8 0 0 0 0 0
pair four days|0 0.99 0 0 0 0 -0.99
pair going to|1.99 0 0 0 -1.99 0 0
pair good for|0 0.96 0 0 -0.96 0 0
pair good with|0 0 -0.99 0 0.99 0 0
pair half an|1.97 0 0 0 0 -1.97 0
pair half the|-1 0 1 0 0 0 0
pair hazelnuts at|1.79 -1.79 0 0 0 0 0
pair heat the|2 0 -2 0 0 0 0
pair i'd use|-1 0 1 0 0 0 0
pair if it|-0.99 0 0 0.99 0 0 0
pair if the|0 0 -0.06 0.06 0 0 0
pair if you|-2.58 0.01 1.99 0.85 0 -1 0.73
pair in a|0.75 0.82 0.19 0 0 -0.78 -0.99
pair in it|0 -0.99 0.99 0 0 0 0
pair in min|1.94 0 0 0 0 0 -1.94
pair in the|1.72 -0.72 0 0 0 -1.97 0.96
pair in with|1.92 -1.92 0 0 0 0 0
pair instead of|0 0 0.97 0 -0.97 0 0
pair is the|0 0 0 0 -0.99 1.92 -0.93
pair it all|1.92 0 -1.92 0 0 0 0
pair it boil|-1.93 0 0 0 0 1.93 0
pair it in|1.7 -1.7 0 0 0 0 0
pair it is|-1.84 0.96 0 0 0 0 0.88
pair it it|0 0 0 0 0 0.85 -0.85
pair it off|-0.85 0 0 0.85 0 0 0
pair it on|0 0 0.87 0 -0.87 0 0
pair it really|1.99 0 0 0 -1.99 -1.75 1.75
pair it should|1.96 0 0 0 0 -1.96 0
pair it sit|1.67 -1.67 0 0 0 0 0
pair it wants|-1 0 0 0 1 0 0
pair it was|0 0.12 0 0 0 0 -0.12
pair it will|0.61 1 0 0 0 -0.62 -0.99
pair it with|0 0 2.14 -0.99 1.39 0 -2.54
pair its own|-0.92 0 0 1.72 0 -0.79 0
pair keep for|-1 1 0 0 0 0 0
pair keep it|-0.97 1.97 0 0 0 -1 0
pair keeps for|-0.83 0.83 0 0 0 0 0
pair last of|1.03 0 0 0 0.94 0 -1.97
pair leave out|0 -0.99 0.99 0 0 0 0
pair leave to|1.35 0 0 0 0 -1.35 0
pair leaves and|1.42 0 0 0 0 -1.42 0
pair lemon juice|1.89 0 0 0 0 -1.89 0
pair lemon over|0.45 0 0 0 -0.45 0 0
pair lemon zest|0 0 1 0 0 0 -1
pair let it|-0.26 -1.67 0 0 0 1.93 0
pair like that|0 0 -1 0 1 0 0
pair line a|2 0 -2 0 0 0 0
pair lovely with|-0.94 0 0 -0.85 1.79 0 0
pair make the|1.85 0 0 0 0 -1.85 0
pair may be|-1.95 0 1.95 0 0 0 0
pair may contain|0 0 -0.99 0 0 0.99 0
pair mins turning|1.72 0 0 0 0 -1.72 0
pair minutes and|1.79 -1.79 0 0 0 0 0
pair minutes then|1.35 0 0 0 0 -1.35 0
pair more lemon|1.61 0 0 0 0 -1.61 0
pair next day|0 -0.24 0 0 1.21 -0.96 0
pair nice with|0 0 0.97 0 -0.01 -0.96 0
pair night before|0 1 0 0 0 -1 0
pair of lemon|0.45 0 1 0 -0.45 0 -1
pair of the|-0.94 0 0 0 0.94 0 0
pair of water|-0.22 0 0 0 0.32 -0.99 0.9
pair off the|2.8 -1.92 -1.74 0.85 0 0 0
pair oil to|1.96 0 0 0 0 0 -1.96
pair on a|0 0 -0.76 0 -0.98 0 1.74
pair on the|-1.37 -0.03 0.87 0 -0.87 2.37 -0.96
pair on toast|0 0 0 0 0.97 0 -0.97
pair on top|1.97 0 0 0 0 0 -1.97
pair onion and|1.99 0 0 0 -1.99 0 0
pair or it|-2.96 2.96 0 0 0 0 0
pair or the|-0.93 0 0 -1 0.93 1 0
pair out the|0 -0.99 0.99 0 0 0 0
pair oven to|2 0 -2 0 0 0 0
pair over the|3.41 0 0 0 0 -3.41 0
pair pairs with|-0.93 0 0 0 0.93 0 0
pair portion into|1.99 0 0 0 0 -1.99 0
pair roast the|1.79 -1.79 0 0 0 0 0
pair seeds on|1.9 0 0 0 0 -1.9 0
pair serve with|1.54 0 0 0 -1.54 0 0
pair shake everything|1.57 0 0 0 0 -1.57 0
pair should be|1.96 0 -0.95 0 0 -1.01 0
pair slice the|1.77 0 0 0 0 -1.77 0
pair start with|0.89 0 0 0.99 0 0 -1.88
pair store in|-1.8 1.8 0 0 0 0 0
pair sugar and|1.96 0 0 0 0 0 -1.96
pair suitable for|0 0 -0.85 0 0.66 1.16 -0.97
pair taste it|1.97 0 0 -1.97 0 0 0
pair ten minutes|0 0 -1 1 0 0 0
pair than you|1.61 0 0 0 0 -1.61 0
pair the apple|-0.02 0 0 0 0 0.02 0
pair the apples|-0.79 -1 1.79 0 0 0 0
pair the beans|-0.95 0 -1 1 0 0 0.95
pair the beetroot|1.74 0 -1.74 0 0 0 0
pair the boil|1.96 0 0 0 0 0 -1.96
pair the butter|1.92 -1.92 0 0 0 0 0
pair the cabbage|0 1 0 0 0 -1 0
pair the couscous|1.86 0 0 0 -1.86 0 0
pair the cream|1.42 0 0 0 0 -1.42 0
pair the day|-0.37 2.18 0 0 0 0 -1.81
pair the dressing|-1.93 0 0 0 0 1.93 0
pair the fridge|-0.23 0.99 0 0 0 0 -0.76
pair the garlic|0.77 0 1 0 0 -1.77 0
pair the hazelnuts|1.79 -1.79 0 0 0 0 0
pair the heat|1.06 -1.92 0 0.85 0 0 0
pair the herbs|1.87 0 0 0 0 -1.87 0
pair the jar|-0.98 0 0 0 0 0 0.98
pair the last|1.05 0 0 -1.99 0.94 0 0
pair the leaves|0.72 1 0 -1 0 -0.71 0
pair the little|-0.98 0 0 0 0 0 0.98
pair the next|0 -0.24 0 0 1.21 -0.96 0
pair the night|0 1 0 0 0 -1 0
pair the oil|0 0 -0.95 -0.92 0 2.67 -0.79
pair the olives|-0.95 0 0 0 0 0.95 0
pair the onions|1.88 0 0 0 0 0 -1.88
pair the oven|3.97 0 -2 0 0 -1.97 0
pair the rest|0 0.12 0 0 0 0 -0.12
pair the salt|0 -0.99 0.01 0.99 0 0.93 -0.93
pair the same|-1.69 1.69 0 0 0 0 0
pair the secret|0 0 0 0 -0.99 0.99 0
pair the seeds|-0.38 0 0 0.99 0 -0.6 0
pair the skins|1.74 0 -1.74 0 0 0 0
pair the top|2 0 0 0 0 -2 0
pair the vinegar|1.96 0 0 0 0 0 -1.96
pair the water|0 0 0 0 0 0.93 -0.93
pair them out|-0.99 0 0 0.99 0 0 0
pair then leave|1.35 -0.99 0.99 0 0 -1.35 0
pair then the|1.87 0 0 0 0 -1.87 0
pair this year|-0.95 0 0 0 0 0 0.95
pair time to|-0.55 0 -0.95 0 0 1.5 0
pair to a|0.11 1.8 0 0 0 -1.9 0
pair to c|2 0 -2 0 0 0 0
pair to cool|1.35 0 0 0 0 -1.35 0
pair to the|0.19 -1 1.79 0 0 0 -0.98
pair toast with|0 0 0 0 0.97 0 -0.97
pair too much|-0.95 -0.96 0 0 0 1.91 0
pair toss it|1.92 0 -1.92 0 0 0 0
pair two days|-1 1.12 0 0 0 0 -0.12
pair two hours|1.67 -1.67 0 0 0 0 0
pair up to|-1.8 1.8 0 0 0 0 0
pair use within|-1 1.99 0 0 0 0 -0.99
pair vinegar sugar|1.96 0 0 0 0 0 -1.96
pair we did|-0.93 0 0 0 -0.96 -0.85 2.74
pair we had|0 0 -0.96 0 1.69 0 -0.72
pair we were|-0.55 0 0 0 0 0.55 0
pair well and|0.83 -1.68 0 0 0 0 0.84
pair when the|0.81 0 -1.74 1.72 0 -0.79 0
pair while you|1.85 0 0 0 0 -1.85 0
pair will do|0 0 0.89 0 0 -0.89 0
pair will keep|-1 1 0 0 0 0 0
pair with a|-0.91 0 -1 0.13 -0.01 1.79 0
pair with an|0 0 0 0 0.97 0 -0.97
pair with chips|0 0 -0.99 0 0.99 0 0
pair with cold|1.54 0 0 0 -1.54 0 0
pair with lemon|1.89 0 0 0 0 -1.89 0
pair with the|-0.3 -1.92 0 0 0.91 1.37 -0.06
pair with your|1.92 0 -1.92 0 0 0 0
pair you can|0 0.01 1.95 0 0 -1 -0.95
pair you could|0 0 0.94 -0.94 0 0 0
pair you don't|0 -0.77 -0.99 0 0 1.76 0
pair you keep|0 1 0 0 0 -1 0
pair you want|0 -1.76 0.01 0 0 1.76 0
pair your fingers|0 0 0 0 -1 1 0
short|0.3 -0.03 0.66 0 -0.86 0.38 -0.44
word a|0.52 1.8 -1.73 0.82 0.28 0.07 -1.77
word about|0.91 0 0 0 0 -1.9 0.99
word add|0.08 -1 0.96 0.92 0.94 -1.9 0
word after|-0.82 0.82 0 0 0 0 0
word again|-0.99 0 0 0.99 0 0 0
word all|4.75 -1.7 -1.92 0 0 0 -1.12
word allergens|0 0 0 0 -0.93 0.93 0
word an|-0.05 1.8 0 0 1.66 -1.97 -1.44
word anchovies|0 0 0.61 0 0 0 -0.61
word and|4.16 -0.19 -2 0.85 -1.05 -4.26 2.49
word another|-1 0 0 1 0 0 0
word any|-0.55 0 0 0 0 0.55 0
word apple|-0.02 0 0 0 0 0.02 0
word apples|-0.79 -1 1.79 0 0 0 0
word are|-1.74 -1 0.79 1 0 0.95 0
word as|1.88 -0.96 0 0 0 0.96 -1.88
word ask|0 0 0 -0.95 0 0 0.95
word at|2.52 -1.79 0 0.99 0 1.03 -2.74
word avocado|-0.98 0 0 0 0 0.98 0
word away|-0.99 0 0 0.99 0 0 0
word back|-1.94 0 0 0 0 0 1.94
word be|-1.82 0 0.02 0 0 1.8 0
word beans|1.71 0 -1 -0.95 0 -0.71 0.95
word because|-0.55 0 -0.95 0 0 0.58 0.92
word beetroot|1.74 0 -0.76 0 -0.97 0 0
word beets|0.91 0 0 0 0 -0.91 0
word before|0.76 -0.22 0 0 0 -0.33 -0.21
word best|-2.3 0.96 0 0 0 1.3 0.03
word bit|-0.92 -0.98 0 0.87 1.85 0.19 -1
word blender|1.7 -1.7 0 0 0 0 0
word boil|0.03 0 0 0 0 1.93 -1.96
word bowl|0 0 0 0 0 -1.01 1.01
word bread|0.02 0 -0.29 0 0.27 0 0
word bring|-0.98 0 0 0 0 0 0.98
word brown|-1.84 0 0 0.85 0 0.98 0
word bruise|-1.79 0 0 -1 0 2.79 0
word but|-1 0 0.04 0 0 0.95 0
word butter|1.92 -1.92 0 0 0 0 0
word c|1.05 -0.8 -2 0 0 1.74 0
word cabbage|0 1 0 0 0 -1 0
word can|-1.24 1.22 0.69 0 1.17 -1 -0.83
word can't|0 0 1 0 0 -0.92 -0.08
word capers|0 0 0.61 0 0 0 -0.61
word careful|-0.93 0 0 0 0 2.62 -1.7
word carrot|0 0 0.97 0 -0.97 0 0
word catch|-0.99 0 0 0.99 0 0 0
word check|1.61 0 0 0 0 -1.61 0
word cheese|1.87 0 0 0 0 -1.87 0
word chickpeas|1.99 0 0.99 -1.99 0 -0.99 0
word children|-0.93 0 0 0 0 0 0.93
word chill|3.7 0 0 0 0 -1.83 -1.87
word chips|0 0 -0.99 0 0.99 0 0
word chop|1.79 -1.79 0 0 0 0 0
word chopped|0 -1 1 0 0 0 0
word cloth|1.85 0 0 0 0 -1.85 0
word cold|3.34 -0.8 0 0 -1.54 -1 0
word colour|0 -0.96 -1 0 0 2.6 -0.64
word contain|0 0 -0.99 0 0 0.99 0
word cook|-1.73 0 0 0 0 1.73 0
word cool|2.26 0.83 -1.74 0 0 -1.35 0
word core|-1.74 0 0 0 0 1.74 0
word could|0 0 0.94 -0.94 0 0 0
word couscous|1.86 0 0 0 -1.86 0 0
word cream|0.46 0 1.96 0 0 -2.41 0
word creme|-0.93 0 0.93 0 0 0 0
word cut|-0.98 0 0 0 0 0.98 0
word damp|1.85 0 0 0 0 -1.85 0
word day|-2.05 3.62 0.87 0 0.34 -0.96 -1.81
word days|-2.89 4.76 0 0 0 0 -1.87
word dice|0.91 0 0 0 0 -0.91 0
word did|-0.93 0 1.82 0 -0.96 -0.85 0.93
word dill|2 0 0 0 0 -2 0
word dip|0 0.99 -0.96 0 0 0 -0.03
word discard|-0.82 0.82 0 0 0 0 0
word dish|-0.96 0 0 0 0 0 0.96
word do|0 1.84 1.76 -1 -0.87 -0.75 -0.98
word does|0 0.94 2.28 -0.99 -0.3 -0.94 -1
word don't|-1.98 0.13 -0.02 0.99 0 1.82 -0.93
word done|0 0 0 0 0 -1.61 1.61
word down|1.89 0 0 0 0 0 -1.89
word drain|1.68 -1.68 0 0 0 0 0
word dress|-0.3 0.36 0 1.84 0 0.98 -2.88
word dressing|3.29 0 0 -1.68 0 0.36 -1.97
word drink|-0.22 0 0 0 0.32 -0.99 0.9
word dry|-0.97 0 0 0.97 0 0 0
word each|0.73 -1.67 0 0 0.94 0 0
word eat|0.93 0.97 -0.29 0 -0.69 0 -0.91
word eaten|0 0.96 0 0 0 0 -0.96
word edit|-0.95 0 0 0 0 0 0.95
word egg|-0.94 0 0 0 0.98 0.93 -0.97
word every|0 -0.99 0 0 0 -0.89 1.88
word everybody|1.89 0 0 0 0 0 -1.89
word everything|3.47 0 0 0 -1.89 -2.56 0.99
word fan|1.42 0 0 0 0 -1.42 0
word feta|0 -0.99 3.62 0 0 -0.81 -1.82
word fine|0 0.12 0 0 0 0 -0.12
word fingers|0 0 0 0 -1 1 0
word first|0 0 -0.76 0 -0.98 0.99 0.75
word five|1.99 0 0 -1.99 0 0 0
word flatbreads|-0.99 0 0 0 0.99 0 0
word for|1.37 1.12 0.51 -1.99 1.58 -2.53 -0.06
word four|0 0.99 0 0 0 0 -0.99
word fraiche|-0.93 0 0.93 0 0 0 0
word free|0 0 0.38 0 0 -0.38 0
word freeze|0 1.84 0 0 0 -1.84 0
word fresh|-0.99 0 0 0.99 0 0 0
word fridge|-0.23 0.99 0 0 0 0 -0.76
word from|-2.85 0 0 0 0 0.09 2.76
word g|-3.46 -1 0 1 0 3.46 0
word garlic|0.77 0 1.96 0 0 -2.73 0
word gas|-0.98 0 0.98 0 0 0 0
word get|2.78 -1.67 1 0.85 0 -1.97 -1
word give|1.97 0 -1 -0.97 0 0 0
word given|-0.55 0 0 0 0 0.55 0
word glass|-0.22 0 0 0 1.74 0 -1.52
word go|-2.22 0 0 0 0 2.22 0
word goes|-0.98 0.96 0 0 0 0.02 0
word going|1.14 0 0 0.85 -1.99 0 0
word good|0.64 -0.04 0.8 -1.97 1.5 -0.92 0
word great|0 -1.21 0 0 2.15 0 -0.94
word grill|-0.98 0 0.98 0 0 0 0
word grilled|0 0 -1 0 1 0 0
word had|0 0 -0.96 0 1.69 -1 0.27
word half|0.04 1.85 1 0 0 -1.97 -0.91
word halloumi|0 0 -0.96 0 1.69 0 -0.72
word has|-1 -0.76 -0.95 0 0 0.97 1.73
word have|-0.95 0 0.99 0 0 -0.99 0.95
word hazelnuts|1.79 -1.79 0 0 0 0 0
word heat|3.06 -1.92 -2 0.85 0 0 0
word herbs|2.64 0 0 0 0 -0.89 -1.75
word hold|-1 1 0 0 0 0 0
word honey|-1 0 1 0 0 0 0
word hope|-0.84 0 0 0 0 0 0.84
word hot|-1.98 0 0.03 0 0 1.95 0
word hour|1.03 1.85 0 0 0 -1.97 -0.91
word hours|1.67 -0.67 0 0 0 0 -0.99
word i|-1.53 -0.02 1.08 0 0.02 -1.37 1.83
word i'd|-1 0 1 0 0 0 0
word if|-3.27 -0.99 3.8 3.86 -0.87 -3.25 0.73
word important|0 -0.98 0 0 0 1.42 -0.44
word in|2.57 -1.01 1.41 0 -0.98 -2.75 0.75
word instead|0 -1 1.97 0 -0.97 0 0
word into|1.99 0 0 0 0 -1.99 0
word is|-1.87 -0.02 0.49 -0.21 -0.32 1.12 0.81
word it|-2.21 1.27 2.03 -2.06 1.27 -0.39 0.08
word it'll|0 0.96 -0.97 0 0 0.01 0
word it's|0 -1.21 0.87 -0.85 1.19 0 0
word its|-1.9 0 0 1.77 0 1.78 -1.65
word jar|0.59 0.99 0 0 0 -1.57 -0.01
word juice|1.89 0 0 0 0 -1.89 0
word just|1.92 0 -1.92 0 0 0 0
word kale|0 0 0.94 -0.94 0 0 0
word keep|-1.97 4.77 0 0 0 -2.8 0
word keeps|-2.72 2.72 0 0 0 0 0
word knife|-1.79 0 0 0 0 1.79 0
word know|-0.06 -1.67 0 0 0 0 1.72
word lamb|0 0 0 -0.85 0.85 0 0
word last|5.92 0 -0.17 -1.99 -1.92 0.13 -1.97
word lasts|0 0.99 0 0 0 0 -0.99
word leave|1.35 -0.99 0.99 0 0 -1.35 0
word leaves|2.71 1 -1.99 -1 0 -0.71 0
word lemon|3.95 0 1 0 -0.45 -3.5 -1
word lentils|1.8 -1.8 0 0 0 0 0
word let|-1.99 -1.67 0 0 0 1.93 1.72
word like|0 -0.96 -1 0 1 0.96 0
word line|2 0 -2 0 0 0 0
word little|-0.07 0 0 0 0 -0.91 0.98
word longer|-0.98 0 0.98 0 0 2.5 -2.5
word love|-0.98 0 0 0 0 -0.99 1.97
word lovely|-1.93 0 0 -0.85 2.79 0 0
word mackerel|0 0 -1 0 1 0 0
word made|0 0.96 -0.76 0 -0.98 0 0.77
word main|-0.94 0 0 0 0.94 0 0
word make|1.49 1.21 0 0 0 -1.85 -0.84
word maple|-1 0 1 0 0 0 0
word mash|-0.92 0 0 1.72 0 -0.79 0
word max|0 0.76 0 0 0 0 -0.76
word may|-1.95 0 0.95 0 0 0.99 0
word me|-2.66 0 -0.96 0 0 2.5 1.12
word milk|-0.95 0 0 0.95 -0.93 0.93 0
word min|0.79 1.16 0 0 0 0 -1.94
word mins|1.72 0 0 0 0 -1.72 0
word minutes|5.13 -1.79 -1 -0.99 0 -1.35 0
word more|0.63 -1 -0.99 2.96 0 -1.61 0
word mother|-1.89 0 0.93 0 0 0 0.96
word much|-0.95 -0.96 0 0 0 1.91 0
word must|-2.58 0 0 0 0 2.58 0
word mustard|0 0 0 0 -0.93 0.93 0
word my|1.07 0 0.93 0 -1.99 -1.01 1.01
word next|-1 -0.24 0 0 2.2 -0.96 0
word nice|0 0 2.26 -0.99 -0.31 -0.96 0
word night|0 1 0 0 0 -1 0
word no|-0.98 0 3.4 0 0 -1.8 -0.61
word nobody|0 0 -0.95 0 0 0.95 0
word not|-3.07 1.78 -0.95 -1 0 4.22 -0.98
word nuts|0.12 0 -0.8 0 0 2.65 -1.97
word of|1.41 -1.7 0.89 1.81 0.81 -1.14 -2.07
word off|2.8 -1.92 -1.74 0.85 0 0 0
word oil|1.86 -0.96 -0.95 0.05 0 2.76 -2.75
word ok|-0.95 0.76 0 0 0 0 0.19
word olives|-0.95 0 0.81 0 0 0.14 0
word on|2.62 -0.79 0.11 0 0.05 -1.72 -0.27
word once|0.91 0 0 0.99 0 -1.9 0
word onion|1.99 0 0 0 -1.99 0 0
word onions|1.88 0 0 0 0 0 -1.88
word or|-1.1 1.15 1.56 -1 -0.62 0.01 0
word out|0.69 -0.99 0.99 -0.69 0 0.93 -0.93
word oven|5.91 0 -2 0 0 -1.97 -1.94
word over|1.42 -1.21 -1.99 0.16 1.75 -0.13 0
word overnight|3.21 0.84 0 -1.95 0 -2.1 0
word own|-0.92 0 0 1.72 0 -0.79 0
word pairs|-0.93 0 0 0 0.93 0 0
word pan|-1 0 0 0 0 1 0
word past|-0.97 0.97 0.94 -0.94 0 0 0
word paste|0 -0.77 -0.99 0 0 1.76 0
word pear|0 -1 1 0 0 0 0
word pears|-0.79 -1 1.79 0 0 0 0
word people|0 0 0.96 0 0 -0.96 0
word per|-0.96 0 0 0 0 0.96 0
word pick|0 0 -0.95 0 0 0.95 0
word picked|-1.3 0 -0.95 0 0 2.24 0
word place|-1.81 0.83 0.98 0 0 0 0
word plate|1.9 0 0 0 0 -1.9 0
word platter|1.68 0 0 -1.68 0 0 0
word portion|-1.47 0 0 0 0 1.47 0
word potato|-1.84 0 0 0 0 0 1.84
word potatoes|0 0 -0.99 0.99 0 0 0
word pots|1.99 0 0 0 0 -1.99 0
word presentation|0.04 0 0 0 0 -0.04 0
word put|0 -1.99 1.99 0 0 0 0
word re|-1.84 0 0 0.89 0 0 0.95
word really|-0.69 0.7 0 0 -1.99 0.23 1.75
word recipe|0 0 -0.96 0 0 0 0.96
word rest|0 0.12 0 0 0 0 -0.12
word rice|-0.87 -1.21 -0.29 0 2.37 0 0
word rinse|-0.16 -1.68 0 1.84 0 0 0
word roast|0.86 -1.79 0 0 0.94 0 0
word room|2.83 -1.81 0 0 -1.86 0.84 0
word salad|-1.84 0 0 0 0 -0.99 2.83
word salt|1.01 -0.99 0.01 0.99 0 -0.09 -0.93
word salted|-1.84 0 0 1.84 0 0 0
word salty|1.01 0 0 0 0 -1.01 0
word same|-1.69 1.69 0 0 0 0 0
word sauce|0 0.96 0 0 -0.96 0 0
word say|-0.96 0 0 0 0 0 0.96
word season|1.89 0 0 0 0 -1.89 0
word seasoning|1.61 0 0 0 0 -1.61 0
word secret|0 0 0 0 -0.99 0.99 0
word see|-1.85 0 0 0.85 0 0 0.99
word seeds|1.61 0 -1.61 0.99 0 -0.98 0
word serve|-1.42 2.96 0 0 -1.54 0 0
word sesame|0 0 -0.99 0 0 0.99 0
word shake|1.57 0 0 0 0 -1.57 0
word should|-0.58 0 -0.95 0.99 0 0.55 0
word simmer|1.8 -1.8 0 0 0 0 0
word sit|1.67 -1.67 0 0 0 0 0
word size|-1.6 0 0 0 0 1.6 0
word skins|1.74 0 -1.74 0 0 0 0
word skip|0 0 0 0 0 0.93 -0.93
word slice|3.76 0 0 0 -1.99 -1.77 0
word sliced|1.88 0 0 0 0 0 -1.88
word smooth|1.7 -1.7 0 0 0 0 0
word so|-1.16 -1.67 0 0 0 0.98 1.84
word soak|2.66 0 0 -1.95 0 -0.71 0
word some|0 0 0.96 0 0 -0.96 0
word spoon|1.42 0 0 0 0 -1.42 0
word spoons|-0.9 0 0 0 0 0.9 0
word spring|-0.98 0 0 0 0 0 0.98
word squash|1.72 0 0 0 0 -1.72 0
word squeeze|0.45 0 0 0 -0.45 0 0
word start|-0.1 0 0 1.97 0 0 -1.88
word still|0 0.12 -1 1 0 0 -0.12
word stir|1.97 0 0 -1.97 0 0 0
word store|0.06 1.8 0 0 0 -1.85 0
word straight|1.68 0 0 -1.68 0 0 0
word sugar|1.96 0 0 0.94 0 -0.94 -1.96
word suitable|0 0 -0.85 0 0.66 1.16 -0.97
word summer|0 0 0 0 0 -0.99 0.99
word sunday|-0.99 0 -0.76 0 -0.98 0 2.73
word swap|-1 0 1.95 0 0 0 -0.95
word tahini|0 -0.04 0 1 -0.96 0 0
word take|1.99 0 0 0 -1.99 0 0
word taste|3.94 0 0 -1.97 0 -1.96 0
word temp|1.93 -1.81 0 0 -1.86 1.74 0
word ten|0 0 -1 1 0 0 0
word than|1.61 0 0 0 0 0.89 -2.5
word that|-1.11 1.69 -1.89 0 -0.34 1.67 -0.01
word that's|0 0 0 -0.92 0 -0.03 0.95
word the|3.15 -0.6 -0.1 -0.99 -2.56 1.05 0.06
word them|1.46 -1.79 -0.01 0.04 0 0.31 0
word then|3.22 -0.99 0.99 0 0 -3.22 0
word there|0 0 0 0 0 0.93 -0.93
word they|-2.22 0 0 0 0 2.22 0
word thin|2.92 0 0 0.95 -1.99 0 -1.88
word this|-1.87 0.01 -0.76 0 -1.94 0.87 3.69
word three|0 0 0 0 0 -1 1
word thursday|-0.93 0 0 0 0 0 0.93
word till|1.7 -0.74 0 0 0 -0.96 0
word time|-1.55 0 1.87 0 0 1.5 -1.82
word tip|0.91 0 0 0.99 0 -1.9 0
word to|3.73 -1.03 -1.16 0 -0.31 -0.76 -0.48
word toast|0 0 0 0 0.97 0 -0.97
word together|3.82 0 -1.92 0 -1.89 0 0
word too|-0.95 -1.96 1.29 0.95 0.62 1.04 -0.99
word top|3.96 0 0 0 0 -2 -1.97
word toss|1.92 0 -1.92 0 0 0 0
word tray|3.71 0 -2 0 0 -1.72 0
word trays|1.94 0 0 -0.95 0 0 -1
word turn|1.94 0 0 0 0 0 -1.94
word turning|1.72 0 0 0 0 -1.72 0
word two|2.61 0.28 0 0 0 -2.77 -0.12
word u|0.75 -0.75 0.02 0 0 -0.99 0.96
word up|-1.8 1.8 0 0 0 0 0
word use|-0.87 0.31 2.92 -0.94 0 -0.43 -0.99
word used|-1.91 0 1.91 0 0 0 0
word using|3.21 0 0 -1.95 0 -1.26 0
word vegan|-1 0 1 0 0 0 0
word very|1.57 0 0.98 0 0 -0.8 -1.75
word vinegar|1.96 0 0 0 0 0 -1.96
word w|1.72 0 0 0 0 -1.72 0
word walnuts|0 0 0.95 0 0 0 -0.95
word want|-0.08 -0.08 0.01 0 0 0.15 0
word wants|-1 0 0 0 1 0 0
word warm|2.67 -1.81 0 0 -0.86 0 0
word was|0 0.12 0 0 0 -1.01 0.89
word water|0.66 -1.8 0 1.72 0.32 -0.86 -0.03
word we|-1.48 0.12 -0.96 0 0.73 -0.3 1.9
word week|-1.8 2.76 0 0 -0.96 0 0
word well|0.83 -0.74 0 0 0 -0.94 0.84
word were|-0.55 0 0 0 0 0.55 0
word wet|0 0 0 0 0 0.99 -0.99
word when|2.7 0 -1.74 1.72 0 -0.79 -1.89
word while|1.85 0 0 0 0 -1.85 0
word will|0.61 1 0.89 -1 0 -0.51 -0.99
word with|2.1 -1.92 -1.09 0.1 5.6 0.31 -5.1
word within|-4.89 6.8 0 0 0 0 -1.91
word works|-0.98 0 0.98 0 0 0 0
word year|-0.95 0 0 0 0 0 0.95
word yoghurt|0 0 0.99 0 0 -0.99 0
word you|0.16 0.92 0.97 -0.08 0 -2.71 0.73
word you're|-0.84 0 0 0 0 0 0.84
word your|-0.91 -1 -1.92 0 -1 2.88 1.96
word zest|0 0 1 0 0 0 -1
work add|1.99 0 0 -1.99 0 0 0
work brush|-0.84 0 0 0 0 0.84 0
work cut|0.93 0 0 0 0 -0.93 0
work discard|-0.82 0.82 0 0 0 0 0
work dry heat|1.79 -1.79 0 0 0 0 0
work handle|-0.83 -1 0 0 0 3.79 -1.96
work keep|-3.72 3.72 0 0 0 0 0
work mix|-0.95 0 0 0.95 0 0 0
work rest|1.29 -1.67 0 0 0 -1.35 1.72
work seasoning|1.89 0 0 0 0 -1.89 0
work serve|1.03 0 0 0 -1.54 0.51 0
work taste|3.57 0 0 0 0 -3.57 0
work tear|1.86 0 0 0 -1.86 0 0
work toss|-0.36 0.36 0 0 0 0 0
work warm|2 0 -2 0 0 0 0
work wash|1.68 -1.68 0 0 0 0 0
work whisk|-0.96 0 0.96 0 0 0 0
works 0|-3.5 -0.77 -0.06 -1.77 1.59 0.52 3.99
works 1|-0.44 0.97 0.05 -0.09 -2.47 2.11 -0.14
works 2|3 -1.35 -0.02 0.85 0 1.38 -3.85
works 3|3.34 0 0 0 -1.99 -1.35 0
`;
