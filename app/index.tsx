export { DeskScreen as default } from '@/client/desk/desk-screen';
