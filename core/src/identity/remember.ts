interface Made<Value> {
  readonly from: readonly unknown[];
  readonly value: Value;
}

/** What is looked at goes to and fro: an edit and its undoing, a plan and what it would be instead. */
const remembered = 2;

/**
 * Remembers, for each owner, the last values that were made for it and what each was made from. Plans are
 * made of values that never change: made from the same, it is the same, and an edit of one dish leaves the
 * others as they were. What nobody holds any more is forgotten. What is made anew every time is compared by
 * `isSame`.
 */
export function cacheByOwner<Owner extends object, Value>(
  isSame: (one: unknown, other: unknown) => boolean = Object.is,
): (owner: Owner, from: readonly unknown[], make: () => Value) => Value {
  const last = new WeakMap<Owner, readonly Made<Value>[]>();
  return (owner, from, make) => {
    const before = last.get(owner) ?? [];
    const known = before.find((made) => made.from.every((each, at) => isSame(each, from[at])));
    if (known && known === before[0]) return known.value;
    const made = known ?? { from, value: make() };
    last.set(owner, [made, ...before.filter((other) => other !== known)].slice(0, remembered));
    return made.value;
  };
}

/** Remembers values by text, the newest so many. */
export function cacheByText<Value>(most: number, make: (text: string) => Value): (text: string) => Value {
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
