/** What the browser keeps for whoever has signed in: another person at the same browser has a store of his or her own. */
let owner = '';

/** From here on it is this person's; empty where nobody signs in. */
export function storeIsOf(person: string): void {
  owner = person;
}

/** Whose it is; empty where nobody signs in. */
export const storeOwner = (): string => owner;

const of = (key: string) => (owner ? `${owner}/${key}` : key);

export const ownStore = {
  getItem: (key: string): string | null => localStorage.getItem(of(key)),
  setItem: (key: string, text: string): void => localStorage.setItem(of(key), text),
  removeItem: (key: string): void => localStorage.removeItem(of(key)),
};
