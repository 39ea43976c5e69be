/** Written from cuts.csv by npm run facts. */
export const cutsTable = `
cut,factor,words
"matchsticks, 3 × 3 × 40 mm",1.6,matchstick*;julienne*
"ribbons, 3 mm",1,ribbon*;chiffonade
"forkable, 20 mm",0.7,bite-sized;bite-size;forkable
"fine dice, 3 mm",1.4,fine dice;fine dic*;finely dic*;fine chop*;finely chop*;fine cub*;finely cub*;very small dic*;very small chop*;very small cub*;tiny dic*;tiny chop*;tiny cub*;diced fine*;dice fine*;chopped fine*;chop fine*;cubed fine*;diced very fine*;dice very fine*;chopped very fine*;chop very fine*;dice the . fine*;chop the . fine*;cube the . fine*
"large dice, 12 mm",0.7,roughly chop*;coarsely chop*;roughly cut;coarsely cut;roughly dic*;coarsely dic*;large dice;big dice;in chunks;into chunks;in cubes;into cubes;in large chunks;into large chunks;in big chunks;into big chunks;in large cubes;into large cubes;in big cubes;into big cubes;dice the . roughly;dice the . coarsely;chop the . roughly;chop the . coarsely;cut the . roughly;cut the . coarsely
"slices, 2 mm",1.2,thin slic*;thinly slic*;fine slic*;finely slic*;paper-thin slic*;slice the . thin;slice the . thinly;slice the . fine;slice the . finely
"slices, 10 mm",0.8,thick slic*;thickly slic*;slice the . thick;slice the . thickly
"shavings, 1 mm",1,shave;shaved;shavings
"dice, 6 mm",1,dice;diced;dicing;cubed
"slices, 4 mm",1,slice;sliced;slicing;slices
`;
