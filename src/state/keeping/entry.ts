/** A record with one more entry, or without it where that is null; the order of the others stays. */
export function withEntry<Value>(
  record: Readonly<Record<string, Value>>,
  key: string,
  value: Value | null,
): Readonly<Record<string, Value>> {
  const others = Object.fromEntries(Object.entries(record).filter(([one]) => one !== key));
  return value === null ? others : { ...others, [key]: value };
}
