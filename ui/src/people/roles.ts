import type { Person } from '../api/client';

/** What a role may do, in words. */
export const ROLES: Record<Person['role'], string> = {
  OWNER: 'Owner: keeps everything and lets others in',
  MAKER: 'Maker: keeps cuts, tools, machines and trials',
  READER: 'Reader: reads and plans, changes nothing that is kept',
};
