import { safetyFacts, showCelsius, type SafetyFact, type SafetyStyle } from '@fornax/core';
import styled from 'styled-components';
import { Button } from '../parts/Button.js';
import { Choice } from '../parts/Choice.js';
import { Field } from '../parts/Field.js';
import { NumberField } from '../parts/NumberField.js';
import type { KitchenEditor } from './useKitchenEditor.js';
import type { KitchenEdits } from '../api/rows.js';

const Grid = styled.div`
  display: grid;
  grid-template-columns: repeat(3, minmax(0, 1fr));
  gap: 0.75rem 1rem;
  max-width: 53.75rem;
  margin-top: 0.75rem;
  @media (max-width: 43.75em) {
    grid-template-columns: 1fr;
  }
`;
const Narrow = styled.div`
  max-width: 26.5rem;
`;
const styles: readonly { id: SafetyStyle; name: string }[] = [
  { id: 'uk', name: 'UK-style: one spell out of the cold' },
  { id: 'scotland', name: 'UK-style in Scotland: heated again to 82 °C' },
  { id: 'us', name: 'US-style: all time out of the cold together' },
  { id: 'us-licensed', name: 'US-style, licensed: 4 h with times written down' },
  { id: 'eu', name: 'a country of the EU: its own, nothing is given' },
];
const styleWords: Readonly<Record<SafetyStyle, string>> = {
  uk: 'UK-style',
  scotland: 'UK-style, Scotland',
  us: 'US-style',
  'us-licensed': 'US-style, with written times',
  eu: 'own',
};

/**
 * Whose figures for cold and hot food are followed, each with where it comes from, and the kitchen's own in
 * place of some.
 */
export function Safety({ kitchen, editor }: { kitchen: KitchenEdits; editor: KitchenEditor }) {
  const { safety } = kitchen;
  const own = (figure: SafetyFact['figure'], value: number | undefined) => {
    const rest = Object.fromEntries(Object.entries(safety.own).filter(([key]) => key !== figure));
    editor.edit({ safety: { ...safety, own: value === undefined ? rest : { ...rest, [figure]: value } } });
  };
  return (
    <>
      <Narrow>
        <Choice
          label="Advice"
          value={safety.style}
          options={styles}
          onChange={(style) => editor.edit({ safety: { ...safety, style } })}
        />
        {safety.style === 'eu' ? (
          <Field
            label="Country"
            value={safety.country ?? ''}
            onChange={(country) => editor.edit({ safety: { ...safety, country } })}
            problem={editor.problems['safety.country']}
            maxLength={60}
            hint="Its food code sets the figures: write them below."
          />
        ) : null}
      </Narrow>
      <Grid>
        {safetyFacts(safety).map((fact) => (
          <div key={fact.figure}>
            <NumberField
              label={`${fact.name}, ${fact.unit}`}
              value={fact.value}
              onChange={(value) => own(fact.figure, value)}
              problem={editor.problems[`safety.own.${fact.figure}`]}
              hint={`${sourceOf(fact, safety)}${inFahrenheit(fact)}`}
            />
            {fact.source === 'your own' ? (
              <Button look="quiet" onPress={() => own(fact.figure, undefined)}>
                Back to the usual
              </Button>
            ) : null}
          </div>
        ))}
      </Grid>
    </>
  );
}

/** The same in °F, for those who read it there. */
function inFahrenheit({ unit, value }: SafetyFact): string {
  return unit === '°C' && value !== null && !Number.isNaN(value) ? `: ${showCelsius(value, 'us')}` : '';
}

function sourceOf({ source, figure }: SafetyFact, { style, country }: KitchenEdits['safety']): string {
  if (figure === 'roomCelsius' && source === 'not set')
    return 'Not set: over 32 °C US-style advice lets food stand for an hour';
  if (figure === 'coldThroughMinutes' && source === 'not set') return 'Not set by this advice';
  if (source === 'general advice') return `General advice, ${styleWords[style]}`;
  if (source === 'your own')
    return style === 'eu' && country ? `As you wrote it for ${country}` : 'Your own figure';
  return `Not set: write ${country ? `${country}’s` : 'your country’s'}`;
}
