export { RotaScreen as default } from '@/client/cadences/rota-screen';
