import type { Larder, ProposalMade, Recipe, RecipeLine, RecipeStep, TextRead } from '@fornax/core';
import styled from 'styled-components';
import { LineEditor } from '../LineEditor.js';
import { RecipeNotes } from '../RecipeNotes.js';
import { StepList } from '../StepList.js';
import type { Chosen } from './chosen.js';
import { ProposedWork } from './ProposedWork.js';

const Part = styled.section`
  margin-bottom: 1.5rem;
`;
const Line = styled.li<{ $chosen: boolean }>`
  background: ${({ theme, $chosen }) => ($chosen ? theme.colour.basilPale : 'transparent')};
`;

interface RecipeReadProps {
  recipe: Recipe;
  read: TextRead;
  /** Its place among the recipes of the text. */
  at: number;
  larder: Larder;
  chosen: Chosen;
  onChoose: (chosen: Chosen) => void;
  onLine: (index: number, line: RecipeLine) => void;
  onProposal: (proposal: ProposalMade, choice: ProposalMade['choice']) => void;
}

/** A recipe as it was read: its lines to correct, its steps, and the work that was proposed. */
export function RecipeRead({
  recipe,
  read,
  at,
  larder,
  chosen,
  onChoose,
  onLine,
  onProposal,
}: RecipeReadProps) {
  const row = chosen && 'row' in chosen ? read.rows.find((each) => each.row === chosen.row) : undefined;
  const rowOfShown = row?.recipe === at ? row : undefined;
  const proposals = read.proposals.filter((each) => each.recipe === at);
  const begins = (step: RecipeStep) => proposals.find(({ steps }) => steps[0] === step.id);
  const declined = proposals.filter(({ choice }) => choice !== 'keep');
  const isChosenStep = ({ id }: RecipeStep) =>
    rowOfShown?.steps.includes(id) ?? (chosen !== null && 'step' in chosen && chosen.step === id);
  return (
    <>
      <LinesRead
        recipe={recipe}
        larder={larder}
        isChosen={({ id }) =>
          rowOfShown?.lines.includes(id) ?? (chosen !== null && 'line' in chosen && chosen.line === id)
        }
        onChoose={({ id }) => onChoose({ line: id })}
        onChange={onLine}
      />
      <Part>
        <StepList
          recipe={recipe}
          parts={{
            above: (step) => {
              const proposal = begins(step);
              return proposal ? (
                <ProposedWork proposal={proposal} onChoose={(choice) => onProposal(proposal, choice)} />
              ) : null;
            },
            isChosen: isChosenStep,
            onChoose: ({ id }) => onChoose({ step: id }),
          }}
        />
        {declined.map((proposal) => (
          <ProposedWork
            key={proposal.id}
            proposal={proposal}
            onChoose={(choice) => onProposal(proposal, choice)}
          />
        ))}
        <RecipeNotes recipe={recipe} />
      </Part>
    </>
  );
}

function LinesRead({
  recipe,
  larder,
  isChosen,
  onChoose,
  onChange,
}: {
  recipe: Recipe;
  larder: Larder;
  isChosen: (line: RecipeLine) => boolean;
  onChoose: (line: RecipeLine) => void;
  onChange: (index: number, line: RecipeLine) => void;
}) {
  return (
    <>
      {recipe.components.map((component) => (
        <Part key={component.id}>
          <h3>{component.name}</h3>
          <ul>
            {recipe.lines.map((line, index) =>
              line.componentId === component.id ? (
                <Line key={line.id} $chosen={isChosen(line)} onFocus={() => onChoose(line)}>
                  <LineEditor
                    line={line}
                    index={index}
                    system={recipe.system}
                    larder={larder}
                    onChange={(changed) => onChange(index, changed)}
                  />
                </Line>
              ) : null,
            )}
          </ul>
        </Part>
      ))}
    </>
  );
}
