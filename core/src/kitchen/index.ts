export { usualKitchen } from './usual-kitchen.js';
