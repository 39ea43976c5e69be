import type { LastPeople } from '@fornax/contract';
import { keptSeats } from '@fornax/core';
import { call } from '../../api/client.js';
import { useOpenClass } from '../../classes/class-context.js';
import { Button } from '../../parts/Button.js';
import { useSay } from '../../parts/toasts.js';
import { useRoster } from './useRoster.js';

/** The people of the class before, with their needs and where they stood. */
export function LastTime() {
  const { view } = useOpenClass();
  const { roster, change } = useRoster();
  const say = useSay();
  const fetchLast = async () => {
    const { last } = await call<{ last: LastPeople | null }>(`/classes/${view.id}/last-people`);
    if (!last) return say('Nobody is named in a class before this one.');
    const known = new Set(roster.map(({ name }) => name.toLowerCase()));
    const more = last.roster.filter(({ name }) => !known.has(name.toLowerCase()));
    if (more.length === 0) return say(`Everybody of “${last.classTitle}” is here already.`);
    change(
      (all) => {
        const together = [...all, ...more];
        const people = Math.max(view.people, together.length);
        return keptSeats({ ...view, people, roster: together });
      },
      `${more.length === 1 ? '1 person' : `${more.length} people`} of “${last.classTitle}” were added.`,
    );
  };
  return (
    <Button onPress={() => void fetchLast().catch((error: Error) => say(error.message))}>
      Same people as last time
    </Button>
  );
}
