/** Written from things.csv by npm run facts. */
export const thingsTable = `
thing,words
everything,leaves;salad;everything;all of it
garlic,garlic
potatoes,potato;potatoes
oil,oil
water,water
dressing,dressing;dressings;vinaigrette
marinade,marinade;marinades
used marinade,reserved marinade;remaining marinade;left over marinade;left-over marinade;leftover marinade;rest of the marinade;the marinade
cultured milk,buttermilk;yoghurt;yogurt;kefir
sour,lemon*;lime;limes;vinegar*;citrus;orange juice;verjuice;acidulated;citric;sour*;orange*
opened round a stone,avocado*;mango*;peach*;nectarine*;squash
thaws safely,peas;berries;sweetcorn;bread;spinach;pastry
rhubarb leaves,rhubarb leaf;rhubarb leaves
elderberries,elderberry;elderberries
bitter kernels,apricot kernel;apricot kernels;peach kernel;peach kernels;bitter almond;bitter almonds
cassava,cassava;manioc;yuca
chilli,chilli*;chile;chiles;hot sauce
popcorn,popcorn
syrup,cordial;syrup
yolk,yolk;yolks
zest,zest
spices,spice;spices
ice,ice;iced
salad leaves,leaves;rocket;lettuce;cos;spinach;kale
avocado,avocado;avocados
paste,paste
`;
