import { useEffect, useSyncExternalStore } from 'react';

/** Something that the menu of commands can do. */
export interface Command {
  id: string;
  words: string;
  /** A line more about it. */
  more?: string;
  does: () => void;
}

export interface CommandGroup {
  name: string;
  /** What there is to do, when somebody looks. */
  commands: () => Command[];
}

let groups: CommandGroup[] = [];
const listeners = new Set<() => void>();

function tell(next: CommandGroup[]): void {
  groups = next;
  for (const listener of listeners) listener();
}

function subscribe(listener: () => void): () => void {
  listeners.add(listener);
  return () => listeners.delete(listener);
}

/** What the page that is open puts into the menu, for as long as it is open. */
export function useCommands(group: CommandGroup): void {
  useEffect(() => {
    tell([...groups, group]);
    return () => tell(groups.filter((one) => one !== group));
  }, [group]);
}

export const useCommandGroups = (): CommandGroup[] => useSyncExternalStore(subscribe, () => groups);
