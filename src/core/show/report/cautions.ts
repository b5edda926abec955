/** Said on every screen that leads to opening, touching or measuring, and in each report. */
export const cautionLead = 'Live until proven dead.';
export const cautionSupply = 'The supply side of the main stays live when the main is off.';

export const cautions: readonly string[] = [
  'Treat everything as live until it is proven dead.',
  cautionSupply,
  'Local code, the authority, the utility and the equipment’s own label decide.',
  'Work is for licensed people. A layman looks and does not touch.',
];

/** At the foot of every printed page. */
export const footCaution = 'Live until proven dead. Work is for licensed people.';

/** Where a photo is named and its picture is not there. */
export const missingPicture = 'The picture is not here.';

/** What a layman does where a panel is not quiet. */
export const keepAway =
  'If it smells burnt, hisses, is wet or feels hot: touch nothing, keep away, and call the emergency number and the utility.';
