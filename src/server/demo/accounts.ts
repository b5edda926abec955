import 'server-only';
import { demoOrganisations } from './people';

export interface DemoAccount {
  organisation: string;
  name: string;
  email: string;
  password: string;
}

/** Accounts shown on the sign-in page, in the demo only. */
export function demoAccounts(): DemoAccount[] {
  if (process.env.EAST_GATE_DEMO !== '1') return [];
  return demoOrganisations.flatMap(({ name: organisation, members }) =>
    members.map(({ name, email, password }) => ({ organisation, name, email, password })),
  );
}
