import { one } from '../panel-work/one';
import type { Ways } from '../panel-work/one';
import { met, notKnown } from '../condition';

/** A device at the first outlet protects what is beyond it. */
export const deviceAtFirstOutlet: Ways = (here) => {
  const circuit = here.ref.split('/')[0]!;
  const wanted = here.message === 'arc-fault' ? 'arc-fault' : 'ground-fault';
  const there = here.reader.value(circuit, 'upstreamProtection');
  const both = there !== undefined && there !== 'none' && there !== wanted;
  return one(here, (work) => work.say(circuit, { upstreamProtection: both ? 'both' : wanted }), {
    conditions: [
      wanted === 'arc-fault'
        ? notKnown(
            'the run to the first outlet is by a method that needs no protection itself',
            'see how the circuit runs to its first outlet',
          )
        : met('what is beyond the first outlet is protected by it'),
    ],
  });
};
