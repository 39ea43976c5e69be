/** Written from corpus/roles.txt by npm run train. */
export const roleWeightsTable = `
any|2.86 -0.78 -1.17 -2.23 -0.45 1.57 0.21
asks|-0.99 0 1.02 2.54 0 -0.99 -1.57
begins i|0 -1 0.51 -0.7 0.71 0 0.48
begins it|-2.98 2.75 0 -0.96 1 1.17 -0.97
begins my|0 -0.87 0.95 0 0 0 -0.08
begins otherwise|-0.13 -0.35 0.79 0.49 -0.85 0.38 -0.33
begins that|0.8 0 0 0 0.85 -1.66 0
begins this|-0.95 0 -0.95 0 0 2.74 -0.84
begins we|0 0.01 0 0 0.39 -0.46 0.06
begins with work|7.93 -2.31 -2.51 -1.05 -1.78 -1.17 0.9
begins you|-0.03 0.99 0.03 0 0 -0.98 0
calls|-1.99 0 0 0 0 1 0.99
cue after work|-1.35 2.45 0 0 0 -0.92 -0.18
cue allergens|-1 0 1.08 0 0 1.87 -1.96
cue could|-1.61 0.01 3.6 0 0 -1 -1
cue drop in|2.66 -0.93 -1.99 0.48 -0.04 -0.17 0
cue hope|-1.87 0 0 0 -1.96 -0.96 4.79
cue i|-2.8 -0.88 3.02 -0.7 -1.28 -0.12 2.77
cue if it|-2.69 -1.98 -0.14 6.63 0 0 -1.82
cue instead|-3.66 -2 9.41 -1.91 0 -0.84 -1
cue keeps|-5.81 9.39 -0.98 -0.96 0.21 -0.87 -0.99
cue loosen|-0.86 0 0 3.65 0 -1.83 -0.96
cue made ahead|-0.99 2.92 0 0 0 -1.94 0
cue meal|-2.88 -0.69 1.78 -1.91 3.99 -0.98 0.69
cue mind|-2.46 -1 0 -0.81 -1 5.26 0
cue never|-2.7 0.82 0.55 -1 0 4.02 -1.69
cue no x|0 0 1.98 0 0 -0.99 -0.98
cue not a fan|-1 0 3.88 -1.89 0 0 -1
cue or something|0.8 1.11 0.91 -1.96 1.67 -1.67 -0.86
cue or start|-0.71 0 2.53 -0.96 0 0 -0.86
cue question|-0.95 0 0 -0.88 0 0.13 1.7
cue serve with|-2.79 -0.25 0 0 6.58 -1.86 -1.68
cue sometimes|-1 -1 3.36 0 0 -0.81 -0.56
cue splits|-2.14 0 -0.97 4.08 0 0 -0.96
cue stored|-2.72 6.15 0 0 -0.87 -1.62 -0.95
cue too|-2.77 -1 -0.96 5.24 0 0.07 -0.59
cue until|0.91 0.05 0 -0.96 0 0 0
cue we past|-1.55 0.01 -0.44 0 0.39 -0.61 2.2
cue why|0.08 -1.98 0 -1.88 0 4.74 -0.96
cue will look|-1.86 -0.97 -0.96 -0.96 0 6.69 -1.94
cue you will|3.82 0 0 0 -1.99 -1.83 0
first add|1.99 0 0 -1.99 0 0 0
first all|1.8 -1.8 0 0 0 0 0
first any|0 0 0 0 0 -0.96 0.96
first best|-1.59 3.18 0 0 -0.68 0 -0.91
first can|0 0.94 0 0 0 -0.94 0
first check|1.96 -1.96 0 0 0 0 0
first chill|1.71 -1.71 0 0 0 0 0
first core|-1.9 0 0 0 0 1.9 0
first dill|2 0 0 0 0 -2 0
first do|-0.82 -0.09 0 -1 0 1.91 0
first don't|-1 1.9 0 0 0 0.79 -1.69
first dress|-0.07 0.07 0 0 0 0 0
first eat|2.58 0.95 -1.62 0 0 -1.91 0
first everything|3.76 0 0 -1.89 -1.87 0 0
first for|1.6 -0.69 0 0 1.67 -2.59 0
first from|-0.96 0 0 0 0 -0.93 1.89
first good|-0.98 0 0 0 1.86 -0.88 0
first grate|1.41 0 -1.41 0 0 0 0
first griddle|1.37 -1.37 0 0 0 0 0
first heat|2 0 -2 0 0 0 0
first herbs|0.33 0 0 0 0 1.58 -1.92
first i|0 -1 0.51 -0.7 0.71 0 0.48
first if|0.86 -2.14 -1.03 4.2 0 -0.89 -1
first it|-2.98 2.75 0 -0.96 1 1.17 -0.97
first it's|0 -0.93 0 0 0.93 0 0
first keeps|-1.97 1.97 0 0 0 0 0
first lay|1.89 -1.89 0 0 0 0 0
first let|0.14 -1.98 0 0 0 0 1.83
first lovely|-1.91 0 0 0 1.91 0 0
first my|0 -0.87 0.95 0 0 0 -0.08
first no|0 0 1.98 0 0 -0.99 -0.98
first not|-0.87 0.98 -0.98 0 0 0.87 0
first oil|-0.94 0 0 0 0 0.94 0
first or|-0.71 0 2.53 -0.96 0 0 -0.86
first pairs|-0.69 0 0 0 0.69 0 0
first say|-0.97 0 0 0 0 0 0.97
first serve|1.78 0 0 0 -1.78 0 0
first should|0 0 0 0.96 0 0 -0.96
first some|0 0 1.51 0 0 -1.51 0
first store|0.68 0.19 0 0 -0.87 0 0
first taste|1.94 0 0 0 0 -1.94 0
first that|0.8 0 0 0 0.85 -1.66 0
first that's|-0.73 -0.95 0 0 0 0.4 1.28
first the|-1.28 -0.26 -0.99 0 -0.73 4.16 -0.92
first this|-0.95 0 -0.95 0 0 2.74 -0.84
first too|-0.99 0 0 0.99 0 0 0
first we|0 0.01 0 0 0.39 -0.46 0.06
first when|0.17 0 0 0.78 0 -0.95 0
first whisk|1.84 0 0 0 0 -1.84 0
first you|-0.03 0.99 0.03 0 0 -0.98 0
long|1.98 -1.98 0 0 0 0 0
number|2.77 0.53 -0.09 -0.92 -1.09 -2.25 1.03
pair a bit|-1.6 0 0 1.85 1.7 -0.95 -1
pair a bowl|1.89 0 0 -1.89 0 0 0
pair a good|1.2 -1 1.77 0 -1.97 0 0
pair a paste|0 0 -0.96 0 0 0.96 0
pair a plate|1.74 0 0 0 0 -1.74 0
pair a tray|2 0 -2 0 0 0 0
pair a week|-2.77 4.36 0 0 -1.59 0 0
pair add a|-0.99 -0.69 0 0.99 1.67 -0.98 0
pair an egg|-0.85 0 0 0 0.85 0 0
pair an hour|1.71 -0.94 0 0 0 -0.77 0
pair and bring|-1.96 0 0 0 0 0 1.96
pair and oil|1.6 0 0 0 0 -1.6 0
pair and scatter|1.89 -1.89 0 0 0 0 0
pair and serve|-1.82 1.82 0 0 0 0 0
pair and slice|1.99 0 0 0 -1.99 0 0
pair and vinegar|1.84 0 0 0 0 -1.84 0
pair as well|-0.71 0 0.71 0 0 0 0
pair as you|1.83 0 0 0 0 -1.83 0
pair at c|0 0 0.93 -0.93 0 0 0
pair at once|0 0 0 0.96 0 0 -0.96
pair at the|1.92 0 0 0 0 0 -1.92
pair before the|-0.82 -0.96 0 0 0 1.78 0
pair before you|1.71 -1.71 0 0 0 0 0
pair best eaten|-0.98 1.66 0 0 -0.68 0 0
pair bit of|0.29 0 0 -0.04 1.7 -0.95 -1
pair bring the|-0.97 0 0 0 0 0 0.97
pair but not|1 0 0 0 0 -1 0
pair but the|-0.99 0.99 0 0 0 0 0
pair cold water|1.9 0 0 0 0 -1.9 0
pair creme fraiche|0 0 0.95 0 0 0 -0.95
pair cut it|-1.7 0 0 0 0 1.7 0
pair days in|-1 1 0 0 0 0 0
pair do not|-0.82 -0.09 0 -1 0 1.91 0
pair do the|0 1 0 0 0 -1 0
pair don't let|-0.89 0 0 0 0 0.89 0
pair don't skip|0 -0.67 0 0 0 1.4 -0.74
pair dress it|1.87 0 0 0 0 0 -1.87
pair dressing on|-1.77 0 0 0 -0.78 2.55 0
pair dressing over|1.3 0 0 -1.3 0 0 0
pair everything in|1.89 0 0 -1.89 0 0 0
pair everything together|1.87 0 0 0 -1.87 0 0
pair fine as|-0.71 0 0.71 0 0 0 0
pair five minutes|1.99 0 0 -1.99 0 0 0
pair for a|-0.98 1.02 0 0 0.94 -0.98 0
pair for minutes|1.37 -1.37 0 0 0 0 0
pair for the|2.69 0 0 -1.99 -0.98 -1.6 1.88
pair for two|0.01 -0.01 0 0 0 0 0
pair for up|-0.8 1.67 0 0 -0.87 0 0
pair goes in|1.66 0 0 0 0 -1.66 0
pair going to|1.99 0 0 0 -1.99 0 0
pair good for|0 0.73 0 0 -0.73 0 0
pair good with|-0.98 0 0 0 0.98 0 0
pair grate the|1.41 0 -1.41 0 0 0 0
pair griddle the|1.37 -1.37 0 0 0 0 0
pair half the|0.98 0 1 0 0 0 -1.98
pair heat the|2 0 -2 0 0 0 0
pair hot water|-0.94 0 0 0.94 0 0 0
pair hour before|1.71 -1.71 0 0 0 0 0
pair hour or|0 0.77 0 0 0 -0.77 0
pair i'd use|-1 0 1 0 0 0 0
pair if it|-0.94 0 0 0.94 0 0 0
pair if the|-0.81 -0.99 -0.01 1.81 0 0 0
pair if you|-3.11 2.85 0.95 -0.52 0 -1 0.83
pair in a|0.65 -1.5 1 -0.14 0 0 0
pair in min|1.85 -1.85 0 0 0 0 0
pair in the|0.08 1.39 0 0 -0.73 -1.66 0.92
pair in with|1.94 0 0 0 0 -1.94 0
pair it and|1.89 -1.89 0 0 0 0 0
pair it boil|-1.82 0 0 0 0 1.82 0
pair it goes|-0.94 0 0 0.94 0 0 0
pair it in|1.8 -1.8 0 0 0 0 0
pair it is|-0.98 1.66 0 0 -0.68 0 0
pair it keeps|-0.99 0.99 0 0 0 0 0
pair it off|-0.39 0 -0.97 1.36 0 0 0
pair it on|0 0 0.86 0 0 0 -0.86
pair it really|1.99 0 0 0 -1.99 -2.59 2.59
pair it should|1.94 0 0 0 0 -1.94 0
pair it sit|1.98 -1.98 0 0 0 0 0
pair it wants|-1 0.77 0 0 1 -0.77 0
pair it was|0 0.99 0 0 0 0 -0.99
pair it will|0.97 -0.97 0 -0.96 0 0.96 0
pair it with|0 -0.97 1.37 0 1.37 0 -1.76
pair its own|-0.66 0 0 1.61 0 -0.95 0
pair juice and|1.6 0 0 0 0 -1.6 0
pair keep for|-1.98 1.98 0 0 0 0 0
pair keep it|0 1 0 0 0 -1 0
pair keeps for|-0.97 0.97 0 0 0 0 0
pair last of|-0.92 0 0 0 0.92 0 0
pair lay the|1.89 -1.89 0 0 0 0 0
pair lemon juice|1.6 0 0 0 0 -1.6 0
pair lemon over|1.97 0 0 0 -1.97 0 0
pair lemon zest|0 0 1 0 0 0 -1
pair let it|0.15 -1.98 0 0 0 1.82 0
pair like that|0 0 -1 -0.7 1.7 0 0
pair line a|2 0 -2 0 0 0 0
pair lovely with|-0.92 0 0 0 0.92 0 0
pair make the|0.49 -0.49 0 0 0 0 0
pair may be|-0.9 0 0.9 0 0 0 0
pair mins turning|1.22 0 0 0 0 -1.22 0
pair more lemon|1.96 -1.96 0 0 0 0 0
pair next day|0 -0.93 0 0 0.93 0 0
pair night before|0 1 0 0 0 -1 0
pair of lemon|1.97 0 1 0 -1.97 0 -1
pair of the|-0.92 0.73 0 0 0.19 0 0
pair off the|2.38 0 -0.97 0.53 0 -1.94 0
pair oil and|1.84 0 0 0 0 -1.84 0
pair on a|0 0 -0.86 0 0 0 0.86
pair on it|1.89 -1.89 0 0 0 0 0
pair on the|-1.75 0.66 0.86 0 -0.68 1.77 -0.86
pair on toast|-0.85 0 0 0 0.85 0 0
pair onion and|1.99 0 0 0 -1.99 0 0
pair or it|-1.82 2.59 0 0 0 -0.77 0
pair or the|-0.69 0 0 -1 0.69 1 0
pair oven to|2 0 -2 0 0 0 0
pair over the|2 0 0 0 0 -2 0
pair pairs with|-0.69 0 0 0 0.69 0 0
pair peppers at|0 0 0.93 -0.93 0 0 0
pair roast the|0 0 0.93 -0.93 0 0 0
pair salted water|1.98 0 0 0 0 0 -1.98
pair scatter the|1.89 -1.89 0 0 0 0 0
pair seeds on|1.74 0 0 0 0 -1.74 0
pair serve with|1.78 0 0 0 -1.78 0 0
pair should be|1 0 0 0 0 -1 0
pair start with|1.83 0 0 0 0 -1.83 0
pair stir in|-0.94 0 0 0.94 0 0 0
pair ten minutes|0 0 -1 1 0 0 0
pair than you|1.96 -1.96 0 0 0 0 0
pair the apple|-0.95 0 0 0 0 0.95 0
pair the apples|0.63 -1 0.36 0 0 0 0
pair the beans|0 0 -1 1 0 0 0
pair the beetroot|0.83 0 0 -0.83 0 0 0
pair the butter|1.94 0 0 0 0 -1.94 0
pair the cabbage|0 1 0 0 0 -1 0
pair the carrots|1.89 -1.89 0 0 0 0 0
pair the day|-0.98 2.59 0 0 -0.68 -0.94 0
pair the dressing|1.77 -1.48 0 0.81 -0.78 1.65 -1.98
pair the eggs|1.9 0 0 0 0 -1.9 0
pair the fridge|-0.93 1.66 0 0 -0.73 0 0
pair the garlic|-1 0 1 0 0 0 0
pair the heat|1.55 0 -0.97 1.36 0 -1.94 0
pair the herbs|3.34 -1.96 0 0 0 -1.37 0
pair the jar|0 0.73 0 0 -0.73 0 0
pair the last|1.07 0 0 -1.99 0.92 0 0
pair the leaves|-0.22 -0.48 0 -1 0 1.7 0
pair the next|0 -0.93 0 0 0.93 0 0
pair the night|0 1 0 0 0 -1 0
pair the nuts|1 -0.04 0 -0.96 0 0 0
pair the oil|0.17 -0.95 0 0 0 2.09 -1.31
pair the olives|-0.87 0 0 0 0 0.87 0
pair the onions|1.83 0 0 0 0 -1.83 0
pair the oven|3.65 0 -2 0 0 -1.66 0
pair the paste|-0.99 0.99 0 0 0 0 0
pair the peppers|0 0 0.93 -0.93 0 0 0
pair the rest|0 0.99 0 0 0 0 -0.99
pair the salt|-0.95 0 0 0.01 0 0.94 0
pair the same|-0.97 0.97 0 0 0 0 0
pair the sauce|-0.98 0.98 0 0 0 0 0
pair the seeds|1.74 0 0 0.96 0 -1.74 -0.96
pair the skins|0.83 0 0 -0.83 0 0 0
pair the top|2 0 0 0 0 -2 0
pair the water|-0.95 0 0 -0.88 0 1.83 0
pair them out|0 0 0 0.96 0 0 -0.96
pair then the|3.34 -1.96 0 0 0 -1.37 0
pair to a|0.94 1.67 0 0 -0.87 -1.74 0
pair to c|2 0 -2 0 0 0 0
pair to the|-0.77 -1 1.77 0 0 0 0
pair toast with|-0.85 0 0 0 0.85 0 0
pair too much|-0.87 0 0 0 0 1.84 -0.97
pair toss with|1.98 0 0 0 0 0 -1.98
pair two days|-0.99 1.98 0 0 0 0 -0.99
pair two hours|1.98 -1.98 0 0 0 0 0
pair up to|-0.8 1.67 0 0 -0.87 0 0
pair we did|-0.95 0 0 0 -0.97 -0.46 2.39
pair week in|-0.98 1.71 0 0 -0.73 0 0
pair when the|0.17 0 0 0.78 0 -0.95 0
pair while you|1.48 -1.48 0 0 0 0 0
pair whisk in|-0.81 0 0 0.81 0 0 0
pair whisk the|1.84 0 0 0 0 -1.84 0
pair will keep|-1.98 1.98 0 0 0 0 0
pair with a|-1.58 0 -1 -0.7 1.7 1.58 0
pair with an|-0.85 0 0 0 0.85 0 0
pair with cold|1.78 0 0 0 -1.78 0 0
pair with half|1.98 0 0 0 0 0 -1.98
pair with lime|0 0 0.99 -0.99 0 0 0
pair with the|0.4 0 0 0 -0.15 -1.68 1.44
pair within an|0 0.77 0 0 0 -0.77 0
pair you can|0 1 0 0 0 -1 0
pair you could|-0.71 -0.99 1.7 0 0 0 0
pair you don't|-0.89 0 -0.96 0 0 1.85 0
pair you have|0 0 0.93 -0.93 0 0 0
pair you keep|-0.89 2.85 0 -0.96 0 -1 0
pair you want|0 0 -0.96 0 0 1.92 -0.96
short|0.4 2.14 -2.42 -0.24 -1.56 0.89 0.79
word a|-0.42 0.19 -1.04 1.75 -0.2 0.83 -1.1
word add|0.02 -1.68 2.49 -0.01 1.67 -2.49 0
word after|-2.25 3.18 0 0 0 0 -0.94
word again|0 0 0 0.96 0 -0.94 -0.03
word ahead|-0.99 0.99 0 0 0 0 0
word all|1.8 -1.8 0 0 0 0 0
word an|0.06 0.73 0 0 1.73 -1.75 -0.76
word and|2.17 0.92 -2 2.74 -1.01 -3.45 0.62
word another|-1 0 0 1 0 0 0
word any|0 0 0 0 0 -0.96 0.96
word apart|-0.89 1.85 0 -0.96 0 0 0
word apple|-0.95 0 0 0 0 0.95 0
word apples|0.63 -1 0.36 0 0 0 0
word are|-1.64 -1 0.77 1 0 0.87 0
word as|-0.76 0 0.71 0 -0.99 0.05 0.99
word ask|0 -0.87 0 0 0 -0.72 1.59
word at|0.98 0 0.93 -0.93 0 1.9 -2.88
word avocado|-1.7 0 0 0 0 1.7 0
word back|-0.97 0 0 0 0 0 0.97
word be|-1.83 0 0.9 0 0 0.93 0
word beans|3 -1.14 -1 -0.86 0 0 0
word beetroot|0.83 0 0 -0.83 0 0 0
word before|0.89 -0.73 0 0 0 -0.92 0.76
word best|-2.59 3.18 0 0 -0.68 0 0.09
word bit|0.29 0 0 -0.04 1.7 -0.95 -1
word boil|-0.73 0 0 0 0 2.71 -1.98
word bowl|1.89 0 -0.95 -1.89 0 -0.81 1.76
word bread|0.87 0 0 0 -0.87 0 0
word bring|-1.96 0 0 0 0 0 1.96
word brown|-2.09 0 -0.97 1.36 0 1.7 0
word bruise|-1.58 0 0 -1 0 2.58 0
word but|0 0.01 0 0 0 0.96 -0.97
word butter|1.94 0 0 0 0 -1.94 0
word c|-0.89 1 -1.07 -0.93 0 1.9 0
word cabbage|0 1 0 0 0 -1 0
word can|0 1.94 0 0 0 -1.94 0
word capers|-0.98 0 0.98 0 0 0 0
word careful|-1.69 0 0 -0.81 0 2.49 0
word carrots|1.89 -1.89 0 0 0 0 0
word catch|0 0 0 0.96 0 0 -0.96
word check|1.96 -1.96 0 0 0 0 0
word cheese|3.34 -1.96 0 0 0 -1.37 0
word chicken|-0.98 0 0 0 0.98 0 0
word chickpeas|1.99 0 0.96 -2.95 0 0 0
word children|-0.98 -0.87 0 0 0 -0.4 2.25
word chill|6.43 -1.71 -1.97 0 0 -1.52 -1.23
word chopped|0 -1 1 0 0 0 0
word cloth|1.48 -1.48 0 0 0 0 0
word cold|2.7 1 0 0 -0.8 -2.9 0
word colour|-1.88 0 -1 0 0 4.13 -1.26
word cook|-1.49 -0.78 -0.85 0 0 3.13 0
word cool|-0.14 0.97 0 -0.83 0 0 0
word core|-1.9 0 0 0 0 1.9 0
word could|-0.71 -0.99 1.7 0 0 0 0
word cream|-0.9 0 1.9 0 0 -0.99 0
word creme|0 0 0.95 0 0 0 -0.95
word cut|-1.7 0 0 0 0 1.7 0
word damp|1.48 -1.48 0 0 0 0 0
word day|-1.95 2.63 0.86 0 0.26 -0.94 -0.86
word days|-2.92 3.91 0 0 0 0 -0.99
word did|-0.95 0 1.37 0 -0.97 -0.46 1.02
word dill|2 0 0.98 0 0 -2 -0.98
word dish|-0.97 0 0 0 0 0 0.97
word do|-0.82 0.9 1.7 -1 -0.99 0.07 0.13
word does|-0.99 0.99 1 0 0 0 -1
word don't|-1.89 1.9 0.55 0 0 1.12 -1.69
word done|0 0 0 0 0 -0.76 0.76
word down|0.96 0 0 0 -0.98 0 0.01
word drain|1.98 0 0 0 0 0 -1.98
word dress|-0.8 -0.89 0 1.78 0 1.78 -1.87
word dressing|3.07 -1.48 0 -0.49 -0.78 1.65 -1.98
word each|1.98 -2.66 0 0 1.67 -0.98 0
word eat|3.32 0.21 -1.62 0 0 -1.91 0
word eaten|-0.98 1.66 0 0 -0.68 0 0
word eating|0 0.77 0 0 0 -0.77 0
word egg|-0.85 -0.69 0 0 2.52 -0.98 0
word eggs|1.9 0 0 0 0 -1.9 0
word everybody|1.87 0 0 0 0 0 -1.87
word everything|3.76 0 0 -1.89 -1.87 0 0
word feta|0 0 2.35 0 0 0 -2.35
word fine|-0.71 0.99 0.71 0 0 0 -0.99
word first|-0.61 1.53 -0.86 -0.96 0 0.96 -0.05
word fish|-0.98 0 0 0 0.98 0 0
word five|1.99 0 0 -1.99 0 0 0
word flatbreads|-0.99 0 0 0 0.99 0 0
word for|0.3 1.43 0.01 -1.99 0.62 -2.59 2.21
word fraiche|0 0 0.95 0 0 0 -0.95
word freeze|-0.99 3.55 0 0 0 -1.62 -0.95
word fridge|-0.93 1.66 0 0 -0.73 0 0
word from|-2.89 0 0 0 0 -0.38 3.28
word g|0 -1 0 1 0 0 0
word garlic|-1 0 2.51 0 0 -1.51 0
word get|1.58 -1.98 0.02 1.36 0 0 -1
word give|0 0 -1 1 0 0 0
word go|-1.77 0 0 0 -0.78 2.55 0
word goes|-0.99 0 0 0.94 0 0.05 0
word going|1.6 0 -1.96 2.35 -1.99 0 0
word good|0.5 -0.27 1.77 -1.89 0.16 -0.88 0.6
word grate|1.41 0 -1.41 0 0 0 0
word great|-0.99 -0.93 0 0 1.92 0 0
word griddle|1.37 -1.37 0 0 0 0 0
word grill|0 0 0.93 -0.93 0 0 0
word grilled|-0.98 0 -1 -0.7 2.68 0 0
word had|0 -0.97 0 0 1.37 -1 0.61
word half|-1.44 2.43 1 0 0 0 -1.98
word halloumi|0 -0.97 0 0 1.37 0 -0.39
word have|0 0 1.89 -1.89 0 0 0
word heat|3.55 0 -2.97 1.36 0 -1.94 0
word herbs|3.67 -1.96 0 0 0 0.21 -1.92
word hold|-1 1 0 0 0 0 0
word honey|0.61 0 1 0 0 -1.6 0
word hope|0 0 0 0 -0.99 0 0.99
word hot|-0.9 0 0 0.94 0 1.93 -1.98
word hour|-1.33 3.01 0 0 0 -0.77 -0.91
word hours|1.98 -1.98 0 0 0 0 0
word i|0 -1 2.02 -0.7 0.71 -1.51 0.48
word i'd|-1.98 0.99 1 0 0 0 0
word if|-3.8 -0.28 2.77 3.22 0 -1.89 -0.02
word in|4.73 -0.3 0.14 -0.14 -1.59 -3.6 0.76
word instead|0 -1 1.93 -0.93 0 0 0
word into|1.99 0 0 0 0 -1.99 0
word is|-2.61 1.39 0 0.88 -0.55 0.88 0
word it|-1.88 -0.25 1.74 0.53 -1.3 0.86 0.29
word it's|-0.99 -0.93 0.86 0 0.93 0.98 -0.86
word its|-1.4 -0.95 0 1.61 0 2.04 -1.31
word jar|0 0.73 0 0 -0.73 0 0
word juice|1.6 0 0 0 0 -1.6 0
word just|-0.94 0 -0.99 1.92 0 0 0
word kale|0 -0.99 0.99 0 0 0 0
word keep|-2.87 5.69 -0.99 0.03 0 -1.86 0
word keeps|-2.96 2.96 0 0 0 0 0
word knife|-1.58 0 0 0 0 1.58 0
word know|0.14 -1.98 0 0 0 0 1.83
word last|3.23 0 -0.62 -1.99 -1.93 1.24 0.07
word lasts|-0.89 1.85 0 -0.96 0 0 0
word lay|1.89 -1.89 0 0 0 0 0
word leaves|1.77 -0.48 -1.99 -1 0 1.7 0
word lemon|5.54 -1.96 1 0 -1.97 -1.6 -1
word let|-2.57 -1.98 0 0 0 2.71 1.83
word like|0 0 -1 -0.7 1.7 0.97 -0.97
word lime|0 0 0.99 -0.99 0 0 0
word line|2 0 -2 0 0 0 0
word looking|1.37 -1.37 -0.99 0.99 0 0 0
word lovely|-1.91 0 0 0 1.91 0 0
word mackerel|0 0 -1 -0.7 1.7 0 0
word made|-0.98 1.66 -0.86 0 -0.68 0 0.86
word main|0 -0.69 0 0 1.67 -0.98 0
word make|0.49 0.45 0 0 0 -0.94 0
word maple|-1 0 1 0 0 0 0
word mash|-0.66 0 0 1.61 0 -0.95 0
word max|-0.93 0.93 0 0 0 0 0
word may|-0.9 0 0.9 0 0 0 0
word me|-2.81 0 0 0 0 2.19 0.62
word milk|-0.94 0 -0.9 0.94 0 1.87 -0.97
word min|0.03 -0.03 0 0 0 0 0
word mins|3.19 0 0 0 0 -1.22 -1.98
word minutes|5.26 -1.37 -1 -0.99 0 -1.9 0
word more|1.96 -2.96 -0.96 3.44 0 -0.89 -0.59
word mother|-0.97 0 0.95 0 0 0 0.02
word much|-0.87 0 0 0 -0.99 1.84 0.01
word must|-2.83 0 0 0 0 2.83 0
word my|1.99 -0.87 0 0 -1.99 -0.81 1.67
word next|-1 -0.93 0 0 1.93 0 0
word night|0 1 0 0 0 -1 0
word no|-0.99 0.99 3.89 -0.93 0 -0.99 -1.97
word not|-2.37 1.88 -0.98 -1 0 2.48 0
word nuts|1 -0.04 0 -0.96 0 0 0
word of|1.35 -1.07 0.86 1.75 -0.08 -0.95 -1.85
word off|2.38 0 -0.97 0.53 0 -1.94 0
word oil|2.05 -0.95 0 0 0 1.18 -2.29
word olives|-0.87 0 0.98 0 0 0.87 -0.98
word on|0.44 -1.23 0 0 0.27 0.49 0.03
word once|1.74 0 0 0.96 0 -1.74 -0.96
word one|1.94 0.98 -0.98 0 0 -1.94 0
word onion|1.99 0 0 0 -1.99 0 0
word onions|1.83 0 0 0 0 -1.83 0
word or|0.8 1.11 0.91 -1.96 1.67 -1.67 -0.86
word out|0.35 0 0 -1.21 0 1.83 -0.96
word oven|5.5 -1.85 -2 0 0 -1.66 0
word over|2.66 -0.93 -1.99 0.48 -0.04 -0.17 0
word overnight|3 -0.28 0 -1.86 0 -0.87 0
word own|-0.66 0 0 1.61 0 -0.95 0
word pairs|-0.69 0 0 0 0.69 0 0
word pan|-1 0 0 0 0 1 0
word parsley|0 0 0.98 0 0 0 -0.98
word past|0 -0.99 0.99 0 0 0 0
word paste|-0.99 0.99 -0.96 0 0 0.96 0
word pear|0 -1 1 0 0 0 0
word pears|-0.77 -1 1.77 0 0 0 0
word peel|1.9 0 0 0 0 -1.9 0
word people|0 -0.98 1.51 0 0 -0.53 0
word peppers|0 0 0.93 -0.93 0 0 0
word place|-0.97 0.97 0 0 0 0 0
word plate|1.74 0 0 0 0 -1.74 0
word platter|1.3 0 0 -1.3 0 0 0
word potatoes|0 0 0 0.89 0 -0.89 0
word put|0 -1 1 0 0 0 0
word re|-1.78 0 0 1.78 0 -0.72 0.72
word really|0.02 0.97 0 0 -1.99 -1.6 2.59
word recipe|-0.9 0 0 0 -0.98 0 1.88
word rest|0 0.99 0 0 0 0 -0.99
word rice|0 -0.93 0 0 0.93 0 0
word rinse|-1.78 0 0 1.78 0 0 0
word roast|-0.92 0 0.93 -0.93 0.92 0 0
word room|4.07 -1.48 -1.62 0 0 -0.97 0
word salt|0.08 0 -0.96 -0.33 0 1.8 -0.59
word salted|0.2 0 0 1.78 0 0 -1.98
word salty|-0.87 0 0 0 0 0.87 0
word same|-0.97 0.97 0 0 0 0 0
word sauce|-0.98 0.98 0 0 0 0 0
word say|-0.97 -0.98 0 0 0 0.98 0.97
word scatter|1.89 -1.89 0 0 0 0 0
word seasoning|1.96 -1.96 0 0 0 0 0
word see|-1.39 0 -0.97 1.36 0 0 0.99
word seeds|3.72 0 -1.99 0.96 0 -1.74 -0.96
word serve|-0.04 1.82 0 0 -1.78 0 0
word sesame|0 0 -0.9 0 0 1.87 -0.97
word should|0.3 0 0 0.96 0 -0.3 -0.96
word sit|1.98 -1.98 0 0 0 0 0
word skins|0.83 0 0 -0.83 0 0 0
word skip|0 -0.67 0 0 0 1.4 -0.74
word slice|1.99 0 0 0 -1.99 0 0
word sliced|1.83 0 0 0 0 -1.83 0
word smooth|1.8 -1.8 0 0 0 0 0
word so|0.27 -1.98 0 0 0 0.74 0.96
word soak|3 -1.14 0 -1.86 0 0 0
word some|0 0 1.51 0 0 -1.51 0
word splits|-0.81 0 0 0.81 0 0 0
word spring|-0.96 0 0 0 0 0 0.96
word squash|1.22 0 0 0 0 -1.22 0
word squeeze|1.97 0 0 0 -1.97 0 0
word start|1.83 0 0 0.96 0 -1.83 -0.96
word steam|-0.71 0 0.71 0 0 0 0
word still|0 0.99 -1 1 0 0 -0.99
word stir|-0.94 0 0 0.94 0 0 0
word store|0.68 0.19 0 0 -0.87 0 0
word straight|1.3 0 0 -1.3 0 0 0
word sugar|-0.99 0 0 0.99 0 0 0
word sunday|-0.99 0 -0.86 0 0 0 1.85
word swap|-1 0 1 0 0 0 0
word tahini|0 -1 0 1 0 0 0
word take|1.99 0 0 0 -1.99 0 0
word taste|1.94 0 0 0 0 -1.94 0
word tbsp|-0.98 0 0.98 0 0 0 0
word temp|3.11 -1.48 -1.62 0 0 -0.01 0
word ten|0 0 -1 1 0 0 0
word than|1.96 -1.96 0 0 0 2.59 -2.59
word that|0.91 0.97 -0.14 -0.7 0.58 -0.77 -0.86
word that's|-1.44 -0.95 0.71 0 0 1.36 0.32
word the|3.74 -1.29 0.17 -1.25 -1.6 0.65 -0.43
word them|0.59 -1.14 0.67 -0.85 0 1.69 -0.96
word then|3.34 -1.96 0 0 0 -1.37 0
word there|-0.95 0 0 -0.88 0 1.83 0
word they|-1.77 0 0 0 -0.78 2.55 0
word thin|2.89 0 -0.99 1.92 -1.99 -1.83 0
word this|-0.95 -0.67 -1.81 0 -0.97 2.92 1.48
word three|0 0 0 0 0 -1 1
word till|1.8 -1.8 0 0 0 0 0
word time|-1 0 2.36 0 0 0 -1.37
word tip|1.74 0 0 0.96 0 -1.74 -0.96
word to|3.94 -2.08 -0.22 0 -0.12 -1.73 0.21
word toast|-0.85 0 0 0 0.85 0 0
word together|1.87 0 0 0 -1.87 0 0
word too|-1.85 -1 0.99 0.03 0.88 1.93 -0.97
word top|2 0 0 0 0 -2 0
word toss|3.87 0 0 -1.89 0 0 -1.98
word tray|3.22 0 -2 0 0 -1.22 0
word trays|1.85 -1.85 0 0 0 -0.72 0.72
word turn|1.85 -1.85 0 0 0 0 0
word turning|1.22 0 0 0 0 -1.22 0
word two|0.01 0.98 0 0 0 0 -0.99
word u|0 0 0.96 -0.96 0 0 0
word until|-0.89 1.85 0 -0.96 0 0 0
word up|-0.8 1.67 0 0 -0.87 0 0
word use|-1.99 0.01 2.94 -0.96 0 0 0
word used|0 0 0.95 0 0 0 -0.95
word using|3 -1.14 0 -1.86 0 0 0
word vegan|-1 0 1 0 0 0 0
word vinegar|1.84 0 0 0 0 -1.84 0
word w|1.22 0 0 0 0 -1.22 0
word want|0.99 -0.99 -0.96 0 0 1.92 -0.96
word wants|-1 0.77 0 0 1 -0.77 0
word warm|3.2 -1.48 -1.62 0.81 0.99 -1.91 0
word was|0 0.99 -0.95 0 0 -1.74 1.71
word wash|0 -0.98 0 0 0 0.98 0
word water|0.52 0 0 2.48 0 -1.02 -1.98
word we|-0.95 0.01 0 0 -0.59 -0.46 1.99
word week|-2.77 3.49 0 0 -1.59 0 0.87
word well|0.24 0.99 0.71 0 0 -1.94 0
word wet|1.94 0 0 -0.96 0 -0.98 0
word what|0 0 0 0 0 0.02 -0.02
word when|2.04 0 0 0.78 0 -0.95 -1.87
word while|3.45 -1.48 0 0 0 0 -1.98
word whisk|2.64 0 0 0.81 0 -3.45 0
word will|-0.01 0.01 0.84 -1.96 0 1.12 0
word with|-0.21 -0.97 1.36 -0.75 2.97 -0.1 -2.3
word within|-5.24 6.01 0 0 0 -0.77 0
word works|0 0 0.99 -0.99 0 0 0
word yoghurt|0 0 0.99 0 0 -0.99 0
word you|0.3 -2.32 1.69 -0.52 -0.99 -0.02 1.85
word your|-1.74 -1 0 0 -1 1.77 1.97
word zest|0 0 1 0 0 0 -1
work add|1.99 0 0 -1.99 0 0 0
work arrange|1.89 -1.89 0 0 0 0 0
work brush|-0.94 0 0 0 0 0.94 0
work chill|1.71 -1.71 0 0 0 0 0
work cut|-0.49 0 -1.41 0 0 1.9 0
work dry heat|1.37 -1.37 0 0 0 0 0
work handle|-0.77 -1 0 0 0 1.77 0
work keep|-2.97 2.97 0 0 0 0 0
work mix|-0.94 0 0 0.94 0 0 0
work rest|0.14 -1.98 0 0 0 0 1.83
work serve|3.77 0 0 0 -1.78 -1.99 0
work taste|3.9 -1.96 0 0 0 -1.94 0
work toss|-0.07 0.07 0 0 0 0 0
work warm|2 0 -2 0 0 0 0
work whisk|0.94 0 0.9 0 0 -1.84 0
works 0|-2.83 -1.07 0 -2 1.65 -0.09 4.34
works 1|-0.35 0.36 -0.11 -1.08 -0.11 1.57 -0.29
works 2|2.08 -0.08 -1.07 0.85 0 0.09 -1.87
works 3|3.97 0 0 0 -1.99 0 -1.98
`;
