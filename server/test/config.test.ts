import { describe, expect, it } from 'vitest';
import { BadConfig, readConfig } from '../config';

const usual = { demo: false, fresh: false };
const read = (env: Record<string, string>, options = usual) => readConfig(env, options, '/srv/kotabi');

describe('what the environment says', () => {
  it('has a usual value for everything', () => {
    expect(read({})).toMatchObject({
      host: '127.0.0.1',
      port: 4180,
      standInPort: 4190,
      file: '/srv/kotabi/.data/kotabi.db',
      log: 'info',
    });
  });

  it('gives the demo a file of its own, and a quiet log', () => {
    const demo = read({ KOTABI_DB: 'mine.db' }, { demo: true, fresh: false });
    expect(demo).toMatchObject({ file: '/srv/kotabi/.data/demo.db', log: 'warn' });
  });

  it.each([
    [{ KOTABI_PORT: 'x' }, 'KOTABI_PORT must be a whole number from 0 to 65535; it is "x".'],
    [{ KOTABI_PORT: '70000' }, 'KOTABI_PORT must be a whole number from 0 to 65535; it is "70000".'],
    [
      { KOTABI_STAND_IN_PORT: '-1' },
      'KOTABI_STAND_IN_PORT must be a whole number from 0 to 65535; it is "-1".',
    ],
    [
      { KOTABI_LOG: 'loud' },
      'KOTABI_LOG must be one of trace, debug, info, warn, error, silent; it is "loud".',
    ],
    [{ KOTABI_SIGN_IN: 'yes' }, 'KOTABI_SIGN_IN must be auto or on; it is "yes".'],
    [{ KOTABI_BEHIND_PROXY: '1' }, 'KOTABI_BEHIND_PROXY must be no or yes; it is "1".'],
    [{ KOTABI_DB: '' }, 'KOTABI_DB must not be empty; it is "".'],
  ])('names the value that is wrong in one sentence: %j', (env, sentence) => {
    expect(() => read(env as Record<string, string>)).toThrow(new BadConfig(sentence));
  });
});
