import { api, given } from '../api/client';
import { WayInForm } from './WayInForm';

/** The shop has nobody yet: whoever sees the window in which the program was started becomes its owner. */
export function FirstOwner() {
  return (
    <WayInForm
      title="The shop’s owner"
      letIn={({ code = '', name = '', passphrase = '' }) =>
        given(api.POST('/api/people/first', { body: { code, name, passphrase } }))
      }
      act="Enter me as the owner"
      entries={[
        { id: 'code', words: 'Code', complete: 'off' },
        { id: 'name', words: 'Your name', complete: 'username' },
        { id: 'passphrase', words: 'A passphrase', type: 'password', complete: 'new-password' },
      ]}
    >
      <p>
        Nobody is entered here yet. The code stands in the window in which the program was started. The owner lets the
        others in afterwards, under their name on top.
      </p>
    </WayInForm>
  );
}
