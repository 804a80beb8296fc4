import { lazy } from 'react';

export default lazy(async () => ({
  default: (await import('@/client/imports/import-screen')).ImportScreen,
}));
