import { lazy } from 'react';

export default lazy(async () => ({
  default: (await import('@/client/cadences/builder-screen')).BuilderScreen,
}));
