import type { LineId, StepId } from '../../identity/index.js';

/** An answer to a doubt: the value that is given back, and what it says. */
export interface Candidate {
  readonly value: string;
  readonly label: string;
}

/** What could matter of a text and is not sure: asked, with a guess on which the recipe stands meanwhile. */
export interface Doubt {
  /** The same for the same doubt however the text around it changes. */
  readonly id: string;
  /** What it is about: the recipe of so many, and a line, a step or a sentence of it. */
  readonly about: {
    readonly recipe: number;
    readonly line?: LineId;
    readonly step?: StepId;
    readonly words?: string;
  };
  readonly question: string;
  /** The value of the candidate that was taken; empty where nothing was. */
  readonly guess: string;
  readonly candidates: readonly Candidate[];
  /** What a wrong guess does, from 0, a word out of place, to 1, somebody is harmed. */
  readonly harm: number;
}

/** What a wrong guess of each kind does. Estimates; they only put doubts in their order. */
export const harms = {
  /** A food that nobody knows: its allergens and dangers are not known either. */
  unknownFood: 0.9,
  whichFood: 0.7,
  servings: 0.8,
  dishes: 0.6,
  unlisted: 0.55,
  amount: 0.5,
  unused: 0.35,
  role: 0.3,
} as const;

/** Answers by the id of their doubt. */
export type Answers = Readonly<Record<string, string>>;

/** The name of a doubt: its kind, and the words that it is about. */
export function doubtId(kind: string, about: string): string {
  return `${kind}|${about.trim().toLowerCase().replace(/\s+/g, ' ')}`;
}

/** Worst first; of equal ones the one that is written first. */
export function worstFirst(doubts: readonly Doubt[]): Doubt[] {
  return [...doubts].sort((one, other) => other.harm - one.harm);
}
