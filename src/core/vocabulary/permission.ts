/** What a member of an office may do beside reading what it holds. */
export const permissions = ['record', 'overrule', 'issue', 'people', 'library'] as const;
export type Permission = (typeof permissions)[number];

export const permissionWords: Record<Permission, string> = {
  record: 'record what is on the wall, and load packages',
  overrule: 'overrule grades',
  issue: 'sign and send reports',
  people: 'manage people, letters and backups',
  library: 'edit library, money and letterhead',
};

/** Sets of permissions offices give most often. None is more than the list it names. */
export const roles = {
  manager: { title: 'Manager', may: permissions },
  inspector: { title: 'Inspector', may: ['record', 'overrule', 'issue'] },
  assistant: { title: 'Assistant', may: ['record'] },
  reader: { title: 'Reader', may: [] },
} as const satisfies Record<string, { title: string; may: readonly Permission[] }>;
export type Role = keyof typeof roles;
export const roleNames = Object.keys(roles) as Role[];

/** The role these permissions are, or none where they are a set of their own. */
export const roleOf = (may: readonly Permission[]): Role | undefined =>
  roleNames.find(
    (role) =>
      roles[role].may.length === may.length && roles[role].may.every((one) => may.includes(one)),
  );
