import { useState } from 'react';
import styled from 'styled-components';
import {
  dishKinds,
  measureSystems,
  parseIngredientLine,
  portions,
  showRational,
  type MeasureSystem,
} from '@fornax/core';
import { Choice } from '../../parts/Choice.js';
import { Field } from '../../parts/Field.js';
import { NumberField } from '../../parts/NumberField.js';
import { Choices } from './Choices.js';
import { type DetailsProps, Part } from './details-parts.js';

const Grid = styled.div`
  display: grid;
  grid-template-columns: 2fr repeat(5, 1fr);
  gap: 0.625rem 0.75rem;
  margin-bottom: 0.75rem;
  @media (max-width: 62.5em) {
    grid-template-columns: repeat(3, minmax(0, 1fr));
  }
  @media (max-width: 32.5em) {
    grid-template-columns: repeat(2, minmax(0, 1fr));
  }
`;
const Words = styled.div`
  display: grid;
  grid-template-columns: repeat(3, minmax(0, 1fr));
  gap: 0.625rem 0.75rem;
  max-width: 61.25rem;
  > .wide {
    grid-column: 1 / -1;
  }
  @media (max-width: 32.5em) {
    grid-template-columns: minmax(0, 1fr);
  }
`;

export const systemNames: Readonly<Record<MeasureSystem, string>> = {
  metric: 'metric',
  us: 'US',
  imperial: 'imperial',
  australian: 'Australian',
};

/** Title, servings and measures; where the recipe comes from; the ways a class can choose of. */
export function Details({ recipe, change, problems }: DetailsProps) {
  const [title, setTitle] = useState<string | null>(null);
  return (
    <>
      <Grid>
        <Field
          label="Title"
          value={title ?? recipe.title}
          onChange={(value) => {
            setTitle(value);
            change({ title: value });
          }}
          onBlur={() => problems.title || setTitle(null)}
          problem={problems.title}
        />
        <Choice
          label="Kind"
          value={recipe.kind}
          onChange={(kind) => change({ kind })}
          options={dishKinds.map((id) => ({ id, name: id }))}
        />
        <NumberField
          label="Serves"
          value={recipe.serves}
          onChange={(serves) => change({ serves })}
          problem={problems.serves}
        />
        <Choice
          label="As a"
          value={recipe.portion}
          onChange={(portion) => change({ portion })}
          options={portions.map((id) => ({ id, name: id }))}
        />
        <LeastBatch recipe={recipe} change={change} />
        <Choice<MeasureSystem>
          label="Measures"
          value={recipe.system}
          onChange={(system) => change({ system })}
          options={measureSystems.map((id) => ({ id, name: systemNames[id] }))}
        />
      </Grid>
      <Origin recipe={recipe} change={change} problems={problems} />
      <Choices recipe={recipe} change={change} />
    </>
  );
}

function LeastBatch({ recipe, change }: Pick<DetailsProps, 'recipe' | 'change'>) {
  const [least, setLeast] = useState<string | null>(null);
  const read = (text: string) => parseIngredientLine(`${text} x`, { system: 'metric' }).amount;
  const changeLeast = (text: string) => {
    setLeast(text);
    const amount = read(text);
    if (amount) change({ leastBatch: amount.low });
  };
  return (
    <Field
      label="Least batch"
      value={least ?? showRational(recipe.leastBatch)}
      onChange={changeLeast}
      onBlur={() => setLeast(null)}
      problem={least !== null && !read(least) ? 'Write ¼, ½ or 1.' : undefined}
    />
  );
}

/** Where a recipe comes from, and whether it may be taught. */
function Origin({ recipe, change, problems }: DetailsProps) {
  return (
    <Part>
      <summary>Story, source, permission, notes</summary>
      <Words>
        <div className="wide">
          <Field
            label="Story"
            value={recipe.story}
            onChange={(story) => change({ story })}
            problem={problems.story}
          />
        </div>
        <Field
          label="Source"
          value={recipe.source}
          onChange={(source) => change({ source })}
          problem={problems.source}
        />
        <Field
          label="To be credited"
          value={recipe.credit}
          onChange={(credit) => change({ credit })}
          problem={problems.credit}
        />
        <Field
          label="Permission to teach"
          value={recipe.permission}
          onChange={(permission) => change({ permission })}
          problem={problems.permission}
        />
        <div className="wide">
          <Field
            label="Notes to self"
            rows={3}
            value={recipe.notes}
            onChange={(notes) => change({ notes })}
            problem={problems.notes}
            hint="Never printed on a card."
          />
        </div>
      </Words>
    </Part>
  );
}

/** Schools: each choice with its ways; lines and steps say to which way they belong. */
