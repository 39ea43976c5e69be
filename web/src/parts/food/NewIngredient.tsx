import { useState } from 'react';
import styled from 'styled-components';
import {
  type Allergen,
  allergens,
  atName,
  eaters,
  type Eaters,
  familiesToChoose,
  type Larder,
  type LarderEntry,
  type OwnIngredient,
  ownIngredientId,
} from '@fornax/core';
import { fetchChecks } from '../../api/checks.js';
import type { LarderEntries } from '../../api/useLarderEntries.js';
import { Button } from '../Button.js';
import { Dialog } from '../Dialog.js';
import { Choice } from '../Choice.js';
import { Field } from '../Field.js';
import { Row } from '../states.js';
import { ChipGroup } from './ChipGroup.js';
import { HowSold } from './HowSold.js';
import { draftFor, draftOf, figuresOf, type OwnDraft, ownOf, type Looked } from './own-draft.js';

const Form = styled.form`
  display: grid;
  grid-template-columns: 1fr 1fr;
  gap: 0.75rem;
  > .wide {
    grid-column: 1 / -1;
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
  neither: 'neither: of an animal',
};
const lookedWords: Readonly<Record<Looked, string>> = {
  'not known': 'not known yet',
  none: 'none of the list',
  some: 'these:',
};

interface NewIngredientProps {
  isOpen: boolean;
  entries: LarderEntries;
  onClose: () => void;
  /** The name that it goes by in a recipe. */
  name?: string;
  /** One that stands already, to be changed. */
  existing?: LarderEntry & { readonly own: OwnIngredient };
  onAdded?: (ingredient: string) => void;
}

/** An ingredient of the kitchen's own. More of its figures are filled in on its page. */
export function NewIngredient(props: NewIngredientProps) {
  return (
    <Dialog
      title={props.existing ? 'What its label says' : 'Add an ingredient'}
      isOpen={props.isOpen}
      onClose={props.onClose}
    >
      <NewIngredientForm {...props} />
    </Dialog>
  );
}

function NewIngredientForm({ entries, onClose, name = '', existing, onAdded }: NewIngredientProps) {
  const [draft, setDraft] = useState<OwnDraft>(existing ? draftOf(existing) : draftFor(name));
  const [problems, setProblems] = useState<Readonly<Record<string, string>>>({});
  const set = (to: Partial<OwnDraft>) => setDraft({ ...draft, ...to });
  const add = async () => {
    const own = ownOf(draft);
    const ingredient = existing?.ingredient ?? ownIngredientId(own.name, entries.larder);
    const found = await problemsOf(own, entries.larder, existing?.ingredient);
    if (found) return setProblems(found);
    const called = existing?.called ?? (name && name !== own.name ? [name] : []);
    const figures = { ...existing?.figures, ...figuresOf(draft) };
    const mayContain = existing?.mayContain ?? [];
    await entries.save({ ingredient, figures, own, called, mayContain }).then(
      () => {
        onClose();
        onAdded?.(ingredient);
      },
      (error: Error) => setProblems({ '': error.message }),
    );
  };
  return (
    <Form
      noValidate
      onSubmit={(event) => {
        event.preventDefault();
        void add();
      }}
    >
      <div className="wide">
        <Field
          label="Name"
          autoFocus
          value={draft.name}
          onChange={(to) => set({ name: to })}
          problem={problems.name}
        />
      </div>
      <HowSold draft={draft} set={set} problems={problems} />
      <ChipGroup<string>
        label="What it is"
        options={familiesToChoose(draft.section, draft.families)}
        chosen={draft.families}
        onChange={(families) => set({ families })}
      />
      <ByItsLabel draft={draft} set={set} />
      {problems[''] ? <Alert role="alert">{problems['']}</Alert> : null}
      <Row className="wide">
        <Button look="act" type="submit">
          {existing ? 'Keep it' : 'Add it'}
        </Button>
        <Button look="quiet" onPress={onClose}>
          Cancel
        </Button>
      </Row>
    </Form>
  );
}

function ByItsLabel({ draft, set }: { draft: OwnDraft; set: (to: Partial<OwnDraft>) => void }) {
  return (
    <>
      <Choice<Eaters>
        label="Who eats it, by its label"
        value={draft.eatenBy}
        options={eaters.map((id) => ({ id, name: eaterWords[id] }))}
        onChange={(eatenBy) => set({ eatenBy })}
      />
      <Choice<Looked>
        label="Allergens on its label"
        value={draft.looked}
        options={(Object.keys(lookedWords) as Looked[]).map((id) => ({ id, name: lookedWords[id] }))}
        onChange={(looked) => set({ looked })}
      />
      {draft.looked === 'some' ? (
        <ChipGroup<Allergen>
          label="Which of these its label names"
          options={allergens}
          chosen={draft.allergens}
          onChange={(chosen) => set({ allergens: chosen })}
        />
      ) : null}
    </>
  );
}

/** What keeps an ingredient from being added, by field; null where nothing does. */
async function problemsOf(
  own: OwnIngredient,
  larder: Larder,
  id?: string,
): Promise<Record<string, string> | null> {
  const checks = await fetchChecks();
  const found = checks?.larderEntry({ figures: {}, own: { ...own, allergens: [...own.allergens] } }) ?? [];
  if (found.length > 0)
    return Object.fromEntries(found.map(({ field, sentence }) => [field.replace('own.', ''), sentence]));
  const taken = atName(larder.names, own.name);
  if (taken === undefined || taken === id) return null;
  return { name: `The larder has this already, as ${larder.ingredients.get(taken)?.names.uk ?? taken}.` };
}
