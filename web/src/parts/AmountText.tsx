import styled from 'styled-components';
import { VisuallyHidden } from '../theme/visually-hidden.js';

const spelled: Readonly<Record<string, readonly [string, string]>> = {
  '⅓': ['1', '3'],
  '⅔': ['2', '3'],
  '⅛': ['1', '8'],
  '⅜': ['3', '8'],
  '⅝': ['5', '8'],
  '⅞': ['7', '8'],
};
const Drawn = styled.span`
  margin-left: 0.06em;
  white-space: nowrap;
  sup,
  sub {
    font-size: 0.72em;
    line-height: 0;
  }
  sup {
    vertical-align: 0.42em;
  }
  sub {
    vertical-align: -0.06em;
  }
`;

/**
 * Text with its thirds and eighths drawn from the text font's own digits: it has no glyphs for them, and its
 * shipped files no fraction feature.
 */
export function AmountText({ text }: { text: string }) {
  const parts = text.split(/([⅓⅔⅛⅜⅝⅞])/);
  return (
    <>{parts.map((part, index) => (spelled[part] ? <Fraction key={index} parts={spelled[part]} /> : part))}</>
  );
}

function Fraction({ parts: [top, bottom] }: { parts: readonly [string, string] }) {
  return (
    <>
      <Drawn aria-hidden>
        <sup>{top}</sup>⁄<sub>{bottom}</sub>
      </Drawn>
      <VisuallyHidden>
        {' '}
        {top}/{bottom}
      </VisuallyHidden>
    </>
  );
}
