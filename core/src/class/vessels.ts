/**
 * What food is tossed, shaken, blended, boiled, baked, served and kept in. Pans and trays hold by area, the
 * rest by volume.
 */
export type VesselKind =
  | 'bowl'
  | 'jar'
  | 'jug blender'
  | 'stick blender cup'
  | 'food processor'
  | 'pot'
  | 'pan'
  | 'tray'
  | 'serving dish'
  | 'storage box';

export const vesselKinds: readonly VesselKind[] = [
  'bowl',
  'jar',
  'jug blender',
  'stick blender cup',
  'food processor',
  'pot',
  'pan',
  'tray',
  'serving dish',
  'storage box',
];

/** Vessels of one size that the kitchen has. */
export interface Vessel {
  readonly name: string;
  readonly kind: VesselKind;
  /** To the rim, in millilitres; 0 for pans and trays. */
  readonly millilitres: number;
  /** Of the base, in square centimetres; 0 for what holds by volume. */
  readonly squareCentimetres: number;
  readonly count: number;
}
