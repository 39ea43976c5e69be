import styled from 'styled-components';

const spelled: Readonly<Record<string, string>> = { '⅓': '1/3', '⅔': '2/3', '⅛': '1/8', '⅜': '3/8', '⅝': '5/8', '⅞': '7/8' };
const Fraction = styled.span`font-feature-settings: 'frac' 1;`;

/** Text with its fractions drawn by the text font, which has no glyphs of its own for thirds and eighths. */
export function AmountText({ text }: { text: string }) {
  const parts = text.split(/([⅓⅔⅛⅜⅝⅞])/);
  return <>{parts.map((part, index) => (spelled[part] ? <Fraction key={index}>{spelled[part]}</Fraction> : part))}</>;
}
