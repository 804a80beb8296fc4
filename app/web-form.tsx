import { lazy } from 'react';

export default lazy(async () => ({
  default: (await import('@/client/intake/intake-screen')).IntakeScreen,
}));
