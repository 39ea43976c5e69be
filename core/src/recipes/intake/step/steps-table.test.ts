import { describe, expect, it } from 'vitest';
import { findInSteps } from './findings.js';

/**
 * A step | tools found in it | appliance and setting | minutes: "w" for waiting, "h" for hands-on. "–" stands
 * for none.
 */
const table = `
Chop the parsley. | board and knife | – | –
Peel and grate the carrots. | board and knife, peeler, fine grater | – | –
Whisk vinegar and mustard for 2 minutes. | whisk | – | h 2
Whisk the oil in a thread. | whisk | – | –
Shake everything in a jar for a minute. | jar with lid | – | h 1
Toss the leaves. | large bowl | – | –
Fold in the eggs and serve. | large bowl, serving dish | – | –
Roast for 40 minutes at 200 °C. | oven tray | oven 200 °C | w 40–40
Roast at 180 °C fan for 25–30 minutes. | oven tray | oven 200 °C | w 25–30
Bake at gas mark 4 for a quarter of an hour. | oven tray | oven 180 °C | w 15–15
Simmer for three quarters of an hour. | saucepan | hob | w 45–45
Bake at 350 °F for 15 minutes. | oven tray | oven 180 °C | w 15–15
Simmer gently for 20 minutes. | saucepan | hob | w 20–20
Boil hard for 10 minutes, then simmer for an hour. | saucepan | hob | w 70–70
Bring a pan of water to the boil. | saucepan | hob | –
Boil the potatoes in a large pan of water for 20 minutes. | large pot | hob | w 20–20
Blend with a stick blender for 2 minutes. | stick blender | – | h 2
Blitz in a food processor for 1 minute. | food processor | – | h 1
Toast the bread in the oven for 8 minutes. | – | oven | w 8–8
Toast the hazelnuts at 180C for 8 mins and rub off the skins. | – | oven 180 °C | w 8–8
Heat the oil to 180 °C and fry the chickpeas for 3 minutes. | frying pan | hob | h 3
Char the peppers over the flame till black all over. | – | hob | –
Chill an hour if you can, overnight is even better. | – | fridge | w 60–60
Chill, ideally overnight. | – | fridge | w 600–720
They want an hour at least, a day is better. | – | – | w 60–60
Fry the halloumi for 3 minutes. | frying pan | hob | h 3
Toast the walnuts for 5 to 6 minutes. | frying pan | hob | h 6
Poach for 8 minutes. | saucepan | hob | w 8–8
Steam for 6 minutes. | – | hob | w 6–6
Blend for 2 minutes until smooth. | jug blender | blender | h 2
Drain and rinse the chickpeas. | strainer | – | –
Leave to drain for half an hour. | strainer | – | w 30–30
Chill for at least 1½ hours. | – | fridge | w 90–90
Refrigerate overnight. | – | fridge | w 600–720
Soak for 8–12 hours. | – | – | w 480–720
Marinate for 30 minutes. | – | – | w 30–30
Microwave for 90 seconds. | – | microwave | w 2–2
Char on a griddle for 4 minutes. | – | griddle | w 4–4
Massage the kale for 3 minutes. | – | – | h 3
Cover and stand for 10 minutes. | – | – | w 10–10
Rest for ten minutes. | – | – | w 10–10
Juice and zest two lemons. | fine grater, citrus press | – | –
Plate it and scatter the herbs. | serving dish | – | –
Stir every 5 minutes. | – | – | –
Serve within 10 minutes. | serving dish | – | –
Cut in 12 wedges. | board and knife | – | –
Set aside for two hours. | – | – | w 120–120
Cool for 20 to 30 minutes. | – | – | w 20–30
Cook the farro for 25 minutes in a saucepan. | saucepan | hob | w 25–25
Pound the seeds for 2 minutes. | – | – | h 2
Wait 20 minutes. | – | – | w 20–20
Do it for 3 minutes. | – | – | h 3
Get the wok smoking and keep the greens moving for 3 minutes. | frying pan | hob | h 3
Griddle the courgettes 3 minutes each side and set aside. | – | griddle | h 3
Braai the corn for 12 minutes. | – | griddle | w 12–12
Whisk the yolks over a bain-marie for 8 minutes. | whisk | hob | h 8
Pop the tray under the grill for 6 minutes. | oven tray | oven | w 6–6
Sauté the chicken for 8 minutes. | frying pan | hob | h 8
Sautéing takes 8 minutes. | frying pan | hob | h 8
Braise the thighs for 40 minutes. | saucepan | hob | w 40–40
Sweat the onions for 10 minutes. | frying pan | hob | w 10–10
Parboil the potatoes for 8 minutes. | saucepan | hob | w 8–8
Barbecue the corn for 10 minutes. | – | griddle | w 10–10
Blanch the beans for 2 minutes. | saucepan | hob | w 2–2
Stir-fry the beans for 4 minutes. | frying pan | hob | h 4
Pan fry the halloumi for 3 minutes. | frying pan | hob | h 3
Liquidize the soup for 2 minutes. | jug blender | blender | h 2
Scatter over the sautéed onions. | – | – | –
Scatter over the roast carrots. | – | – | –
Serve on toast. | serving dish | – | –
Soak the shaken nuts for 10 minutes. | – | – | w 10–10
`
  .trim()
  .split('\n')
  .map((row) => row.split(' | ') as [string, string, string, string]);

describe('what is found in a step', () => {
  it.each(table)('%s', (sentence, tools, appliance, minutes) => {
    const [found] = findInSteps([sentence], []);
    const shown = {
      tools: found!.flatMap((finding) => (finding.kind === 'tool' ? [finding.tool] : [])).join(', ') || '–',
      appliance:
        found!
          .flatMap((finding) =>
            finding.kind === 'appliance'
              ? [[finding.appliance, finding.setting].filter(Boolean).join(' ')]
              : [],
          )
          .join(', ') || '–',
      minutes:
        found!
          .flatMap((finding) =>
            finding.kind === 'wait'
              ? [`w ${finding.low}–${finding.high}`]
              : finding.kind === 'work'
                ? [`h ${finding.minutes}`]
                : [],
          )
          .join(', ') || '–',
    };
    expect(shown).toEqual({ tools, appliance, minutes });
  });
});
