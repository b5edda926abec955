import { defineRemedy, leaves } from '../remedy';

export const transferSwitch = defineRemedy({
  id: 'transfer-switch',
  words: 'A transfer switch',
  off: 'service',
  parts: { 'transfer-switch': 1, permit: 1 },
  minutes: [180, 300, 540],
  tell: [{ whom: 'permit', why: 'a transfer switch', days: 10 }],
  ways: leaves({ interlock: 'listed', bothCanClose: false }),
});
