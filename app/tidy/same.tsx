import { lazy } from 'react';

export default lazy(async () => ({
  default: (await import('@/client/tidy/same-screen')).SameScreen,
}));
