/** What the browser keeps for whoever has signed in: another person at the same browser has a store of his or her own. */
let owner = '';

/** What is kept here, by the beginning of its key; the shade and the like are the browser's. */
const OWN = ['bw.draft.', 'bw.undo.', 'bw.last', 'bw.card.', 'bw.beside.', 'bw.outbox'];

/** From here on it is this person's; empty where nobody signs in. */
export function storeIsOf(person: string): void {
  if (person && person !== owner) adopt(person);
  owner = person;
}

/** What was typed before anybody's store was told from another's is taken over by whoever signs in first. */
function adopt(person: string): void {
  const keys = Object.keys(localStorage);
  if (keys.some((key) => key.includes('/bw.'))) return;
  for (const key of keys.filter((one) => OWN.some((beginning) => one.startsWith(beginning)))) {
    const text = localStorage.getItem(key);
    if (text !== null) localStorage.setItem(`${person}/${key}`, text);
    localStorage.removeItem(key);
  }
}

/** Whose it is; empty where nobody signs in. */
export const storeOwner = (): string => owner;

const of = (key: string) => (owner ? `${owner}/${key}` : key);

export const ownStore = {
  getItem: (key: string): string | null => localStorage.getItem(of(key)),
  setItem: (key: string, text: string): void => localStorage.setItem(of(key), text),
  removeItem: (key: string): void => localStorage.removeItem(of(key)),
};
