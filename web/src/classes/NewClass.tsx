import { useEffect, useState } from 'react';
import { getLocalTimeZone, today } from '@internationalized/date';
import { useMutation, useQueryClient } from '@tanstack/react-query';
import type { ClassView, CreateClassDto, FieldProblem } from '@fornax/contract';
import { useNavigate } from 'react-router';
import styled from 'styled-components';
import { v7 as uuid } from 'uuid';
import type { LocalDateTime } from '@fornax/core';
import { fetchChecks } from '../api/checks.js';
import { ApiError, call } from '../api/client.js';
import { Button } from '../parts/Button.js';
import { minutesBetween } from '../parts/dates.js';
import { DateField, TimeField } from '../parts/DateTimeFields.js';
import { Dialog } from '../parts/Dialog.js';
import { Field } from '../parts/Field.js';
import { Row } from '../parts/states.js';
import { ErrorText } from '../parts/kit.js';

const Form = styled.form`
  display: grid;
  grid-template-columns: repeat(3, minmax(0, 1fr));
  gap: 0.875rem;
  > .wide {
    grid-column: 1 / -1;
  }
`;

interface Draft {
  title: string;
  date: string;
  start: string;
  end: string;
  people: string;
  peoplePerStation: string;
  assistants: string;
}

const emptyDraft = (): Draft => ({
  title: '',
  date: today(getLocalTimeZone()).add({ days: 7 }).toString(),
  start: '18:30',
  end: '20:30',
  people: '12',
  peoplePerStation: '4',
  assistants: '0',
});

/**
 * Asks for the least a plan needs. The id is made once per dialog, so that pressing twice makes one class.
 */
export function NewClass({ isOpen, onClose }: { isOpen: boolean; onClose: () => void }) {
  const navigate = useNavigate();
  const client = useQueryClient();
  const [id, setId] = useState(() => uuid());
  const [draft, setDraft] = useState(emptyDraft);
  const [problems, setProblems] = useState<readonly FieldProblem[]>([]);
  const make = useMutation({
    mutationFn: (body: CreateClassDto) => call<ClassView>('/classes', { method: 'POST', body }),
    onSuccess: (view) => {
      client.setQueryData(['class', view.id], view);
      // The page of the class does not wait for the list.
      void client.invalidateQueries({ queryKey: ['classes'] });
      void navigate(`/classes/${view.id}/set-up`);
    },
    onError: (error) => setProblems(problemsOf(error)),
  });
  useEffect(() => {
    if (!isOpen) return;
    setId(uuid());
    setDraft(emptyDraft());
    setProblems([]);
  }, [isOpen]);
  const submit = async () => {
    const body = bodyOf(id, draft);
    const checks = await fetchChecks();
    const found = [...timeProblems(draft), ...(checks?.newClass(body) ?? [])];
    setProblems(found);
    if (found.length === 0) make.mutate(body);
  };
  const field = (name: keyof Draft, problemField: string = name) => ({
    value: draft[name],
    onChange: (value: string) => setDraft({ ...draft, [name]: value }),
    problem: problems.find((each) => each.field === problemField)?.sentence,
  });
  return (
    <Dialog title="New class" isOpen={isOpen} onClose={onClose}>
      <Form
        noValidate
        onSubmit={(event) => {
          event.preventDefault();
          void submit();
        }}
      >
        <Fields field={field} />
        <Unplaced problems={problems} />
        <Row className="wide">
          <Button look="act" type="submit" isDisabled={make.isPending}>
            Make the class
          </Button>
          <Button look="quiet" onPress={onClose}>
            Cancel
          </Button>
        </Row>
      </Form>
    </Dialog>
  );
}

function Unplaced({ problems }: { problems: readonly FieldProblem[] }) {
  const unplaced = problems.find((each) => each.field === '');
  if (!unplaced) return null;
  return (
    <ErrorText className="wide" role="alert">
      {unplaced.sentence}
    </ErrorText>
  );
}

function Fields({
  field,
}: {
  field: (
    name: keyof Draft,
    problemField?: string,
  ) => { value: string; onChange: (value: string) => void; problem: string | undefined };
}) {
  return (
    <>
      <div className="wide">
        <Field label="Title" autoFocus {...field('title')} />
      </div>
      <DateField label="Date" {...field('date', 'startsAt')} />
      <TimeField label="Starts" {...field('start')} />
      <TimeField label="Ends" {...field('end', 'lengthMinutes')} />
      <Field label="People" inputMode="numeric" {...field('people')} />
      <Field label="Max. per station" inputMode="numeric" {...field('peoplePerStation')} />
      <Field label="Assistants" inputMode="numeric" hint="One or none." {...field('assistants')} />
    </>
  );
}

function bodyOf(id: string, draft: Draft): CreateClassDto {
  return {
    id,
    title: draft.title.trim(),
    startsAt: `${draft.date}T${draft.start}` as LocalDateTime,
    lengthMinutes: minutesBetween(draft.start, draft.end),
    people: wholeNumber(draft.people),
    peoplePerStation: wholeNumber(draft.peoplePerStation),
    assistants: wholeNumber(draft.assistants),
  };
}

function timeProblems(draft: Draft): FieldProblem[] {
  return minutesBetween(draft.start, draft.end) < 0
    ? [{ field: 'lengthMinutes', sentence: 'The end lies before the start.' }]
    : [];
}

function wholeNumber(text: string): number {
  return text.trim() === '' ? Number.NaN : Number(text);
}

function problemsOf(error: Error): readonly FieldProblem[] {
  return error instanceof ApiError && error.fields.length > 0
    ? error.fields
    : [{ field: '', sentence: error.message }];
}
