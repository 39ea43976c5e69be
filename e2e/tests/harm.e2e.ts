import { addDish, expect, makeClass, saved, saveRecipe, test } from './kitchen.js';

test('what may harm somebody stands on Set up, in the words of the text, and who it harms', async ({
  kitchen: page,
}) => {
  await saveRecipe(
    page,
    `Sea bass ceviche with rice
Serves 4

400 g sea bass fillets
100 ml lime juice
1 red onion
200 g rice

1. Cook the rice for 12 minutes.
2. Leave the rice at room temperature overnight.
3. Dice the sea bass and leave it in the lime juice for 15 minutes.
4. Slice the onion over it and serve with the rice.`,
  );
  await makeClass(page, 'Raw fish class', '6');
  await addDish(page, 'Sea bass ceviche');
  await saved(page);

  const open = page.getByRole('list', { name: 'To decide' });
  const raw = open.getByRole('listitem').filter({ hasText: 'the sea bass fillets are eaten raw' });
  await expect(raw).toContainText('ask the fishmonger');
  await expect(raw).toContainText('Follow your local food code');
  // What the text says stays what it says, and is told.
  const rice = open.getByRole('listitem').filter({ hasText: 'the rice is left warm for too long' });
  await expect(rice).toContainText('keep it in the fridge');

  await test.step('somebody who is pregnant', async () => {
    const room = page.getByRole('region', { name: 'Room' });
    await room.getByLabel('Add a person').fill('Orla Venn');
    await room.getByRole('button', { name: 'Add', exact: true }).click();
    const dialog = page.getByRole('dialog', { name: 'Orla Venn' });
    await dialog.getByLabel('Needs, as they were told').fill('pregnant');
    await dialog.getByRole('button', { name: 'Read into the lists below' }).click();
    await dialog.getByRole('button', { name: 'Done' }).click();
    await expect(dialog).toHaveCount(0);
    await expect(open.getByRole('listitem').filter({ hasText: 'Orla Venn' }).first()).toContainText(
      'raw fish (sea bass fillets)',
    );
    await saved(page);
  });
});
