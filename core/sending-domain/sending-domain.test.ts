import { dkimRecord, judgeDkim, judgeDmarc, judgeSpf } from '.';

test.each([
  [[], false],
  [['google-site-verification=abc'], false],
  // RFC 7208, appendix A.1: "v=spf1 +mx a:colo.example.com/28 -all".
  [['v=spf1 +mx a:colo.example.com/28 -all'], true],
  [['v=spf1 include:_spf.example.net ~all'], true],
  [['v=spf1 redirect=_spf.example.com'], true],
  [['V=SPF1 mx -all'], true],
  [['v=spf1 mx -all', 'v=spf1 a -all'], false],
  [['v=spf1 mx'], false],
  [['v=spf1 +all'], false],
  [['v=spf1 all'], false],
  [['v=spf10 -all'], false],
])('the SPF records %j are good: %s', (texts, ok) => expect(judgeSpf(texts).ok).toBe(ok));

test.each([
  [[], false],
  [[dkimRecord('MIIBkey')], true],
  // RFC 6376, section 3.6.1: tags may stand in any order, with spaces, and be folded.
  [['k=rsa ; p=MIIB key; v=DKIM1'], true],
  [['v=DKIM1; p='], false],
  [['v=DKIM1; k=rsa; p=other'], false],
])('the DKIM records %j are ours: %s', (texts, ok) =>
  expect(judgeDkim(texts, 'MIIBkey').ok).toBe(ok),
);

test.each([
  [[], false],
  // RFC 7489, appendix B.2.1.
  [['v=DMARC1; p=none; rua=mailto:dmarc-feedback@example.com'], true],
  [['v=DMARC1; p=quarantine; rua=mailto:a@example.com; pct=25'], true],
  [['v=DMARC1; p=nothing'], false],
  [['v=DMARC1'], false],
  [['v=DMARC1; p=none', 'v=DMARC1; p=reject'], false],
])('the DMARC records %j are good: %s', (texts, ok) => expect(judgeDmarc(texts).ok).toBe(ok));
