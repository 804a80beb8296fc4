import { TABLES } from '../act';
import { ROUTES } from '../api';
import type { Subject } from '../house';
import { STARTUP } from '../lifecycle';
import { STORY_PARTS } from '../people';
import { handles } from '../tasks';
import { callHandler } from './calls';
import { serviceRoutes } from './routes';
import { sealOldSecrets } from './secrets';
import { serviceStory } from './story';

/** Services that beats call over HTTP. */
export const services: Subject = {
  name: 'services',
  provides: [
    TABLES({ table: 'service', rows: 'owner' }),
    ROUTES(serviceRoutes),
    handles(callHandler),
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
