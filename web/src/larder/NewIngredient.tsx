import { useState } from 'react';
import { Checkbox, CheckboxGroup, Label } from 'react-aria-components';
import { useNavigate } from 'react-router';
import styled from 'styled-components';
import {
  type Allergen,
  allergens,
  eaters,
  type Eaters,
  type Larder,
  type OwnIngredient,
  ownIngredientId,
  type Section,
  sections,
} from '@fornax/core';
import { checkLarderEntry } from '../api/check.js';
import { Button } from '../parts/Button.js';
import { Dialog } from '../parts/Dialog.js';
import { Choice, Field } from '../parts/Field.js';
import { Row } from '../parts/states.js';
import type { LarderEntries } from './useLarderEntries.js';

const Form = styled.form`
  display: grid;
  grid-template-columns: 1fr 1fr;
  gap: 12px;
  > .wide {
    grid-column: 1 / -1;
  }
`;
const Group = styled(CheckboxGroup)`
  grid-column: 1 / -1;
  > span {
    display: block;
    color: ${({ theme }) => theme.colour.quiet};
    font-size: 13px;
  }
  > div {
    display: flex;
    flex-wrap: wrap;
    gap: 4px 8px;
    margin-top: 4px;
  }
`;
const Box = styled(Checkbox)`
  padding: 2px 10px;
  border: 1px solid ${({ theme }) => theme.colour.quiet};
  border-radius: 13px;
  font-size: 13px;
  cursor: pointer;
  &[data-selected] {
    background: ${({ theme }) => theme.colour.beetPale};
    border-color: ${({ theme }) => theme.colour.beet};
  }
  &[data-focus-visible] {
    outline: 2px solid ${({ theme }) => theme.colour.basil};
  }
`;
const Alert = styled.p`
  grid-column: 1 / -1;
  color: ${({ theme }) => theme.colour.beet};
`;

const eaterWords: Readonly<Record<Eaters, string>> = {
  'not known': 'not known',
  vegans: 'vegans and vegetarians',
  vegetarians: 'vegetarians, not vegans',
  neither: 'neither',
};
const empty = {
  name: '',
  section: 'other' as Section,
  shoppingUnit: 'g' as OwnIngredient['shoppingUnit'],
  packSize: '100',
  packName: '',
  allergens: [] as Allergen[],
  eatenBy: 'not known' as Eaters,
};

type Draft = typeof empty;

/** An ingredient of the kitchen's own. Its figures are filled in on its page. */
export function NewIngredient({
  isOpen,
  entries,
  onClose,
}: {
  isOpen: boolean;
  entries: LarderEntries;
  onClose: () => void;
}) {
  const [draft, setDraft] = useState(empty);
  const [problems, setProblems] = useState<Readonly<Record<string, string>>>({});
  const navigate = useNavigate();
  const set = (to: Partial<Draft>) => setDraft({ ...draft, ...to });
  const close = () => {
    setDraft(empty);
    setProblems({});
    onClose();
  };
  const add = async () => {
    const own: OwnIngredient = {
      ...draft,
      name: draft.name.trim(),
      packSize: Number(draft.packSize.replace(',', '.')),
    };
    const ingredient = ownIngredientId(own.name);
    const found = problemsOf(own, ingredient, entries.larder);
    if (found) return setProblems(found);
    await entries.save({ ingredient, figures: {}, own }).then(
      () => {
        close();
        void navigate(`/larder/${ingredient}`);
      },
      (error: Error) => setProblems({ '': error.message }),
    );
  };
  return (
    <Dialog title="Add an ingredient" isOpen={isOpen} onClose={close}>
      <IngredientForm draft={draft} set={set} problems={problems} onAdd={() => void add()} onCancel={close} />
    </Dialog>
  );
}

function IngredientForm({
  draft,
  set,
  problems,
  onAdd,
  onCancel,
}: {
  draft: Draft;
  set: (to: Partial<Draft>) => void;
  problems: Readonly<Record<string, string>>;
  onAdd: () => void;
  onCancel: () => void;
}) {
  return (
    <Form
      noValidate
      onSubmit={(event) => {
        event.preventDefault();
        onAdd();
      }}
    >
      <div className="wide">
        <Field
          label="Name"
          autoFocus
          value={draft.name}
          onChange={(name) => set({ name })}
          problem={problems.name}
        />
      </div>
      <HowSold draft={draft} set={set} problems={problems} />
      <div className="wide">
        <Choice<Eaters>
          label="Who eats it, by its label"
          value={draft.eatenBy}
          options={eaters.map((id) => ({ id, name: eaterWords[id] }))}
          onChange={(eatenBy) => set({ eatenBy })}
        />
      </div>
      <OnItsLabel chosen={draft.allergens} onChange={(chosen) => set({ allergens: chosen })} />
      {problems[''] ? <Alert role="alert">{problems['']}</Alert> : null}
      <Row className="wide">
        <Button look="act" type="submit">
          Add it
        </Button>
        <Button look="quiet" onPress={onCancel}>
          Cancel
        </Button>
      </Row>
    </Form>
  );
}

/** What keeps an ingredient from being added, by field; null where nothing does. */
function problemsOf(own: OwnIngredient, ingredient: string, larder: Larder): Record<string, string> | null {
  const found = checkLarderEntry({ figures: {}, own: { ...own, allergens: [...own.allergens] } });
  if (found.length > 0)
    return Object.fromEntries(found.map(({ field, sentence }) => [field.replace('own.', ''), sentence]));
  const taken =
    larder.names.get(own.name.toLowerCase()) ?? (larder.ingredients.has(ingredient) ? ingredient : null);
  if (taken === null) return null;
  return { name: `The larder has this already, as ${larder.ingredients.get(taken)?.names.uk ?? taken}.` };
}

function OnItsLabel({
  chosen,
  onChange,
}: {
  chosen: readonly Allergen[];
  onChange: (chosen: Allergen[]) => void;
}) {
  return (
    <Group value={[...chosen]} onChange={(ids) => onChange(ids as Allergen[])}>
      <Label>Allergens on its label</Label>
      <div>
        {allergens.map((id) => (
          <Box key={id} value={id}>
            {id}
          </Box>
        ))}
      </div>
    </Group>
  );
}

function HowSold({
  draft,
  set,
  problems,
}: {
  draft: Draft;
  set: (to: Partial<Draft>) => void;
  problems: Readonly<Record<string, string>>;
}) {
  return (
    <>
      <Choice<Section>
        label="Shop section"
        value={draft.section}
        options={sections.map((id) => ({ id, name: id }))}
        onChange={(section) => set({ section })}
      />
      <Choice
        label="Bought by"
        value={draft.shoppingUnit}
        options={[
          { id: 'g', name: 'weight, g' },
          { id: 'ml', name: 'volume, ml' },
          { id: 'piece', name: 'the piece' },
        ]}
        onChange={(shoppingUnit) => set({ shoppingUnit })}
      />
      <Field
        label="A pack holds"
        inputMode="numeric"
        value={draft.packSize}
        onChange={(packSize) => set({ packSize })}
        problem={problems.packSize}
      />
      <Field
        label="The pack is a"
        value={draft.packName}
        onChange={(packName) => set({ packName })}
        problem={problems.packName}
        hint="bag, jar, bunch"
      />
    </>
  );
}
