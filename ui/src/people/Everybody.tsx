import { useQueryClient } from '@tanstack/react-query';
import { useState } from 'react';
import { api, given, type Me, type Person, Refused, sentenceOf, type Texts } from '../api/client';
import { readAgain } from '../api/readAgain';
import { usePeople } from '../api/records';
import { PickList } from '../cut/ChoiceInput';
import { DO, MACHINE, QUIET } from '../frame/looks';
import { notice } from '../frame/notices';
import { Asked } from './Asked';
import { Entry } from './Entry';
import { ROLES } from './roles';

const CHOICES = Object.entries(ROLES).map(([id, words]) => ({ id, words, more: '' }));
type Role = Person['role'];

/** Everybody of the shop, for its owner. */
export function Everybody({ me }: { me: Me }) {
  const people = usePeople(true);
  const queries = useQueryClient();
  const [said, setSaid] = useState('');
  const [reset, setReset] = useState<{ name: string; address: string; hours: number }>();
  const [change, setChange] = useState<{ person: Person; role: Role }>();
  const act = async (what: Promise<unknown>, done = '') => {
    try {
      await what;
      setSaid(done);
    } catch (error) {
      setSaid(sentenceOf(error));
    }
    await readAgain(queries, { queryKey: ['people'] });
    await readAgain(queries, { queryKey: ['me'] });
  };
  return (
    <section aria-label="Everybody">
      <h2>Everybody</h2>
      {people.error && <p role="alert">{sentenceOf(people.error)}</p>}
      <ul className="[&_b]:min-w-36 [&>li]:flex [&>li]:min-h-12 [&>li]:flex-wrap [&>li]:items-center [&>li]:gap-x-4 [&>li]:gap-y-1.5 [&>li]:border-b [&>li]:border-line">
        {people.data?.map((person) => (
          <li key={person.id} data-person={person.name}>
            <b>{person.name}</b>
            <PickList
              label={`What ${person.name} may do`}
              value={person.role}
              text={ROLES[person.role]}
              choices={CHOICES}
              onPick={(role) => role !== person.role && setChange({ person, role: role as Role })}
            />
            <button
              type="button"
              className={QUIET}
              aria-label={`Sign out everywhere: ${person.name}`}
              onClick={() =>
                void act(
                  given(api.POST('/api/people/{id}/sign-out-everywhere', { params: { path: { id: person.id } } })),
                  `${person.name} is signed out.`,
                )
              }
            >
              Sign out everywhere
            </button>
            <button
              type="button"
              className={QUIET}
              aria-label={`A code for a new passphrase: ${person.name}`}
              onClick={() =>
                void act(
                  given(api.POST('/api/people/{id}/reset', { params: { path: { id: person.id } } })).then(
                    ({ address, hours }) => setReset({ name: person.name, address, hours }),
                  ),
                )
              }
            >
              Forgot the passphrase
            </button>
            {person.name !== me.name && (
              <Asked
                question={`Take ${person.name} out?`}
                consequence={`${person.name} is signed out everywhere and cannot come in again. For a day this can be undone. What ${person.name} saved stays, with the name.`}
                act={`Take ${person.name} out`}
                onYes={() =>
                  void act(
                    given(
                      api.DELETE('/api/people/{id}', {
                        params: { path: { id: person.id }, query: { version: person.version } },
                      }),
                    ).then(() =>
                      notice(`${person.name} is out.`, {
                        words: 'Undo',
                        does: () =>
                          void act(
                            given(api.POST('/api/people/{id}/back', { params: { path: { id: person.id } } })),
                            `${person.name} is in again, with the same passphrase.`,
                          ),
                      }),
                    ),
                  )
                }
              >
                <button type="button" className={QUIET} aria-label={`Take out: ${person.name}`}>
                  Take out
                </button>
              </Asked>
            )}
          </li>
        ))}
      </ul>
      {said && <p role="status">{said}</p>}
      {reset && (
        <p className="reset-code">
          Give {reset.name} this address; it works once, within {reset.hours} hours, and asks for a new passphrase:{' '}
          <b className="figures wrap-anywhere">{reset.address}</b>
        </p>
      )}
      {change && (
        <Asked
          open
          onOpen={(open) => !open && setChange(undefined)}
          question={`Change what ${change.person.name} may do?`}
          consequence={`${change.person.name} is signed out, and from the next sign-in on is: ${ROLES[change.role]}.`}
          act="Change it"
          onYes={() =>
            void act(
              given(
                api.PUT('/api/people/{id}/role', {
                  params: { path: { id: change.person.id } },
                  body: { version: change.person.version, role: change.role },
                }),
              ),
              `${change.person.name} may do something else from now on. Change it back above.`,
            )
          }
        />
      )}
      <NewPerson onAdded={() => void readAgain(queries, { queryKey: ['people'] })} />
    </section>
  );
}

function NewPerson({ onAdded }: { onAdded: () => void }) {
  const [typed, setTyped] = useState<Texts>({});
  const [role, setRole] = useState<Person['role']>('MAKER');
  const [wrong, setWrong] = useState<Texts>({});
  const [said, setSaid] = useState('');
  const add = async () => {
    try {
      const person = await given(
        api.POST('/api/people', {
          body: {
            name: typed.name ?? '',
            passphrase: typed.passphrase ?? '',
            role,
          },
        }),
      );
      setSaid(`${person.name} can sign in now.`);
      setTyped({});
      setWrong({});
      onAdded();
    } catch (error) {
      setSaid(sentenceOf(error));
      setWrong(error instanceof Refused ? error.fields : {});
    }
  };
  return (
    <form
      className={`${MACHINE} [&>h2]:col-span-full`}
      aria-label="A new person"
      onSubmit={(event) => {
        event.preventDefault();
        void add();
      }}
    >
      <h2>Let somebody in</h2>
      {[
        { id: 'name', words: 'Name', type: 'text' as const },
        { id: 'passphrase', words: 'A passphrase to begin with', type: 'password' as const },
      ].map(({ id, words, type }) => (
        <Entry
          key={id}
          words={words}
          type={type}
          complete="off"
          value={typed[id] ?? ''}
          wrong={wrong[id]}
          onChange={(text) => setTyped({ ...typed, [id]: text })}
        />
      ))}
      <PickList
        label="What the new person may do"
        value={role}
        text={ROLES[role]}
        choices={CHOICES}
        onPick={(id) => setRole(id as Person['role'])}
      />
      <div className="col-span-full flex items-center gap-4">
        <button type="submit" className={DO}>
          Enter this person
        </button>
        {said && <p role="status">{said}</p>}
      </div>
    </form>
  );
}
