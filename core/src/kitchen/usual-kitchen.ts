import { fullSet } from '../amounts/index.js';
import type { KitchenFacts } from '../class/index.js';
import { usualMeasures } from '../portions/index.js';
import { usualSafety } from '../safety/index.js';
import { standardVessels } from './standard-vessels.js';

/**
 * A modest kitchen to start from: one oven of two trays, four rings, vessels of usual sizes, hours of a
 * working day. Everything can be changed.
 */
export const usualKitchen: KitchenFacts = {
  name: 'Kitchen',
  english: 'uk',
  system: 'metric',
  zone: 'Europe/London',
  opens: '08:00',
  closes: '22:00',
  closedDays: [],
  benches: { count: 6, peopleEach: 4 },
  appliances: [
    { appliance: 'oven', capacity: 2, heatMinutes: 15, settings: '' },
    { appliance: 'hob', capacity: 4, heatMinutes: 0, settings: '' },
    { appliance: 'fridge', capacity: 8, heatMinutes: 0, settings: '' },
    { appliance: 'blender', capacity: 1, heatMinutes: 0, settings: '' },
  ],
  tools: [],
  vessels: standardVessels,
  measuringSet: fullSet,
  measureBy: usualMeasures,
  suppliers: [],
  staff: [],
  currency: 'GBP',
  allergenList: 'eu',
  safety: usualSafety,
  hemisphere: 'north',
  larder: [],
};
