/** @jest-environment jsdom */
import { render, screen } from '@testing-library/react';
import { fetchLater, later } from './later';

const Words = ({ words }: { words: string }) => <p>{words}</p>;

test('what comes later is fetched once ahead, and is there at once with what it is given', async () => {
  const load = jest.fn(() => Promise.resolve(Words));
  const Later = later(load);
  expect(load).not.toHaveBeenCalled();
  fetchLater();
  fetchLater();
  expect(load).toHaveBeenCalledTimes(1);
  await load.mock.results[0]!.value;
  // What has come is there at once.
  render(<Later words="here" />);
  expect(screen.getByText('here')).toBeTruthy();
  expect(load).toHaveBeenCalledTimes(1);
});

test('what does not come ahead is asked for again when it is shown', async () => {
  const load = jest.fn(() => Promise.resolve(Words)).mockRejectedValueOnce(new Error('away from the network'));
  const Later = later(load);
  fetchLater();
  render(<Later words="after all" />);
  expect(await screen.findByText('after all')).toBeTruthy();
  expect(load).toHaveBeenCalledTimes(2);
});
