import ICAL from 'ical.js';

/** A line of a calendar file, unfolded: its name, what stands after semicolons, and its value. */
interface Line {
  readonly name: string;
  readonly parameters: string;
  readonly value: string;
}

const moment = /^\d{8}T\d{6}Z$/;
const day = /^\d{8}$/;
/** What an entry must have, once, and how it is written. */
const once: Readonly<Record<string, RegExp>> = {
  UID: /^[^\s@]+@[^\s@]+$/,
  DTSTAMP: moment,
  'LAST-MODIFIED': moment,
  SEQUENCE: /^\d+$/,
  DTSTART: /^\d{8}(?:T\d{6}Z)?$/,
  DTEND: /^\d{8}(?:T\d{6}Z)?$/,
  SUMMARY: /./,
};

/** All that is wrong with a calendar file by RFC 5545, each in words; empty where it is right. */
export function calendarProblems(text: string): string[] {
  const problems: string[] = [];
  if (!text.endsWith('\r\n')) problems.push('it does not end with a line end');
  if (/(?<!\r)\n|\r(?!\n)/.test(text)) problems.push('a line end is not CRLF');
  const rows = text.split('\r\n').slice(0, -1);
  for (const row of rows) {
    const octets = new TextEncoder().encode(row).length;
    if (octets > 75) problems.push(`${octets} octets in “${row.slice(0, 30)}”`);
    if (row.includes('\ufffd')) problems.push(`a letter is cut in “${row.slice(0, 30)}”`);
  }
  const lines = unfolded(rows);
  problems.push(...nestingProblems(lines), ...eventProblems(lines));
  // What a reader of its own makes of it.
  const events = new ICAL.Component(ICAL.parse(text) as never).getAllSubcomponents('vevent');
  const uids = events.map((event) => String(event.getFirstPropertyValue('uid')));
  if (new Set(uids).size < uids.length) problems.push('two entries have one UID');
  return problems;
}

function unfolded(rows: readonly string[]): Line[] {
  const whole: string[] = [];
  for (const row of rows) {
    if (/^[ \t]/.test(row)) whole[whole.length - 1] += row.slice(1);
    else whole.push(row);
  }
  return whole.map((row) => {
    const [, name = '', parameters = '', value = ''] = /^([A-Z-]+)((?:;[^:]+)?):(.*)$/s.exec(row) ?? [];
    return { name, parameters, value };
  });
}

function nestingProblems(lines: readonly Line[]): string[] {
  const open: string[] = [];
  const problems: string[] = [];
  for (const { name, value } of lines) {
    if (name === '') problems.push('a line has no name');
    if (name === 'BEGIN') open.push(value);
    if (name === 'END' && open.pop() !== value) problems.push(`${value} ends where it is not open`);
  }
  if (open.length > 0) problems.push(`${open.join()} does not end`);
  return problems;
}

function eventProblems(lines: readonly Line[]): string[] {
  const problems: string[] = [];
  let event: Line[] | null = null;
  let isInAlarm = false;
  for (const line of lines) {
    if (line.value === 'VALARM') isInAlarm = line.name === 'BEGIN';
    else if (line.value === 'VEVENT' && line.name === 'BEGIN') event = [];
    else if (line.value === 'VEVENT' && event) {
      problems.push(...problemsOf(event));
      event = null;
    } else if (event && !isInAlarm) event.push(line);
  }
  return problems;
}

function problemsOf(event: readonly Line[]): string[] {
  const problems: string[] = [];
  for (const [name, written] of Object.entries(once)) {
    const found = event.filter((line) => line.name === name);
    if (found.length !== 1) problems.push(`${name} ${found.length} times`);
    else if (!written.test(found[0]!.value)) problems.push(`${name} is “${found[0]!.value}”`);
  }
  const [start, end] = ['DTSTART', 'DTEND'].map((name) => event.find((line) => line.name === name));
  if (start && end) {
    const isDay = day.test(start.value);
    if (isDay !== day.test(end.value)) problems.push('it begins on a day and ends at an hour');
    if (isDay !== (start.parameters === ';VALUE=DATE')) problems.push('a day is not said to be one');
    if (end.value <= start.value) problems.push('it ends before it begins');
  }
  for (const { name, value } of event) {
    if (!['SUMMARY', 'LOCATION', 'DESCRIPTION'].includes(name)) continue;
    if (/(?<!\\)(?:\\\\)*[;,]/.test(value)) problems.push(`${name} has a bare comma`);
  }
  return problems;
}
