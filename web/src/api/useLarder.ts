import { useQuery } from '@tanstack/react-query';
import { larderOf, type KitchenFacts, type Larder } from '@fornax/core';
import { kitchenQuery } from './queries.js';

const none: KitchenFacts['larder'] = [];

/** The kitchen's larder: the standard one until its own figures have come. */
export function useLarder(): Larder {
  const { data } = useQuery(kitchenQuery);
  return larderOf(data?.larder ?? none);
}

export function useKitchen(): KitchenFacts | undefined {
  return useQuery(kitchenQuery).data;
}
