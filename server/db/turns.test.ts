import { openPglite } from './pglite';

test('whoever asks one thing after the other lets timers and requests through meanwhile', async () => {
  const db = await openPglite(null);
  let heard = 0;
  const timer = setInterval(() => (heard += 1), 1);
  const until = performance.now() + 500;
  let asked = 0;
  while (performance.now() < until) {
    await db.query('select count(*) from generate_series(1, 200)');
    asked += 1;
  }
  clearInterval(timer);
  await db.close();
  expect(asked).toBeGreaterThan(5);
  expect(heard).toBeGreaterThan(5);
});
