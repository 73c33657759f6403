import { useSyncExternalStore } from 'react';
import { Store } from '../frame/store';

/** Whether what holds is folded to one line: it stays so from station to station, and decides whether its workings are asked for. */
const folded = new Store(true);

export const fold = (now: boolean): void => folded.put(now);

export const useFolded = (): boolean => useSyncExternalStore(folded.subscribe, () => folded.now);
