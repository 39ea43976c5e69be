/** Who a list may be for, each of them, and how many that are. */
const eaters: Readonly<Record<string, number>> = {
  person: 1,
  child: 1,
  student: 1,
  guest: 1,
  pupil: 1,
  participant: 1,
  plate: 1,
  portion: 1,
  serving: 1,
  head: 1,
  bowl: 1,
  pair: 2,
  couple: 2,
};
const names = Object.keys(eaters).join('|');
const listForEach = new RegExp(
  String.raw`^\W*(?:ingredients |quantities |amounts |what )?(?:for |per |a )?` +
    String.raw`(?:each|every|one|per|a) (${names})(?: \([^)]*\))?` +
    String.raw`(?: (?:will need|needs|gets|has|takes|wants))?\W*$`,
  'i',
);

/** Whether a row begins a list of what each of them gets: "Each child needs:", "Per person". */
export const isForEach = (row: string): boolean => listForEach.test(row);

/** For how many such a list is. */
export function peopleOfEach(row: string): number {
  return eaters[listForEach.exec(row)![1]!.toLowerCase()]!;
}
