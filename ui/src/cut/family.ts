/** Which family of tools an operation belongs to; the program says the same of its answer. */
export type Family = 'turning' | 'boring' | 'parting';

export const isParting = (operation: string | undefined): boolean => operation === 'part' || operation === 'groove';

export const familyOf = (operation: string | undefined): Family =>
  operation === 'bore' ? 'boring' : isParting(operation) ? 'parting' : 'turning';
