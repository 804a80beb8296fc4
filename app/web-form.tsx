import { lazy } from 'react';

export default lazy(async () => ({
  default: (await import('@/client/settings/intake-screen')).IntakeScreen,
}));
