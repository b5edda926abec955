import 'server-only';

/** Who is asking. Every command but sign-in takes one. */
export interface Session {
  organisation: string;
  organisationName: string;
  member: string;
  name: string;
  licence: string;
}
