import { describe, expect, it } from 'vitest';
import { durationsIn } from './duration.js';

const said = (text: string) => durationsIn(text).map(({ low, high }) => `${low}-${high}`);

describe('stretches of time as they are written', () => {
  it.each([
    ['10 minutes', '10-10'],
    ['10m', '10-10'],
    ["40-45'", '40-45'],
    ['15-20 min', '15-20'],
    ['15 to 20 mins', '15-20'],
    ['8 or 9 minutes', '8-9'],
    ['between 2 and 3 hours', '120-180'],
    ['90 seconds', '1.5-1.5'],
    ['an hour', '60-60'],
    ['a good hour', '60-60'],
    ['half an hour', '30-30'],
    ['1/2 hour', '30-30'],
    ['1 1/2 hours', '90-90'],
    ['1.5 h', '90-90'],
    ['1,5 h', '90-90'],
    ['an hour and a half', '90-90'],
    ['two hours and a quarter', '135-135'],
    ['one and a half hours', '90-90'],
    ['1 hr 20 min', '80-80'],
    ['an hour and ten minutes', '70-70'],
    ['1 hr. 20 min.', '80-80'],
    ['1h30', '90-90'],
    ['1:15 hours', '75-75'],
    ['three quarters of an hour', '45-45'],
    ['a quarter of an hour', '15-15'],
    ['a couple of hours', '120-120'],
    ['a few hours', '180-180'],
    ['an hour or two', '60-120'],
    ['a day or two', '1440-2880'],
    ['an hour, better two', '60-120'],
    ['2 hours, ideally 4', '120-240'],
    ['an hour, better 30 minutes', '60-60', '30-30'],
    ['a week', '10080-10080'],
    ['twenty-five minutes', '25-25'],
    ['forty minutes', '40-40'],
    ['ten to fifteen minutes', '10-15'],
    ['45 minutes to an hour', '45-60'],
    ['30 minutes to 1 hour before serving', '30-60'],
    ['2 hours or up to 2 days', '120-2880'],
    // Two stretches are two, and no range goes down.
    ['boil 20 minutes, then 5 minutes more', '20-20', '5-5'],
    ['10 minutes and 5 minutes', '10-10', '5-5'],
  ])('%s', (text, ...wanted) => expect(said(text)).toEqual(wanted));

  it('a full stop behind it ends the sentence', () => {
    expect(durationsIn('Chill for 2 hours. Keeps 3 days.').map(({ to }) => to)).toEqual([17, 31]);
  });

  it.each(['at 10:30', '180 °C', '200 g', '5 mm thick', '2 metres', 'for 4 people', '10 Main Street'])(
    'none in “%s”',
    (text) => expect(said(text)).toEqual([]),
  );
});
