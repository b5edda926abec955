/** A stage of the walk. What is asked at it follows from the properties that name it. */
export interface Stage {
  number: number;
  name: string;
  /** Leads to opening, touching or measuring: the caution is shown. */
  caution: boolean;
  /** What is done here, in a line. */
  does: string;
}

const stage = (number: number, name: string, does: string, caution = false): Stage => ({
  number,
  name,
  caution,
  does,
});

/** The sixteen stages, in the walk's own order; free to jump. */
export const stages: readonly Stage[] = [
  stage(1, 'Set out', 'Who, where, what kind of visit, what was told.'),
  stage(
    2,
    'Approach',
    'Treat everything as live. Look, listen, smell, then the back of the hand.',
    true,
  ),
  stage(3, 'Outside', 'Service, meter, electrodes, pipes and what is near.', true),
  stage(4, 'Stand in front', 'Room to reach it and to work on it.'),
  stage(5, 'The door', 'Maker, label, directory, signs of opening.'),
  stage(6, 'The handles', 'Count and kind of positions; what each handle shows.'),
  stage(7, 'Cover off', 'Only by someone qualified, and only if safe.', true),
  stage(8, 'Inside', 'Follow the power: lugs, bus, breakers, conductors.', true),
  stage(9, 'Neutrals, grounds', 'Bars, bond, and what is under each screw.', true),
  stage(10, 'Measure', 'Prove the tester, measure, prove the tester again.', true),
  stage(11, 'Trace', 'Which breaker feeds what.', true),
  stage(12, 'Judge', 'What each finding means here.'),
  stage(13, 'Close up', 'Everything back, nothing left inside.', true),
  stage(14, 'Advise', 'Ways to mend it, and what they cost.'),
  stage(15, 'Report', 'In plain words and in exact terms.'),
  stage(16, 'Come back', 'What was mended, what changed.'),
];
