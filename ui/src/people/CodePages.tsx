import { useState } from 'react';
import { Navigate } from 'react-router';
import { api, given, type Me, type Texts } from '../api/client';
import { useTitle } from '../frame/useTitle';
import { WayInForm } from './WayInForm';

/** The code behind the address, which has no place in the history. */
function useCodeOfAddress(): string {
  const [code] = useState(() => {
    const found = window.location.hash.slice(1);
    if (found) window.history.replaceState(null, '', window.location.pathname);
    return found;
  });
  return code;
}

/** Asking first brings the page's token, which what changes something must bear. */
async function withToken(ask: () => Promise<Me>): Promise<Me> {
  await given(api.GET('/api/people/me'));
  return ask();
}

/** Where a code of the owner's leads: whoever has forgotten the passphrase chooses a new one. */
export function ResetPage() {
  useTitle('A new passphrase');
  const code = useCodeOfAddress();
  const [done, setDone] = useState(false);
  if (done) return <Navigate to="/" replace />;
  return (
    <WayInForm
      title="A new passphrase"
      act="Take this passphrase"
      letIn={({ passphrase = '' }: Texts) =>
        withToken(() => given(api.POST('/api/people/reset', { body: { code, passphrase } })))
      }
      onIn={() => setDone(true)}
      entries={[{ id: 'passphrase', words: 'A new passphrase', type: 'password', complete: 'new-password' }]}
    >
      <p>You are signed out everywhere else when it is taken. What you typed before is kept on your devices.</p>
    </WayInForm>
  );
}

/** For the code that ./bw owner prints: whoever sits at the machine becomes an owner. */
export function OwnerPage() {
  useTitle('An owner, from the machine');
  const fromAddress = useCodeOfAddress();
  const [done, setDone] = useState(false);
  if (done) return <Navigate to="/people" replace />;
  return (
    <WayInForm
      title="An owner, from the machine"
      act="Make me an owner"
      letIn={({ code = '', name = '', passphrase = '' }: Texts) =>
        withToken(() => given(api.POST('/api/people/recover', { body: { code, name, passphrase } })))
      }
      onIn={() => setDone(true)}
      typed={{ code: fromAddress }}
      entries={[
        { id: 'code', words: 'Code', complete: 'off' },
        { id: 'name', words: 'Your name', complete: 'username' },
        { id: 'passphrase', words: 'A new passphrase', type: 'password', complete: 'new-password' },
      ]}
    >
      <p>
        The code was printed by ./bw owner at the machine. A name that is entered here already keeps what it saved, and
        becomes an owner.
      </p>
    </WayInForm>
  );
}
