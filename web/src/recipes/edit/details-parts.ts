import styled from 'styled-components';
import type { Recipe } from '@fornax/core';

export interface DetailsProps {
  recipe: Recipe;
  change: (patch: Partial<Recipe>) => void;
  problems: Readonly<Record<string, string>>;
}

/** A part of the details that folds away. */
export const Part = styled.details`
  margin: 0.5rem 0 1rem;
  summary {
    cursor: pointer;
    font-weight: 700;
  }
  > div {
    margin-top: 0.5rem;
  }
`;
