/** Written from line-cues.csv by npm run facts. */
export const lineCuesTable = `
cue,words,not
already dried,dried;dry,
already tinned,tinned;canned;jarred;in .,
from dry,from dry|dried;soaked;overnight;dried,
soaked from dry,from dry|dried;soaked overnight,
from a tin,tin;tinned;can;canned;jar;jarred,
frozen,frozen,
drained,drained;liquid reserved,
cooked,rinsed;cooked;boiled,
fresh,fresh,
pepper,ground? pepper,
a ladle,a|one? small? ladle|ladles|ladleful|ladlefuls;a|one? small? ladle|ladleful or so|two,
a cupful,a? mug|mugful|cup|cupful,
a few spoons,a? few spoons|spoonfuls|tablespoons|tablespoonfuls,
a little,a? little|bit|splash|some,
only size,large|small|medium|big|ripe|fresh;large|small|medium|big|ripe|fresh large|small|medium|big|ripe|fresh,
washed,washed|rinsed|drained|spun,
leaves,leaves,
only described,dried|dry|fresh|frozen|tinned|canned|ground|jarred|smoked,
heaped,heaped|heaping|rounded|good|generous,
scant,scant,
picked leaves,leaves only|picked|stripped,
change,sun-dried|freeze-dried|dried|tinned|canned|jarred|frozen|smoked|salted|pickled|cured|candied|crystallised|crystallized|powdered|ground|desiccated|preserved|fermented|vegan|dairy-free|plant-based;in oil|brine|syrup|salt|vinegar|juice;from a|an|the tin|can|jar,
purpose,at the end;at the last minute;right|just before serving;on top;over the top;if you like|want;for the? *;for the? * the *;to serve|finish|garnish|drizzle|taste|dip|scoop;in its|their? own? extra-virgin? olive|sunflower oil;in its|their? own? oil|brine|water|salt|vinegar|juice|syrup;in spring water;from a|an|the tin|can|jar|carton|packet|tube|bottle,
purpose of all,to taste|season|serve|dip|garnish|finish;as needed;for dipping|serving|garnish,
to dip,to dip;for dipping;dipper|dippers;crudites;sticks;batons;to scoop;for scooping,
beside,to serve;for serving;serve with;alongside;on the side,
small,small,large|big .. small
large,large|big,small .. large|big
bought cooked,already boiled|cooked|roasted|toasted|grilled|steamed;leftover|leftovers;left-over;left over;ready|pre cooked|boiled|roasted|grilled;precooked;pre-cooked;ready-cooked;vacuum|vac packed;vacuum-packed;rotisserie;shop|store bought;shop-bought;store-bought;bought;deli;pouch;jarred;tinned;canned;from a|the jar|tin|can|packet|pouch|shop|deli,
`;
