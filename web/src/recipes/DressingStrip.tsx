import { dressingComponents, type Larder, type Recipe, tellDressing } from '@fornax/core';
import styled from 'styled-components';
import { useKitchen } from '../api/useLarder.js';
import { Remedies, ToldOf } from '../parts/food/Told.js';

const DressingLine = styled.p`
  margin: 0.375rem 0;
`;

/** What is said of each dressing or dip of the recipe, with what helps. */
export function DressingStrip({ recipe, larder }: { recipe: Recipe; larder: Larder }) {
  const own = useKitchen()?.schools;
  const told = dressingComponents(recipe).flatMap((component) => {
    const each = tellDressing(recipe, component, larder, { own });
    return each ? [{ id: component.id, ...each }] : [];
  });
  return told.map((each) => (
    <DressingLine key={each.id}>
      {told.length > 1 ? `${each.name}: ` : ''}
      <ToldOf told={each} id={`dressing:${each.id}`} />
      <Remedies told={each} />
    </DressingLine>
  ));
}
