/** Written from appliances.csv by npm run facts. */
export const appliancesTable = `
appliance,words
oven,oven
microwave,microwave
griddle,griddle;char grill;chargrill;barbecue;braai
oven,under the grill;under a grill;under the hot grill;under a hot grill;under the very hot grill;under a very hot grill;under the broiler;under a broiler;under the hot broiler;under a hot broiler
blender,blender
hob,<cook> .. in .. water|stock|broth;over|on a|the? very? low|medium|high|gentle|moderate|brisk|fierce heat;over|on a|the? medium low|high heat;over|on a|the? low|medium|high|gentle flame;pan;saucepan;bain-marie;double boiler;hob;stove;flame*;gas ring;burner;skillet;wok
fridge,fridge;overnight
`;
