import { Link } from 'react-router';
import styled from 'styled-components';
import { Choice } from '../../parts/Choice.js';
import { Field } from '../../parts/Field.js';
import { Quietly } from '../../parts/states.js';
import type { StepEditorProps } from './step-editor-props.js';

const Notes = styled.div`
  margin-top: 0.5rem;
  padding-left: 0.625rem;
  border-left: 3px solid ${({ theme }) => theme.colour.basil};
  font-size: ${({ theme }) => theme.size.small};
  line-height: 1.125rem;
  > * + * {
    margin-top: 0.3125rem;
  }
`;

export function AttachedNotes({
  step,
  index,
  notes,
  onChange,
}: Pick<StepEditorProps, 'step' | 'index' | 'notes' | 'onChange'>) {
  const attached = step.techniques
    .map((id) => notes.find((note) => note.id === id))
    .filter((note) => note !== undefined);
  const free = notes.filter((note) => !step.techniques.includes(note.id));
  const options = [
    { id: '', name: 'Attach a note …' },
    ...free.map((note) => ({ id: note.id, name: note.title })),
  ];
  return (
    <Notes>
      {attached.map((note) => (
        <p key={note.id}>
          <Link to={`/techniques/${note.id}`}>{note.title}</Link> <Quietly>{note.why}</Quietly>
        </p>
      ))}
      {attached.length > 0 ? (
        <Field
          label={`For this step, about ${attached[0]!.title}`}
          hideLabel
          placeholder="What is different in this step"
          value={step.techniqueNote}
          onChange={(techniqueNote) => onChange({ ...step, techniqueNote })}
        />
      ) : null}
      <Choice
        label={`Attach a note to step ${index + 1}`}
        hideLabel
        value=""
        options={options}
        onChange={(id) => {
          if (id)
            onChange({
              ...step,
              techniques: [...step.techniques, id],
              declined: step.declined?.filter((key) => key !== `technique:${id}`),
            });
        }}
      />
    </Notes>
  );
}
