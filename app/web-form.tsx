export { IntakeScreen as default } from '@/client/settings/intake-screen';
