/** Written from keeping.csv by npm run facts. */
export const keepingTable = `
food,state,place,time,why,kind
@eggs,in a dish,cold,1 day,egg,estimate
@eggs,in a dressing,cold,1 day,raw egg,advice
avocado,in a dish,cold,1 day,avocado browns,estimate
avocado,in a dressing,cold,1 day,avocado browns,estimate
@rice,in a dish,cold,1 day,cooked rice: within 24 hours,advice
@fresh fish and shellfish,in a dish,cold,1 day,fish and shellfish,advice
@sprouts,in a dish,cold,1 day,sprouts,advice
@cut leaves,in a dish,cold,1 day,cut leaves,estimate
@meat,in a dish,cold,2 days,cooked meat or opened fish,advice
@preserved fish,in a dish,cold,2 days,cooked meat or opened fish,estimate
@fresh dairy,in a dish,cold,3 days,"fresh dairy, tofu or mayonnaise",estimate
@cheese,in a dish,cold,3 days,"fresh dairy, tofu or mayonnaise",estimate
@plant yoghurt,in a dish,cold,3 days,"fresh dairy, tofu or mayonnaise",estimate
@tofu,in a dish,cold,3 days,"fresh dairy, tofu or mayonnaise",estimate
@mayonnaise,in a dish,cold,3 days,"fresh dairy, tofu or mayonnaise",estimate
@pulses,in a dish,cold,3 days,"cooked pulses, grains or potatoes",estimate
@grains,in a dish,cold,3 days,"cooked pulses, grains or potatoes",estimate
@pasta,in a dish,cold,3 days,"cooked pulses, grains or potatoes",estimate
@potatoes,in a dish,cold,3 days,"cooked pulses, grains or potatoes",estimate
@fresh aromatics,in a dish,cold,3 days,"fresh garlic, herbs or chilli",advice
*,in a dish,cold,3 days,cut vegetables and fruit,estimate
?,in a dish,cold,1 day,something in it is not in the larder: eaten the next day,advice
@fresh aromatics,in a dressing,cold,3 days,"fresh garlic, chilli, shallot or herbs, which in oil are kept cold and used within 4 days",advice
@fresh dairy,in a dressing,cold,3 days,fresh dairy or tofu,estimate
@plant yoghurt,in a dressing,cold,3 days,fresh dairy or tofu,estimate
@plant drinks,in a dressing,cold,3 days,fresh dairy or tofu,estimate
@tofu,in a dressing,cold,3 days,fresh dairy or tofu,estimate
@blue cheese,in a dressing,cold,3 days,fresh dairy or tofu,estimate
@pulses,in a dressing,cold,3 days,cooked or opened pulses,estimate
*,in a dressing,cold,7 days,"oil, acid and seasoning",estimate
?,in a dressing,cold,1 day,something in it is not in the larder: used the next day,advice
@kept in oil only cold,in oil,cold,4 days,what grows without air in oil is not seen or smelt,advice
@rice,cooked,cold,1 day,cooled fast and eaten within 24 hours,advice
@fresh fish and shellfish,cooked,cold,1 day,fish and shellfish,advice
@preserved fish,opened,cold,2 days,opened fish,estimate
@poultry,cooked,cold,2 days,cooked poultry,advice
@red meat,cooked,cold,2 days,cooked meat,advice
@pork,cooked,cold,2 days,cooked meat,advice
@minced meat,cooked,cold,1 day,cooked mince,advice
@eggs,cooked,cold,2 days,peeled or cut; a week in the shell,advice
beetroot,cooked,cold,4 days,roasted or boiled and peeled,estimate
@potatoes,cooked,cold,3 days,cooked potatoes,estimate
@dried beans and chickpeas,cooked,cold,3 days,under their liquid,estimate
@lentils,cooked,cold,3 days,cooked pulses,estimate
@grains,cooked,cold,3 days,cooked grains,estimate
@pasta,cooked,cold,2 days,oiled so that it does not stick,estimate
@green vegetables,cooked,cold,1 day,the green fades,estimate
@mushrooms,cooked,cold,2 days,fried mushrooms,estimate
@onions,cooked,cold,4 days,softened or roasted onions,estimate
aubergine,cooked,cold,3 days,roasted aubergine,estimate
red-pepper,cooked,cold,4 days,charred and peeled,estimate
pepper,cooked,cold,4 days,charred and peeled,estimate
carrot,cooked,cold,3 days,roasted or boiled,estimate
squash,cooked,cold,3 days,roasted squash,estimate
pumpkin,cooked,cold,3 days,roasted pumpkin,estimate
cauliflower,cooked,cold,3 days,roasted or blanched,estimate
sweet-potato,cooked,cold,3 days,roasted or boiled,estimate
fennel,cooked,cold,3 days,roasted or braised,estimate
celeriac,cooked,cold,3 days,roasted or boiled,estimate
parsnip,cooked,cold,3 days,roasted,estimate
courgette,cooked,cold,2 days,grilled or fried,estimate
leek,cooked,cold,3 days,boiled or charred,estimate
@tomatoes,cooked,cold,3 days,roasted tomatoes,estimate
garlic,cooked,cold,4 days,roasted; in oil no longer than 4 days,advice
@tofu,cooked,cold,3 days,fried or baked,estimate
@sour fruit,cooked,cold,3 days,poached fruit,estimate
@stone fruit,cooked,cold,2 days,grilled or poached,estimate
pear,cooked,cold,3 days,poached under its syrup,estimate
quince,cooked,cold,5 days,poached under its syrup,estimate
@bacon,cooked,cold,2 days,crisp bacon,estimate
@toasted nuts and seeds,toasted,room,7 days,closed in a jar once cold,estimate
croutons,made,room,3 days,closed in a tin once cold,estimate
@cut leaves,washed,cold,2 days,"dry, wrapped in paper",estimate
@soft herbs,washed,cold,2 days,"dry, wrapped in paper",estimate
@sturdy leaves,cut,cold,2 days,"covered, undressed",estimate
@onions,cut,cold,1 day,covered,estimate
@watery vegetables,cut,cold,1 day,covered,estimate
@tomatoes,cut,cold,1 day,covered,estimate
carrot,cut,cold,2 days,covered,estimate
fennel,cut,cold,1 day,in iced water with lemon,estimate
celery,cut,cold,3 days,in cold water,estimate
radish,cut,cold,1 day,in iced water,estimate
@browns when cut,cut,room,30 minutes,browns without acid,estimate
@green vegetables,in acid,room,30 minutes,acid turns the green drab,estimate
@cut leaves,dressed,room,15 minutes,limp,estimate
@soft herbs,dressed,room,15 minutes,limp,estimate
@sturdy leaves,dressed,room,2 hours,softer and still crisp,estimate
@goes soft in a dressing,dressed,room,15 minutes,soft,estimate
@fresh fish and shellfish,raw in acid,cold,30 minutes,"turns chalky, and is still raw",estimate
@poultry,raw in acid,cold,4 hours,goes to mush,estimate
@red meat,raw in acid,cold,4 hours,goes to mush,estimate
@pork,raw in acid,cold,4 hours,goes to mush,estimate
*,quickly pickled,cold,21 days,under their liquid,estimate
*,prepared,cold,4 hours,"cut, cooked or toasted by staff before class",estimate
*,cooked,cold,3 days,what is cooked and cooled fast,advice
`;
