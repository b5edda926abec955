import type { PropertyValue } from '../../record/entries/properties';

export type Symptom = PropertyValue<'symptoms'>[number];

/** What a symptom makes one suspect, and where the walk looks for it. */
export interface SymptomChecks {
  suspect: string;
  /** Stages of the walk, in order. */
  look: readonly { stage: number; at: string }[];
}

/** Symptom, suspicion, next checks. Never keep resetting a breaker that trips. */
export const symptomChecks: Record<Symptom, SymptomChecks> = {
  trips: {
    suspect:
      'at once with the load off: the wiring or the breaker; at once with it: the appliance; after minutes: overload or a hot joint',
    look: [
      { stage: 6, at: 'what the breaker does when closed, load off and on; its wear' },
      { stage: 8, at: 'conductor size and metal, and the joint under its screw' },
      { stage: 10, at: 'its load current' },
      { stage: 11, at: 'what it feeds, and whether circuits were joined' },
    ],
  },
  'trips-later': {
    suspect: 'overload, or a joint that heats until the breaker opens',
    look: [
      { stage: 6, at: 'what the breaker does when closed, and after minutes' },
      { stage: 8, at: 'the joint under its screw, its stab' },
      { stage: 10, at: 'its load current and the temperature of its screw' },
    ],
  },
  enlarged: {
    suspect: 'a breaker or fuse larger than its conductor allows',
    look: [
      { stage: 6, at: 'ratings and makers unlike their neighbours' },
      { stage: 8, at: 'each conductor’s size and metal against its breaker' },
    ],
  },
  'will-not-hold': {
    suspect: 'a worn breaker, or a fault in what it feeds',
    look: [
      { stage: 6, at: 'handle, reset and test button' },
      { stage: 8, at: 'how firmly it sits, and its stab' },
    ],
  },
  'dead-rooms': {
    suspect: 'a tripped device, no output, an open neutral or a dead leg',
    look: [
      { stage: 6, at: 'handles found off or tripped' },
      { stage: 10, at: 'leg to leg, legs to neutral, each output' },
      { stage: 11, at: 'which breaker feeds the room' },
    ],
  },
  flicker: {
    suspect: 'a loose neutral: one light dims while another brightens',
    look: [
      { stage: 3, at: 'drop, mast and weatherhead' },
      { stage: 9, at: 'neutral screws, tightness and heat' },
      { stage: 10, at: 'legs to neutral under load' },
    ],
  },
  'over-voltage': {
    suspect: 'a lost neutral',
    look: [
      { stage: 2, at: 'safe to go on?' },
      { stage: 9, at: 'neutral lug and bar; shared neutrals' },
      { stage: 10, at: 'legs to neutral under load' },
    ],
  },
  shocks: {
    suspect: 'a missing bond, a lost neutral, stray current',
    look: [
      { stage: 2, at: 'back of the hand and tester on the metal' },
      { stage: 3, at: 'water and gas bonds, electrodes' },
      { stage: 9, at: 'bond, neutrals on ground bars' },
      { stage: 10, at: 'enclosure to earth with a loading meter; current on pipes' },
    ],
  },
  smell: {
    suspect: 'a hot joint: follow it',
    look: [
      { stage: 2, at: 'listen and smell; stop if it is strong' },
      { stage: 7, at: 'soot or arc marks on the cover' },
      { stage: 8, at: 'heat marks on lugs, stabs and screws' },
    ],
  },
  crackle: {
    suspect: 'arcing: a danger now where it is heard',
    look: [
      { stage: 2, at: 'listen; stop where it crackles' },
      { stage: 8, at: 'stabs and screws, looseness' },
    ],
  },
};
