import { readFile } from 'node:fs/promises';

import { SUBJECTS } from '@/server/subjects';
import { messagesSuite } from '@/testing/messages';

import { parcelChannel, parcels } from './parcels';
import { gifts } from './subject';

/** As {@link messagesSuite}, in a house that also sends gifts by parcel. */
export function parcelSuite() {
  const suite = messagesSuite({ subjects: [...SUBJECTS, gifts] });
  beforeEach(async () => {
    parcels.reset();
    await suite.ctx().db.script(await readFile('testing/gifts/gift.sql', 'utf8'));
  });
  afterEach(async () => {
    parcelChannel.afterCrash = 'send again';
    await suite.ctx().db.script('drop table gift');
  });
  return suite;
}
