import type { RuleGroup, RuleId } from '../../vocabulary/rule-id';

/** What is read and recorded when a finding of this group was mended, so that the return visit can close it. */
export const readingsByGroup: Readonly<Record<RuleGroup, readonly string[]>> = {
  access: ['the clear space measured again'],
  around: ['the protection tried by its test button'],
  breaker: ['torque of each screw re-made', 'output of the breaker with its handle on'],
  bus: ['leg to leg and each leg to neutral', 'temperature of like breakers under like load'],
  conductor: ['torque of each screw re-made', 'load current of the circuit'],
  enclosure: ['a photo of the closed enclosure'],
  fuse: ['rating of each fuse put back', 'output of the circuit'],
  ground: ['neutral to ground', 'current on the grounding conductors'],
  labels: ['a photo of the label or directory'],
  load: ['load current at the time of most use'],
  neutral: ['each leg to neutral', 'neutral to ground', 'torque of each screw re-made'],
  reading: ['the same reading again, with the same kind of instrument'],
  service: ['leg to leg and each leg to neutral', 'torque of each lug, by who may'],
};

/** Readings to take after the work, by the group of the rule. Every group has some. */
export const readingsAfter = (rule: RuleId): readonly string[] =>
  readingsByGroup[rule.split('/')[0] as RuleGroup];
