const ofMembers = /^\/($|(inspections|library|office|account|issued|no-network)(\/|$))/;

/** The pages of members: a client’s page, or that of somebody without an account, keeps nothing. */
export const isPageOfMembers = (path: string): boolean => ofMembers.test(path);
