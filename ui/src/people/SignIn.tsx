import { api, given } from '../api/client';
import { WayInForm } from './WayInForm';

/** The way in for people of the shop. */
export function SignIn() {
  return (
    <WayInForm
      title="Come in"
      letIn={({ name = '', passphrase = '' }) => given(api.POST('/api/people/sign-in', { body: { name, passphrase } }))}
      act="Sign in"
      entries={[
        { id: 'name', words: 'Your name', complete: 'username' },
        { id: 'passphrase', words: 'Passphrase', type: 'password', complete: 'current-password' },
      ]}
    >
      <p>
        This is the shop’s Bold Wedge. What was typed on this device before is still on it. Who has forgotten the
        passphrase gets a code from the shop’s owner.
      </p>
    </WayInForm>
  );
}
