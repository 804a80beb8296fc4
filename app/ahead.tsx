import { lazy } from 'react';

export default lazy(async () => ({
  default: (await import('@/client/ahead/ahead-screen')).AheadScreen,
}));
