import type { ReactNode } from 'react';
import { Redo2, Undo2 } from 'lucide-react';
import styled from 'styled-components';
import { Button } from '../parts/Button.js';
import { Failed, Loading, Quietly, Row, Sheet } from '../parts/states.js';
import { useUndoKeys } from '../parts/useUndoKeys.js';
import { Basics, Hours, Measures } from './Basics.js';
import { KitchenFiles } from './KitchenFiles.js';
import { Appliances, Staff, Tools, Vessels } from './KitchenLists.js';
import { People } from './People.js';
import { Safety } from './Safety.js';
import { Schools } from './Schools.js';
import { Suppliers } from './Suppliers.js';
import { type KitchenEditor, useKitchenEditor } from './useKitchenEditor.js';
import type { KitchenEdits } from '../api/rows.js';
import { PageHeading } from '../parts/page.js';

const Part = styled.section`
  margin-top: 1.75rem;
  h2 {
    margin-bottom: 0.375rem;
  }
  > p {
    max-width: 45rem;
    margin-bottom: 0.5rem;
  }
`;
const Contents = styled.nav`
  margin: 0.25rem 0 0;
  ul {
    display: flex;
    flex-wrap: wrap;
    gap: 0.25rem 1rem;
  }
`;
const Saving = styled(Row)`
  color: ${({ theme }) => theme.colour.quiet};
  font-size: ${({ theme }) => theme.size.small};
`;
const Conflict = styled.section`
  margin: 0.75rem 0;
  padding: 0.75rem 1rem;
  background: ${({ theme }) => theme.colour.lemonPale};
  border-left: 4px solid ${({ theme }) => theme.colour.lemon};
`;

const saveWords = {
  saved: 'Saved',
  saving: 'Saving …',
  waiting: 'Kept on this device, sent when the server answers',
  refused: 'Not saved: see the field marked below',
} as const;
interface KitchenPart {
  readonly id: string;
  readonly name: string;
  readonly words?: string;
  readonly Body: (props: { kitchen: KitchenEdits; editor: KitchenEditor }) => ReactNode;
}

const parts: readonly KitchenPart[] = [
  {
    id: 'basics',
    name: 'Words and measures',
    Body: (props) => (
      <>
        <Basics {...props} />
        <Measures {...props} />
      </>
    ),
  },
  { id: 'hours', name: 'Hours and benches', Body: Hours },
  {
    id: 'appliances',
    name: 'Appliances',
    words: 'How many trays, rings or shelves fit at once, how long it heats, and what it can be set to.',
    Body: Appliances,
  },
  {
    id: 'vessels',
    name: 'Vessels',
    words:
      'Bowls, jars, pots and blenders hold by volume, pans and trays by area. ' +
      'Each step is done in the smallest that takes it.',
    Body: Vessels,
  },
  {
    id: 'tools',
    name: 'Tools',
    words:
      'What is counted here is checked against the most in use at once. ' +
      'What is not listed is taken as there.',
    Body: Tools,
  },
  {
    id: 'suppliers',
    name: 'Suppliers',
    words: 'Each section is bought at the first supplier that sells it, on a day it is open.',
    Body: Suppliers,
  },
  { id: 'staff', name: 'Staff', Body: Staff },
  {
    id: 'people',
    name: 'People of classes',
    words: 'Who comes to your classes, and how long that is kept.',
    Body: People,
  },
  {
    id: 'safety',
    name: 'Safety profile',
    words:
      'Usual general advice to begin from. Your local food code and a qualified person’s advice come ' +
      'first: write their figures in place of these.',
    Body: Safety,
  },
  {
    id: 'schools',
    name: 'Schools of dressing',
    words:
      'Usual figures to begin from, none of them an error: write your own in their place, and the dressing ' +
      'bench, recipes and Portion count with them.',
    Body: Schools,
  },
  {
    id: 'files',
    name: 'CSV',
    words: 'Tools and vessels as a table for a spreadsheet. A row of a name that is there takes its place.',
    Body: KitchenFiles,
  },
];

/** What do I have to work with? */
export default function KitchenPage() {
  const editor = useKitchenEditor();
  useUndoKeys(editor.undo, editor.redo);
  const kitchen = editor.shown;
  if (!kitchen)
    return (
      <Sheet>
        {editor.error ? (
          <Failed isPage error={editor.error} onRetry={editor.retry} />
        ) : (
          <Loading what="the kitchen" />
        )}
      </Sheet>
    );
  return (
    <Sheet>
      <PageHeading names={['Kitchen', kitchen.name]}>{kitchen.name}</PageHeading>
      <Saving $gap={1}>
        <Button look="quiet" aria-label="Undo" isDisabled={!editor.canUndo} onPress={editor.undo}>
          <Undo2 size={14} aria-hidden />
        </Button>
        <Button look="quiet" aria-label="Redo" isDisabled={!editor.canRedo} onPress={editor.redo}>
          <Redo2 size={14} aria-hidden />
        </Button>
        <span role="status">{editor.problems[''] ?? saveWords[editor.saveState]}</span>
      </Saving>
      {editor.conflict ? (
        <Conflict role="alert">
          <strong>
            Somebody else changed the kitchen while you did: {editor.conflict.fields.join(', ')}.
          </strong>
          <Row>
            <Button look="act" onPress={editor.keepMine}>
              Keep yours
            </Button>
            <Button onPress={editor.takeTheirs}>Take theirs</Button>
          </Row>
        </Conflict>
      ) : null}
      <PartsOfIt />
      {parts.map(({ id, name, words, Body }) => (
        <Part key={id} id={id} aria-label={name}>
          <h2>{name}</h2>
          {words ? (
            <p>
              <Quietly>{words}</Quietly>
            </p>
          ) : null}
          <Body kitchen={kitchen} editor={editor} />
        </Part>
      ))}
    </Sheet>
  );
}

function PartsOfIt() {
  return (
    <Contents aria-label="Parts of the kitchen">
      <ul>
        {parts.map(({ id, name }) => (
          <li key={id}>
            <a href={`#${id}`}>{name}</a>
          </li>
        ))}
      </ul>
    </Contents>
  );
}
