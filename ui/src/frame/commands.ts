import { useEffect, useSyncExternalStore } from 'react';
import { Store } from './store';

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

const groups = new Store<CommandGroup[]>([]);

/** What the page that is open puts into the menu, for as long as it is open. */
export function useCommands(group: CommandGroup): void {
  useEffect(() => {
    groups.put([...groups.now, group]);
    return () => groups.put(groups.now.filter((one) => one !== group));
  }, [group]);
}

export const useCommandGroups = (): CommandGroup[] => useSyncExternalStore(groups.subscribe, () => groups.now);
