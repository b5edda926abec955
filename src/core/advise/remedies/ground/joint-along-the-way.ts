import { defineRemedy, leaves } from '../remedy';

export const jointAlongTheWay = defineRemedy({
  id: 'joint-along-the-way',
  words: 'The bad joint found along the way, and re-made',
  parts: { supports: 1 },
  minutes: [45, 120, 300],
  record: ['continuity of its way to ground'],
  ways: leaves({ continuityOhm: 0.2 }),
});
