import type { RecipeSummary } from '@fornax/contract';
import { dishKinds, monthsText } from '@fornax/core';
import styled from 'styled-components';
import { TickBox } from '../parts/Boxes.js';
import { Button } from '../parts/Button.js';
import { Choice } from '../parts/Choice.js';
import { Field } from '../parts/Field.js';
import { choicesOf, type Filters, nameOfTechnique, noFilters } from './filters.js';

const Box = styled.div`
  display: grid;
  gap: 0.75rem;
  @media (max-width: 56.25em) {
    grid-template-columns: repeat(auto-fill, minmax(10rem, 1fr));
    align-items: end;
  }
  @media print {
    display: none;
  }
`;

interface RecipeFiltersProps {
  recipes: readonly RecipeSummary[];
  filters: Filters;
  onChange: (filters: Filters) => void;
}

/** A list cannot have a choice without an id. */
const noneId = 'none';

interface OneOfProps<T extends string> {
  label: string;
  value: T | '';
  /** What it is called not to ask for it. */
  none: string;
  options: readonly { readonly id: T; readonly name: string }[];
  onChange: (value: T | '') => void;
}

/** One of a list, or none of it. */
function OneOf<T extends string>({ label, value, none, options, onChange }: OneOfProps<T>) {
  return (
    <Choice<string>
      label={label}
      value={value || noneId}
      onChange={(chosen) => onChange(options.find(({ id }) => id === chosen)?.id ?? '')}
      options={[{ id: noneId, name: none }, ...options]}
    />
  );
}

const months = Array.from({ length: 12 }, (_, index) => String(index + 1));

/** What is looked for: words, kind, technique, time, season, needs, and what is there. */
export function RecipeFilters({ recipes, filters, onChange }: RecipeFiltersProps) {
  const { techniques, needs } = choicesOf(recipes);
  const set = (part: Partial<Filters>) => onChange({ ...filters, ...part });
  const month = String(new Date().getMonth() + 1);
  const monthName = (each: string) => monthsText([Number(each)]);
  return (
    <Box role="search" aria-label="Recipes">
      <Field
        label="Find"
        type="search"
        value={filters.search}
        onChange={(search) => set({ search })}
        hint="A title, a technique, an allergen, vegan, or a month."
      />
      <OneOf
        label="Kind"
        value={filters.kind}
        onChange={(kind) => set({ kind })}
        none="all kinds"
        options={[...dishKinds.map((id) => ({ id, name: `${id}s` }))]}
      />
      <OneOf
        label="Technique"
        value={filters.technique}
        onChange={(technique) => set({ technique })}
        none="any"
        options={[...techniques.map((id) => ({ id, name: nameOfTechnique(id) }))]}
      />
      <OneOf
        label="Hands-on time"
        value={filters.minutes}
        onChange={(minutes) => set({ minutes })}
        none="any"
        options={[...(['20', '40', '60'] as const).map((id) => ({ id, name: `up to ${id} min` }))]}
      />
      <OneOf
        label="In season"
        value={filters.month}
        onChange={(chosen) => set({ month: chosen })}
        none="any time"
        options={[
          { id: month, name: `now, in ${monthName(month)}` },
          ...months.filter((each) => each !== month).map((id) => ({ id, name: `in ${monthName(id)}` })),
        ]}
      />
      <OneOf
        label="Needs"
        value={filters.needs}
        onChange={(chosen) => set({ needs: chosen })}
        none="any"
        options={[...needs.map((id) => ({ id, name: id }))]}
      />
      <CupboardAndClear filters={filters} onChange={onChange} />
    </Box>
  );
}

function CupboardAndClear({ filters, onChange }: Omit<RecipeFiltersProps, 'recipes'>) {
  const isFiltered = JSON.stringify(filters) !== JSON.stringify(noFilters);
  return (
    <>
      <TickBox
        isSelected={filters.fromCupboard}
        onChange={(fromCupboard) => onChange({ ...filters, fromCupboard })}
      >
        Uses what is in the cupboard
      </TickBox>
      {isFiltered ? (
        <Button look="quiet" onPress={() => onChange(noFilters)}>
          Clear all filters
        </Button>
      ) : null}
    </>
  );
}
