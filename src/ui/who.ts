/** Who is signed in, as the interface shows it. */
export interface Who {
  organisation: string;
  organisationName: string;
  member: string;
  name: string;
}
