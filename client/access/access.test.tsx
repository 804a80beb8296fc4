import {
  endDevice,
  listDevices,
  readAccess,
  setPassphrase,
  signIn,
  signOut,
} from '@/contract/access';
import { CallFault, noteSignedOut } from '@/client/api';
import { act } from '@testing-library/react';
import { backUpNow, readUpkeep, type Backup } from '@/contract/upkeep';
import * as sample from '@/testing/samples';
import { fakeServer, press, refusal, screen, show, type, waitFor } from '@/testing/screen';

import { Door } from './door';
import { SafetyScreen } from './safety-screen';

const SINCE = { since: '2026-11-23T09:00:00Z', seen: '2026-11-23T17:00:00Z' };
const DEVICES = [
  {
    id: sample.id(1),
    name: 'Firefox on Linux',
    ...SINCE,
    until: '2026-11-23T18:00:00Z',
    here: true,
  },
  {
    id: sample.id(2),
    name: 'Chrome on Android',
    ...SINCE,
    until: '2026-12-23T18:00:00Z',
    here: false,
  },
];

const BACKUPS: Backup[] = [
  {
    name: '2026-11-23-daily.tar.gz',
    made: '2026-11-23T08:00:00Z',
    bytes: 5_300_000,
    checked: { on: '2026-11-23T08:00:05Z', people: 240, fault: null },
  },
  {
    name: '2026-11-22-daily.tar.gz',
    made: '2026-11-22T08:00:00Z',
    bytes: 10,
    checked: { on: '2026-11-22T08:00:05Z', people: 0, fault: 'It does not open.' },
  },
];
const UPKEEP = {
  dir: '/srv/penpal/backups' as string | null,
  backups: BACKUPS,
  clock: null as string | null,
};

describe('the door', () => {
  const closing = () => {
    const server = fakeServer();
    show(
      <Door>
        <input aria-label="A note" defaultValue="" />
      </Door>,
    );
    return server;
  };

  test('closes when nobody is signed in any more, keeps what was typed, and opens again', async () => {
    const server = closing().answer(signIn, { signedIn: true });
    await type('A note', 'half a sentence');
    await act(async () =>
      noteSignedOut(new CallFault('signed_out', 'Sign in with the passphrase first.')),
    );
    await screen.findByText('Type your passphrase to open it on this device.');
    expect(screen.getByLabelText('A note').closest('[aria-hidden=true]')).toBeTruthy();
    await type('Passphrase', 'harbor lantern oatmeal');
    await press('This device is mine: keep it signed in', 'checkbox');
    await press('Sign in');
    await waitFor(() =>
      expect(server.sent(signIn)).toEqual([{ passphrase: 'harbor lantern oatmeal', stay: true }]),
    );
    await waitFor(() => expect(screen.queryByText(/Type your passphrase/)).toBeNull());
    expect(screen.getByDisplayValue('half a sentence')).toBeTruthy();
  });

  test('says at the field what is wrong', async () => {
    closing().reply(signIn, refusal('That is not the passphrase.', { field: 'passphrase' }));
    await act(async () => noteSignedOut(new CallFault('signed_out', '')));
    await type('Passphrase', 'not this one');
    await press('Sign in');
    await screen.findByText('That is not the passphrase.');
    const typeOf = () => screen.getByLabelText('Passphrase').getAttribute('type');
    expect(typeOf()).toBe('password');
    await press('Show: Passphrase');
    expect(typeOf()).not.toBe('password');
  });
});

describe('safety', () => {
  const open = async (access: object, devices = DEVICES, upkeep = UPKEEP) => {
    const server = fakeServer()
      .answer(readAccess, { guarded: true, passphrase: true, signedIn: true, ...access })
      .answer(listDevices, { devices })
      .answer(readUpkeep, upkeep);
    show(<SafetyScreen />);
    await screen.findByText('Safety');
    return server;
  };

  test('where only this machine comes in, a passphrase can be set for later', async () => {
    const server = await open({ guarded: false, passphrase: false }, []);
    server.answer(setPassphrase, { ended: 0 });
    expect(screen.queryByLabelText('The passphrase until now')).toBeNull();
    await type('New passphrase', 'too short');
    await press('Set it');
    await screen.findByText('At least 12 characters.');
    await type('New passphrase', 'harbor lantern oatmeal');
    await press('Set it');
    await screen.findByText('The passphrase is set.');
    expect(server.sent(setPassphrase)).toEqual([
      { current: '', passphrase: 'harbor lantern oatmeal' },
    ]);
  });

  test('where others can come in, the old one is wanted, and it says how many devices it signed out', async () => {
    const server = await open({});
    server.answer(setPassphrase, { ended: 1 });
    await type('The passphrase until now', 'harbor lantern oatmeal');
    await type('New passphrase', 'violin gravel umbrella');
    await press('Set it');
    await screen.findByText('The passphrase is set. 1 device signed out.');
  });

  test('each device can be signed out, this one too', async () => {
    const server = await open({});
    server.answer(endDevice, { ended: 1 }).answer(signOut, { signedIn: false });
    await screen.findByText('Firefox on Linux, this one');
    await press('Sign out Chrome on Android');
    await waitFor(() => expect(server.sent(endDevice)).toHaveLength(1));
    await press('Sign out this device');
    await waitFor(() => expect(server.sent(signOut)).toHaveLength(1));
  });

  test('backups say whether they open, one can be made now, and how to come back is told', async () => {
    const server = await open({});
    server.answer(backUpNow, { backup: BACKUPS[0]! });
    await screen.findByText('5 MB, opens, with 240 people');
    await screen.findByText('1 MB, it does not open');
    await screen.findByDisplayValue(
      /npm run restore -- .*2026-11-23-daily.tar.gz --data \/srv\/penpal$/,
    );
    await press('Back up now');
    await screen.findByText('Backed up: opens, with 240 people.');
  });

  test('where a server keeps the data it says so, and a clock that looks wrong is told', async () => {
    const clock = 'The clock of this machine went back.';
    await open({}, [], { dir: null, backups: [], clock });
    await screen.findByText(/Your PostgreSQL server keeps the data/);
    await screen.findByText(clock);
  });
});
