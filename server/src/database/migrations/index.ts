import type { Sequelize } from 'sequelize';
import * as firstTables from './0001-first-tables.js';
import * as choicesLarderStock from './0002-choices-larder-stock.js';
import * as makingDecisionsCounts from './0003-making-decisions-counts.js';
import * as recipeParts from './0004-recipe-parts.js';
import * as keysByLetter from './0005-keys-by-letter.js';
import * as knownAnswers from './0006-known-answers.js';
import * as people from './0007-people.js';
import * as signIn from './0008-sign-in.js';
import * as planGlances from './0009-plan-glances.js';
import * as sealedPeople from './0010-sealed-people.js';
import * as actsOfSteps from './0011-acts-of-steps.js';

interface Migration {
  readonly name: string;
  readonly up: (sequelize: Sequelize) => Promise<void>;
}

/**
 * Forward only, in this order. A landed migration's statements are never edited; each can be run again from
 * its start after a break.
 */
export const migrations: readonly Migration[] = [
  { name: '0001-first-tables', up: firstTables.up },
  { name: '0002-choices-larder-stock', up: choicesLarderStock.up },
  { name: '0003-making-decisions-counts', up: makingDecisionsCounts.up },
  { name: '0004-recipe-parts', up: recipeParts.up },
  { name: '0005-keys-by-letter', up: keysByLetter.up },
  { name: '0006-known-answers', up: knownAnswers.up },
  { name: '0007-people', up: people.up },
  { name: '0008-sign-in', up: signIn.up },
  { name: '0009-plan-glances', up: planGlances.up },
  { name: '0010-sealed-people', up: sealedPeople.up },
  { name: '0011-acts-of-steps', up: actsOfSteps.up },
];
