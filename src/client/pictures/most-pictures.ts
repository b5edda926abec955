/** Pictures of one visit. */
export const mostPicturesAVisit = 60;
