/** One line of a dish on a card, in spoons or grams as the kitchen measures it, with the other beside it. */
export interface CardLine {
  readonly name: string;
  readonly amount: string;
  readonly beside: string;
  readonly note: string;
  /** What to do at the bench: "use ¾ first, taste, then the rest". */
  readonly advice: string;
  readonly kept: string;
}

export interface CardStep {
  readonly number: number;
  readonly text: string;
  readonly minutes: string;
  /** The sign that ends the step. */
  readonly until: string;
  /** What it is done in, and in how many rounds. */
  readonly vessel: string;
  /** From the technique notes: what to look for, and what the step changes about them. */
  readonly notes: readonly string[];
  readonly caution: string;
}

export interface CardDish {
  readonly title: string;
  /** "4 people · ⅔ batch". */
  readonly batch: string;
  readonly components: readonly { readonly name: string; readonly lines: readonly CardLine[] }[];
  /** What comes from a batch that is made once for all: "Dressing: 27 % of it". */
  readonly fromOnce: readonly string[];
  /** Steps that are finished before class, in a few words each. */
  readonly doneBefore: readonly string[];
  readonly steps: readonly CardStep[];
  /** "contains milk; check the labels", with the lines of which it is not known. */
  readonly contents: string;
  readonly credit: string;
}

/** A sheet for each set of equal stations, or for the demonstration bench. */
export interface StationCard {
  readonly id: string;
  readonly place: string;
  readonly stations: number;
  readonly classTitle: string;
  readonly classLine: string;
  /** What its stations keep free of, never for whom; empty unless it was asked for. */
  readonly needs: readonly string[];
  readonly dishes: readonly CardDish[];
  readonly containers: readonly string[];
  /** What is asked before each point of no return. */
  readonly checks: readonly string[];
  readonly cautions: readonly string[];
}

/** A sheet on which a person marks the bowls of a tasting flight. */
export interface MarkingSheet {
  readonly id: string;
  readonly title: string;
  readonly classTitle: string;
  readonly classLine: string;
  readonly copies: number;
  readonly questions: readonly string[];
  /** The bowls; their names are empty where they are tasted blind. */
  readonly rows: readonly { readonly letter: string; readonly name: string }[];
  /** "A: House dressing", for the instructor alone. */
  readonly key: readonly string[];
}
