import { useQuery } from '@tanstack/react-query';
import { useState } from 'react';
import { type Schemas, type Texts, type Units, which } from '../api/client';

interface Cut {
  fields: Texts;
  units: Units;
}

/** Which of the shop's tools will do a cut, asked while it is wanted: told how far it is, and ended when nobody waits any more. */
export function useWhich(cut: Cut | undefined, wanted: boolean) {
  const [tried, setTried] = useState<Schemas['WhichProgress']>();
  const query = useQuery({
    queryKey: ['which', cut?.fields, cut?.units],
    queryFn: ({ signal }) => {
      setTried(undefined);
      return which({ fields: cut?.fields ?? {}, units: cut?.units ?? 'METRIC' }, signal, setTried);
    },
    enabled: wanted && cut !== undefined,
  });
  return { which: query, tried };
}
