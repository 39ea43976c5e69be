import type { Vessel } from '../class/index.js';

/** Vessels of usual sizes, for a kitchen that has not written down its own. */
export const standardVessels: readonly Vessel[] = [
  { name: 'small bowl', kind: 'bowl', millilitres: 600, squareCentimetres: 0, count: 24 },
  { name: 'medium bowl', kind: 'bowl', millilitres: 2500, squareCentimetres: 0, count: 12 },
  { name: 'large bowl', kind: 'bowl', millilitres: 5000, squareCentimetres: 0, count: 12 },
  { name: 'basin', kind: 'bowl', millilitres: 10_000, squareCentimetres: 0, count: 2 },
  { name: 'jar of 350 ml', kind: 'jar', millilitres: 350, squareCentimetres: 0, count: 12 },
  { name: 'jar of 750 ml', kind: 'jar', millilitres: 750, squareCentimetres: 0, count: 4 },
  { name: 'jug blender', kind: 'jug blender', millilitres: 1750, squareCentimetres: 0, count: 2 },
  { name: 'blending beaker', kind: 'stick blender cup', millilitres: 800, squareCentimetres: 0, count: 4 },
  { name: 'food processor', kind: 'food processor', millilitres: 2000, squareCentimetres: 0, count: 2 },
  { name: 'saucepan', kind: 'pot', millilitres: 2500, squareCentimetres: 0, count: 8 },
  { name: 'large pot', kind: 'pot', millilitres: 8000, squareCentimetres: 0, count: 4 },
  { name: 'frying pan of 28 cm', kind: 'pan', millilitres: 0, squareCentimetres: 450, count: 8 },
  { name: 'oven tray', kind: 'tray', millilitres: 0, squareCentimetres: 1100, count: 8 },
  { name: 'serving dish', kind: 'serving dish', millilitres: 2500, squareCentimetres: 0, count: 14 },
  { name: 'platter', kind: 'serving dish', millilitres: 5000, squareCentimetres: 0, count: 4 },
  { name: 'storage box', kind: 'storage box', millilitres: 2000, squareCentimetres: 0, count: 10 },
];
