import type { Appliance } from '../../recipes/index.js';

/** What can do the work of an appliance that the kitchen has not, with its time and its result. ~ */
export interface InsteadOf {
  /** An appliance, or a tool that takes hands instead. */
  readonly by: Appliance | 'stick blender' | 'pestle and mortar';
  readonly isTool?: true;
  /** What becomes of the minutes of waiting, or of the hands where a tool takes its place. */
  readonly minutesFactor: number;
  readonly setting: string;
  /** Said behind the step. */
  readonly how: string;
  readonly result: string;
}

export const applianceTable: Readonly<Record<Appliance, readonly InsteadOf[]>> = {
  griddle: [
    {
      by: 'hob',
      minutesFactor: 1.2,
      setting: '',
      how: 'In a hot frying pan',
      result: 'browned, without marks',
    },
    {
      by: 'oven',
      minutesFactor: 1.5,
      setting: '240 °C',
      how: 'On a tray in an oven at 240 °C',
      result: 'roasted rather than charred',
    },
  ],
  microwave: [
    {
      by: 'hob',
      minutesFactor: 2,
      setting: '',
      how: 'In a covered pan with a little water',
      result: 'the same, and a pan to wash',
    },
  ],
  blender: [
    {
      by: 'stick blender',
      isTool: true,
      minutesFactor: 1.3,
      setting: '',
      how: 'With a stick blender in a tall vessel',
      result: 'a little coarser',
    },
    {
      by: 'pestle and mortar',
      isTool: true,
      minutesFactor: 3,
      setting: '',
      how: 'Pounded in a mortar, in portions',
      result: 'coarser, and more work',
    },
  ],
  oven: [
    {
      by: 'hob',
      minutesFactor: 0.8,
      setting: '',
      how: 'In a covered frying pan, turned often',
      result: 'softer, browned in spots',
    },
    {
      by: 'griddle',
      minutesFactor: 0.8,
      setting: '',
      how: 'In slices on the griddle',
      result: 'charred stripes, firmer inside',
    },
  ],
  hob: [
    {
      by: 'microwave',
      minutesFactor: 0.8,
      setting: '',
      how: 'In a covered bowl in the microwave, stirred halfway',
      result: 'no browning',
    },
    {
      by: 'oven',
      minutesFactor: 2,
      setting: '200 °C',
      how: 'In a covered dish in the oven at 200 °C',
      result: 'slower, no stirring',
    },
  ],
  fridge: [],
};
