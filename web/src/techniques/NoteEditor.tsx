import { useState } from 'react';
import { useQueryClient } from '@tanstack/react-query';
import type { TechniqueView } from '@fornax/contract';
import {
  readNoteMarkdown,
  standardShown,
  techniqueGroups,
  writeNoteMarkdown,
  type TechniqueGroup,
  type TechniqueNote,
} from '@fornax/core';
import styled from 'styled-components';
import { ApiError, call } from '../api/client.js';
import { techniquesQuery } from '../api/queries.js';
import { fetchChecks } from '../api/checks.js';
import { Button } from '../parts/Button.js';
import { Choice } from '../parts/Choice.js';
import { Field } from '../parts/Field.js';
import { Quietly, Row } from '../parts/states.js';
import { MarkdownEditor } from './MarkdownEditor.js';
import { ErrorLine } from '../parts/kit.js';

const Grid = styled.div`
  display: grid;
  grid-template-columns: repeat(auto-fit, minmax(6.25rem, 1fr));
  gap: 0.75rem;
  margin: 0.5rem 0;
  > :first-child {
    grid-column: span 2;
  }
`;
const keptNote = (id: string) => `fornax:note:${id}`;

interface NoteEditorProps {
  note: TechniqueNote;
  revision: number | null;
  onDone: (id: string | null) => void;
}

/**
 * Writes a note: its texts as one Markdown document, with a heading for each part. What is typed is kept on
 * the device until it is saved.
 */
export function NoteEditor({ note, revision, onDone }: NoteEditorProps) {
  const client = useQueryClient();
  const [facts, setFacts] = useState(() => factsOf(note));
  const [text, setText] = useState(() => localStorage.getItem(keptNote(note.id)) ?? writeNoteMarkdown(note));
  const [problem, setProblem] = useState('');
  const [base, setBase] = useState(revision);
  const [isBusy, setBusy] = useState(false);
  const change = (value: string) => {
    setText(value);
    localStorage.setItem(keptNote(note.id), value);
  };
  const leave = (id: string | null) => {
    localStorage.removeItem(keptNote(note.id));
    onDone(id);
  };
  const save = async () => {
    const written = writtenNote(note.id, facts, text);
    const found = (await fetchChecks())?.technique(written as never)[0];
    if (found) return setProblem(found.sentence);
    setBusy(true);
    await call<TechniqueView>(base === null ? '/techniques' : `/techniques/${note.id}`, {
      method: base === null ? 'POST' : 'PATCH',
      body: written,
      ...(base === null ? {} : { revision: base }),
    }).then(
      async () => {
        await client.invalidateQueries({ queryKey: techniquesQuery.queryKey });
        leave(note.id);
      },
      (error: Error) => {
        const theirs = theirsOf(error);
        if (theirs) setBase(theirs.revision);
        setProblem(theirs ? `${error.message} ${bothStand(theirs)}` : error.message);
      },
    );
    return setBusy(false);
  };
  return (
    <section aria-label="Write the note">
      <FactFields facts={facts} onChange={setFacts} />
      <MarkdownEditor label="Text of the note" value={text} onChange={change} />
      <p>
        <Quietly>
          Markdown, with a heading for each part: Why, How, Look for, Goes wrong, Caution, Another way,
          Minutes. Under Goes wrong, an arrow stands before the mend; under Minutes, a line says what
          practised hands take: “onion: 2 min a piece”, “any food: 0.8 min for 100 g”.
        </Quietly>
      </p>
      {problem ? <ErrorLine role="alert">{problem}</ErrorLine> : null}
      <Row>
        <Button look="act" isDisabled={isBusy} onPress={() => void save()}>
          Save the note
        </Button>
        <Button look="quiet" onPress={() => leave(null)}>
          Leave without saving
        </Button>
      </Row>
    </section>
  );
}

function FactFields({ facts, onChange }: { facts: NoteFacts; onChange: (facts: NoteFacts) => void }) {
  return (
    <Grid>
      <Field
        label="Title"
        value={facts.title}
        onChange={(title) => onChange({ ...facts, title })}
        maxLength={80}
      />
      <Choice<TechniqueGroup>
        label="Group"
        value={facts.group}
        options={techniqueGroups.map((id) => ({ id, name: id }))}
        onChange={(group) => onChange({ ...facts, group })}
      />
      <Field
        label="Minutes"
        inputMode="numeric"
        value={facts.minutes}
        onChange={(minutes) => onChange({ ...facts, minutes })}
      />
      <Field
        label="For"
        value={facts.per}
        onChange={(per) => onChange({ ...facts, per })}
        hint="an onion, a bunch"
        maxLength={60}
      />
      <Field
        label="Shown for"
        inputMode="numeric"
        value={facts.shown}
        onChange={(shown) => onChange({ ...facts, shown })}
        hint="min; 0: named only"
      />
    </Grid>
  );
}

/** What is said of a note beside its text, as it is typed. */
interface NoteFacts {
  title: string;
  group: TechniqueGroup;
  minutes: string;
  per: string;
  shown: string;
}

function factsOf({ id, title, group, beginnerMinutes, beginnerPer, shownMinutes }: TechniqueNote): NoteFacts {
  const shown = String(shownMinutes ?? standardShown[id] ?? 0);
  return { title, group, minutes: String(beginnerMinutes), per: beginnerPer, shown };
}

/** What is no whole number is not a number, and refused. */
function minutesIn(text: string): number {
  return /^\d+$/.test(text.trim()) ? Number(text) : Number.NaN;
}

/** The note as it stands in the form. */
function writtenNote(id: string, facts: NoteFacts, text: string): TechniqueNote {
  return {
    ...readNoteMarkdown(text),
    id,
    title: facts.title.trim(),
    group: facts.group,
    beginnerMinutes: minutesIn(facts.minutes),
    beginnerPer: facts.per,
    shownMinutes: minutesIn(facts.shown),
  };
}

/** What somebody else saved meanwhile, where that is why a write was refused. */
function theirsOf(error: Error): TechniqueView | null {
  const isConflict = error instanceof ApiError && error.status === 409;
  return isConflict ? ((error.current as TechniqueView | undefined) ?? null) : null;
}

function bothStand(theirs: TechniqueView): string {
  return (
    `Theirs begins “${theirs.why.slice(0, 80)}”. Save again to let yours stand, ` +
    'or leave without saving to take theirs.'
  );
}
