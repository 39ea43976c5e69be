/** Written from sayings.csv by npm run facts. */
export const sayingsTable = `
saying,words,not
goes on,^ return;^ <add|remove|turn|flip|keep|reduce|loosen|thin|adjust|cover|seal|taste>;^ continue|continuing;^ <season>;^ <stir|fold|mix|whisk|beat|blend|tip|pour|throw> in|through;^ work in|through;^ <shake> again|well;^ <squeeze> out|dry|it|them;^ <bring|let> it|them? back|up? to room temperature|temp;^ <bring|let> it|them? come up? to room temperature|temp;^ <take> it|them out;^ <tear|scatter|drop|crumble|grate|squeeze|chop> in|through;^ <mash|blend|toss|mix|dress|serve|top|stir|whisk|combine|finish|cover|fill|loosen|brush|rub|crush|coat|beat|peel|cook|simmer|process> *ly|coarsely? with|while|until|again|well|together,^ season the
assembles,<serve|assemble|arrange|layer|garnish|finish>;<plate> up|with;<top|dress|toss|coat> it|them|everything|well|gently|together|with;to serve,
over something,<pour|spoon|drizzle|scatter|sprinkle|strew|crumble|grate|tear|shave|squeeze> .. over|through $;<pour|spoon|drizzle|scatter|sprinkle|strew|crumble|grate|tear|shave|squeeze> .. on top $;<pour|spoon|drizzle|scatter|sprinkle|strew|crumble|grate|tear|shave|squeeze> .. over the top $;<tear|scatter|crumble|grate|shave|strew|sprinkle|pour|drizzle|squeeze|spoon> over;and <toss|dress|fold|mix|stir> $;and <toss|dress|fold|mix|stir> to coat|well|gently|together;<fold|stir|mix|beat|whisk|toss> it|them in|through;^ <toss|mix|combine|dress|stir|serve> $;^ <toss|mix|combine|dress|stir|serve> well|gently|together $;^ <toss|mix|combine|dress|stir|serve> to coat $,
all,everything;all of? it|them|together;all of? the other? ingredients|components|parts;all with;all together;both;the lot;the rest of the salad|ingredients,
beside,^ meanwhile;^ in the meantime;^ at the same time;^ while that|it|they|the|this;^ separately;^ in a|another separate|second|small|different,
pronoun,it|them|they|these|this,
dresses,<dress>,<dress> .. with
only heats,^ <preheat|pre-heat|heat|warm|melt|bring>,add|fry|cook|toast|stir|until
changed,<toast|grind|soak|chop|crush|pound|pickle|infuse|caramelise|reduce|grate|zest|juice>;toasted|ground|soaked|chopped|crushed|pounded|pickled|infused|caramelised|reduced|grated,
in water,in|with|under just? hot|warm|boiling|boiled|cold . water;in|with|under just? hot|warm|boiling|boiled|cold water,
pan,<fry|sear|saute|boil|simmer|toast>;frying? pan;saucepan;pot,
blender,<blend*>;blender|processor,
bowl,<toss|mix|combine|whisk|stir>;bowl,
tray,tray,
jar,jar,
griddle,griddle,
dish,dish,
platter,platter,
dressing made by,<whisk|shake|blend|stir|mix|emulsify>,
sauce made by,<whisk|shake|blend*|stir|mix|simmer>,
marinade made by,<whisk|stir|mix|simmer|dissolve|boil|warm>,
dip made by,<blend*|mash|beat|crush|pound|stir|mix>,
crumb made by,<toast|fry|bake|roast|tear|blitz|crisp>,
pickle made by,pickl*;vinegar;brine,
fat made by,<fry|crisp|render>;bacon,
liquid made by,pickl*;macerat*;<soak|poach|simmer|boil|juice|squeeze|drain|steep|salt>,
salad made by,<toss|wash|tear|shred|mix|combine>,
mixture made by,<mix|stir|whisk|combine|blend|beat|mash|toss>,
`;
