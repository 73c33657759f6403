import type { ReactNode } from 'react';
import { useMe } from '../api/records';

/** What changes something that is kept: not shown to whoever may only read. */
export function ForKeepers({ children }: { children: ReactNode }) {
  const me = useMe();
  return me.data?.role === 'READER' ? null : children;
}
