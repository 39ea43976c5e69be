/** Written from row-cues.csv by npm run facts. */
export const rowCuesTable = `
cue,words
chatter,home;menu;search;recipes;recipe;log in;login;sign in|up;signin;signup;subscribe ~;newsletter;print;print recipe;print this recipe;save;save recipe;save this recipe;share;share this|on ~;pin;pin it|recipe;tweet;email;e-mail;bookmark;jump to ~;skip to ~;comment|comments;comment|comments # ~;# comment|comments;leave a comment|reply|review ~;rate this|the recipe ~;review|reviews;review|reviews # ~;advertisement|advertisements;ad;skip ad ~;sponsored ~;cookies ~;we use cookies ~;accept;accept all ~;read more|next ~;related posts|recipes ~;you may|might also like|enjoy ~;more recipes ~;follow me|us ~;copyright ~;all rights reserved ~;photo|photos|photograph|photographs by ~;download our|the app ~;get our|the . newsletter|app ~;buy now|it ~;shop now|this ~;affiliate ~;this post may? contain|contains ~;watch the? video ~;loading ~;updated|published|posted on ~
labelled,difficulty;cuisine;course;category;keyword|keywords;photo|photos;updated|published|posted
nutrition,nutrition|nutritional;nutrition|nutritional facts|information|info|values|value;nutrition|nutritional ~ per|each ~
nutrient,calories;energy;kcal;kj;fat;saturates;saturated;carbohydrate|carbohydrates;carbs;sugar|sugars;fibre|fiber;protein;salt;sodium;cholesterol;potassium;vitamin a|b|c|d|e|k
nutrient row,calories;energy;kcal;kj;total|saturated|trans? fat;saturates;carbohydrate|carbohydrates;carbs;of which sugar|sugars;sugar|sugars;dietary? fibre|fiber;protein;salt;sodium;cholesterol;potassium;iron;calcium;vitamin a|b|c|d|e|k
greeting,hi|hello|hey|hiya|dear|hallo|hej|bonjour|ciao|hola;good morning|evening|afternoon
closing,love;lots of love;cheers;best;best wishes;thanks;thanks again;thank you;kind|warm? regards;regards;see you ~;enjoy;yours;bon appetit;happy cooking;x;xx;xxx;hugs;big hug;speak soon
ingredients,the? ingredients;ingredient list;you will? need;you'll need;what you'll? need;what goes in;shopping list;zutaten;ingredientes;ingredienti;ingredienten;ingredienser;for the list
method,the? method;steps;directions;instructions;preparation;how to;how to make;how to make it|this;procedure;what to do;to make;to make it;to make the ~;zubereitung;anleitung;preparacion;elaboracion;preparazione;procedimento;bereiding;bereidingswijze;tillagning;gor sa har;modo de preparo;preparo;what you do
notes,note|notes;notes to self;tip|tips;cook's note|notes;recipe notes
part,salad;dressing;vinaigrette;sauce;topping|toppings;garnish|garnishes;marinade;dip;base;crumb|crumbs;pickle|pickles;filling;glaze;salsa;dippers;croutons;assembly;spice mix;crunch;to serve;to finish;for serving;to garnish
role dressing,*dressing*;*vinaigrette*;*sauce*;*marinade*;*glaze*
role dip,dip*;*hummus*;spread
role dippers,*dipper*;*bread*;*cracker*
role topping,*topping*;*top*;*crunch*;*crumb*;*crouton*
role garnish,*garnish*;*serve*;*serving*;*finish*
kind dressing,dressing|dressings;vinaigrette|vinaigrettes;mayonnaise;mayo;aioli;alioli;ranch;ponzu;gastrique;remoulade;thousand island;caesar dressing
kind dip,dip|dips;*hummus*;*houmous*;hummous;hoummous;spread;pate;salsa;guacamole;tzatziki;toum;muhammara;baba ganoush|ghanoush|ganouj|ghanouj;moutabal|mutabal;romesco;chimichurri;raita;pesto;tapenade;taramasalata;tarama;labneh;skordalia;zhug|zhoug|schug;ajvar;kopanisti;tirokafteri;fava;borani;mast-o-khiar;cacik;haydari;pico de gallo;salsa verde;bagna cauda;queso;whipped feta;skyr dip;mojo;pebre;chutney;relish;harissa;bessara;bissara;gremolata;sikil pak;liptauer;obatzda;brandade;rillettes;caponata
kind salad,celeriac|celery remoulade;salad|salads;slaw|slaws;coleslaw;tabbouleh|tabouleh|tabbouli;fattoush;panzanella;caprese;nicoise;som tam;larb;laab;kachumber|kachumbari;ceviche;poke
kind dip anywhere,dip|dips;hummus;houmous;salsa;guacamole;tzatziki
kind of dressing,salad|slaw dressing
time,prep|preparation;cook|cooking;total;active;hands-on;rest|resting;chill|chilling;ready in
fact,serves;serving|servings;makes;yield|yields;feeds;enough for;for #;prep|preparation;cook|cooking;total;active;rest|resting;chill|chilling
energy,calories;energy;kcal
`;
