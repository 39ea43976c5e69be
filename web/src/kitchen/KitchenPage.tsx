import type { ReactNode } from 'react';
import { Redo2, Undo2 } from 'lucide-react';
import { Label } from 'react-aria-components';
import { lineKinds, measureSystems, type LineKind } from '@fornax/core';
import styled from 'styled-components';
import { AmountText } from '../parts/AmountText.js';
import { Button } from '../parts/Button.js';
import { TimeField } from '../parts/DateTimeFields.js';
import { Choice, Field } from '../parts/Field.js';
import { NumberField } from '../parts/NumberField.js';
import { Failed, Loading, Quietly, Row, Sheet } from '../parts/states.js';
import { useUndoKeys } from '../parts/useUndoKeys.js';
import { Boxes, TickBox } from '../set-up/DishMakingChoice.js';
import { KitchenFiles } from './KitchenFiles.js';
import { Appliances, Staff, Suppliers, Tools, Vessels, WeekdayBoxes } from './KitchenLists.js';
import { Safety } from './Safety.js';
import { useKitchenEditor, type KitchenEditor, type KitchenEdits } from './useKitchenEditor.js';

const Grid = styled.div`
  display: grid;
  grid-template-columns: repeat(4, minmax(0, 1fr));
  gap: 12px 16px;
  max-width: 860px;
  > .two {
    grid-column: span 2;
  }
  @media (max-width: 700px) {
    grid-template-columns: 1fr 1fr;
  }
`;
const Part = styled.section`
  margin-top: 28px;
  h2 {
    margin-bottom: 6px;
  }
  > p {
    max-width: 720px;
    margin-bottom: 8px;
  }
`;
const Contents = styled.nav`
  margin: 4px 0 0;
  ul {
    display: flex;
    flex-wrap: wrap;
    gap: 4px 16px;
  }
`;
const Saving = styled(Row)`
  color: ${({ theme }) => theme.colour.quiet};
  font-size: 13px;
`;
const Conflict = styled.section`
  margin: 12px 0;
  padding: 12px 16px;
  background: ${({ theme }) => theme.colour.lemonPale};
  border-left: 4px solid ${({ theme }) => theme.colour.lemon};
`;

const saveWords = {
  saved: 'Saved',
  saving: 'Saving …',
  waiting: 'Kept on this device, sent when the server answers',
  refused: 'Not saved: see the field marked below',
} as const;
const parts = [
  ['basics', 'Words and measures'],
  ['hours', 'Hours and benches'],
  ['appliances', 'Appliances'],
  ['vessels', 'Vessels'],
  ['tools', 'Tools'],
  ['suppliers', 'Suppliers'],
  ['staff', 'Staff'],
  ['safety', 'Safety profile'],
  ['files', 'CSV'],
] as const;

/** What do I have to work with? */
export default function KitchenPage() {
  const editor = useKitchenEditor();
  useUndoKeys(editor.undo, editor.redo);
  const kitchen = editor.shown;
  if (!kitchen)
    return (
      <Sheet>
        {editor.error ? (
          <Failed error={editor.error} onRetry={editor.retry} />
        ) : (
          <Loading what="the kitchen" />
        )}
      </Sheet>
    );
  const props = { kitchen, editor };
  return (
    <Sheet>
      <h1>{kitchen.name}</h1>
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
      <Contents aria-label="Parts of the kitchen">
        <ul>
          {parts.map(([id, name]) => (
            <li key={id}>
              <a href={`#${id}`}>{name}</a>
            </li>
          ))}
        </ul>
      </Contents>
      <Section id="basics">
        <Basics {...props} />
        <Measures {...props} />
      </Section>
      <Section id="hours">
        <Hours {...props} />
      </Section>
      <Section
        id="appliances"
        words="How many trays, rings or shelves fit at once, how long it heats, and what it can be set to."
      >
        <Appliances {...props} />
      </Section>
      <Section
        id="vessels"
        words={
          'Bowls, jars, pots and blenders hold by volume, pans and trays by ' +
          'area. Each step is done in the smallest that takes it.'
        }
      >
        <Vessels {...props} />
      </Section>
      <Section
        id="tools"
        words={
          'What is counted here is checked against the most in use at ' +
          'once. What is not listed is taken as there.'
        }
      >
        <Tools {...props} />
      </Section>
      <Section
        id="suppliers"
        words="Each section is bought at the first supplier that sells it, on a day it is open."
      >
        <Suppliers {...props} />
      </Section>
      <Section id="staff">
        <Staff {...props} />
      </Section>
      <Section
        id="safety"
        words={
          'Usual general advice to begin from. Your local food code and a qualified ' +
          'person’s advice come first: write their figures in place of these.'
        }
      >
        <Safety {...props} />
      </Section>
      <Section
        id="files"
        words="Tools and vessels as a table for a spreadsheet. A row of a name that is there takes its place."
      >
        <KitchenFiles {...props} />
      </Section>
    </Sheet>
  );
}

function Section({
  id,
  words,
  children,
}: {
  id: (typeof parts)[number][0];
  words?: string;
  children: ReactNode;
}) {
  return (
    <Part id={id} aria-label={parts.find((part) => part[0] === id)![1]}>
      <h2>{parts.find((part) => part[0] === id)![1]}</h2>
      {words ? (
        <p>
          <Quietly>{words}</Quietly>
        </p>
      ) : null}
      {children}
    </Part>
  );
}

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

function Basics({ kitchen, editor }: Props) {
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
function Measures({ kitchen, editor }: Props) {
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

function Hours({ kitchen, editor }: Props) {
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
