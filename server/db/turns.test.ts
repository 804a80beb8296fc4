import { open } from '@/testing/db';

/** Far more statements than fit between two breaths: whoever hears nothing by then never will. */
const ENOUGH = 20_000;

test('whoever asks one thing after the other lets timers and requests through meanwhile', async () => {
  const { db, close } = await open();
  let heard = 0;
  const timer = setInterval(() => (heard += 1), 1);
  for (let asked = 0; asked < ENOUGH && heard < 5; asked += 1)
    await db.query('select count(*) from generate_series(1, 200)');
  clearInterval(timer);
  await close();
  expect(heard).toBe(5);
});
