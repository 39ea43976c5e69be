import styled from 'styled-components';
import { cuttingDrawings } from './cutting-drawings.js';
import { moreDrawings } from './more-drawings.js';
import type { TechniqueDrawing } from './strokes.js';

const Figure = styled.figure`
  margin: 0.75rem 0;
  svg {
    display: block;
    width: 100%;
    max-width: 26.25rem;
    height: auto;
  }
  @media print {
    break-inside: avoid;
  }
`;

/**
 * Line drawings, where one teaches more than words: what is cut along the dashes, and the order of the
 * stages.
 */
const drawings: Readonly<Record<string, TechniqueDrawing>> = { ...cuttingDrawings, ...moreDrawings };

export function Drawing({ id, title }: { id: string; title: string }) {
  const drawing = Object.hasOwn(drawings, id) ? drawings[id] : undefined;
  if (!drawing) return null;
  return (
    <Figure>
      <svg viewBox="0 0 440 120" role="img" aria-label={`${title}. ${drawing.says}`}>
        {drawing.art}
      </svg>
    </Figure>
  );
}
