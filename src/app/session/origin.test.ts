import { expect, test } from '@jest/globals';
import { originOf } from './origin';

const asked = (headers: Record<string, string>) =>
  new Request('http://127.0.0.1:3000/api/links', { headers });

test.each([
  ['as the asker wrote it', { host: 'panel.example' }, {}, 'http://panel.example'],
  [
    'set up: whatever the asker wrote',
    { host: 'evil.example', 'x-forwarded-proto': 'http' },
    { PUBLIC_ORIGIN: 'https://panel.example', BEHIND_PROXY: '1' },
    'https://panel.example',
  ],
  [
    'a closing stroke does not matter',
    { host: 'x' },
    { PUBLIC_ORIGIN: 'https://panel.example/' },
    'https://panel.example',
  ],
  [
    'a scheme told by nobody’s proxy does not count',
    { host: 'panel.example', 'x-forwarded-proto': 'https' },
    {},
    'http://panel.example',
  ],
  [
    'told by the proxy that is set up it does',
    { host: 'panel.example', 'x-forwarded-proto': 'https' },
    { BEHIND_PROXY: '1' },
    'https://panel.example',
  ],
])('%s', (_, headers, env, origin) => expect(originOf(asked(headers), env)).toBe(origin));

test.each(['panel.example', 'https://panel.example/reports', 'file:///x'])(
  'PUBLIC_ORIGIN %s is refused, with what was expected',
  (PUBLIC_ORIGIN) =>
    expect(() => originOf(asked({}), { PUBLIC_ORIGIN })).toThrow(/expected such as https:/),
);
