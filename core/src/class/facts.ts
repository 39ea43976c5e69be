import type { ClassId, LocalDateTime } from '../identity/index.js';
import type { ClassDecisions } from './decisions.js';
import type { ClassDish } from './dish.js';
import type { Person } from './person.js';

/** No class is longer. */
export const longestClassMinutes = 720;

/** What a class is, apart from its menu. */
export interface ClassFacts {
  readonly id: ClassId;
  readonly title: string;
  /** Local wall time without a zone: "2026-11-27T18:30". */
  readonly startsAt: LocalDateTime;
  /** IANA zone: "Europe/London". */
  readonly zone: string;
  readonly lengthMinutes: number;
  readonly place: string;
  readonly people: number;
  readonly peoplePerStation: number;
  readonly assistants: number;
  /** People that the demonstration batch feeds; 0 for none. */
  readonly demonstrationPlates: number;
  readonly dishes: readonly ClassDish[];
  readonly decisions?: Partial<ClassDecisions>;
  /** Who comes, as far as they are named. Never more than `people`. */
  readonly roster?: readonly Person[];
  /** In how many earlier classes of its course each technique was practised. */
  readonly practised?: Readonly<Record<string, number>>;
  /** Dishes that the class before it in its course left to it, with the title of that class. */
  readonly leftToIt?: readonly { readonly dishTitle: string; readonly classTitle: string }[];
}
