export { rehearse, type Rehearsal, type RehearsalProblem, type RehearsalStep } from './rehearsal.js';
