import { useMemo } from 'react';
import {
  capital,
  counted,
  findCautions,
  type Larder,
  looseEnds,
  type Recipe,
  type SafetyProfile,
} from '@fornax/core';
import { Button } from '../parts/Button.js';
import { OpenList } from '../parts/OpenList.js';

interface RecipeOpenProps {
  recipe: Recipe;
  larder: Larder;
  profile: SafetyProfile;
  /** Opens the editor; absent where it is open. */
  onEdit?: () => void;
}

/** What is open in a recipe: where someone could come to harm first, then what was not read or used. */
export function RecipeOpen({ recipe, larder, profile, onEdit }: RecipeOpenProps) {
  const found = useMemo(() => {
    const cautions = findCautions('', { recipe, larder, profile });
    const harm = cautions.filter(({ severity }) => severity === 'harm').map(({ sentence }) => sentence);
    const unread = recipe.lines.filter((line) => line.unread !== '').length;
    const { unused, partly, unlisted } = looseEnds(recipe, larder);
    const toMend = [
      unread > 0 ? `${counted(unread, 'line')} to look at` : '',
      unused.length > 0 ? `no step uses ${counted(unused.length, 'line')}` : '',
      partly.length > 0 ? `something is left over by the steps` : '',
      unlisted.length > 0 ? `${counted(unlisted.length, 'thing')} on no line` : '',
    ].filter(Boolean);
    return { harm, toMend, others: cautions.length - harm.length };
  }, [recipe, larder, profile]);
  const isNothing = found.harm.length + found.toMend.length + found.others === 0;
  return (
    <>
      <h2>{isNothing ? 'All done here' : 'To decide here'}</h2>
      <OpenList aria-label="Decisions of this recipe">
        {found.harm.map((sentence) => (
          <li key={sentence}>
            <strong>{capital(sentence)}.</strong>
          </li>
        ))}
        {found.toMend.map((words) => (
          <li key={words}>{capital(words)}.</li>
        ))}
        {found.others > 0 ? <li>{counted(found.others, 'caution')} beside the steps.</li> : null}
      </OpenList>
      {found.toMend.length > 0 && onEdit ? <Button onPress={onEdit}>Mend it in the editor</Button> : null}
    </>
  );
}
