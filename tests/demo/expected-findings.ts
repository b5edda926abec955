/**
 * What an inspector of experience finds in each demo building, read off its records and the trade's
 * own rules by hand: rule and place. Nothing else may be found there. Osier cottage, in good order,
 * gives nothing above a Note in any school.
 *
 * Read again by the corrected rules. What a record leaves open is asked for, never found: the marking
 * of the loft's fuse 4, which holds two wires; the family of a panel whose maker nobody has judged;
 * whether the flat's disconnect is the service's own; ties of circuits that share a neutral.
 */
export const expectedFindings: Readonly<Record<string, readonly string[]>> = {
  'lock-keepers-house': [
    'access/working-space-depth · In front of the panel',
    'breaker/odd-one-out · Breakers among each other',
    'breaker/overcurrent · Breaker 5',
    'neutral/double · Neutral 3',
    'neutral/double · Neutral 9',
    'neutral/double · Neutral 12',
    'breaker/tandem-not-allowed · Breaker 13',
    'breaker/double-tap · Breaker 15',
    'conductor/white-as-hot · Breaker 21',
    'enclosure/open-position · Opening 24',
    // The neutral on the ground bar in the shed shares its screw with a ground; the wrong bar is the
    // cause, and the second joint there is the cause of that.
    'ground/bond-downstream · Bond',
  ],
  'net-loft': [
    'service/drop-or-mast · Service',
    'ground/clamp · Electrode',
    'fuse/overfused · Fuse 2',
    'fuse/interchangeable-base · Fuse bases',
    'conductor/porcelain-wiring · Cable at 1',
    'conductor/porcelain-wiring · Cable at 2',
    'conductor/porcelain-wiring · Cable at 3',
    // Two cables end under the one screw at 4.
    'conductor/porcelain-wiring · Cable at 4',
    'conductor/porcelain-wiring · Cable at 4',
    'breaker/burned-terminal · Fuse 4',
  ],
  chandlery: [
    'service/split-bus · Mains',
    'conductor/white-as-hot · Breaker 8',
    'breaker/off-or-tripped · Breaker 15',
    'enclosure/open-position · Opening 17',
    'access/forbidden-place · The panel’s place',
  ],
  'quay-bakery': ['breaker/not-for-this-panel · Breaker 18'],
  ropewalk: ['labels/directory · Directory'],
};
