import { describe, expect, it } from 'vitest';
import { draftFor, draftOf, emptyOwn, figuresOf, ownOf } from './own-draft.js';

const saltCod = { ...emptyOwn, name: ' salt cod ' };

describe('an ingredient of the kitchen’s own', () => {
  it('has no known allergens until somebody has looked', () =>
    expect(ownOf(saltCod)).toMatchObject({ name: 'salt cod', allergens: [], allergensNotKnown: true }));
  it('“none of the list” is known', () =>
    expect(ownOf({ ...saltCod, looked: 'none' }).allergensNotKnown).toBeUndefined());
  it('“these” without one of them is not known either', () =>
    expect(ownOf({ ...saltCod, looked: 'some' }).allergensNotKnown).toBe(true));
  it('keeps what its label names, and drops it when none is said to be there', () => {
    const named = { ...saltCod, looked: 'some' as const, allergens: ['fish' as const] };
    expect(ownOf(named)).toMatchObject({ allergens: ['fish'] });
    expect(ownOf({ ...named, looked: 'none' }).allergens).toEqual([]);
  });
  it('stands as it was when it is changed again', () => {
    const named = {
      ...saltCod,
      name: 'salt cod',
      looked: 'some' as const,
      allergens: ['fish' as const],
      keepsCold: '60',
    };
    const entry = { ingredient: 'own-salt-cod', figures: figuresOf(named), own: ownOf(named) };
    expect(draftOf(entry)).toEqual(named);
    expect(draftOf({ ...entry, own: ownOf(saltCod) }).looked).toBe('not known');
  });
  it('begins with what its name tells, and says nothing where it tells nothing', () => {
    expect(draftFor('zander fillets')).toMatchObject({
      families: ['fish'],
      rawProtein: true,
      eatenBy: 'neither',
      looked: 'not known',
    });
    expect(draftFor('moon dust')).toEqual({ ...emptyOwn, name: 'moon dust' });
  });
  it('is of the families that were chosen', () => {
    const own = ownOf({ ...saltCod, families: ['fish', 'salty'] });
    expect(own.families).toEqual(['fish', 'salty']);
    expect(draftOf({ ingredient: 'own-salt-cod', figures: {}, own }).families).toEqual(['fish', 'salty']);
  });
  it('keeps as long as was said, with a comma too', () => {
    expect(figuresOf(saltCod)).toEqual({});
    expect(figuresOf({ ...saltCod, keepsCold: '1,5' })).toEqual({ 'keeps.cold': 1.5 });
  });
});
