import { sections, type Section } from '@fornax/core';
import { Choice } from '../Choice.js';
import { Field } from '../Field.js';
import type { OwnDraft } from './own-draft.js';

const sectionOptions = sections.map((id) => ({ id, name: id }));
const unitOptions = [
  { id: 'g', name: 'weight, g' },
  { id: 'ml', name: 'volume, ml' },
  { id: 'piece', name: 'the piece' },
] as const;
const rawOptions = [
  { id: 'no', name: 'no' },
  { id: 'yes', name: 'yes, with its own board' },
] as const;

/** Where and how an ingredient is sold, how it keeps, and whether it is raw protein. */
export function HowSold({
  draft,
  set,
  problems,
}: {
  draft: OwnDraft;
  set: (to: Partial<OwnDraft>) => void;
  problems: Readonly<Record<string, string>>;
}) {
  return (
    <>
      <Choice<Section>
        label="Shop section"
        value={draft.section}
        options={sectionOptions}
        onChange={(section) => set({ section })}
      />
      <Choice
        label="Bought by"
        value={draft.shoppingUnit}
        options={unitOptions}
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
      <Field
        label="Keeps in the fridge, days"
        inputMode="numeric"
        value={draft.keepsCold}
        onChange={(keepsCold) => set({ keepsCold })}
        hint="empty where you do not know"
      />
      <Choice
        label="Raw meat, fish or shellfish"
        value={draft.rawProtein ? 'yes' : 'no'}
        options={rawOptions}
        onChange={(id) => set({ rawProtein: id === 'yes' })}
      />
    </>
  );
}
