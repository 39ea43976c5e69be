/** Written from corpus/roles.txt by npm run train. */
export const roleWeightsTable = `
any|2.48 -1.33 -0.37 -1.46 -0.68 1.94 -0.59
asks|-1.82 0 1.89 1.65 0 -0.99 -0.73
begins i|-0.99 -1 0.23 0 1 0.66 0.1
begins it|-1.99 1.03 0 -0.74 1 0.6 0.1
begins my|0 -0.57 0.65 0 0 0 -0.08
begins otherwise|-1.75 -0.58 0.7 0.69 -0.68 0.25 1.37
begins that|0 0 0 0 -0.51 0.99 -0.49
begins this|0 0 -0.73 0 0 1.87 -1.14
begins we|-0.06 0.05 0 0 -0.01 0 0.02
begins with work|8.1 -1.15 -1.18 -1.41 -1.47 -1.57 -1.32
begins you|0.16 0.88 -0.04 0 0 -0.84 -0.16
calls|-2.74 0 0 0 0 1.43 1.31
cue after work|0.46 1.17 -0.96 0 0 -1.01 0.34
cue allergens|-2.23 -0.33 1.24 0 -1.41 4.11 -1.38
cue could|-0.81 -0.46 2.27 0 0 -0.01 -1
cue drop in|2.84 0 -1.99 0.98 -0.25 -1.58 0
cue edited|-0.58 0 0 0 0 -0.66 1.24
cue hope|-1.24 -0.82 -1.65 0 0 -1.24 4.95
cue i|-1.55 -0.66 1.98 0 -1 -0.6 1.83
cue if it|-2.13 -1.91 0.4 4.86 0 -0.74 -0.49
cue instead|-3.72 -2 9.56 0 0 -1.97 -1.88
cue keeps|-6.51 9.48 0 0 -0.25 -1.73 -0.99
cue loosen|-0.59 0 0 1.97 0 -0.74 -0.64
cue made ahead|-0.66 4.1 -0.96 0 0 -1 -1.48
cue meal|-2.48 0 -0.58 0 4.86 -1.8 -0.01
cue mind|-1.39 -1 -0.67 0 -1 5.03 -0.99
cue never|-1.31 -0.18 -0.08 -1 0 2.98 -0.42
cue no x|-0.9 0 1.89 0 0 -0.99 0
cue not a fan|-1 0 2.72 -0.72 0 0 -1
cue of the year|0 -0.99 0 0 0 -0.57 1.56
cue or something|-0.12 0.97 1.23 -1.72 0.1 0.03 -0.49
cue or start|-0.5 0 1.71 -0.72 0 0 -0.49
cue question|-0.66 0 -0.74 0 0 -0.34 1.75
cue secret|0 0 -0.73 0 -0.99 2.71 -0.98
cue serve with|-2.09 0.83 -1.16 -0.88 4.83 0.32 -1.86
cue shown on|-2.29 0 0 0 0 3.12 -0.83
cue sometimes|-1.98 -1 4.46 0 0 -0.65 -0.82
cue splits|-1.49 0 0 2.22 0 -0.74 0
cue stored|-1.13 3.26 0 0 0 -0.74 -1.39
cue too|-1.9 -1 -0.75 3.64 0 0.74 -0.73
cue we past|-2.85 0.05 0.16 0 -0.01 0.15 2.51
cue why|1.1 -1.76 -0.66 -1 0 2.47 -0.15
cue will look|-2.42 -0.83 0.01 -0.74 0 5.45 -1.47
cue you will|4.27 0 -0.66 0 -1.99 0.66 -2.28
first add|1.99 0 0 -1.99 0 0 0
first allergens|0 0 0 0 -0.91 0.91 0
first any|-0.99 0.99 0 0 0 0 0
first best|-0.91 0 0 0 0 0.91 0
first bring|0.99 0 0 0 0 0 -0.99
first can|0 0.57 -0.15 0 0.15 -0.25 -0.32
first chop|1.3 0 0 0 0 -1.3 0
first core|-1.23 0 0 0 0 1.23 0
first dill|2 0 0 0 0 -2 0
first discard|-0.58 0.58 0 0 0 0 0
first do|-0.83 0 0 -1 0 1.83 0
first don't|-1.66 0.74 -0.91 0 0 2.25 -0.42
first dress|0.63 -0.63 0 0 0 0 0
first dressing|2.31 0 -1.98 0 0 -0.33 0
first eat|2.27 -0.07 0 0 -1.29 0 -0.91
first edit|-0.58 0 0 0 0 0 0.58
first everything|2.48 0 0 -1.32 0 -1.16 0
first for|0.24 -1.15 0 0 0.91 0 0
first from|-0.88 0 0 0 0 -1.31 2.19
first good|-1.64 0 0 0 1.64 0 0
first heat|2 0 -2 0 0 0 0
first herbs|0.35 0 0 0 0 1.15 -1.49
first hold|-1 1 0 0 0 0 0
first i|-0.99 -1 0.23 0 1 0.66 0.1
first if|-1.4 -1 -0.75 4.14 0 0 -1
first in|1.97 0 0 0 0 -1.97 0
first it|-1.99 1.03 0 -0.74 1 0.6 0.1
first it'll|0 0 0 0 0 0.49 -0.49
first it's|-0.58 0 0 0 0.58 0 0
first keeps|-1.83 1.83 0 0 0 0 0
first let|1.11 -1.76 0 0 0 0 0.65
first lovely|-0.99 0 0 0 0.99 0 0
first may|0 0 -0.99 0 0 0.99 0
first my|0 -0.57 0.65 0 0 0 -0.08
first nice|0 0 -0.83 0 0.83 0 0
first no|-0.9 0 1.89 0 0 -0.99 0
first not|0 0.9 0 0 0 -0.9 0
first oil|-0.58 0 0 0 0 0.58 0
first or|-0.5 0 1.71 -0.72 0 0 -0.49
first pairs|0 0 -0.33 0 0.33 0 0
first peel|1.82 0 0 0 0 -1.82 0
first portion|0.68 0 0 0 0 -0.68 0
first presentation|-0.16 0 0 0 0 0.16 0
first say|-0.83 0 0 0 0 0 0.83
first serve|1.47 0 0 0 -1.47 0 0
first should|0 0 0 0.74 0 -0.74 0
first shred|1.17 -1.17 0 0 0 0 0
first some|0 0 0.83 0 0 -0.83 0
first store|0.1 1.23 0 0 0 -1.33 0
first suitable|0 0 0 0 -0.25 0.97 -0.72
first taste|1.96 0 0 0 0 -1.96 0
first tell|0 0 -0.74 0 0 0 0.74
first that|0 0 0 0 -0.51 0.99 -0.49
first that's|-0.64 0 0 -0.92 0 0.97 0.59
first the|-1.8 1.49 -0.89 0 -0.83 1.79 0.24
first this|0 0 -0.73 0 0 1.87 -1.14
first too|-0.92 0 0 0.92 0 0 0
first use|0 0.99 0 0 0 0 -0.99
first we|-0.06 0.05 0 0 -0.01 0 0.02
first when|0.31 0 0 0.66 0 -0.98 0
first you|0.16 0.88 -0.04 0 0 -0.84 -0.16
long|1.76 -2.76 0.33 0 0 0.66 0
number|0.27 2.56 -2 1 -1.22 -0.03 -0.58
pair a bit|-0.66 0 0 0.66 1 0 -1
pair a bowl|1.32 0 0 -1.32 0 0 0
pair a cool|-1.49 1.49 0 0 0 0 0
pair a good|1.83 -1 1.99 0 -1.83 -0.99 0
pair a jar|1.98 0 -1.98 0 0 0 0
pair a knife|1.82 0 0 0 0 -1.82 0
pair a tray|2 0 -2 0 0 0 0
pair a week|-0.57 2.32 0 0 -0.83 0 -0.91
pair add a|-1.83 0 0 0.92 0.91 0 0
pair add the|0 0 -0.91 0 0 0.91 0
pair an egg|0 0 0 0 0.49 0 -0.49
pair an hour|0 0.97 0 0 0 -0.97 0
pair and bring|-2.57 0 0 0 0 -0.97 3.54
pair and it|-0.88 0.39 0 0 0 0 0.49
pair and oil|2.14 -1.15 0 0 0 0 -0.99
pair and serve|-1.31 1.31 0 0 0 0 0
pair and slice|1.99 0 0 0 -1.99 0 0
pair and tear|1.82 0 0 0 0 -1.82 0
pair as well|-0.5 0 0.5 0 0 0 0
pair as you|1.81 -1.17 0 0 0 0 -0.64
pair at once|0 0 0 0.74 0 -0.74 0
pair at the|1.49 0 0 0 0 0 -1.49
pair before the|-0.91 0 0 0 0 0.91 0
pair bit of|0.66 0 0 -0.66 1 0 -1
pair bring the|-0.59 0 0 0 0 0 0.59
pair but not|1.08 0 0 0 0 -1.08 0
pair but the|-1 1 0 0 0 0 0
pair but then|0 -0.99 0.99 0 0 0 0
pair chop the|1.3 0 0 0 0 -1.3 0
pair cold water|2.63 -1.33 0 0 0 -1.31 0
pair creme fraiche|0 0 0.65 0 0 0 -0.65
pair cut it|-0.74 0 0 0 0 0.74 0
pair days in|-1 1 0 0 0 0 0
pair discard after|-0.58 0.58 0 0 0 0 0
pair do it|0 0 0.49 0 0 0 -0.49
pair do not|-0.83 0 0 -1 0 1.83 0
pair do the|0 1.96 -0.96 0 0 -1 0
pair don't skip|-0.67 0 0 0 0 0.67 0
pair dress it|1.16 0 0 0 0 0 -1.16
pair dress the|1.94 -1.94 0 0 0 0 0
pair dressing on|-0.65 0 0 0 0 0.65 0
pair everything in|3.3 0 -1.98 -1.32 0 0 0
pair everything together|1.16 0 0 0 0 -1.16 0
pair fine as|0.67 -1.17 0.5 0 0 0 0
pair five days|-0.99 0.99 0 0 0 0 0
pair five minutes|1.99 0 0 -1.99 0 0 0
pair for a|-0.91 0.83 0 0 0.08 0 0
pair for five|-0.99 0.99 0 0 0 0 0
pair for the|2.65 -1.97 0 -1.99 0 0 1.31
pair for two|-0.06 0.06 0 0 0 0 0
pair for up|-0.57 0.57 0 0 0 0 0
pair going to|1.99 0 0 0 -1.99 0 0
pair good for|0 0.83 0 0 -0.83 0 0
pair good with|-1.64 0 0 0 1.64 0 0
pair grate the|1.17 -1.17 0 0 0 0 0
pair half the|-1 0 1 0 0 0 0
pair heat the|2 0 -2 0 0 0 0
pair hour or|0 0.97 0 0 0 -0.97 0
pair i'd use|-1 0 1 0 0 0 0
pair if the|-0.66 -0.92 -0.08 1.65 0 0 0
pair if you|-1.49 0.97 1.03 0.83 0 -1 -0.34
pair in a|0.27 0.16 0.01 -0.67 0 0.22 0
pair in it|0 -0.99 0.99 0 0 0 0
pair in min|1.47 0 0 0 0 0 -1.47
pair in the|0.11 -0.26 0 0 0 0 0.16
pair in with|3.62 0 0 -1.66 0 -1.97 0
pair is the|-0.66 0 0 0 -0.99 1.66 0
pair it boil|-0.74 0 0 0 0 0.74 0
pair it every|0 -0.57 0 0 0 0 0.57
pair it goes|0 0 -0.74 0 0 0 0.74
pair it is|-0.49 0 0 0 0 0 0.49
pair it it|0 0 0 0 0 0.83 -0.83
pair it keeps|0 0.91 0 0 0 0 -0.91
pair it off|-0.83 0 0 0.83 0 0 0
pair it on|0 0 0.49 0 0 0 -0.49
pair it really|1.99 0 0 -0.92 -1.99 -0.32 1.24
pair it should|1.96 0 0 0 0 -1.96 0
pair it sit|1.76 -1.76 0 0 0 0 0
pair it wants|-1 0.97 0 0 1 -0.97 0
pair it was|-0.88 0.88 0 0 0 0 0
pair it will|-1 1 0 -0.74 0 0.74 0
pair it with|0 0 1.71 0 0.07 -0.74 -1.05
pair its own|-0.66 0 0 0.66 0 0 0
pair juice and|1.15 -1.15 0 0 0 0 0
pair just before|1.94 -1.94 0 0 0 0 0
pair keep for|-1 1 0 0 0 0 0
pair keep it|0 1.96 -0.96 0 0 -1 0
pair keeps for|-1.82 1.82 0 0 0 0 0
pair last of|0.33 0 0 0 0 -0.33 0
pair leave out|0 -0.99 0.99 0 0 0 0
pair lemon juice|1.15 -1.15 0 0 0 0 0
pair lemon over|1.83 0 0 0 -1.83 0 0
pair lemon zest|0 0 1 0 0 0 -1
pair let it|1.02 -1.76 0 0 0 0.74 0
pair like that|0 0 -1 0 1 0 0
pair line a|2 0 -2 0 0 0 0
pair make the|1.33 0.91 0 0 0 -1.33 -0.91
pair may be|-0.82 0 0.82 0 0 0 0
pair may contain|0 0 -0.99 0 0 0.99 0
pair mins turning|1.64 0 0 0 0 -1.64 0
pair next day|-0.58 0 0 0 0.58 0 0
pair nice with|0 0 -0.83 0 0.83 0 0
pair night before|0 1.96 -0.96 0 0 -1 0
pair not let|-0.83 0 0 0 0 0.83 0
pair of lemon|1.83 0 1 0 -1.83 0 -1
pair off the|1.8 0 0 -0.83 0 -0.98 0
pair oil to|0.99 0 0 0 0 0 -0.99
pair on the|0.58 -1 0.49 0 0 1.41 -1.47
pair on toast|0 0 0 0 0.49 0 -0.49
pair on top|0.33 0 0 0 0 -0.33 0
pair one for|0 0.9 0 0 0 -0.9 0
pair onion and|1.99 0 0 0 -1.99 0 0
pair or it|-1.31 2.28 0 0 0 -0.97 0
pair or the|0 0 -0.33 -1 0.33 1 0
pair out the|0 -0.99 0.99 0 0 0 0
pair oven to|2 0 -2 0 0 0 0
pair over the|2 0 0 0 0 -2 0
pair pairs with|0 0 -0.33 0 0.33 0 0
pair peel them|1.82 0 0 0 0 -1.82 0
pair portion into|1.99 0 0 0 0 -1.99 0
pair serve with|1.47 0 0 0 -1.47 0 0
pair shake everything|1.98 0 -1.98 0 0 0 0
pair should be|1.39 0 0 0 0 -1.39 0
pair shred the|1.17 -1.17 0 0 0 0 0
pair start with|0.64 0 0 0 0 0 -0.64
pair store in|-1.23 1.23 0 0 0 0 0
pair sugar and|0.99 0 0 0 0 0 -0.99
pair suitable for|0 0 0 0 -0.25 0.97 -0.72
pair take the|1.64 0 0 0 0 0 -1.64
pair ten minutes|0 0 -1 1 0 0 0
pair the apple|0 0 0 0 0 0.66 -0.66
pair the apples|0 -1 1.99 0 0 -0.99 0
pair the beans|0 0 -1 1 0 -0.57 0.57
pair the beetroot|0.98 0 0 0 0 -0.98 0
pair the boil|0.99 0 0 0 0 0 -0.99
pair the butter|1.66 0 0 -1.66 0 0 0
pair the cabbage|1.17 0.8 -0.96 0 0 -1 0
pair the carrots|1.17 -1.17 0 0 0 0 0
pair the chickpeas|1.97 0 0 0 0 -1.97 0
pair the day|0 0.57 0 0 0 0 -0.57
pair the dressing|-0.79 -0.5 0 0.66 0 0.63 0
pair the eggs|1.31 0 0 0 0 -1.31 0
pair the fridge|0.76 -0.26 0 0 0 0 -0.5
pair the garlic|-1 0 1 0 0 0 0
pair the heat|2.79 0 0 -0.83 0 -1.97 0
pair the herbs|1.82 0 0 0 0 -1.82 0
pair the jar|-0.75 0 0 0 0 0 0.75
pair the last|1.99 0 0 -1.99 0 0 0
pair the leaves|-0.64 1 0 -1 0 0.65 0
pair the little|-0.75 0 0 0 0 0 0.75
pair the next|-0.58 0 0 0 0.58 0 0
pair the night|0 1.96 -0.96 0 0 -1 0
pair the oil|-1.21 0 0 0 0 1.86 -0.65
pair the onions|0.64 0 0 0 0 0 -0.64
pair the oven|2 0 -2 0 0 0 0
pair the parsley|1.3 0 0 0 0 -1.3 0
pair the paste|0 0.91 0 0 0 0 -0.91
pair the rest|-0.88 0.88 0 0 0 0 0
pair the salt|-0.66 -0.99 -0.67 0.75 0 1.58 0
pair the same|0 0.83 0 0 0 -0.83 0
pair the secret|0 0 0 0 -0.99 0.99 0
pair the seeds|-0.91 0 0 0.74 0 0.17 0
pair the skins|0.98 0 0 0 0 -0.98 0
pair the spinach|1.94 -1.94 0 0 0 0 0
pair the top|2 0 0 0 0 -2 0
pair the vinegar|0.99 0 0 0 0 0 -0.99
pair the water|-0.66 0 0 0 0 0.66 0
pair them and|1.82 0 0 0 0 -1.82 0
pair them out|0 0 0 0.74 0 -0.74 0
pair them up|1.82 0 0 0 0 -1.82 0
pair then leave|0 -0.99 0.99 0 0 0 0
pair then the|1.82 0 0 0 0 -1.82 0
pair this year|0 0 0 0 0 -0.57 0.57
pair time to|0 0 -0.66 0 0 0.66 0
pair to a|-0.57 0.57 0 0 0 0 0
pair to c|2 0 -2 0 0 0 0
pair to the|0.24 -1 1.99 0 0 -0.99 -0.24
pair toast with|0 0 0 0 0.49 0 -0.49
pair too much|0 -0.83 0 0 0 0.83 0
pair two days|-1.88 1.88 0 0 0 0 0
pair two hours|1.76 -1.76 0 0 0 0 0
pair up to|-0.57 0.57 0 0 0 0 0
pair use within|-1 1.99 0 0 0 0 -0.99
pair vinegar sugar|0.99 0 0 0 0 0 -0.99
pair we did|-1.48 -0.83 0 0 -0.24 0 2.55
pair we do|0 0 -0.92 0 0 0 0.92
pair we had|0 0 0 0 0.23 0 -0.23
pair we were|0 0 -0.66 0 0 0.66 0
pair when the|0.31 0 0 0.66 0 -0.98 0
pair while you|1.33 0 0 0 0 -1.33 0
pair whisk in|-0.66 0 0 0.66 0 0 0
pair will do|0 0 0.98 0 0 -0.98 0
pair will keep|-1 1 0 0 0 0 0
pair with a|-1.15 0 -1 0 1 1.15 0
pair with an|0 0 0 0 0.49 0 -0.49
pair with chips|-0.73 0 0 0 0.73 0 0
pair with cold|1.47 0 0 0 -1.47 0 0
pair with lime|0 0 0.88 0 0 0 -0.88
pair with the|2.47 -0.83 -0.33 -1.66 0.09 -0.99 1.24
pair with your|1.82 0 0 0 0 -1.82 0
pair within an|0 0.97 0 0 0 -0.97 0
pair you can|1.17 -0.2 0.03 0 0 -1 0
pair you could|-0.5 -0.92 1.41 0 0 0 0
pair you keep|0 1.96 -0.96 0 0 -1 0
pair you want|0 -0.99 0.01 0 0 1.14 -0.16
pair your fingers|1.82 0 0 0 -1 -0.82 0
short|1.23 -0.23 0.47 -0.68 -0.91 0.04 0.07
word a|2.05 1.22 0 0.91 -0.1 -2.01 -2.07
word add|-0.75 -1 0.83 -0.08 0.91 0.08 0
word after|-0.58 0.58 0 0 0 0 0
word again|0 0 0 0.74 0 -0.74 0
word ahead|-0.66 1.57 0 0 0 0 -0.91
word all|0.33 0 0 0 0 -0.33 0
word allergens|0 0 0 0 -0.91 0.91 0
word an|-1.49 1.54 0 -0.88 2.28 -0.97 -0.49
word and|3.52 1.2 -2 1.72 -1.08 -5.5 2.13
word another|-1 0 0 1 0 0 0
word any|-0.99 0.99 -0.66 0 0 0.66 0
word apple|0 0 0 0 0 0.66 -0.66
word apples|0 -1 1.99 0 0 -0.99 0
word are|0 -1 0.99 1 0 -0.99 0
word as|0.49 -1.17 -0.42 0 0.64 0.18 0.27
word ask|0 -0.57 0 0 0 -0.58 1.15
word at|0.91 0 0 0 0 0.58 -1.49
word avocado|-0.74 0 0 0 0 0.74 0
word back|0.39 0 0 0 0 -1.97 1.57
word be|-1.66 0.66 0.82 0 0 0.68 -0.49
word beans|0.98 0 -1.66 0.02 0 0.09 0.57
word because|0 0 -0.66 0 0 0 0.66
word beetroot|0.98 0 0 0 0 -0.98 0
word before|1.03 0.59 -0.96 0 0 -1.01 0.34
word best|-1.9 0 0 0 0 -0.08 1.98
word bit|0.66 0 -0.73 -0.66 1 0.73 -1
word boil|0.24 0 0 0 0 0.74 -0.99
word bowl|1.32 0 0 -1.32 0 -0.65 0.65
word bread|0.16 0 -0.15 0 1.15 -1.16 0
word bring|-1.58 0 0 0 0 -0.97 2.55
word brown|-1.58 0 -0.99 0.83 0 1.73 0
word bruise|-1.15 0 0 -1 0 2.15 0
word but|0.09 -1.74 0.99 0 0 0.66 0
word butter|1.66 0 0 -1.66 0 0 0
word c|-0.23 1 -2 0 0 1.23 0
word cabbage|1.17 0.8 -0.96 0 0 -1 0
word can|0.51 1.03 -0.12 0 0.15 -1.25 -0.32
word can't|0 0 1 0 0 -0.66 -0.34
word capers|-0.91 0 0.91 0 0 0 0
word careful|0 0 -0.67 0 0 0.67 0
word carrots|1.17 -1.17 0 0 0 0 0
word catch|0 0 0 0.74 0 -0.74 0
word cheese|1.82 0 0 0 0 -1.82 0
word chicken|-0.91 0 0 0 0.91 0 0
word chickpeas|3.96 0 0.72 -2.72 0 -1.97 0
word children|-0.91 -0.57 0 0 0 0 1.48
word chill|4.29 -1.8 0 0 0 -2.49 0
word chips|-0.73 0 0 0 0.73 0 0
word chop|1.3 0 0 0 0 -1.3 0
word chopped|-0.99 -1 1.99 0 0 0 0
word cloth|1.33 0 0 0 0 -1.33 0
word cold|3.19 0.63 -0.96 0 -0.56 -2.31 0
word colour|-1.78 0 -1 0 0 3.76 -0.98
word contain|0 0 -0.99 0 0 0.99 0
word cook|0 0 0 -0.5 0 0.5 0
word cool|-0.51 1.49 0 0 0 -0.98 0
word core|-1.23 0 0 0 0 1.23 0
word could|-0.5 -0.92 1.41 0 0 0 0
word cream|-0.82 0 1.81 0 0 -0.99 0
word creme|0 0 0.65 0 0 0 -0.65
word cut|-0.74 0 0 0 0 0.74 0
word damp|1.33 0 0 0 0 -1.33 0
word day|-1.23 2.06 0.49 0 0.58 -0.83 -1.06
word days|-3.86 4.36 0 0 0 0 -0.5
word did|-1.48 -0.83 0.82 0 -0.24 0 1.73
word dill|1.1 0 0.9 0 0 -2 0
word dip|0 0 0 0 0 -0.25 0.25
word discard|-0.58 0.58 0 0 0 0 0
word dish|-0.83 0 0 0 0 0 0.83
word do|-0.83 1.96 -0.41 -1 0 -0.16 0.43
word does|0 0.89 1.89 0 -0.16 -0.74 -1.89
word don't|-1.66 0.74 -0.08 0 0 1.42 -0.42
word done|0 0 0 0 0 -0.91 0.91
word down|1.16 -0.82 0 0 0 0 -0.34
word dress|0.8 -0.63 0 0.98 0 0 -1.16
word dressing|0.53 0.49 -1.98 0.66 0 0.3 0
word dry|-0.66 0.66 0 0 0 0 0
word each|0.85 -1.76 0 0 0.91 0 0
word eat|2.27 0.76 -0.15 0 -1.14 -0.83 -0.91
word eating|1.94 -0.97 0 0 0 -0.97 0
word edit|-0.58 0 0 0 0 0 0.58
word egg|-0.91 0 0 0 0.49 0.91 -0.49
word eggs|1.31 0 0 0 0 -1.31 0
word every|0 -1.57 0 0 0 0 1.57
word everybody|1.16 0 0 0 0 0 -1.16
word everything|4.46 0 -1.98 -1.32 0 -1.16 0
word feta|0 -0.99 3.05 0 0 -0.32 -1.73
word fine|-0.21 -0.29 0.5 0 0 0 0
word fingers|1.82 0 0 0 -1 -0.82 0
word first|1.64 0 0 -0.74 0 0.74 -1.64
word fish|-0.91 0 0 0 0.91 0 0
word five|1 0.99 0 -1.99 0 0 0
word flatbreads|-0.99 0 0 0 0.99 0 0
word for|-0.58 0.81 1 -1.99 0.75 -0.49 0.49
word fraiche|0 0 0.65 0 0 0 -0.65
word freeze|0 1.63 0 0 0 -0.74 -0.89
word fridge|0.76 -0.26 0 0 0 0 -0.5
word from|-1.79 0 0 0 0 -0.66 2.45
word g|-2.13 -1 0 1 0 2.95 -0.83
word garlic|-1 0 1.83 0 0 -0.83 0
word get|0.93 -1.76 1 0.83 0 0 -1
word give|0 0 -1 1 0 0 0
word given|0 0 -0.66 0 0 0.66 0
word go|-0.98 0 0 0 0 0.98 0
word goes|-0.74 0 -0.74 0 0 0.74 0.74
word going|0.27 0 0 1.72 -1.99 0 0
word good|0.51 -0.17 1.99 -1.32 -0.01 -0.99 0
word grate|1.17 -1.17 0 0 0 0 0
word great|-0.58 0 0 0 1.5 0 -0.92
word grilled|-0.91 0 -1 0 1.91 0 0
word had|0 0 0 0 0.23 -1 0.77
word half|-1.33 1.24 1 0 0 0 -0.91
word halloumi|0 0 0 0 0.23 0 -0.23
word has|-1 -0.49 0 0 0 1 0.49
word have|0 0 0.72 -0.72 0 -0.57 0.57
word heat|4.79 0 -2 -0.83 0 -1.97 0
word herbs|2.17 0 0 0 0 -0.68 -1.49
word hold|-1 1 0 0 0 0 0
word honey|0.15 -1.15 1 0 0 0 0
word hope|0 0 -0.92 0 0 0 0.92
word hot|-1.57 0 0 0 0 1.57 0
word hour|-0.33 2.21 0 0 0 -0.97 -0.91
word hours|1.18 -0.19 0 0 0 0 -0.99
word i|-0.99 -1 1.06 0 1 -0.83 0.76
word i'd|-1 0.91 1 0 0 0 -0.91
word if|-3.63 -0.94 2.41 4 0 -1 -0.83
word important|0 0 -0.73 0 0 1.71 -0.98
word in|4.02 -0.52 1 -2.33 0 -1.74 -0.44
word instead|-0.99 -1 1.99 0 0 0 0
word into|1.99 0 0 0 0 -1.99 0
word is|-1.73 -0.92 1.08 1.55 -0.66 0.68 0
word it|-2.18 2.67 0.34 -0.82 -0.93 0.29 0.62
word it'll|0 0 0 0 0 0.49 -0.49
word it's|-0.58 0 0.49 0 0.58 0.91 -1.4
word its|-1.3 0 0 0.66 0 2.12 -1.48
word jar|1.23 0 -1.98 0 0 0 0.75
word juice|1.15 -1.15 0 0 0 0 0
word just|1.05 -1.94 0 0.89 0 0 0
word kale|0 -0.92 0.92 0 0 0 0
word keep|-1.89 2.96 -0.96 0.89 0 -1 0
word keeps|-2.82 3.73 0 0 0 0 -0.91
word knife|0.67 0 0 0 0 -0.67 0
word know|1.11 -1.76 0 0 0 0 0.65
word last|3.9 -0.83 -1.17 -1.99 -0.24 -0.74 1.07
word leave|0 -0.99 0.99 0 0 0 0
word leaves|1.34 1 -1.99 -1 0 0.65 0
word lemon|2.98 -1.15 1 0 -1.83 0 -1
word lentils|1.33 -1.33 0 0 0 0 0
word let|-0.47 -1.76 0 0 0 1.57 0.65
word like|0 -0.83 -1 0 1 0.83 0
word lime|0 0 0.88 0 0 0 -0.88
word line|2 0 -2 0 0 0 0
word little|-0.75 0 0 0 0 0 0.75
word longer|0 0 0 0 0 1.14 -1.14
word looking|-0.89 0 0 0.89 0 0 0
word love|-0.75 0 0 0 0 0 0.75
word lovely|-0.99 0 0 0 0.99 0 0
word mackerel|0 0 -1 0 1 0 0
word made|-0.66 0.66 0 0 0 0 0
word main|-0.91 0 0 0 0.91 0 0
word make|1.33 1.48 0 0 0 -1.33 -1.48
word maple|-1 0 1 0 0 0 0
word mash|-0.66 0 0 0.66 0 0 0
word max|0 0.5 0 0 0 0 -0.5
word may|-0.82 0 -0.17 0 0 0.99 0
word me|-1.57 0 -0.74 0 0 0.89 1.42
word milk|-0.58 0 0 0.58 -0.91 0.91 0
word min|1.48 -0.01 0 0 0 0 -1.47
word mins|1.64 0 0 0 0 -1.64 0
word minutes|3.3 0 -1 -0.99 0 -1.31 0
word more|0 -1 -0.75 2.48 0 0 -0.73
word mother|-0.83 0 0.65 0 0 0 0.17
word much|0 -0.83 -0.92 0 0 0.83 0.92
word must|-1.81 0 0 0 0 1.81 0
word mustard|0 0 0 0 -0.91 0.91 0
word my|1.99 -0.57 0.65 0 -1.99 -0.65 0.57
word never|1.82 -0.91 0 0 0 -0.91 0
word next|-1.58 0 0 0 1.58 0 0
word nice|0 0 0.07 0 0.67 -0.74 0
word night|0 1.96 -0.96 0 0 -1 0
word no|-0.9 0.91 3.13 0 0 -1.31 -1.83
word not|-0.73 1.79 -1.65 -1 0 2.47 -0.89
word nuts|-0.9 -0.33 0 0 0 1.23 0
word of|1.25 0 -1.17 0.91 -0.19 0.68 -1.49
word off|1.8 0 0 -0.83 0 -0.98 0
word oil|1.99 -1.98 0 0 0 1.63 -1.64
word ok|-0.58 0.5 0 0 0 0 0.08
word olives|0 0 1.23 0 0 -0.32 -0.91
word on|1.4 -1.49 0.49 0 0.49 -0.56 -0.33
word once|0 0 0 0.74 0 -0.74 0
word one|1.66 0.9 0 0 0 -2.56 0
word onion|1.99 0 0 0 -1.99 0 0
word onions|0.64 0 0 0 0 0 -0.64
word or|-0.12 0.97 1.23 -1.72 0.1 0.03 -0.49
word out|0.97 -0.99 0.99 0.74 0 -0.07 -1.64
word oven|2 0 -2 0 0 0 0
word over|2.51 0 -1.99 0.98 -0.25 -1.25 0
word overnight|0.98 0 0 -0.98 0 0 0
word own|-0.66 0 0 0.66 0 0 0
word pairs|0 0 -0.33 0 0.33 0 0
word pan|-1 0 0 0 0 1 0
word parsley|0.4 0 0.9 0 0 -1.3 0
word past|0 -0.92 0.92 0 0 0 0
word paste|0 0.91 0 0 0 0 -0.91
word pear|-0.99 -1 1.99 0 0 0 0
word pears|0 -1 1.99 0 0 -0.99 0
word peel|3.13 0 0 0 0 -3.13 0
word people|0 -0.91 0.83 0 0 0.08 0
word per|-0.82 0 0 0 0 1.64 -0.83
word picked|-0.91 0 0 0 0 0.91 0
word place|-1.49 1.49 0 0 0 0 0
word portion|-0.13 0 0 0 0 0.96 -0.83
word potato|-0.49 0 0 0 0 0 0.49
word potatoes|0 0 -0.75 0.75 0 0 0
word pots|1.99 0 0 0 0 -1.99 0
word presentation|-0.16 0 0 0 0 0.16 0
word put|-0.99 -1.99 2.98 0 0 0 0
word re|-0.98 0 0 0.98 0 -0.58 0.58
word really|1 0.83 -0.73 -0.92 -1.99 0.57 1.24
word recipe|0 -0.82 0 0 0 -0.25 1.07
word rest|-0.88 0.88 0 0 0 0 0
word rice|-0.58 0 -0.15 0 0.73 0 0
word rinse|-0.98 0 0 0.98 0 0 0
word room|2.02 -1.31 0 0 -1.29 0.58 0
word rub|1 0 0 0 0 -1 0
word salad|-0.49 0 0 0 0 0 0.49
word salt|0.96 -0.99 -0.67 0.16 0 1.27 -0.73
word salted|-0.98 0 0 0.98 0 0 0
word salty|0.3 0 0 0 0 -0.3 0
word same|0 0.83 0 0 0 -0.83 0
word sauce|0 0.83 0 0 -0.83 0 0
word say|-0.83 -0.91 0 0 0 0.91 0.83
word secret|0 0 0 0 -0.99 0.99 0
word see|-1.83 0 0 0.83 0 -0.97 1.96
word seeds|1.08 0 -1.99 0.74 0 0.17 0
word serve|0.16 1.31 0 0 -1.47 0 0
word sesame|0 0 -0.99 0 0 0.99 0
word shake|1.98 0 -1.98 0 0 0 0
word should|0.4 0 0 0.74 0 -1.14 0
word shred|1.17 -1.17 0 0 0 0 0
word simmer|1.33 -1.33 0 0 0 0 0
word sit|1.76 -1.76 0 0 0 0 0
word size|-1.31 0 0 0 0 1.31 0
word skins|0.98 0 0 0 0 -0.98 0
word skip|-0.67 0 0 0 0 0.67 0
word slice|1.99 0 0 0 -1.99 0 0
word sliced|0.64 0 0 0 0 0 -0.64
word so|0.53 -1.76 0 0 0 0.74 0.49
word soak|0.98 0 -0.66 -0.98 0 0.66 0
word some|0 0 0.83 0 0 -0.83 0
word spinach|1.94 -1.94 0 0 0 0 0
word splits|-0.66 0 0 0.66 0 0 0
word spoons|-0.64 0 0 0 0 0.64 0
word spring|-0.88 0 0 0 0 0 0.88
word squash|1.64 0 0 0 0 -1.64 0
word squeeze|1.83 0 0 0 -1.83 0 0
word start|0.64 0 0 0.74 0 -0.74 -0.64
word steam|-0.5 0 0.5 0 0 0 0
word still|-0.88 0.88 -1 1 0 0 0
word store|0.1 1.23 0 0 0 -1.33 0
word sugar|0.07 0 0 0.92 0 0 -0.99
word suitable|0 0 0 0 -0.25 0.97 -0.72
word sunday|-0.99 0 0 0 0 -0.97 1.96
word swap|-1 0 1 0 0 0 0
word tahini|0 -0.17 0 1 -0.83 0 0
word take|3.63 0 0 0 -1.99 0 -1.64
word taste|1.96 0 0 0 0 -1.96 0
word tbsp|-0.91 0 0.91 0 0 0 0
word tear|1.82 0 0 0 0 -1.82 0
word tell|0 0 -0.74 0 0 0 0.74
word temp|1.37 -1.31 0 0 -1.29 1.23 0
word ten|0 0 -1 1 0 0 0
word than|0 0 0 0 0 1.14 -1.14
word that|0.6 0.5 -0.51 0 -1.34 1.47 -0.73
word that's|-1.14 0 0.5 -0.92 0 1.12 0.43
word the|3.7 -1.69 -0.47 -0.01 -1.15 0.2 -0.58
word them|0.32 0 -0.76 0.04 0 0.82 -0.42
word then|2.99 -2.16 0.99 0 0 -1.82 0
word there|-0.66 0 0 0 0 0.66 0
word they|-0.98 0 0 0 0 0.98 0
word thin|1.17 0 0 1.47 -1.99 0 -0.64
word this|-1.49 -0.83 -0.73 0 -0.24 1.06 2.23
word three|0 0 0 0 0 -1 1
word through|1 0 0 0 0 -1 0
word thursday|-0.67 0 0 0 0 0 0.67
word time|-1 0 1.16 0 0 0.66 -0.82
word tip|0 0 0 0.74 0 -0.74 0
word to|1.69 -1.36 -0.67 -0.88 0.8 -0.16 0.59
word toast|0 0 0 0 0.49 0 -0.49
word together|1.16 0 0 0 0 -1.16 0
word too|-0.92 -1.83 0.86 1.17 -0.16 1.74 -0.88
word top|2.32 0 0 0 0 -2.32 0
word toss|1.32 0 0 -1.32 0 0 0
word tray|5.11 0 -2 0 0 -1.64 -1.47
word trays|0 0 0 0 0 -0.58 0.58
word turning|1.64 0 0 0 0 -1.64 0
word two|-0.94 0.94 -0.66 0 0 0.66 0
word u|0 0 0.72 -0.72 0 -0.25 0.25
word up|1.25 0.57 0 0 0 -1.82 0
word use|-1.99 1.07 1.98 -0.72 0 0.66 -0.99
word used|0 0 0.65 0 0 0 -0.65
word using|0.98 0 0 -0.98 0 0 0
word vegan|-1 0 1 0 0 0 0
word very|1.49 0 0 0 0 0 -1.49
word vinegar|0.99 0 0 0 0 0 -0.99
word w|1.64 0 0 0 0 -1.64 0
word want|0 -0.16 0.01 0 0 0.31 -0.16
word wants|-1 0.97 0 0 1 -0.97 0
word warm|0.95 -1.31 0 0.66 -0.29 0 0
word was|-0.88 0.88 0 0 0 -0.65 0.65
word wash|0 -0.91 0 0 0 0.91 0
word water|0.65 -1.33 0 1.32 0 -0.64 0
word we|-0.73 0.05 -1.58 0 -0.01 0.66 1.61
word week|-0.57 1.74 0 0 -0.83 0 -0.34
word well|1.16 0.89 0.5 0 0 -1.66 -0.89
word were|0 0 -0.66 0 0 0.66 0
word wet|1.66 0 0 -0.74 0 -0.92 0
word what|0 0 0 0 0 0.16 -0.16
word when|1.47 0 0 0.66 0 -0.98 -1.16
word while|1.33 0 0 0 0 -1.33 0
word whisk|0.5 -1.15 0 0.66 0 0 0
word will|-1 1 0.98 -1.74 0 0.75 0
word with|2.39 -0.83 0.29 -1.08 2.8 -2.4 -1.17
word within|-2.64 5.52 0 0 0 -0.97 -1.91
word works|0 0 0.88 0 0 0 -0.88
word year|0 0 0 0 0 -0.57 0.57
word yoghurt|0 0 0.99 0 0 -0.99 0
word you|-0.33 -0.28 0.54 0.83 0 -2.99 2.23
word your|-0.4 -1 0 0 -1 1.55 0.84
word zest|0 0 1 0 0 0 -1
work add|1.99 0 0 -1.99 0 0 0
work brush|-0.58 0 0 0 0 0.58 0
work cut|1.23 -1.17 0 0 0 -0.06 0
work discard|-0.58 0.58 0 0 0 0 0
work handle|-0.4 -1 0 0 0 3.37 -1.97
work keep|-2.83 2.83 0 0 0 0 0
work mix|0.41 0 0 0.58 0 -1 0
work peel|1.82 0 0 0 0 -1.82 0
work rest|1.11 -1.76 0 0 0 0 0.65
work serve|2.15 0 0 0 -1.47 -0.68 0
work taste|1.96 0 0 0 0 -1.96 0
work toss|0.63 -0.63 0 0 0 0 0
work warm|2 0 -2 0 0 0 0
work whisk|-0.82 0 0.82 0 0 0 0
works 0|-2.99 -0.12 0.1 -1.43 1.88 -0.05 2.62
works 1|0.29 -0.43 0.54 -1.01 -0.56 2.24 -1.06
works 2|3.2 -0.78 -1.01 0.98 0 -0.25 -2.14
works 3|1.99 0 0 0 -1.99 0 0
`;
