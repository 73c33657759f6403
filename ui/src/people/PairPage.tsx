import { useQueryClient } from '@tanstack/react-query';
import { useEffect, useRef, useState } from 'react';
import { Link, useNavigate } from 'react-router';
import { api, given, sentenceOf } from '../api/client';
import { WAY_IN } from '../frame/looks';

/** Where a scanned code leads: the tablet comes in with it, once. */
export function PairPage() {
  const queries = useQueryClient();
  const navigate = useNavigate();
  const [said, setSaid] = useState('Pairing this tablet.');
  const sent = useRef(false);
  useEffect(() => {
    if (sent.current) return;
    sent.current = true;
    const code = window.location.hash.slice(1);
    // The code is used up at once and has no place in the history.
    window.history.replaceState(null, '', '/pair');
    // Asking first brings the page's token, which the second question must bear.
    given(api.GET('/api/people/me'))
      .then(() => given(api.POST('/api/people/pair', { body: { code } })))
      .then((me) => {
        queries.setQueryData(['me'], me);
        void navigate('/', { replace: true });
      })
      .catch((error: unknown) => setSaid(sentenceOf(error)));
  }, [navigate, queries]);
  return (
    <main className={WAY_IN}>
      <h1>Pair a tablet</h1>
      <p role="status">{said}</p>
      <Link to="/">To the shop</Link>
    </main>
  );
}
