/** Where on the bench a line stands, by its id: "l2" is the second. */
export const bowlLineId = (lineId: string) => `bowl-line-${lineId}`;
/** Where an addition of the log stands, the first being 1. */
export const logRowId = (number: number) => `bowl-log-${number}`;
export const writeBackId = 'bowl-write-back';
