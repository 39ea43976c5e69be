import styled from 'styled-components';
import { capital, type Recipe } from '@fornax/core';
import { Button } from '../parts/Button.js';
import { Row } from '../parts/states.js';
import type { RecipeEditor } from './useRecipeEditor.js';

const Notice = styled.section`
  margin: 0.75rem 0;
  padding: 0.75rem 1rem;
  background: ${({ theme }) => theme.colour.lemonPale};
  border-left: 4px solid ${({ theme }) => theme.colour.lemon};
  dl {
    display: grid;
    grid-template-columns: max-content 1fr 1fr;
    gap: 2px 1.5rem;
    margin: 0.5rem 0;
  }
  dt {
    color: ${({ theme }) => theme.colour.quiet};
  }
  dd {
    overflow-wrap: anywhere;
  }
`;

const fieldNames: Partial<Record<keyof Recipe, string>> = {
  lines: 'Lines',
  steps: 'Steps',
  components: 'Components',
  choices: 'Ways to choose of',
  leastBatch: 'Least batch',
};

/** Two people changed the same part: both are shown, and none is lost until one is chosen. */
export function RecipeConflict({ editor }: { editor: RecipeEditor }) {
  const { conflict } = editor;
  if (!conflict) return null;
  return (
    <Notice role="alert">
      <strong>Somebody else changed this recipe while you did.</strong>
      <dl>
        <dt></dt>
        <dd>
          <strong>Yours</strong>
        </dd>
        <dd>
          <strong>Theirs</strong>
        </dd>
        {conflict.fields.map((field) => [
          <dt key={field}>{fieldNames[field] ?? capital(field)}</dt>,
          <dd key={`${field}-mine`}>{words(conflict.mine[field], conflict.theirs[field])}</dd>,
          <dd key={`${field}-theirs`}>{words(conflict.theirs[field], conflict.mine[field])}</dd>,
        ])}
      </dl>
      <Row>
        <Button look="act" onPress={editor.keepMine}>
          Keep yours
        </Button>
        <Button onPress={editor.takeTheirs}>Take theirs</Button>
      </Row>
    </Notice>
  );
}

/** A value in words; of a list only what the other side does not have. */
function words(value: unknown, other: unknown): string {
  if (!Array.isArray(value)) return String(value);
  const texts = (list: unknown) =>
    Array.isArray(list)
      ? list.map((item: { text?: string; name?: string }) => item.text ?? item.name ?? '')
      : [];
  const own = texts(value).filter((text) => !texts(other).includes(text));
  return own.length > 0 ? own.join('; ') : 'the same words, in another order or with other figures';
}
