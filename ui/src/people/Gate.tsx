import { useQueryClient } from '@tanstack/react-query';
import { Fragment, type ReactNode, useEffect } from 'react';
import { SIGNED_OUT } from '../api/client';
import { readAgain } from '../api/readAgain';
import { useMe } from '../api/records';
import { storeIsOf } from '../frame/ownStore';
import { forgetKept } from '../offline/kept';
import { FirstOwner } from './FirstOwner';
import { SignIn } from './SignIn';

/** Lets in whoever may come in: everybody on this machine alone, people of the shop over its network. */
export function Gate({ children }: { children: ReactNode }) {
  const me = useMe();
  const queries = useQueryClient();
  useEffect(() => {
    const again = () => void readAgain(queries, { queryKey: ['me'] });
    window.addEventListener(SIGNED_OUT, again);
    return () => window.removeEventListener(SIGNED_OUT, again);
  }, [queries]);
  const isOut = me.data?.network === true && me.data.name === '';
  useEffect(() => {
    if (isOut) void forgetKept();
  }, [isOut]);
  if (me.isPending) return null;
  if (isOut) return me.data?.ownerNeeded ? <FirstOwner /> : <SignIn />;
  // A page that another person has signed in on, in another tab perhaps, is that person's from here on, with that person's drafts.
  storeIsOf(me.data?.network ? me.data.name : '');
  // A program that does not answer is told of by the page itself, which keeps what was typed.
  return <Fragment key={me.data?.name}>{children}</Fragment>;
}
