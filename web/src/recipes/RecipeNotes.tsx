import styled from 'styled-components';
import type { Recipe } from '@fornax/core';

const Heading = styled.h2`
  margin: 1.5rem 0 0.5rem;
`;
const Said = styled.p`
  white-space: pre-line;
`;

/** What a recipe says beside its steps: other ways, keeping, what to eat it with. */
export function RecipeNotes({ recipe: { notes } }: { recipe: Pick<Recipe, 'notes'> }) {
  return notes ? (
    <section aria-label="Notes">
      <Heading>Notes</Heading>
      <Said>{notes}</Said>
    </section>
  ) : null;
}
