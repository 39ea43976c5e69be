/** Written from needs.csv by npm run facts. */
export const needsTable = `
kind,means,words
nothing,,none;no;nil;nope;na;n/a;n.a.;nothing;no needs;no allerg*;no known allerg*;no food allerg*;no dietary requirement*;no dietary restriction*;no dietary need*;no special requirement*;no requirement*;no restriction*;no diet*;no intolerance*;nothing known;none known;nothing special;none that i know of;nothing that i know of;not that i know of;not applicable;eats everything;eats anything;eat everything;eat anything;all fine;all good;no problem*
pregnant,,pregnan*;expecting;expecting a baby
traces,,trace*;severe*;serious*;strict*;anaphyla*;epi pen;epipen;epi pens;epipens;auto injector;autoinjector;airborne;carries a pen;life threatening;cross contamination;even a crumb
allergen,nuts,nut;nuts;tree nut;tree nuts
allergen,peanut,peanut;peanuts;groundnut;groundnuts;monkey nut;monkey nuts
allergen,gluten,gluten;gf;cereal;cereals
allergen traces,gluten,coeliac;celiac;coeliac disease;celiac disease;coeliacs;celiacs
allergen,milk,milk;dairy;cow's milk;df;milk protein
allergen,egg,egg;eggs
allergen,soya,soy;soya;soybean;soybeans;soya bean;soya beans;soy bean;soy beans
allergen,shellfish,shellfish;shell fish;seafood
allergen,fish,fish
allergen,crustaceans,crustacean*;prawn;prawns;shrimp;shrimps;crab;crabs;lobster;lobsters
allergen,molluscs,mollusc;molluscs;mollusk;mollusks;mussel;mussels;clam;clams;oyster;oysters;squid
allergen,sulphites,sulphite;sulphites;sulfite;sulfites;sulphur;sulphur dioxide;sulfur dioxide
allergen,sesame,sesame;sesame seed;sesame seeds;tahini
allergen,lupin,lupin;lupins
allergen,celery,celery;celeriac
allergen,mustard,mustard
allergen,wheat,wheat
allergen,rye,rye
allergen,barley,barley
allergen,oats,oat;oats
allergen,almond,almond;almonds
allergen,hazelnut,hazelnut;hazelnuts
allergen,walnut,walnut;walnuts
allergen,pecan,pecan;pecans
allergen,cashew,cashew;cashews;cashew nut;cashew nuts
allergen,pistachio,pistachio;pistachios
allergen,brazil nut,brazil nut;brazil nuts
allergen,macadamia,macadamia;macadamias;macadamia nut;macadamia nuts
diet,vegan,vegan;vegans;plant based;vg
diet,vegetarian,vegetarian;vegetarians;veggie;veggies;veg;v
diet,halal,halal
diet,kosher-style,kosher;kosher style
diet,no pork,pork
diet,no alcohol,alcohol
diet,low salt,low salt;low sodium;little salt;blood pressure
diet,low sugar,low sugar;diabetic;diabetes;diabetics
diet,low fat,low fat
words,lactose,lactose
words,meat,pescatarian;pescetarian;pesco vegetarian
heat,none,spicy;spicy food;spices that burn
heat,mild,too spicy;too hot;very spicy;mild;only mild;mild only
heat,hot,likes it hot;likes spicy food;loves spicy food;loves it hot;extra hot
dislike,,dislike;dislikes;hate;hates;does not like;doesn't like;do not like;don't like;not a fan of;not keen on;not fond of;prefers no;prefer no;can't stand;cannot stand;detests
age,,son;daughter;child;children;kid;kids;boy;girl;toddler;baby;aged;age;years old;year old;years;yrs;she is;he is
condition,,allerg*;intoleran*;sensitiv*;free;please;thanks;thank you;issue;issues;reaction
filler,,whatsoever;whatever;at all;one of us;one of them;us;both;all of us;who;that;which;no;not;without;avoid;avoids;avoiding;cannot eat;can't eat;cannot have;can't have;can not eat;must not eat;does not eat;doesn't eat;do not eat;don't eat;never eats;must not have;to;of;for;and;or;other;very;matters;matter;any;all;products;product;food;foods;diet;dietary;requirement*;is;are;am;i am;i'm;only;a;an;the;has;have;had;my;our;his;her;their;she;he;they;i;we;me;you;wife;husband;partner;friend;guest;mother;father;mum;dad;mom;sister;brother;son;daughter;child;kid;need;needs;carries;carry;with;asthma;asthmatic;nothing;type 1;type 2;kind of;kinds of;anything;containing;contains;in it;due in;in january;in february;in march;in april;in may;in june;in july;in august;in september;in october;in november;in december;weeks;months;problem;problems;react;reacts;medium
allergen,pine nut,pine nut;pine nuts;pine kernel;pine kernels
allowed,,fine;eats;eat;can have;still eats;ok;okay;allowed;can eat;tolerates;tolerated;no problem with
qualifier,,raw;cooked;fried;smoked;boiled;soft;hard;blue;fresh;dried;tinned;roasted;uncooked;unpasteurised
negated,,no;not;nothing;without;never;avoid;avoids;avoiding;cannot;can't;cant;doesn't;don't
break,,and;but;or;nor
`;
