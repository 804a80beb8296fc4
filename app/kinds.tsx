export { KindsScreen as default } from '@/client/settings/kinds-screen';
