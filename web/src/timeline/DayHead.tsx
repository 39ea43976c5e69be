import styled from 'styled-components';
import { showDate } from '@fornax/core';
import { Button } from '../parts/Button.js';
import { Row } from '../parts/states.js';
import type { ClockWindow } from './clock-layout.js';

/** A heading with its buttons at the end of the line. */
export const Head = styled(Row)`
  justify-content: space-between;
`;

const views: readonly (readonly [ClockWindow | 'list', string])[] = [
  ['days', 'Days'],
  ['day', 'The day'],
  ['class', 'In class'],
  ['minutes', 'Minutes'],
  ['list', 'List'],
];

const extras: readonly (readonly [Extra, string])[] = [
  ['hands', 'Hands'],
  ['what if', 'What if'],
  ['rehearse', 'Rehearse'],
];

export type Shown = ClockWindow | 'list';

export type Extra = 'hands' | 'what if' | 'rehearse';

/** The day, how it is shown, and what can be opened beside it. */
export function DayHead({
  startsAt,
  shown,
  onShow,
  extra,
  onExtra,
}: {
  startsAt: string;
  shown: Shown;
  onShow: (shown: Shown) => void;
  extra: Extra | null;
  onExtra: (extra: Extra | null) => void;
}) {
  return (
    <Head>
      <h2>The day, {showDate(startsAt)}</h2>
      <Row $gap={1}>
        {views.map(([id, name]) => (
          <Button
            key={id}
            look={shown === id ? 'plain' : 'quiet'}
            aria-pressed={shown === id}
            onPress={() => onShow(id)}
          >
            {name}
          </Button>
        ))}
        {extras.map(([id, name]) => (
          <Button
            key={id}
            look={extra === id ? 'plain' : 'quiet'}
            aria-expanded={extra === id}
            onPress={() => onExtra(extra === id ? null : id)}
          >
            {name}
          </Button>
        ))}
      </Row>
    </Head>
  );
}
