/** Written from cooking.csv by npm run facts. */
export const cookingTable = `
food,way,cut,low,high,until,water,change,kind
beetroot,boil,whole,35,60,a knife slides in,plenty,0.95,estimate
beetroot,steam,whole,40,60,a knife slides in,under it,0.97,estimate
beetroot,roast,whole,50,75,a knife slides in,,0.85,estimate
beetroot,roast,wedges,35,45,a knife slides in,,0.75,estimate
beetroot,roast,diced,25,35,a knife slides in,,0.7,estimate
beetroot,boil,diced,15,20,a knife slides in,plenty,0.95,estimate
beetroot,braise,sliced,30,40,a knife slides in,a little,0.9,estimate
carrot,boil,sliced,6,10,tender to a knife,plenty,0.95,estimate
carrot,steam,sliced,8,10,tender to a knife,under it,0.97,estimate
carrot,roast,whole,35,45,tender to a knife,,0.75,estimate
carrot,roast,diced,25,35,tender to a knife,,0.7,estimate
carrot,roast,wedges,30,40,tender to a knife,,0.72,estimate
carrot,blanch,matchsticks,1,2,tender to a knife,plenty,0.98,estimate
carrot,fry,sliced,8,10,tender to a knife,,0.9,estimate
carrot,grill,halved,10,14,tender to a knife,,0.85,estimate
carrot,braise,whole,25,35,tender to a knife,a little,0.9,estimate
carrot,boil,whole,12,20,tender to a knife,plenty,0.96,estimate
parsnip,roast,wedges,30,40,soft and browned at the edges,,0.72,estimate
parsnip,roast,diced,25,35,soft and browned at the edges,,0.7,estimate
parsnip,boil,diced,10,15,soft and browned at the edges,plenty,0.97,estimate
parsnip,steam,diced,12,15,soft and browned at the edges,under it,0.98,estimate
turnip,boil,diced,12,15,tender to a knife,plenty,0.97,estimate
turnip,roast,wedges,30,40,tender to a knife,,0.72,estimate
turnip,steam,diced,12,15,tender to a knife,under it,0.98,estimate
turnip,fry,diced,10,12,tender to a knife,,0.88,estimate
swede,boil,diced,18,25,tender to a knife,plenty,0.97,estimate
swede,roast,diced,35,45,tender to a knife,,0.7,estimate
swede,steam,diced,20,25,tender to a knife,under it,0.98,estimate
celeriac,boil,diced,15,20,tender to a knife,plenty,0.97,estimate
celeriac,roast,wedges,35,45,tender to a knife,,0.72,estimate
celeriac,roast,whole,90,120,tender to a knife,,0.75,estimate
celeriac,steam,diced,15,20,tender to a knife,under it,0.98,estimate
celeriac,blanch,matchsticks,1,2,tender to a knife,plenty,0.99,estimate
kohlrabi,boil,diced,12,15,tender to a knife,plenty,0.97,estimate
kohlrabi,roast,wedges,30,35,tender to a knife,,0.72,estimate
kohlrabi,steam,sliced,8,12,tender to a knife,under it,0.98,estimate
jerusalem-artichoke,roast,halved,30,40,tender and not collapsing,,0.75,estimate
jerusalem-artichoke,boil,whole,12,20,tender and not collapsing,plenty,0.97,estimate
jerusalem-artichoke,steam,whole,15,20,tender and not collapsing,under it,0.98,estimate
salsify,boil,sliced,15,20,tender to a knife,plenty,0.96,estimate
salsify,roast,wedges,25,35,tender to a knife,,0.75,estimate
daikon,boil,diced,15,20,tender and glassy,plenty,0.95,estimate
daikon,roast,wedges,30,40,tender and glassy,,0.72,estimate
daikon,braise,sliced,25,35,tender and glassy,a little,0.92,estimate
potato,boil,diced,12,15,a knife slides in,plenty,0.98,estimate
potato,boil,whole,20,30,a knife slides in,plenty,0.99,estimate
potato,steam,diced,15,18,a knife slides in,under it,0.99,estimate
potato,roast,diced,35,45,a knife slides in,,0.72,estimate
potato,roast,wedges,40,50,a knife slides in,,0.72,estimate
potato,bake,whole,60,80,a knife slides in,,0.85,estimate
potato,fry,diced,15,20,a knife slides in,,0.78,estimate
potato,microwave,whole,8,12,a knife slides in,,0.92,estimate
waxy-potato,boil,diced,12,15,a knife slides in,plenty,0.98,estimate
waxy-potato,boil,whole,20,25,a knife slides in,plenty,0.99,estimate
waxy-potato,steam,diced,15,18,a knife slides in,under it,0.99,estimate
waxy-potato,roast,diced,35,45,a knife slides in,,0.72,estimate
waxy-potato,roast,halved,40,50,a knife slides in,,0.74,estimate
new-potato,boil,whole,15,20,a knife slides in,plenty,0.99,estimate
new-potato,steam,whole,18,22,a knife slides in,under it,0.99,estimate
new-potato,roast,whole,35,45,a knife slides in,,0.78,estimate
new-potato,roast,halved,30,40,a knife slides in,,0.75,estimate
floury-potato,boil,diced,12,15,a knife slides in,plenty,0.99,estimate
floury-potato,boil,whole,20,30,a knife slides in,plenty,0.99,estimate
floury-potato,bake,whole,60,80,a knife slides in,,0.85,estimate
floury-potato,roast,wedges,40,50,a knife slides in,,0.7,estimate
floury-potato,steam,diced,15,18,a knife slides in,under it,0.99,estimate
sweet-potato,roast,diced,25,35,soft all through,,0.75,estimate
sweet-potato,roast,wedges,30,40,soft all through,,0.75,estimate
sweet-potato,bake,whole,45,60,soft all through,,0.85,estimate
sweet-potato,boil,diced,10,15,soft all through,plenty,0.98,estimate
sweet-potato,steam,diced,12,15,soft all through,under it,0.98,estimate
sweet-potato,grill,sliced,8,12,soft all through,,0.88,estimate
yam,boil,diced,20,25,soft all through,plenty,0.98,estimate
yam,roast,wedges,40,50,soft all through,,0.75,estimate
taro,boil,diced,15,25,soft all through and never raw,plenty,0.98,estimate
taro,steam,diced,20,25,soft all through and never raw,under it,0.98,estimate
plantain,fry,sliced,6,10,golden and soft,,0.85,estimate
plantain,bake,whole,35,45,golden and soft,,0.85,estimate
plantain,boil,sliced,15,20,golden and soft,plenty,0.98,estimate
lotus-root,boil,sliced,8,12,crisp-tender,plenty,0.96,estimate
lotus-root,fry,sliced,6,8,crisp-tender,,0.85,estimate
lotus-root,blanch,sliced,2,4,crisp-tender,plenty,0.98,estimate
squash,roast,wedges,35,45,soft to a knife,,0.75,estimate
squash,roast,diced,25,35,soft to a knife,,0.7,estimate
squash,steam,diced,12,15,soft to a knife,under it,0.97,estimate
squash,boil,diced,10,15,soft to a knife,plenty,0.98,estimate
squash,grill,sliced,8,12,soft to a knife,,0.85,estimate
squash,roast,halved,45,60,soft to a knife,,0.8,estimate
pumpkin,roast,wedges,35,45,soft to a knife,,0.75,estimate
pumpkin,roast,diced,25,35,soft to a knife,,0.7,estimate
pumpkin,steam,diced,12,15,soft to a knife,under it,0.97,estimate
pumpkin,boil,diced,10,15,soft to a knife,plenty,0.98,estimate
spaghetti-squash,roast,halved,40,55,strands come away with a fork,,0.82,estimate
spaghetti-squash,microwave,halved,10,14,strands come away with a fork,,0.9,estimate
aubergine,roast,diced,30,40,soft all through and never squeaky,,0.6,estimate
aubergine,roast,halved,35,45,soft all through and never squeaky,,0.7,estimate
aubergine,grill,sliced,8,12,soft all through and never squeaky,,0.75,estimate
aubergine,grill,whole,25,35,soft all through and never squeaky,,0.7,estimate
aubergine,fry,sliced,6,10,soft all through and never squeaky,,0.9,estimate
aubergine,bake,whole,45,60,soft all through and never squeaky,,0.7,estimate
aubergine,steam,diced,12,15,soft all through and never squeaky,under it,0.95,estimate
courgette,grill,sliced,5,8,tender with colour,,0.75,estimate
courgette,roast,diced,18,25,tender with colour,,0.65,estimate
courgette,fry,sliced,5,8,tender with colour,,0.8,estimate
courgette,steam,sliced,4,6,tender with colour,under it,0.95,estimate
courgette,blanch,sliced,1,2,tender with colour,plenty,0.98,estimate
pepper,grill,whole,12,20,skin black or flesh soft,,0.75,estimate
pepper,roast,whole,30,40,skin black or flesh soft,,0.7,estimate
pepper,roast,sliced,20,30,skin black or flesh soft,,0.65,estimate
pepper,fry,sliced,8,12,skin black or flesh soft,,0.8,estimate
red-pepper,grill,whole,12,20,skin black or flesh soft,,0.75,estimate
red-pepper,roast,whole,30,40,skin black or flesh soft,,0.7,estimate
red-pepper,roast,sliced,20,30,skin black or flesh soft,,0.65,estimate
red-pepper,fry,sliced,8,12,skin black or flesh soft,,0.8,estimate
green-pepper,grill,whole,12,20,skin black or flesh soft,,0.75,estimate
green-pepper,roast,whole,30,40,skin black or flesh soft,,0.7,estimate
green-pepper,fry,sliced,8,12,skin black or flesh soft,,0.8,estimate
pointed-pepper,grill,whole,8,12,skin blistered and flesh soft,,0.78,estimate
pointed-pepper,roast,whole,20,30,skin blistered and flesh soft,,0.72,estimate
pointed-pepper,fry,whole,8,10,skin blistered and flesh soft,,0.85,estimate
jalapeno,grill,whole,6,10,skin blistered,,0.85,estimate
jalapeno,roast,whole,15,20,skin blistered,,0.8,estimate
green-chilli,grill,whole,5,8,skin blistered,,0.88,estimate
green-chilli,fry,whole,3,5,skin blistered,,0.92,estimate
tomatillo,grill,whole,8,12,soft and olive green,,0.85,estimate
tomatillo,boil,whole,5,8,soft and olive green,plenty,1,estimate
tomatillo,roast,whole,15,20,soft and olive green,,0.8,estimate
tomato,roast,halved,30,60,collapsed at the edges,,0.6,estimate
tomato,grill,halved,5,8,collapsed at the edges,,0.88,estimate
tomato,fry,halved,5,8,collapsed at the edges,,0.85,estimate
tomato,blanch,whole,0.5,1,collapsed at the edges,plenty,1,estimate
tomato,bake,halved,120,180,collapsed at the edges,,0.35,estimate
cherry-tomato,roast,whole,15,25,skins split,,0.75,estimate
cherry-tomato,grill,whole,4,6,skins split,,0.9,estimate
cherry-tomato,fry,whole,4,6,skins split,,0.88,estimate
onion,sweat,sliced,10,15,soft and sweet,,0.75,estimate
onion,sweat,diced,8,10,soft and sweet,,0.78,estimate
onion,fry,sliced,8,12,soft and sweet,,0.7,estimate
onion,roast,wedges,30,40,soft and sweet,,0.7,estimate
onion,grill,sliced,8,10,soft and sweet,,0.8,estimate
onion,caramelise,sliced,35,50,soft and sweet,,0.45,estimate
onion,boil,whole,20,30,soft and sweet,plenty,0.97,estimate
red-onion,sweat,sliced,10,15,soft and sweet,,0.75,estimate
red-onion,roast,wedges,30,40,soft and sweet,,0.7,estimate
red-onion,grill,sliced,8,10,soft and sweet,,0.8,estimate
red-onion,caramelise,sliced,35,50,soft and sweet,,0.45,estimate
shallot,sweat,diced,5,8,soft and or crisp where fried,,0.78,estimate
shallot,roast,whole,30,40,soft and or crisp where fried,,0.72,estimate
shallot,fry,sliced,6,8,soft and or crisp where fried,,0.5,estimate
leek,sweat,sliced,8,12,silky all through,,0.75,estimate
leek,grill,halved,8,12,silky all through,,0.85,estimate
leek,boil,whole,12,18,silky all through,plenty,0.96,estimate
leek,steam,whole,12,15,silky all through,under it,0.97,estimate
leek,roast,halved,25,35,silky all through,,0.75,estimate
spring-onion,grill,whole,3,5,charred and limp,,0.88,estimate
spring-onion,fry,whole,3,4,charred and limp,,0.9,estimate
garlic,roast,whole,35,45,soft and pale gold,,0.85,estimate
garlic,fry,sliced,1,2,soft and pale gold,,0.7,estimate
garlic,sweat,chopped,1,2,soft and pale gold,,0.9,estimate
garlic,blanch,whole,3,5,soft and pale gold,plenty,1,estimate
garlic,confit,whole,35,45,soft and pale gold,,0.95,estimate
fennel,roast,wedges,30,40,tender to a knife,,0.72,estimate
fennel,grill,sliced,6,10,tender to a knife,,0.82,estimate
fennel,braise,wedges,25,35,tender to a knife,a little,0.88,estimate
fennel,boil,wedges,10,15,tender to a knife,plenty,0.96,estimate
fennel,steam,wedges,12,15,tender to a knife,under it,0.97,estimate
celery,braise,sliced,25,35,tender,a little,0.9,estimate
celery,boil,sliced,8,10,tender,plenty,0.97,estimate
celery,blanch,sliced,1,2,tender,plenty,0.99,estimate
cabbage,blanch,shredded,1,2,tender with bite,plenty,1,estimate
cabbage,boil,wedges,8,12,tender with bite,plenty,0.97,estimate
cabbage,roast,wedges,25,35,tender with bite,,0.72,estimate
cabbage,grill,wedges,8,12,tender with bite,,0.85,estimate
cabbage,fry,shredded,5,8,tender with bite,,0.8,estimate
cabbage,braise,shredded,40,60,tender with bite,a little,0.85,estimate
cabbage,steam,shredded,5,7,tender with bite,under it,0.97,estimate
red-cabbage,braise,shredded,60,90,tender,a little,0.82,estimate
red-cabbage,roast,wedges,30,40,tender,,0.72,estimate
red-cabbage,blanch,shredded,2,3,tender,plenty,1,estimate
savoy-cabbage,blanch,shredded,2,3,tender with bite,plenty,1,estimate
savoy-cabbage,boil,shredded,4,6,tender with bite,plenty,0.98,estimate
savoy-cabbage,steam,shredded,5,7,tender with bite,under it,0.98,estimate
savoy-cabbage,roast,wedges,20,30,tender with bite,,0.72,estimate
pointed-cabbage,grill,wedges,8,12,tender with bite,,0.85,estimate
pointed-cabbage,roast,wedges,20,30,tender with bite,,0.75,estimate
pointed-cabbage,blanch,shredded,1,2,tender with bite,plenty,1,estimate
pointed-cabbage,steam,shredded,4,6,tender with bite,under it,0.98,estimate
chinese-cabbage,fry,shredded,3,5,wilted with bite,,0.82,estimate
chinese-cabbage,blanch,shredded,1,1,wilted with bite,plenty,1,estimate
chinese-cabbage,steam,shredded,3,5,wilted with bite,under it,0.97,estimate
pak-choi,steam,halved,4,6,stalks crisp-tender,under it,0.97,estimate
pak-choi,fry,halved,3,5,stalks crisp-tender,,0.85,estimate
pak-choi,blanch,halved,1,2,stalks crisp-tender,plenty,0.98,estimate
pak-choi,grill,halved,4,6,stalks crisp-tender,,0.88,estimate
brussels-sprouts,roast,halved,20,28,tender and still green,,0.75,estimate
brussels-sprouts,boil,whole,6,9,tender and still green,plenty,0.98,estimate
brussels-sprouts,steam,whole,8,10,tender and still green,under it,0.98,estimate
brussels-sprouts,fry,shredded,4,6,tender and still green,,0.85,estimate
broccoli,blanch,florets,2,3,crisp-tender and bright green,plenty,1,estimate
broccoli,steam,florets,4,6,crisp-tender and bright green,under it,0.98,estimate
broccoli,roast,florets,15,20,crisp-tender and bright green,,0.75,estimate
broccoli,boil,florets,3,5,crisp-tender and bright green,plenty,1,estimate
broccoli,grill,florets,6,8,crisp-tender and bright green,,0.85,estimate
broccoli,microwave,florets,3,4,crisp-tender and bright green,,0.97,estimate
long-stem-broccoli,blanch,whole,2,3,crisp-tender and bright green,plenty,1,estimate
long-stem-broccoli,steam,whole,3,5,crisp-tender and bright green,under it,0.98,estimate
long-stem-broccoli,grill,whole,5,7,crisp-tender and bright green,,0.88,estimate
long-stem-broccoli,roast,whole,12,15,crisp-tender and bright green,,0.8,estimate
long-stem-broccoli,fry,whole,4,6,crisp-tender and bright green,,0.88,estimate
cauliflower,roast,florets,25,35,tender and browned,,0.7,estimate
cauliflower,blanch,florets,2,4,tender and browned,plenty,1,estimate
cauliflower,steam,florets,6,8,tender and browned,under it,0.98,estimate
cauliflower,boil,florets,5,8,tender and browned,plenty,0.99,estimate
cauliflower,roast,whole,60,80,tender and browned,,0.78,estimate
cauliflower,grill,sliced,8,12,tender and browned,,0.82,estimate
cauliflower,fry,florets,8,10,tender and browned,,0.82,estimate
romanesco,blanch,florets,2,3,crisp-tender,plenty,1,estimate
romanesco,steam,florets,5,7,crisp-tender,under it,0.98,estimate
romanesco,roast,florets,20,28,crisp-tender,,0.72,estimate
green-beans,blanch,whole,3,5,crisp-tender and squeak gone,plenty,1,estimate
green-beans,boil,whole,5,7,crisp-tender and squeak gone,plenty,1,estimate
green-beans,steam,whole,6,8,crisp-tender and squeak gone,under it,0.98,estimate
green-beans,fry,whole,5,8,crisp-tender and squeak gone,,0.85,estimate
green-beans,grill,whole,5,7,crisp-tender and squeak gone,,0.88,estimate
runner-beans,blanch,sliced,3,4,crisp-tender,plenty,1,estimate
runner-beans,boil,sliced,4,6,crisp-tender,plenty,1,estimate
runner-beans,steam,sliced,5,7,crisp-tender,under it,0.98,estimate
sugar-snap,blanch,whole,1,2,bright green and crisp,plenty,1,estimate
sugar-snap,steam,whole,2,3,bright green and crisp,under it,0.98,estimate
sugar-snap,fry,whole,2,3,bright green and crisp,,0.92,estimate
mangetout,blanch,whole,0.5,1,bright green and crisp,plenty,1,estimate
mangetout,steam,whole,1,2,bright green and crisp,under it,0.98,estimate
mangetout,fry,whole,2,3,bright green and crisp,,0.92,estimate
peas,boil,whole,2,3,hot and bright green,plenty,1,estimate
peas,steam,whole,2,3,hot and bright green,under it,0.99,estimate
peas,microwave,whole,2,3,hot and bright green,,0.98,estimate
fresh-peas,boil,whole,2,4,tender and bright green,plenty,1,estimate
fresh-peas,steam,whole,3,4,tender and bright green,under it,0.99,estimate
broad-beans,boil,whole,3,4,skins slip off,plenty,1,estimate
broad-beans,blanch,whole,2,3,skins slip off,plenty,1,estimate
fresh-broad-beans,boil,whole,3,5,skins slip off,plenty,1,estimate
fresh-broad-beans,blanch,whole,2,3,skins slip off,plenty,1,estimate
fresh-broad-beans,steam,whole,4,6,skins slip off,under it,0.99,estimate
edamame,boil,whole,3,5,tender with bite,plenty,1,estimate
edamame,steam,whole,4,6,tender with bite,under it,0.99,estimate
asparagus,blanch,whole,2,3,a knife just goes in,plenty,1,estimate
asparagus,steam,whole,3,5,a knife just goes in,under it,0.98,estimate
asparagus,grill,whole,4,7,a knife just goes in,,0.88,estimate
asparagus,roast,whole,8,12,a knife just goes in,,0.82,estimate
asparagus,boil,whole,2,4,a knife just goes in,plenty,1,estimate
asparagus,fry,whole,4,6,a knife just goes in,,0.88,estimate
globe-artichoke,boil,whole,25,40,a leaf pulls out,plenty,1,estimate
globe-artichoke,steam,whole,30,45,a leaf pulls out,under it,1,estimate
globe-artichoke,braise,quartered,20,25,a leaf pulls out,a little,0.95,estimate
globe-artichoke,grill,halved,8,12,a leaf pulls out,,0.9,estimate
corn-cob,boil,whole,4,7,kernels full and tender,plenty,1,estimate
corn-cob,grill,whole,10,15,kernels full and tender,,0.95,estimate
corn-cob,steam,whole,6,8,kernels full and tender,under it,1,estimate
corn-cob,roast,whole,20,25,kernels full and tender,,0.92,estimate
frozen-sweetcorn,boil,whole,2,3,hot through,plenty,1,estimate
frozen-sweetcorn,fry,whole,4,6,hot through,,0.85,estimate
frozen-sweetcorn,microwave,whole,2,3,hot through,,0.98,estimate
baby-corn,blanch,whole,2,3,crisp-tender,plenty,1,estimate
baby-corn,fry,whole,3,5,crisp-tender,,0.92,estimate
baby-corn,grill,whole,4,6,crisp-tender,,0.9,estimate
okra,fry,whole,6,8,tender and not slimy,,0.85,estimate
okra,grill,whole,5,8,tender and not slimy,,0.88,estimate
okra,roast,whole,12,15,tender and not slimy,,0.8,estimate
okra,steam,whole,5,7,tender and not slimy,under it,0.98,estimate
mushroom,fry,sliced,6,8,water gone and browned,,0.6,estimate
mushroom,roast,whole,15,20,water gone and browned,,0.6,estimate
mushroom,grill,whole,6,8,water gone and browned,,0.7,estimate
chestnut-mushroom,fry,sliced,6,8,water gone and browned,,0.6,estimate
chestnut-mushroom,roast,whole,15,20,water gone and browned,,0.6,estimate
chestnut-mushroom,fry,quartered,7,9,water gone and browned,,0.62,estimate
portobello,grill,whole,8,12,tender and dark,,0.65,estimate
portobello,roast,whole,15,20,tender and dark,,0.62,estimate
portobello,fry,sliced,6,8,tender and dark,,0.6,estimate
shiitake,fry,sliced,5,7,browned at the edges,,0.65,estimate
shiitake,grill,whole,5,7,browned at the edges,,0.72,estimate
shiitake,roast,whole,12,15,browned at the edges,,0.65,estimate
oyster-mushroom,fry,torn,5,7,crisp at the edges,,0.65,estimate
oyster-mushroom,roast,torn,15,20,crisp at the edges,,0.55,estimate
oyster-mushroom,grill,whole,5,7,crisp at the edges,,0.72,estimate
wild-mushroom,fry,whole,6,8,cooked right through and never raw,,0.62,estimate
enoki,fry,whole,2,3,limp,,0.75,estimate
enoki,blanch,whole,0.5,1,limp,plenty,1,estimate
leaf-spinach,wilt,whole,1,2,just collapsed,,0.75,estimate
leaf-spinach,blanch,whole,0.5,1,just collapsed,plenty,0.9,estimate
leaf-spinach,steam,whole,1,2,just collapsed,under it,0.85,estimate
leaf-spinach,boil,whole,1,2,just collapsed,plenty,0.85,estimate
baby-spinach,wilt,whole,0.5,1,just collapsed,,0.75,estimate
baby-spinach,steam,whole,1,1,just collapsed,under it,0.85,estimate
swiss-chard,wilt,chopped,3,5,stalks tender,,0.75,estimate
swiss-chard,blanch,whole,1,2,stalks tender,plenty,0.9,estimate
swiss-chard,steam,chopped,4,5,stalks tender,under it,0.88,estimate
kale,wilt,chopped,4,6,tender,,0.75,estimate
kale,blanch,whole,2,3,tender,plenty,0.95,estimate
kale,steam,chopped,5,7,tender,under it,0.92,estimate
kale,bake,torn,10,15,tender,,0.35,estimate
kale,boil,chopped,4,6,tender,plenty,0.95,estimate
black-kale,wilt,chopped,4,6,tender,,0.75,estimate
black-kale,blanch,whole,2,3,tender,plenty,0.95,estimate
black-kale,boil,chopped,5,8,tender,plenty,0.95,estimate
black-kale,bake,torn,10,12,tender,,0.35,estimate
collard-greens,boil,shredded,10,15,tender,plenty,0.92,estimate
collard-greens,wilt,shredded,6,8,tender,,0.78,estimate
beet-leaves,wilt,chopped,2,4,just collapsed,,0.75,estimate
turnip-tops,blanch,chopped,2,3,tender,plenty,0.92,estimate
turnip-tops,wilt,chopped,4,6,tender,,0.78,estimate
dandelion-leaves,blanch,whole,1,2,tender,plenty,0.9,estimate
dandelion-leaves,wilt,chopped,2,4,tender,,0.78,estimate
choy-sum,steam,whole,3,5,stalks crisp-tender,under it,0.97,estimate
choy-sum,blanch,whole,1,2,stalks crisp-tender,plenty,0.98,estimate
choy-sum,fry,chopped,3,4,stalks crisp-tender,,0.88,estimate
gai-lan,blanch,whole,2,3,stalks crisp-tender,plenty,0.98,estimate
gai-lan,steam,whole,4,6,stalks crisp-tender,under it,0.97,estimate
gai-lan,fry,chopped,3,5,stalks crisp-tender,,0.88,estimate
water-spinach,fry,chopped,2,3,wilted with bite,,0.82,estimate
water-spinach,blanch,whole,1,1,wilted with bite,plenty,0.95,estimate
samphire,blanch,whole,1,2,tender and still bright,plenty,1,estimate
samphire,steam,whole,2,3,tender and still bright,under it,0.99,estimate
chicory,grill,halved,5,8,soft at the core,,0.85,estimate
chicory,braise,halved,20,30,soft at the core,a little,0.85,estimate
chicory,roast,halved,20,25,soft at the core,,0.78,estimate
radicchio,grill,wedges,4,6,wilted and browned,,0.85,estimate
radicchio,roast,wedges,12,18,wilted and browned,,0.78,estimate
little-gem,grill,halved,2,4,charred and still crisp inside,,0.9,estimate
cos-lettuce,grill,halved,2,4,charred and still crisp inside,,0.9,estimate
radish,roast,halved,18,25,tender,,0.72,estimate
radish,fry,halved,6,8,tender,,0.85,estimate
chayote,boil,diced,10,15,tender to a knife,plenty,0.98,estimate
chayote,roast,wedges,30,35,tender to a knife,,0.75,estimate
nopales,boil,sliced,10,15,olive green and slime gone,plenty,0.9,estimate
nopales,grill,whole,6,10,olive green and slime gone,,0.82,estimate
bitter-gourd,blanch,sliced,2,3,tender,plenty,0.98,estimate
bitter-gourd,fry,sliced,6,8,tender,,0.82,estimate
fiddleheads,boil,whole,10,12,tender and never raw,plenty,0.98,estimate
fiddleheads,steam,whole,12,15,tender and never raw,under it,0.98,estimate
jicama,fry,sliced,4,6,still crisp,,0.92,estimate
green-papaya,blanch,shredded,0.5,1,crisp,plenty,1,estimate
apple,bake,halved,25,35,tender and holding its shape,,0.85,estimate
apple,fry,wedges,5,7,tender and holding its shape,,0.88,estimate
apple,poach,wedges,8,12,tender and holding its shape,to cover,1,estimate
apple,stew,diced,10,15,tender and holding its shape,a little,0.9,estimate
pear,poach,halved,12,20,tender and holding its shape,to cover,1,estimate
pear,grill,halved,4,6,tender and holding its shape,,0.92,estimate
pear,roast,halved,20,30,tender and holding its shape,,0.82,estimate
pear,fry,wedges,4,6,tender and holding its shape,,0.9,estimate
quince,poach,wedges,60,90,rosy and tender,to cover,1,estimate
quince,roast,wedges,60,80,rosy and tender,,0.75,estimate
peach,grill,halved,3,5,warm and marked,,0.92,estimate
peach,roast,halved,15,20,warm and marked,,0.82,estimate
peach,poach,halved,6,10,warm and marked,to cover,1,estimate
nectarine,grill,halved,3,5,warm and marked,,0.92,estimate
nectarine,roast,halved,15,20,warm and marked,,0.82,estimate
plum,roast,halved,15,20,soft and skins on,,0.8,estimate
plum,grill,halved,3,5,soft and skins on,,0.92,estimate
plum,poach,halved,5,8,soft and skins on,to cover,1,estimate
apricot,grill,halved,2,4,soft and skins on,,0.92,estimate
apricot,roast,halved,12,18,soft and skins on,,0.82,estimate
apricot,poach,halved,4,6,soft and skins on,to cover,1,estimate
fig,roast,halved,10,15,soft and jammy,,0.85,estimate
fig,grill,halved,2,4,soft and jammy,,0.93,estimate
pineapple,grill,sliced,4,6,marked and juicy,,0.88,estimate
pineapple,roast,sliced,20,25,marked and juicy,,0.78,estimate
watermelon,grill,sliced,2,4,marked,,0.9,estimate
mango,grill,sliced,3,4,marked,,0.92,estimate
rhubarb,roast,sliced,12,18,soft and holding its shape,,0.85,estimate
rhubarb,poach,sliced,4,6,soft and holding its shape,to cover,0.98,estimate
rhubarb,stew,sliced,6,10,soft and holding its shape,a little,0.9,estimate
grapes,roast,whole,15,20,skins split,,0.8,estimate
lemon,grill,halved,3,5,caramelised,,0.92,estimate
lemon,roast,halved,20,25,caramelised,,0.82,estimate
orange,grill,sliced,2,4,marked,,0.9,estimate
banana,grill,halved,3,5,soft and marked,,0.92,estimate
banana,fry,sliced,3,4,soft and marked,,0.92,estimate
egg,boil,whole,7,10,white set and yolk as wanted,plenty,1,estimate
egg,hard-boil,whole,9,11,white set and yolk as wanted,plenty,1,estimate
egg,soft-boil,whole,5.5,6.5,white set and yolk as wanted,plenty,1,estimate
egg,poach,whole,3,4,white set and yolk as wanted,to cover,0.98,estimate
egg,fry,whole,2,4,white set and yolk as wanted,,0.93,estimate
egg,scramble,beaten,2,4,white set and yolk as wanted,,0.95,estimate
egg,coddle,whole,5,7,white set and yolk as wanted,plenty,1,estimate
egg,bake,whole,10,14,white set and yolk as wanted,,0.95,estimate
egg,steam,whole,8,12,white set and yolk as wanted,under it,1,estimate
quail-eggs,boil,whole,2.5,4,white set,plenty,1,estimate
quail-eggs,fry,whole,1,2,white set,,0.93,estimate
quail-eggs,hard-boil,whole,4,5,white set,plenty,1,estimate
duck-eggs,boil,whole,9,12,white and yolk set,plenty,1,estimate
duck-eggs,poach,whole,4,5,white and yolk set,to cover,0.98,estimate
duck-eggs,fry,whole,3,5,white and yolk set,,0.93,estimate
halloumi,fry,sliced,3,5,golden on both sides,,0.92,estimate
halloumi,grill,sliced,3,5,golden on both sides,,0.92,estimate
halloumi,bake,diced,12,15,golden on both sides,,0.88,estimate
paneer,fry,diced,4,6,golden,,0.92,estimate
paneer,grill,diced,4,6,golden,,0.92,estimate
feta,bake,whole,15,20,soft and golden at the edges,,0.92,estimate
goats-cheese,grill,sliced,3,5,bubbling,,0.95,estimate
goats-cheese,bake,sliced,6,10,bubbling,,0.93,estimate
firm-tofu,fry,diced,8,12,golden and firm,,0.75,estimate
firm-tofu,bake,diced,25,35,golden and firm,,0.65,estimate
firm-tofu,grill,sliced,6,8,golden and firm,,0.82,estimate
firm-tofu,steam,sliced,6,8,golden and firm,under it,0.98,estimate
tofu,fry,diced,8,12,golden and firm,,0.75,estimate
tofu,bake,diced,25,35,golden and firm,,0.65,estimate
tofu,steam,sliced,6,8,golden and firm,under it,0.98,estimate
tempeh,fry,sliced,6,8,golden,,0.92,estimate
tempeh,steam,sliced,10,15,golden,under it,1,estimate
tempeh,bake,sliced,20,25,golden,,0.85,estimate
seitan,fry,sliced,5,7,browned,,0.92,estimate
chicken-breast,poach,whole,14,18,75 °C in the middle and the juices clear,to cover,0.82,estimate
chicken-breast,grill,whole,10,14,75 °C in the middle and the juices clear,,0.75,estimate
chicken-breast,roast,whole,20,25,75 °C in the middle and the juices clear,,0.75,estimate
chicken-breast,fry,whole,10,14,75 °C in the middle and the juices clear,,0.76,estimate
chicken-breast,fry,diced,6,8,75 °C in the middle and the juices clear,,0.72,estimate
chicken-breast,steam,whole,15,18,75 °C in the middle and the juices clear,under it,0.83,estimate
chicken-thigh,grill,whole,12,16,75 °C in the middle and the juices clear,,0.72,estimate
chicken-thigh,roast,whole,30,40,75 °C in the middle and the juices clear,,0.7,estimate
chicken-thigh,fry,whole,14,18,75 °C in the middle and the juices clear,,0.7,estimate
chicken-thigh,braise,whole,35,45,75 °C in the middle and the juices clear,a little,0.75,estimate
chicken-thigh,poach,whole,20,25,75 °C in the middle and the juices clear,to cover,0.8,estimate
chicken-pieces,roast,whole,35,45,75 °C in the middle and the juices clear,,0.7,estimate
chicken-pieces,braise,whole,35,50,75 °C in the middle and the juices clear,a little,0.75,estimate
chicken-pieces,grill,whole,20,30,75 °C in the middle and the juices clear,,0.7,estimate
chicken-pieces,fry,whole,20,30,75 °C in the middle and the juices clear,,0.7,estimate
whole-chicken,roast,whole,75,100,75 °C in the thigh and the juices clear,,0.7,estimate
whole-chicken,poach,whole,50,70,75 °C in the thigh and the juices clear,to cover,0.78,estimate
minced-chicken,fry,whole,8,10,75 °C in the middle and no pink,,0.75,estimate
minced-chicken,grill,whole,8,12,75 °C in the middle and no pink,,0.75,estimate
minced-turkey,fry,whole,8,10,75 °C in the middle and no pink,,0.75,estimate
minced-turkey,grill,whole,8,12,75 °C in the middle and no pink,,0.75,estimate
turkey,fry,whole,8,12,75 °C in the middle and the juices clear,,0.75,estimate
turkey,roast,whole,25,35,75 °C in the middle and the juices clear,,0.75,estimate
turkey,grill,whole,8,12,75 °C in the middle and the juices clear,,0.75,estimate
turkey,poach,whole,15,20,75 °C in the middle and the juices clear,to cover,0.82,estimate
duck-breast,fry,whole,12,16,as your local code says for duck,,0.7,estimate
duck-breast,grill,whole,10,14,as your local code says for duck,,0.72,estimate
duck-breast,roast,whole,12,18,as your local code says for duck,,0.72,estimate
duck-legs,roast,whole,75,100,meat comes off the bone,,0.6,estimate
duck-legs,confit,whole,120,180,meat comes off the bone,,0.62,estimate
duck-legs,braise,whole,90,120,meat comes off the bone,a little,0.65,estimate
quail,grill,whole,10,14,75 °C in the middle and the juices clear,,0.75,estimate
quail,roast,whole,15,20,75 °C in the middle and the juices clear,,0.75,estimate
guinea-fowl,roast,whole,40,55,75 °C in the middle and the juices clear,,0.72,estimate
guinea-fowl,grill,whole,12,16,75 °C in the middle and the juices clear,,0.75,estimate
goose-breast,fry,whole,14,18,75 °C in the middle and the juices clear,,0.7,estimate
goose-breast,roast,whole,18,25,75 °C in the middle and the juices clear,,0.7,estimate
beef-steak,grill,whole,4,8,as wanted; minced or pierced to 71 °C or more,,0.8,estimate
beef-steak,fry,whole,4,8,as wanted; minced or pierced to 71 °C or more,,0.8,estimate
beef-steak,roast,whole,12,18,as wanted; minced or pierced to 71 °C or more,,0.78,estimate
minced-beef,fry,whole,8,10,75 °C in the middle and no pink,,0.72,estimate
minced-beef,grill,whole,8,10,75 °C in the middle and no pink,,0.72,estimate
minced-lamb,fry,whole,8,10,75 °C in the middle and no pink,,0.72,estimate
minced-lamb,grill,whole,8,12,75 °C in the middle and no pink,,0.72,estimate
minced-pork,fry,whole,8,10,75 °C in the middle and no pink,,0.72,estimate
minced-pork,grill,whole,8,12,75 °C in the middle and no pink,,0.72,estimate
lamb-steaks,grill,whole,6,10,as wanted and rested 5 min,,0.78,estimate
lamb-steaks,fry,whole,6,10,as wanted and rested 5 min,,0.78,estimate
lamb-steaks,roast,whole,15,20,as wanted and rested 5 min,,0.75,estimate
lamb-koftas,grill,whole,8,12,75 °C in the middle and no pink,,0.75,estimate
lamb-koftas,fry,whole,8,12,75 °C in the middle and no pink,,0.75,estimate
lamb-koftas,bake,whole,15,20,75 °C in the middle and no pink,,0.78,estimate
pork-fillet,roast,whole,20,28,70 °C for two minutes and or 75 °C,,0.78,estimate
pork-fillet,grill,whole,14,20,70 °C for two minutes and or 75 °C,,0.78,estimate
pork-fillet,fry,sliced,5,7,70 °C for two minutes and or 75 °C,,0.78,estimate
sausages,fry,whole,12,16,75 °C in the middle and no pink,,0.8,estimate
sausages,grill,whole,12,16,75 °C in the middle and no pink,,0.8,estimate
sausages,roast,whole,25,30,75 °C in the middle and no pink,,0.8,estimate
chicken-sausages,fry,whole,12,16,75 °C in the middle and no pink,,0.82,estimate
chicken-sausages,grill,whole,12,16,75 °C in the middle and no pink,,0.82,estimate
chicken-sausages,roast,whole,20,28,75 °C in the middle and no pink,,0.82,estimate
merguez,grill,whole,8,12,75 °C in the middle and no pink,,0.75,estimate
merguez,fry,whole,8,12,75 °C in the middle and no pink,,0.75,estimate
chorizo,fry,sliced,3,5,oil runs red,,0.8,estimate
chorizo,grill,whole,8,12,oil runs red,,0.78,estimate
smoked-bacon,fry,whole,5,8,crisp,,0.45,estimate
smoked-bacon,grill,whole,5,8,crisp,,0.45,estimate
smoked-bacon,bake,whole,12,18,crisp,,0.42,estimate
back-bacon,fry,whole,5,7,browned,,0.6,estimate
back-bacon,grill,whole,5,8,browned,,0.58,estimate
pancetta,fry,diced,5,7,crisp,,0.5,estimate
pancetta,bake,sliced,8,12,crisp,,0.42,estimate
venison,fry,whole,6,8,as wanted and rested 5 min,,0.8,estimate
venison,grill,whole,6,8,as wanted and rested 5 min,,0.8,estimate
rabbit,braise,whole,60,90,meat comes off the bone,a little,0.72,estimate
rabbit,roast,whole,35,45,meat comes off the bone,,0.72,estimate
chicken-livers,fry,whole,5,7,75 °C in the middle and no pink,,0.75,estimate
salmon,poach,whole,8,12,flakes; 63 °C in the middle,to cover,0.88,estimate
salmon,bake,whole,12,18,flakes; 63 °C in the middle,,0.85,estimate
salmon,grill,whole,6,10,flakes; 63 °C in the middle,,0.85,estimate
salmon,fry,whole,6,9,flakes; 63 °C in the middle,,0.85,estimate
salmon,steam,whole,8,10,flakes; 63 °C in the middle,under it,0.9,estimate
cod,bake,whole,12,15,flakes; 63 °C in the middle,,0.85,estimate
cod,poach,whole,6,10,flakes; 63 °C in the middle,to cover,0.88,estimate
cod,fry,whole,6,8,flakes; 63 °C in the middle,,0.85,estimate
cod,steam,whole,7,9,flakes; 63 °C in the middle,under it,0.9,estimate
haddock,bake,whole,12,15,flakes; 63 °C in the middle,,0.85,estimate
haddock,poach,whole,6,10,flakes; 63 °C in the middle,to cover,0.88,estimate
haddock,fry,whole,6,8,flakes; 63 °C in the middle,,0.85,estimate
hake,bake,whole,12,15,flakes; 63 °C in the middle,,0.85,estimate
hake,fry,whole,6,8,flakes; 63 °C in the middle,,0.85,estimate
hake,poach,whole,6,10,flakes; 63 °C in the middle,to cover,0.88,estimate
halibut,bake,whole,12,15,flakes; 63 °C in the middle,,0.85,estimate
halibut,grill,whole,6,9,flakes; 63 °C in the middle,,0.85,estimate
halibut,fry,whole,6,9,flakes; 63 °C in the middle,,0.85,estimate
monkfish,roast,whole,12,18,white all through; 63 °C,,0.8,estimate
monkfish,grill,diced,6,8,white all through; 63 °C,,0.8,estimate
monkfish,fry,sliced,5,7,white all through; 63 °C,,0.8,estimate
monkfish,braise,whole,10,14,white all through; 63 °C,a little,0.82,estimate
sea-bass,grill,whole,5,8,flakes; 63 °C in the middle,,0.85,estimate
sea-bass,fry,whole,4,6,flakes; 63 °C in the middle,,0.85,estimate
sea-bass,bake,whole,10,14,flakes; 63 °C in the middle,,0.85,estimate
sea-bass,steam,whole,7,9,flakes; 63 °C in the middle,under it,0.9,estimate
sea-bream,grill,whole,5,8,flakes; 63 °C in the middle,,0.85,estimate
sea-bream,fry,whole,4,6,flakes; 63 °C in the middle,,0.85,estimate
sea-bream,bake,whole,12,18,flakes; 63 °C in the middle,,0.85,estimate
trout,bake,whole,12,18,flakes; 63 °C in the middle,,0.85,estimate
trout,fry,whole,5,8,flakes; 63 °C in the middle,,0.85,estimate
trout,grill,whole,6,9,flakes; 63 °C in the middle,,0.85,estimate
trout,poach,whole,6,9,flakes; 63 °C in the middle,to cover,0.88,estimate
mackerel,grill,whole,5,8,flakes; 63 °C in the middle,,0.82,estimate
mackerel,fry,whole,4,6,flakes; 63 °C in the middle,,0.82,estimate
mackerel,bake,whole,10,14,flakes; 63 °C in the middle,,0.82,estimate
sardines,grill,whole,3,5,flakes,,0.82,estimate
sardines,fry,whole,3,5,flakes,,0.82,estimate
sardines,bake,whole,8,10,flakes,,0.82,estimate
tuna-steak,grill,whole,2,5,as wanted where your code and the fish allow it,,0.85,estimate
tuna-steak,fry,whole,2,5,as wanted where your code and the fish allow it,,0.85,estimate
swordfish,grill,whole,6,8,63 °C in the middle,,0.82,estimate
swordfish,fry,whole,6,8,63 °C in the middle,,0.82,estimate
red-mullet,fry,whole,4,6,flakes,,0.85,estimate
red-mullet,grill,whole,4,6,flakes,,0.85,estimate
snapper,grill,whole,6,9,flakes; 63 °C in the middle,,0.85,estimate
snapper,bake,whole,12,18,flakes; 63 °C in the middle,,0.85,estimate
snapper,fry,whole,5,8,flakes; 63 °C in the middle,,0.85,estimate
smoked-haddock,poach,whole,6,10,flakes,to cover,0.88,estimate
smoked-haddock,bake,whole,12,15,flakes,,0.86,estimate
salt-cod,poach,whole,8,12,flakes,to cover,1,estimate
salt-cod,boil,whole,10,15,flakes,plenty,1,estimate
prawns,boil,whole,2,3,pink and opaque all through,plenty,0.82,estimate
prawns,fry,whole,3,4,pink and opaque all through,,0.8,estimate
prawns,grill,whole,3,5,pink and opaque all through,,0.8,estimate
prawns,steam,whole,3,4,pink and opaque all through,under it,0.85,estimate
prawns,poach,whole,2,4,pink and opaque all through,to cover,0.83,estimate
shell-on-prawns,boil,whole,2,4,pink and opaque all through,plenty,0.85,estimate
shell-on-prawns,grill,whole,4,6,pink and opaque all through,,0.82,estimate
shell-on-prawns,fry,whole,4,5,pink and opaque all through,,0.82,estimate
squid,grill,whole,2,3,opaque and at once or long,,0.75,estimate
squid,fry,sliced,1,2,opaque and at once or long,,0.75,estimate
squid,braise,whole,40,60,opaque and at once or long,a little,0.6,estimate
squid,blanch,sliced,0.5,1,opaque and at once or long,plenty,0.85,estimate
octopus,boil,whole,45,75,a knife slides into the thick part,plenty,0.5,estimate
octopus,grill,sliced,4,6,a knife slides into the thick part,,0.85,estimate
octopus,braise,whole,50,70,a knife slides into the thick part,a little,0.5,estimate
mussels,steam,whole,4,6,open; those that stay shut are thrown away,under it,0.9,estimate
mussels,boil,whole,3,5,open; those that stay shut are thrown away,plenty,0.9,estimate
clams,steam,whole,4,7,open; those that stay shut are thrown away,under it,0.9,estimate
clams,boil,whole,3,5,open; those that stay shut are thrown away,plenty,0.9,estimate
cockles,steam,whole,3,4,open,under it,0.9,estimate
scallops,fry,whole,2,4,opaque and springy,,0.82,estimate
scallops,grill,whole,2,4,opaque and springy,,0.82,estimate
crab-meat,steam,whole,3,4,hot through,under it,0.97,estimate
lobster,boil,whole,10,15,shell red and flesh opaque,plenty,0.9,estimate
lobster,grill,halved,8,10,shell red and flesh opaque,,0.85,estimate
langoustines,boil,whole,2,4,opaque,plenty,0.9,estimate
langoustines,grill,halved,3,4,opaque,,0.85,estimate
crayfish,boil,whole,4,6,red and opaque,plenty,0.9,estimate
eel,grill,whole,8,12,flakes,,0.8,estimate
white-rice,boil,whole,10,12,grains soft and no hard core,plenty,2.6,estimate
white-rice,absorb,whole,12,18,grains soft and no hard core,measured,2.6,estimate
white-rice,steam,whole,15,20,grains soft and no hard core,under it,2.5,estimate
white-rice,microwave,whole,12,15,grains soft and no hard core,,2.6,estimate
jasmine-rice,absorb,whole,12,15,soft and standing apart,measured,2.5,estimate
jasmine-rice,boil,whole,10,12,soft and standing apart,plenty,2.6,estimate
jasmine-rice,steam,whole,18,22,soft and standing apart,under it,2.4,estimate
sushi-rice,absorb,whole,12,15,soft and sticky,measured,2.3,estimate
sushi-rice,boil,whole,12,14,soft and sticky,plenty,2.5,estimate
risotto-rice,simmer,whole,16,20,creamy with bite,to cover,2.8,estimate
risotto-rice,boil,whole,14,16,creamy with bite,plenty,2.6,estimate
glutinous-rice,steam,whole,20,30,translucent and chewy,under it,2,estimate
brown-rice,boil,whole,25,30,tender with bite,plenty,2.5,estimate
brown-rice,absorb,whole,30,40,tender with bite,measured,2.5,estimate
red-rice,boil,whole,25,35,tender with bite,plenty,2.4,estimate
red-rice,absorb,whole,30,40,tender with bite,measured,2.4,estimate
black-rice,boil,whole,30,40,tender with bite,plenty,2.4,estimate
black-rice,absorb,whole,35,45,tender with bite,measured,2.4,estimate
wild-rice,boil,whole,40,50,grains split,plenty,3,estimate
quinoa,boil,whole,10,12,white threads show,plenty,2.8,estimate
quinoa,absorb,whole,12,15,white threads show,measured,2.7,estimate
red-quinoa,boil,whole,12,15,white threads show,plenty,2.7,estimate
red-quinoa,absorb,whole,15,18,white threads show,measured,2.6,estimate
black-quinoa,boil,whole,14,17,white threads show,plenty,2.7,estimate
black-quinoa,absorb,whole,16,20,white threads show,measured,2.6,estimate
bulgur,soak,whole,12,20,soft and no hard core,just covered,2.4,estimate
bulgur,boil,whole,8,12,soft and no hard core,plenty,2.5,estimate
bulgur,absorb,whole,10,15,soft and no hard core,measured,2.4,estimate
fine-bulgur,soak,whole,8,15,soft,just covered,2.3,estimate
cracked-wheat,boil,whole,12,15,soft with bite,plenty,2.4,estimate
cracked-wheat,absorb,whole,15,20,soft with bite,measured,2.4,estimate
couscous,soak,whole,5,10,soft and forked apart,just covered,2.3,estimate
couscous,steam,whole,15,20,soft and forked apart,under it,2.3,estimate
couscous,absorb,whole,5,8,soft and forked apart,measured,2.3,estimate
wholewheat-couscous,soak,whole,6,10,soft and forked apart,just covered,2.3,estimate
wholewheat-couscous,absorb,whole,6,10,soft and forked apart,measured,2.3,estimate
giant-couscous,boil,whole,8,10,soft with bite,plenty,2.4,estimate
giant-couscous,absorb,whole,10,12,soft with bite,measured,2.4,estimate
fregola,boil,whole,10,14,soft with bite,plenty,2.3,estimate
farro,boil,whole,20,30,chewy and no hard core,plenty,2.3,estimate
farro,absorb,whole,25,30,chewy and no hard core,measured,2.3,estimate
pearl-barley,boil,whole,25,35,chewy and no hard core,plenty,3,estimate
pearl-barley,absorb,whole,30,40,chewy and no hard core,measured,2.8,estimate
pot-barley,boil,whole,45,60,chewy and no hard core,plenty,3,estimate
freekeh,boil,whole,18,25,chewy,plenty,2.5,estimate
freekeh,absorb,whole,20,25,chewy,measured,2.5,estimate
wheat-berries,boil,whole,45,60,chewy and grains split,plenty,2.3,estimate
whole-spelt,boil,whole,40,55,chewy and grains split,plenty,2.3,estimate
rye-grains,boil,whole,50,60,chewy and grains split,plenty,2.3,estimate
buckwheat,boil,whole,10,14,tender and not mushy,plenty,2.4,estimate
buckwheat,absorb,whole,12,15,tender and not mushy,measured,2.4,estimate
buckwheat,toast,whole,3,5,tender and not mushy,,0.97,estimate
millet,boil,whole,12,15,soft and dry,plenty,2.6,estimate
millet,absorb,whole,15,18,soft and dry,measured,2.6,estimate
amaranth,boil,whole,18,22,soft and sticky,plenty,2.5,estimate
teff,boil,whole,15,20,soft,plenty,2.5,estimate
fonio,absorb,whole,4,6,soft,measured,2.5,estimate
fonio,steam,whole,8,12,soft,under it,2.5,estimate
polenta,simmer,whole,25,40,comes away from the pan,to cover,4.5,estimate
polenta,boil,whole,5,8,comes away from the pan,plenty,4.5,estimate
hominy,boil,whole,120,180,tender and burst,plenty,2.3,estimate
oats,toast,whole,8,12,golden,,0.95,estimate
oats,simmer,whole,5,8,golden,to cover,4,estimate
short-pasta,boil,whole,9,12,tender with bite,plenty,2.1,estimate
long-pasta,boil,whole,8,11,tender with bite,plenty,2.2,estimate
orzo,boil,whole,7,9,tender with bite,plenty,2.2,estimate
wholewheat-pasta,boil,whole,10,13,tender with bite,plenty,2.1,estimate
gluten-free-pasta,boil,whole,8,11,tender with bite,plenty,2.1,estimate
egg-pasta,boil,whole,2,4,tender,plenty,1.8,estimate
filled-pasta,boil,whole,3,5,they float,plenty,1.3,estimate
gnocchi,boil,whole,2,3,they float,plenty,1.05,estimate
gnocchi,fry,whole,6,8,they float,,0.95,estimate
egg-noodles,boil,whole,3,5,tender,plenty,2.1,estimate
egg-noodles,soak,whole,6,10,tender,just covered,2,estimate
rice-noodles,soak,whole,5,10,tender and springy,just covered,2.2,estimate
rice-noodles,boil,whole,2,4,tender and springy,plenty,2.3,estimate
glass-noodles,soak,whole,5,10,clear and springy,just covered,3,estimate
glass-noodles,boil,whole,2,4,clear and springy,plenty,3.2,estimate
soba,boil,whole,4,6,tender and rinsed cold,plenty,2.2,estimate
udon,boil,whole,8,12,tender and springy,plenty,2.2,estimate
wheat-noodles,boil,whole,2,4,tender and rinsed cold,plenty,2.1,estimate
dried-white-beans,boil,whole,50,80,creamy all through,plenty,2.3,estimate
dried-kidney-beans,boil,whole,60,90,creamy all through and boiled hard first,plenty,2.3,estimate
dried-black-beans,boil,whole,50,80,creamy all through and boiled hard first,plenty,2.3,estimate
dried-borlotti-beans,boil,whole,50,80,creamy all through and boiled hard first,plenty,2.3,estimate
dried-pinto-beans,boil,whole,60,90,creamy all through and boiled hard first,plenty,2.3,estimate
dried-black-eyed-beans,boil,whole,30,45,creamy all through,plenty,2.3,estimate
dried-butter-beans,boil,whole,50,80,creamy all through and boiled hard first,plenty,2.3,estimate
dried-broad-beans,boil,whole,50,75,soft and skins slip,plenty,2.3,estimate
dried-chickpeas,boil,whole,60,100,soft between two fingers,plenty,2.2,estimate
split-peas,boil,whole,30,45,soft,plenty,2.3,estimate
red-lentils,boil,whole,12,18,collapsing,plenty,2.3,estimate
red-lentils,simmer,whole,15,20,collapsing,to cover,2.5,estimate
green-lentils,boil,whole,20,28,tender and holding their shape,plenty,2.4,estimate
green-lentils,simmer,whole,22,30,tender and holding their shape,to cover,2.4,estimate
brown-lentils,boil,whole,20,30,tender and holding their shape,plenty,2.4,estimate
black-lentils,boil,whole,20,28,tender and holding their shape,plenty,2.4,estimate
mung-beans,boil,whole,25,35,tender,plenty,2.4,estimate
adzuki-beans,boil,whole,40,60,tender,plenty,2.3,estimate
urad-dal,boil,whole,30,45,soft,plenty,2.4,estimate
chana-dal,boil,whole,35,50,soft,plenty,2.3,estimate
toor-dal,boil,whole,25,40,collapsing,plenty,2.4,estimate
moong-dal,boil,whole,15,25,soft,plenty,2.4,estimate
lupin-beans,boil,whole,60,90,soft; sweet lupins only,plenty,2.3,estimate
tinned-chickpeas,simmer,whole,5,10,hot through and or crisp,to cover,1,estimate
tinned-chickpeas,roast,whole,25,35,hot through and or crisp,,0.65,estimate
tinned-chickpeas,fry,whole,8,10,hot through and or crisp,,0.8,estimate
tinned-white-beans,simmer,whole,5,10,hot through,to cover,1,estimate
tinned-white-beans,fry,whole,6,8,hot through,,0.88,estimate
tinned-black-beans,simmer,whole,5,10,hot through,to cover,1,estimate
walnuts,toast,whole,6,10,fragrant and a shade darker,,0.96,estimate
walnuts,roast,whole,6,10,fragrant and a shade darker,,0.96,estimate
hazelnuts,roast,whole,10,14,skins blister and gold inside,,0.95,estimate
hazelnuts,toast,whole,6,10,skins blister and gold inside,,0.96,estimate
almonds,roast,whole,8,12,gold inside,,0.96,estimate
almonds,toast,whole,6,10,gold inside,,0.96,estimate
flaked-almonds,toast,whole,3,5,pale gold,,0.97,estimate
flaked-almonds,roast,whole,5,7,pale gold,,0.97,estimate
pecans,roast,whole,6,10,fragrant,,0.96,estimate
pecans,toast,whole,5,8,fragrant,,0.97,estimate
cashews,roast,whole,8,12,gold,,0.97,estimate
cashews,toast,whole,5,8,gold,,0.97,estimate
cashews,soak,whole,60,240,gold,just covered,1.3,estimate
pistachios,roast,whole,5,8,fragrant and still green,,0.97,estimate
pistachios,toast,whole,4,6,fragrant and still green,,0.97,estimate
pine-nuts,toast,whole,3,5,pale gold,,0.98,estimate
pine-nuts,roast,whole,4,6,pale gold,,0.98,estimate
peanuts,roast,whole,10,15,gold inside,,0.96,estimate
peanuts,toast,whole,6,10,gold inside,,0.97,estimate
raw-peanuts,roast,whole,15,20,gold inside,,0.95,estimate
raw-peanuts,boil,whole,40,60,gold inside,plenty,1.3,estimate
macadamias,roast,whole,8,10,pale gold,,0.98,estimate
brazil-nuts,roast,whole,8,12,fragrant,,0.97,estimate
pumpkin-seeds,toast,whole,3,5,puffed and popping,,0.97,estimate
pumpkin-seeds,roast,whole,6,10,puffed and popping,,0.96,estimate
sunflower-seeds,toast,whole,3,5,pale gold,,0.97,estimate
sunflower-seeds,roast,whole,6,8,pale gold,,0.97,estimate
sesame-seeds,toast,whole,2,4,pale gold and jumping,,0.98,estimate
mixed-seeds,toast,whole,3,5,popping,,0.97,estimate
mixed-seeds,roast,whole,6,10,popping,,0.96,estimate
mixed-nuts,roast,whole,8,12,fragrant,,0.96,estimate
mixed-nuts,toast,whole,6,10,fragrant,,0.97,estimate
chestnuts,roast,whole,20,30,shells open and flesh soft,,0.9,estimate
chestnuts,boil,whole,25,35,shells open and flesh soft,plenty,1,estimate
desiccated-coconut,toast,whole,2,4,gold at the edges,,0.95,estimate
coconut-flakes,toast,whole,3,5,gold at the edges,,0.95,estimate
coconut-flakes,roast,whole,4,6,gold at the edges,,0.94,estimate
cumin-seeds,toast,whole,1,2,fragrant,,0.98,estimate
coriander-seeds,toast,whole,1,2,fragrant,,0.98,estimate
fennel-seeds,toast,whole,1,2,fragrant,,0.98,estimate
caraway-seeds,toast,whole,1,2,fragrant,,0.98,estimate
mustard-seeds,fry,whole,0.5,1,popping,,1,estimate
dried-chillies,toast,whole,0.5,1,fragrant and never black,,0.98,estimate
dried-chillies,soak,whole,15,25,fragrant and never black,just covered,2,estimate
ancho,toast,whole,0.5,1,soft,,0.98,estimate
ancho,soak,whole,15,25,soft,just covered,2,estimate
dried-mushrooms,soak,whole,20,30,soft,just covered,4,estimate
dried-shiitake,soak,whole,30,60,soft to the stem,just covered,4,estimate
wakame,soak,whole,5,8,soft,just covered,8,estimate
kombu,simmer,whole,10,15,soft,to cover,3,estimate
sourdough,toast,sliced,2,4,gold and crisp outside,,0.88,estimate
sourdough,grill,sliced,2,4,gold and crisp outside,,0.88,estimate
sourdough,bake,diced,12,18,gold and crisp outside,,0.65,estimate
ciabatta,toast,sliced,2,4,gold,,0.88,estimate
ciabatta,grill,sliced,2,4,gold,,0.88,estimate
ciabatta,bake,diced,12,15,gold,,0.65,estimate
baguette,toast,sliced,2,4,gold,,0.88,estimate
baguette,bake,sliced,8,12,gold,,0.72,estimate
white-bread,toast,sliced,2,3,gold,,0.88,estimate
white-bread,bake,diced,10,15,gold,,0.65,estimate
rye-bread,toast,sliced,3,4,crisp,,0.9,estimate
rye-bread,bake,sliced,12,18,crisp,,0.75,estimate
focaccia,toast,sliced,2,4,warm and crisp,,0.9,estimate
focaccia,bake,whole,6,8,warm and crisp,,0.95,estimate
pitta,toast,whole,2,3,crisp,,0.92,estimate
pitta,bake,torn,8,12,crisp,,0.72,estimate
pitta,grill,whole,1,2,crisp,,0.93,estimate
flatbread,grill,whole,1,2,warm and or crisp,,0.93,estimate
flatbread,bake,torn,8,12,warm and or crisp,,0.72,estimate
flatbread,toast,whole,1,2,warm and or crisp,,0.94,estimate
naan,grill,whole,1,2,warm,,0.95,estimate
naan,bake,whole,4,6,warm,,0.93,estimate
tortillas,toast,whole,0.5,1,soft and or crisp,,0.95,estimate
tortillas,bake,torn,8,12,soft and or crisp,,0.7,estimate
tortillas,fry,torn,2,3,soft and or crisp,,0.95,estimate
corn-tortillas,toast,whole,0.5,1,soft and or crisp,,0.95,estimate
corn-tortillas,bake,torn,8,12,soft and or crisp,,0.7,estimate
corn-tortillas,fry,torn,1,2,soft and or crisp,,0.95,estimate
fresh-breadcrumbs,fry,whole,4,6,gold and crunchy,,0.7,estimate
fresh-breadcrumbs,bake,whole,8,12,gold and crunchy,,0.6,estimate
fresh-breadcrumbs,toast,whole,5,7,gold and crunchy,,0.65,estimate
breadcrumbs,fry,whole,3,5,gold,,0.92,estimate
breadcrumbs,toast,whole,3,5,gold,,0.9,estimate
panko,fry,whole,3,4,gold,,0.95,estimate
panko,toast,whole,3,5,gold,,0.92,estimate
butter,melt,whole,1,2,foam falls and it smells of nuts,,1,estimate
butter,brown,whole,4,6,foam falls and it smells of nuts,,0.82,estimate
sun-dried-tomatoes,soak,whole,15,30,pliable,just covered,1.8,estimate
raisins,soak,whole,10,20,plump,just covered,1.3,estimate
sultanas,soak,whole,10,20,plump,just covered,1.3,estimate
currants,soak,whole,10,15,plump,just covered,1.3,estimate
dried-apricots,soak,whole,20,40,plump,just covered,1.4,estimate
dried-apricots,poach,whole,10,15,plump,to cover,1.6,estimate
prunes,soak,whole,20,40,plump,just covered,1.3,estimate
dried-cranberries,soak,whole,10,15,plump,just covered,1.3,estimate
dried-figs,soak,whole,20,30,plump,just covered,1.3,estimate
dried-figs,poach,whole,12,18,plump,to cover,1.5,estimate
barberries,soak,whole,5,10,plump,just covered,1.4,estimate
barberries,fry,whole,0.5,1,plump,,1,estimate
rice-paper,soak,whole,0.25,0.5,pliable,just covered,2,estimate
vine-leaves,boil,whole,2,3,soft,plenty,1,estimate
vine-leaves,blanch,whole,1,2,soft,plenty,1,estimate
`;
