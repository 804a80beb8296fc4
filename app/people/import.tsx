export { ImportScreen as default } from '@/client/people/import-screen';
