import { lazy } from 'react';

export default lazy(async () => ({
  default: (await import('@/client/people/import/import-screen')).ImportScreen,
}));
