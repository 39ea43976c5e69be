import { describe, expect, it } from 'vitest';
import { usualKitchen, type ClassBundle } from '@fornax/core';
import { readBundle } from './bundles.js';

const dish = (id: string, portion: string) => ({ id, portion, recipe: { title: id } });
const text = (people: number, portion = 'side') =>
  JSON.stringify({
    class: { people, dishes: [dish('a', 'side'), dish('b', portion)] },
    kitchen: usualKitchen,
  });

describe('a bundle that a thread is given', () => {
  it('has the kitchen and the dishes of before where they are the same, and its own where not', () => {
    const [one, other] = [readBundle<ClassBundle>(text(8)), readBundle<ClassBundle>(text(9, 'main'))];
    expect(other.kitchen).toBe(one.kitchen);
    expect(other.class.dishes[0]).toBe(one.class.dishes[0]);
    expect(other.class.people).toBe(9);
    expect(other.class.dishes[1]).toMatchObject({ id: 'b', portion: 'main' });
    expect(one.class.dishes[1]).toMatchObject({ id: 'b', portion: 'side' });
  });
  it('is read as it is, however many others came between', () => {
    for (let people = 0; people < 100; people++) readBundle(text(people, `portion ${people}`));
    expect(readBundle<ClassBundle>(text(3, 'main'))).toEqual(JSON.parse(text(3, 'main')));
  });
  it('without a class is left to core, which says what is wrong', () => {
    expect(readBundle('{"class":null}')).toEqual({ class: null });
  });
});
