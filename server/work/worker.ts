import { TASKS, type TaskInput, type TaskName } from './tasks';

/** A worker thread's side: does the task it is handed. */
export default function work<K extends TaskName>({ name, input }: { name: K; input: TaskInput<K> }): unknown {
  return (TASKS[name] as (input: unknown) => unknown)(input);
}
