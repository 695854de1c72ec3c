import { useCallback, useState } from 'react';

/**
 * State that survives a reload: kept on this tablet under a name with a version, at once and not after the next
 * drawing.
 */
export function usePersistentState<T>(name: string, initial: T): [T, (value: T) => void] {
  const key = `jade.${name}`;
  const [value, setValue] = useState<T>(() => read(key, initial));
  const [known, setKnown] = useState(key);
  if (known !== key) {
    setKnown(key);
    setValue(read(key, initial));
  }
  const keep = useCallback(
    (next: T) => {
      setValue(next);
      try {
        localStorage.setItem(key, JSON.stringify(next));
      } catch {
        // A full store costs a draft after a reload, not an entry.
      }
    },
    [key],
  );

  return [value, keep];
}

function read<T>(key: string, initial: T): T {
  const text = localStorage.getItem(key);
  if (text === null) {
    return initial;
  }
  try {
    return JSON.parse(text) as T;
  } catch {
    return initial;
  }
}
