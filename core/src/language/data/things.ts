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
rhubarb leaves,rhubarb leaf;rhubarb leaves;rhubarb with leaves;rhubarb with the|its leaves
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
green potatoes,green potato|potatoes;sprouting potato|potatoes;potato|potatoes .. green ones;green parts of potatoes
bitter gourds,bitter courgette|courgettes|zucchini|squash|cucumber|cucumbers
dry ice,dry ice;liquid nitrogen
hot sugar,caramel;caramelised|caramelized sugar;sugar syrup to;hard crack;soft ball;melt|melts|melting the? sugar;boil|boiling|heat|heating the? sugar
shared board,same board|boards|knife|bowl|plate|dish|tray|tongs|container;board|plate|dish|bowl|tray it|they came from;board|plate|dish|bowl|tray it|they was|were on|in;board|plate|dish|bowl|tray from before
kept glass,jar;jars;bottle;bottles;seal;sealed
`;
