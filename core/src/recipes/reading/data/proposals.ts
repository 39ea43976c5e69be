/** Written from proposals.csv by npm run facts. */
export const proposalsTable = `
families,ways,text
eggs,hard-boil;boil;cook;steam,"Hard-boil the {food} for {minutes} minutes, cool {them} in cold water for 10 minutes and peel {them}."
eggs,soft-boil,"Soft-boil the {food} for {minutes} minutes, cool {them} in cold water for 3 minutes and peel {them}."
dried beans and chickpeas,*,"Soak the {food} overnight in plenty of cold water.|Drain the {food}, boil hard in fresh water for 10 minutes, then simmer for {minutes} minutes until soft, and drain."
lentils,*,"Simmer the {food} for {minutes} minutes until tender, and drain."
pasta;noodles,*,"Boil the {food} in salted water until tender, drain and rinse in cold water."
rice;grains;quinoa,*,"Cook the {food}, drain and spread out to cool for 15 minutes."
potatoes,boil;cook;steam,"Boil the {food} until a knife slides in, and drain."
nuts;seeds,toast;roast;fry;cook,"Toast the {food} in a dry pan until fragrant."
bacon,*,"Fry the {food} until crisp, and drain on paper."
poultry;pork;minced meat;red meat;fish;fresh fish and shellfish,*,"{Verb} the {food} until cooked through, and rest for 5 minutes."
green vegetables,boil;cook;blanch;steam;parboil,"{Verb} the {food}, drain and cool in iced water."
*,boil;simmer;blanch;parboil;steam;poach;braise,"{Verb} the {food}, and drain."
*,cook;roast;grill;griddle;char;toast;fry;saute;bake;barbecue;sear;pan-fry;oven-roast;chargrill;char-grill;crisp,"{Verb} the {food}."
`;
