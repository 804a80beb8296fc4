export { SheetScreen as default } from '@/client/people/sheet-screen';
