import { useQueryClient } from '@tanstack/react-query';
import type { ClassView } from '@fornax/contract';
import type { DishMaking, Portion } from '@fornax/core';
import { useNavigate } from 'react-router';
import { v7 as uuid } from 'uuid';
import { call } from './client.js';

interface NewDish {
  readonly recipeId: string;
  readonly portion: Portion;
  readonly making?: DishMaking;
}

/** Puts a dish on the menu of a class, beside what is there as it is, and opens its amounts. */
export function usePutOnMenu(): (classId: string, dish: NewDish) => Promise<void> {
  const client = useQueryClient();
  const navigate = useNavigate();
  return async (classId, dish) => {
    const view = await call<ClassView>(`/classes/${classId}`);
    const dishes = [
      ...view.dishes.map(({ id, recipeId, portion, maker, choices, making }) => ({
        id,
        recipeId,
        portion,
        maker,
        choices,
        making,
      })),
      { id: uuid(), maker: 'every station', ...dish },
    ];
    const saved = await call<ClassView>(`/classes/${classId}`, {
      method: 'PATCH',
      body: { dishes },
      revision: view.revision,
    });
    client.setQueryData(['class', classId], saved);
    void client.invalidateQueries({ queryKey: ['classes'] });
    void navigate(`/classes/${classId}/portion`);
  };
}
