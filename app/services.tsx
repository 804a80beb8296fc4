import { lazy } from 'react';

export default lazy(async () => ({
  default: (await import('@/client/services/services-screen')).ServicesScreen,
}));
