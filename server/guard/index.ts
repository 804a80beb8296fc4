export { hostsOf, isGuarded, isSecure, LOOPBACK, Tries, type Guard, type Reach } from './guard';
export { PassphraseFile } from './passphrase';
export { LASTS, Sessions, untilMs, type Session } from './sessions';
export { weakness } from './strength';
