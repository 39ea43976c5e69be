/** What amounts are shown in: as the kitchen measures each kind of line, or all in one way. */
/** What leads in a cell: as the kitchen measures each kind of line, or one of the two throughout. */
export type Show = 'kitchen' | 'spoons' | 'grams';
