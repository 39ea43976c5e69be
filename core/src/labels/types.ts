import type { LocalDate } from '../identity/index.js';

/** What is stuck on something that is kept before class, or carried home from it. */
export interface StorageLabel {
  readonly id: string;
  readonly kind: 'kept' | 'home';
  readonly what: string;
  /** "Station 2" or "Staff". */
  readonly place: string;
  readonly madeOn: LocalDate;
  /** "Fri 4 Dec, 16:20". */
  readonly made: string;
  readonly useBy: string;
  /** "cold, 5 °C or under". */
  readonly keepAt: string;
  /** "contains milk; check the labels". */
  readonly allergens: string;
  /** Why it keeps so long, and what else is to be known. */
  readonly note: string;
  readonly copies: number;
}

/** A sheet of labels, in millimetres. */
export interface LabelSheet {
  readonly paper: 'a4' | 'letter';
  readonly width: number;
  readonly height: number;
  readonly marginLeft: number;
  readonly marginTop: number;
  readonly gapAcross: number;
  readonly gapDown: number;
  /** The first place that is still there on a sheet that was begun, from 1. */
  readonly startAt: number;
}
