export { BuilderScreen as default } from '@/client/cadences';
