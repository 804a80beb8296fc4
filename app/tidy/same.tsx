import { lazy } from 'react';

export default lazy(async () => ({
  default: (await import('@/client/same/same-screen')).SameScreen,
}));
