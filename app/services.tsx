export { ServicesScreen as default } from '@/client/services/services-screen';
