/** Says whose a browser is: no secret, and nothing is opened by it. */
export const memberCookie = 'east-gate-member';
