import styled from 'styled-components';
import { Button } from '../parts/Button.js';
import { Row } from '../parts/states.js';
import { useOpenClass } from './class-context.js';
import type { ClassEdits } from '../api/rows.js';

const Box = styled.section`
  margin: 0 1.5rem 0.75rem;
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
`;

const fieldNames: Readonly<Record<keyof ClassEdits, string>> = {
  title: 'Title',
  startsAt: 'Starts',
  lengthMinutes: 'Length in minutes',
  place: 'Place',
  people: 'People',
  peoplePerStation: 'People at a station',
  assistants: 'Assistants',
  demonstrationPlates: 'Demonstration plates',
  dishes: 'Menu',
  decisions: 'Decisions about the lists',
  roster: 'Who comes',
};

/** Two people changed the same thing: both versions, and a choice that loses neither until it is made. */
export function ConflictNotice() {
  const { editor } = useOpenClass();
  const { conflict } = editor;
  if (!conflict) return null;
  return (
    <Box role="alert">
      <strong>Somebody else changed this class while you did.</strong>
      <dl>
        <dt></dt>
        <dd>
          <strong>Yours</strong>
        </dd>
        <dd>
          <strong>Theirs</strong>
        </dd>
        {conflict.fields.map((field) => [
          <dt key={field}>{fieldNames[field]}</dt>,
          <dd key={`${field}-mine`}>{show(conflict.mine[field])}</dd>,
          <dd key={`${field}-theirs`}>{show(conflict.theirs[field])}</dd>,
        ])}
      </dl>
      <Row>
        <Button look="act" onPress={editor.keepMine}>
          Keep yours
        </Button>
        <Button onPress={editor.takeTheirs}>Take theirs</Button>
      </Row>
    </Box>
  );
}

function show(value: ClassEdits[keyof ClassEdits]): string {
  if (typeof value !== 'object') return String(value);
  if (!('map' in value)) return decisionWords(value);
  return value.map((each) => ('recipe' in each ? each.recipe.title : each.name)).join(', ') || 'nobody';
}

function decisionWords({
  substitutes,
  alternatives,
  skipped,
  packs,
  madeDo,
  kit,
  ownSets,
  together,
  sparePercent,
  budget,
}: ClassEdits['decisions']): string {
  const counts: readonly (readonly [number, string])[] = [
    [Object.keys(substitutes).length, 'substitutes'],
    [Object.keys(alternatives).length, 'alternatives taken'],
    [skipped.length, 'left out'],
    [Object.keys(packs).length + Object.keys(madeDo).length, 'packs chosen'],
    [kit.length + ownSets.length, 'about the kit'],
    [together.length, 'classes bought for together'],
  ];
  const words = counts.filter(([count]) => count > 0).map(([count, what]) => `${count} ${what}`);
  return (
    [
      ...words,
      sparePercent > 0 ? `${sparePercent} % to spare` : '',
      budget === null ? '' : `a budget of ${budget}`,
    ]
      .filter(Boolean)
      .join(', ') || 'none'
  );
}
