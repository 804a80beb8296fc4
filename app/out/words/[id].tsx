import { lazy } from 'react';

export default lazy(async () => ({
  default: (await import('@/client/templates/template-screen')).TemplateScreen,
}));
