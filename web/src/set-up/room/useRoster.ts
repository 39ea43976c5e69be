import { useCallback, useRef } from 'react';
import { nobody, type Person } from '@fornax/core';
import { v7 as uuid } from 'uuid';
import { useOpenClass } from '../../classes/class-context.js';
import { useSay } from '../../parts/toasts.js';

export interface RosterEditing {
  readonly roster: readonly Person[];
  /** Changes who comes; with a sentence it says so, with the way back. */
  change: (next: (roster: readonly Person[]) => readonly Person[], sentence?: string) => void;
  /** Adds somebody of this name and returns their id. */
  add: (name: string) => string;
  changePerson: (id: string, patch: Partial<Person>) => void;
}

/** Who comes to the open class. More people than were counted raise the count. */
export function useRoster(): RosterEditing {
  const { view, editor } = useOpenClass();
  const say = useSay();
  const latest = useRef({ view, editor });
  latest.current = { view, editor };
  const change = useCallback<RosterEditing['change']>(
    (next, sentence) => {
      const { view: before, editor: row } = latest.current;
      const roster = next(before.roster);
      const people = Math.max(before.people, roster.length);
      row.edit({ roster, ...(people === before.people ? {} : { people }) });
      if (sentence)
        say(sentence, {
          label: 'Undo',
          run: () => latest.current.editor.edit({ roster: before.roster, people: before.people }),
        });
    },
    [say],
  );
  const add = useCallback(
    (name: string) => {
      const id = uuid();
      change((roster) => [...roster, { ...nobody, id, name }]);
      return id;
    },
    [change],
  );
  const changePerson = useCallback(
    (id: string, patch: Partial<Person>) =>
      change((roster) => roster.map((person) => (person.id === id ? { ...person, ...patch } : person))),
    [change],
  );
  return { roster: view.roster, change, add, changePerson };
}
