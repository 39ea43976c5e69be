import { describe, expect, it } from 'vitest';
import { kindOf } from './title.js';

/** A title as people write it | what it is. */
const table = `
Mayonnaise by hand | dressing
Proper mayo | dressing
Aïoli | dressing
Ranch dressing | dressing
Buttermilk ranch | dressing
Caesar dressing | dressing
Lemon vinaigrette | dressing
Toum | dip
Muhammara | dip
Baba ganoush | dip
Baba ghanouj | dip
Romesco | dip
Chimichurri | dip
Cucumber raita | dip
Basil pesto | dip
Olive tapenade | dip
Guacamole | dip
Tzatziki | dip
Whipped feta | dip
Beetroot hummus | dip
Skordalia | dip
Labneh with za’atar | dip
Pico de gallo | dip
Salsa verde | dip
Taramasalata | dip
Crudités and dip | dip
Celeriac remoulade | salad
Caesar salad | salad
Salad with ranch dressing | salad
Fattoush | salad
Tabbouleh | salad
Summer slaw | salad
Grilled fish with chimichurri | salad
Roast carrots with romesco | salad
Potato salad with mayonnaise | salad
New potatoes in pesto | salad
Ceviche | salad
Three beans | salad
`
  .trim()
  .split('\n')
  .map((row) => row.split(' | ') as [string, string]);

describe('what a title says a dish is', () => {
  it.each(table)('%s: %s', (title, kind) => expect(kindOf(title)).toBe(kind));
});
