import { moreTechniques } from './more-data.js';
import type { TechniqueNote, WrittenNote } from './types.js';

const firstTechniques: readonly WrittenNote[] = [
  {
    id: 'dice', title: 'Grip, claw and dice', group: 'knife and leaf', beginnerMinutes: 6,
    why: 'Even pieces dress evenly, and fingers that are curled under cannot be cut.',
    how: ['Pinch the blade where it meets the handle.', 'Curl the other hand into a claw and let the blade slide along the knuckles.', 'Cut one flat side and lay the piece on it.', 'Slice, turn, slice into sticks, turn, cut across.'],
    lookFor: 'Pieces of one size that fit on a fork with something else.',
    goesWrong: [{ wrong: 'The board slides.', mend: 'Lay a damp cloth under it.' }, { wrong: 'The piece rolls.', mend: 'Cut a thin slice off and stand it on the flat.' }],
    caution: 'A sharp knife is safer than a dull one. Carry it point down, and never leave it in the sink.', anotherWay: 'With children: a small serrated knife and soft vegetables.',
  },
  {
    id: 'slice', title: 'Slice thin and even', group: 'knife and leaf', beginnerMinutes: 5,
    why: 'Thin slices bend, take up dressing and are easy to bite.', how: ['Halve, and lay the flat side down.', 'Let the knife rock forward; do not press.', 'Take the claw back by the width of one slice each time.'],
    lookFor: 'You can see the blade through the slice.', goesWrong: [{ wrong: 'Wedges instead of slices.', mend: 'Look along the blade, not at it from the side.' }],
    caution: 'On a mandoline use the guard or a cut-proof glove to the last slice.', anotherWay: 'A wide peeler for anything long and firm.',
  },
  {
    id: 'shred', title: 'Shred cabbage', group: 'knife and leaf', beginnerMinutes: 6,
    why: 'Cut is flavour: thick cabbage stays raw in the middle, thin cabbage softens under salt and acid.', how: ['Quarter through the stem and cut the core out at a slant.', 'Flatten a few leaves at a time.', 'Cut across into threads as thin as a coin.'],
    lookFor: 'Threads that fall apart when lifted.', goesWrong: [{ wrong: 'Coarse, squeaky pieces.', mend: 'Salt them lightly, wait ten minutes and squeeze.' }],
    caution: 'Keep a flat side on the board: a quarter cabbage rolls.', anotherWay: 'The slicing disc of a food processor.',
  },
  {
    id: 'ribbons', title: 'Ribbons of soft leaves', group: 'knife and leaf', beginnerMinutes: 4,
    why: 'One clean cut bruises less than chopping, so herbs stay green.', how: ['Stack dry leaves, the largest below.', 'Roll them tightly along their length.', 'Slice across once, and shake the ribbons loose.'],
    lookFor: 'Separate ribbons without dark edges.', goesWrong: [{ wrong: 'Black edges.', mend: 'Dry the leaves, sharpen the knife, and cut later.' }], caution: '', anotherWay: 'Tear large leaves by hand.',
  },
  {
    id: 'shave', title: 'Shave fennel and other firm vegetables', group: 'knife and leaf', beginnerMinutes: 6,
    why: 'Shaved thin, a strong or hard vegetable turns mild and crisp.', how: ['Trim the base but leave it holding the layers.', 'Halve, and start from the cut side.', 'Shave across the fibres, then into cold water for crispness if there is time.'],
    lookFor: 'Curls you can read print through.', goesWrong: [{ wrong: 'Stringy bites.', mend: 'Take off the outer layer and cut across, not along.' }],
    caution: 'A mandoline wants its guard. Stop while there is still something to hold.', anotherWay: 'A sharp peeler, slower and safer.',
  },
  {
    id: 'derib-kale', title: 'De-rib and massage kale', group: 'knife and leaf', beginnerMinutes: 5,
    why: 'The rib is tough when raw, and rubbing breaks the leaf so that it takes dressing.', how: ['Hold the stem, and pull the leaf off upwards.', 'Tear into bites.', 'Rub with a little salt and oil for a minute or two.'],
    lookFor: 'The leaf darkens and halves in volume.', goesWrong: [{ wrong: 'Still leathery.', mend: 'Rub on, or let it stand dressed for ten minutes.' }], caution: '', anotherWay: 'Slice it very thin and skip the rubbing.',
  },
  {
    id: 'wash-and-dry-leaves', title: 'Wash and dry leaves', group: 'knife and leaf', beginnerMinutes: 6,
    why: 'Water on a leaf thins the dressing and makes it slide off.', how: ['Float the leaves in plenty of cold water and lift them out; grit stays behind.', 'Spin in small lots, pour off the water, spin again.', 'Spread on a towel and keep cold.'],
    lookFor: 'A paper towel pressed on them stays dry.', goesWrong: [{ wrong: 'Bruised leaves.', mend: 'Fill the spinner only half.' }],
    caution: 'Wash all leaves unless they are labelled ready to eat. Cut leaves are kept cold: follow your local food code.', anotherWay: 'Roll them in a clean towel and swing it outdoors.',
  },
  {
    id: 'salt-and-blot', title: 'Salt and blot watery vegetables', group: 'knife and leaf', beginnerMinutes: 3,
    why: 'Salt draws the water out now, instead of into the dressing later.', how: ['Cut, and sprinkle with fine salt.', 'Wait ten to twenty minutes in a strainer.', 'Press, blot, and count that salt in the seasoning.'],
    lookFor: 'Bent but not limp pieces, and a puddle beneath.', goesWrong: [{ wrong: 'Too salty.', mend: 'Rinse quickly and dry well.' }], caution: '', anotherWay: 'Scrape the seeds out and dress at the last moment.',
  },
  {
    id: 'zest-before-juicing', title: 'Zest before juicing', group: 'fruit', beginnerMinutes: 2,
    why: 'A whole fruit is firm under the grater; an empty half is not.', how: ['Wash and dry the fruit.', 'Draw it over a fine grater once at each place and turn.', 'Stop at the white: it is bitter.'],
    lookFor: 'Colour only, in dry flakes.', goesWrong: [{ wrong: 'White in the zest.', mend: 'Grate lighter; pick the pale bits out.' }], caution: 'Knuckles: stop at the last third.', anotherWay: 'A peeler, then slice the strips thin.',
  },
  {
    id: 'juice-citrus', title: 'Juice through a strainer', group: 'fruit', beginnerMinutes: 2,
    why: 'Pips are bitter, and counted juice makes a dressing repeatable.', how: ['Roll the fruit under the palm.', 'Halve across and press over a strainer.', 'Measure what you have before you pour.'],
    lookFor: 'Clear juice without pips.', goesWrong: [{ wrong: 'Too little juice.', mend: 'Warm the fruit ten seconds in hot water and press again.' }], caution: 'Acid stings: mind small cuts.', anotherWay: 'A fork twisted in the half.',
  },
  {
    id: 'fillet-citrus', title: 'Fillet citrus', group: 'fruit', beginnerMinutes: 8,
    why: 'Without skin the fillets are tender and look bright.', how: ['Cut off top and bottom, and stand the fruit up.', 'Cut peel and white away in strips, following the curve.', 'Over a bowl, cut on both sides of each skin and lift the fillet out.', 'Squeeze the rest: its juice belongs to the dressing.'],
    lookFor: 'Whole fillets with no white on them.', goesWrong: [{ wrong: 'Broken pieces.', mend: 'Use a thin sharp knife and cut to the middle.' }], caution: 'Keep the fruit on the board while peeling; wet hands slip.', anotherWay: 'Slice the peeled fruit across in rounds: quicker, a little firmer.',
  },
  {
    id: 'open-avocado', title: 'Choose and open an avocado', group: 'fruit', beginnerMinutes: 3,
    why: 'Ripe for one day only, it browns as soon as it meets air.', how: ['It should give a little near the stem.', 'On the board, cut round the stone and twist.', 'Lift the stone with a spoon.', 'Cut late, and coat with lime or lemon.'],
    lookFor: 'Even green without grey threads.', goesWrong: [{ wrong: 'Browning.', mend: 'Press film on it, or scrape the surface off.' }], caution: 'Never hold it in the palm and never strike the stone with a knife.', anotherWay: 'Scoop and mash when it is too soft to slice.',
  },
  {
    id: 'soak-and-cook-pulses', title: 'Soak and cook dried pulses', group: 'pulses, grains, starch', beginnerMinutes: 5,
    why: 'An even soak cooks evenly, and the soaking water carries what upsets the stomach.', how: ['Pick over, cover with three times their volume of cold water, 8 to 12 hours, cold.', 'Throw the water away and cover with fresh.', 'Boil hard first, then simmer to tender.', 'Salt near the end; cool in a shallow dish.'],
    lookFor: 'One crushes to cream without a chalky middle.', goesWrong: [{ wrong: 'Skins split, middles hard.', mend: 'Simmer lower; old beans need longer.' }],
    caution: 'Kidney-type beans, white ones too, hold a natural poison: soak, throw that water away and boil hard, 10 to 30 minutes by your local advice, before any slow cooking. Follow your local food code.', anotherWay: 'Tinned beans, drained: more cost, no lead.',
  },
  {
    id: 'drain-tins', title: 'Drain, rinse and dry tinned pulses', group: 'pulses, grains, starch', beginnerMinutes: 3,
    why: 'The liquid is salty and thick; wet pulses thin a dressing.', how: ['Tip into a strainer and rinse until the foam is gone.', 'Shake, then roll on a towel.', 'Dress while you still mean to season.'],
    lookFor: 'Dry, whole and shining.', goesWrong: [{ wrong: 'A puddle under the salad.', mend: 'Drain again and re-season.' }], caution: 'Open lids are sharp.', anotherWay: 'Keep a spoon of the liquid to loosen a dip.',
  },
  {
    id: 'cook-grains', title: 'Cook, test and cool grains', group: 'pulses, grains, starch', beginnerMinutes: 5,
    why: 'Separate grains take dressing; steam softens them further if they stay in a heap.', how: ['Rinse, boil in plenty of salted water.', 'Bite one: tender with a spring.', 'Drain well and spread in a thin layer.', 'Dress warm for flavour or cold for bite.'],
    lookFor: 'Loose grains that do not stick to the spoon.', goesWrong: [{ wrong: 'Mush.', mend: 'Spread, dry in a low oven, and use as a base under leaves.' }],
    caution: 'Cooked grains are cooled fast and shallow and then kept cold: follow your local food code.', anotherWay: 'Soak fine bulgur instead of boiling.',
  },
  {
    id: 'boil-potatoes', title: 'Boil and test potatoes', group: 'pulses, grains, starch', beginnerMinutes: 5,
    why: 'From cold, outside and middle are done together.', how: ['Cover with cold salted water.', 'Bring up gently and simmer.', 'Test with a thin knife.', 'Drain, steam dry, and dress while warm.'],
    lookFor: 'The knife slides in and the potato slides off.', goesWrong: [{ wrong: 'Edges fall off.', mend: 'Stop now: dress as they are, warm.' }], caution: 'Pour away from you; steam burns.', anotherWay: 'Whole in their skins, for firmer slices.',
  },
  {
    id: 'toast-bread', title: 'Toast bread and flatbread', group: 'pulses, grains, starch', beginnerMinutes: 4,
    why: 'Dry bread carries a dip without bending.', how: ['Tear or cut to one size.', 'Oil lightly and spread in one layer.', 'Toast until golden, turning once.', 'Cool before it is covered.'],
    lookFor: 'It snaps when cold.', goesWrong: [{ wrong: 'Soft again.', mend: 'Back in the oven for three minutes.' }], caution: 'Trays stay hot: leave a towel over the handle.', anotherWay: 'A dry pan, a few at a time.',
  },
  {
    id: 'toast-nuts-seeds', title: 'Toast spices, nuts and seeds', group: 'dressing', beginnerMinutes: 5,
    why: 'Heat wakes the oils: half the amount tastes of more.', how: ['Dry pan, medium heat, one layer.', 'Keep them moving.', 'Tip out onto a cold plate the moment they smell ready.'],
    lookFor: 'A nutty smell and one shade darker.', goesWrong: [{ wrong: 'Burnt specks taste bitter.', mend: 'Start again: it cannot be hidden.' }], caution: 'Nuts and sesame are allergens: keep pan and board apart where someone avoids them.', anotherWay: 'In the oven at 170 °C for larger amounts.',
  },
  {
    id: 'roast-vegetables', title: 'Roast vegetables', group: 'heat', beginnerMinutes: 6,
    why: 'Dry heat drives water off and browns the sugars.', how: ['Heat the oven and the tray.', 'Cut to one size, coat thinly with oil, one layer.', 'Leave alone until the edges are dark, then turn once.'],
    lookFor: 'Brown edges, and a knife slides in.', goesWrong: [{ wrong: 'Pale and wet.', mend: 'Spread over two trays and give it more heat.' }], caution: 'A tray left in the heat burns: dry cloths, both hands, say “hot behind”.', anotherWay: 'A wide pan with a lid first, then without.',
  },
  {
    id: 'char-steam-peel', title: 'Char, steam and peel', group: 'heat', beginnerMinutes: 8,
    why: 'The burnt skin gives smoke and comes off by itself once steamed.', how: ['Prick, and set over a flame or under the grill.', 'Turn until black all round and collapsed.', 'Cover for ten minutes.', 'Peel, and drain the flesh in a strainer.'],
    lookFor: 'Black skin, soft all the way to the stem.', goesWrong: [{ wrong: 'Watery flesh.', mend: 'Drain longer and chop by hand.' }], caution: 'Prick first or it may burst. The inside stays hot long after the skin is cool.', anotherWay: 'In a very hot oven: less smoke, no flame.',
  },
  {
    id: 'boil-eggs', title: 'Boil and peel eggs', group: 'heat', beginnerMinutes: 4,
    why: 'Timed from boiling water, every egg is the same.', how: ['Lower into boiling water from the fridge.', 'Seven minutes jammy, ten minutes firm.', 'Into ice water at once.', 'Crack all over and peel under water.'],
    lookFor: 'A smooth white that does not tear.', goesWrong: [{ wrong: 'The shell sticks.', mend: 'Peel from the wide end, under running water.' }], caution: 'Soft yolks are not for those at risk unless your local advice says so.', anotherWay: 'Steam them: easier to peel.',
  },
  {
    id: 'garlic-paste', title: 'Garlic and salt paste', group: 'dressing', beginnerMinutes: 3,
    why: 'Crushed to a paste it spreads evenly: nobody bites a piece.', how: ['Slice, sprinkle with coarse salt.', 'Drag the side of the blade over it.', 'Gather and repeat until smooth.'],
    lookFor: 'A wet paste without bits.', goesWrong: [{ wrong: 'Too hot.', mend: 'Let it stand five minutes in the acid.' }], caution: 'Garlic in oil is kept cold and for days only: follow your local food code.', anotherWay: 'A fine grater.',
  },
  {
    id: 'shake-dressing', title: 'Shake a dressing', group: 'dressing', beginnerMinutes: 2,
    why: 'A closed jar makes small drops quickly and pours from the same vessel.', how: ['Fill at most two thirds.', 'Salt, acid and mustard first, lid on, shake.', 'Add the oil, shake until it looks cloudy.', 'Shake again just before pouring.'],
    lookFor: 'No line of oil for a few minutes.', goesWrong: [{ wrong: 'It parts at once.', mend: 'A little mustard, and shake again.' }], caution: 'Check the lid before shaking.', anotherWay: 'Whisk in the bowl the salad goes into: one vessel less.',
  },
  {
    id: 'whisk-dressing', title: 'Whisk in the oil', group: 'dressing', beginnerMinutes: 5,
    why: 'A thin stream gives drops small enough to hold.', how: ['Bowl on a damp cloth.', 'Whisk acid, salt and mustard until smooth.', 'Oil drop by drop, then in a thread, whisking all the time.'],
    lookFor: 'It coats a spoon and does not run clear at the edge.', goesWrong: [{ wrong: 'It splits.', mend: 'A spoon of mustard in a clean bowl; whisk the split dressing into it.' }], caution: '', anotherWay: 'A jar with a lid.',
  },
  {
    id: 'blend-dip', title: 'Blend a dip', group: 'dressing', beginnerMinutes: 4,
    why: 'The solids are broken down first; liquid added later makes it light.', how: ['Cover the blades, fill at most two thirds.', 'Pulse the solids, scrape down.', 'Add oil or water in a thread to the thickness you want.', 'It firms in the cold: stop a little looser.'],
    lookFor: 'A spoon leaves a trace that slowly closes.', goesWrong: [{ wrong: 'Too thick.', mend: 'A spoon of water at a time.' }, { wrong: 'Too thin.', mend: 'More of the solid, or a crust of bread.' }],
    caution: 'Hot food: a third full, lid vented under a cloth, start slowly. Blades never go into the sink.', anotherWay: 'A fork or a masher: coarse and good.',
  },
  {
    id: 'quick-pickle', title: 'Quick-pickle and macerate', group: 'dressing', beginnerMinutes: 3,
    why: 'Ten minutes in acid takes the bite out of raw onion and seasons it.', how: ['Slice thin.', 'Cover with vinegar, a pinch of salt and sugar.', 'Stir once, wait, drain; keep the liquid for the dressing.'],
    lookFor: 'Bent, bright and no longer sharp.', goesWrong: [{ wrong: 'Too sour.', mend: 'Rinse briefly, or leave acid out of the dressing.' }], caution: '', anotherWay: 'Rinse in cold water if there is no time.',
  },
  {
    id: 'taste-and-adjust', title: 'Taste and adjust', group: 'dressing', beginnerMinutes: 3,
    why: 'Fruit, salt and vinegar differ; only tasting knows.', how: ['Taste on a piece of the salad with a clean spoon.', 'Name it: flat, sharp, salty, thin.', 'Change one thing by a counted spoon, stir, taste.', 'Write it down.'],
    lookFor: 'You want a second bite.', goesWrong: [{ wrong: 'Too sharp.', mend: 'Oil, a little sweet, or salt.' }, { wrong: 'Too salty.', mend: 'More of the base, not sugar.' }], caution: 'A used spoon never goes back.', anotherWay: 'Keep some acid back for the table.',
  },
  {
    id: 'toss', title: 'Toss', group: 'finish', beginnerMinutes: 2,
    why: 'Every leaf gets a thin coat and none is bruised.', how: ['Bowl of twice the volume, dry leaves.', 'Mix the dressing again, pour half round the rim.', 'Lift from below with open hands, five or six times.', 'Taste, then decide about the rest.'],
    lookFor: 'Shine on the leaves, nothing in the bottom.', goesWrong: [{ wrong: 'A pool beneath.', mend: 'More leaves, not more tossing.' }], caution: 'Clean hands or gloves; ask for allergens before this point of no return.', anotherWay: 'Two spoons, or a lidded box and three turns.',
  },
  {
    id: 'fold', title: 'Fold gently', group: 'finish', beginnerMinutes: 2,
    why: 'Soft things stay whole.', how: ['Heavy things below, soft ones on top.', 'Cut down the middle with a wide spoon, turn up along the side.', 'Turn the bowl and stop early.'],
    lookFor: 'Pieces still show their edges.', goesWrong: [{ wrong: 'Mashed.', mend: 'Call it coarse and serve with bread.' }], caution: '', anotherWay: 'Layer instead of mixing.',
  },
  {
    id: 'garnish', title: 'Compose and garnish', group: 'finish', beginnerMinutes: 3,
    why: 'A share of the best part on top shows what is inside.', how: ['Keep back a third of the showiest part.', 'Plate the base with height.', 'Set the top last: nuts, herbs, what browns or softens.'],
    lookFor: 'Nothing in the dish is hidden.', goesWrong: [{ wrong: 'All of it went in.', mend: 'Lift a few pieces up with two forks.' }], caution: 'Whole nuts and small whole tomatoes can choke small children.', anotherWay: 'Set toppings out in bowls.',
  },
  {
    id: 'chill-and-store', title: 'Chill, label and store', group: 'finish', beginnerMinutes: 3,
    why: 'Cold blends flavours and keeps food; a label keeps people.', how: ['Cool fast in a shallow layer.', 'Cover close, film on the surface of what browns.', 'Label: name, date, use by.', 'Take out in time for flavour.'],
    lookFor: 'Cold all through, no water standing on top.', goesWrong: [{ wrong: 'Dull after the cold.', mend: 'Taste again and season.' }], caution: 'Times out of the cold are set by your local food code and a qualified person’s advice.', anotherWay: 'A bowl in ice for the hour of the class.',
  },
];

/** The notes every kitchen starts with. Beginner minutes are starting estimates. */
export const standardTechniques: readonly TechniqueNote[] = [...firstTechniques, ...moreTechniques].map((note) => ({ beginnerPer: '', ...note }));
