import { lazy } from 'react';

export default lazy(async () => ({
  default: (await import('@/client/planner/ahead-screen')).AheadScreen,
}));
