import { Link } from 'react-router';
import { readName } from '@fornax/core';
import { useLarder } from '../../api/useLarder.js';
import { Quietly } from '../states.js';
import { FoodQuestion } from './FoodQuestion.js';

/** The question of each food that nobody knows. */
export function NotKnownList({ names }: { names: readonly string[] }) {
  const larder = useLarder();
  return (
    <ul>
      {names.map((name) => {
        const known = readName(name, larder).ingredient;
        return (
          <li key={name}>
            {known ? (
              <>
                {name}: <Quietly>in the larder, without its allergens.</Quietly>{' '}
                <Link to={`/larder/${known}`}>Write them down</Link>
              </>
            ) : (
              <FoodQuestion name={name} />
            )}
          </li>
        );
      })}
    </ul>
  );
}
