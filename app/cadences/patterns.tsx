import { lazy } from 'react';

export default lazy(async () => ({
  default: (await import('@/client/cadences/patterns-screen')).PatternsScreen,
}));
