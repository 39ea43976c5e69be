import { classTaskRef, frameId, type FrameStep } from '../../identity/index.js';
import type { TaskDraft } from './draft.js';
import { clearMinutes, cratesOf, eatMinutes, packMinutesPerCrate, welcomeMinutes } from './frame-minutes.js';
import type { HowStep, Staff } from './types.js';

/** What every class has: packing, setting out, the welcome, eating and clearing. */
export function addClassFrame(draft: TaskDraft): void {
  const { facts } = draft.input;
  addFixed(draft, 'welcome', {
    title: 'Welcome, hands, knives and safety',
    detail: 'Say who avoids what, where the first aid is, and how to hold a knife.',
    start: 0,
    minutes: welcomeMinutes,
  });
  addFixed(draft, 'eat', {
    title: 'Plate, taste and eat',
    detail: 'Taste before and after the last seasoning.',
    start: draft.eatAt,
    minutes: eatMinutes,
    fromEnd: 'place',
  });
  addFixed(draft, 'clear', {
    title: 'Clear and carry home',
    detail: 'Label what is kept: name, date, use by.',
    start: facts.lengthMinutes - clearMinutes,
    minutes: clearMinutes,
    fromEnd: 'place',
  });
  addPacking(draft);
}

interface FixedJob {
  readonly title: string;
  readonly detail: string;
  readonly start: number;
  readonly minutes: number;
  readonly fromEnd?: 'place';
}

function addFixed(
  draft: TaskDraft,
  step: FrameStep,
  { title, detail, start, minutes, fromEnd }: FixedJob,
): void {
  draft.add({
    ref: classTaskRef('frame', step),
    minutes,
    demands: [
      { resource: 'you', units: 1 },
      { resource: 'stations', units: draft.stationHands },
    ],
    earliest: start,
    latest: start + minutes,
    fromEnd,
    inClass: true,
    lane: 'you',
    kind: 'class',
    title,
    detail,
    dishTitle: '',
    step: null,
    how: [{ label: 'Set aside in every class', value: `${minutes} min`, note: 'A starting estimate.' }],
  });
}

/** Crates are packed before anything is set out; both are the assistant's where there is one. */
function addPacking(draft: TaskDraft): void {
  const { stations } = draft.input;
  const crates = cratesOf(stations);
  addStaffJob(draft, 'pack', {
    title: 'Pack the crates',
    detail: 'One for each station and one for the demonstration bench: see Pack.',
    minutes: packMinutesPerCrate * crates,
    latest: -draft.setOutMinutes,
    how: [
      {
        label: `${crates} crates × ${packMinutesPerCrate} min`,
        value: `${packMinutesPerCrate * crates} min`,
      },
    ],
  });
  draft.link(frameId('pack'), frameId('set-out'));
  addStaffJob(draft, 'set-out', {
    title: 'Set out the stations',
    detail: 'Crates, sorted ingredients, boards on damp cloths.',
    minutes: draft.setOutMinutes,
    latest: -1,
    how: draft.settingOut.how,
  });
}

interface StaffJob {
  readonly title: string;
  readonly detail: string;
  readonly minutes: number;
  readonly latest: number;
  readonly how: readonly HowStep[];
}

function addStaffJob(draft: TaskDraft, step: FrameStep, job: StaffJob): void {
  const hands: Staff = draft.input.facts.assistants > 0 ? 'assistant' : 'you';
  draft.add({
    ...job,
    ref: classTaskRef('frame', step),
    demands: [{ resource: hands, units: 1 }],
    inClass: false,
    lane: hands,
    kind: 'prep',
    dishTitle: '',
    step: null,
  });
}
