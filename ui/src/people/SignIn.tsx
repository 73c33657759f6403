import { useState } from 'react';
import { api, given } from '../api/client';
import { WayInForm } from './WayInForm';

/** The way in for people of the shop; the code of a second factor is asked for where the person has one. */
export function SignIn() {
  const [wantsCode, setWantsCode] = useState(false);
  return (
    <WayInForm
      title="Come in"
      letIn={({ name = '', passphrase = '', code = '' }) =>
        given(api.POST('/api/people/sign-in', { body: { name, passphrase, code } }))
      }
      onRefused={(refusal) => refusal === 'second-factor-wanted' && setWantsCode(true)}
      act="Sign in"
      entries={[
        { id: 'name', words: 'Your name', complete: 'username' },
        { id: 'passphrase', words: 'Passphrase', type: 'password', complete: 'current-password' },
        ...(wantsCode ? [{ id: 'code', words: 'Code that your telephone shows', complete: 'one-time-code' }] : []),
      ]}
    >
      <p>
        This is the shop’s Bold Wedge. What was typed on this device before is still on it. Who has forgotten the
        passphrase, or lost the telephone, gets a code from the shop’s owner.
      </p>
    </WayInForm>
  );
}
