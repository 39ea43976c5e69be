import { Label } from 'react-aria-components';
import { lineKinds, measureSystems, type LineKind } from '@fornax/core';
import styled from 'styled-components';
import { AmountText } from '../parts/AmountText.js';
import { TimeField } from '../parts/DateTimeFields.js';
import { Choice } from '../parts/Choice.js';
import { Field } from '../parts/Field.js';
import { NumberField } from '../parts/NumberField.js';
import { Boxes, TickBox } from '../parts/Boxes.js';
import { WeekdayBoxes } from './KitchenLists.js';
import type { KitchenEditor } from './useKitchenEditor.js';
import type { KitchenEdits } from '../api/rows.js';

const Grid = styled.div`
  display: grid;
  grid-template-columns: repeat(4, minmax(0, 1fr));
  gap: 0.75rem 1rem;
  max-width: 53.75rem;
  > .two {
    grid-column: span 2;
  }
  @media (max-width: 43.75em) {
    grid-template-columns: 1fr 1fr;
  }
`;

interface Props {
  kitchen: KitchenEdits;
  editor: KitchenEditor;
}

const systemNames = {
  us: 'US cups and spoons',
  imperial: 'imperial',
  metric: 'metric, cup of 250 ml',
  australian: 'Australian, tablespoon of 20 ml',
} as const;

/** The kitchen's name, words, money and lists. */
export function Basics({ kitchen, editor }: Props) {
  return (
    <Grid>
      <div className="two">
        <Field
          label="Name"
          value={kitchen.name}
          onChange={(name) => editor.edit({ name })}
          problem={editor.problems.name}
          maxLength={120}
        />
      </div>
      <Choice
        label="Words"
        value={kitchen.english}
        options={[
          { id: 'uk', name: 'UK English' },
          { id: 'us', name: 'US English' },
        ]}
        onChange={(english) => editor.edit({ english })}
      />
      <Field
        label="Currency"
        value={kitchen.currency}
        onChange={(currency) => editor.edit({ currency: currency.toUpperCase() })}
        problem={editor.problems.currency}
        maxLength={3}
      />
      <div className="two">
        <Choice
          label="Spoons and cups"
          value={kitchen.system}
          options={measureSystems.map((id) => ({ id, name: systemNames[id] }))}
          onChange={(system) => editor.edit({ system })}
        />
      </div>
      <Choice
        label="Allergens are listed by"
        value={kitchen.allergenList}
        options={[
          { id: 'eu', name: 'the EU fourteen' },
          { id: 'us', name: 'the US nine' },
        ]}
        onChange={(allergenList) => editor.edit({ allergenList })}
      />
      <Choice
        label="Seasons of the"
        value={kitchen.hemisphere}
        options={[
          { id: 'north', name: 'north' },
          { id: 'south', name: 'south' },
        ]}
        onChange={(hemisphere) => editor.edit({ hemisphere })}
      />
    </Grid>
  );
}

const teaspoons = [
  ['1/8', '⅛'],
  ['1/4', '¼'],
  ['1/2', '½'],
  ['3/4', '¾'],
  ['1', '1'],
] as const;
const cups = [
  ['1/4', '¼'],
  ['1/3', '⅓'],
  ['1/2', '½'],
  ['2/3', '⅔'],
  ['3/4', '¾'],
  ['1', '1'],
] as const;
const kindWords: Readonly<Record<LineKind, string>> = {
  liquid: 'Liquids in',
  spice: 'Salt and spices in',
  food: 'The rest in',
};

/** Which spoons and cups there are, and what each kind of line is measured with. */
export function Measures({ kitchen, editor }: Props) {
  const { measuringSet: set, measureBy } = kitchen;
  return (
    <>
      <Boxes
        value={[...set.teaspoons]}
        onChange={(chosen) =>
          editor.edit({
            measuringSet: {
              ...set,
              teaspoons: teaspoons.map(([id]) => id).filter((id) => chosen.includes(id)),
            },
          })
        }
      >
        <Label>Teaspoons at a station</Label>
        {teaspoons.map(([id, name]) => (
          <PartBox key={id} id={id} name={name} />
        ))}
      </Boxes>
      <TickBox
        isSelected={set.tablespoon}
        onChange={(tablespoon) => editor.edit({ measuringSet: { ...set, tablespoon } })}
      >
        A tablespoon
      </TickBox>
      <Boxes
        value={[...set.cups]}
        onChange={(chosen) =>
          editor.edit({
            measuringSet: { ...set, cups: cups.map(([id]) => id).filter((id) => chosen.includes(id)) },
          })
        }
      >
        <Label>Cups at a station</Label>
        {cups.map(([id, name]) => (
          <PartBox key={id} id={id} name={name} />
        ))}
      </Boxes>
      <Grid>
        {lineKinds.map((kind) => (
          <Choice
            key={kind}
            label={kindWords[kind]}
            value={measureBy[kind]}
            options={[
              { id: 'spoons', name: 'spoons and cups' },
              { id: 'grams', name: 'grams' },
            ]}
            onChange={(by) => editor.edit({ measureBy: { ...measureBy, [kind]: by } })}
          />
        ))}
      </Grid>
    </>
  );
}

function PartBox({ id, name }: { id: string; name: string }) {
  return (
    <TickBox value={id}>
      <AmountText text={name} />
    </TickBox>
  );
}

/** Opening hours and benches. */
export function Hours({ kitchen, editor }: Props) {
  return (
    <>
      <Grid>
        <TimeField
          label="Opens"
          value={kitchen.opens}
          onChange={(opens) => editor.edit({ opens })}
          problem={editor.problems.opens}
        />
        <TimeField
          label="Closes"
          value={kitchen.closes}
          onChange={(closes) => editor.edit({ closes })}
          problem={editor.problems.closes}
        />
        <TimeField
          label="Prep on days before, from"
          value={kitchen.worksFrom ?? kitchen.opens}
          onChange={(worksFrom) => editor.edit({ worksFrom, worksTo: kitchen.worksTo ?? kitchen.closes })}
          problem={editor.problems.worksFrom}
        />
        <TimeField
          label="Prep on days before, to"
          value={kitchen.worksTo ?? kitchen.closes}
          onChange={(worksTo) => editor.edit({ worksFrom: kitchen.worksFrom ?? kitchen.opens, worksTo })}
          problem={editor.problems.worksTo}
        />
        <NumberField
          label="Benches"
          value={kitchen.benches.count}
          onChange={(count) => editor.edit({ benches: { ...kitchen.benches, count } })}
          problem={editor.problems['benches.count']}
        />
        <NumberField
          label="People at a bench"
          value={kitchen.benches.peopleEach}
          onChange={(peopleEach) => editor.edit({ benches: { ...kitchen.benches, peopleEach } })}
          problem={editor.problems['benches.peopleEach']}
        />
      </Grid>
      <WeekdayBoxes
        label="Closed on"
        days={kitchen.closedDays}
        onChange={(closedDays) => editor.edit({ closedDays })}
      />
    </>
  );
}
