export { BuilderScreen as default } from '@/client/cadences/builder-screen';
