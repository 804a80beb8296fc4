import { TABLES } from '../act';
import { ROUTES } from '../api';
import { ERRANDS } from '../errands';
import type { Subject } from '../house';
import { STAND_INS, STARTUP } from '../lifecycle';
import { STORY_PARTS } from '../people';
import { handles } from '../tasks';
import { callHandler, queueCall } from './calls';
import { serviceRoutes } from './routes';
import { sealOldSecrets } from './secrets';
import { standInService } from './stand-in';
import { serviceStory } from './story';

/** Services that beats call over HTTP. */
export const services: Subject = {
  name: 'services',
  provides: [
    TABLES({ table: 'service', rows: 'owner' }),
    ROUTES(serviceRoutes),
    STAND_INS(standInService),
    handles(callHandler),
    ERRANDS({
      to: 'service',
      async run(ctx, tx, { personId, key, errand, cadence, on, words }) {
        if (errand.to !== 'service') return;
        const said = await words();
        if (!said) return;
        const about = { personId, cadence, words: said.text, on };
        await queueCall(ctx, tx, key, errand.serviceId, about, said.fault);
      },
    }),
    STORY_PARTS(serviceStory),
    STARTUP({
      name: 'seal old secrets',
      run: async (ctx) => {
        await sealOldSecrets(ctx);
        return null;
      },
    }),
  ],
};
