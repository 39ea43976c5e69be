import { parseDate } from '@internationalized/date';
import type { ClassDecisions, DishMaking, LocalDateTime, Maker, Person, Portion } from '@fornax/core';
import { smokePeople } from './people.js';

export interface DemoClass {
  readonly title: string;
  readonly startsAt: LocalDateTime;
  readonly lengthMinutes: number;
  readonly place: string;
  readonly people: number;
  readonly peoplePerStation: number;
  readonly assistants: number;
  readonly demonstrationPlates: number;
  readonly decisions?: Partial<ClassDecisions>;
  readonly roster?: readonly Person[];
  readonly dishes: readonly {
    readonly recipe: string;
    readonly portion: Portion;
    readonly maker: Maker;
    readonly making?: DishMaking;
  }[];
}

export const demoCourse = { title: 'Leaves, roots and beans' };

const usual = { place: 'Main kitchen', peoplePerStation: 4, demonstrationPlates: 2 };

/** The classes by how many days after today they are. */
const classes: readonly (Omit<DemoClass, 'startsAt' | keyof typeof usual> & {
  readonly inDays: number;
  readonly startsAtTime: string;
})[] = [
  {
    title: 'Dressings from the ratio up',
    inDays: -7,
    startsAtTime: '18:30',
    lengthMinutes: 105,
    people: 12,
    assistants: 0,
    dishes: [
      {
        recipe: 'vinaigrettes',
        portion: 'taste',
        maker: 'every station',
        making: { spare: true, tasting: 'open' },
      },
      { recipe: 'herb-yoghurt', portion: 'taste', maker: 'every station' },
    ],
  },
  {
    title: 'Slaws and lunch bowls',
    inDays: 0,
    startsAtTime: '18:00',
    lengthMinutes: 105,
    people: 10,
    assistants: 1,
    dishes: [
      { recipe: 'slaw', portion: 'side', maker: 'every station' },
      { recipe: 'chickpea-egg', portion: 'side', maker: 'every station' },
    ],
  },
  {
    title: 'Roots and citrus',
    inDays: 3,
    startsAtTime: '18:30',
    lengthMinutes: 150,
    people: 14,
    assistants: 1,
    decisions: { budget: 90 },
    dishes: [
      { recipe: 'beetroot', portion: 'side', maker: 'every station' },
      { recipe: 'fennel-pear', portion: 'taste', maker: 'every station' },
      { recipe: 'white-bean', portion: 'taste', maker: 'demonstration' },
      { recipe: 'carrot-farro', portion: 'taste', maker: 'demonstration' },
    ],
  },
  {
    title: 'Smoke, char and warm salads',
    inDays: 8,
    startsAtTime: '17:30',
    lengthMinutes: 150,
    people: 16,
    assistants: 1,
    roster: smokePeople,
    dishes: [
      { recipe: 'aubergine', portion: 'taste', maker: 'every station' },
      {
        recipe: 'potato-green-bean',
        portion: 'side',
        maker: 'every station',
        making: { shareBatch: true },
      },
      { recipe: 'fennel-pear', portion: 'taste', maker: 'every station' },
      { recipe: 'slaw', portion: 'taste', maker: 'made ahead' },
    ],
  },
];

/**
 * Four classes of the course, dated from the day the demo is loaded: one past, one today, one in three days,
 * one next week.
 */
export function demoClasses(today: string): DemoClass[] {
  return classes.map(({ inDays, startsAtTime, ...facts }) => ({
    ...usual,
    ...facts,
    startsAt: `${parseDate(today).add({ days: inDays }).toString()}T${startsAtTime}` as LocalDateTime,
  }));
}
