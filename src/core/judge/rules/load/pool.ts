import { clear, defineRule, found, likelyNotSeen, notSeen, want } from '../../check/rule';

/** 680: pools, spas and tubs. */
export const pool = defineRule({
  id: 'load/pool',
  title: 'Pool, spa or tub without protection or bonding',
  stage: 11,
  hazards: ['shock'],
  base: { severity: 4, likelihood: 3 },
  finds:
    'A circuit of a pool, spa or tub without ground-fault protection at the breaker or upstream; bonding of its metal, water and pump looked for and not there. Bonding out of sight is not seen: it is never taken for done.',
  example: 'A hot tub on an ordinary two-pole breaker.',
  sources: [
    { code: '680.44', says: 'ground-fault protection of tubs' },
    { code: '680.21', says: 'pumps of pools' },
    { code: '680.26', says: 'equipotential bonding' },
  ],
  remedies: ['pool-protected', 'pool-bonded'],
  messages: {
    unprotected: {
      short: '{place}: pool or tub without ground-fault protection',
      seen: '{place} feeds a pool, spa or tub and has no ground-fault protection, at the breaker or upstream.',
      why: 'People stand in this water. A fault in pump, heater or light can put a voltage across them that an ordinary breaker does not see.',
      ask: 'Nobody bathes until ground-fault protection is fitted and the bonding is looked at.',
    },
    unbonded: {
      short: '{place}: pool or tub not bonded',
      seen: 'The metal, water and pump of the pool or tub on {place} are not joined.',
      why: 'A small voltage between the water and the rail is enough to stop a swimmer’s muscles.',
      ask: 'Nobody bathes until the parts are joined as the code asks and measured.',
    },
  },
  asks: 'load',
  places: ({ places }) =>
    places.circuits.filter(({ circuit }) =>
      circuit.loads.some(({ kind }) => kind?.value === 'pool'),
    ),
  check({ circuit, terminals, ref }, { site: { reader } }) {
    const load = circuit.loads.find(({ kind }) => kind?.value === 'pool')!;
    const bonding = reader.fact(load.id, 'poolBonding');
    const device = terminals[0]?.device;
    const own = device && reader.fact(device.id, 'protection');
    const upstream = reader.fact(circuit.id, 'upstreamProtection');
    const gives = (value: string | undefined) => value === 'ground-fault' || value === 'both';
    const protectedBy = gives(own?.value) ? own : gives(upstream?.value) ? upstream : undefined;
    if (!protectedBy && own && upstream)
      return found('unprotected', {}, [load.kind, own, upstream, bonding]);
    if (bonding?.value === 'none') return found('unbonded', {}, [load.kind, bonding, protectedBy]);
    if (!protectedBy)
      return own
        ? notSeen(
            want(
              circuit.id,
              'upstreamProtection',
              'look for a protective device upstream and test it',
            ),
          )
        : notSeen(want(device?.id ?? ref, 'protection', 'read its protection'));
    if (bonding?.value !== 'seen')
      return likelyNotSeen(
        [load.kind, protectedBy, bonding],
        want(load.id, 'poolBonding', 'have the bonding of pool or tub shown or measured'),
      );
    return clear('protected, bonding seen', load.kind, protectedBy, bonding);
  },
});
