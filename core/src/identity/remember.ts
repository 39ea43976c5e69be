/**
 * Remembers, for each owner, the last value that was made for it and what it was made from. Plans are made of
 * values that never change: made from the same, it is the same, and an edit of one dish leaves the others as
 * they were. What nobody holds any more is forgotten.
 */
export function rememberLast<Owner extends object, Value>(): (
  owner: Owner,
  from: readonly unknown[],
  make: () => Value,
) => Value {
  const last = new WeakMap<Owner, { readonly from: readonly unknown[]; readonly value: Value }>();
  return (owner, from, make) => {
    const known = last.get(owner);
    if (known?.from.every((each, at) => Object.is(each, from[at]))) return known.value;
    const value = make();
    last.set(owner, { from, value });
    return value;
  };
}

/** Remembers values by text, the newest so many. */
export function rememberByText<Value>(most: number, make: (text: string) => Value): (text: string) => Value {
  const known = new Map<string, Value>();
  return (text) => {
    const before = known.get(text);
    if (before !== undefined) return before;
    if (known.size >= most) known.clear();
    const value = make(text);
    known.set(text, value);
    return value;
  };
}
