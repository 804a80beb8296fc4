import { lazy } from 'react';

export default lazy(async () => ({
  default: (await import('@/client/access/safety-screen')).SafetyScreen,
}));
